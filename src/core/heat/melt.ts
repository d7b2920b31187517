import type { FamilyId } from '../data/families';
import { metalFamily } from '../data/metals';
import { STEEL_MELT, type MeltProperties } from './burnThrough';

/** What it takes to melt a joint's easier side, and whether the melt-through fit was made on such metal. */
export interface Melt {
  properties: MeltProperties;
  fitted: boolean;
}

/** The easier melting of the sides; plain steel where the metal is not known. */
export function meltOf(families: readonly FamilyId[]): Melt {
  const rows = families.map((family) => metalFamily(family)).filter((row) => row.thermal !== null);
  const carbonOnly = rows.every((row) => row.group === 'carbon');
  if (rows.length === 0 || carbonOnly) return { properties: STEEL_MELT, fitted: rows.length > 0 };
  const each = rows.map((row) => ({
    heatCapacity_J_mm3K: ((row.thermal?.density_g_cm3 ?? 7.87) * (row.thermal?.heat_J_kgK ?? 486)) / 1e6,
    rise_K: (row.thermal?.solidus_C ?? 1480) - 20,
  }));
  const easiest = each.reduce((a, b) =>
    a.heatCapacity_J_mm3K * a.rise_K <= b.heatCapacity_J_mm3K * b.rise_K ? a : b,
  );
  return { properties: easiest, fitted: false };
}
