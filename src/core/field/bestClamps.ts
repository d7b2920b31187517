import type { BlowPiece, Spot } from './piece';
import { judgeSeam, sweep, type Hold, type Seam, type Travel } from './sweep';

/** A place for the clamp and a way to weld, with what they leave. */
export interface ClampChoice {
  clamp: Spot;
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

/** Answers "where would the clamp do best, and which way from there?": every place and both ways tried, the best first. */
export function bestClamps(piece: BlowPiece, seam: Seam, hold: Hold): ClampChoice[] {
  const choices: ClampChoice[] = [];
  for (const share of ALONG)
    for (const aside of ASIDE_mm) {
      const clamp = { x: share * piece.length_mm, y: seam.from.y + aside };
      if (clamp.y < NEAREST_mm || clamp.y > piece.width_mm - NEAREST_mm) continue;
      const places = sweep({ ...piece, clamps: [clamp] }, hold.arc, seam, PLACES);
      for (const travel of [1, -1] as const) {
        const judged = judgeSeam(places, travel, hold);
        if (judged)
          choices.push({ clamp, travel, worst: judged.worst.blown.share, clean_mm: judged.cleanRun_mm });
      }
    }
  return choices.sort((a, b) => a.worst - b.worst);
}
