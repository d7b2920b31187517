import { jointTraits } from '../../data/joints';
import type { Reads } from '../../judge/situation';
import type { ByOther } from '../../rods/beads';
import { inWords, trimmed } from '../../units/format';
import type { ArcBy } from '../settings/arcBy';
import { tigBy } from '../settings/tig';
import { whereOf } from '../settings/where';

/** A root that is laid by another process than the rest. */
export interface RootBy extends ByOther {
  current_A: number;
  /** All that it is set to. */
  set: ArcBy;
}

declare module '../../judge/situation' {
  interface Situation {
    /** The root by TIG, where the welder asks for it and the joint has one; null otherwise. */
    readonly rootBy: RootBy | null;
  }
}

const SECONDS = 60;

/** Section of a TIG root bead, mm2: a keyhole closed over an open gap. Common practice: 8 to 14. */
export const ROOT_BEAD_mm2 = 11;

/** The root by TIG: its own amps, pace and bead; what is laid on it is the rod's. */
export function rootBy(
  reads: Reads<'job' | 'joint' | 'wants' | 'length_mm' | 'kit' | 'noRod' | 'system'>,
): RootBy | null {
  const { job, joint, noRod, system } = reads;
  if (noRod || job.rod.root.process !== 'tig' || !hasRoot(job.joint)) return null;
  const where = whereOf(reads, 'tig');
  const set = where && tigBy({ ...where, oneSided: true });
  if (!set || joint.area_mm2 === null) return null;
  const [filler] = set.fillers;
  const say = inWords(system);
  return {
    process: 'tig',
    current_A: set.current_A.nominal,
    bead_mm2: Math.min(ROOT_BEAD_mm2, joint.area_mm2),
    pace_mm_s: set.pace_mm_min.nominal / SECONDS,
    words: [
      `TIG${filler === undefined ? '' : `, ${filler} ${say.size(set.filler_mm)}`}`,
      set.pole,
      set.gas_l_min ? `argon ${trimmed(set.gas_l_min.nominal, 0)} l/min` : '',
    ]
      .filter((words) => words !== '')
      .join(', '),
    set,
  };
}

/** A groove that is begun with a root of its own. */
export const hasRoot = ({ kind, back }: Reads<'job'>['job']['joint']): boolean =>
  jointTraits(kind)?.root === 'face' && back !== 'gouged';
