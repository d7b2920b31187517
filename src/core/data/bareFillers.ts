import { memoryOf } from '../units/sources';

/** Wire on a reel and bare rods: what is printed on them, and what they are. */

/** How a filler without a covering comes. */
export type FillerForm =
  /** Solid: on a reel for wire with gas, in rods for TIG. */
  | 'solid'
  /** Filled, needs gas as well. */
  | 'gas-cored'
  /** Filled, makes its own gas. */
  | 'self-shielded';

export interface BareFillerRow {
  what: string;
  form: FillerForm;
  /** The word of the ISO standards for about the same, where there is one. */
  iso: string | null;
  /** Solid only: whether it is drawn as a wire, cut as rods, or both. */
  as: readonly ('reel' | 'rods')[];
  /** Mass over volume, kg/mm3. */
  density: number;
}

const STEEL = 7.85e-6;
const STAINLESS = 7.9e-6;
const NICKEL = 8.4e-6;
const COPPER = 8.6e-6;
const LIGHT = 2.7e-6;
const BOTH = ['reel', 'rods'] as const;
const solid = (
  what: string,
  iso: string | null,
  density: number,
  as: BareFillerRow['as'] = BOTH,
): BareFillerRow => ({ what, form: 'solid', iso, as, density });
const cored = (what: string, form: FillerForm, iso: string | null, density = STEEL): BareFillerRow => ({
  what,
  form,
  iso,
  as: ['reel'],
  density,
});

/** Classes of bare filler (AWS A5.7, A5.9, A5.10, A5.14, A5.15, A5.18, A5.20, A5.22, A5.28). */
export const BARE_FILLERS = {
  'ER70S-6': solid('mild steel, cleans a little scale', 'G3Si1', STEEL),
  'ER70S-3': solid('mild steel, for clean plate', 'G2Si1', STEEL),
  'ER70S-2': solid('mild steel, cleans most, TIG roots', 'W2Ti', STEEL, ['rods']),
  'ER80S-D2': solid('stronger steel, with molybdenum', 'G4Mo', STEEL),
  'ER80S-Ni1': solid('steel for cold, 1 % nickel', 'G3Ni1', STEEL),
  'ER80S-B2': solid('creep steel, 1¼ Cr ½ Mo', 'GCrMo1Si', STEEL),
  'ER90S-B3': solid('creep steel, 2¼ Cr 1 Mo', 'GCrMo2Si', STEEL),
  'E71T-1': cored('mild steel, all positions', 'gas-cored', 'T 46 2 P'),
  'E70T-1': cored('mild steel, flat and horizontal', 'gas-cored', 'T 46 0 R'),
  'E71T-8': cored('mild steel, low hydrogen, all positions', 'self-shielded', 'T 42 2 Y N'),
  'E71T-11': cored('mild steel, all positions', 'self-shielded', 'T 42 Z Z N'),
  'E71T-GS': cored('mild steel, one run on thin sheet', 'self-shielded', null),
  ER307: solid('18/8 with manganese, tough, unlike metals', '18 8 Mn', STAINLESS),
  ER307Si: solid('18/8 with manganese, tough, unlike metals', '18 8 Mn', STAINLESS),
  ER308L: solid('304 and the like', '19 9 L', STAINLESS),
  ER308LSi: solid('304 and the like, flows well', '19 9 L Si', STAINLESS),
  ER309L: solid('stainless to steel, buffer', '23 12 L', STAINLESS),
  ER309LSi: solid('stainless to steel, buffer, flows well', '23 12 L Si', STAINLESS),
  ER309LMo: solid('stainless to steel, with molybdenum', '23 12 2 L', STAINLESS),
  ER310: solid('for heat, 25/20', '25 20', STAINLESS),
  ER312: solid('unknown and hard steel, 29/9', '29 9', STAINLESS),
  ER316L: solid('316 and the like', '19 12 3 L', STAINLESS),
  ER316LSi: solid('316 and the like, flows well', '19 12 3 L Si', STAINLESS),
  ER347: solid('321 and 347', '19 9 Nb', STAINLESS),
  ER347Si: solid('321 and 347', '19 9 Nb Si', STAINLESS),
  ER2209: solid('duplex', '22 9 3 N L', STAINLESS),
  ER410NiMo: solid('soft martensitic', '13 4', STAINLESS),
  'E308LT0-3': cored('304 and the like', 'self-shielded', null, STAINLESS),
  'E309LT0-3': cored('stainless to steel', 'self-shielded', null, STAINLESS),
  'E316LT0-3': cored('316 and the like', 'self-shielded', null, STAINLESS),
  'E308LT1-1': cored('304 and the like', 'gas-cored', '19 9 L R', STAINLESS),
  'E309LT1-1': cored('stainless to steel', 'gas-cored', '23 12 L R', STAINLESS),
  'E316LT1-1': cored('316 and the like', 'gas-cored', '19 12 3 L R', STAINLESS),
  ER1100: solid('pure aluminium', 'S Al 1100', LIGHT),
  ER4043: solid('aluminium with 5 % silicon: castings, 6061, 3003', 'S Al 4043', LIGHT),
  ER4047: solid('aluminium with 12 % silicon', 'S Al 4047', LIGHT),
  ER5356: solid('aluminium with 5 % magnesium: 5083, 5052', 'S Al 5356', LIGHT),
  ER5183: solid('aluminium with 5 % magnesium: 5083, stronger', 'S Al 5183', LIGHT),
  'ERNi-1': solid('nickel', 'S Ni 2061', NICKEL),
  'ERNiCr-3': solid('nickel-chromium, unlike metals', 'S Ni 6082', NICKEL),
  'ERNiCrMo-3': solid('nickel-chromium-molybdenum', 'S Ni 6625', NICKEL),
  'ERNiCu-7': solid('nickel-copper', 'S Ni 4060', NICKEL),
  'ERNi-CI': solid('nickel for cast iron', null, NICKEL),
  'ERNiFeMn-CI': solid('nickel-iron for cast iron', null, NICKEL),
  'ERCuSi-A': solid('silicon bronze, brazes steel and zinc-coated sheet', 'S Cu 6560', COPPER),
  'ERCuAl-A2': solid('aluminium bronze', 'S Cu 6180', COPPER),
  'ERCuSn-A': solid('tin bronze', 'S Cu 5180', COPPER),
  ERCuNi: solid('copper-nickel', 'S Cu 7158', COPPER),
} as const satisfies Record<string, BareFillerRow>;
export type BareFillerId = keyof typeof BARE_FILLERS;
export const BARE_FILLER_IDS = Object.keys(BARE_FILLERS) as [BareFillerId, ...BareFillerId[]];
export const BARE_SOURCE = memoryOf(
  'AWS A5.9, A5.10, A5.14, A5.18, A5.20, A5.22 and A5.28; ISO 14341, 636, 17632, 14343, 18273',
);

