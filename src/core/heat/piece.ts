import { STEEL_HEAT, type HeatProperties } from '../data/heatProperties';
import { INTERPASS_AT_mm } from '../data/heatLimits';
import { PREHEAT_ZONE } from '../data/hydrogenControl';
import { diffusivity_mm2_s, lossRate_per_s, surfaceLoss_W_m2K } from './loss';
import { spreadShare_per_mm } from './spread';

/** The piece round the joint, as heat sees it: a flat plate with the weld along its middle. */
export interface Piece {
  /** Along the weld, and across it: both sides of a joint together. */
  length_mm: number;
  width_mm: number;
  thickness_mm: number;
  weldLength_mm: number;
  metal: HeatProperties;
  air_C: number;
  wind_m_s: number;
  /** Time the torch was on: heat soaks sideways out of the warmed zone meanwhile. */
  soaked_s: number;
  /** Temperature that its surfaces lose heat at, about. */
  about_C: number;
}

export const PLAIN_PIECE: Piece = {
  length_mm: 500,
  width_mm: 400,
  thickness_mm: 10,
  weldLength_mm: 300,
  metal: STEEL_HEAT,
  air_C: 15,
  wind_m_s: 0,
  soaked_s: 0,
  about_C: 150,
};

/** Share of its heat over the air that the piece loses in a second. */
export const pieceLoss_per_s = ({ metal, thickness_mm, air_C, wind_m_s, about_C }: Piece): number =>
  lossRate_per_s(surfaceLoss_W_m2K(about_C, air_C, wind_m_s, metal.emissivity), thickness_mm, metal);

/** Half the width that is warmed round a joint: the thickness, and no less than 75 mm. */
export const zoneHalf_mm = (thickness_mm: number): number => Math.max(PREHEAT_ZONE.least_mm, thickness_mm);

/** The part of the piece that is warmed before welding, mm. */
export function warmedPart({ length_mm, width_mm, weldLength_mm, thickness_mm, metal, soaked_s }: Piece) {
  // Warmth in a cold plate beside a hot edge is worth a strip of 2 sqrt(a t / pi) at the edge's temperature.
  const soaked = 2 * Math.sqrt((diffusivity_mm2_s(metal) * soaked_s) / Math.PI);
  const half = zoneHalf_mm(thickness_mm) + soaked;
  return {
    length_mm: Math.min(length_mm, weldLength_mm + 2 * half),
    width_mm: Math.min(width_mm, 2 * half),
  };
}

/** Degrees that a joule of a whole pass leaves where the metal is measured, so many seconds after, K/J. */
export function passLeaves_K_J(piece: Piece, after_s: number): number {
  const { length_mm, width_mm, weldLength_mm, thickness_mm, metal } = piece;
  const spread_mm2 = diffusivity_mm2_s(metal) * after_s;
  const weld = Math.min(weldLength_mm, length_mm);
  const along = spreadShare_per_mm({
    side_mm: length_mm,
    from_mm: (length_mm - weld) / 2,
    to_mm: (length_mm + weld) / 2,
    at_mm: length_mm / 2,
    spread_mm2,
  });
  const middle = width_mm / 2;
  const across = spreadShare_per_mm({
    side_mm: width_mm,
    from_mm: middle,
    to_mm: middle,
    at_mm: Math.min(width_mm, middle + INTERPASS_AT_mm.value),
    spread_mm2,
  });
  const lost = Math.exp(-pieceLoss_per_s(piece) * after_s);
  return (along * across * lost) / (metal.heatCapacity_J_mm3K * thickness_mm);
}

/** Share of the preheat that is left at the weld so many seconds after the torch is off. */
export function preheatLeft(piece: Piece, after_s: number): number {
  const { length_mm, width_mm, metal } = piece;
  const part = warmedPart(piece);
  const spread_mm2 = diffusivity_mm2_s(metal) * after_s;
  const left = (side_mm: number, warm_mm: number) =>
    warm_mm >= side_mm
      ? 1
      : warm_mm *
        spreadShare_per_mm({
          side_mm,
          from_mm: (side_mm - warm_mm) / 2,
          to_mm: (side_mm + warm_mm) / 2,
          at_mm: side_mm / 2,
          spread_mm2,
        });
  const lost = Math.exp(-pieceLoss_per_s(piece) * after_s);
  return Math.min(1, left(length_mm, part.length_mm) * left(width_mm, part.width_mm)) * lost;
}

/** A falling curve of time, worked out once at times that lie ever further apart, and read between them. */
export function tabulated(curve: (after_s: number) => number): (after_s: number) => number {
  const values = new Map<number, number>();
  const step = (n: number) => {
    const known = values.get(n);
    if (known !== undefined) return known;
    const value = curve(Math.exp(n * STEP));
    values.set(n, value);
    return value;
  };
  return (after_s) => {
    const place = Math.log(Math.max(1, after_s)) / STEP;
    const n = Math.floor(place);
    const part = place - n;
    return step(n) * (1 - part) + step(n + 1) * part;
  };
}
/** Times of the table are this share apart. */
const STEP = 0.12;
