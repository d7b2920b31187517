import type { FamilyId } from './families';
import { memoryOf, OUR_JUDGEMENT, PRACTICE } from '../units/sources';

/** Placed figures of the heat stop. */

/** Hardness beside the weld over which hydrogen cracks steel, HV: with much hydrogen about, and with little. */
export const HARD_LIMIT_HV = {
  value: 350,
  lowHydrogen: 400,
  lowTo_ml: 10,
  source: memoryOf('guide limits of handbooks; AWS D1.1, hardness control'),
} as const;
/** Give and take of the hardness formula, HV. */
export const HARDNESS_DOUBT_HV = { value: 30, source: OUR_JUDGEMENT } as const;
/** Cooling time that quenched and tempered plate wants, s from 800 to 500 °C. */
export const QUENCHED_COOLING_s = { low: 5, high: 20, source: memoryOf('plate makers, Q&T plate') } as const;
/** The hottest bead is reckoned begun so far under the ceiling, °C. */
export const HOTTEST_UNDER_C = { value: 10, source: OUR_JUDGEMENT } as const;
/** Hardened plate is let cool between beads to no less than this, and to so much over what is asked, in steps, °C. */
export const HARD_CEILING = { least_C: 75, over_C: 30, step_C: 25, source: PRACTICE } as const;
/**
 * Plate that is delivered nearly as hard as it was quenched: its hardness tells its carbon, HV about 1.05 HB. The doubt is so wide that
 * plates of 400, 500 and 600 HB as mills sell them come out.
 */
export const HARD_AS_QUENCHED = {
  families: ['quenched-tempered-wear-plate'] as readonly FamilyId[],
  from_HB: 360,
  perBrinell: 1.05,
  doubt: 0.2,
  source: memoryOf('hardness of martensite by carbon, published 1981'),
} as const;
/** Thick plate of families that a cold small bead quenches too fast: fewer and bigger ones are laid. */
export const LIKES_BIG_BEADS = {
  families: ['quenched-tempered-wear-plate'] as readonly FamilyId[],
  from_mm: 10,
  source: OUR_JUDGEMENT,
} as const;
/** Heat input of duplex stainless, kJ/mm of arc energy. */
export const DUPLEX_HEAT_kJ_mm = { low: 0.5, high: 2.5, source: memoryOf('EN 1011-3 and practice') } as const;
/** Most metal temperature between beads on ferritic steel where no rule says less, °C. */
export const STEEL_INTERPASS_MAX_C = { value: 250, source: memoryOf('EN 1011-2, ferritic steel') } as const;
/** Planned over what is asked: a plate is never even, nor a thermometer exact. */
export const PREHEAT_MARGIN = { share: 0.1, least_C: 10, source: OUR_JUDGEMENT } as const;
/** Where so much of a job's time is waiting for the metal to cool, the ceiling sets the pace of the whole. */
export const WAITING_IS_TIGHT = { share: 0.2, source: OUR_JUDGEMENT } as const;
/** Waited down to so much under the ceiling, as a share of it. */
export const INTERPASS_MARGIN = { share: 0.12, source: OUR_JUDGEMENT } as const;
/** A wait shorter than this is no wait: the welder looks at the thermometer and goes on, s. */
export const SHORTEST_WAIT_s = { value: 10, source: OUR_JUDGEMENT } as const;
/** A window of warmth narrower than this is hardly held by torch and thermometer, °C. */
export const HAND_WINDOW = { least_C: 30, source: PRACTICE } as const;
/** Hard steel that is held fast is warmed so much more, °C. */
export const HELD_FAST = { more_C: 25, source: PRACTICE } as const;
/** Metal this warm counts as hand-warm and dry, °C. */
export const HAND_WARM_FROM_C = { value: 5, source: OUR_JUDGEMENT } as const;
/** Softest that plain steel gets however slowly it cools, HV: ferrite. */
export const FERRITE_HV = { value: 90, source: memoryOf('handbook hardness of ferrite') } as const;
/** Where the metal is measured between beads, mm from the weld. */
export const INTERPASS_AT_mm = { value: 10, source: memoryOf('EN ISO 13916') } as const;
/** Dry and no colder than the hand, °C: the least that is asked of steel that hardens. */
export const HAND_WARM_C = { value: 20, source: PRACTICE } as const;
/**
 * Austenitic and nickel weld metal takes the hydrogen up and yields: about six tenths of the preheat that dry basic rods would want does,
 * 50 to 150 °C less, and never under hand-warm. It makes the hard edge beside the weld no softer. Its own beads are kept under their
 * ceiling, so more preheat than that leaves room for is not asked. As of a rod of so many millilitres.
 */
