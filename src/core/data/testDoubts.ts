import { memoryOf, OUR_JUDGEMENT, PRACTICE, type Source } from '../units/sources';

/** A figure with where it comes from. */
interface Figure {
  value: number;
  source: Source;
}

const ours = (value: number): Figure => ({ value, source: OUR_JUDGEMENT });
const practice = (value: number): Figure => ({ value, source: PRACTICE });

/** How far tests of a metal may be trusted, and what they are weighed by. */
export const TEST_DOUBTS = {
  /** Share of number readings that are plain wrong: hollow piece, burnt spot, wrong scale. */
  wrongReading: ours(0.01),
  /**
   * Share of readings so far off that nothing on the spot explains it, and how far that is: of a density, as a share of the reading; of a
   * hardness or a conductivity, so many times over or under; of an analysis, so many points of per cent in the wrong elements.
   */
  grosslyWrong: ours(0.0005),
  grossShare: ours(0.3),
  grossFold: ours(2),
  gross_pct: ours(20),
  /** Doubt of a portable hardness reading, one sigma as a share. */
  hardnessSigma: practice(0.08),
  /** Doubt of a conductivity reading, one sigma as a share. */
  conductivitySigma: practice(0.04),
  /** Least one-sigma doubt of a density, for bubbles and paint, and the one expected before weighing, g/cm3. */
  densitySigma_g_cm3: ours(0.04),
  densityExpected_g_cm3: ours(0.06),
  /** An element that no row of the library names: a trace at the most, %. */
  trace_pct: ours(0.08),
  /** Error of an analyser beside the one it states: a share of the reading, and a least one, %. */
  analyserShare: practice(0.015),
  analyserLeast_pct: practice(0.03),
  /** How often an analyser names the right class. */
  analyserRight: practice(0.97),
  /** What a doubtful test still counts for. */
  doubtfulShare: ours(0.5),
  /** How much of a repeat is the same mistake made again: same hand, same spot. */
  repeatShared: ours(0.7),
  /** Density under which a metal is taken for magnesium until proved otherwise, g/cm3. */
  light_g_cm3: practice(2.2),
  /** Water at 20 °C, g/cm3. Warm or salt water is within the error of any field scale. */
  water_g_cm3: { value: 0.998, source: memoryOf('handbook of physics, density of water') },
} as const satisfies Record<string, Figure>;

/** Minutes that a grade of harm to the piece is worth, by its place in HARMS. */
export const HARM_MINUTES = { value: [0, 0.5, 4, 15], source: OUR_JUDGEMENT } as const;
