import { memoryOf, OUR_JUDGEMENT, PRACTICE, type Source } from '../units/sources';
import type { Range } from '../units/range';

/** A limit of the trade with where it comes from. */
export interface Limit {
  range: Range;
  source: Source;
}

/** Wind at the arc that a process stands without losing its shield, m/s. */
export const WIND_LIMIT_m_s = {
  stick: { range: { low: 8, nominal: 10, high: 14 }, source: OUR_JUDGEMENT },
  'gas-wire': { range: { low: 1.5, nominal: 2, high: 2.5 }, source: memoryOf('gas shield practice') },
  'cored-wire': { range: { low: 6, nominal: 8, high: 12 }, source: OUR_JUDGEMENT },
  tig: { range: { low: 1.5, nominal: 2, high: 2.5 }, source: memoryOf('gas shield practice') },
} as const satisfies Record<string, Limit>;

/** Wind to plan for where a place has been named but no speed, m/s. */
export const WIND_ASSUMED_m_s = {
  indoors: { low: 0, nominal: 0.3, high: 1 },
  outdoors: { low: 1, nominal: 5, high: 7.5 },
} as const;

/** Voltage lost in the cord as a share of the supply: aim under five, act over ten percent. */
export const CORD_DROP_AIM = 0.05;
export const CORD_DROP_ACT: Limit = { range: { low: 0.1, nominal: 0.1, high: 0.1 }, source: PRACTICE };

/** Share of melt-through to thickness that still holds; jobs that held reached 2.4, one that holed 3.7. */
export const BURN_THROUGH_RATIO: Range = { low: 2.7, nominal: 3, high: 3.3 };

/** A gap closes over while it is no wider than the rod and the thin edge; a steady hand or a shaky one either side. */
export const GAP_BRIDGE_SHARE: Range = { low: 0.8, nominal: 1, high: 1.2 };
/** An open root is run at about a rod wide and falls away at a rod and a half. */
export const OPEN_ROOT_RODS = 1.5;

/** Rod diameter over thinner side: no thicker than the plate, roughly; 5/64 is run on 1.2 mm and 1/16 on 0.9. Common practice. */
export const ROD_TO_THICKNESS: Range = { low: 1.35, nominal: 1.6, high: 2 };

/** Volts by which a rod's "about so many" may be missed and it still runs: surely, likely, with luck. */
export const OCV_SLACK_V: Range = { low: 15, nominal: 10, high: 5 };

/** Both weld leads together. */
export const LEAD_DROP_V = { nominal: 4, source: PRACTICE };

/** What a generator should be able to give over what the machine pulls. */
export const GENERATOR_MARGIN = {
  'constant-power': { nominal: 1.25, source: PRACTICE },
  'constant-impedance': { nominal: 1.5, source: PRACTICE },
} as const;

/** Seconds a practised hand takes. Common practice. */
export const ROD_CHANGE_s = 25;
/** From the end of one stitch to striking the next, with the rod still in the holder. */
export const STITCH_MOVE_s = { value: 6, source: OUR_JUDGEMENT } as const;
/** Slag off and brushed: the hammer fetched and laid down, and so much for every millimetre of bead. Common practice, as a hand's share of arc tells it. */
export const CHIP_BASE_s = 20;
export const CHIP_s_per_mm = 0.15;
/** Looked over, and into place again with the lead, before the next rod. */
export const SETTLE_s = { value: 30, source: OUR_JUDGEMENT } as const;
/** Rods lost to bent, stuck and chipped ones. */
export const SPOIL_SHARE = 0.1;

/** What a cord wound up on its drum may carry, as a share of laid out: about a third. */
export const DRUM_SHARE = { range: { low: 0.25, nominal: 0.33, high: 0.4 }, source: PRACTICE } as const;

/** Hottest the inside of a machine may get over the 40 °C its plate is made for, K: sets how fast duty falls in more heat. */
export const RISE_OVER_40_K = {
  range: { low: 60, nominal: 80, high: 100 },
  source: OUR_JUDGEMENT,
} as const;
/** Rests are planned so that this share of the duty is left over: a hand is never so even. */
export const DUTY_MARGIN = { share: 0.08, source: OUR_JUDGEMENT } as const;
/** Share of its heat that a machine with clogged filters and fins still gets rid of. */
export const DIRTY_COOLING = {
  range: { low: 0.6, nominal: 0.75, high: 0.9 },
  source: OUR_JUDGEMENT,
} as const;

