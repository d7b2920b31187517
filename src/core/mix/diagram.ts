import { SHOWN, type DiagramId } from './cloud';
import { schaefflerEquivalents, wrcEquivalents, type Equivalents } from './equivalents';
import { wrcMartensiteAt } from './wrc';
import { beadAt } from './pair';
import { percentOf } from './chemistry';
import {
  ALL_FERRITE,
  FERRITE_LINES,
  FN_LINES,
  NO_AUSTENITE,
  NO_MARTENSITE,
  type DiagramPoint,
} from '../data/constitution';
import { depositOf } from '../data/deposits';
import type { MixPlan } from './mixPlan';

/** What a line of a diagram is there for. */
export interface DiagramLine {
  id: string;
  kind: 'field' | 'ferrite' | 'martensite';
  points: readonly DiagramPoint[];
  /** Written at its end; empty where it is not named. */
  name: string;
}

/** A point that is marked. */
export interface Mark {
  id: 'rod' | 'A' | 'B' | 'base' | 'bead';
  at: Equivalents;
}

/** Everything that is drawn on a diagram for a mixed weld. */
export interface Diagram {
  lines: readonly DiagramLine[];
  fields: readonly { name: string; at: DiagramPoint }[];
  marks: readonly Mark[];
  /** Tie line from rod to base metal, and the part of it that the dilution covers. */
  tie: readonly [Equivalents, Equivalents];
  band: readonly [Equivalents, Equivalents];
}

const FIELD_NAMES: readonly { name: string; at: DiagramPoint }[] = [
  { name: 'A', at: [12, 25] },
  { name: 'M', at: [4, 9] },
  { name: 'F', at: [31, 3] },
  { name: 'A+F', at: [30, 17] },
  { name: 'A+M', at: [8, 15.6] },
  { name: 'M+F', at: [14.8, 3.4] },
  { name: 'A+M+F', at: [19.6, 7.6] },
];
const CLOSER_NAMES: readonly { name: string; at: DiagramPoint }[] = [
  { name: 'A', at: [18, 16.5] },
  { name: 'A+F', at: [28.5, 12] },
  { name: 'A+M', at: [14, 11.6] },
  { name: 'A+M+F', at: [18.4, 8.2] },
];
const FERRITE_NAMED: readonly number[] = [10, 20, 40, 80];
const FN_NAMED: readonly number[] = [0, 10, 20, 40, 60, 100];

const schaefflerLines: readonly DiagramLine[] = [
  { id: 'no-martensite', kind: 'martensite', points: NO_MARTENSITE, name: '' },
  { id: 'no-austenite', kind: 'field', points: NO_AUSTENITE, name: '' },
  { id: 'all-ferrite', kind: 'field', points: ALL_FERRITE, name: '' },
  ...FERRITE_LINES.filter(({ percent }) => percent < 100).map(({ percent, points }): DiagramLine => {
    // Under the martensite line it is a construct: only the line of no ferrite is drawn there.
    const shown = percent === 0 ? points : points.slice(2);
    return {
      id: `ferrite-${percent}`,
      kind: percent === 0 ? 'field' : 'ferrite',
      points: shown,
      name: percent === 0 ? '0 %' : FERRITE_NAMED.includes(percent) ? `${percent}` : '',
    };
  }),
];

const wrcLines: readonly DiagramLine[] = FN_LINES.map(({ fn, at9, slope }): DiagramLine => {
  const { nieq } = SHOWN.wrc;
  const points: DiagramPoint[] = nieq.map((n) => [at9 + slope * (n - 9), n]);
  return {
    id: `fn-${fn}`,
    kind: fn === 0 ? 'field' : 'ferrite',
    points,
    name: FN_NAMED.includes(fn) ? `${fn}${fn === 0 ? ' FN' : ''}` : '',
  };
});

/** Answers "what is drawn?" for a mixed weld on one of the two diagrams. */
export function diagramOf(mix: MixPlan, id: DiagramId): Diagram {
  const equivalents = id === 'wrc' ? wrcEquivalents : schaefflerEquivalents;
  const { question, nominal, near, far } = mix.worst.judged;
  const rod = equivalents(depositOf(mix.rodClass).percent);
  const a = equivalents(question.sideA.likeliest);
  const b = equivalents(question.sideB.likeliest);
  const base = equivalents(beadAt(question, 1).percent);
  const one = question.sideA === question.sideB;
  const mn = percentOf(nominal.percent, 'Mn');
  const { creq } = SHOWN.wrc;
  return {
    lines:
      id !== 'wrc'
        ? schaefflerLines
        : [
            ...wrcLines,
            {
              id: 'martensite',
              kind: 'martensite',
              points: creq.map((c): DiagramPoint => [c, wrcMartensiteAt(c, mn)]),
              name: '',
            },
          ],
    fields: { schaeffler: FIELD_NAMES, closer: CLOSER_NAMES, wrc: [] }[id],
    marks: [
      { id: 'rod', at: rod },
      { id: 'A', at: a },
      ...(one
        ? []
        : [
            { id: 'B' as const, at: b },
            { id: 'base' as const, at: base },
          ]),
      { id: 'bead', at: equivalents(nominal.percent) },
    ],
    tie: [rod, base],
    band: [equivalents(near.percent), equivalents(far.percent)],
  };
}
