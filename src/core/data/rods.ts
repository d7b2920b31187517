import type { RodSizeId } from './rodSizes';
import {
  AWS_A5_1,
  AWS_A5_11,
  AWS_A5_13,
  AWS_A5_15,
  AWS_A5_3,
  AWS_A5_4,
  AWS_A5_5,
  AWS_A5_6,
  OUR_JUDGEMENT,
  PRACTICE,
  type Source,
} from '../units/sources';

/** Current kind and pole at the rod. */
export type Pole = 'DCEP' | 'DCEN' | 'AC';
export const POLES: readonly [Pole, ...Pole[]] = ['DCEP', 'DCEN', 'AC'];

export type Coating =
  | 'cellulosic'
  | 'rutile'
  | 'iron-powder'
  | 'basic'
  | 'stainless'
  | 'nickel'
  | 'cast-iron'
  | 'aluminium'
  | 'bronze'
  | 'hardfacing';

export interface AmpRange {
  low_A: number;
  high_A: number;
  source: Source;
}

/** One class of covered rod. */
export interface RodClass {
  coating: Coating;
  /** Poles of its classification, the usual one first. */
  poles: readonly Pole[];
  /** 'all' or flat and horizontal fillets only. */
  positions: 'all' | 'flat-horizontal';
  amps: Partial<Record<RodSizeId, AmpRange>>;
  /** Deposit over melted core, by mass. */
  recovery: number;
  /** Deposit while the arc burns, mm3 per second and ampere. */
  deposit_mm3_As: number;
  /** Open-circuit volts it likes to start and hold on; null where any stick machine does. */
  ocv_V: number | null;
  /** Moves, in the trade's words. */
  technique: string;
  arcForce: 'low' | 'middle' | 'high';
  lowHydrogen: boolean;
  /** Shallow and slag-forming enough to be wanted on sheet. */
  suitsSheet: boolean;
  /**
   * Widest bead, in core diameters, that it is moved to: a stringer, and the most of a weave. 2.5 for basic rods is common practice;
   * the others are our judgement beside it.
   */
  bead_cores: { stringer: number; weave: number };
  /** Burns through rust, paint and scale that cannot be got off. */
  toleratesDirt: boolean;
}

const range = (low_A: number, high_A: number, source: Source): AmpRange => ({ low_A, high_A, source });
const a51 = (low_A: number, high_A: number) => range(low_A, high_A, AWS_A5_1);
const stainlessAmps = {
  '5/64': range(30, 55, AWS_A5_4),
  '3/32': range(45, 90, AWS_A5_4),
  '1/8': range(75, 120, AWS_A5_4),
  '5/32': range(100, 160, AWS_A5_4),
  '3/16': range(150, 210, AWS_A5_4),
};
const nickelAmps = {
  '3/32': range(40, 80, AWS_A5_11),
  '1/8': range(70, 110, AWS_A5_11),
  '5/32': range(100, 140, AWS_A5_11),
};
const castIronAmps = {
  '3/32': range(40, 80, AWS_A5_15),
  '1/8': range(70, 110, AWS_A5_15),
  '5/32': range(100, 140, AWS_A5_15),
};
const bronzeAmps = {
  '3/32': range(60, 100, AWS_A5_6),
  '1/8': range(90, 140, AWS_A5_6),
  '5/32': range(120, 180, AWS_A5_6),
};

const fastFreeze = 'Whip: a short step ahead to let the pool freeze, back to fill, a steady tick-tock.';
const drag = 'Drag it, coating just off the metal, 10 to 20° leaned the way you travel.';
const basicDrag =
  'Straight drag with a short arc; weave no wider than 2.5 cores; no whipping. Scrape the glazed tip to restart.';

