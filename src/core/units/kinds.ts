/** Which of the two unit systems a person works in. It decides what a bare number means and what is shown first. */
export type UnitSystem = 'metric' | 'inch';

export interface Unit {
  /** How it is printed. */
  symbol: string;
  /** Everything a person might type for it, lower case. */
  words: readonly string[];
  /** value in the kind's own unit = typed * factor + offset */
  factor: number;
  offset?: number;
}

/** A physical quantity: the unit the core keeps it in, and every unit it may be typed or shown in. */
export interface QuantityKind {
  name: string;
  units: readonly Unit[];
  /** Index into `units` of what a bare number means, by system. */
  bare: Record<UnitSystem, number>;
  /** Digits after the point when shown, by system. */
  digits: Record<UnitSystem, number>;
  /** How far one press of a stepper goes from a value, in the kind's own unit. */
  step: (value: number, system: UnitSystem) => number;
  /** A value that lies on the grid of steps, in the kind's own unit; 0 where left out. */
  stepFrom?: Record<UnitSystem, number>;
  /** What a good entry looks like, by system: used in every message that refuses one. */
  example: Record<UnitSystem, string>;
}

const MM_PER_INCH = 25.4;
const MM_PER_FOOT = 304.8;
const METRES_PER_SECOND_PER_MPH = 0.44704;
const METRES_PER_SECOND_PER_KNOT = 1852 / 3600;

const millimetre: Unit = {
  symbol: 'mm',
  words: ['mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters'],
  factor: 1,
};
const centimetre: Unit = { symbol: 'cm', words: ['cm'], factor: 10 };
const metre: Unit = {
  symbol: 'm',
  words: ['m', 'metre', 'metres', 'meter', 'meters'],
  factor: 1000,
};
const inch: Unit = { symbol: 'in', words: ['in', 'in.', 'inch', 'inches', '"', "''"], factor: MM_PER_INCH };
const foot: Unit = { symbol: 'ft', words: ['ft', 'ft.', 'foot', 'feet', "'"], factor: MM_PER_FOOT };

/** Sizes step as they are sold and measured: halves of a millimetre or sixteenths while thin, more when long. */
function sizeStep(mm: number, system: UnitSystem): number {
  if (system === 'inch')
    return mm < MM_PER_INCH ? MM_PER_INCH / 16 : mm < MM_PER_FOOT ? MM_PER_INCH / 2 : MM_PER_INCH;
  if (mm < 6) return 0.5;
  return mm < 30 ? 1 : mm < 200 ? 10 : 50;
}

/** Thickness, gap, leg, weld length: kept in millimetres. "mil" is no word for it: it means two things. */
export const SIZE: QuantityKind = {
  name: 'size',
  step: (mm, system) => sizeStep(mm, system),
  units: [millimetre, inch, centimetre, metre, foot],
  bare: { metric: 0, inch: 1 },
  digits: { metric: 1, inch: 3 },
  example: { metric: '3.2 mm, 1/8 in or 16 ga steel', inch: '1/8, 0.125 in or 16 ga steel' },
};

/** Cord and lead lengths: kept in metres. */
export const DISTANCE: QuantityKind = {
  name: 'distance',
  step: (_, system) => (system === 'metric' ? 5 : 10 * (MM_PER_FOOT / 1000)),
  units: [
    { ...metre, factor: 1 },
    { ...foot, factor: MM_PER_FOOT / 1000 },
    { ...millimetre, factor: 0.001, words: ['mm'] },
    { ...centimetre, factor: 0.01 },
    { ...inch, factor: MM_PER_INCH / 1000 },
  ],
  bare: { metric: 0, inch: 1 },
  digits: { metric: 0, inch: 0 },
  example: { metric: '25 m', inch: '75 ft' },
};

const same = <T>(both: T): Record<UnitSystem, T> => ({ metric: both, inch: both });

export const CURRENT: QuantityKind = {
  name: 'current',
  step: () => 5,
  units: [{ symbol: 'A', words: ['a', 'amp', 'amps', 'ampere', 'amperes'], factor: 1 }],
  bare: same(0),
  digits: same(0),
  example: same('90 A'),
};

