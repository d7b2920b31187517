import { jointTraits } from '../data/joints';
import type { RoleId } from '../data/rodChoice';
import { rankTable, rankTins, type RodFit } from '../rods/rank';
import { rodQuestion } from './stages/rodChoice';
import type { Situation } from '../judge/situation';

/** The rods of a job for a place in the weld: what is in the tins, and all that are made. */
export interface RankedRods {
  tins: readonly RodFit[];
  table: readonly RodFit[];
}

/** Answers "which rod, and why not the others?" for a place in the weld. */
export function rankRods(situation: Situation, role: RoleId): RankedRods {
  const { job } = situation;
  const question = rodQuestion(situation, role);
  const asked =
    jointTraits(job.joint.kind)?.overlay && role === 'whole'
      ? { ...question, wanted: situation.rodsWanted }
      : question;
  return { tins: rankTins(asked), table: rankTable(asked) };
}
