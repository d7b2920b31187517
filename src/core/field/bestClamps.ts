import { cornersOf } from './frame';
import type { BlowPiece, Clamp } from './piece';
import { judgeSeam, sweep, type Hold, type Seam, type Travel } from './sweep';
import { pieceTraits } from '../data/pieces';

/** Places for one clamp or two and a way to weld, with what they leave. */
export interface ClampChoice {
  clamps: readonly Clamp[];
  travel: Travel;
  /** Worst field over its limit, and the longest stretch on which the arc stays, mm. */
  worst: number;
  clean_mm: number;
}

/** Places tried along the piece and beside the seam, as shares and in mm. */
const ALONG = [0.04, 0.25, 0.5, 0.75, 0.96] as const;
const ASIDE_mm = [-120, -60, -25, 25, 60, 120] as const;
const PLACES = 24;
/** A clamp nearer to the seam than this is in the way, mm. */
const NEAREST_mm = 15;
/** The best single places, out of which pairs are made. */
const PAIRED = 8;

/** Answers "where would the clamp do best, and which way from there?": every place and both ways tried, single clamps first, then pairs. */
export function bestClamps(
  piece: BlowPiece,
  seam: Seam,
  hold: Hold,
): { one: ClampChoice[]; two: ClampChoice[] } {
  const tried = (clamps: readonly Clamp[]): ClampChoice[] => {
    const places = sweep({ ...piece, clamps }, hold.arc, seam, PLACES);
    return ([1, -1] as const).flatMap((travel) => {
      const judged = judgeSeam(places, travel, hold);
      return judged
        ? [{ clamps, travel, worst: judged.worst.blown.share, clean_mm: judged.cleanRun_mm }]
        : [];
    });
  };
  const best = (choices: ClampChoice[]) => choices.sort((a, b) => a.worst - b.worst);
  const one = best(placesOn(piece, seam).flatMap((clamp) => tried([clamp])));
  const spots = [...new Set(one.map(({ clamps: [clamp] }) => clamp as Clamp))].slice(0, PAIRED);
  const two = best(
    spots.flatMap((first, n) => spots.slice(n + 1).flatMap((second) => tried([first, second]))),
  );
  return { one, two };
}

/** Where a clamp can sit: beside the seam on either plate, up a tee's upright, on a frame's tubes. */
function placesOn(piece: BlowPiece, seam: Seam): Clamp[] {
  if (pieceTraits(piece.kind).cornered) {
    const corners = cornersOf(piece);
    return corners.flatMap((from, n) => {
      const to = corners[(n + 1) % 4] ?? from;
      return [0.15, 0.5, 0.85].map((share) => ({
        x: from.x + share * (to.x - from.x),
        y: from.y + share * (to.y - from.y),
      }));
    });
  }
  const flat = ALONG.flatMap((share) =>
    ASIDE_mm.map((aside) => ({ x: share * piece.length_mm, y: seam.from.y + aside })),
  ).filter(({ y }) => y >= NEAREST_mm && y <= piece.width_mm - NEAREST_mm);
  if (pieceTraits(piece.kind).joins !== 'upright') return flat;
  const height = Math.max(NEAREST_mm, piece.web_mm / 2);
  return [
    ...flat,
    ...ALONG.map((share) => ({ x: share * piece.length_mm, y: seam.from.y + height, upright: true })),
  ];
}