export const VOLTAGE: QuantityKind = {
  name: 'voltage',
  step: () => 10,
  units: [{ symbol: 'V', words: ['v', 'volt', 'volts'], factor: 1 }],
  bare: same(0),
  digits: same(0),
  example: same('230 V'),
};

/** Volts lost in a joint or a clamp. */
export const VOLTAGE_FINE: QuantityKind = {
  ...VOLTAGE,
  step: () => 0.1,
  digits: same(1),
  example: same('0.5 V'),
};

/** What a generator can move: volts times amps. Not the same as what it can do work with, so the two refuse each other's unit. */
export const APPARENT_POWER: QuantityKind = {
  name: 'power in kVA',
  step: () => 0.5,
  units: [
    { symbol: 'kVA', words: ['kva'], factor: 1 },
    { symbol: 'VA', words: ['va'], factor: 0.001 },
  ],
  bare: same(0),
  digits: same(1),
  example: same('6 kVA'),
};

export const REAL_POWER: QuantityKind = {
  name: 'power in kW',
  step: () => 0.5,
  units: [
    { symbol: 'kW', words: ['kw'], factor: 1 },
    { symbol: 'W', words: ['w', 'watt', 'watts'], factor: 0.001 },
  ],
  bare: same(0),
  digits: same(1),
  example: same('5 kW'),
};

/** A share told as a fraction of one, as a plate tells its power factor. */
export const RATIO: QuantityKind = {
  name: 'power factor',
  step: () => 0.05,
  units: [{ symbol: '', words: [], factor: 1 }],
  bare: same(0),
  digits: same(2),
  example: same('0.7'),
};

export const RESISTANCE: QuantityKind = {
  name: 'resistance',
  step: () => 0.1,
  units: [
    { symbol: 'Ω', words: ['ω', 'Ω', 'ohm', 'ohms'], factor: 1 },
    { symbol: 'mΩ', words: ['mω', 'mΩ', 'mohm', 'milliohm', 'milliohms'], factor: 0.001 },
  ],
  bare: same(0),
  digits: same(3),
  example: same('0.4 ohm'),
};

/** What a battery holds. */
export const ENERGY: QuantityKind = {
  name: 'energy',
  step: () => 100,
  units: [
    { symbol: 'Wh', words: ['wh'], factor: 1 },
    { symbol: 'kWh', words: ['kwh'], factor: 1000 },
  ],
  bare: same(0),
  digits: same(0),
  example: same('1500 Wh'),
};

/** Money, in whatever money the reader pays in. */
export const MONEY: QuantityKind = {
  name: 'price',
  step: () => 0.05,
  units: [{ symbol: '', words: [], factor: 1 }],
  bare: same(0),
  digits: same(2),
  example: same('0.30'),
};

export const PERCENT: QuantityKind = {
  name: 'share',
  step: () => 5,
  units: [{ symbol: '%', words: ['%', 'percent', 'pct', 'per cent'], factor: 1 }],
  bare: same(0),
  digits: same(0),
  example: same('60 %'),
};

/** Small shares: elements of an alloy, conductivity, belief. */
export const PERCENT_FINE: QuantityKind = {
  name: 'percentage',
  step: (pct) => (pct < 1 ? 0.1 : pct < 10 ? 0.5 : 1),
  units: [{ symbol: '%', words: ['%', 'percent', 'pct', '% iacs', 'iacs'], factor: 1 }],
  bare: same(0),
  digits: same(3),
  example: same('1.2 %'),
};

export const MASS: QuantityKind = {
  name: 'weight',
  step: (g) => (g < 10 ? 0.5 : g < 200 ? 5 : 50),
  units: [
    { symbol: 'g', words: ['g', 'gram', 'grams'], factor: 1 },
    { symbol: 'kg', words: ['kg', 'kilo', 'kilos'], factor: 1000 },
    { symbol: 'oz', words: ['oz', 'ounce', 'ounces'], factor: 28.349523125 },
    { symbol: 'lb', words: ['lb', 'lbs', 'pound', 'pounds'], factor: 453.59237 },
  ],
  bare: { metric: 0, inch: 2 },
  digits: same(3),
  example: { metric: '540 g', inch: '19 oz' },
};

