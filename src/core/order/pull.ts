import { ANGULAR, BOW, BUCKLE, LEAN, PULL_DOUBT, TENDON, TRANSVERSE } from '../data/pull';
import type { Range } from '../units/range';

/** How far a weld pulls the parts it joins, mm. */

const MM_PER_INCH = 25.4;

/** A butt pulls in across itself: 0.1 A/t (Blodgett) to 0.2 A/t + 0.05 d (Spraragen and Ettinger), one from another by two. */
export function transverse_mm(area_mm2: number, thickness_mm: number, gap_mm: number): Range {
  const low = (TRANSVERSE.blodgett.area * area_mm2) / thickness_mm;
  const high = (TRANSVERSE.spraragen.area * area_mm2) / thickness_mm + TRANSVERSE.spraragen.gap * gap_mm;
  return { low, nominal: (low + high) / 2, high };
}

/** Fillets on both sides of an upright lift the edges of its flange: 0.02 W D^1.3 / T^2 (Blodgett, inches). */
export function angular_mm(width_mm: number, leg_mm: number, flange_mm: number): Range {
  const [width, leg, flange] = [width_mm, leg_mm, flange_mm].map((mm) => mm / MM_PER_INCH) as [
    number,
    number,
    number,
  ];
  return doubtful(MM_PER_INCH * ((ANGULAR.factor * width * leg ** ANGULAR.power) / flange ** 2));
}

/** Welds beside the neutral axis bow the part along its length: 0.005 A d L^2 / I (Blodgett, inches). */
export function bow_mm(area_mm2: number, beside_mm: number, length_mm: number, inertia_mm4: number): Range {
  const inch = MM_PER_INCH;
  const value =
    (BOW.factor * (area_mm2 / inch ** 2) * (beside_mm / inch) * (length_mm / inch) ** 2) /
    (inertia_mm4 / inch ** 4);
  return doubtful(inch * value);
}

/** A tee of flange and upright: distance of the weld from its neutral axis, mm, and its stiffness, mm4. */
export function teeSection(
  flange: { width_mm: number; thickness_mm: number },
  web: { height_mm: number; thickness_mm: number },
) {
  const parts = [
    { b: flange.width_mm, h: flange.thickness_mm, y: flange.thickness_mm / 2 },
    { b: web.thickness_mm, h: web.height_mm, y: flange.thickness_mm + web.height_mm / 2 },
  ];
  const area = parts.reduce((sum, { b, h }) => sum + b * h, 0);
  const axis = parts.reduce((sum, { b, h, y }) => sum + b * h * y, 0) / area;
  const inertia = parts.reduce((sum, { b, h, y }) => sum + (b * h ** 3) / 12 + b * h * (y - axis) ** 2, 0);
  return { beside_mm: Math.abs(axis - flange.thickness_mm), inertia_mm4: inertia };
}

/** Pull of one run along its length, N, for a heat input with the arc's efficiency in it. */
export const tendon_N = (heat_kJ_mm: number): Range => ({
  low: TENDON.low * heat_kJ_mm * 1000,
  nominal: TENDON.nominal * heat_kJ_mm * 1000,
  high: TENDON.high * heat_kJ_mm * 1000,
});

/** Pull along its length that makes a panel buckle, N: edges free at the low end, held at the high one. */
export function buckles_N(width_mm: number, thickness_mm: number): Range {
  const { k, E_MPa, nu } = BUCKLE;
  const at = (factor: number) =>
    ((factor * Math.PI ** 2 * E_MPa) / (12 * (1 - nu ** 2))) *
    (thickness_mm / width_mm) ** 2 *
    width_mm *
    thickness_mm;
  return { low: at(k.low), nominal: at(k.nominal), high: at(k.high) };
}

/**
 * How far the end of a tube stands out of square, mm: what one side pulls in and the others do not take back, over the width of the tube, times
 * its length.
 */
export function lean_mm(area_mm2: number, thickness_mm: number, width_mm: number, member_mm: number): Range {
  const side = transverse_mm(area_mm2, thickness_mm, 0);
  const at = (pull_mm: number, kept: number) => (kept * pull_mm * member_mm) / width_mm;
  return {
    low: at(side.low, LEAN.kept.low),
    nominal: at(side.nominal, LEAN.kept.nominal),
    high: at(side.high, LEAN.kept.high),
  };
}

const doubtful = (nominal: number): Range => ({
  low: nominal * (1 - PULL_DOUBT.share),
  nominal,
  high: nominal * (1 + PULL_DOUBT.share),
});
