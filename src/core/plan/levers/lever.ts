import type { TestId } from '../../data/testIds';
import type { JobEdit } from '../../formats/paths';
import type { RoomState, RoomUnit } from '../room';
import type { RoomId } from '../rooms';
import type { Situation } from '../situation';

/** Pieces of metal that tests are done on. */
export const METAL_PLACES = ['sideA', 'sideB', 'oldWeld'] as const;
export type MetalPlace = (typeof METAL_PLACES)[number];

/** A change the welder can really make, before anybody knows what it does. */
export interface Change {
  id: string;
  title: string;
  /** What it costs or asks of the welder. */
  cost: string;
  edits: readonly JobEdit[];
}

/** A change that makes sense only where something is so. */
export const when = (isSo: boolean, change: Change): Change[] => (isSo ? [change] : []);

/** Proposes changes for a situation. */
export type ChangeMaker = (situation: Situation) => Change[];

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
  /** A test of the metal: it is opened rather than made. */
  test?: { place: MetalPlace; test: TestId };
}
