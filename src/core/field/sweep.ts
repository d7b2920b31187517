import { ARC_FORCE_HOLDS, BLOW_LIMIT_G, SWEEP } from '../data/arcBlow';
import { pushAt, pushAtCorner } from './blow';
import { cornersOf, headingOf } from './frame';
import type { BlowArc, BlowPiece, Spot } from './piece';
import { pieceTraits } from '../data/pieces';

/** Along the plate as it lies: left to right, or right to left. */
export type Travel = 1 | -1;

/** The arc at one place of the seam. */
export interface BlowAt {
  at: Spot;
  /** From the left end of the weld, mm. */
  along_mm: number;
  push: Spot;
  /** Which way the weld runs here; along x where nothing is said. The push is told along it and across it. */
  heading?: Spot;
}

/** How the arc is blown at a place, for one way of travelling. */
export interface Blown {
  kind: 'back' | 'side' | 'forward';
  field_G: number;
  limit_G: number;
  /** Field over limit: over 1 the arc goes. */
  share: number;
}

/** A weld on a piece. On a frame: as long as the mitres of all corners together. */
export interface Seam {
  from: Spot;
  to: Spot;
}

export const seamLength_mm = ({ from, to }: Seam): number => Math.hypot(to.x - from.x, to.y - from.y);

/** What lets an arc stand more, or less. */
export interface Hold {
  arc: BlowArc;
  arcForce: boolean;
  /** How much the joint gathers the field: 1 on a flat face. */
  gathers: number;
}

/** On a frame: the corner, from 1, that a place of the weld lies at. */
export const cornerAt = (seam: Seam, along_mm: number): number =>
  1 + Math.min(3, Math.floor((4 * along_mm) / seamLength_mm(seam)));

/** The push at places along a seam, from 10 mm inside one end to 10 mm inside the other. */
export function sweep(
  piece: BlowPiece,
  arc: BlowArc,
  { from, to }: Seam,
  places: number = SWEEP.places,
): BlowAt[] {
  if (pieceTraits(piece.kind).cornered) return roundFrame(piece, arc, seamLength_mm({ from, to }), places);
  const length = seamLength_mm({ from, to });
  const inset = Math.min(SWEEP.from_mm, length / 4);
  return Array.from({ length: places }, (_, n) => {
    const along_mm = inset + ((length - 2 * inset) * n) / Math.max(1, places - 1);
    const share = along_mm / Math.max(length, 1e-9);
    const at = { x: from.x + share * (to.x - from.x), y: from.y + share * (to.y - from.y) };
    return { at, along_mm, push: pushAt(piece, arc, at) };
  });
}

/** A push as it lies, told along a weld and across it. */
export const alongAndAcross = (push: Spot, heading: Spot = { x: 1, y: 0 }): Spot => ({
  x: push.x * heading.x + push.y * heading.y,
  y: push.y * heading.x - push.x * heading.y,
});

/** And back. */
export const asItLies = ({ push, heading = { x: 1, y: 0 } }: BlowAt): Spot => ({
  x: push.x * heading.x - push.y * heading.y,
  y: push.x * heading.y + push.y * heading.x,
});

/** The mitres of a frame, corner after corner, each from its inside out. */
function roundFrame(piece: BlowPiece, arc: BlowArc, length: number, places: number): BlowAt[] {
  const each = Math.max(1, Math.round(places / 4));
  // No mitre is longer than its tube is wide.
  const mitre = Math.min(length / 4, Math.SQRT2 * piece.tube_mm);
  return cornersOf(piece).flatMap((corner, n) => {
    const heading = headingOf(n);
    return Array.from({ length: each }, (_, k): BlowAt => {
      const along = ((k + 0.5) / each - 0.5) * mitre;
      const at = { x: corner.x + along * heading.x, y: corner.y + along * heading.y };
      const push = pushAtCorner(piece, arc, n, at);
      return {
        at,
        along_mm: ((n + (k + 0.5) / each) * length) / 4,
        push: alongAndAcross(push, heading),
        heading,
      };
    });
  });
}

/** Answers "how is it blown here, going this way?": the worst of back, side and forward against its limit. */
export function blown({ push }: BlowAt, travel: Travel, { arc, arcForce, gathers }: Hold): Blown {
  // Half the arc stands twice the field.
  const stands = (arc.rod_mm / arc.arc_mm) * (arcForce ? ARC_FORCE_HOLDS.times : 1);
  const along = travel * push.x;
  const each: Blown[] = (
    [
      ['back', Math.max(0, -along), BLOW_LIMIT_G.back],
      ['side', Math.abs(push.y), BLOW_LIMIT_G.side],
      ['forward', Math.max(0, along), BLOW_LIMIT_G.forward],
    ] as const
  ).map(([kind, field, limit]) => {
    const field_G = field * gathers;
    const limit_G = limit * stands;
    return { kind, field_G, limit_G, share: field_G / limit_G };
  });
  return each.reduce((worst, one) => (one.share > worst.share ? one : worst));
}

/** A seam judged for one way of travelling. */
export interface BlowJudged {
  travel: Travel;
  places: readonly (BlowAt & { blown: Blown })[];
  worst: BlowAt & { blown: Blown };
  /** Longest stretch on which the arc stays, mm, and all of it that does. */
  clean_mm: number;
  cleanRun_mm: number;
}

/** Judges every place of a seam; clean length counts the places whose field is under its limit. */
export function judgeSeam(places: readonly BlowAt[], travel: Travel, hold: Hold): BlowJudged | null {
  const judged = places.map((place) => ({ ...place, blown: blown(place, travel, hold) }));
  const [first] = judged;
  if (!first) return null;
  const step = judged[1] ? Math.abs(judged[1].along_mm - first.along_mm) : 0;
  let [run, longest, clean] = [0, 0, 0];
  for (const place of judged) {
    const good = place.blown.share <= 1;
    run = good ? run + 1 : 0;
    longest = Math.max(longest, run);
    clean += Number(good);
  }
  return {
    travel,
    places: judged,
    worst: judged.reduce((bad, place) => (place.blown.share > bad.blown.share ? place : bad), first),
    clean_mm: clean * step,
    cleanRun_mm: longest * step,
  };
}
