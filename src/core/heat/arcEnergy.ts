import type { ArcProcess } from '../data/processIds';
import { loadVoltage_V } from './loadVoltage';

/** Arc heat that reaches the metal with covered rods (EN 1011-1, from memory). */
export const STICK_EFFICIENCY = 0.8;

/** Heat that a stick arc puts into the metal, W. */
export const arcHeat_W = (current_A: number): number =>
  STICK_EFFICIENCY * loadVoltage_V('stick', current_A) * current_A;

/** Share of its arc that TIG puts into the metal (EN 1011-1, from memory). */
const TIG_EFFICIENCY = 0.6;

/** Share of its arc that a process puts into the metal: wire as covered rods (EN 1011-1, from memory). */
export const arcEfficiency = (process: ArcProcess): number =>
  process === 'tig' ? TIG_EFFICIENCY : STICK_EFFICIENCY;

/** Heat that a TIG arc puts into the metal, W. */
export const tigHeat_W = (current_A: number): number =>
  TIG_EFFICIENCY * loadVoltage_V('tig', current_A) * current_A;

/** Amps at which a stick arc puts so much heat into the metal: the positive root of k (20 + 0.04 I) I. */
export const ampsForHeat_A = (heat_W: number): number =>
  (-20 + Math.sqrt(400 + (0.16 * heat_W) / STICK_EFFICIENCY)) / 0.08;

/** Heat input of a bead, kJ/mm, with the arc's efficiency in it: k U I / v (EN 1011-1, from memory). */
export const heatInput_kJ_mm = (current_A: number, travel_mm_s: number): number =>
  arcHeat_W(current_A) / travel_mm_s / 1000;

/** A TIG bead's heat input, kJ/mm, with the arc's efficiency in it. */
export const tigInput_kJ_mm = (current_A: number, travel_mm_s: number): number =>
  tigHeat_W(current_A) / travel_mm_s / 1000;

/** The same bead as arc energy in kJ/in, 60 U I / (1000 v), without efficiency: the figure US procedures print. */
export const arcEnergy_kJ_in = (
  current_A: number,
  travel_mm_s: number,
  process: 'stick' | 'tig' = 'stick',
): number => (loadVoltage_V(process, current_A) * current_A * 25.4) / travel_mm_s / 1000;
