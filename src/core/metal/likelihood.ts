import { TEST_DOUBTS } from '../data/testDoubts';
import { FAMILY_IDS, type FamilyId } from '../data/families';
import { libraryRow, type Span } from '../data/library';
import { FLOOR, LIKELIHOODS, type OutcomeTestId } from '../data/likelihoods';
import { METAL_TESTS, metalTest } from '../data/metalTests';
import type { TestId } from '../data/testIds';
import type { Evidence } from '../formats/evidence';
import { densityOf } from './density';

/** One number a family, in the order of FAMILY_IDS. */
export type ByFamily = readonly number[];

/** Families side by side. */
export const perFamily = (of: (family: FamilyId) => number): number[] => FAMILY_IDS.map(of);

/** Probability of each outcome of a test given each family: rows by outcome, in the order of the test. Rows of a column sum to 1. */
const TABLES = Object.fromEntries(
  Object.entries(LIKELIHOODS).map(([test, rows]) => {
    const outcomes = Object.keys(metalTest(test as TestId).outcomes);
    const table: Record<string, number[]> = Object.fromEntries(
      outcomes.map((id) => [id, perFamily(() => 1 / outcomes.length)]),
    );
    for (const [weights, ...families] of rows) {
      const total = weights.reduce((a, b) => a + b, 0);
      for (const family of families) {
        const at = FAMILY_IDS.indexOf(family);
        outcomes.forEach((id, n) => {
          const column = table[id];
          if (column) column[at] = FLOOR + (1 - FLOOR * outcomes.length) * ((weights[n] ?? 0) / total);
        });
      }
    }
    return [test, table];
  }),
) as unknown as Record<OutcomeTestId, Readonly<Record<string, ByFamily>>>;

const WRONG_READING = TEST_DOUBTS.wrongReading.value;
const GROSSLY_WRONG = TEST_DOUBTS.grosslyWrong.value;
const GROSS_SHARE = TEST_DOUBTS.grossShare.value;
const GROSS_FOLD = Math.log(TEST_DOUBTS.grossFold.value);
const GROSS_PCT = TEST_DOUBTS.gross_pct.value;
const HARDNESS_SIGMA = TEST_DOUBTS.hardnessSigma.value;
const CONDUCTIVITY_SIGMA = TEST_DOUBTS.conductivitySigma.value;
const DENSITY_SIGMA_g_cm3 = TEST_DOUBTS.densitySigma_g_cm3.value;

/** The normal distribution up to z, to 1e-7 (Abramowitz and Stegun 26.2.17). */
function normalUpTo(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    0.3989422804014327 *
    Math.exp((-z * z) / 2) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z > 0 ? 1 - tail : tail;
}

/** Probability that a value spread evenly over a span, read with a normal error, shows between two ends. */
function shareBetween(low: number, high: number, { low: from, high: to }: Span, sigma: number): number {
  // Evenly spread over the span by twelve stations: near enough, and the ends of the bins sum to one.
  const stations = 12;
  let sum = 0;
  for (let n = 0; n < stations; n++) {
    const at = from + ((n + 0.5) / stations) * (to - from);
    sum += normalUpTo((high - at) / sigma) - normalUpTo((low - at) / sigma);
  }
  return sum / stations;
}

/** Probability density of a reading from a value spread evenly over a span and read with a normal error. */
const densityAt = (reading: number, { low, high }: Span, sigma: number): number =>
  (normalUpTo((reading - low) / sigma) - normalUpTo((reading - high) / sigma)) /
  Math.max(high - low, 0.2 * sigma);

/**
 * Mixes in the chance that the reading is wrong and tells nothing; the best family stands at 1. The further a family is from what was
 * read, the rarer a slip that would explain it.
 * @param offs how far the reading stands outside each family, as a share of a gross slip
 */
function withWrongReadings(raw: readonly number[], offs: readonly number[]): number[] {
  const best = Math.max(...raw);
  if (!(best > 0)) return raw.map(() => 1);
  return raw.map((p, n) => {
    const wrong = WRONG_READING * (GROSSLY_WRONG / WRONG_READING) ** Math.min(1, offs[n] ?? 0);
    return (1 - wrong) * (p / best) + wrong;
  });
}

