import { ARCS, type PieceKind, type TravelId } from '../data/orderIds';
import { AC_SHARE, GATHERS } from '../data/arcBlow';
import { libraryRow } from '../data/library';
import type { MagnetPull } from '../data/library/row';
import type { FamilyId } from '../data/families';
import type { Pole } from '../data/rods';
import { ROD_SIZES } from '../data/rodSizes';
import { jointTraits, type JointKind } from '../data/joints';
import type { Job } from '../formats/job';
import type { BlowArc, BlowPiece } from './piece';
import {
  alongAndAcross,
  blown,
  judgeSeam,
  sweep,
  type BlowAt,
  type BlowJudged,
  type Hold,
  type Seam,
  type Travel,
} from './sweep';
import type { Piece } from '../heat/piece';
import type { BeadPlan } from '../rods/beads';
import type { RodChoice } from '../rods/choose';
import type { PassRole } from '../rods/layout';
import { layOut } from './blowPiece';
import { memoizeBy } from '../units/memoize';
import { pieceTraits } from '../data/pieces';

/** Where the arc is blown in a job, and with what. */
export interface BlowPlan {
  piece: BlowPiece;
  /** Welded from end to end, run after run. */
  straightOn: boolean;
  arc: BlowArc;
  hold: Hold;
  seam: Seam;
  travel: TravelId;
  /** Left to right is 1: the first pass. */
  first: Travel;
  places: readonly BlowAt[];
  /** The worst pass. */
  judged: BlowJudged;
  /** Every pass with its way: the field gathers less as a groove fills. */
  passes: readonly BlowPass[];
  /** Nobody said where the clamp is. */
  clampAssumed: boolean;
  /** The field at its worst place if a magnet does not hold the piece, where some pieces are held and some not; else null. */
  unheld_G: number | null;
  /** A gap, a tee or a corner: the field of one plate says less. */
  acrossGap: boolean;
}

/** One pass, as the field sees it. */
export interface BlowPass {
  role: PassRole;
  travel: Travel;
  /** How much the joint gathers the field, as far as it is filled. */
  gathers: number;
  /** The push along it: on the root two plates are one. */
  under: readonly BlowAt[];
  /** At its worst place: the field, and what the arc stands there. */
  field_G: number;
  limit_G: number;
}

export interface BlowContext {
  job: Job;
  families: readonly FamilyId[];
  rod: RodChoice | null;
  pole: Pole | null;
  current_A: number | null;
  piece: Piece;
  tackEvery_mm: number;
  beads: BeadPlan | null;
}

/** Places a room is read off: a sweep of sixty is for the picture. */
const PLACES = 24;

/** Whether a magnet holds it: taken for steel while nobody knows, and where one of what it may be is. */
function pullOf(families: readonly FamilyId[]): MagnetPull {
  const pulls = families.map((id) => libraryRow(id).pull);
  if (pulls.length === 0 || pulls.includes('strong')) return 'strong';
  return pulls.includes('either') ? 'either' : 'hardly';
}

const sweepForOneAmp = memoizeBy(
  ({ piece, arc, seam }: { piece: BlowPiece; arc: BlowArc; seam: Seam }): readonly BlowAt[] =>
    sweep(piece, arc, seam, PLACES),
  JSON.stringify,
);

/** The push for one ampere does not change with the amps: reckoned once for a piece, and scaled. */
function sweepOf(piece: BlowPiece, arc: BlowArc, seam: Seam): readonly BlowAt[] {
  const places = sweepForOneAmp({
    piece: { ...piece, residual: { x: 0, y: 0 } },
    arc: { ...arc, current_A: 1, ac: false },
    seam,
  });
  const share = arc.ac ? AC_SHARE.value : 1;
  return places.map((place) => {
    const { x, y } = alongAndAcross(piece.residual, place.heading);
    return {
      ...place,
      push: {
        x: share * (arc.current_A * place.push.x + x),
        y: share * (arc.current_A * place.push.y + y),
      },
    };
  });
}

/** Works out where the arc of a job is blown; null while rod or amps are not known. */
export function resolveBlow(context: BlowContext): BlowPlan | null {
  const pull = pullOf(context.families);
  const plan = blowOn(pull !== 'hardly', context);
  if (!plan || pull !== 'either') return plan;
  const unheld = blowOn(false, context)?.judged.worst.blown.field_G ?? Infinity;
  return { ...plan, unheld_G: Math.min(unheld, plan.judged.worst.blown.field_G) };
}

