import type { RodClassId } from '../data/rods';
import { depositOf } from '../data/deposits';
import { percentile, QUANTILES } from '../units/chance';
import type { Range } from '../units/range';
import type { BaseMetal } from './baseMetal';
import { mixed } from './chemistry';
import { tooMuchOf } from './pickUp';
import { drawBeads } from './samples';
import { ferriteWanted } from './wanted';
import { judgeWeld, type JudgedWeld } from './weld';
import { memoize, memoizeBy } from '../units/memoize';

/** What two metals and a rod come to. */
export interface PairQuestion {
  rodClass: RodClassId;
  sideA: BaseMetal;
  sideB: BaseMetal;
  /** Share of melted base metal, 0 to 1. */
  dilution: Range;
  /** Share of that which comes from side A. */
  shareA: number;
}

/** The bead of a pair over all that is not known of it. */
export interface JudgedPair {
  question: PairQuestion;
  /** Likeliest metals, at the usual dilution and at both ends of it. */
  nominal: JudgedWeld;
  near: JudgedWeld;
  far: JudgedWeld;
  /** WRC-1992, and Schaeffler in percent, over dilution, grades, tins and arc length: nineteen of twenty lie inside. */
  fn: Range;
  ferrite_pct: Range;
  /** Highest dilution at which the likeliest metals still make a sound bead, 0 to 1; null where none up to four fifths spoils it. */
  limit: { dilution: number; why: string } | null;
}

/** Beads drawn for the ends of a pair: enough for a range that is told in whole numbers. */
const DRAWS = 40;
/** Farthest dilution that is looked at, and in what steps. */
const FARTHEST = 0.8;
const STEP = 0.01;

const withSides = memoize((sideA: BaseMetal) =>
  memoize((sideB: BaseMetal) =>
    memoizeBy(
      (rest: Omit<PairQuestion, 'sideA' | 'sideB'>) => work({ ...rest, sideA, sideB }),
      ({ rodClass, dilution: { low, nominal, high }, shareA }) =>
        [rodClass, low, nominal, high, shareA].join(' '),
    ),
  ),
);

/** Answers "what does this rod come to between these two?" The same question is worked out once. */
export const judgePair = ({ sideA, sideB, ...rest }: PairQuestion): JudgedPair =>
  withSides(sideA)(sideB)(rest);

/** The likeliest bead at one dilution. */
export const beadAt = ({ rodClass, sideA, sideB, shareA }: PairQuestion, dilution: number): JudgedWeld =>
  judgeWeld(mixed(depositOf(rodClass).percent, sideA.likeliest, sideB.likeliest, { dilution, shareA }));

function work(question: PairQuestion): JudgedPair {
  const { rodClass, sideA, sideB, dilution, shareA } = question;
  const nominal = beadAt(question, dilution.nominal);
  const point: Range = { low: nominal.fn, nominal: nominal.fn, high: nominal.fn };
  const share: Range = {
    low: nominal.ferrite_pct,
    nominal: nominal.ferrite_pct,
    high: nominal.ferrite_pct,
  };
  const base = {
    question,
    nominal,
    near: beadAt(question, dilution.low),
    far: beadAt(question, dilution.high),
    limit: limitOf(question),
  };
  if (nominal.scope.id !== 'chart') return { ...base, fn: point, ferrite_pct: share };
  const fn: number[] = [];
  const ferrite: number[] = [];
  const deposit = depositOf(rodClass).percent;
  for (const bead of drawBeads({ deposit, sideA, sideB, dilution, shareA }, DRAWS, sideA === sideB)) {
    const weld = judgeWeld(bead);
    fn.push(weld.fn);
    ferrite.push(weld.ferrite_pct);
  }
  return { ...base, fn: told(fn, nominal.fn), ferrite_pct: told(ferrite, nominal.ferrite_pct) };
}

function told(values: number[], nominal: number): Range {
  const sorted = values.sort((a, b) => a - b);
  return {
    low: Math.min(nominal, percentile(sorted, QUANTILES.low)),
    nominal,
    high: Math.max(nominal, percentile(sorted, QUANTILES.high)),
  };
}

/** The first dilution at which the bead is spoiled, and by what. */
function limitOf(question: PairQuestion): JudgedPair['limit'] {
  const undiluted = beadAt(question, 0);
  for (let n = 1; n * STEP <= FARTHEST; n++) {
    const dilution = n * STEP;
    const why = spoiled(question, beadAt(question, dilution), undiluted);
    if (why !== '') return { dilution, why };
  }
  return null;
}

function spoiled({ rodClass, sideA, sideB }: PairQuestion, weld: JudgedWeld, undiluted: JudgedWeld): string {
  const taken = tooMuchOf(rodClass, weld);
  if (taken !== '') return taken;
  if (undiluted.scope.id !== 'chart') return '';
  if (weld.martensite === 'much' && undiluted.martensite !== 'much') return 'martensite by both lines';
  // Beside manganese steel nothing is asked of ferrite.
  const wanted = ferriteWanted(rodClass, [sideA.family, sideB.family], null);
  if (wanted && undiluted.fn > 0 && weld.fn === 0 && weld.ferrite_pct === 0)
    return 'no ferrite left by either diagram';
  return '';
}
