import { jointTraits } from '../../data/joints';
import type { Reads } from '../../judge/situation';
import type { ByOther } from '../../rods/hand';
import { inWords, trimmed } from '../../units/format';
import type { ArcBy } from '../settings/arcBy';
import { tigBy } from '../settings/tig';
import { whereOf } from '../settings/where';

/** A root that is laid by another process than the rest. */
export interface RootBy extends ByOther {
  current_A: number;
  /** The pass on it, where that is laid so too: a little hotter, and bigger. */
  hot: (ByOther & { current_A: number }) | null;
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
/** The pass on it: bigger, and hotter, so that it melts out what the root left at its edges. Common practice: a tenth more. */
const HOT_BEAD_mm2 = 14;
const HOT_OVER_ROOT = 1.1;

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
  const words = [
    `TIG${filler === undefined ? '' : `, ${filler} ${say.size(set.filler_mm)}`}`,
    set.pole,
    set.gas_l_min ? `argon ${trimmed(set.gas_l_min.nominal, 0)} l/min` : '',
  ]
    .filter((part) => part !== '')
    .join(', ');
  const left_mm2 = Math.max(0, joint.area_mm2 - ROOT_BEAD_mm2);
  const by = (bead_mm2: number): ByOther => ({
    process: 'tig',
    bead_mm2,
    pace_mm_s: set.pace_mm_min.nominal / SECONDS,
    words,
  });
  return {
    ...by(Math.min(ROOT_BEAD_mm2, joint.area_mm2)),
    current_A: set.current_A.nominal,
    hot:
      job.rod.root.hot && left_mm2 > 0
        ? {
            ...by(Math.min(HOT_BEAD_mm2, left_mm2)),
            current_A: Math.round(HOT_OVER_ROOT * set.current_A.nominal),
          }
        : null,
    set,
  };
}

/** A groove that is begun with a root of its own. */
export const hasRoot = ({ kind, back }: Reads<'job'>['job']['joint']): boolean =>
  jointTraits(kind)?.root === 'face' && back !== 'gouged';