const cellulosic = {
  coating: 'cellulosic',
  positions: 'all',
  recovery: 0.88,
  technique: fastFreeze,
  arcForce: 'high',
  lowHydrogen: false,
  suitsSheet: false,
  bead_cores: { stringer: 2.5, weave: 3 },
  toleratesDirt: true,
} as const;
const rutile = {
  coating: 'rutile',
  positions: 'all',
  recovery: 0.95,
  ocv_V: 50,
  technique: drag,
  arcForce: 'low',
  lowHydrogen: false,
  suitsSheet: true,
  bead_cores: { stringer: 2.5, weave: 3.5 },
  toleratesDirt: false,
} as const;
const basic = {
  coating: 'basic',
  positions: 'all',
  ocv_V: 70,
  technique: basicDrag,
  arcForce: 'low',
  lowHydrogen: true,
  suitsSheet: false,
  bead_cores: { stringer: 2.3, weave: 2.5 },
  toleratesDirt: false,
} as const;
const stainless = {
  coating: 'stainless',
  poles: ['DCEP', 'AC'],
  positions: 'all',
  amps: stainlessAmps,
  recovery: 1.02,
  deposit_mm3_As: 0.3,
  ocv_V: 55,
  technique: 'Short arc, dragged 10 to 25°, stringers only. Watch the upper toe.',
  arcForce: 'low',
  lowHydrogen: true,
  suitsSheet: false,
  bead_cores: { stringer: 2.2, weave: 2.2 },
  toleratesDirt: false,
} as const;
const nickel = {
  coating: 'nickel',
  poles: ['DCEP'],
  positions: 'all',
  amps: nickelAmps,
  recovery: 1.0,
  deposit_mm3_As: 0.28,
  ocv_V: null,
  technique: 'Short arc, stringers, fill every crater.',
  arcForce: 'low',
  lowHydrogen: true,
  suitsSheet: false,
  bead_cores: { stringer: 2.2, weave: 2.2 },
  toleratesDirt: false,
} as const;
const castIron = {
  coating: 'cast-iron',
  poles: ['DCEP', 'AC'],
  positions: 'all',
  amps: castIronAmps,
  recovery: 1.02,
  deposit_mm3_As: 0.28,
  ocv_V: null,
  technique: 'Beads of 25 mm, low amps, skip about, peen each bead while warm.',
  arcForce: 'low',
  lowHydrogen: true,
  suitsSheet: false,
  bead_cores: { stringer: 2.2, weave: 2.2 },
  toleratesDirt: false,
} as const;
const bronze = {
  coating: 'bronze',
  poles: ['DCEP'],
  positions: 'all',
  amps: bronzeAmps,
  recovery: 1.0,
  deposit_mm3_As: 0.28,
  ocv_V: null,
  technique: 'Short arc, stringers, keep moving.',
  arcForce: 'low',
  lowHydrogen: true,
  suitsSheet: false,
  bead_cores: { stringer: 2.5, weave: 2.5 },
  toleratesDirt: false,
} as const;
const hardfacing = {
  coating: 'hardfacing',
  poles: ['DCEP', 'AC'],
  positions: 'flat-horizontal',
  amps: {
    '1/8': range(80, 140, AWS_A5_13),
    '5/32': range(110, 190, AWS_A5_13),
    '3/16': range(150, 260, AWS_A5_13),
  },
  recovery: 1.2,
  deposit_mm3_As: 0.33,
  ocv_V: 65,
  technique: 'Middle arc, beads side by side over half of the one before, two or three layers at most.',
  arcForce: 'low',
  lowHydrogen: false,
  suitsSheet: false,
  bead_cores: { stringer: 3, weave: 5 },
  toleratesDirt: false,
} as const;

const aluminium = {
  coating: 'aluminium',
  poles: ['DCEP'],
  positions: 'all',
  recovery: 0.95,
  deposit_mm3_As: 0.8,
  ocv_V: 70,
  arcForce: 'high',
  technique: 'Steep rod, 5 to 10° from square, dragged, arc as short as it will go, twice the pace of steel.',
  lowHydrogen: true,
  bead_cores: { stringer: 3, weave: 3 },
  suitsSheet: false,
  toleratesDirt: false,
  amps: {
    '3/32': range(50, 80, AWS_A5_3),
    '1/8': range(80, 120, AWS_A5_3),
    '5/32': range(110, 150, AWS_A5_3),
  },
} as const;

/** Basic rods with an alloy in them: run like E7018, stronger or made for a kind of steel. */
const alloyed = {
  ...basic,
  poles: ['DCEP', 'AC'],
  recovery: 1.15,
  deposit_mm3_As: 0.31,
  amps: {
    '3/32': range(70, 100, AWS_A5_5),
    '1/8': range(115, 165, AWS_A5_5),
    '5/32': range(150, 220, AWS_A5_5),
    '3/16': range(200, 275, AWS_A5_5),
  },
} as const;

/**
 * The rods the app knows. Deposit figures: worked from deposition tables (kg/h at 100 % arc), one value a class.
 * A tin's own printed range always wins over the ranges here.
 */
