import type { RoomId } from './rooms';

/** Rooms that stand all the same: whether it may be welded, and what it is. */
export const GATE_ROOMS: readonly RoomId[] = ['go-ahead', 'metal', 'hazard', 'identification', 'coating'];
