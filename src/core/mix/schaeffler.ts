import {
  ALL_FERRITE,
  FERRITE_LINES,
  NO_AUSTENITE,
  NO_MARTENSITE,
  type DiagramPoint,
} from '../data/constitution';
import { acrossAt, heightAt } from './curve';
import type { Equivalents } from './equivalents';

/** What a weld is made up of once it is cold, by the Schaeffler diagram. */
export interface Field {
  austenite: boolean;
  martensite: boolean;
  ferrite: boolean;
}

/** A field as it is written on the diagram: A, M, F and their mixtures. */
export const fieldName = ({ austenite, martensite, ferrite }: Field): string =>
  [austenite && 'A', martensite && 'M', ferrite && 'F'].filter((letter) => letter !== false).join('+');

/** Left of the last corner the line of all ferrite leans over: read upwards it is one value for every height. */
const allFerriteAt = (nieq: number): number => acrossAt(ALL_FERRITE, nieq);
/** Rightmost point of the martensite lines: past it only austenite and ferrite are left. */
const MARTENSITE_ENDS = NO_MARTENSITE[NO_MARTENSITE.length - 1]?.[0] ?? Infinity;

/** Answers "which field does it lie in?" */
export function schaefflerField({ creq, nieq }: Equivalents): Field {
  if (creq > allFerriteAt(nieq)) return { austenite: false, martensite: false, ferrite: true };
  const ferrite = schaefflerFerrite_pct({ creq, nieq }) > 0;
  const martensite = creq < MARTENSITE_ENDS && nieq < heightAt(NO_MARTENSITE, creq);
  const austenite = nieq > heightAt(NO_AUSTENITE, creq);
  // A corner under every line is martensite, however little alloy it has.
  return { austenite, ferrite, martensite: martensite || (!austenite && !ferrite) };
}

/** Ferrite, %, 0 to 100, between the lines of equal ferrite. Only a construct where there is martensite too. */
export function schaefflerFerrite_pct({ creq, nieq }: Equivalents): number {
  let before = { percent: 0, at: -Infinity };
  for (const { percent, points } of FERRITE_LINES) {
    const at = acrossAt(points, nieq);
    if (creq <= at) {
      if (percent === 0) return 0;
      const width = at - before.at;
      return width <= 0
        ? percent
        : before.percent + ((creq - before.at) / width) * (percent - before.percent);
    }
    before = { percent, at };
  }
  return 100;
}

/** Ni equivalents over the martensite line: below zero there is martensite. Past the line's end there never is. */
export const overMartensite = ({ creq, nieq }: Equivalents): number =>
  creq >= MARTENSITE_ENDS || creq > allFerriteAt(nieq) ? Infinity : nieq - heightAt(NO_MARTENSITE, creq);

/** The lines to draw, each with what lies on it. */
export const SCHAEFFLER_LINES: readonly { id: string; points: readonly DiagramPoint[] }[] = [
  { id: 'no-martensite', points: NO_MARTENSITE },
  { id: 'no-austenite', points: NO_AUSTENITE },
  { id: 'all-ferrite', points: ALL_FERRITE },
];