export const SOFT_FILLER = { share: 0.6, most_C: 150, beads_C: 200, as_ml: 4, source: PRACTICE } as const;
/** A side of the piece that nobody measured, mm round the joint. */
export const ASSUMED_PIECE = { beyondJoint_mm: 300, width_mm: 400, source: OUR_JUDGEMENT } as const;
/** Longest that anybody holds a torch on, s, before the preheat counts as not to be reached. */
export const TORCH_PATIENCE_s = { value: 2 * 3600, source: OUR_JUDGEMENT } as const;
/** A thermometer may say that metal cools so much faster or slower than reckoned; beyond that the reading is doubted. */
export const READING_SPAN = { low: 0.2, high: 5, source: OUR_JUDGEMENT } as const;
/** Temperature at which hard or aged metal beside the weld loses strength, °C; what is about left of it. */
export const SOFTENS = {
  'al-6xxx': {
    at_C: 250,
    left: { low: 0.45, nominal: 0.55, high: 0.65 },
    source: memoryOf('AWS D1.2 and handbooks, 6061-T6'),
  },
  'al-2xxx-7xxx': {
    at_C: 200,
    left: { low: 0.4, nominal: 0.5, high: 0.65 },
    source: memoryOf('handbooks, 2xxx and 7xxx'),
  },
  'al-1xxx-3xxx': {
    at_C: 280,
    left: { low: 0.4, nominal: 0.6, high: 1 },
    source: memoryOf('handbooks, rolled hard to annealed'),
  },
  'quenched-tempered-wear-plate': {
    at_C: 550,
    left: { low: 0.7, nominal: 0.85, high: 0.95 },
    source: memoryOf('plate makers'),
  },
} as const;
/** A second layer laid over the first tempers what the first hardened; it counts as so many HV less. */
export const TEMPER_BEAD_HV = { low: 30, nominal: 60, high: 100, source: OUR_JUDGEMENT } as const;

/** Put in for what nobody has said yet: air, thickness, hydrogen of a rod not yet chosen, heat of beads not yet laid out. */
export const ASSUMED_HEAT = {
  air_C: 15,
  thick_mm: 10,
  hydrogen_ml: { low: 5, nominal: 10, high: 25 },
  heat_kJ_mm: { low: 0.6, nominal: 1, high: 1.6 },
  source: OUR_JUDGEMENT,
} as const;
/** Give and take of a hand's heat input, as a share. */
export const HAND_HEAT = { share: 0.15, source: OUR_JUDGEMENT } as const;
/** Up to this ceiling the metal is looked after rod by rod, °C. */
export const EACH_ROD_TO_C = { value: 100, source: OUR_JUDGEMENT } as const;
/** Reckoned metal temperature is good to about so much of its rise over the air. */
export const RECKONED_DOUBT = { share: 0.12, source: OUR_JUDGEMENT } as const;
/** A hand gives a bead so many times its heat where it is asked to. */
export const MORE_HEAT = { times: 1.4, source: OUR_JUDGEMENT } as const;
/** A preheat under this is had with any flame, °C. */
export const ANY_FLAME_C = { value: 70, source: OUR_JUDGEMENT } as const;
/** Where steel begins to change beside a weld, °C: the eutectoid temperature of iron and carbon. */
export const STEEL_CHANGES_C = { value: 727, source: memoryOf('iron and carbon diagram') } as const;
/** Plain steel of unknown grade is welded cold up to this, mm. */
export const PLAIN_COLD_TO_mm = {
  value: 19,
  source: memoryOf('AWS D1.1, first row of the preheat table; common practice'),
} as const;