/** A cord half pulled off its drum: what is left on it still lies in its own heat. */
export const HALF_DRUM_SHARE = {
  range: { low: 0.45, nominal: 0.55, high: 0.7 },
  source: OUR_JUDGEMENT,
} as const;

/** Above this a machine is cooled by thin air: so much of what it may heat is lost with every metre more. */
export const THIN_AIR = {
  from_m: 1000,
  per_m: 0.01 / 100,
  source: memoryOf('IEC 60974-1 holds a plate to 1000 m; IEC 60034-1 takes 1 % of the rise for 100 m'),
} as const;

/** What a generator's engine loses: per metre above 300 m, and per kelvin above 25 °C. */
export const GENERATOR_HEIGHT_LOSS = {
  per_m: 0.035 / 300,
  from_m: 300,
  source: memoryOf('generator practice, 3.5 % for 300 m'),
} as const;
export const GENERATOR_HEAT_LOSS = {
  per_K: 0.02 / 5.5,
  from_C: 25,
  source: memoryOf('generator practice, 2 % for 5.5 K'),
} as const;
/** Striking and hot start pull for a moment so many times what welding pulls. */
export const STRIKE_PEAK = {
  'constant-power': { nominal: 1.3, source: OUR_JUDGEMENT },
  'constant-impedance': { nominal: 2, source: OUR_JUDGEMENT },
} as const;

/** A work clamp on bright metal, tight, ohm: what it loses goes with the current. */
export const GOOD_CLAMP_ohm = {
  range: { low: 0.0005, nominal: 0.001, high: 0.003 },
  source: OUR_JUDGEMENT,
} as const;

/** Share of its volts an inverter may lose before its electronics stop it. */
export const CUTS_OUT = { share: 0.15, source: memoryOf('inverter plates, supply within 15 %') } as const;

/** Share of what is written on a battery that can be welded with before it stops itself. */
export const BATTERY_USABLE = {
  range: { low: 0.75, nominal: 0.85, high: 0.95 },
  source: OUR_JUDGEMENT,
} as const;

/** Hours in a day's work where nobody says. */
export const DAY_s = 8 * 3600;

/** Share of the idle current's volts and amps that is real power: the rest swings to and fro. */
export const IDLE_POWER_FACTOR = {
  range: { low: 0.15, nominal: 0.3, high: 0.5 },
  source: OUR_JUDGEMENT,
} as const;

/** Thick over thin from which the two sides are not welded alike. */
export const UNEQUAL_SIDES = { ratio: 1.5, source: PRACTICE } as const;

/** Steel up to this is welded as sheet: shallow rods, little hot start, its edges melt away. */
export const SHEET = { upTo_mm: 3, source: PRACTICE } as const;
/** True where a thickness is known, and is sheet. */
export const isSheet = (thin_mm: number | null): boolean => thin_mm !== null && thin_mm <= SHEET.upTo_mm;

/** Share of a bead that the next covers: a third to a half; half on pads and with stainless. */
export const BEAD_OVERLAP = { usual: 0.4, half: 0.5, source: PRACTICE } as const;

/** Share of what a rod should lay that a run is planned for: it may be stuck, bent or run a little fat. */
export const COUNTED_ON = { share: 0.9, source: OUR_JUDGEMENT } as const;
/** Give or take of what a rod lays, as a share. */
export const ROD_REACH_DOUBT = { share: 0.08, source: OUR_JUDGEMENT } as const;
/** A tie-in nearer to a corner than this is at the corner. */
export const OFF_CORNER = { mm: 12, source: OUR_JUDGEMENT } as const;
/** How far outside a hand's pace a bead of another size is still laid. */
export const MIXED_SIZE_STRETCH = { share: 1.25, source: OUR_JUDGEMENT } as const;
/** Thickest rod whose pool a hand holds up out of flat. */
export const HELD_UP_ROD = { mm: 3.3, source: PRACTICE } as const;
/** Holder, hand and glove behind a rod, and what is left of one that is bent or broken in half. */
export const HAND_BEHIND_ROD = { mm: 150, bentShare: 0.5, source: OUR_JUDGEMENT } as const;
/** A square butt thicker than this is worth a bevel where the arc does not go through. */
export const BEVEL_FROM = { mm: 3, source: PRACTICE } as const;
/** A plate thicker than this is worth bevelling from both faces, where both are reached. */
export const BOTH_BEVELS_FROM = { mm: 16, source: PRACTICE } as const;

/** How far beyond its printed range a rod is held by a hand, as a share of the end that is passed. */
export const HELD_BEYOND_RANGE = { value: 0.12, source: PRACTICE } as const;
