import { DEFECTS } from '../../data/findings';
import { readField } from '../../formats/fields';
import type { CheckResult } from '../../formats/job';
import { inWords, midSentence } from '../../units/format';
import type { UnitSystem } from '../../units/kinds';

/** What a check showed, in words: what it is, how long, where along the seam, and what was written of it. */
export function findingInWords(
  { what, at_mm, length_mm, words, photos }: CheckResult,
  system: UnitSystem,
): string {
  const say = inWords(system).size;
  const typed = words.trim();
  const parts = [
    what === null ? '' : midSentence(DEFECTS[what].name),
    length_mm === null ? '' : `${say(length_mm)} long`,
    at_mm === null ? '' : `${say(at_mm)} from the left end`,
    typed,
    photos.length === 0 ? '' : photos.length === 1 ? 'a picture' : `${photos.length} pictures`,
  ].filter((part) => part !== '');
  return parts.length === 0 ? 'something' : parts.join(', ');
}

/** A number of a finding, as it is typed. */
export type FindingNumber = 'at_mm' | 'length_mm';

/** Reads what was typed of a finding's place or size. @returns the number, null where nothing or nothing readable was typed */
export function readFinding(name: FindingNumber, text: string, system: UnitSystem): number | null {
  const read = text.trim() === '' ? null : readField(`finding.${name}`, text, system);
  return read?.ok ? read.value.value : null;
}

/** Why a finding cannot lie where it is said to, on a seam so long; null where it can. */
export function misplaced(
  { at_mm, length_mm }: Pick<CheckResult, FindingNumber>,
  seam_mm: number,
  system: UnitSystem,
): { field: FindingNumber; message: string } | null {
  const say = inWords(system).size;
  if (at_mm !== null && at_mm > seam_mm)
    return {
      field: 'at_mm',
      message: `The seam is ${say(seam_mm)} long: type 0 to ${say(seam_mm)}, from its left end.`,
    };
  if (length_mm !== null && length_mm > seam_mm)
    return {
      field: 'length_mm',
      message: `The seam is ${say(seam_mm)} long: what is on it is no longer.`,
    };
  return null;
}
