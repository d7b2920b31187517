import type { BeadPlan, Pass } from '../rods/beads';
import { arcPerRod_s, depositPerRod_mm3, heatAmps_A } from '../rods/hand';
import type { RodClassId } from '../data/rods';
import type { RodSizeId } from '../data/rodSizes';
import type { Full } from '../formats/run';
import type { Arc, Happened } from './happened';

/** An arc with what it burned. */
export interface CountedArc extends Arc {
  burned_s: number;
  /** Rods of its size, a part of one mostly. */
  burned_rods: number;
  laid_mm: number;
  /** Amps at which a covered rod heats as it did. */
  heat_A: number;
}

/** A pass: what was planned of it and what it has come to. */
export interface PassCount {
  /** From 1. */
  pass: number;
  /** Null where the plan did not have it. */
  planned: Pass | null;
  /** What it is laid like: as planned, or as the last that was. Null where no pass is laid out. */
  like: Pass | null;
  of_mm: number;
  arc_s: number;
  rods: number;
  /** Bead laid, mm, as reckoned from what was burned; never more than the pass is long. */
  laid_mm: number;
  /** Amps it was burned at, weighed by time; null before its first arc. */
  current_A: number | null;
  begun_ms: number | null;
  done_ms: number | null;
  full: Full | null;
}

/** The arc that burns. */
export interface Burning {
  since_ms: number;
  burned_s: number;
  /** Seconds and bead until the rod is burned down. */
  left_s: number;
  left_mm: number;
  /** It burns longer than a rod can: somebody forgot to say that it stopped. */
  overdue: boolean;
  /** What comes to its end then. */
  ends: 'rod' | 'pass';
}

/** What the work has taken so far, and where in the plan it stands. */
export interface Count {
  arcs: readonly CountedArc[];
  passes: readonly PassCount[];
  /** The pass that is laid now, from 1; null where the joint is full. */
  now: number | null;
  /** Part of the rod in the holder that is burned; 0 where there is none. */
  inRod: number;
  /** Rods begun, by class and size, tacks among them. */
  rods: readonly { rodClass: RodClassId; size: RodSizeId; count: number }[];
  arc_s: number;
  on: Burning | null;
}

/** A rod of which so much is burned is not struck again: the next arc has a new one. Common practice: stubs of 50 mm. */
const STUB_SHARE = 0.9;
/** How much longer than reckoned a rod may burn before it is asked about. */
const OVERDUE_SHARE = 1.3;

/** Passes that are laid: those of the plan, one more or one fewer for every joint that was seen to be less or more full than planned. */
export function passesAsSeen(planned: number, passes: Happened['passes']): number {
  let total = planned;
  for (const [pass, { full }] of [...passes].sort(([a], [b]) => a - b)) {
    if (full === 'full') return pass;
    if (full === 'less') total += 1;
    if (full === 'more') total = Math.max(pass, total - 1);
  }
  return Math.max(total, ...passes.keys());
}

/**
 * Counts what was burned against the plan.
 * @param beads passes as planned now, @param long_mm length of a new rod where its tin says it, @param now_ms on the run's own clock
 */
export function countOf(
  { arcs, passes }: Pick<Happened, 'arcs' | 'passes'>,
  beads: Pick<BeadPlan, 'passes'>,
  long_mm: number | null,
  now_ms: number,
): Count {
  const counted: CountedArc[] = [];
  const begun = new Map<string, { rodClass: RodClassId; size: RodSizeId; count: number }>();
  let inRod = 0;
  let holder: string | null = null;
  let on: Burning | null = null;
  for (const arc of arcs) {
    const kind = `${arc.rodClass} ${arc.size}`;
    const rod_s = arcPerRod_s(arc.rodClass, arc.size, arc.current_A, long_mm);
    const bead = beadOf(beads.passes, arc.pass);
    const perRod_mm = bead === null ? 0 : depositPerRod_mm3(arc.rodClass, arc.size, long_mm) / bead.area_mm2;
    const used = begun.get(kind) ?? { rodClass: arc.rodClass, size: arc.size, count: 0 };
    if (arc.rods !== null) {
      begun.set(kind, { ...used, count: used.count + arc.rods });
      counted.push({
        ...arc,
        burned_s: arc.rods * rod_s,
        burned_rods: arc.rods,
        laid_mm: arc.rods * perRod_mm,
        heat_A: arc.current_A,
      });
      [inRod, holder] = [0, null];
      continue;
    }
    if (bead?.rod.by) {
      const laid = laidByPace(arc, bead, counted, now_ms);
      counted.push(laid.arc);
      on = laid.on ?? on;
      [inRod, holder] = [0, null];
      continue;
    }
    if (arc.freshRod || kind !== holder || inRod >= STUB_SHARE) {
      begun.set(kind, { ...used, count: used.count + 1 });
      [inRod, holder] = [0, kind];
    }
    const whole_s = ((arc.to_ms ?? now_ms) - arc.from_ms) / 1000;
    const left_s = (1 - inRod) * rod_s;
    // No rod burns longer than it is: what is told over that was forgotten.
    const burned_s = Math.max(0, Math.min(whole_s, Math.max(left_s, 0) * OVERDUE_SHARE));
    const share = Math.min(burned_s / rod_s, 1 - inRod);
    if (arc.to_ms === null)
      on = {
        since_ms: arc.from_ms,
        burned_s,
        left_s: Math.max(0, left_s - burned_s),
        left_mm: Math.max(0, (1 - inRod - share) * perRod_mm),
        overdue: whole_s > left_s * OVERDUE_SHARE,
        ends: 'rod',
      };
    inRod += share;
    counted.push({
      ...arc,
      burned_s,
      burned_rods: share,
      laid_mm: share * perRod_mm,
      heat_A: arc.current_A,
    });
  }
  const total = passesAsSeen(beads.passes.length, passes);
  const each = Array.from({ length: total }, (_, n) => passOf(n + 1, beads.passes, counted, passes));
  return {
    arcs: counted,
    passes: each,
    now: each.find(({ done_ms }) => done_ms === null)?.pass ?? null,
    inRod,
    rods: [...begun.values()],
    arc_s: counted.reduce((sum, { burned_s }) => sum + burned_s, 0),
    on,
  };
}

