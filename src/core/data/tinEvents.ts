/** What can happen to a tin of rods. */
export const TIN_EVENTS = {
  sealed: { name: 'Sealed', words: 'Made tight by the maker, or under vacuum by you: no clock runs.' },
  opened: { name: 'Opened', words: 'Seal broken: rods in the air from here on.' },
  oven: { name: 'Into the oven', words: 'In a holding oven at its temperature.' },
  out: { name: 'Out of the oven', words: 'In the air again.' },
  rebaked: { name: 'Re-baked', words: 'Through the whole re-bake, and in the holding oven since.' },
  wet: { name: 'Got wet', words: 'Rain, spray, or a tin that stood in water.' },
} as const;

export type TinEventId = keyof typeof TIN_EVENTS;
export const TIN_EVENT_IDS = Object.keys(TIN_EVENTS) as [TinEventId, ...TinEventId[]];
