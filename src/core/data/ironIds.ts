/** Ways of mending cast iron, by id: what a record may hold. */
export const IRON_WAYS = {
  cold: 'Cold, in place',
  hot: 'Hot, whole',
  braze: 'Brazed',
} as const;
export type IronWay = keyof typeof IRON_WAYS;

/** Sides of a joint that the arc may be held to. */
export const FAVOURS = { A: 'Side A', B: 'Side B' } as const;
export type FavourId = keyof typeof FAVOURS;
