import type { Job } from '../formats/job';
import type { Kit } from '../formats/kit';
import type { UnitSystem } from '../units/kinds';

/** What a judgement starts from. */
export interface Given {
  /** The job as it was entered. */
  entered: Job;
  kit: Kit;
  /** The units the reader works in: words use it, numbers do not. */
  system: UnitSystem;
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
