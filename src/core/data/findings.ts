import type { DamageId } from './damage';
import type { SignId } from './diagnosis';
import type { JointKind } from './joints';
import { OUR_JUDGEMENT } from '../units/sources';

/** What a finished weld is found to have, and what becomes of it where it is done over. */
export interface DefectTraits {
  name: string;
  /** What is done about it. */
  over: string;
  /** What it is asked by, where it is asked why. */
  sign: SignId;
  /** The repair that it is planned as, where metal has to come out; null where the weld is only added to. */
  repair: { damage: DamageId; joint: JointKind } | null;
}

export const DEFECTS = {
  crack: {
    name: 'A crack',
    over: 'Out with it to sound metal past both ends, dye the cut, and weld it as a repair of its own. Find out first why it cracked.',
    sign: 'centre-crack',
    repair: { damage: 'cracked-metal', joint: 'gouge' },
  },
  pores: {
    name: 'Pores',
    over: 'Grind out to metal without a hole, and fill it. Look for damp, dirt and wind first.',
    sign: 'pores',
    repair: { damage: 'bad-weld', joint: 'gouge' },
  },
  slag: {
    name: 'Slag, or not fused',
    over: 'Grind out to bright, fused metal, and fill it.',
    sign: 'slag-in',
    repair: { damage: 'bad-weld', joint: 'gouge' },
  },
  hole: {
    name: 'A hole, or a bad root',
    over: 'Cut back to sound metal, feather the edges, something behind it where it can be reached, and close it with less heat.',
    sign: 'holes',
    repair: { damage: 'blown-hole', joint: 'gouge' },
  },
  undercut: {
    name: 'A groove at the toe',
    over: 'Brush it bright and lay one thin bead along the toe, or grind it to a smooth run where the wall is left thick enough.',
    sign: 'undercut',
    repair: null,
  },
  small: {
    name: 'Too small',
    over: 'Brush it bright and lay one more bead over it, over its whole length, not only where it is smallest.',
    sign: 'ropy',
    repair: null,
  },
  shape: {
    name: 'Out of line',
    over: 'Measure it again cold. Straighten it only where the metal takes it; else it comes off and is set anew.',
    sign: 'warped',
    repair: null,
  },
} as const satisfies Record<string, DefectTraits>;
export type DefectId = keyof typeof DEFECTS;
export const DEFECTS_SOURCE = OUR_JUDGEMENT;
