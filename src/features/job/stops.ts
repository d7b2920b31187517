import { router } from 'expo-router';
import type { StopId } from '@core/plan/room';

/** The stops of a job in the order of the work, with their keys. */
export const STOPS: readonly { id: StopId; name: string; key: string }[] = [
  { id: 'look', name: 'Look', key: 'L' },
  { id: 'metal', name: 'Metal', key: 'M' },
  { id: 'joint', name: 'Joint', key: 'J' },
  { id: 'power', name: 'Power', key: 'P' },
  { id: 'rod', name: 'Rod', key: 'R' },
  { id: 'sheet', name: 'Sheet', key: 'S' },
];

/** Goes to a stop of a job. */
export const openStop = (id: string, stop: StopId) =>
  router.replace({ pathname: '/job/[id]/[...at]', params: { id, at: [stop] } });
/** Opens one room of a job: its reasons and levers. */
export const openRoom = (id: string, room: string) =>
  router.push({ pathname: '/job/[id]/[...at]', params: { id, at: ['room', room] } });
