import type { Range } from '../units/range';
import { memoryOf, OUR_JUDGEMENT, PRACTICE, type Source } from '../units/sources';
import type { BareFillerId } from './bareFillers';
import type { FamilyId } from './families';
import type { MetalGroup } from './metals';
import type { Rows } from '../units/rows';
import type { RodClassId } from './rods';
import type { PositionId } from './words';

/** How wire and TIG are set: amps by thickness, size, volts, feed, gas and pace, as field and shop use them. */

/** Short-circuit surely fuses plate to here, mm. */
const SHORT_FUSES_TO_mm = 5.5;

/** Reels of a process, the thinnest first. */
export interface Wire {
  diameter_mm: number;
  /** Thin sides it is mostly taken for, up to, mm. */
  upTo_mm: number;
  /** Amps it runs steadily at in short-circuit, or as a self-shielded wire. */
  amps: { low_A: number; high_A: number };
  /** From the tip to the work, mm. */
  stickOut_mm: readonly [number, number];
}

const wire = (
  diameter_mm: number,
  upTo_mm: number,
  [low_A, high_A]: readonly [number, number],
  stickOut_mm: readonly [number, number],
): Wire => ({ diameter_mm, upTo_mm, amps: { low_A, high_A }, stickOut_mm });

/** What a wire process is set by. */
export interface WireSettings {
  wires: readonly Wire[];
  /** Amps of a fillet laid flat or horizontal, by thickness of the thin side, mm. */
  fillet_A: Rows;
  /** Of that, in a butt from one side. */
  buttShare: number;
  /** Of that, where the pool must freeze going up or overhead, and where it is outrun going down. */
  position: { up: number; down: number; overhead: number };
  /** Arc volts: base and per ampere; a usual setting lies so far either side. */
  volts: { base_V: number; perAmp_V: number; width_V: number };
  /** Wire feed, mm/s: a I / d2 + b L I2 / d4, L the stick-out in mm (melting by the arc and by its own resistance). */
  melting: { arc_mm3_As: number; ohmic_mm3_A2s: number };
  /** Deposit over wire melted, by mass. */
  recovery: number;
  /** Steel in the section of the wire. */
  filled: number;
  /** Largest bead, mm2. */
  mostBead_mm2: number;
  /** Smallest leg it lays on sheet, mm: base and per mm of the thin side. */
  leg: { base_mm: number; perMm: number };
  /** Shielding gas, l/min. */
  gas_l_min: Range | null;
  /** Share of the time that the arc burns. */
  arcShare: number;
  /** How the gun is led. */
  lead: string;
  source: Source;
}

export const WIRE_SETTINGS: Readonly<Record<'gas-wire' | 'cored-wire', WireSettings>> = {
  'gas-wire': {
    wires: [
      wire(0.6, 1, [25, 95], [6, 10]),
      wire(0.8, 2.5, [40, 140], [8, 12]),
      wire(0.9, 5, [50, 160], [10, 12]),
      wire(1, 5.5, [70, 190], [10, 14]),
      wire(1.2, Infinity, [110, 220], [12, 18]),
    ],
    fillet_A: [
      [0.8, 38],
      [1, 50],
      [1.5, 74],
      [2, 94],
      [3, 124],
      [5, 165],
      [6, 186],
      [10, 210],
    ],
    buttShare: 0.85,
    position: { up: 0.67, down: 0.97, overhead: 0.85 },
    volts: { base_V: 13, perAmp_V: 0.0443, width_V: 0.8 },
    melting: { arc_mm3_As: 0.432, ohmic_mm3_A2s: 7.3e-5 },
    recovery: 0.95,
    filled: 1,
    mostBead_mm2: 20,
    leg: { base_mm: 1.3, perMm: 0.87 },
    gas_l_min: { low: 10, nominal: 12, high: 14 },
    arcShare: 0.45,
    lead: 'Pushed 10 to 15° on sheet and in corners; dragged a little where depth counts.',
    source: memoryOf('wire parameter tables of welding handbooks, short-circuit'),
  },
  'cored-wire': {
    wires: [
      wire(0.8, 1.5, [30, 110], [10, 13]),
      wire(0.9, 4, [45, 145], [10, 15]),
      wire(1.2, Infinity, [95, 200], [15, 19]),
    ],
    fillet_A: [
      [1, 45],
      [1.5, 62],
      [2, 84],
      [3, 112],
      [5, 150],
      [6, 162],
      [10, 180],
    ],
    buttShare: 0.85,
    position: { up: 0.8, down: 0.95, overhead: 0.85 },
    volts: { base_V: 12.6, perAmp_V: 0.0315, width_V: 0.6 },
    melting: { arc_mm3_As: 0.25, ohmic_mm3_A2s: 4e-5 },
    recovery: 0.82,
    filled: 0.87,
    mostBead_mm2: 20,
    leg: { base_mm: 1, perMm: 0.85 },
    gas_l_min: null,
    arcShare: 0.4,
    lead: 'Dragged 10 to 15°: with slag you drag. Chip and brush every run.',
    source: memoryOf('self-shielded wire parameter tables'),
  },
};

