import { FAMILY_IDS, type FamilyId } from '../data/families';
import { isHazard } from '../data/hazards';
import type { Losses } from '../data/losses';
import { metalFamily } from '../data/metals';
import { familyHeatRule } from '../heat/familyRule';
import type { ByFamily } from './likelihood';
import { rodsBetween } from './rodsBetween';
import { memoize } from '../units/memoize';

/** Temperature of metal that nobody warms, °C. */
const COLD_C = 20;

const weldable = (family: FamilyId): boolean => {
  const { arc } = metalFamily(family);
  return arc === 'yes' || arc === 'last-resort';
};

/** What it costs to weld, by the plan made for one family, a piece that is another. In rods wasted. */
export function lossOf(planned: FamilyId, truth: FamilyId, losses: Losses): number {
  if (isHazard(truth)) return losses.personHurt;
  if (!weldable(truth)) return losses.partLost;
  const [rod] = rodsBetween(planned, planned).rods;
  const { rods, tolerated } = rodsBetween(truth, truth);
  if (rod === undefined || !tolerated.includes(rod)) return losses.cracked;
  const warmed_C = familyHeatRule(planned).preheatMin_C ?? COLD_C;
  const { preheatMin_C, preheatMax_C, interpassMax_C } = familyHeatRule(truth);
  if (preheatMin_C !== null && warmed_C < preheatMin_C) return losses.cracked;
  if (warmed_C > (preheatMax_C ?? Infinity) || warmed_C > (interpassMax_C ?? Infinity)) return losses.cracked;
  const needless = warmed_C > COLD_C && preheatMin_C === null;
  return needless || !rods.includes(rod) ? losses.wastedRods : 0;
}

/** One row of losses an action: each weldable family's own plan, and leaving it alone. Columns in the order of FAMILY_IDS. */
type LossTable = readonly Float64Array[];

const tableOf = memoize((losses: Losses): LossTable => {
  const plans = FAMILY_IDS.filter(weldable).map((planned) =>
    FAMILY_IDS.map((truth) => lossOf(planned, truth, losses)),
  );
  const left = FAMILY_IDS.map((truth) => (metalFamily(truth).arc === 'yes' ? losses.sentOut : 0));
  // Plans that cost the same whatever the truth count once.
  return [...new Map([...plans, left].map((row) => [row.join(), Float64Array.from(row)])).values()];
});

/** Answers "what will it cost on average to act on this belief?" by the best single action for it. In rods wasted. */
export function expectedLoss(shares: ByFamily, losses: Losses): number {
  let best = Infinity;
  for (const row of tableOf(losses)) {
    let sum = 0;
    // Given up as soon as it is dearer than the best: losses only add up.
    for (let n = 0; n < row.length && sum < best; n++) sum += (row[n] ?? 0) * (shares[n] ?? 0);
    if (sum < best) best = sum;
  }
  return best;
}
