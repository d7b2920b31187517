import { INTERPASS_AT_mm } from '../data/heatLimits';
import type { BlowPiece } from '../field/piece';
import { arcHeat_W } from '../heat/arcEnergy';
import { transitionThickness_mm } from '../heat/cooling85';
import { pieceLoss_per_s, warmedPart, type Piece } from '../heat/piece';
import type { PlateEvent, Spot } from '../heat/plate/plate';
import type { PlateRun, PlateStart } from '../heat/plate/run';
import type { OrderPlan } from './orderPlan';
import type { Reads, Situation } from '../judge/situation';
import { pieceTraits } from '../data/pieces';

/** More arcs than this are not followed one by one. */
const MOST_ARCS = 24;
/** Cells that the plate is drawn with, square as far as may be, and the fewest across it. */
const CELLS = 20_000;
const LEAST_ROWS = 24;
/** A bead is about so many times as wide as it is high, so that its width follows from its section. */
const BEAD_SHAPE = 2.2;
/** A bead narrower than so many cells of the picture cannot be seen in it. */
const CELLS_WIDE = 1.5;
/** Shortest side of a piece that can be shown, mm. */
const LEAST_SIDE_mm = 20;

/** What an event is. */
export interface FieldLabel {
  kind: 'weld' | 'rest';
  pass: number;
  /** Which rod of its pass, or which run of the order. */
  rod: number;
  /** In a planned order: which segment, or which corner of a frame; else 0. */
  segment: number;
}

/** A frame of tube whose tubes are the plate, unrolled one after the other. */
export interface UnrolledFrame {
  sides: Pick<BlowPiece, 'length_mm' | 'width_mm' | 'tube_mm'>;
  /** Where its corners lie along the plate, from the lower left. */
  corners_mm: readonly number[];
}

/** A plate run with what each of its events is. */
export interface FieldRun extends PlateRun {
  labels: readonly FieldLabel[];
  /** Arcs left out at the end, because there are too many. */
  leftOut: number;
  frame: UnrolledFrame | null;
}

/** Temperatures whose outlines are worth seeing: hand-warm, the limits of the job, and where metal changes. */
function levelsFor({ heat }: Reads<'heat'>): number[] {
  const own = [heat.asked_C.high, heat.ceiling?.value_C ?? 0].map((C) => Math.round(C));
  return [...new Set([60, 100, ...own, 200, 300, 500, 800])]
    .filter((C) => C > heat.metal_C + 10)
    .sort((a, b) => a - b);
}

/**
 * The heat of this job as a plate seen from above: every rod a segment along the middle, or every segment of
 * the order that the welder has taken; on a frame its corners, over the tubes unrolled. Every pause is a rest, the preheat the start.
 * Null while there is nothing laid out to weld.
 */
export function fieldRun(situation: Situation): FieldRun | null {
  const { heat, timeline, beads, order, blow } = situation;
  const [first] = beads?.passes ?? [];
  if (!timeline || !beads || !first) return null;
  const frame =
    order && blow && pieceTraits(blow.piece.kind).cornered
      ? { sides: blow.piece, corners_mm: order.question.heat.edges_mm }
      : null;
  const piece = frame && order ? order.question.heat.piece : heat.piece;
  const seam = seamOf(situation, piece, frame);
  const { events, labels, starts, leftOut } = eventsOf(situation, seam);
  if (starts.length === 0) return null;
  const { length_mm: length, width_mm: width } = seam;
  const rows = Math.max(LEAST_ROWS, Math.round(Math.sqrt((CELLS * width) / length)));
  const columns = Math.round(CELLS / rows);
  const part = frame ? { length_mm: length, width_mm: width } : warmedPart(piece);
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
        (CELLS_WIDE * length) / columns,
        (CELLS_WIDE * width) / rows,
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
    starts,
    leftOut,
    frame,
    columns,
    rows,
    levels_C: levelsFor(situation),
    probes: seam.probes,
  };
}

/** The seam on its plate: how big that is, and where a stretch of weld begins and ends on it. */
interface SeamOnPlate {
  length_mm: number;
  width_mm: number;
  spotsOf: (from_mm: number, to_mm: number) => { from: Spot; to: Spot };
  /** The same for a segment of the order, as it lies from left to right or from the inside out. */
  segment: (index: number) => { from: Spot; to: Spot };
  /** From a place on the seam to where metal is measured beside it. */
  beside: (spot: Spot) => Spot;
  /** The order it is laid in; null where it is laid as the rods come. */
  order: OrderPlan | null;
  /** All of a pass is laid in that order, however long it is: each corner once. */
  whole: boolean;
  probes: readonly Spot[];
}

const AT = INTERPASS_AT_mm.value;

