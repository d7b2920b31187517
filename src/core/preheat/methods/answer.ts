import type { FamilyId } from '../../data/families';
import type { HeatRule } from '../../data/heatRules';
import { HELD_FAST, PLAIN_COLD_TO_mm, SOFT_FILLER } from '../../data/heatLimits';
import { PCM_COLUMNS } from '../../data/hydrogenControl';
import type { MethodId, RestraintId } from '../../data/heatIds';
import type { SteelNumbers } from '../../heat/samples';
import { softFillerAsks_C } from '../../heat/softFiller';
import { CET_HOLDS, cetAtItsEdge_C } from './cet';
import { CARBON_END_pct, HARD_BY_DEGREES, type PreheatConditions } from './method';
import { PREHEAT_METHODS } from './methods';

/** What set the answer: a method, the family's own rule, or the filler. */
export type Governing = MethodId | 'family' | 'filler';

/** A preheat, °C, and what set it; 0 where nothing above the air is asked. */
export interface Bid {
  by: Governing;
  preheat_C: number;
}

/** How one steel is judged: what is known of it besides its chemistry, and what the welder set. */
export interface AnswerQuestion extends PreheatConditions {
  family: FamilyId;
  rule: HeatRule;
  /** Only the family is known. */
  gradeUnknown: boolean;
  /** Somebody read its chemistry off the piece or its certificate. */
  read: boolean;
  /** Restraint as the welder set it; null while blank, when it counts only on thin plate. */
  restraintSet: RestraintId | null;
  /** Austenitic or nickel weld metal, which keeps its hydrogen. */
  softFiller: boolean;
  /** A method the welder picked: it may raise the answer, never lower it. */
  picked: MethodId | null;
}

/** Just inside the last column of the hydrogen-control table. */
const LAST_PCM_pct = Math.max(...PCM_COLUMNS) - 1e-4;

/** Ordinary steel whose chemistry nobody read: naming its grade asks no more of it than leaving it unnamed. */
const isOrdinary = ({ rule, read, restraintSet }: AnswerQuestion): boolean =>
  rule.plain === true && !read && restraintSet !== 'high';

/** Ordinary steel that is thin: it is welded as it lies. */
export const isPlainThin = (question: AnswerQuestion): boolean =>
  isOrdinary(question) && question.thick_mm <= PLAIN_COLD_TO_mm.value;

/**
 * Answers "how warm must this steel be?" for one chemistry: every rule that counts for it makes its bid, and the highest is taken, so that
 * the answer never falls where one rule ends and another begins.
 *
 * A grade that the code's table lists is answered by that table, unless the joint is held fast; of ordinary steel that no table lists,
 * the table is the least. Up to 0.32 % carbon CET counts, and the hydrogen-control table where the welder has said that the joint is held
 * fast, or where the rod brings more hydrogen than CET knows. Over it the square root of carbon and the family's rule, and still what CET
 * says at its edge: of a steel that is known these come in by degrees, so that a draw just over the end does not ask for all of them.
 */
export function answerFor(steel: SteelNumbers, question: AnswerQuestion): Bid {
  if (!question.softFiller) return highest(bidsFor(steel, question));
  if (isPlainThin(question)) return { by: 'family', preheat_C: 0 };
  const { preheat_C } = highest(
    bidsFor(steel, { ...question, hydrogen_ml: SOFT_FILLER.as_ml, lowHydrogen: true }),
  );
  return { by: 'filler', preheat_C: softFillerAsks_C(preheat_C) };
}

const highest = (bids: readonly Bid[]): Bid =>
  bids.reduce((best, bid) => (bid.preheat_C > best.preheat_C ? bid : best), {
    by: 'family',
    preheat_C: 0,
  });

/** How far the rules for hard steel count of a known steel, 0 to 1. */
function hardShare(carbon_pct: number, thick_mm: number): number {
  const { from_pct, full_pct, from_mm, full_mm } = HARD_BY_DEGREES;
  const way = Math.min(2, Math.max(0, (carbon_pct - from_pct) / (full_pct - from_pct)));
  const thick = Math.min(1, Math.max(0, (thick_mm - from_mm) / (full_mm - from_mm)));
  // Thin steel has its share of the first half only: far over, thickness helps no more.
  return way <= 1 ? way * thick : thick + (1 - thick) * (way - 1);
}

function bidsFor(steel: SteelNumbers, question: AnswerQuestion): Bid[] {
  const { rule, gradeUnknown, picked } = question;
  const bids: Bid[] = [];
  const hard = steel.carbon > CARBON_END_pct;
  const edge_C = cetAtItsEdge_C(steel, question);
  // Of a known steel the rules for hard ones come in by degrees, from what CET says at its edge.
  const share = gradeUnknown ? Number(hard) : hardShare(steel.carbon, question.thick_mm);
  const byDegrees = (asked_C: number) => (edge_C ?? 0) + share * Math.max(0, asked_C - (edge_C ?? 0));
  const table = PREHEAT_METHODS.prescriptive.judge(steel, {
    ...question,
    listed: question.listed ?? (rule.plain ? 'A' : null),
  });
  if (table.valid) bids.push({ by: 'prescriptive', preheat_C: table.preheat_C });
  const answered = table.valid && question.listed !== null && question.restraintSet !== 'high' && !hard;
  const least_C = rule.preheatMin_C ?? 0;
  bids.push({ by: 'family', preheat_C: gradeUnknown ? least_C : share > 0 ? byDegrees(least_C) : 0 });
  if (!answered && !isPlainThin(question)) {
    if (edge_C !== null) bids.push({ by: 'cet', preheat_C: edge_C });
    bids.push(...tableAtItsEdge(steel, question));
    const root = PREHEAT_METHODS['square-root'].judge(steel, question);
    const more_C = question.restraintSet === 'high' ? HELD_FAST.more_C : 0;
    if (share > 0 && root.valid)
      bids.push({ by: 'square-root', preheat_C: byDegrees(root.preheat_C + more_C) });
  }
  if (picked !== null) {
    const answer = PREHEAT_METHODS[picked].judge(steel, question);
    if (answer.valid) bids.push({ by: picked, preheat_C: answer.preheat_C });
  }
  return bids;
}

/**
 * What the hydrogen-control table says where it counts: where the joint is held fast, or the rod brings more hydrogen than CET knows. Past
 * its ends of carbon and Pcm what it says there: it is never less beyond.
 */
function tableAtItsEdge(steel: SteelNumbers, question: AnswerQuestion): Bid[] {
  const { restraintSet, hydrogen_ml } = question;
  const counts = restraintSet === 'high' || hydrogen_ml > CET_HOLDS.hydrogen_ml.high;
  if (isOrdinary(question) || !counts) return [];
  const over = Math.max(0, steel.carbon - CARBON_END_pct);
  const edge = {
    ...steel,
    carbon: steel.carbon - over,
    pcm: Math.min(steel.pcm - over, LAST_PCM_pct),
  };
  const answer = PREHEAT_METHODS['hydrogen-control'].judge(edge, question);
  return answer.valid ? [{ by: 'hydrogen-control', preheat_C: answer.preheat_C }] : [];
}
