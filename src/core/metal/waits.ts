import { partKind } from '../data/partKinds';
import type { TestId } from '../data/testIds';
import type { Side } from '../formats/job';
import { readsTheSurface } from './surface';

/** Tests that tell a cast, hardened, leaded, rephosphorised or heat-treated metal from a plain one. Common practice. */
const TELLING_TESTS: readonly TestId[] = ['spark', 'file', 'chip', 'nick-bend', 'hardness', 'chemistry'];
/** The same on what has a cast skin: iron and cast steel file alike, and are as hard as each other. */
const TELLING_CASTINGS: readonly TestId[] = ['spark', 'chip', 'fracture', 'nick-bend', 'chemistry'];
/** The same on metal that no magnet holds. */
const TELLING_LIGHT: readonly TestId[] = ['density', 'conductivity', 'caustic'];
/** What tells bright and coloured metals from grey ones. */
const BY_EYE: readonly TestId[] = ['colour', 'chemistry'];
/** Breaks that only iron castings show. */
const IRON_BREAKS: readonly string[] = ['sooty', 'white'];
const CAST: readonly string[] = ['cast-sand', 'cast-die'];
const ROLLED: readonly string[] = ['rolled', 'extruded'];

/**
 * Answers "does it wait for one more test?" by what a wrong guess would cost rather than by a share. Plain structure is let go on a look
 * at its surface: it is rolled, and a careful plan suits all that is rolled. What may be cast, hardened, leaded or heat-treated waits for
 * a test that tells those apart.
 * @returns why it waits and for what; null where it need not
 */
export function whyItWaits(side: Side): string | null {
  const sound = Object.values(side.evidence).filter(
    (entry) => entry.standing === 'sound' && !readsTheSurface(entry, side),
  );
  const kind = partKind(side.part);
  const did = (tests: readonly TestId[]) => sound.some(({ test }) => tests.includes(test));
  const saw = (test: TestId, outcomes: readonly string[]) =>
    sound.some(
      (entry) => entry.kind === 'outcome' && entry.test === test && outcomes.includes(entry.outcome),
    );
  const isMagnetic = saw('magnet', ['strong']);
  const isIron = saw('fracture', IRON_BREAKS);
  const telling = isMagnetic && saw('look', CAST) ? TELLING_CASTINGS : TELLING_TESTS;
  // Copper sulphate leaves bright what holds much chromium: on sheet, tube and vessels that is the plain stainless sorts.
  if (kind?.plain === true && saw('sulphate', ['stays'])) return null;
  if (isIron || did(telling) || (!isMagnetic && did(TELLING_LIGHT)))
    return kind !== null || did(BY_EYE)
      ? null
      : 'Nobody has said what it is part of: scrape a spot and look at its colour too.';
  if (kind?.plain !== true)
    return `${kind?.name ?? 'A part of no known kind'} may be cast, hardened, leaded or heat-treated: one test that tells those apart first, such as spark${isMagnetic && saw('look', CAST) ? '' : ', file'} or chip.`;
  return saw('look', ROLLED) ? null : 'Look at its surface first: rolled, or cast?';
}
