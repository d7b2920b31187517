import { judgeStopWork } from './stopWork';
import { plausibleCoatings } from '../metal/coating';
import type { Reads } from '../judge/situation';

/** Why no setting stands anywhere: it is stopped, or its metal hurts or is not known. */
export type Withheld = 'stopped' | 'metal';
/** Answers "may rod, amps, heat and beads be told?": not under a stop, and not on a metal that may hurt or that nobody knows. */
export function whyWithheld({ job, wants }: Reads<'job' | 'wants'>): Withheld | null {
  if (judgeStopWork(job.look.stopWork).stops.length > 0 || wants.verdict === 'never') return 'stopped';
  const { sideA, sideB, sameBothSides } = job.metal;
  const coatings = (sameBothSides ? [sideA] : [sideA, sideB]).map(plausibleCoatings);
  if (coatings.some((some) => some?.length === 1 && some[0] === 'cadmium')) return 'stopped';
  if (coatings.some((some) => some?.includes('cadmium'))) return 'metal';
  return wants.verdict === 'unknown' ? 'metal' : null;
}

/** What is said where a setting would stand. */
export const WITHHELD_WORDS: Readonly<Record<Withheld, string>> = {
  stopped: 'Stopped: no settings. The sheet says why, who decides and what else can be done.',
  metal: 'No settings yet: what the metal is, or what is on it, has to be known first.',
};
