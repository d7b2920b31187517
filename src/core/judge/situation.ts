import type { Pole, RodClassId } from '../data/rods';
import type { RodSizeId } from '../data/rodSizes';
import type { Job } from '../formats/job';
import type { Kit } from '../formats/kit';
import type { UnitSystem } from '../units/kinds';

/** A rod, its pole and its amps, taken in place of what the rules begin with; what the welder fixed stays his. */
export interface Preferred {
  rodClass: RodClassId;
  size: RodSizeId;
  /** Null: the rod's usual one. */
  pole: Pole | null;
  /** Place in the rod's range, 0 to 1; null: the usual amps. */
  ampsAt: number | null;
  why: string;
}

/** What a judgement starts from. */
export interface Given {
  /** The job as it was entered. */
  entered: Job;
  kit: Kit;
  /** The units the reader works in: words use it, numbers do not. */
  system: UnitSystem;
  /** What was found to leave every room open, where the first proposal does not; null where the rules answer. */
  preferred: Preferred | null;
  /** What the clock says, ms since 1970; null where nothing may depend on it. */
  now_ms: number | null;
}

/**
 * A job with every blank filled by a proposal or left null, and everything worked out that the rooms need: each when it is asked for.
 * What a stage makes stands beside the stage, which adds it here by its type.
 */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type -- each stage adds what it makes
export interface Situation extends Readonly<Given> {}

/** What a stage or a room reads of a situation: what it needs, by its type. */
export type Reads<K extends keyof Situation> = Pick<Situation, K>;