/** Ways in which wire with gas is run beside short-circuit: each set by its own table. */
export const WIRE_WAYS = {
  short: { name: 'Short-circuit', ...WIRE_SETTINGS['gas-wire'] },
  spray: {
    name: 'Spray',
    ...WIRE_SETTINGS['gas-wire'],
    wires: [
      wire(0.9, 5.9, [165, 220], [15, 20]),
      wire(1, 8, [190, 250], [15, 20]),
      wire(1.2, Infinity, [230, 330], [18, 22]),
    ],
    fillet_A: [
      [5, 195],
      [6, 215],
      [8, 240],
      [10, 265],
      [20, 295],
    ],
    buttShare: 0.97,
    volts: { base_V: 17.5, perAmp_V: 0.041, width_V: 1.2 },
    recovery: 0.97,
    mostBead_mm2: 35,
    gas_l_min: { low: 14, nominal: 16, high: 18 },
    arcShare: 0.5,
    lead: 'Spray: a steady hiss, no crackle; pushed 10°. Flat and horizontal only: the pool runs out of a wall.',
    source: memoryOf('wire parameter tables of welding handbooks, spray'),
  },
  filled: {
    name: 'Filled wire with gas',
    wires: [wire(1.2, Infinity, [130, 280], [15, 20])],
    fillet_A: [
      [3, 150],
      [5, 175],
      [6, 190],
      [10, 220],
      [20, 240],
    ],
    buttShare: 0.95,
    position: { up: 0.88, down: 0.9, overhead: 0.85 },
    volts: { base_V: 17, perAmp_V: 0.036, width_V: 1 },
    melting: { arc_mm3_As: 0.6, ohmic_mm3_A2s: 9e-5 },
    recovery: 0.86,
    filled: 0.85,
    mostBead_mm2: 35,
    leg: { base_mm: 2, perMm: 0.85 },
    gas_l_min: { low: 15, nominal: 18, high: 20 },
    arcShare: 0.5,
    lead: 'Dragged 10 to 15° flat; upwards with a small weave. Chip and brush every run.',
    source: memoryOf('parameter tables of gas-shielded flux-cored wire, AWS A5.20 T-1'),
  },
  aluminium: {
    name: 'Spray on aluminium',
    wires: [
      wire(0.9, 2.5, [60, 150], [10, 14]),
      wire(1, 4, [90, 190], [12, 16]),
      wire(1.2, Infinity, [120, 280], [14, 19]),
    ],
    fillet_A: [
      [1.5, 80],
      [2, 100],
      [3, 130],
      [5, 180],
      [6, 205],
      [10, 255],
    ],
    buttShare: 0.95,
    position: { up: 0.9, down: 0.95, overhead: 0.9 },
    volts: { base_V: 15.5, perAmp_V: 0.038, width_V: 1.5 },
    melting: { arc_mm3_As: 1.08, ohmic_mm3_A2s: 0 },
    recovery: 0.97,
    filled: 1,
    mostBead_mm2: 40,
    leg: { base_mm: 2, perMm: 0.9 },
    gas_l_min: { low: 14, nominal: 17, high: 20 },
    arcShare: 0.45,
    lead: 'Pushed 10 to 15°, never dragged: dragged it soots. Spool gun or a plain liner; fast, the pool runs away as it warms.',
    source: memoryOf('wire parameter tables of aluminium, handbooks'),
  },
} as const satisfies Record<string, WireSettings & { name: string }>;
export type WireWayId = keyof typeof WIRE_WAYS;

