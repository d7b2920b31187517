import { PIPE_SCHEDULES, PIPE_SIZES, type PipeSchedule } from '../data/pipeSizes';
import type { AddChip, Sentence } from './sentence';

const NOMINAL = String.raw`(?<![\d/.])(\d+ \d\/\d|\d\/\d|\d+(?:\.\d+)?)(?: ?(?:inch|in\b|"|nps))?`;
const SCHEDULE = String.raw`(?:sch(?:edule)?\.? ?(\d+)s?|(std|standard wall|xs|extra (?:strong|heavy)))`;

const inches = (said: string): number =>
  said.split(' ').reduce((sum, part) => {
    const [top = 0, below = 1] = part.split('/').map(Number);
    return sum + top / below;
  }, 0);

/** The schedule that is said; standard and extra strong are 40 and 80 up to the sizes of the table that differ. */
const scheduleOf = (number: string | undefined, word: string | undefined): PipeSchedule | null => {
  const said = number ?? (word?.startsWith('st') ? '40' : '80');
  return PIPE_SCHEDULES.find((one) => one === said) ?? null;
};

/** A pipe by its nominal size and schedule, as in "2 inch schedule 40": its outside and its wall. */
export function readPipe(sentence: Sentence, chip: AddChip): void {
  const found = sentence.takeIf(
    new RegExp(String.raw`${NOMINAL}(?: (?:pipe|steel|black|stainless))* ${SCHEDULE}`),
    (match) => {
      const schedule = scheduleOf(match[2], match[3]);
      const size = PIPE_SIZES.find(([nominal]) => nominal === inches(match[1] ?? ''))?.[1];
      // Standard wall is 3/8 inch from 12 inches on, extra strong half an inch from 10: not what the schedules say.
      const differs = match[3] !== undefined && inches(match[1] ?? '') >= (schedule === '80' ? 10 : 12);
      return schedule === null || size === undefined || differs
        ? null
        : { said: match[0], schedule, nominal: match[1] ?? '', size };
    },
  );
  if (!found) return;
  const { outside_mm, wall_mm } = found.size;
  const wall = wall_mm[found.schedule];
  chip(
    'pipe',
    `Pipe ${found.nominal} in schedule ${found.schedule}: ${outside_mm} by ${wall} mm`,
    found.said,
    [
      { path: 'joint.pipeDiameter_mm', value: outside_mm },
      { path: 'joint.thicknessA_mm', value: wall },
    ],
  );
}
