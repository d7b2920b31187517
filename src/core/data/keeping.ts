import type { Coating } from './rods';
import { memoryOf, OUR_JUDGEMENT, PRACTICE, type Source } from '../units/sources';

/** How rods of a kind are kept dry, and what to do when they were not. */
export interface Keeping {
  /** Longest out of oven or sealed tin in all, h; null where no clock runs. */
  outMost_h: number | null;
  outSource: Source;
  /** What keeps them as made. */
  store: string;
  /** Whether a holding oven does them good, none, or harm. */
  oven: 'wanted' | 'dry-box' | 'never';
  /** How they are baked again, once; null where that is not done. */
  rebake: string | null;
  /** How long that takes, h: the longer end of it; of what only the packet knows, an hour. */
  rebake_h: number;
  source: Source;
}

const D1_1 = memoryOf('AWS D1.1, exposure of low-hydrogen electrodes');
const A5_5 = memoryOf('AWS D1.1 and A5.5, drying');
const STAINLESS = memoryOf('handbooks and packets of stainless electrodes');

/** Rods whose covering may hold some water. */
const dryBox: Keeping = {
  outMost_h: null,
  outSource: PRACTICE,
  store: 'Dry box at about 40 to 50 °C.',
  oven: 'dry-box',
  rebake: 'if damp, 120 to 150 °C for half an hour to an hour',
  rebake_h: 1,
  source: memoryOf('AWS A5.1 annex'),
};

/** Rods that make pores when damp: kept as basic ones are, with a longer day outside. */
const holdingOven = (rebake: string, source: Source): Keeping => ({
  outMost_h: 8,
  outSource: OUR_JUDGEMENT,
  store: 'Sealed, then a holding oven at 110 to 150 °C.',
  oven: 'wanted',
  rebake,
  rebake_h: 1,
  source,
});

export const KEEPING: Readonly<Record<Coating, Keeping>> = {
  cellulosic: {
    ...dryBox,
    store: 'Dry, at about 20 to 50 °C. They need 3 to 7 % moisture.',
    oven: 'never',
    rebake: null,
    rebake_h: 0,
    source: PRACTICE,
  },
  rutile: dryBox,
  'iron-powder': dryBox,
  basic: {
    outMost_h: 4,
    outSource: D1_1,
    store: 'Sealed until used, then a holding oven at 120 °C or more.',
    oven: 'wanted',
    rebake: '260 to 430 °C for 2 hours, the oven at half of that or less when they go in',
    rebake_h: 2,
    source: A5_5,
  },
  stainless: holdingOven('250 to 300 °C for 1 hour', STAINLESS),
  nickel: holdingOven('250 to 300 °C for 1 hour', STAINLESS),
  'cast-iron': holdingOven(
    '200 to 300 °C for 1 hour',
    memoryOf('handbooks and packets of nickel electrodes'),
  ),
  bronze: holdingOven('as the packet says', PRACTICE),
  hardfacing: {
    ...dryBox,
    store: 'Dry, as the packet says.',
    rebake: 'as the packet says',
    rebake_h: 1,
    source: PRACTICE,
  },
  aluminium: {
    ...holdingOven('150 to 200 °C for 1 hour', memoryOf('handbooks: aluminium electrodes drink water')),
    outMost_h: 4,
    store: 'In its sealed pack. Once open: use it, or seal it again under vacuum.',
  },
};

/** Longest out for low-hydrogen rods by strength printed, h, and with the R mark where it is printed. */
export const OUT_BY_STRENGTH_h: readonly { ksi: number; out_h: number; marked_h: number | null }[] = [
  { ksi: 70, out_h: 4, marked_h: 9 },
  { ksi: 80, out_h: 2, marked_h: null },
  { ksi: 90, out_h: 1, marked_h: null },
  { ksi: 100, out_h: 0.5, marked_h: null },
  { ksi: 110, out_h: 0.5, marked_h: null },
  { ksi: 120, out_h: 0.5, marked_h: null },
];
export const EXPOSURE_SOURCE = D1_1;

/** A holding oven makes good what was within the limit after so long, h. */
export const HOLD_BEFORE_REISSUE_h = { value: 4, source: memoryOf('AWS D1.1, at least 4 hours at 120 °C') };
/** Times that rods may be baked again. */
export const REBAKES_ALLOWED = { value: 1, source: memoryOf('AWS D1.1') };

/** Diffusible hydrogen that a kind of covering leaves, ml in 100 g of weld metal. */
export interface HydrogenBand {
  low: number;
  nominal: number;
  high: number;
  source: Source;
}

const BAND = memoryOf('handbook ranges of diffusible hydrogen by covering');

export const HYDROGEN_BY_COATING: Readonly<Record<Coating, HydrogenBand>> = {
  cellulosic: { low: 30, nominal: 40, high: 60, source: BAND },
  rutile: { low: 15, nominal: 22, high: 30, source: BAND },
  'iron-powder': { low: 15, nominal: 22, high: 30, source: BAND },
  basic: { low: 5, nominal: 7, high: 10, source: BAND },
  hardfacing: { low: 10, nominal: 20, high: 30, source: OUR_JUDGEMENT },
  stainless: { low: 0, nominal: 0, high: 0, source: PRACTICE },
  nickel: { low: 0, nominal: 0, high: 0, source: PRACTICE },
  'cast-iron': { low: 0, nominal: 0, high: 0, source: PRACTICE },
  bronze: { low: 0, nominal: 0, high: 0, source: PRACTICE },
  aluminium: { low: 0, nominal: 0, high: 0, source: PRACTICE },
};

/** A basic rod that lay out too long is to be taken for a rutile one. */
export const DAMP_BASIC: HydrogenBand = { low: 10, nominal: 20, high: 30, source: PRACTICE };

/** Weld metals in which hydrogen stays without cracking what is beside them. Common practice. */
export const HOLDS_HYDROGEN: readonly Coating[] = ['stainless', 'nickel', 'cast-iron', 'bronze', 'aluminium'];

/** Most hydrogen that a steel stands in its weld without care beyond its preheat, ml in 100 g. */
export const HYDROGEN_STOOD = {
  /** Plain steel, thick: the prescriptive table counts on low hydrogen from here on. */
  thickPlain: { ml: 16, from_mm: 19, source: memoryOf('AWS D1.1, categories of preheat') },
  hardenable: { ml: 10, source: PRACTICE },
  quenched: { ml: 5, source: memoryOf('plate makers and EN 1011-2') },
} as const;
