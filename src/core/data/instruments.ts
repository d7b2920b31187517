import {
  CURRENT,
  FIELD_STRENGTH,
  HARDNESS,
  MASS,
  PERCENT_FINE,
  TEMPERATURE,
  VOLTAGE,
  type QuantityKind,
} from '../units/kinds';
import { OUR_JUDGEMENT } from '../units/sources';

/** What an instrument tells: in which units, and between what ends it can be true. */
export interface Tells {
  name: string;
  kind: QuantityKind;
  /** In the kind's own unit. */
  low: number;
  high: number;
}

/** A kind of instrument that the app listens to. */
export interface InstrumentKind {
  name: string;
  /** What it is held to. */
  words: string;
  tells: Readonly<Record<string, Tells>>;
  /** How several readings of one thing become one: the middle one where an odd one is usual, else their mean. */
  average: 'median' | 'mean' | 'none';
  /** What is read stands still, so that a reading that creeps is not believed. */
  steady: boolean;
  /** What it reads with nothing to read, in the unit of its first: anything else there is its zero, gone off. Null: it has none. */
  zero: number | null;
  /** Over this, in the unit of its first, what it reads never stands quite still: the same again and again is no reading. Null: it may. */
  movesOver: number | null;
}

const ELEMENT: Tells = { name: 'percent', kind: PERCENT_FINE, low: 0, high: 100 };

export const INSTRUMENTS = {
  ammeter: {
    name: 'Clamp-on ammeter',
    // Either way round the lead: what counts is how much.
    words: 'Round one weld lead; it tells amps, and volts where it has leads for them.',
    tells: {
      current: { name: 'amps', kind: CURRENT, low: -1000, high: 1000 },
      voltage: { name: 'volts', kind: VOLTAGE, low: -141, high: 141 },
    },
    average: 'median',
    steady: false,
    zero: 0,
    movesOver: 12,
  },
  thermometer: {
    name: 'Spot thermometer',
    words: 'On bare, dull metal 25 mm beside the weld.',
    tells: { temperature: { name: 'temperature', kind: TEMPERATURE, low: -60, high: 1500 } },
    average: 'none',
    steady: false,
    zero: null,
    movesOver: 60,
  },
  'field-meter': {
    name: 'Field meter',
    words: 'Its tip at the joint, across the gap, before any arc.',
    tells: { field: { name: 'field', kind: FIELD_STRENGTH, low: -1000, high: 1000 } },
    average: 'mean',
    steady: true,
    zero: null,
    movesOver: 1,
  },
  analyser: {
    name: 'Alloy analyser',
    words: 'On a bright spot, below any plating.',
    tells: { element: ELEMENT },
    average: 'mean',
    steady: true,
    zero: null,
    movesOver: 0,
  },
  'hardness-tester': {
    name: 'Hardness tester',
    words: 'Three or more places on a flat, bright spot; a thin piece is backed up.',
    tells: { hardness: { name: 'hardness', kind: HARDNESS, low: 5, high: 800 } },
    average: 'mean',
    steady: true,
    zero: null,
    movesOver: 0,
  },
  scale: {
    name: 'Scale',
    words: 'The piece alone, dry; then hung by a thread in water.',
    tells: { mass: { name: 'weight', kind: MASS, low: 0, high: 100_000 } },
    average: 'median',
    steady: true,
    zero: null,
    movesOver: null,
  },
} as const satisfies Record<string, InstrumentKind>;
export type InstrumentId = keyof typeof INSTRUMENTS;
export const INSTRUMENT_IDS = Object.keys(INSTRUMENTS) as [InstrumentId, ...InstrumentId[]];
export const instrumentKind = (id: InstrumentId): InstrumentKind => INSTRUMENTS[id];

/** Fields that an instrument fills, by their path in the table of fields: which, and what of what it tells. */
export const FILLED_BY: Readonly<Partial<Record<string, readonly [InstrumentId, string]>>> = {
  'order.residual_G': ['field-meter', 'field'],
  'heat.reading_C': ['thermometer', 'temperature'],
  'evidence.hardness_HB': ['hardness-tester', 'hardness'],
  'evidence.air_g': ['scale', 'mass'],
  'evidence.water_g': ['scale', 'mass'],
};

/** When a reading is believed. */
export const BELIEVED = {
  /** Longest text that a reading may be, characters. */
  longest: 20_000,
  /** Readings nearer together than this are passed over, ms; more than so many a second, and it is asked once a second instead. */
  every_ms: 100,
  most_per_s: 200,
  /** A clock may run ahead of ours by so much, and a reading be so old when it comes, ms. */
  ahead_ms: 5_000,
  late_ms: 10_000,
  /** Older than this nothing is taken into a field, ms. */
  stale_ms: 15_000,
  /** Nothing for so long: it has gone quiet, ms. */
  quiet_ms: 4_000,
  /** Exactly the same so many times in a row: it hangs. */
  stuck: 15,
  /** Scatter over this many times its own error: held badly, or a loose wire. */
  noisy: 4,
  /** Creeping or off its zero by this many times its own error. */
  off: 4,
  /** So few readings show a jump or a zero, and so many a creep. */
  few: 6,
  many: 10,
  /** Kept of late, readings. */
  recent: 20,
  source: OUR_JUDGEMENT,
} as const;

/** When a current is an arc: over so much of what is set, or over so many amps where nothing is, and for how long it is so or not, ms. */
export const ARC_BY_AMPS = {
  share: 0.25,
  least_A: 12,
  on_ms: 300,
  off_ms: 600,
  /** Amps that differ from the dial by less are the dial's. */
  same_A: 4,
  source: OUR_JUDGEMENT,
} as const;