function seamOf(
  { order, length_mm }: Reads<'order' | 'length_mm'>,
  piece: Piece,
  frame: UnrolledFrame | null,
): SeamOnPlate {
  if (frame && order) {
    const width = piece.width_mm;
    const half = Math.min(frame.sides.tube_mm, width) / 2;
    const cross = (x_mm: number) => ({
      from: { x_mm, y_mm: width / 2 - half },
      to: { x_mm, y_mm: width / 2 + half },
    });
    const beside = ({ x_mm, y_mm }: Spot): Spot => ({ x_mm: x_mm + AT, y_mm });
    return {
      length_mm: piece.length_mm,
      width_mm: width,
      spotsOf: (from_mm) => cross(from_mm),
      segment: (index) => cross(frame.corners_mm[index] ?? 0),
      beside,
      order,
      whole: true,
      probes: frame.corners_mm.map((x_mm) => beside({ x_mm, y_mm: width / 2 })),
    };
  }
  const length = Math.max(piece.length_mm, length_mm + 2, LEAST_SIDE_mm);
  const width = Math.max(piece.width_mm, LEAST_SIDE_mm);
  const start_mm = (length - length_mm) / 2;
  const at = (mm: number): Spot => ({ x_mm: start_mm + mm, y_mm: width / 2 });
  const spotsOf = (from_mm: number, to_mm: number) => ({ from: at(from_mm), to: at(to_mm) });
  const beside = ({ x_mm, y_mm }: Spot): Spot => ({ x_mm, y_mm: Math.min(width, y_mm + AT) });
  const planned = order && order.question.joined && order.question.heat.segments.length > 1 ? order : null;
  return {
    length_mm: length,
    width_mm: width,
    spotsOf,
    segment: (index) => {
      const segment = planned?.question.heat.segments[index];
      return spotsOf(segment?.from_mm ?? 0, segment?.to_mm ?? 0);
    },
    beside,
    order: planned,
    whole: false,
    probes: [0, length_mm / 2, length_mm].map((mm) => beside(at(mm))),
  };
}

/** Arcs and rests one after the other, with where each arc is struck. */
function eventsOf(
  { beads, timeline, length_mm }: Reads<'beads' | 'timeline' | 'length_mm'>,
  seam: SeamOnPlate,
) {
  const events: PlateEvent[] = [];
  const labels: FieldLabel[] = [];
  const starts: PlateStart[] = [];
  let leftOut = 0;
  const rest = (duration_s: number) => {
    if (duration_s <= 0 || starts.length === 0 || leftOut > 0) return;
    const last = events.at(-1);
    if (last?.kind === 'rest') last.duration_s += duration_s;
    else {
      events.push({ kind: 'rest', duration_s });
      labels.push({ kind: 'rest', pass: 0, rod: 0, segment: 0 });
    }
  };
  const weld = (
    { from, to }: { from: Spot; to: Spot },
    duration_s: number,
    current_A: number,
    label: Omit<FieldLabel, 'kind'>,
  ) => {
    if (starts.length >= MOST_ARCS) {
      leftOut += 1;
      return;
    }
    starts.push({ event: events.length, at: seam.beside(from) });
    events.push({ kind: 'weld', from, to, duration_s, power_W: arcHeat_W(current_A) });
    labels.push({ kind: 'weld', ...label });
  };
  for (const [n, laid] of (beads?.passes ?? []).entries()) {
    const own = (timeline?.events ?? []).filter(({ pass }) => pass === n + 1);
    const whole_mm = laid.to_mm - laid.from_mm;
    if (seam.order && (seam.whole || Math.abs(whole_mm - length_mm) < 1)) {
      // In the planned order: what is paused in the pass is shared out between its segments.
      const paused_s = own.reduce((sum, { kind, duration_s }) => sum + (kind === 'arc' ? 0 : duration_s), 0);
      const { order } = seam.order.taken.judged;
      for (const [nth, { index, travel }] of order.entries()) {
        const { from, to } = seam.segment(index);
        weld(
          travel === 1 ? { from, to } : { from: to, to: from },
          whole_mm / order.length / laid.travel_mm_s,
          laid.rod.current_A,
          { pass: n + 1, rod: nth + 1, segment: index + 1 },
        );
        rest(paused_s / order.length);
      }
      continue;
    }
    let along_mm = laid.from_mm;
    for (const event of own) {
      if (event.kind !== 'arc') {
        rest(event.duration_s);
        continue;
      }
      const reach_mm = Math.min(laid.travel_mm_s * event.duration_s, length_mm - along_mm);
      weld(seam.spotsOf(along_mm, along_mm + reach_mm), event.duration_s, event.current_A, {
        pass: event.pass,
        rod: event.rod,
        segment: 0,
      });
      along_mm += reach_mm;
    }
  }
  return { events, labels, starts, leftOut };
}