/** The pass of a plan by its number, or where it has no more the last one again. */
export const plannedAt = (beads: Pick<BeadPlan, 'passes'> | null, pass: number): Pass | null =>
  beads?.passes[pass - 1] ?? beads?.passes.at(-1) ?? null;

/** Whether two passes are run at one setting. */
export const isSetAlike = (a: Pass | null, b: Pass | null): boolean =>
  a?.rod.current_A === b?.rod.current_A && a?.rod.by?.process === b?.rod.by?.process;

/** Where no covered rod burns the pace tells how far an arc came; what is told over the end of the pass was forgotten. */
function laidByPace(
  arc: Happened['arcs'][number],
  bead: Pass,
  counted: readonly CountedArc[],
  now_ms: number,
): { arc: CountedArc; on: Burning | null } {
  const laid = counted.reduce((sum, one) => sum + (one.pass === arc.pass ? one.laid_mm : 0), 0);
  const left_mm = Math.max(0, bead.to_mm - bead.from_mm - laid);
  const left_s = left_mm / bead.travel_mm_s;
  const whole_s = Math.max(0, ((arc.to_ms ?? now_ms) - arc.from_ms) / 1000);
  const burned_s = Math.min(whole_s, left_s * OVERDUE_SHARE);
  const laid_mm = burned_s * bead.travel_mm_s;
  return {
    arc: {
      ...arc,
      burned_s,
      burned_rods: 0,
      laid_mm,
      heat_A: heatAmps_A({ by: bead.rod.by ?? null, current_A: arc.current_A }),
    },
    on:
      arc.to_ms === null
        ? {
            since_ms: arc.from_ms,
            burned_s,
            left_s: Math.max(0, left_s - burned_s),
            left_mm: Math.max(0, left_mm - laid_mm),
            overdue: whole_s > left_s * OVERDUE_SHARE,
            ends: 'pass',
          }
        : null,
  };
}

/** The pass of the plan, or where it has no more the last one again; null for a tack. */
const beadOf = (passes: readonly Pass[], pass: number): Pass | null =>
  pass === 0 ? null : plannedAt({ passes }, pass);

function passOf(
  pass: number,
  planned: readonly Pass[],
  arcs: readonly CountedArc[],
  done: Happened['passes'],
): PassCount {
  const own = arcs.filter((arc) => arc.pass === pass);
  const bead = beadOf(planned, pass);
  const of_mm = bead === null ? 0 : bead.to_mm - bead.from_mm;
  const sum = (of: (arc: CountedArc) => number) => own.reduce((all, arc) => all + of(arc), 0);
  const arc_s = sum(({ burned_s }) => burned_s);
  const seen = done.get(pass);
  return {
    pass,
    planned: planned[pass - 1] ?? null,
    like: bead,
    of_mm,
    arc_s,
    rods: sum(({ burned_rods }) => burned_rods),
    laid_mm: seen
      ? of_mm
      : Math.min(
          of_mm,
          sum(({ laid_mm }) => laid_mm),
        ),
    current_A: arc_s > 0 ? sum(({ burned_s, current_A }) => burned_s * current_A) / arc_s : null,
    begun_ms: own[0]?.from_ms ?? null,
    done_ms: seen?.at_ms ?? null,
    full: seen?.full ?? null,
  };
}
