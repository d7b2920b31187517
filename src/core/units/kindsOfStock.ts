import type { QuantityKind } from './kinds';

/** What is left of a reel, or of bare rods, or of CO2: kept in kilograms. */
export const STOCK_MASS: QuantityKind = {
  name: 'weight',
  step: (kg, system) => (system === 'inch' ? 0.45359237 / (kg < 1 ? 4 : 1) : kg < 1 ? 0.1 : 0.5),
  units: [
    { symbol: 'kg', words: ['kg', 'kilo', 'kilos'], factor: 1 },
    { symbol: 'g', words: ['g', 'gram', 'grams'], factor: 0.001 },
    { symbol: 'lb', words: ['lb', 'lbs', 'pound', 'pounds'], factor: 0.45359237 },
    { symbol: 'oz', words: ['oz', 'ounce', 'ounces'], factor: 0.028349523125 },
  ],
  bare: { metric: 0, inch: 2 },
  digits: { metric: 2, inch: 1 },
  example: { metric: '2.5 kg', inch: '8 lb' },
};

/** What a gauge on a bottle reads: kept in bar. */
export const PRESSURE: QuantityKind = {
  name: 'pressure',
  step: (_, system) => (system === 'inch' ? 6.894757 : 10),
  units: [
    { symbol: 'bar', words: ['bar', 'bars'], factor: 1 },
    { symbol: 'psi', words: ['psi', 'psig', 'lb/in2'], factor: 0.06894757 },
    { symbol: 'MPa', words: ['mpa'], factor: 10 },
    { symbol: 'kPa', words: ['kpa'], factor: 0.01 },
  ],
  bare: { metric: 0, inch: 1 },
  digits: { metric: 0, inch: 0 },
  example: { metric: '120 bar', inch: '1500 psi' },
};

/** Pressure at which a bottle that is sold by its cubic feet of gas is full: 2200 psi, common practice. */
const FULL_bar = 2200 * 0.06894757;
const LITRES_PER_CUBIC_FOOT = 28.316846592;

/** A bottle: kept as the litres of water it holds, which are a two-hundredth of its gas at 200 bar; sold by cubic feet of gas too. */
export const BOTTLE_SIZE: QuantityKind = {
  name: 'bottle size',
  step: (l, system) =>
    system === 'inch' ? (20 * LITRES_PER_CUBIC_FOOT) / FULL_bar : l < 10 ? 1 : l < 20 ? 5 : 10,
  units: [
    { symbol: 'l', words: ['l', 'litre', 'litres', 'liter', 'liters', 'l water'], factor: 1 },
    {
      symbol: 'cu ft',
      words: ['cu ft', 'cuft', 'cf', 'cubic feet', 'cubic foot', 'ft3'],
      factor: LITRES_PER_CUBIC_FOOT / FULL_bar,
    },
  ],
  bare: { metric: 0, inch: 1 },
  digits: { metric: 0, inch: 0 },
  example: { metric: '20 l', inch: '80 cu ft' },
};
