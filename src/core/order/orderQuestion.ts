import { ROD_CHANGE_s } from '../data/limits';
import { MOST_SEGMENTS } from '../data/orderIds';
import { BUCKLES_TO_mm } from '../data/pull';
import { cornersOf, onFrame, roundOf } from '../field/frame';
import type { BlowPiece } from '../field/piece';
import { blown } from '../field/sweep';
import type { Job } from '../formats/job';
import { arcHeat_W } from '../heat/arcEnergy';
import { MELT_FROM_C, type MeltProperties } from '../heat/burnThrough';
import type { Piece } from '../heat/piece';
import type { JointGeometry } from '../joint/geometry';
import { heatTable, type HeatTableQuestion } from './heatBetween';
import type { OrderTerms } from './judgeOrder';
import { edgesOf, segmentsOf, type Segment } from '../joint/segments';
import { DUTY_PERIOD_s, permittedDuty } from '../power/duty';
import { pointsHere, type Plate } from '../power/plate/nameplate';
import type { BeadPlan } from '../rods/beads';
import { heatAmps_A } from '../rods/hand';
import type { Range } from '../units/range';
import type { HeatPlan } from '../preheat/heatPlan';
import type { BlowPlan } from '../field/blowPlan';
import { pieceTraits } from '../data/pieces';

/** Everything a search for an order is asked with; plain data, so that it can be handed to a worker. */
export interface OrderQuestion extends Omit<OrderTerms, 'heat' | 'blowOf'> {
  heat: HeatTableQuestion;
  travel: 1 | -1;
  /** Worst field over its limit by segment: run to the left, and to the right. */
  blow: readonly (readonly [left: number, right: number])[];
  /** Rest that the duty window asks between segments, beside changing rods, s. */
  dutyRest_s: number;
}

/** What an order is asked of. */
export interface OrderContext {
  job: Job;
  beads: BeadPlan | null;
  heat: HeatPlan;
  length_mm: number;
  /** How long a run is laid in one go; null: as far as a rod goes. */
  stitch_mm: number | null;
  blow: BlowPlan | null;
  plate: Plate | null;
  current_A: { value: number } | null;
  /** Amps at which the thin side holes. */
  holesAt_A: Range | null;
  joint: JointGeometry;
  melt: MeltProperties;
  rest_s: number;
}

/** The terms of a question, its heat reckoned. */
export const termsOf = ({ heat, blow, ...terms }: OrderQuestion): OrderTerms => ({
  ...terms,
  heat: heatTable(heat),
  blowOf: (index, travel) => blow[index]?.[travel === 1 ? 1 : 0] ?? 0,
});

/** The same question about its first few segments only. */
export function firstFew(question: OrderQuestion, count: number): OrderQuestion {
  const { heat } = question;
  return {
    ...question,
    heat: {
      ...heat,
      segments: heat.segments.slice(0, count),
      edges_mm: heat.edges_mm.slice(0, question.joined ? count + 1 : count),
    },
    middles: question.middles.slice(0, count),
    blow: question.blow.slice(0, count),
  };
}

/** What the first pass of a job asks of its order; null while nothing is laid out. */
export function orderQuestion(context: OrderContext): OrderQuestion | null {
  const { beads, heat, length_mm, blow, rest_s } = context;
  const pass = beads?.passes[0];
  if (!pass) return null;
  const laid = layOutOf(context, pass.beadPerRod_mm);
  const each_mm = length_mm / laid.segments.length;
  const arc_s = each_mm / pass.travel_mm_s;
  const duty_s = dutyRest_s(context, arc_s, laid.segments.length);
  return {
    heat: {
      piece: laid.piece,
      segments: laid.segments,
      edges_mm: laid.edges_mm,
      start_C: heat.start_C,
      energy_J: arcHeat_W(heatAmps_A(pass.rod)) * arc_s,
      arc_s,
      between_s: Math.max(ROD_CHANGE_s + rest_s, duty_s),
    },
    middles: laid.middles,
    joined: laid.joined,
    travel: blow?.first ?? 1,
    blow: laid.segments.map((_, n) => {
      const [from, to] = [n * each_mm, (n + 1) * each_mm];
      const here = blow?.places.filter(({ along_mm }) => along_mm >= from && along_mm <= to) ?? [];
      const worst = (travel: 1 | -1) =>
        blow ? Math.max(0, ...here.map((place) => blown(place, travel, blow.hold).share)) : 0;
      return [worst(-1), worst(1)] as const;
    }),
    ceiling_C: heat.ceiling?.value_C ?? null,
    holesAt_C: holesStartAt_C(context, pass.rod.current_A),
    rodsEach: Math.max(1, Math.ceil(each_mm / pass.beadPerRod_mm - 1e-6)),
    dutyRest_s: duty_s,
  };
}

