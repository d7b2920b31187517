import type { StopId } from '@core/judge';

/** The stops of a job in the order of the work, with their keys. */
export const STOPS: readonly { id: StopId; name: string; key: string }[] = [
  { id: 'look', name: 'Look', key: 'L' },
  { id: 'metal', name: 'Metal', key: 'M' },
  { id: 'joint', name: 'Joint', key: 'J' },
  { id: 'power', name: 'Power', key: 'P' },
  { id: 'rod', name: 'Rod', key: 'R' },
  { id: 'heat', name: 'Heat', key: 'H' },
  { id: 'order', name: 'Order', key: 'O' },
  { id: 'sheet', name: 'Sheet', key: 'S' },
];
