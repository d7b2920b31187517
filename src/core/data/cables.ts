import { ASTM_B258, IACS, memoryOf } from '../units/sources';

/** A copper conductor size, as sold. */
export interface CableSize {
  name: string;
  /** By which sizes it is sold: heavier cord is bought of the same. */
  sold: 'awg' | 'metric';
  area_mm2: number;
  /** Of one conductor at 20 °C, ohm per km, where a standard says it; else from its copper. */
  ohm_km: number | null;
  /** What a flexible cord of two loaded conductors may carry laid straight, A. Null: lead cable, not cord. */
  ampacity_A: number | null;
}

/** Solid diameter of AWG n is 0.127 mm x 92^((36-n)/39) [ASTM B258]; 1/0 is 0, 2/0 is -1. */
export const awgArea_mm2 = (awg: number): number => (Math.PI / 4) * (0.127 * 92 ** ((36 - awg) / 39)) ** 2;

const awg = (name: string, n: number, ampacity_A: number | null): CableSize => ({
  name,
  sold: 'awg',
  area_mm2: awgArea_mm2(n),
  ohm_km: null,
  ampacity_A,
});
/** With the most that a fine-stranded conductor of plain copper may have [IEC 60228, class 5, from memory]. */
const metric = (area_mm2: number, ampacity_A: number | null, ohm_km: number): CableSize => ({
  name: `${area_mm2} mm²`,
  sold: 'metric',
  area_mm2,
  ohm_km,
  ampacity_A,
});

export const CABLE_SOURCE = ASTM_B258;
export const AMPACITY_SOURCE = memoryOf('flexible cord ampacity, NEC 400.5');
/** Copper of a common cord may get so hot, °C; its ampacity is told for this much air. */
const CORD_HOTTEST_C = 60;
const CORD_AIR_C = 30;
export const AMPACITY_AIR_SOURCE = memoryOf('NEC 310.15(B)(1), ambient correction, 60 °C conductors');

/** Share of its ampacity a cord keeps in hotter air: heat goes with current squared, and with what is left up to its hottest. */
export const ampacityShare = (air_C: number | null): number =>
  Math.sqrt(
    Math.max(0, CORD_HOTTEST_C - Math.max(CORD_AIR_C, air_C ?? CORD_AIR_C)) / (CORD_HOTTEST_C - CORD_AIR_C),
  );

export const RESISTIVITY_SOURCE = IACS;

export const CABLES = {
  awg14: awg('14 AWG', 14, 18),
  awg12: awg('12 AWG', 12, 25),
  awg10: awg('10 AWG', 10, 30),
  awg8: awg('8 AWG', 8, 40),
  awg6: awg('6 AWG', 6, 55),
  awg4: awg('4 AWG', 4, 70),
  awg2: awg('2 AWG', 2, 95),
  'awg1/0': awg('1/0 AWG', 0, null),
  'awg2/0': awg('2/0 AWG', -1, null),
  'mm2-1.5': metric(1.5, 16, 13.3),
  'mm2-2.5': metric(2.5, 25, 7.98),
  'mm2-4': metric(4, 32, 4.95),
  'mm2-6': metric(6, 40, 3.3),
  'mm2-10': metric(10, 55, 1.91),
  'mm2-16': metric(16, 73, 1.21),
  'mm2-25': metric(25, 96, 0.78),
  'mm2-35': metric(35, null, 0.554),
  'mm2-50': metric(50, null, 0.386),
} as const satisfies Record<string, CableSize>;

export type CableId = keyof typeof CABLES;
export const CABLE_IDS = Object.keys(CABLES) as [CableId, ...CableId[]];

const RESISTIVITY_ohm_mm2_m = 0.017241;
const ALPHA_per_K = 0.00393;
/** Stranded conductors are longer than their cable: table figures over ASTM solid at the same temperature. */
const LAY_FACTOR = 1.02;

/** Resistance of one stranded conductor, ohm per metre, at a copper temperature in °C. */
export function resistance_ohm_m(size: CableId, copper_C: number): number {
  const { ohm_km, area_mm2 } = CABLES[size];
  const at20_ohm_m = ohm_km === null ? (LAY_FACTOR * RESISTIVITY_ohm_mm2_m) / area_mm2 : ohm_km / 1000;
  return at20_ohm_m * (1 + ALPHA_per_K * (copper_C - 20));
}

/**
 * What a weld lead of rubber may carry all the time in 30 °C of air, A: 225 A at 35 mm², 135 at 16, 285 at 50; for a share of the time, that
 * over the root of the share.
 */
export const leadAmpacity_A = (area_mm2: number): number => 225 * (area_mm2 / 35) ** 0.65;
export const LEAD_AMPACITY_SOURCE = memoryOf('EN 50565-1 and EN 50525-2-81, arc welding cable H01N2-D');
