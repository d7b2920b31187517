import { memoryOf, OUR_JUDGEMENT, PRACTICE } from '../units/sources';

/** Figures of how metals other than plain steel are welded. Those of cast iron stand in `castIron`. */

/** Aluminium: cleaning, and how long heat-treated metal may be kept warm. */
export const ALUMINIUM = {
  /** Longest at preheat for heat-treated and over 3 % magnesium, min. */
  warmMost_min: 15,
  source: memoryOf('AWS D1.2'),
} as const;

/** Manganese steel: bead length, and the temperature it may reach this far from the weld. */
export const MANGANESE = {
  bead_mm: 60,
  at_mm: 12,
  most_C: 260,
  /** No bead is begun over this, however little it then reaches. */
  startMost_C: 200,
  source: memoryOf('handbooks, austenitic manganese steel'),
} as const;

/** Short beads of other metals that must stay cool: time to move on to a cold place, s. */
export const MOVE_ON_s = { value: 15, source: OUR_JUDGEMENT } as const;

/** Stainless that touches food: grit from coarse to fine. */
export const SANITARY = {
  grits: [60, 80, 120, 180],
  source: memoryOf('common practice of food and drink plant, finish by grit'),
} as const;

/** What the colours beside a stainless weld say. Common practice. */
export const TINTS = [
  { tint: 'straw', verdict: 'fine' },
  { tint: 'gold to blue', verdict: 'acceptable away from product: brush or pickle it' },
  { tint: 'grey or black', verdict: 'too hot or dirty: grind it off, slow down, clean' },
] as const;
export const TINT_SOURCE = PRACTICE;

/** Nickel alloys: cleaned round the joint, mm; sulphur and lead crack them. */
export const NICKEL_CLEAN = { mm: 50, source: memoryOf('handbooks, welding of nickel alloys') } as const;
/** Stainless kept clear of carbon steel and oil round the joint, mm. */
export const STAINLESS_CLEAN_mm = 25;

/** Hard facing: most layers of it, how far under size the build-up stops, and its checks. */
export const HARD_FACE = {
  layersMost: 3,
  underSize_mm: { low: 3, nominal: 4, high: 6 },
  layer_mm: 2.5,
  checks_mm: { low: 10, high: 25 },
  source: memoryOf('hardfacing practice'),
} as const;
/** Rods whose hard layer relieves itself by cracks across the bead. */
export const CRACKS_ACROSS: readonly string[] = ['EFeCr-A1A'];
