import { midSentence } from '../units/format';
import type { FamilyId } from '../data/families';
import { libraryRow } from '../data/library';
import { metalFamily } from '../data/metals';
import { CHOSEN, type Source } from '../units/sources';
import { steelGrade } from '../data/steelGrades';
import { TYPICAL_METALS, TYPICAL_SOURCE } from '../data/typicalMetals';
import type { Side } from '../formats/job';
import { readings } from '../formats/readings';
import { memoize } from '../units/memoize';
import type { Range } from '../units/range';
import { MIX_ELEMENTS, type Chemistry, type MixElement } from './chemistry';

/** What a side brings into the bead: every element between two ends, and where it most likely lies. */
export interface BaseMetal {
  family: FamilyId;
  name: string;
  elements: Readonly<Partial<Record<MixElement, Range>>>;
  /** What it rests on. */
  by: 'read' | 'grade' | 'family';
  words: string;
  source: Source;
  /** The likeliest, as a point. */
  likeliest: Chemistry;
}

/** Give and take of an element that neither family nor grade bounds, as a share of the typical figure. */
const UNBOUNDED_SHARE = 0.4;

const bySide = memoize((side: Side) => {
  const known = new Map<FamilyId, BaseMetal>();
  return (family: FamilyId): BaseMetal => {
    const found = known.get(family) ?? workOut(side, family);
    known.set(family, found);
    return found;
  };
});

/** Answers "what is this side made of, if it is of that family?" for the mixed weld: numbers read, then a grade, then what is typical. */
export const baseMetalOf = (side: Side, family: FamilyId): BaseMetal => bySide(side)(family);

function workOut(side: Side, family: FamilyId): BaseMetal {
  const named = steelGrade(side.grade);
  const grade = named && named.family === family ? named : null;
  const read = readings(side, MIX_ELEMENTS);
  const typical = TYPICAL_METALS[family];
  const bounds = libraryRow(family).chemistry.value;
  const elements: Partial<Record<MixElement, Range>> = {};
  for (const element of MIX_ELEMENTS) {
    const nominal = typical.percent[element] ?? 0;
    const span = bounds[element];
    const ends = grade?.percent[element];
    const range: Range | null = ends
      ? { low: ends[0], nominal: clamp(nominal, ends), high: ends[1] }
      : grade === null && span
        ? { low: Math.min(span.low, nominal), nominal, high: Math.max(span.high, nominal) }
        : nominal > 0
          ? { low: nominal * (1 - UNBOUNDED_SHARE), nominal, high: nominal * (1 + UNBOUNDED_SHARE) }
          : null;
    const kept = read[element] ?? range;
    if (kept && kept.high > 0) elements[element] = kept;
  }
  const names = Object.keys(read);
  const by = names.length > 0 ? 'read' : grade ? 'grade' : 'family';
  const rest = grade
    ? `grade ${grade.name}`
    : `${typical.name}, as typical of ${midSentence(metalFamily(family).name)}`;
  return {
    family,
    name: grade?.name ?? metalFamily(family).name,
    elements,
    by,
    words:
      by === 'read'
        ? `${names.join(', ')} as read; the rest as ${rest}.`
        : by === 'grade'
          ? `Between the ends of grade ${grade?.name ?? ''}.`
          : `Grade not known: counted as ${rest}, with the whole family round it.`,
    source: by === 'read' ? CHOSEN : (grade?.source ?? TYPICAL_SOURCE),
    likeliest: Object.fromEntries(
      Object.entries(elements).map(([element, { nominal }]) => [element, nominal]),
    ),
  };
}

/** The typical figure where the grade allows it, else the middle of the grade. */
const clamp = (value: number, [low, high]: readonly [number, number]): number =>
  value >= low && value <= high ? value : (low + high) / 2;
