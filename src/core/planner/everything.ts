import { assess } from '../plan/assess';
import type { Ground } from './option';
import { findSureness, type Sureness } from './sure';
import { findWays, type Ways } from './ways';
import { worthKnowing, type Worth } from './worth';

/** All that the planner says of a job, as far as it is found. */
export interface Planned {
  ways: Ways;
  sure: Sureness | null;
  worth: readonly Worth[] | null;
  done: boolean;
}

/** The whole of it, what is quickest first; handed over as it is found. */
export function* planAll({ job, kit, system, now_ms }: Ground): Generator<Planned> {
  const assessment = assess(job, kit, system, now_ms);
  let found: Planned | null = null;
  for (const ways of findWays(assessment)) {
    found = { ways, sure: null, worth: null, done: false };
    yield found;
  }
  if (!found) return;
  const { ways } = found;
  const worth = worthKnowing(assessment);
  yield { ways, sure: null, worth, done: false };
  let sure: Sureness | null = null;
  for (sure of findSureness(assessment)) yield { ways, sure, worth, done: false };
  yield { ways, sure, worth, done: true };
}
