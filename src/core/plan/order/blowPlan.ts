import { ARCS, type TravelId } from '../../data/orderIds';
import { AC_SHARE, GATHERS, USUAL_CLAMP } from '../../data/arcBlow';
import { libraryRow } from '../../data/library';
import { metalFamily } from '../../data/metals';
import type { FamilyId } from '../../data/families';
import type { Pole } from '../../data/rods';
import { ROD_SIZES } from '../../data/rodSizes';
import { JOINTS, type JointKind } from '../../data/words';
import type { Job } from '../../formats/job';
import type { BlowArc, BlowPiece, Spot } from '../../field/piece';
import {
  blown,
  judgeSeam,
  sweep,
  type BlowAt,
  type BlowJudged,
  type Hold,
  type Seam,
  type Travel,
} from '../../field/sweep';
import type { Piece } from '../../heat/piece';
import type { RodChoice } from '../../rods/choose';

/** Where the arc is blown in a job, and with what. */
export interface BlowPlan {
  piece: BlowPiece;
  arc: BlowArc;
  hold: Hold;
  seam: Seam;
  travel: TravelId;
  /** Left to right is 1: the first pass. */
  first: Travel;
  places: readonly BlowAt[];
  judged: BlowJudged;
  /** Nobody said where the clamp is. */
  clampAssumed: boolean;
  /** A gap, a tee or a corner: the field of one plate says less. */
  acrossGap: boolean;
}

export interface BlowContext {
  job: Job;
  families: readonly FamilyId[];
  rod: RodChoice | null;
  pole: Pole | null;
  current_A: number | null;
  piece: Piece;
}

/** Places a room is read off: a sweep of sixty is for the picture. */
const PLACES = 30;
const GROOVES: readonly (JointKind | null)[] = ['v-butt', 'gouge', 'slot'];

/** Metals that a magnet holds strongly. */
const isMagnetic = (families: readonly FamilyId[]): boolean =>
  families.length === 0 ||
  families.some(
    (id) => metalFamily(id).group !== 'aluminium' && libraryRow(id).magnet.value.startsWith('strong'),
  );

/** Where the weld lies on the piece: along its middle. */
export function seamOf(piece: Pick<Piece, 'length_mm' | 'width_mm' | 'weldLength_mm'>): Seam {
  const weld = Math.min(piece.weldLength_mm, piece.length_mm);
  const y = piece.width_mm / 2;
  const x = (piece.length_mm - weld) / 2;
  return { from: { x, y }, to: { x: x + weld, y } };
}

/** The clamps of a job on its piece; where nobody says, one before the beginning of the weld. */
export function clampsOf(job: Job, piece: Piece): { clamps: Spot[]; assumed: boolean } {
  const { clampAlong_mm, clampAside_mm, clamp2Along_mm, clamp2Aside_mm } = job.order;
  const seam = seamOf(piece);
  const inside = (along: number, aside: number): Spot => ({
    x: Math.min(piece.length_mm, Math.max(0, along)),
    y: Math.min(piece.width_mm, Math.max(0, seam.from.y + aside)),
  });
  const usual = Math.max(USUAL_CLAMP.along_mm, seam.from.x - USUAL_CLAMP.before_mm);
  const first = inside(clampAlong_mm ?? usual, clampAside_mm ?? USUAL_CLAMP.aside_mm);
  const second =
    clamp2Along_mm === null ? [] : [inside(clamp2Along_mm, clamp2Aside_mm ?? USUAL_CLAMP.aside_mm)];
  return { clamps: [first, ...second], assumed: clampAlong_mm === null };
}

const known = new Map<string, readonly BlowAt[]>();
const MOST_KEPT = 300;

/** The push for one ampere does not change with the amps: reckoned once for a piece, and scaled. */
function sweepOf(piece: BlowPiece, arc: BlowArc, seam: Seam): readonly BlowAt[] {
  const bare = { ...piece, residual: { x: 0, y: 0 } };
  const one = { ...arc, current_A: 1, ac: false };
  const key = JSON.stringify([bare, one, seam]);
  const places = known.get(key) ?? sweep(bare, one, seam, PLACES);
  if (known.size > MOST_KEPT) known.clear();
  known.set(key, places);
  const share = arc.ac ? AC_SHARE.value : 1;
  return places.map(({ at, along_mm, push }) => ({
    at,
    along_mm,
    push: {
      x: share * (arc.current_A * push.x + piece.residual.x),
      y: share * (arc.current_A * push.y + piece.residual.y),
    },
  }));
}

/** Works out where the arc of a job is blown; null while rod or amps are not known. */
export function resolveBlow({ job, families, rod, pole, current_A, piece }: BlowContext): BlowPlan | null {
  if (!rod || current_A === null) return null;
  const { order } = job;
  const closed = job.joint.kind === 'ring' || job.joint.kind === 'rectangle';
  // Unrolled, a ring is as long as its weld.
  const flat = closed ? { ...piece, length_mm: piece.weldLength_mm } : piece;
  const { clamps, assumed } = clampsOf(job, flat);
  const rod_mm = ROD_SIZES[rod.size].diameter_mm;
  const arc: BlowArc = {
    current_A,
    rod_mm,
    arc_mm: ARCS[order.arc ?? 'usual'].rods * rod_mm,
    ac: pole === 'AC',
  };
  const { kind } = job.joint;
  const fillet = kind !== null && JOINTS[kind].fillet;
  const hold: Hold = {
    arc,
    arcForce: order.arcForce,
    gathers: GROOVES.includes(kind) ? GATHERS.root : fillet ? GATHERS.corner : 1,
  };
  const blowPiece: BlowPiece = {
    length_mm: flat.length_mm,
    width_mm: flat.width_mm,
    closed,
    magnetic: isMagnetic(families),
    clamps,
    lead: order.lead ?? 'flat',
    tabs: order.tabs,
    residual: { x: order.residual_G ?? 0, y: 0 },
  };
  const seam = seamOf(flat);
  const places = sweepOf(blowPiece, arc, seam);
  const travel = order.travel ?? 'away';
  const [clamp] = clamps;
  const fromLeft = (clamp?.x ?? 0) <= flat.length_mm / 2;
  const away: Travel = fromLeft ? 1 : -1;
  const first: Travel = travel === 'towards' ? (-away as Travel) : away;
  // There and back, from the middle out, or in an order found, both ways are welded.
  const bothWays = travel === 'alternate' || order.pattern === 'middle-out' || runsBothWays(order.pattern);
  const judged = judgeSeam(places, bothWays ? worseWay(places, hold) : first, hold);
  if (!judged) return null;
  return {
    piece: blowPiece,
    arc,
    hold,
    seam,
    travel,
    first,
    places,
    judged,
    clampAssumed: assumed,
    acrossGap: kind !== null && kind !== 'pad' && kind !== 'gouge',
  };
}

/** An order of the welder's own with runs to the left and to the right. */
const runsBothWays = (pattern: Job['order']['pattern']): boolean =>
  Array.isArray(pattern) && pattern.some((place) => place > 0) && pattern.some((place) => place < 0);

/** There and back: the way on which the worst place is worse. */
function worseWay(places: readonly BlowAt[], hold: Hold): Travel {
  const worst = (travel: Travel) => Math.max(...places.map((place) => blown(place, travel, hold).share));
  return worst(1) >= worst(-1) ? 1 : -1;
}