export const HARDNESS: QuantityKind = {
  name: 'hardness',
  step: () => 10,
  units: [{ symbol: 'HB', words: ['hb', 'hbw', 'bhn', 'brinell'], factor: 1 }],
  bare: same(0),
  digits: same(0),
  example: same('180 HB'),
};

/** What being wrong costs, told in rods wasted. */
export const LOSS: QuantityKind = {
  name: 'loss',
  step: (n) => (n < 10 ? 1 : n < 100 ? 5 : 100),
  units: [{ symbol: 'rods', words: ['rods', 'rod'], factor: 1 }],
  bare: same(0),
  digits: same(1),
  example: same('5 rods'),
};

export const ANGLE: QuantityKind = {
  name: 'angle',
  step: () => 5,
  units: [{ symbol: '°', words: ['°', 'deg', 'degree', 'degrees'], factor: 1 }],
  bare: same(0),
  digits: same(0),
  example: same('60°'),
};

export const COUNT: QuantityKind = {
  name: 'number',
  step: () => 1,
  units: [{ symbol: '', words: ['rods', 'rod', 'pcs', 'pieces'], factor: 1 }],
  bare: same(0),
  digits: same(0),
  example: same('12'),
};

export const DURATION: QuantityKind = {
  name: 'time',
  step: (s) => (s < 120 ? 10 : s < 600 ? 60 : 900),
  units: [
    { symbol: 's', words: ['s', 'sec', 'secs', 'second', 'seconds'], factor: 1 },
    { symbol: 'min', words: ['min', 'mins', 'minute', 'minutes'], factor: 60 },
    { symbol: 'h', words: ['h', 'hr', 'hrs', 'hour', 'hours'], factor: 3600 },
  ],
  bare: same(1),
  digits: same(1),
  example: same('2 min or 3 h'),
};

export const TEMPERATURE: QuantityKind = {
  name: 'temperature',
  step: (_, system) => (system === 'metric' ? 5 : 50 / 9),
  // Ten Fahrenheit degrees counted from 0 °F, not from freezing.
  stepFrom: { metric: 0, inch: -160 / 9 },
  units: [
    { symbol: '°C', words: ['c', '°c', 'deg c', 'celsius', 'degc'], factor: 1 },
    { symbol: '°F', words: ['f', '°f', 'deg f', 'fahrenheit', 'degf'], factor: 5 / 9, offset: -160 / 9 },
  ],
  bare: { metric: 0, inch: 1 },
  digits: same(0),
  example: { metric: '20 C', inch: '70 F' },
};

/** A magnetic field at the joint: gauss as meters show it. */
export const FIELD_STRENGTH: QuantityKind = {
  name: 'magnetic field',
  step: () => 5,
  units: [
    { symbol: 'G', words: ['g', 'gauss'], factor: 1 },
    { symbol: 'mT', words: ['mt', 'millitesla'], factor: 10 },
    { symbol: 'A/cm', words: ['a/cm'], factor: 1.2566 },
  ],
  bare: same(0),
  digits: same(0),
  example: same('20 G or 2 mT'),
};

/** Wind at the arc. */
export const WIND: QuantityKind = {
  name: 'wind speed',
  step: (_, system) => (system === 'metric' ? 1 : 5 * METRES_PER_SECOND_PER_MPH),
  units: [
    { symbol: 'm/s', words: ['m/s', 'mps'], factor: 1 },
    { symbol: 'mph', words: ['mph'], factor: METRES_PER_SECOND_PER_MPH },
    { symbol: 'km/h', words: ['km/h', 'kmh', 'kph'], factor: 1 / 3.6 },
    { symbol: 'kn', words: ['kn', 'kt', 'kts', 'knot', 'knots'], factor: METRES_PER_SECOND_PER_KNOT },
  ],
  bare: { metric: 0, inch: 1 },
  digits: same(0),
  example: { metric: '5 m/s or 10 knots', inch: '10 mph' },
};
