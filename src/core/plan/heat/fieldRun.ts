import { arcHeat_W } from '../../heat/arcEnergy';
import { transitionThickness_mm } from '../../heat/cooling85';
import { pieceLoss_per_s, warmedPart } from '../../heat/piece';
import type { PlateEvent, Spot } from '../../heat/plate/plate';
import type { PlateRun } from '../../heat/plate/run';
import type { Situation } from '../situation';

/** More arcs than this are not followed one by one. */
const MOST_ARCS = 24;
const COLUMNS = 200;
const ROWS = 100;
/** A bead is about so many times as wide as it is high, so that its width follows from its section. */
const BEAD_SHAPE = 2.2;
/** A bead narrower than so many cells of the picture cannot be seen in it. */
const CELLS_WIDE = 1.5;
/** Shortest side of a piece that can be shown, mm. */
const LEAST_SIDE_mm = 20;

/** A plate run with what each of its events is. */
export interface FieldRun extends PlateRun {
  /** Pass and rod of each event; a rest has none. */
  labels: readonly { kind: 'weld' | 'rest'; pass: number; rod: number }[];
  /** Arcs left out at the end, because there are too many. */
  leftOut: number;
}

/** Temperatures whose outlines are worth seeing: hand-warm, the limits of the job, and where metal changes. */
function levelsFor({ heat }: Situation): number[] {
  const own = [heat.asked_C.high, heat.ceiling?.value_C ?? 0].map((C) => Math.round(C));
  return [...new Set([60, 100, ...own, 200, 300, 500, 800])]
    .filter((C) => C > heat.metal_C + 10)
    .sort((a, b) => a - b);
}

/**
 * The heat of this job as a plate seen from above: every rod a segment along the middle, or every segment of
 * the order that the welder has taken; every pause a rest, the preheat as the start.
 * Null while there is nothing laid out to weld.
 */
export function fieldRun(situation: Situation): FieldRun | null {
  const plan = situation.order;
  const order =
    plan && plan.question.joined && plan.question.heat.segments.length > 1
      ? { order: plan.taken.judged.order, segments: plan.question.heat.segments }
      : null;
  const { heat, timeline, beads, length_mm } = situation;
  const [first] = beads?.passes ?? [];
  if (!timeline || !beads || !first) return null;
  const { piece } = heat;
  const length = Math.max(piece.length_mm, length_mm + 2, LEAST_SIDE_mm);
  const width = Math.max(piece.width_mm, LEAST_SIDE_mm);
  const start_mm = (length - length_mm) / 2;
  const y_mm = width / 2;
  const events: PlateEvent[] = [];
  const labels: FieldRun['labels'][number][] = [];
  let arcs = 0;
  let leftOut = 0;
  const rest = (duration_s: number) => {
    if (duration_s <= 0) return;
    const last = events.at(-1);
    if (last?.kind === 'rest') last.duration_s += duration_s;
    else {
      events.push({ kind: 'rest', duration_s });
      labels.push({ kind: 'rest', pass: 0, rod: 0 });
    }
  };
  const weld = (
    from_mm: number,
    to_mm: number,
    duration_s: number,
    current_A: number,
    pass: number,
    rod: number,
  ) => {
    if (arcs >= MOST_ARCS) {
      leftOut += 1;
      return;
    }
    const at = (mm: number): Spot => ({ x_mm: start_mm + mm, y_mm });
    events.push({
      kind: 'weld',
      from: at(from_mm),
      to: at(to_mm),
      duration_s,
      power_W: arcHeat_W(current_A),
    });
    labels.push({ kind: 'weld', pass, rod });
    arcs += 1;
  };
  for (const [n, laid] of beads.passes.entries()) {
    const own = timeline.events.filter(({ pass }) => pass === n + 1);
    const whole_mm = laid.to_mm - laid.from_mm;
    if (order && Math.abs(whole_mm - length_mm) < 1) {
      // In the planned order: what is paused in the pass is shared out between its segments.
      const paused_s = own.reduce((sum, { kind, duration_s }) => sum + (kind === 'arc' ? 0 : duration_s), 0);
      for (const [nth, { index, travel }] of order.order.entries()) {
        const segment = order.segments[index];
        if (!segment) continue;
        const [low, high] = [segment.from_mm, segment.to_mm];
        const [from, to] = travel === 1 ? [low, high] : [high, low];
        weld(from, to, (high - low) / laid.travel_mm_s, laid.rod.current_A, n + 1, nth + 1);
        if (leftOut === 0) rest(paused_s / order.order.length);
      }
      continue;
    }
    let along_mm = laid.from_mm;
    for (const event of own) {
      if (event.kind !== 'arc') {
        if (arcs > 0 && leftOut === 0) rest(event.duration_s);
        continue;
      }
      const reach_mm = Math.min(laid.travel_mm_s * event.duration_s, length_mm - along_mm);
      weld(along_mm, along_mm + reach_mm, event.duration_s, event.current_A, event.pass, event.rod);
      along_mm += reach_mm;
    }
  }
  if (arcs === 0) return null;
  const part = warmedPart(piece);
  const heat_kJ_mm = heat.input?.most_kJ_mm ?? 1;
  return {
    plate: {
      length_mm: length,
      width_mm: width,
      thickness_mm: piece.thickness_mm,
      metal: piece.metal,
      loss_per_s: pieceLoss_per_s(piece) * heat.cooling.faster,
      air_C: heat.metal_C,
      start_C: heat.metal_C,
      bead_mm: Math.max(
        Math.sqrt(first.area_mm2 * BEAD_SHAPE),
        (CELLS_WIDE * length) / COLUMNS,
        (CELLS_WIDE * width) / ROWS,
      ),
      thick: piece.thickness_mm > transitionThickness_mm(heat_kJ_mm, Math.min(heat.start_C, 450)),
      warmed:
        heat.start_C > heat.metal_C
          ? {
              from: { x_mm: (length - part.length_mm) / 2, y_mm: (width - part.width_mm) / 2 },
              to: { x_mm: (length + part.length_mm) / 2, y_mm: (width + part.width_mm) / 2 },
              to_C: heat.start_C,
            }
          : null,
    },
    events,
    labels,
    leftOut,
    columns: COLUMNS,
    rows: ROWS,
    levels_C: levelsFor(situation),
    probes: [
      { x_mm: start_mm, y_mm: y_mm + 10 },
      { x_mm: length / 2, y_mm: y_mm + 10 },
      { x_mm: start_mm + length_mm, y_mm: y_mm + 10 },
    ],
  };
}
