import { POOL_HALF_mm } from '../data/arcBlow';
import { flowPast } from './flow';
import { feedsOf, type JoinedPlate } from './joined';
import type { BlowArc, BlowPiece, Spot } from './piece';
import { memoize } from '../units/memoize';
import { pieceTraits } from '../data/pieces';

/** Tacks nearer to the arc than this are in its pool, in half pools. */
const MELTED = 2;

/**
 * Flow past the arc between two plates, or in the corner of a tee, A/mm for every ampere: along the seam, and across it. The arc stands
 * over the edge of one plate and over the other, and feels both; what is fed to one side more than to the other pushes it over.
 */
export function flowBetween(piece: BlowPiece, { arc_mm }: BlowArc, x: number): Spot {
  return pieceTraits(piece.kind).joins === 'upright'
    ? intoTee(piece, arc_mm, x)
    : betweenPlates(piece, arc_mm, x);
}

/** Tacks that are counted with: the nearest; those beyond carry next to nothing. */
const NEAREST = 8;

const joiningPlaces = ({ tacks }: BlowPiece, x: number): number[] => [
  x,
  ...tacks
    .filter((tack) => Math.abs(tack - x) > MELTED * POOL_HALF_mm.value)
    .sort((a, b) => Math.abs(a - x) - Math.abs(b - x))
    .slice(0, NEAREST),
];

/** The plates of a piece, made once: the arc moves along them. */
const platesOf = memoize((piece: BlowPiece): Plates =>
  pieceTraits(piece.kind).joins === 'upright' ? flangeAndUpright(piece) : sideBySide(piece),
);

type Plates = readonly [JoinedPlate, JoinedPlate];
type Drains = JoinedPlate['drains'];
const plate = (x_mm: number, y_mm: number, seam_mm: number, drains: Drains): JoinedPlate => ({
  sheet: { x_mm, y_mm, ring: false },
  seam_mm,
  drains,
  kept: new Map(),
});

/** Each measured from the seam: A above it, B below. */
function sideBySide({ length_mm, width_mm, seam_mm, clamps }: BlowPiece): Plates {
  const share = 1 / Math.max(1, clamps.length);
  const above = clamps.filter(({ y }) => y >= seam_mm);
  const below = clamps.filter(({ y }) => y < seam_mm);
  return [
    plate(
      length_mm,
      width_mm - seam_mm,
      0,
      above.map(({ x, y }) => ({ at: { x, y: y - seam_mm }, share })),
    ),
    plate(
      length_mm,
      seam_mm,
      0,
      below.map(({ x, y }) => ({ at: { x, y: seam_mm - y }, share })),
    ),
  ];
}

function flangeAndUpright({ length_mm, width_mm, seam_mm, web_mm, clamps }: BlowPiece): Plates {
  const share = 1 / Math.max(1, clamps.length);
  const [flat, up] = [clamps.filter(({ upright }) => !upright), clamps.filter(({ upright }) => upright)];
  return [
    plate(
      length_mm,
      width_mm,
      seam_mm,
      flat.map(({ x, y }) => ({ at: { x, y }, share })),
    ),
    plate(
      length_mm,
      web_mm,
      0,
      up.map(({ x, y }) => ({ at: { x, y: Math.abs(y - seam_mm) }, share })),
    ),
  ];
}

/** Between two plates: the arc stands half over each. */
function betweenPlates(piece: BlowPiece, arc_mm: number, x: number): Spot {
  const [a, b] = flowsOf(piece, arc_mm, x);
  if (!a || !b) return { x: 0, y: 0 };
  return {
    x: (a.past.x + b.past.x) / 2,
    y: (a.past.y - b.past.y) / 2 + ownSpread(arc_mm) * (a.fed - b.fed),
  };
}

/** In the corner of flange and upright the arc leans at half a right angle: each counts by what of it lies across the arc. */
function intoTee(piece: BlowPiece, arc_mm: number, x: number): Spot {
  const [flange, upright] = flowsOf(piece, arc_mm, x);
  if (!flange || !upright) return { x: 0, y: 0 };
  return {
    x: (flange.past.x + upright.past.x) * Math.SQRT1_2,
    // Across is from the upright out over the flange: what flows up the upright drives it that way.
    y: flange.past.y - upright.past.y - ownSpread(arc_mm) * upright.fed,
  };
}

function flowsOf(piece: BlowPiece, arc_mm: number, x: number) {
  const plates = platesOf(piece);
  return feedsOf(plates, joiningPlaces(piece, x)).map((feeds, s) => {
    const { seam_mm, sheet } = plates[s] as JoinedPlate;
    return {
      fed: feeds[0]?.share ?? 0,
      past: flowPast({ x, y: seam_mm }, feeds, sheet, arc_mm),
    };
  });
}

/**
 * What an ampere that spreads into one side only does at the arc, as A/mm of even flow across: sum over the half plane beyond the pool,
 * averaged over the height of the arc (Biot and Savart). Half of 2 / (pi mu0), times mu0 / 2.
 */
function ownSpread(arc_mm: number): number {
  const pool = POOL_HALF_mm.value;
  let mean = 0;
  for (let n = 0; n < HEIGHTS; n++) {
    const z = ((n + 0.5) / HEIGHTS) * arc_mm;
    mean += (1 - pool / Math.hypot(pool, z)) / z / HEIGHTS;
  }
  return mean / Math.PI ** 2;
}
const HEIGHTS = 4;