/** One that does what another does: better flow, or another mark of the same steel. */
export const STANDS_FOR: Readonly<Partial<Record<BareFillerId, readonly BareFillerId[]>>> = {
  'ER70S-6': ['ER70S-3', 'ER70S-2', 'ER80S-D2'],
  'ER70S-2': ['ER70S-6', 'ER70S-3'],
  'E71T-11': ['E71T-8'],
  'E71T-GS': ['E71T-11'],
  ER307: ['ER307Si'],
  ER307Si: ['ER307'],
  ER308L: ['ER308LSi', 'ER347', 'ER316L'],
  ER308LSi: ['ER308L', 'ER347Si', 'ER316LSi'],
  ER309L: ['ER309LSi', 'ER309LMo'],
  ER309LSi: ['ER309L'],
  ER316L: ['ER316LSi'],
  ER316LSi: ['ER316L'],
  ER347: ['ER347Si'],
  ER347Si: ['ER347'],
  ER5356: ['ER5183'],
};

/** Sizes that reels and rods are sold in, mm. */
export const BARE_SIZES = ['0.6', '0.8', '0.9', '1.0', '1.2', '1.6', '2.0', '2.4', '3.2', '4.0'] as const;
export type BareSizeId = (typeof BARE_SIZES)[number];
/** As they are called in inches. */
export const BARE_SIZE_in: Readonly<Record<BareSizeId, string>> = {
  '0.6': '.023',
  '0.8': '.030',
  '0.9': '.035',
  '1.0': '.040',
  '1.2': '.045',
  '1.6': '1/16',
  '2.0': '5/64',
  '2.4': '3/32',
  '3.2': '1/8',
  '4.0': '5/32',
};
