import { kitted, only, onTin, type Doubts } from './doubt';

/** What is not known of the rods. */

export const rodsLeft: Doubts = ({ rod }) => {
  const tin = rod?.value.tin;
  return only(tin !== null && tin !== undefined && tin.count === null, {
    id: 'rods',
    name: 'how many rods are left',
    stop: 'rod',
    find: 'Count them.',
    find_min: 1,
    supposed: [4, 60].map((count) => kitted(`${count}`, onTin(tin?.id ?? '', { count }))),
  });
};

const HOUR_ms = 3_600_000;
export const dryness: Doubts = ({ rod, at_ms, now_ms }) => {
  const tin = rod?.value.tin;
  const at = at_ms ?? now_ms;
  if (!tin || tin.events.length > 0 || at === null) return [];
  const since = (hours: number) => new Date(at - hours * HOUR_ms).toISOString();
  return [
    {
      id: 'dryness',
      name: 'how long the rods have been in the air',
      stop: 'rod',
      find: 'Ask who opened the tin; write it down at Kit.',
      find_min: 2,
      supposed: [
        kitted('opened an hour ago', onTin(tin.id, { events: [{ at: since(1), kind: 'opened' }] })),
        kitted('open for a day', onTin(tin.id, { events: [{ at: since(24), kind: 'opened' }] })),
      ],
    },
  ];
};
