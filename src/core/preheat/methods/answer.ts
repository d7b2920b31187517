import type { FamilyId } from '../../data/families';
import type { HeatRule } from '../../data/heatRules';
import { PLAIN_COLD_TO_mm, SOFT_FILLER } from '../../data/heatLimits';
import { PCM_COLUMNS } from '../../data/hydrogenControl';
import type { MethodId, RestraintId } from '../../data/heatIds';
import type { SteelNumbers } from '../../heat/samples';
import { softFillerAsks_C } from '../../heat/softFiller';
import { CET_HOLDS, cetAtItsEdge_C } from './cet';
import { CARBON_END_pct, type PreheatConditions } from './method';
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
  /** Restraint as the welder set it; null while blank, when it counts only on thin plate. */
  restraintSet: RestraintId | null;
  /** Austenitic or nickel weld metal, which keeps its hydrogen. */
  softFiller: boolean;
  /** A method the welder picked: it may raise the answer, never lower it. */
  picked: MethodId | null;
}

/** Families of plain steel that practice welds cold while they are thin. */
const PLAIN: readonly FamilyId[] = ['low-carbon-steel', 'wrought-iron'];
/** Just inside the hydrogen-control table's row of plate too thin for CET, and its last column. */
const THIN_mm = CET_HOLDS.thick_mm.low - 0.1;
const LAST_PCM_pct = Math.max(...PCM_COLUMNS) - 1e-4;

/** Plain thin steel of which no more is known than its family. */
export const isPlainThin = ({ family, gradeUnknown, thick_mm, restraintSet }: AnswerQuestion): boolean =>
  PLAIN.includes(family) && gradeUnknown && thick_mm <= PLAIN_COLD_TO_mm.value && restraintSet !== 'high';

/**
 * Answers "how warm must this steel be?" for one chemistry: every rule that counts for it makes its bid, and the highest is taken, so that
 * the answer never falls where one rule ends and another begins.
 *
 * Up to 0.32 % carbon CET counts, and the hydrogen-control table where the plate is thinner than CET knows, where the welder has said
 * how the joint is held, or where the rod brings more hydrogen than CET knows. Over it the square root of carbon and the family's rule,
 * and still what CET says at its edge.
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

function bidsFor(steel: SteelNumbers, question: AnswerQuestion): Bid[] {
  const { rule, gradeUnknown, picked } = question;
  const bids: Bid[] = [];
  const bid = (by: MethodId) => {
    const answer = PREHEAT_METHODS[by].judge(steel, question);
    if (answer.valid) bids.push({ by, preheat_C: answer.preheat_C });
  };
  const hard = steel.carbon > CARBON_END_pct;
  const plainThin = isPlainThin(question);
  const ruleCounts = gradeUnknown || hard;
  bids.push({ by: 'family', preheat_C: ruleCounts ? (rule.preheatMin_C ?? 0) : 0 });
  if (!plainThin) {
    const edge = cetAtItsEdge_C(steel, question);
    if (edge !== null) bids.push({ by: 'cet', preheat_C: edge });
    bids.push(...tableAtItsEdge(steel, question));
    if (hard) bid('square-root');
  }
  if (picked !== null) bid(picked);
  return bids;
}

/**
 * What the hydrogen-control table says, and past its ends of carbon and Pcm what it says there: it is never less beyond. Where it counts
 * only for thin plate, what it says of that is the least for thicker.
 */
function tableAtItsEdge(steel: SteelNumbers, question: AnswerQuestion): Bid[] {
  const { restraintSet, hydrogen_ml } = question;
  const over = Math.max(0, steel.carbon - CARBON_END_pct);
  const edge = {
    ...steel,
    carbon: steel.carbon - over,
    pcm: Math.min(steel.pcm - over, LAST_PCM_pct),
  };
  const counts =
    (restraintSet !== null && restraintSet !== 'low') || hydrogen_ml > CET_HOLDS.hydrogen_ml.high;
  const thick_mm = counts ? question.thick_mm : Math.min(question.thick_mm, THIN_mm);
  const answer = PREHEAT_METHODS['hydrogen-control'].judge(edge, { ...question, thick_mm });
  return answer.valid ? [{ by: 'hydrogen-control', preheat_C: answer.preheat_C }] : [];
}
