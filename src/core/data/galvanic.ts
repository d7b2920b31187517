import type { Coating, RodClassId } from './rods';
import type { MetalGroup } from './metals';
import type { FamilyId } from './families';
import type { WetId } from './service';
import { memoryOf, OUR_JUDGEMENT } from '../units/sources';

/** What unlike metals in touch do to one another in the wet. */

/** Potential in moving sea water against a calomel half cell, V: the middle of what tables give. Less is what wastes away. */
export const SEA_POTENTIAL_V = {
  steel: -0.61,
  'cast-iron': -0.61,
  'ni-resist-iron': -0.45,
  'stainless-chromium': -0.25,
  'stainless-nickel': -0.08,
  copper: -0.33,
  bronze: -0.3,
  'copper-nickel': -0.22,
  'nickel-copper': -0.08,
  nickel: -0.15,
  'nickel-chromium': -0.14,
  aluminium: -0.79,
  magnesium: -1.6,
  zinc: -1.0,
  titanium: -0.03,
} as const;
export type SeriesId = keyof typeof SEA_POTENTIAL_V;
export const SEA_SOURCE = memoryOf('galvanic series in sea water, handbook tables');

/** Difference that unlike metals in touch stand, V. */
export const GALVANIC_LIMIT_V: Readonly<Record<Exclude<WetId, 'dry'>, number>> = { weather: 0.25, sea: 0.15 };
export const GALVANIC_LIMIT_SOURCE = memoryOf('military practice for unlike metals in touch');
/** A weld so much less noble than both sides is eaten first: little metal feeds a big current, V. */
export const WELD_EATEN_V = { value: 0.1, source: OUR_JUDGEMENT } as const;

/** Where a group stands in the series; null where it is never welded. */
const BY_GROUP: Readonly<Record<MetalGroup, SeriesId | null>> = {
  carbon: 'steel',
  hardenable: 'steel',
  manganese: 'steel',
  'cast-iron': 'cast-iron',
  austenitic: 'stainless-nickel',
  ferritic: 'stainless-chromium',
  duplex: 'stainless-nickel',
  aluminium: 'aluminium',
  copper: 'bronze',
  nickel: 'nickel',
  'nickel-copper': 'nickel-copper',
  'nickel-chromium': 'nickel-chromium',
  none: null,
};
/** Families that stand elsewhere than their group. */
const BY_FAMILY: Readonly<Partial<Record<FamilyId, SeriesId>>> = {
  copper: 'copper',
  brass: 'copper',
  'copper-nickel': 'copper-nickel',
  'manganese-brass': 'copper',
  'leaded-red-brass': 'bronze',
  'leaded-tin-bronze': 'bronze',
  'leaded-brass': 'copper',
  'austenitic-iron': 'ni-resist-iron',
  'ph-stainless': 'stainless-nickel',
  magnesium: 'magnesium',
  titanium: 'titanium',
  'zinc-die-cast': 'zinc',
};

export const seriesOfFamily = (family: FamilyId, group: MetalGroup): SeriesId | null =>
  BY_FAMILY[family] ?? BY_GROUP[group];

const BY_COATING: Readonly<Record<Coating, SeriesId>> = {
  cellulosic: 'steel',
  rutile: 'steel',
  'iron-powder': 'steel',
  basic: 'steel',
  stainless: 'stainless-nickel',
  nickel: 'nickel-chromium',
  'cast-iron': 'nickel',
  aluminium: 'aluminium',
  bronze: 'bronze',
  hardfacing: 'steel',
};
const BY_ROD: Readonly<Partial<Record<RodClassId, SeriesId>>> = {
  'ENi-1': 'nickel',
  'ENiCu-7': 'nickel-copper',
  'ENiFe-CI': 'ni-resist-iron',
  'ENiFeMn-CI': 'ni-resist-iron',
  ESt: 'steel',
  ECuNi: 'copper-nickel',
  'E410NiMo-16': 'stainless-chromium',
};

export const seriesOfRod = (id: RodClassId, coating: Coating): SeriesId => BY_ROD[id] ?? BY_COATING[coating];
