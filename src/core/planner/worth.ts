import { changesBetween } from '../formats/changes';
import type { StopId } from '../judge/room';
import type { Assessment } from '../plan/assess';
import { toldThroughout } from '../units/inUnitsOf';
import { likely, type Supposed } from './doubts/doubt';
import { doubtsOf } from './doubts/doubts';
import { measuresOf, type Measures } from './measures';
import { groundOf, judgeGround, type Ground } from './option';

/** What knowing one thing would change of a plan. */
export interface Worth {
  id: string;
  name: string;
  stop: StopId;
  find: string;
  find_min: number;
  /** What it changes, the gravest first, in words; empty where it changes nothing. */
  changes: readonly string[];
  /** How likely it is that it changes what stands, 0 to 1. */
  odds: number;
  /** How grave: 3 the verdict or a limit, 2 rod or amps or preheat, 1 what is tightest or the minutes, 0 nothing. */
  grade: 0 | 1 | 2 | 3;
  /** The fields of the job that it would be typed into. */
  paths: readonly string[];
}

/** Minutes that are felt: a share of the job, and no less than so many. */
const FELT = { share: 0.15, min: 5 } as const;

interface Seen extends Measures {
  said: string;
  rod: string;
  amps: number | null;
  preheat_C: number;
}

function seen(ground: Ground, { said, on }: Supposed): Seen {
  const judged = judgeGround({ ...ground, ...on(ground.job, ground.kit) });
  const { rod, current_A, heat } = judged.situation;
  return {
    ...measuresOf(judged),
    said,
    rod: rod ? `${rod.value.rodClass} ${rod.value.size}` : 'no rod',
    amps: current_A?.value ?? null,
    preheat_C: heat.preheat?.value ?? 0,
  };
}

/** Two or more that differ, in words: "bright: 90 A, rust: 100 A". */
const told = (all: readonly Seen[], of: (one: Seen) => string): string | null =>
  new Set(all.map(of)).size > 1 ? all.map((one) => `${one.said}: ${of(one)}`).join('; ') : null;

const shutWords = ({ shut, verdict }: Seen): string =>
  shut.length > 0
    ? `shut by ${shut.slice(0, 2).join(' and ').toLowerCase()}`
    : verdict === 'ready'
      ? 'open'
      : verdict;

/** What may come out otherwise, the gravest first. */
const ASPECTS: readonly { grade: 1 | 2 | 3; of: (one: Seen) => string; felt?: true }[] = [
  { grade: 3, of: shutWords },
  { grade: 2, of: ({ rod }) => rod },
  { grade: 2, of: ({ amps }) => (amps === null ? 'no amps' : `${amps} A`) },
  { grade: 2, of: ({ preheat_C }) => (preheat_C === 0 ? 'no preheat' : `${preheat_C} °C of preheat`) },
  {
    grade: 1,
    of: ({ tightest }) => (tightest ? `tightest at ${tightest.title.toLowerCase()}` : 'nothing tight'),
  },
  { grade: 1, of: ({ minutes }) => `${Math.round(minutes ?? 0)} min`, felt: true },
];

/** Even the unlikely counts for something. Our judgement. */
const LEAST_ODDS = 0.1;

/** Where it would be typed: what any of it writes in the job. */
const pathsOf = ({ job, kit }: Ground, supposed: readonly Supposed[]): string[] => [
  ...new Set(supposed.flatMap(({ on }) => changesBetween(job, on(job, kit).job).map(({ path }) => path))),
];

/** What it would change, by how grave and how likely that is. */
const weight = ({ grade, odds }: Worth): number => grade * Math.min(1, odds + LEAST_ODDS);

/**
 * Answers "what is worth finding out?": every blank or guess is supposed at all that it may plausibly be, one at a time, and what then comes
 * out otherwise is told: the verdict and the limits, rod, amps and preheat, what is tightest, the minutes. Most grave first, of those alike
 * the quickest to find out. An entry that changes nothing is there too, last.
 */
export function worthKnowing(assessment: Assessment): Worth[] {
  if (assessment.withheld !== null) return [];
  return toldThroughout(weighed(assessment), assessment.situation.system);
}

/** The same from a job and a truck alone: what a worker is handed. */
export const worthOn = (ground: Ground): Worth[] => worthKnowing(judgeGround(ground));

function weighed(assessment: Assessment): Worth[] {
  const ground = groundOf(assessment);
  const now = seen(ground, { said: '', on: (job, kit) => ({ job, kit }) });
  return doubtsOf(assessment.situation)
    .map((doubt): Worth => {
      const { id, name, stop, find, find_min, supposed } = doubt;
      const all = supposed.map((one) => seen(ground, one));
      const minutes = all.flatMap((one) => (one.minutes === null ? [] : [one.minutes]));
      const spread = minutes.length > 0 ? Math.max(...minutes) - Math.min(...minutes) : 0;
      const felt = spread > Math.max(FELT.min, FELT.share * Math.min(...minutes));
      const changes = ASPECTS.flatMap(({ grade, of, felt: isMinutes }) => {
        const words = isMinutes && !felt ? null : told(all, of);
        return words === null ? [] : [{ grade, words, of }];
      });
      const first = changes[0];
      const odds = first
        ? supposed.reduce((sum, one, n) => {
            const then = all[n];
            return sum + (then && first.of(then) !== first.of(now) ? likely(doubt, one) : 0);
          }, 0)
        : 0;
      return {
        id,
        name,
        stop,
        find,
        find_min,
        changes: changes.map(({ words }) => words),
        odds,
        grade: first?.grade ?? 0,
        paths: pathsOf(ground, supposed),
      };
    })
    .sort((a, b) => weight(b) - weight(a) || a.find_min - b.find_min);
}
