import { EN_1011_2_B } from '../../units/sources';
import type { SteelNumbers } from '../../heat/samples';
import {
  asks,
  CARBON_END_pct,
  outside,
  OVER_CARBON,
  type MethodAnswer,
  type PreheatConditions,
  type PreheatMethod,
} from './method';

/** Where the formula holds (EN 1011-2 method B, from memory). */
export const CET_HOLDS = {
  cet: { low: 0.2, high: 0.5 },
  thick_mm: { low: 10, high: 90 },
  hydrogen_ml: { low: 1, high: 20 },
  heat_kJ_mm: { low: 0.5, high: 4 },
} as const;
/** Most of each element, %. Lower ends only say which steels were tried. */
const MOST = { Si: 0.8, Mn: 1.9, Cr: 1.5, Cu: 0.7, Mo: 0.75, Ni: 2.5, V: 0.18, B: 0.005 } as const;

interface Put {
  cet: number;
  thick_mm: number;
  hydrogen_ml: number;
  heat_kJ_mm: number;
}

/** Tp = 697 CET + 160 tanh(d/35) + 62 HD^0.35 + (53 CET - 32) Q - 328, °C (EN 1011-2 method B, from memory). */
export const cetPreheat_C = ({ cet, thick_mm, hydrogen_ml, heat_kJ_mm }: Put): number =>
  697 * cet + 160 * Math.tanh(thick_mm / 35) + 62 * hydrogen_ml ** 0.35 + (53 * cet - 32) * heat_kJ_mm - 328;

function judge(steel: SteelNumbers, conditions: PreheatConditions): MethodAnswer {
  const { thick_mm, hydrogen_ml, heat_kJ_mm } = conditions;
  if (steel.carbon > CARBON_END_pct) return outside(OVER_CARBON);
  if (steel.cet < CET_HOLDS.cet.low) return outside('CET under 0.2 %: softer than it was made for.');
  if (steel.cet > CET_HOLDS.cet.high) return outside('CET over 0.5 %: harder than it was made for.');
  if (thick_mm < CET_HOLDS.thick_mm.low) return outside('Thinner than 10 mm.');
  if (thick_mm > CET_HOLDS.thick_mm.high) return outside('Thicker than 90 mm.');
  if (hydrogen_ml < CET_HOLDS.hydrogen_ml.low) return outside('Weld metal that keeps its hydrogen.');
  if (hydrogen_ml > CET_HOLDS.hydrogen_ml.high) return outside('Rod brings over 20 ml of hydrogen.');
  if (heat_kJ_mm < CET_HOLDS.heat_kJ_mm.low) return outside('Bead under 0.5 kJ/mm.');
  if (heat_kJ_mm > CET_HOLDS.heat_kJ_mm.high) return outside('Bead over 4 kJ/mm.');
  if (overAlloyed(steel)) return outside('More alloy than it was made for.');
  return asks(cetPreheat_C({ cet: steel.cet, thick_mm, hydrogen_ml, heat_kJ_mm }));
}

const overAlloyed = ({ percent }: SteelNumbers): boolean =>
  Object.entries(MOST).some(([element, most]) => (percent[element as keyof typeof MOST] ?? 0) > most);

const kept = (value: number, { low, high }: { low: number; high: number }): number =>
  Math.min(high, Math.max(low, value));

/**
 * What the formula says at the nearest edge of where it holds, °C: an answer past that edge is never less. Null where the steel lies
 * on the harmless side of the edge.
 */
export function cetAtItsEdge_C(steel: SteelNumbers, conditions: PreheatConditions): number | null {
  const cet = steel.cet - Math.max(0, steel.carbon - CARBON_END_pct);
  if (cet < CET_HOLDS.cet.low) return null;
  return Math.max(
    0,
    cetPreheat_C({
      cet: Math.min(cet, CET_HOLDS.cet.high),
      // Thinner plate than it was made for asks less, and the formula goes on falling.
      thick_mm: Math.min(conditions.thick_mm, CET_HOLDS.thick_mm.high),
      hydrogen_ml: kept(conditions.hydrogen_ml, CET_HOLDS.hydrogen_ml),
      heat_kJ_mm: kept(conditions.heat_kJ_mm, CET_HOLDS.heat_kJ_mm),
    }),
  );
}

/** Hydrogen, ml in 100 g, at which the formula asks for just this preheat: what the plan can stand. */
export function cetStands_ml(steel: SteelNumbers, conditions: PreheatConditions, preheat_C: number): number {
  const rest = cetPreheat_C({ ...conditions, cet: steel.cet, hydrogen_ml: 0 });
  return Math.max(0, (preheat_C - rest) / 62) ** (1 / 0.35);
}

export const CET_METHOD: PreheatMethod = {
  id: 'cet',
  name: 'CET, method B',
  looksAt: 'Chemistry, thickness, hydrogen and heat input.',
  source: EN_1011_2_B,
  judge,
};