interface Placed {
  piece: Piece;
  segments: readonly Segment[];
  edges_mm: readonly number[];
  middles: readonly { x: number; y: number }[];
  joined: boolean;
}

/** Segments of a seam, no longer than a rod goes, than sheet is stitched or than is typed; on a frame one to every corner. */
function layOutOf({ blow, heat, job, length_mm, stitch_mm }: OrderContext, rod_mm: number): Placed {
  if (blow && pieceTraits(blow.piece.kind).cornered) return roundFrame(blow.piece, heat.piece, length_mm);
  const longest = Math.max(
    job.order.segment_mm ?? Math.min(stitch_mm ?? Infinity, rod_mm),
    length_mm / MOST_SEGMENTS,
  );
  const segments = segmentsOf(length_mm, longest);
  return {
    piece: heat.piece,
    segments,
    edges_mm: edgesOf(segments),
    middles: segments.map(({ from_mm, to_mm }) => ({ x: (from_mm + to_mm) / 2, y: 0 })),
    joined: true,
  };
}

/** The tubes unrolled: as long as the frame is round, as wide as a tube is round. */
function roundFrame(frame: BlowPiece, piece: Piece, length_mm: number): Placed {
  const corners = cornersOf(frame);
  const whole = roundOf(frame);
  const half = Math.min(length_mm / 8, frame.tube_mm);
  // Cut open in the middle of the last tube.
  const cut = (frame.width_mm - frame.tube_mm) / 2;
  const along = corners.map((corner) => (onFrame(frame, corner).round_mm + cut) % whole);
  return {
    piece: { ...piece, length_mm: whole, weldLength_mm: whole, width_mm: 4 * frame.tube_mm },
    segments: along.map((at, index) => ({ index, from_mm: at - half, to_mm: at + half })),
    edges_mm: along,
    middles: corners,
    joined: false,
  };
}

/** Rest after each segment for the arc to stay in the duty window, s: 0 where all of it fits one window. */
function dutyRest_s({ plate, current_A }: OrderContext, arc_s: number, segments: number): number {
  if (!plate || !current_A) return 0;
  const duty = permittedDuty(pointsHere(plate), current_A.value);
  if (duty === null || duty <= 0 || arc_s * segments <= duty * DUTY_PERIOD_s) return 0;
  return arc_s * (1 / duty - 1);
}

/** Metal on which a sheet holes where the rod is struck again, °C; null on plate. */
function holesStartAt_C({ holesAt_A, joint, melt }: OrderContext, current_A: number): number | null {
  if (!holesAt_A || joint.thin_mm === null || joint.thin_mm > BUCKLES_TO_mm.value) return null;
  const at_C = startHolesAt_C(current_A, holesAt_A.nominal, melt);
  return at_C <= MELT_FROM_C ? null : at_C;
}

/** Metal on which a start holes that would hole cold at so many amps, °C: the heat that melts through grows as the degrees left to melting. */
export const startHolesAt_C = (current_A: number, holesAt_A: number, melt: MeltProperties): number =>
  MELT_FROM_C + melt.rise_K * (1 - arcHeat_W(current_A) / arcHeat_W(holesAt_A));