/** Filled wires that need gas, by the solid one they stand for; and those that run in every position. */
export const FILLED_FOR: Readonly<Partial<Record<BareFillerId, readonly BareFillerId[]>>> = {
  'ER70S-6': ['E71T-1', 'E70T-1'],
  ER308LSi: ['E308LT1-1'],
  ER309LSi: ['E309LT1-1'],
  ER316LSi: ['E316LT1-1'],
};
/** Filled wires whose slag is too runny for anything but flat and horizontal. */
export const FLAT_ONLY: readonly BareFillerId[] = ['E70T-1'];
/** Spray is begun from this thickness, mm: thinner it burns through, and short-circuit fuses. */
export const SPRAY_FROM_mm = { value: SHORT_FUSES_TO_mm, source: PRACTICE } as const;
/** Filled wire before solid from here, where both are on hand, mm: surer on plate. */
export const FILLED_FROM_mm = { value: 8, source: PRACTICE } as const;

/** Sheet to here is led downwards by wire; nothing thicker that carries load is. */
export const WIRE_DOWN_mm = { value: 3, source: PRACTICE } as const;

/** Usual amps lie so far either side, by share, on sheet and on plate. */
export const SETTING_WIDTH = { sheet: 0.16, plate: 0.1, plateFrom_mm: 5, source: PRACTICE } as const;

/** Short-circuit: what it still fuses surely where it carries load, and what not, mm of the thinner side. */
export const SHORT_CIRCUIT_mm = { easyTo: SHORT_FUSES_TO_mm, closesFrom: 8, source: PRACTICE } as const;
/** Self-shielded wire for all round to here, mm; by single-pass wire one run on thin sheet only. */
export const SELF_SHIELDED_mm = { easyTo: 8, closesFrom: 12, singlePassTo: 1.25, source: PRACTICE } as const;

/** TIG, by thickness of the thin side in mm: amps of a fillet, pace, and what of it other joints take. */
export interface TigSettings {
  fillet_A: Rows;
  buttShare: number;
  /** mm/min, by thickness. */
  pace: Rows;
  source: Source;
}
const TIG_SOURCE = memoryOf('TIG tables of welding handbooks');
const TIG_STEEL: TigSettings = {
  fillet_A: [
    [0.5, 20],
    [1, 38],
    [2, 74],
    [3, 104],
    [6, 160],
    [10, 200],
  ],
  buttShare: 0.91,
  pace: [
    [1, 120],
    [2, 100],
    [3, 92],
    [6, 90],
  ],
  source: TIG_SOURCE,
};
const TIG_STAINLESS: TigSettings = {
  ...TIG_STEEL,
  fillet_A: [
    [0.5, 17],
    [1, 33],
    [1.5, 48],
    [3, 91],
    [6, 145],
    [10, 185],
  ],
  pace: [
    [1.5, 115],
    [3, 100],
    [6, 90],
  ],
};
const TIG_ALUMINIUM: TigSettings = {
  fillet_A: [
    [1, 42],
    [1.5, 62],
    [3, 122],
    [6, 230],
    [10, 290],
  ],
  buttShare: 0.95,
  pace: [
    [1.5, 180],
    [3, 150],
    [6, 140],
  ],
  source: TIG_SOURCE,
};
/** TIG by metal group; what stands nowhere goes as steel does. */
export const tigSettings = (group: MetalGroup | null): TigSettings =>
  group === 'aluminium'
    ? TIG_ALUMINIUM
    : group === 'austenitic' || group === 'ferritic' || group === 'duplex' || group === 'nickel-chromium'
      ? TIG_STAINLESS
      : TIG_STEEL;

