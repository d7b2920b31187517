import type { MetalGroup } from './metals';
import { memoryOf } from '../units/sources';

/** Shielding gases, as bottles are marked and as people say. */

export interface GasRow {
  name: string;
  /** ISO 14175. */
  mark: string;
  /** The mark on it, and what people say. */
  called: string;
  /** What it is taken for, by process; absent: not for it. Metals by group. */
  for: Readonly<Partial<Record<'tig' | 'gas-wire', readonly MetalGroup[]>>>;
  /** What goes wrong where it is taken for something else. */
  wrong: string;
}

const STAINLESS_GROUPS: readonly MetalGroup[] = ['austenitic', 'ferritic', 'duplex'];
const STEELS: readonly MetalGroup[] = ['carbon', 'hardenable'];
const INERT: readonly MetalGroup[] = [
  ...STEELS,
  ...STAINLESS_GROUPS,
  'aluminium',
  'copper',
  'nickel',
  'nickel-copper',
  'nickel-chromium',
];
const NOT_STEEL: readonly MetalGroup[] = [
  'aluminium',
  'copper',
  'nickel',
  'nickel-copper',
  'nickel-chromium',
];

/** Gases (ISO 14175). */
export const GASES = {
  argon: {
    name: 'Argon',
    mark: 'I1',
    called: 'I1; argon, pure argon',
    for: { tig: INERT, 'gas-wire': NOT_STEEL },
    wrong: 'a wire on steel wanders and undercuts in it',
  },
  helium: {
    name: 'Argon with helium',
    mark: 'I3',
    called: 'I3; argon-helium, helium mix',
    for: { tig: INERT, 'gas-wire': NOT_STEEL },
    wrong: 'a wire on steel wanders and undercuts in it',
  },
  'mix-20': {
    name: 'Argon with 15 to 25 % CO2',
    mark: 'M21',
    called: 'M21; C25, C20, C15, 75/25, 80/20, argon mix',
    for: { 'gas-wire': STEELS },
    wrong: 'it burns a tungsten and light metal, and chars stainless',
  },
  'mix-10': {
    name: 'Argon with 5 to 15 % CO2',
    mark: 'M20',
    called: 'M20; C10, C8, 90/10, 92/8',
    for: { 'gas-wire': STEELS },
    wrong: 'it burns a tungsten and light metal, and chars stainless',
  },
  'mix-2': {
    name: 'Argon with about 2 % CO2 or oxygen',
    mark: 'M12, M13',
    called: 'M12, M13; C2, 98/2',
    for: { 'gas-wire': STAINLESS_GROUPS },
    wrong: 'it burns a tungsten and light metal; on steel in short-circuit it is cold',
  },
  'tri-mix': {
    name: 'Helium, argon and a little CO2',
    mark: 'M12',
    called: 'M12; tri-mix, 90 % helium',
    for: { 'gas-wire': [...STAINLESS_GROUPS, 'nickel-chromium'] },
    wrong: 'it burns a tungsten and light metal',
  },
  co2: {
    name: 'CO2',
    mark: 'C1',
    called: 'C1',
    for: { 'gas-wire': STEELS },
    wrong: 'it burns a tungsten and light metal, and chars stainless',
  },
  forming: {
    name: 'Nitrogen with a little hydrogen',
    mark: 'N5',
    called: 'N5; purge gas',
    for: {},
    wrong: 'it is for the back of stainless, never round the arc',
  },
} as const satisfies Record<string, GasRow>;
export type GasId = keyof typeof GASES;
export const GAS_IDS = Object.keys(GASES) as [GasId, ...GasId[]];
export const GAS_SOURCE = memoryOf('ISO 14175');

/** A bottle is changed while so much is left in it, bar: the rest is wet, or keeps the air out. Common practice. */
export const BOTTLE_KEEPS_bar = 5;

/** Litres of gas that a kilogram of CO2 gives at 15 °C and 1 bar: 8.314 x 288.15 / (0.04401 x 100000) m3. */
export const CO2_l_kg = 544;

export const TUNGSTEN_KINDS = {
  lanthanated: 'Lanthanum (gold or blue)',
  ceriated: 'Cerium (grey)',
  pure: 'Pure (green)',
  zirconiated: 'Zirconium (white or brown)',
  thoriated: 'Thorium (red)',
  mixed: 'Mixed rare earths (purple)',
} as const;
export type TungstenKindId = keyof typeof TUNGSTEN_KINDS;
export const TUNGSTEN_SIZES = ['1.0', '1.6', '2.4', '3.2', '4.0'] as const;
export type TungstenSizeId = (typeof TUNGSTEN_SIZES)[number];
