import { SURFACE_TESTS } from '../data/metalTests';
import type { TestId } from '../data/testIds';
import type { Evidence } from '../formats/evidence';
import type { Side } from '../formats/job';

/** Coatings that a test may have seen in place of the metal: metal themselves, or thick. */
const PLATED_LOOKS: readonly string[] = ['spangle', 'dull-zinc', 'bright-plate', 'mirror'];
const PLATINGS: readonly string[] = ['zinc', 'chrome', 'terne', 'cadmium'];

/** Whether the piece may be plated, by what is said of it or by its look. */
export const mayBePlated = ({ coating, coatingLook }: Pick<Side, 'coating' | 'coatingLook'>): boolean =>
  coating !== null ? PLATINGS.includes(coating) : coatingLook !== null && PLATED_LOOKS.includes(coatingLook);

/**
 * Answers "did this test see the plating rather than the metal?": it was done on a piece that may be plated, it is one that looks no
 * deeper than the skin, and nobody said that it was done below it.
 */
export const readsTheSurface = (
  { test, below }: Evidence,
  side: Pick<Side, 'coating' | 'coatingLook'>,
): boolean => !below && SURFACE_TESTS.includes(test) && mayBePlated(side);

/** Platings that may hold a magnet themselves: nickel or iron lies under the shine. */
const HOLDS_MAGNET: readonly string[] = ['chrome', 'cadmium', 'bright-plate', 'mirror'];

/** Whether where a test was done has to be asked on a piece that may be plated. */
export const sawTheSkin = (test: TestId): boolean => test === 'magnet' || SURFACE_TESTS.includes(test);

/** Answers "may this result not clear anything?": it saw the surface, or a magnet held on what may be a plating. */
export function clearsNothing(entry: Evidence, side: Pick<Side, 'coating' | 'coatingLook'>): boolean {
  const { coating, coatingLook } = side;
  const holds = HOLDS_MAGNET.includes(coating ?? coatingLook ?? '');
  return readsTheSurface(entry, side) || (entry.test === 'magnet' && holds && entry.below !== true);
}
