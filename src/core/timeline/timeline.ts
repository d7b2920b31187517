import { CHIP_BASE_s, CHIP_s_per_mm, ROD_CHANGE_s, SETTLE_s, STITCH_MOVE_s } from '../data/limits';
import type { PositionId } from '../data/words';
import type { Tacks } from '../joint/tacks';
import type { BeadPlan } from '../rods/beads';
import { heatAmps_A } from '../rods/hand';
import { HeatKeeper, type BeadStart, type HeatHolds } from '../heat/holds';

/** One stretch of the job, one after another without gaps. */
export interface TimelineEvent {
  /** 'warm': the torch is on; 'cool': waited until the metal has cooled. */
  kind: 'tack' | 'arc' | 'change' | 'chip' | 'rest' | 'warm' | 'cool';
  start_s: number;
  duration_s: number;
  /** Welding current; 0 while the arc is off. */
  current_A: number;
  /** Pass and rod it belongs to, from 1; 0 before the first pass. */
  pass: number;
  rod: number;
  position: PositionId | null;
}

/** The whole job in seconds: the one sequence that duty, breaker, rods, order and run all read. */
export interface Timeline {
  events: readonly TimelineEvent[];
  arc_s: number;
  elapsed_s: number;
  /** How warm the metal was where beads began; empty where nothing is asked of heat. */
  starts: readonly BeadStart[];
}

export interface TimelineQuestion {
  beads: BeadPlan;
  length_mm: number;
  rest_s: number;
  position: PositionId | null;
  /** How many, what each burns, and the way to the next. */
  tacks: Pick<Tacks, 'count' | 'arc_s' | 'move_s'>;
  /** How long a run is laid in one go, mm; null: as far as a rod goes. */
  stitch_mm: number | null;
  /** What heat asks; null where it asks nothing. */
  heat: HeatHolds | null;
  /**
   * How the hand works: each rod chipped, brushed and looked at before the next one; or in a hurry, rod on rod to the
   * end of the pass. Machine, fuse and cords are judged by the hurried one.
   */
  hand?: 'ordinary' | 'hurried';
}

const MOST_RODS = 3000;

/** Lays the job out in time: tacks, then every pass rod by rod with changes, chipping and the rests asked for. */
export function buildTimeline({
  beads,
  length_mm,
  rest_s,
  position,
  tacks,
  stitch_mm,
  heat,
  hand = 'ordinary',
}: TimelineQuestion): Timeline {
  const events: TimelineEvent[] = [];
  let clock_s = 0;
  let arc_s = 0;
  let current_A = beads.passes[0]?.rod.current_A ?? 0;
  const add = (kind: TimelineEvent['kind'], duration_s: number, pass: number, rod: number) => {
    if (duration_s <= 0) return;
    const burning = kind === 'arc' || kind === 'tack';
    events.push({
      kind,
      start_s: clock_s,
      duration_s,
      current_A: burning ? current_A : 0,
      pass,
      rod,
      position,
    });
    clock_s += duration_s;
    if (burning) arc_s += duration_s;
  };

  const keeper = heat && new HeatKeeper(heat);
  add('warm', heat?.warm_s ?? 0, 0, 0);
  keeper?.warmed(clock_s);
  for (let tack = 0; tack < tacks.count; tack++) {
    add('tack', tacks.arc_s, 0, 0);
    add('change', tacks.move_s, 0, 0);
  }
  let rod = 0;
  let leftInRod = 0;
  let burning = beads.passes[0]?.rod;
  /** Bead that still wears its slag, mm. */
  let slag_mm = 0;
  const chip = (pass: number): number => {
    const chip_s = slag_mm > 1e-9 ? CHIP_BASE_s + CHIP_s_per_mm * slag_mm : 0;
    slag_mm = 0;
    add('chip', chip_s, pass, rod);
    return chip_s;
  };
  beads.passes.forEach((pass, index) => {
    let toLay = pass.rods;
    // Another kind of rod: what is left of the last one is laid aside.
    if (pass.rod !== burning) leftInRod = 0;
    burning = pass.rod;
    current_A = pass.rod.current_A;
    // Stitches: the hand moves on after each.
    const stitch = stitch_mm === null ? Infinity : stitch_mm / pass.beadPerRod_mm;
    let leftInStitch = stitch;
    let firstOfPass = true;
    while (toLay > 1e-9 && rod < MOST_RODS) {
      if (leftInRod <= 1e-9) {
        if (rod > 0) {
          const settle_s = hand === 'ordinary' ? SETTLE_s.value : 0;
          const chip_s = hand === 'ordinary' ? chip(index + 1) : 0;
          add('change', ROD_CHANGE_s + settle_s, index + 1, rod);
          // What is chipped and looked over meanwhile is rest for the machine as well.
          add('rest', Math.max(0, rest_s - chip_s - settle_s), index + 1, rod);
        }
        rod += 1;
        leftInRod = 1;
      }
      const share = Math.min(toLay, leftInRod, leftInStitch);
      const held = keeper?.before(clock_s, index + 1, rod, firstOfPass);
      add('cool', held?.wait_s ?? 0, index + 1, rod);
      add('warm', held?.rewarm_s ?? 0, index + 1, rod);
      firstOfPass = false;
      add('arc', share * pass.arcPerRod_s, index + 1, rod);
      keeper?.laid(clock_s, heatAmps_A(pass.rod), share * pass.arcPerRod_s);
      // TIG leaves no slag.
      if (!pass.rod.by) slag_mm += share * pass.beadPerRod_mm;
      toLay -= share;
      leftInRod -= share;
      leftInStitch -= share;
      if (leftInStitch <= 1e-9 && toLay > 1e-9) {
        leftInStitch = stitch;
        if (leftInRod > 1e-9) add('change', STITCH_MOVE_s.value, index + 1, rod);
      }
    }
    // Chipped once the bead has reached the end of the joint.
    if (pass.to_mm >= length_mm - 1e-6) chip(index + 1);
  });
  return { events, arc_s, elapsed_s: clock_s, starts: keeper?.starts ?? [] };
}

/**
 * Most arc time in any window of `window_s` seconds of the job, s. Exact: a worst window starts where an arc starts
 * or ends where an arc ends.
 */
export function worstWindowArc_s(timeline: Timeline, window_s: number): number {
  const arcs = timeline.events.filter((event) => event.current_A > 0);
  const starts = arcs.map((arc) => arc.start_s);
  const before: number[] = [0];
  for (const arc of arcs) before.push((before[before.length - 1] ?? 0) + arc.duration_s);

  /** Arc seconds from the beginning of the job to a time; `hint` is the last arc known to start before it. */
  const burnedBy = (time_s: number, hint: number): { sum: number; index: number } => {
    let index = hint;
    while (index < arcs.length && (starts[index] ?? Infinity) <= time_s) index++;
    const arc = arcs[index - 1];
    if (!arc) return { sum: 0, index };
    const part = Math.min(time_s - arc.start_s, arc.duration_s);
    return { sum: (before[index - 1] ?? 0) + part, index };
  };

  let worst = 0;
  let ahead = 0;
  let behind = 0;
  for (let i = 0; i < arcs.length; i++) {
    const arc = arcs[i];
    if (!arc) continue;
    const opened = burnedBy(arc.start_s + window_s, ahead);
    ahead = opened.index;
    worst = Math.max(worst, opened.sum - (before[i] ?? 0));
    const end_s = arc.start_s + arc.duration_s;
    const closed = burnedBy(end_s - window_s, behind);
    behind = closed.index;
    worst = Math.max(worst, (before[i + 1] ?? 0) - closed.sum);
  }
  return worst;
}