/** How far a reading stands outside a span, in the span's own measure. */
const outside = (reading: number, { low, high }: Span): number => Math.max(low - reading, reading - high, 0);

const logSpan = ({ low, high }: Span): Span => ({ low: Math.log(low), high: Math.log(high) });

/** How well a density fits each family; wide where the scale was coarse. */
const fitDensity = (reading: number, error: number): number[] =>
  withWrongReadings(
    perFamily((id) =>
      densityAt(reading, libraryRow(id).density_g_cm3.value, Math.max(error / 2, DENSITY_SIGMA_g_cm3)),
    ),
    perFamily((id) => outside(reading, libraryRow(id).density_g_cm3.value) / (GROSS_SHARE * reading)),
  );

const fitHardness = (hb: number): number[] =>
  withWrongReadings(
    perFamily((id) => densityAt(Math.log(hb), logSpan(libraryRow(id).hardness_HB.value), HARDNESS_SIGMA)),
    perFamily((id) => outside(Math.log(hb), logSpan(libraryRow(id).hardness_HB.value)) / GROSS_FOLD),
  );

/** On magnetic metal the meter reads anything. */
const ANY_READING: Span = { low: 1, high: 105 };
const conductivityOf = (id: FamilyId): Span =>
  (TABLES.magnet.strong?.[FAMILY_IDS.indexOf(id)] ?? 0) > 0.3 ? ANY_READING : libraryRow(id).iacs_pct.value;

const fitConductivity = (iacs: number): number[] =>
  withWrongReadings(
    perFamily((id) => densityAt(Math.log(iacs), logSpan(conductivityOf(id)), CONDUCTIVITY_SIGMA)),
    perFamily((id) => outside(Math.log(iacs), logSpan(conductivityOf(id))) / GROSS_FOLD),
  );

/** An element no row names: a trace at the most, %. */
const TRACE: Span = { low: 0, high: TEST_DOUBTS.trace_pct.value };
const ANALYSER_SHARE = TEST_DOUBTS.analyserShare.value;
const ANALYSER_LEAST = TEST_DOUBTS.analyserLeast_pct.value;
/** Elements that the handheld X-ray kind does not see. */
export const UNSEEN_BY_XRAY: readonly string[] = ['C', 'Be'];

type Chemistry = Extract<Evidence, { kind: 'chemistry' }>;

/** How well a chemistry fits each family: every element inside its span, or out of it by how many errors. */
function fitChemistry({ elements, seesCarbon }: Chemistry): number[] {
  const seen = Object.entries(elements).filter(([el]) => seesCarbon || !UNSEEN_BY_XRAY.includes(el));
  return withWrongReadings(
    perFamily((id) => {
      const chemistry = libraryRow(id).chemistry.value;
      return seen.reduce((product, [el, { percent, error }]) => {
        const { low, high } = chemistry[el] ?? TRACE;
        if (percent === null) return product;
        const sigma = Math.max((error ?? 0) / 2, ANALYSER_LEAST) + ANALYSER_SHARE * percent;
        const out = Math.max(low - percent, percent - high, 0) / sigma;
        return product * Math.exp(-0.5 * out * out);
      }, 1);
    }),
    perFamily((id) => {
      const chemistry = libraryRow(id).chemistry.value;
      const outs = seen.map(([el, { percent }]) =>
        percent === null ? 0 : outside(percent, chemistry[el] ?? TRACE),
      );
      return outs.reduce((a, b) => a + b, 0) / GROSS_PCT;
    }),
  );
}

/** What a piece of evidence says of each family, up to a common factor. Null where it says nothing yet. */
export function likelihoodOf(evidence: Evidence): ByFamily | null {
  switch (evidence.kind) {
    case 'outcome': {
      const table = Object.hasOwn(TABLES, evidence.test) ? TABLES[evidence.test as OutcomeTestId] : null;
      return table && Object.hasOwn(table, evidence.outcome) ? (table[evidence.outcome] ?? null) : null;
    }
    case 'weighings': {
      const { air_g, water_g, scale_g } = evidence;
      if (air_g === null || water_g === null) return null;
      const density = densityOf({ air_g, water_g, scale_g: scale_g ?? 0.01 * air_g });
      return density.ok
        ? fitDensity(density.value.nominal, (density.value.high - density.value.low) / 2)
        : null;
    }
    case 'hardness':
      return evidence.hardness_HB === null ? null : fitHardness(evidence.hardness_HB);
    case 'conductivity':
      return evidence.iacs_pct === null ? null : fitConductivity(evidence.iacs_pct);
    case 'chemistry':
      return Object.values(evidence.elements).some(({ percent }) => percent !== null)
        ? fitChemistry(evidence)
        : null;
  }
}

