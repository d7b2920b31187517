import { memoryOf, OUR_JUDGEMENT, PRACTICE } from '../units/sources';

/** How cast iron is mended, in figures. */

/** Heaviest casting that is warmed whole on site with burners and bricks, kg. */
export const HOT_MOST_kg = { value: 60, source: OUR_JUDGEMENT } as const;
/** Bronze keeps its hold up to about this in service, °C. */
export const BRAZE_MOST_C = {
  value: 200,
  source: memoryOf('brazing handbooks, strength of bronze in heat'),
} as const;
/** The skip-about bead, mm, by thickness of the iron, to the end of each row. */
export const COLD_BEAD = {
  rows: [
    { upTo_mm: 6, bead_mm: 15 },
    { upTo_mm: 15, bead_mm: 25 },
    { upTo_mm: Infinity, bead_mm: 30 },
  ],
  source: memoryOf('common practice: 12 to 50 mm, mostly about 25 mm'),
} as const;
/** Longest bead that cold iron stands, and how uneven its two sides may be. */
export const CASTING_CRACK = {
  longest_mm: 50,
  uneven: 2,
  source: memoryOf('common practice: 12 to 50 mm a bead; section change and stiffness crack castings'),
} as const;
/** Time between two short beads that the hand takes anyway: peen, move, strike, s. */
export const PEEN_AND_MOVE_s = { value: 25, source: OUR_JUDGEMENT } as const;
/** Holes that stop a crack: size by thickness, and how far past the end that is seen, mm. */
export const STOP_HOLE = { least_mm: 3, most_mm: 8, share: 0.4, beyond_mm: 6, source: PRACTICE } as const;
/** Studs in thick iron that carries: thickness from which, size, and how much of the face they take up. */
export const STUDS = {
  from_mm: 15,
  size_mm: 8,
  faceShare: 0.3,
  depth_mm: 12,
  proud_mm: 5,
  source: memoryOf('handbooks, studding of castings: 25 to 35 % of the face'),
} as const;
/** Warming a whole casting, °C an hour; stress relief, minutes for each 25 mm; cooling. */
export const HOT_CASTING = {
  rise_C_h: 100,
  relief: { low_C: 590, high_C: 650, min_per_25mm: 60 },
  fall_C_h: 50,
  bury_h: 24,
  source: memoryOf('AWS D11.2 and handbooks, hot welding of gray iron'),
} as const;
/** Bronze for a brazed mend: weight of what is laid, g/cm3, and the share lost. */
export const BRAZE_METAL = {
  density_g_cm3: 8.4,
  spoil: 0.15,
  source: memoryOf('handbooks, low-fuming bronze'),
} as const;
