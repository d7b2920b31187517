import type { ArcBy, OtherArc, SetFor } from './arcBy';
import { tigBy } from './tig';
import { wireBy } from './wire';

/** Answers "what do I set it to?" for a process beside the stick; null while kind, thickness or section are not known. */
export const settingsBy = (process: OtherArc, set: SetFor): ArcBy | null =>
  process === 'tig' ? tigBy(set) : wireBy(process, set);