/** Ends of the bins that a number test is expected in, before it is done. */
export const BINS = {
  density: [0, 2.2, 2.735, 3.5, 5.5, 6.9, 7.4, 7.68, 7.88, 8.1, 8.35, 8.65, 9.5, 13],
  hardness: [1, 30, 60, 90, 120, 160, 200, 260, 350, 450, 900],
  conductivity: [0.3, 1.9, 2.7, 4.2, 7, 10, 14, 20, 27, 34, 40, 48, 65, 115],
} as const;

/** Families that an analyser without carbon cannot tell apart count as one answer. */
export const ANALYSER_CLASSES: readonly (readonly FamilyId[])[] = [
  [
    'low-carbon-steel',
    'medium-carbon-steel',
    'high-carbon-steel',
    'cast-steel',
    'wrought-iron',
    'spring-steel',
  ],
  ['low-alloy-steel', 'quenched-tempered-wear-plate'],
  ['gray-iron', 'ductile-iron', 'malleable-iron'],
  ['al-cast', 'al-die-cast'],
  ['ferritic-stainless', 'martensitic-stainless'],
  ['copper', 'beryllium-copper'],
];
const ANALYSER_RIGHT = TEST_DOUBTS.analyserRight.value;

/** Families by what an analyser without carbon calls them. */
export const analyserClasses = (): readonly (readonly FamilyId[])[] => [
  ...ANALYSER_CLASSES,
  ...FAMILY_IDS.filter((f) => !ANALYSER_CLASSES.some((c) => c.includes(f))).map((f) => [f]),
];

/** Probability of each answer a test may give, for each family; before it is done. Every column sums to 1. */
export const EXPECTED: Readonly<Record<TestId, readonly ByFamily[]>> = Object.fromEntries(
  Object.keys(METAL_TESTS).map((id) => [id, expected(id as TestId)]),
) as unknown as Record<TestId, readonly ByFamily[]>;

function expected(id: TestId): ByFamily[] {
  if (isTabled(id)) return Object.values(TABLES[id]);
  switch (id) {
    case 'density':
      return binned(
        BINS.density,
        (family) => libraryRow(family).density_g_cm3.value,
        TEST_DOUBTS.densityExpected_g_cm3.value,
      );
    case 'hardness':
      return binned(
        BINS.hardness.map(Math.log),
        (f) => logSpan(libraryRow(f).hardness_HB.value),
        HARDNESS_SIGMA,
      );
    case 'conductivity':
      return binned(BINS.conductivity.map(Math.log), (f) => logSpan(conductivityOf(f)), CONDUCTIVITY_SIGMA);
    case 'chemistry': {
      const classes = analyserClasses();
      const other = (1 - ANALYSER_RIGHT) / (classes.length - 1);
      return classes.map((members) => perFamily((f) => (members.includes(f) ? ANALYSER_RIGHT : other)));
    }
  }
}

function isTabled(id: TestId): id is keyof typeof TABLES {
  return id in TABLES;
}

function binned(ends: readonly number[], spanOf: (family: FamilyId) => Span, sigma: number): number[][] {
  const bins = ends
    .slice(1)
    .map((high, n) =>
      perFamily(
        (family) => shareBetween(ends[n] ?? 0, high, spanOf(family), sigma) + WRONG_READING / ends.length,
      ),
    );
  const sums = perFamily((family) =>
    bins.reduce((sum, bin) => sum + (bin[FAMILY_IDS.indexOf(family)] ?? 0), 0),
  );
  return bins.map((bin) => bin.map((p, n) => p / (sums[n] ?? 1)));
}
