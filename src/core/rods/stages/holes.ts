import { BURN_THROUGH_RATIO } from '../../data/limits';
import { rodClass } from '../../data/rods';
import {
  FITTED_DEPOSIT_mm3_As,
  holesAt_A as meltsThroughAt_A,
  type MeltProperties,
} from '../../heat/burnThrough';
import type { BeadPlan } from '../beads';
import { stickPass } from '../counts';
import { exactly, type Range } from '../../units/range';
import type { Reads } from '../../judge/situation';
import { BACKED } from '../../data/backing';
import type { JointGeometry } from '../../joint/geometry';

declare module '../../judge/situation' {
  interface Situation {
    /** Amps at which the thin side holes. */
    readonly holesAt_A: Range | null;
  }
}

/** Doubt of the fit on metals it was not made on: other conductivities. */
const OTHER_METAL_DOUBT = 0.3;

/**
 * Amps at which the first pass holes the thin side; null while something is missing.
 * @param dial what the dial stands at over what the arc gets: the answer is in the dial's own amps
 */
export function holesRange(
  beads: BeadPlan | null,
  { thin_mm, backing }: Pick<JointGeometry, 'thin_mm' | 'backing'>,
  share: number,
  melt: MeltProperties,
  fitted: boolean,
  dial = 1,
): Range | null {
  const pass = stickPass(beads);
  if (!pass || thin_mm === null) return null;
  // The fit was made with steel rods at one pace; aluminium is run at the pace its rod lays.
  const { coating, deposit_mm3_As } = rodClass(pass.rod.rodClass);
  const range = meltsThroughAt_A(
    pass.rod.current_A,
    pass.area_mm2,
    thin_mm,
    share,
    melt,
    BURN_THROUGH_RATIO,
    coating === 'aluminium' ? deposit_mm3_As : FITTED_DEPOSIT_mm3_As,
  );
  const doubt = fitted ? 0 : OTHER_METAL_DOUBT;
  const held = backing === null ? exactly(1) : BACKED[backing].holes;
  return {
    low: dial * range.low * held.low * (1 - doubt),
    nominal: dial * range.nominal * held.nominal,
    high: dial * range.high * held.high * (1 + doubt),
  };
}

/** Amps at which the thin side holes. */
export const holesAt_A = ({
  beads,
  joint,
  thinShare,
  melt,
  meltFitted,
  bias,
}: Reads<'beads' | 'joint' | 'thinShare' | 'melt' | 'meltFitted' | 'bias'>): Range | null =>
  holesRange(beads, joint, thinShare, melt, meltFitted, bias(null).dial);
