import type { FamilyId } from './families';
import { libraryRow } from './library';
import { METALS, type MetalGroup } from './metals';
import { memoryOf, OUR_JUDGEMENT, type Source } from '../units/sources';

/** What heat flow in a plate needs to know of a metal, at the temperatures it has while it is welded. */
export interface HeatProperties {
  conductivity_W_mmK: number;
  heatCapacity_J_mm3K: number;
  /** Share of a black body's radiation. */
  emissivity: number;
  solidus_C: number;
  source: Source;
}

const HOT = memoryOf('Rosenthal 1941 and handbooks, at welding temperatures');
const COLD = memoryOf('metals handbooks, near 20 °C');

/** Conductivity and heat capacity while hot, where they are known. */
const GROUP: Readonly<Partial<Record<MetalGroup, { k: number; rhoC: number }>>> = {
  carbon: { k: 0.041, rhoC: 4.6e-3 },
  hardenable: { k: 0.041, rhoC: 4.6e-3 },
  manganese: { k: 0.02, rhoC: 4.5e-3 },
  austenitic: { k: 0.022, rhoC: 4.4e-3 },
  ferritic: { k: 0.026, rhoC: 4.4e-3 },
  duplex: { k: 0.021, rhoC: 4.4e-3 },
  aluminium: { k: 0.17, rhoC: 2.8e-3 },
};

/** Emissivity of a surface as it stands beside a weld: scaled, bright or dull. Handbooks, from memory. */
const EMISSIVITY: Readonly<Partial<Record<MetalGroup, number>>> = {
  carbon: 0.8,
  hardenable: 0.8,
  manganese: 0.8,
  'cast-iron': 0.8,
  austenitic: 0.2,
  ferritic: 0.3,
  duplex: 0.2,
  aluminium: 0.1,
  copper: 0.3,
};

/** The heat properties of a family. */
export function heatProperties(family: FamilyId): HeatProperties {
  const { group, thermal } = METALS[family];
  const hot = GROUP[group];
  const { low, high } = libraryRow(family).conductivity_W_mK.value;
  const capacity = thermal === null ? 3.8e-3 : (thermal.density_g_cm3 * thermal.heat_J_kgK) / 1e6;
  return {
    conductivity_W_mmK: hot?.k ?? (low + high) / 2 / 1000,
    heatCapacity_J_mm3K: hot?.rhoC ?? capacity,
    emissivity: EMISSIVITY[group] ?? 0.5,
    solidus_C: thermal?.solidus_C ?? 1000,
    source: hot ? HOT : COLD,
  };
}

/** Plain steel: what is counted with while the metal is not known. */
export const STEEL_HEAT: HeatProperties = heatProperties('low-carbon-steel');

/** Heat that leaves a surface: still air, and what each m/s of wind adds, W/m2K. */
export const AIR_LOSS = {
  still_W_m2K: 5.7,
  per_m_s: 3.8,
  source: memoryOf('handbooks, flat plate in moving air'),
} as const;
/** What of a torch's heat gets into the part, and heat in a kilogram of propane. */
export const TORCH = {
  share: { low: 0.2, nominal: 0.27, high: 0.35 },
  propane_MJ_kg: 46,
  source: memoryOf('handbooks, heating with gas torches'),
} as const;
/** A hand torch with a heating head, kW of gas, where nobody says. */
export const USUAL_TORCH = { kW: 15, source: OUR_JUDGEMENT } as const;
