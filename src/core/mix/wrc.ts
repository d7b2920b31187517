import { FN_LINES, WRC_MARTENSITE, WRC_WINDOW } from '../data/constitution';
import type { Equivalents } from './equivalents';

/** Highest ferrite number that is told: past the last line the scale ends. */
export const FN_TOP = 110;

/** Ferrite number between the WRC-1992 lines, 0 to 110: exact on the lines, straight between them. */
export function wrcFN({ creq, nieq }: Equivalents): number {
  const at = FN_LINES.map(({ at9, slope }) => at9 + slope * (nieq - 9));
  const n = at.findIndex((line) => creq <= line);
  if (n === 0) return 0;
  const upper = n < 0 ? FN_LINES.length - 1 : n;
  const [a, b] = [FN_LINES[upper - 1], FN_LINES[upper]];
  const [from = 0, to = 1] = [at[upper - 1], at[upper]];
  if (!a || !b || to <= from) return 0;
  return Math.min(FN_TOP, a.fn + ((creq - from) / (to - from)) * (b.fn - a.fn));
}

/** True inside the printed diagram; outside it a figure is drawn out of its lines. */
export const inWrcWindow = ({ creq, nieq }: Equivalents): boolean =>
  creq >= WRC_WINDOW.creq[0] &&
  creq <= WRC_WINDOW.creq[1] &&
  nieq >= WRC_WINDOW.nieq[0] &&
  nieq <= WRC_WINDOW.nieq[1];

/** Ni equivalent of the martensite line at a Creq and manganese, %. */
export const wrcMartensiteAt = (creq: number, mn: number): number =>
  WRC_MARTENSITE.at0 + WRC_MARTENSITE.slope * creq + WRC_MARTENSITE.perMn * (mn - 1);

/** Ni equivalents over the martensite line: below zero the bead does not bend. */
export const overWrcMartensite = ({ creq, nieq }: Equivalents, mn: number): number =>
  nieq - wrcMartensiteAt(creq, mn);