/** Root of an open groove or of a pipe by TIG, steel: the keyhole sets it, hardly the wall, A by wall; and its pace, mm/min. */
export const TIG_ROOT = {
  steel_A: [
    [3, 74],
    [4, 80],
    [6, 96],
    [10, 105],
  ],
  stainlessShare: 0.92,
  pace: { low: 50, nominal: 65, high: 80 },
  /** Tungsten it is led with at least, mm. */
  tungsten_mm: 2.4,
  source: PRACTICE,
} as const satisfies {
  steel_A: Rows;
  stainlessShare: number;
  pace: Range;
  tungsten_mm: number;
  source: Source;
};
/** Of the amps flat, by position. */
export const TIG_POSITION: Readonly<Record<PositionId, number>> = {
  flat: 1,
  horizontal: 1,
  vertical: 0.9,
  overhead: 0.9,
};
/** Largest bead by hand, mm2, on steel and on light metal. */
export const TIG_BEAD_mm2 = { steel: 9, aluminium: 18, source: OUR_JUDGEMENT } as const;
export const TIG_ARC_SHARE = 0.5;
/** Pace lies so far either side, by share. */
export const TIG_PACE_WIDTH = 0.22;

/** Tungstens: what each is mostly taken to, and what each stands, A, on negative and on alternating current (ISO 6848, from memory). */
export const TUNGSTENS = [
  { diameter_mm: 1, usual: { DCEN: 20, AC: 15 }, most: { DCEN: 75, AC: 55 }, gas_l_min: [5, 7] },
  { diameter_mm: 1.6, usual: { DCEN: 80, AC: 50 }, most: { DCEN: 150, AC: 110 }, gas_l_min: [6, 9] },
  { diameter_mm: 2.4, usual: { DCEN: 190, AC: 170 }, most: { DCEN: 240, AC: 200 }, gas_l_min: [8, 10] },
  { diameter_mm: 3.2, usual: { DCEN: 300, AC: 260 }, most: { DCEN: 330, AC: 280 }, gas_l_min: [9, 13] },
  { diameter_mm: 4, usual: { DCEN: 400, AC: 340 }, most: { DCEN: 450, AC: 360 }, gas_l_min: [11, 15] },
] as const;
export const TUNGSTEN_SOURCE = memoryOf('ISO 6848, current by tungsten');
/** Filler rod by thickness, up to, mm. */
export const TIG_FILLER = [
  { upTo_mm: 2, diameter_mm: 1.6 },
  { upTo_mm: 5, diameter_mm: 2.4 },
  { upTo_mm: Infinity, diameter_mm: 3.2 },
] as const;
/** Argon behind a root that burns with air, l/min, sheet and pipe. */
export const PURGE = {
  sheet_l_min: { low: 4, nominal: 5, high: 6 },
  pipe_l_min: { low: 6, nominal: 8, high: 10 },
  /** Volumes of the pipe changed before the arc, and till so many passes are in. */
  volumes: 6,
  passes: 2,
  source: PRACTICE,
} as const;
/** Gas that flows before and after, as a share of what flows under the arc. */
export const GAS_BEFORE_AND_AFTER = 0.25;
/** Gas in a bottle of so many litres of water at 200 bar (ideal gas), litres. */
export const BOTTLES = [
  { water_l: 10, gas_l: 2000 },
  { water_l: 20, gas_l: 4000 },
  { water_l: 50, gas_l: 10000 },
] as const;

