import { likelyFails } from '../plan/preferred';
import { rodsNeeded } from '../rods/counts';
import { wholeRods } from '../rods/wholeRods';
import type { Assessment } from '../plan/assess';
import { makePlan, type Verdict } from '../plan/plan';
import type { Room } from '../plan/rooms';

/** What a plan comes to, in the few figures that plans are chosen by. */
export interface Measures {
  verdict: Verdict;
  /** Limits that are shut, by title. */
  shut: readonly string[];
  tightest: Room | null;
  /** Share that is left in the tightest limit that is measured, 0 to 1; 0 where one is shut, and where no setting is told. */
  room: number;
  /** Rules of thumb of the rod that likely fail: nothing shut, but nobody would begin so who need not. */
  lame: number;
  /** From the first arc to the last, waits and rests among it; null while nothing is laid out. */
  minutes: number | null;
  rods: number | null;
  /** How far the worst of its pulls moves it, mm; null where nothing is reckoned. */
  pull_mm: number | null;
  /** Heat of its hottest bead, kJ/mm. */
  heat_kJ_mm: number | null;
}

/** What a judged job comes to. */
export function measuresOf(assessment: Assessment): Measures {
  const { situation, rooms, tightest, withheld } = assessment;
  const { timeline, beads, pull, heat } = situation;
  const shut = rooms.filter(({ state }) => state === 'none');
  const shares = rooms.flatMap(({ fraction, state }) =>
    fraction && state !== 'unknown' ? [fraction.low] : [],
  );
  const pulls = [pull.transverse_mm, pull.angular_mm, pull.bow_mm].flatMap((range) =>
    range ? [range.nominal] : [],
  );
  return {
    verdict: makePlan(assessment).verdict,
    shut: shut.map(({ title }) => title),
    lame: rooms.filter(likelyFails).length,
    tightest,
    room: shut.length > 0 || withheld !== null ? 0 : Math.max(0, Math.min(1, ...shares)),
    minutes: timeline && timeline.elapsed_s / 60,
    rods: beads && wholeRods(rodsNeeded(beads)).nominal,
    pull_mm: pulls.length > 0 ? Math.max(...pulls) : null,
    heat_kJ_mm: heat.input?.most_kJ_mm ?? null,
  };
}
