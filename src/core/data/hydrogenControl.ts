import type { RestraintId } from './heatIds';
import { memoryOf } from '../units/sources';

/** The hydrogen-control table: susceptibility group by cracking parameter and hydrogen, and preheat by restraint and thickness. */

export const GROUPS = ['A', 'B', 'C', 'D', 'E', 'F', 'G'] as const;
export type SusceptibilityGroup = (typeof GROUPS)[number];

/** Hydrogen levels: most, ml in 100 g; above the second it counts as not controlled. */
export const HYDROGEN_LEVELS_ml = [5, 10, 30] as const;
/** Upper ends of the columns of the cracking parameter, percent. */
export const PCM_COLUMNS = [0.18, 0.23, 0.28, 0.33, 0.38] as const;
/** Group by hydrogen level and column. */
export const GROUP_TABLE: readonly (readonly SusceptibilityGroup[])[] = [
  ['A', 'B', 'C', 'D', 'E'],
  ['B', 'C', 'D', 'E', 'F'],
  ['C', 'D', 'E', 'F', 'G'],
];
/** Carbon under which steel does not crack by hydrogen beside the weld, %: the zone chart's lower edge. */
export const CONTROL_FROM_CARBON_pct = 0.11;

/** Upper ends of the rows of thickness, mm. */
export const CONTROL_THICKNESS_mm = [10, 20, 38, 75, Infinity] as const;
/** Least preheat by restraint, thickness row and group A to G, °C; 0 where nothing above the air is asked. */
export const CONTROL_PREHEAT_C: Readonly<Record<RestraintId, readonly (readonly number[])[]>> = {
  low: [
    [0, 0, 0, 0, 60, 140, 150],
    [0, 0, 20, 60, 100, 140, 150],
    [0, 0, 20, 80, 110, 140, 150],
    [20, 20, 40, 95, 120, 140, 150],
    [20, 20, 40, 95, 120, 140, 150],
  ],
  medium: [
    [0, 0, 0, 0, 70, 140, 160],
    [0, 0, 20, 80, 115, 145, 160],
    [0, 20, 75, 110, 140, 150, 160],
    [20, 80, 110, 130, 150, 150, 160],
    [95, 120, 140, 150, 160, 160, 160],
  ],
  high: [
    [0, 0, 0, 40, 110, 150, 160],
    [0, 20, 65, 105, 140, 160, 160],
    [20, 85, 115, 140, 150, 160, 160],
    [115, 130, 150, 150, 160, 160, 160],
    [115, 130, 150, 150, 160, 160, 160],
  ],
};
export const HYDROGEN_CONTROL = memoryOf('AWS D1.1, hydrogen-control annex');

/** The prescriptive table by category of steel and rod: least preheat, °C, by the thickness of the thicker part. */
export const PRESCRIBED = {
  upTo_mm: [20, 38, 65, Infinity],
  /** A: rods that are not low hydrogen. B: low hydrogen. C: stronger steel, low hydrogen. */
  preheat_C: {
    A: [0, 65, 110, 150],
    B: [0, 10, 65, 110],
    C: [10, 65, 110, 150],
  },
  source: memoryOf('AWS D1.1, prequalified minimum preheat'),
} as const;

/** Steel colder than this is warmed to that before anything, °C. */
export const COLD_STEEL = { below_C: 0, to_C: 20, source: memoryOf('AWS D1.1') } as const;
/** How far round the joint it is warmed: the thickness, and no less than this, mm. */
export const PREHEAT_ZONE = { least_mm: 75, source: memoryOf('AWS D1.1') } as const;