/** Metals that the tables here are made for; others have their own, which the app does not know. */
export const TABLED: Readonly<Record<'tig' | 'gas-wire' | 'cored-wire', readonly MetalGroup[]>> = {
  tig: [
    'carbon',
    'hardenable',
    'austenitic',
    'ferritic',
    'duplex',
    'aluminium',
    'nickel',
    'nickel-copper',
    'nickel-chromium',
  ],
  'gas-wire': ['carbon', 'hardenable', 'austenitic', 'ferritic', 'duplex', 'aluminium'],
  // The usual self-shielded wire promises no low hydrogen: nothing that hardens.
  'cored-wire': ['carbon'],
};

/** Bare filler by process, the usual first; empty where there is none of that kind. */
export type BareFiller = Readonly<Record<'tig' | 'gas-wire' | 'cored-wire', readonly BareFillerId[]>>;
const bare = (tig: BareFillerId, wired = tig, cored?: BareFillerId): BareFiller => ({
  tig: [tig],
  'gas-wire': [wired],
  'cored-wire': cored === undefined ? [] : [cored],
});
const STEEL: BareFiller = {
  tig: ['ER70S-2', 'ER70S-6'],
  'gas-wire': ['ER70S-6'],
  'cored-wire': ['E71T-11'],
};
/** For what a covered rod would be (AWS A5.7, A5.9, A5.10, A5.14, A5.15, A5.18, A5.20 and A5.22). */
export const BARE_FILLER: Readonly<Partial<Record<RodClassId, BareFiller>>> = {
  E6010: STEEL,
  E6011: STEEL,
  E6012: STEEL,
  E6013: STEEL,
  E7014: STEEL,
  E7015: STEEL,
  E7016: STEEL,
  E7018: STEEL,
  E7024: STEEL,
  'E307-16': bare('ER307', 'ER307Si'),
  'E308L-16': bare('ER308L', 'ER308LSi', 'E308LT0-3'),
  'E309L-16': bare('ER309L', 'ER309LSi', 'E309LT0-3'),
  'E309LMo-16': bare('ER309LMo'),
  'E310-16': bare('ER310'),
  'E312-16': bare('ER312'),
  'E316L-16': bare('ER316L', 'ER316LSi', 'E316LT0-3'),
  'E347-16': bare('ER347', 'ER347Si'),
  'E2209-16': bare('ER2209'),
  'E410NiMo-16': bare('ER410NiMo'),
  'ENiCrFe-2': bare('ERNiCr-3'),
  'ENiCrFe-3': bare('ERNiCr-3'),
  'ENiCrMo-3': bare('ERNiCrMo-3'),
  'ENi-1': bare('ERNi-1'),
  'ENiCu-7': bare('ERNiCu-7'),
  'ENi-CI': bare('ERNi-CI'),
  'ENiFe-CI': bare('ERNi-CI', 'ERNiFeMn-CI'),
  'ENiFeMn-CI': bare('ERNi-CI', 'ERNiFeMn-CI'),
  'ECuAl-A2': bare('ERCuAl-A2'),
  'ECuSn-A': bare('ERCuSn-A'),
  'ECuSn-C': bare('ERCuSn-A'),
  ECuSi: bare('ERCuSi-A'),
  ECuNi: bare('ERCuNi'),
  E1100: bare('ER1100'),
  E3003: bare('ER4043'),
  E4043: bare('ER4043'),
};
/** Families that no covered rod suits, but a bare filler does. */
export const BARE_ONLY: Readonly<Partial<Record<FamilyId, BareFiller>>> = {
  'al-5xxx': bare('ER5356'),
};
/** Sheet to here takes the single-pass self-shielded wire. */
export const SINGLE_PASS_WIRE: BareFillerId = 'E71T-GS';
export const FILLER_SOURCE = memoryOf('AWS A5.9, A5.10, A5.14, A5.18, A5.20 and A5.22');
