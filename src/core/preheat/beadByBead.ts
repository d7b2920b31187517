import { toldPass } from '../rods/counts';
import { heatAmps_A } from '../rods/hand';
import { SHORTEST_WAIT_s } from '../data/heatLimits';
import { metalFamily } from '../data/metals';
import { HeatKeeper } from '../heat/holds';
import { ampsAsItWarms } from './warmAmps';
import type { Reads, Situation } from '../judge/situation';

/** One bead in the order it is laid. */
export interface BeadRow {
  pass: number;
  /** Place along the joint, from its beginning, mm. */
  from_mm: number;
  to_mm: number;
  current_A: number;
  /** Metal where it begins, after the wait. */
  started_C: number;
  wait_s: number;
}

/** Beads that are reckoned one by one; of a longer job the first so many. */
const MOST_BEADS = 120;

/** Order that skips about: each bead half the joint away from the one before it. */
export function skipOrder(count: number): number[] {
  const half = Math.ceil(count / 2);
  return Array.from({ length: count }, (_, n) => (n % 2 === 0 ? n / 2 : half + (n - 1) / 2)).filter(
    (n) => n < count,
  );
}

/**
 * Answers "how long is each bead, and how long do I wait after it?" for metals laid in short beads: every bead is begun where the metal
 * has fallen under its ceiling.
 * @param bead_mm length of a bead
 * @param between_s what the hand takes between two beads anyway
 */
export function shortBeads(situation: Situation, bead_mm: number, between_s: number): BeadRow[] {
  const { beads, length_mm, heat } = situation;
  if (!beads) return [];
  const keeper = new HeatKeeper({ ...heat.holds, eachRod: true });
  let clock_s = heat.holds.warm_s;
  keeper.warmed(clock_s);
  const rows: BeadRow[] = [];
  const count = Math.max(1, Math.ceil(length_mm / bead_mm - 1e-9));
  const each_mm = length_mm / count;
  for (const [n, { rod, travel_mm_s }] of beads.passes.entries()) {
    for (const place of skipOrder(count)) {
      if (rows.length >= MOST_BEADS) return rows;
      const { wait_s, rewarm_s } = keeper.before(clock_s, n + 1, rows.length + 1, true);
      clock_s += wait_s + rewarm_s;
      const start = keeper.starts[keeper.starts.length - 1];
      const arc_s = each_mm / travel_mm_s;
      clock_s += arc_s;
      keeper.laid(clock_s, heatAmps_A(rod), arc_s);
      clock_s += between_s;
      rows.push({
        pass: n + 1,
        from_mm: place * each_mm,
        to_mm: (place + 1) * each_mm,
        current_A: rod.current_A,
        started_C: start?.started_C ?? heat.start_C,
        wait_s,
      });
    }
  }
  return rows;
}

/** Metals laid in short beads that skip about: what is told bead by bead is not told rod by rod as well. */
export const inShortBeads = ({ wants, iron }: Reads<'wants' | 'iron'>): boolean =>
  iron?.way.value === 'cold' ||
  (iron === null && wants.families.some((id) => metalFamily(id).group === 'manganese'));

/** Rod by rod, with amps that come down as the part warms. */
export function fallingAmps(situation: Situation): BeadRow[] {
  const { timeline, beads, length_mm } = situation;
  const amps = ampsAsItWarms(situation);
  if (!timeline || !beads || amps.length < 2) return [];
  const perRod_mm = toldPass(beads)?.beadPerRod_mm ?? length_mm;
  const passStart = new Map<number, number>();
  return timeline.starts.slice(0, MOST_BEADS).map((start, n) => {
    const from_mm = passStart.get(start.pass) ?? 0;
    const to_mm = Math.min(length_mm, from_mm + perRod_mm);
    passStart.set(start.pass, to_mm);
    return {
      pass: start.pass,
      from_mm,
      to_mm,
      current_A: amps[n] ?? 0,
      started_C: start.started_C,
      wait_s: start.wait_s,
    };
  });
}

/** Waits that are waits, longest and how many. */
export function waitsOf(rows: readonly BeadRow[]): { count: number; longest_s: number; usual_s: number } {
  const waits = rows.map(({ wait_s }) => wait_s).filter((wait) => wait >= SHORTEST_WAIT_s.value);
  const sorted = [...waits].sort((a, b) => a - b);
  return {
    count: waits.length,
    longest_s: sorted[sorted.length - 1] ?? 0,
    usual_s: sorted[Math.floor(sorted.length / 2)] ?? 0,
  };
}
