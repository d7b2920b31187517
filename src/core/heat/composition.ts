import { HARD_AS_QUENCHED } from '../data/heatLimits';
import { libraryRow } from '../data/library';
import type { FamilyId } from '../data/families';
import { CHOSEN, memoryOf, OUR_JUDGEMENT, type Source } from '../units/sources';
import { steelGrade } from '../data/steelGrades';
import type { Side } from '../formats/job';
import { readings } from '../formats/readings';
import { memoize } from '../units/memoize';
import type { Range } from '../units/range';
import { martensiteCarbon_pct } from './hardness';
import { STEEL_ELEMENTS, type Percent, type SteelElement } from './carbon';

/** What a steel is made of, as far as anybody knows: every element between two ends, and where it most likely lies. */
export interface Composition {
  elements: Readonly<Partial<Record<SteelElement, Range>>>;
  /** The best of what it rests on: numbers read off the piece, a grade named, or only the family. */
  by: 'read' | 'grade' | 'family';
  words: string;
  source: Source;
}

/** Where in its range an element most likely lies: tramp elements, whose range begins at nothing, near the low end. */
const PEAK_TRAMP = 0.25;
const peak = (low: number, high: number): Range => ({
  low,
  nominal: low + (low === 0 ? PEAK_TRAMP : 0.5) * (high - low),
  high,
});

type Elements = Partial<Record<SteelElement, Range>>;

/** The library's range of a family, under what a certificate or stamp says of it: where most pieces lie closer, that. */
const familyElements = memoize((row: ReturnType<typeof libraryRow>): Elements => {
  const chemistry = { ...row.chemistry.value, ...row.usual };
  const known = STEEL_ELEMENTS.flatMap((element) => {
    const span = chemistry[element];
    return span ? [[element, peak(span.low, span.high)] as const] : [];
  });
  return Object.fromEntries(known);
});

const FAMILY = memoryOf('metals handbooks, composition limits of the family');
const READ: Source = { name: 'what you read off the piece or its certificate', grade: CHOSEN.grade };

/** Compositions of a side by family: edits share the side they do not touch. */
const bySide = memoize((side: Side) => {
  const known = new Map<FamilyId, Composition>();
  return (family: FamilyId): Composition => {
    const before = known.get(family);
    if (before) return before;
    const worked = workOut(side, family);
    known.set(family, worked);
    return worked;
  };
});

/**
 * Carbon of a plate that is as hard as it was quenched, by a hardness measured on it; null where none was, or it was tempered back.
 */
function hardenedCarbon(side: Side, family: FamilyId): Range | null {
  const { families, from_HB, perBrinell, doubt } = HARD_AS_QUENCHED;
  const test = side.evidence.hardness;
  const hb = test?.kind === 'hardness' && test.standing === 'sound' ? test.hardness_HB : null;
  if (hb === null || !families.includes(family) || hb < from_HB) return null;
  const nominal = martensiteCarbon_pct(hb * perBrinell);
  return { low: nominal * (1 - doubt), nominal, high: nominal * (1 + doubt) };
}

/**
 * Answers "what is this side made of, if it is of that family?" Numbers read off the piece come before a grade, a grade before the
 * family; what nobody read stays a range.
 */
export const compositionOf = (side: Side, family: FamilyId): Composition => bySide(side)(family);

function workOut(side: Side, family: FamilyId): Composition {
  const read = readings(side, STEEL_ELEMENTS);
  const named = steelGrade(side.grade);
  const grade = named && named.family === family ? named : null;
  const base: Elements = grade
    ? Object.fromEntries(Object.entries(grade.percent).map(([el, [low, high]]) => [el, peak(low, high)]))
    : familyElements(libraryRow(family));
  const byHardness = grade ? null : hardenedCarbon(side, family);
  const elements = { ...base, ...(byHardness ? { C: byHardness } : {}), ...read };
  const names = Object.keys(read);
  const rest = grade ? `the grade ${grade.name}` : 'the range of the family';
  if (names.length > 0) {
    return {
      elements,
      by: read.C === undefined && !grade ? 'family' : 'read',
      words: `${names.join(', ')} as read; the rest from ${rest}.`,
      source: READ,
    };
  }
  if (byHardness)
    return {
      elements,
      by: 'family',
      words: `Its hardness says about ${byHardness.low.toFixed(2)} to ${byHardness.high.toFixed(2)} % carbon; the rest from ${rest}.`,
      source: HARD_AS_QUENCHED.source,
    };
  return grade
    ? {
        elements,
        by: 'grade',
        words: `Grade ${grade.name}, between the ends of its standard.`,
        source: grade.source,
      }
    : {
        elements,
        by: 'family',
        words: 'Only the family is known: anything between its ends, likeliest in the middle.',
        source: base.C === undefined ? OUR_JUDGEMENT : FAMILY,
      };
}

/** The likeliest composition, as a point. */
export const likeliest = ({ elements }: Composition): Percent =>
  Object.fromEntries(Object.entries(elements).map(([element, { nominal }]) => [element, nominal]));