export const RODS = {
  E6010: {
    ...cellulosic,
    poles: ['DCEP'],
    deposit_mm3_As: 0.31,
    ocv_V: 70,
    amps: { '3/32': a51(40, 80), '1/8': a51(75, 125), '5/32': a51(110, 170), '3/16': a51(140, 215) },
  },
  E6011: {
    ...cellulosic,
    poles: ['DCEP', 'AC'],
    deposit_mm3_As: 0.31,
    ocv_V: 60,
    amps: {
      '1/16': range(20, 45, PRACTICE),
      '5/64': range(30, 60, OUR_JUDGEMENT),
      '3/32': a51(40, 80),
      '1/8': a51(75, 125),
      '5/32': a51(110, 170),
      '3/16': a51(140, 215),
    },
  },
  E6012: {
    ...rutile,
    poles: ['DCEN', 'AC'],
    deposit_mm3_As: 0.28,
    amps: {
      '1/16': a51(20, 40),
      '5/64': a51(25, 60),
      '3/32': a51(35, 85),
      '1/8': a51(80, 140),
      '5/32': a51(110, 190),
      '3/16': a51(140, 240),
    },
  },
  E6013: {
    ...rutile,
    poles: ['DCEP', 'DCEN', 'AC'],
    deposit_mm3_As: 0.3,
    amps: {
      '1/16': a51(20, 40),
      '5/64': a51(25, 60),
      '3/32': a51(45, 90),
      '1/8': a51(80, 130),
      '5/32': a51(105, 180),
      '3/16': a51(150, 230),
    },
  },
  E7014: {
    ...rutile,
    coating: 'iron-powder',
    poles: ['DCEP', 'DCEN', 'AC'],
    recovery: 1.1,
    deposit_mm3_As: 0.31,
    suitsSheet: false,
    amps: { '3/32': a51(80, 125), '1/8': a51(110, 160), '5/32': a51(150, 210), '3/16': a51(200, 275) },
  },
  E7015: {
    ...basic,
    poles: ['DCEP'],
    recovery: 1.0,
    deposit_mm3_As: 0.3,
    amps: { '3/32': a51(65, 110), '1/8': a51(100, 150), '5/32': a51(140, 200), '3/16': a51(180, 255) },
  },
  E7016: {
    ...basic,
    poles: ['DCEP', 'AC'],
    recovery: 1.0,
    deposit_mm3_As: 0.3,
    amps: { '3/32': a51(65, 110), '1/8': a51(100, 150), '5/32': a51(140, 200), '3/16': a51(180, 255) },
  },
  E7018: {
    ...basic,
    poles: ['DCEP', 'AC'],
    recovery: 1.15,
    deposit_mm3_As: 0.31,
    amps: {
      '5/64': range(40, 70, PRACTICE),
      '3/32': a51(70, 100),
      '1/8': a51(115, 165),
      '5/32': a51(150, 220),
      '3/16': a51(200, 275),
    },
  },
  'E8018-C3': alloyed,
  'E8018-W2': alloyed,
  'E8018-B2': alloyed,
  'E9018-B3': alloyed,
  E9018M: { ...alloyed, poles: ['DCEP'] },
  'E10018-D2': alloyed,
  E11018M: { ...alloyed, poles: ['DCEP'] },
  E7024: {
    ...rutile,
    coating: 'iron-powder',
    poles: ['DCEP', 'DCEN', 'AC'],
    positions: 'flat-horizontal',
    recovery: 1.5,
    deposit_mm3_As: 0.46,
    suitsSheet: false,
    amps: { '3/32': a51(100, 145), '1/8': a51(140, 190), '5/32': a51(180, 250), '3/16': a51(230, 305) },
  },
  'E307-16': stainless,
  'E308L-16': stainless,
  'E309L-16': stainless,
  'E309LMo-16': stainless,
  'E310-16': stainless,
  'E312-16': stainless,
  'E316L-16': stainless,
  'E347-16': stainless,
  'E2209-16': stainless,
  'E410NiMo-16': stainless,
  'ENiCrFe-2': nickel,
  'ENiCrFe-3': nickel,
  'ENiCrMo-3': nickel,
  'ENi-1': nickel,
  'ENiCu-7': nickel,
  'ENi-CI': castIron,
  'ENiFe-CI': castIron,
  'ENiFeMn-CI': castIron,
  ESt: castIron,
  'ECuAl-A2': bronze,
  'ECuSn-A': bronze,
  'ECuSn-C': bronze,
  ECuSi: bronze,
  ECuNi: bronze,
  EFe1: hardfacing,
  'EFeMn-A': hardfacing,
  'EFeCr-A1A': hardfacing,
  E1100: aluminium,
  E3003: aluminium,
  E4043: aluminium,
} as const satisfies Record<string, RodClass>;

export type RodClassId = keyof typeof RODS;
export const ROD_CLASS_IDS = Object.keys(RODS) as [RodClassId, ...RodClassId[]];

/** The class's row, typed as the general shape. */
export const rodClass = (id: RodClassId): RodClass => RODS[id];
