import type { TestId } from '../../data/testIds';
import type { RoomState, RoomUnit } from '../../judge/room';
import type { RoomId } from '../rooms';
import type { Change } from '../../judge/change';
import type { MetalPlace } from '../../metal/places';

/** What a lever does to one room. */
export interface LeverEffect {
  roomId: RoomId;
  title: string;
  before: RoomState;
  after: RoomState;
  /** Room bought, in the room's own unit, at the middle of the ranges; null for a yes or no. */
  gain: number | null;
  unit: RoomUnit;
  /** Room bought as a share of the limit, at the bad end. */
  gainShare: number;
  /** What is said instead of a number, where the gain is only expected. */
  words?: string;
}

/** A change with what it does, found by judging the job again with that one change made. */
export interface Lever extends Change {
  effects: readonly LeverEffect[];
  /** Rooms it shuts, by title. */
  closes: readonly string[];
  /** Rooms that are shut already and that it shuts further, by title. */
  deepens: readonly string[];
  /** A test of the metal: it is opened rather than made. */
  test?: { place: MetalPlace; test: TestId };
}