function blowOn(
  magnetic: boolean,
  { job, rod, pole, current_A, piece: heat, tackEvery_mm, beads }: BlowContext,
): BlowPlan | null {
  if (!rod || current_A === null) return null;
  const { order } = job;
  const { piece, seam, clampAssumed } = layOut(job, heat, magnetic, tackEvery_mm);
  const rod_mm = ROD_SIZES[rod.size].diameter_mm;
  const arc: BlowArc = {
    current_A,
    rod_mm,
    arc_mm: ARCS[order.arc ?? 'usual'].rods * rod_mm,
    ac: pole === 'AC',
  };
  const hold: Hold = { arc, arcForce: order.arcForce, gathers: gathersAt(job.joint.kind, piece.kind, 0) };
  const travel = order.travel ?? 'away';
  const first = firstWay(piece, travel);
  const { pattern } = order;
  // Going straight on, what lies behind the arc is welded; any other order begins runs with nothing behind them.
  const straightOn = pattern === null || pattern === 'straight';
  const places = sweepOf(straightOn ? { ...piece, welded: first } : piece, arc, seam);
  // From the middle out, from both ends, or in an order found, both ways are welded.
  const bothWays = pattern === 'middle-out' || pattern === 'both-ends' || runsBothWays(pattern);
  // The root joins two plates all along: what is laid on it is laid on one, or on a tee that is welded.
  const onRoot =
    pieceTraits(piece.kind).joins === 'edges'
      ? sweepOf({ ...piece, kind: 'plate' }, arc, seam)
      : pieceTraits(piece.kind).joins === 'upright'
        ? sweepOf({ ...piece, welded: 'all' }, arc, seam)
        : places;
  const ways = new Map<string, BlowJudged | null>();
  const judgedAt = (under: readonly BlowAt[], way: Travel) => {
    const key = `${way} ${under === onRoot}`;
    if (!ways.has(key)) ways.set(key, judgeSeam(under, way, hold));
    return ways.get(key) ?? null;
  };
  const passes = passesOf(beads).flatMap(({ role, filled }, n): BlowPass[] => {
    const way = travel === 'alternate' && n % 2 === 1 ? (-first as Travel) : first;
    const under = n === 0 ? places : onRoot;
    const judged = judgedAt(under, bothWays ? worseWay(under, hold) : way);
    if (!judged) return [];
    // The field is gathered as much less everywhere: the worst place stays the worst.
    const gathers = gathersAt(job.joint.kind, piece.kind, filled);
    const { field_G, limit_G } = judged.worst.blown;
    return [{ role, travel: way, gathers, under, field_G: (field_G * gathers) / hold.gathers, limit_G }];
  });
  const over = ({ field_G, limit_G }: BlowPass) => field_G / limit_G;
  const worst = passes.reduce<BlowPass | null>(
    (bad, pass) => (bad && over(bad) >= over(pass) ? bad : pass),
    null,
  );
  const judged =
    worst &&
    judgeSeam(worst.under, bothWays ? worseWay(worst.under, hold) : worst.travel, {
      ...hold,
      gathers: worst.gathers,
    });
  if (!judged) return null;
  return {
    piece,
    straightOn,
    arc,
    hold,
    seam,
    travel,
    first,
    places,
    judged,
    passes,
    clampAssumed,
    unheld_G: null,
    acrossGap: piece.kind !== 'plate' || jointTraits(job.joint.kind)?.fitUp === true,
  };
}

/** A groove gathers the field at its root and less as it fills; an inside corner somewhat. */
function gathersAt(joint: JointKind | null, kind: PieceKind, filled: number): number {
  const traits = jointTraits(joint);
  if (traits?.walled) return GATHERS.root + filled * (GATHERS.flush - GATHERS.root);
  return traits?.fillet || pieceTraits(kind).cornered ? GATHERS.corner : 1;
}

/** The passes of a job with how much of the joint is filled before each; one where none are laid out. */
function passesOf(beads: BeadPlan | null): { role: PassRole; filled: number }[] {
  const all = beads?.passes ?? [];
  const whole = all.reduce((sum, { area_mm2 }) => sum + area_mm2, 0);
  let filled = 0;
  const found = all.map(({ role, area_mm2 }) => {
    const before = filled;
    filled += area_mm2;
    return { role, filled: whole > 0 ? before / whole : 0 };
  });
  return found.length > 0 ? found : [{ role: 'single', filled: 0 }];
}

/** The way of the first pass; on a frame, from the inside of each corner out, or in. */
function firstWay({ kind, clamps, length_mm }: BlowPiece, travel: TravelId): Travel {
  const fromLeft = pieceTraits(kind).cornered || (clamps[0]?.x ?? 0) <= length_mm / 2;
  const away: Travel = fromLeft ? 1 : -1;
  return travel === 'towards' ? (-away as Travel) : away;
}

/** An order of the welder's own with runs to the left and to the right. */
const runsBothWays = (pattern: Job['order']['pattern']): boolean =>
  Array.isArray(pattern) && pattern.some((place) => place > 0) && pattern.some((place) => place < 0);

/** There and back: the way on which the worst place is worse. */
function worseWay(places: readonly BlowAt[], hold: Hold): Travel {
  const worst = (travel: Travel) => Math.max(...places.map((place) => blown(place, travel, hold).share));
  return worst(1) >= worst(-1) ? 1 : -1;
}
