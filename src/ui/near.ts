import type { Room, RoomId } from '@core/plan';

/** Whether one of these limits is near, passed or not known: then what moves it stands open. */
export const isNear = (
  { assessment }: { assessment: { rooms: readonly Room[] } },
  ids: readonly RoomId[],
): boolean =>
  assessment.rooms.some(({ id, state }) => ids.includes(id) && state !== 'roomy' && state !== 'snug');
