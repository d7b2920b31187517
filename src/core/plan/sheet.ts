import type { Job } from '../formats/job';
import { GRADE_WORDS } from '../units/sources';
import { counted, inWords, trimmed } from '../units/format';
import type { Assessment } from './assess';
import { betterBy } from './byProcess';
import type { Halt, Plan } from './plan';
import { speakRoom, speakState } from '../judge/speak';

/** What stands across the top of a sheet, by verdict. */
export const VERDICT_WORDS = {
  stopped: 'STOP. DO NOT WELD',
  draft: 'DRAFT, DO NOT WELD',
  'no-room': 'NO ROOM: CHANGE THE PLAN FIRST',
  technique: 'TECHNIQUE ONLY: NOT RELEASED BY THIS SHEET',
  ready: 'Plan to take to the work',
} as const;

/** What stands over what keeps a plan back, by verdict. */
export const HALT_TITLES = {
  stopped: 'Why it stops',
  draft: 'Open before it may be welded',
  'no-room': 'No room left',
  technique: 'Under a competent person’s procedure',
  ready: '',
} as const;

/** Where the competent person signs. */
export const SIGN_LINE =
  'Competent person: ______________________  Procedure: ______________  Signed: ______________  Date: __________';

/** Stands on every sheet, whatever the verdict. */
export const DEFERENCE =
  'A plan, not a clearance: it says what limits, what is unknown and what to check. Local code, the site permit and licensed or certified people decide.';

/** The whole sheet as Markdown. */
export function sheetMarkdown(job: Job, plan: Plan, assessment: Assessment): string {
  const { rooms, situation } = assessment;
  const { system } = situation;
  const better = betterBy(assessment);
  const lines = [
    `# ${escapeMd(job.title) || 'Untitled job'}`,
    '',
    `**${VERDICT_WORDS[plan.verdict]}**`,
    '',
    ...(job.look.part ? [`Part: ${escapeMd(job.look.part)}`, ''] : []),
    ...(job.look.broke ? [`What broke: ${escapeMd(job.look.broke)}`, ''] : []),
    ...(plan.tightest ? [`Tightest: ${speakRoom(plan.tightest, system)}`, ''] : []),
    plan.summary,
    '',
    ...haltLines(plan.halts, HALT_TITLES[plan.verdict]),
    ...(plan.verdict === 'technique' ? [SIGN_LINE, ''] : []),
    ...(plan.otherWays.length > 0
      ? [
          '## How else',
          '',
          ...plan.otherWays.map(
            ({ name, words, against }) =>
              `- **${name}.** ${words}${against === '' ? '' : ` Not here: ${against}`}`,
          ),
          '',
        ]
      : []),
    ...(better ? [`${better.name} would do this better: ${better.words}.`, ''] : []),
    ...(plan.totals
      ? [
          `${counted(plan.totals.beads, 'pass', 'passes')}, ${counted(plan.totals.rods, 'rod')}, ${trimmed(plan.totals.arc_min, 1)} min of arc, ${inWords(system).time(60 * plan.totals.elapsed_min)} in all.`,
          '',
        ]
      : []),
    ...plan.steps.flatMap((step, index) => [
      `## ${index + 1}. ${step.title}`,
      '',
      ...step.holds.map((hold) => `- [ ] HOLD: ${hold}`),
      ...step.settings.map(({ label, value }) => `- ${label}: **${escapeMd(value)}**`),
      ...step.actions.map((action) => `- ${action}`),
      ...step.cautions.map((caution) => `- Caution: ${caution}`),
      ...(step.why ? ['', `Why: ${step.why}`] : []),
      '',
    ]),
    '## Room',
    '',
    '| Limit | Now | Room | Until | State |',
    '| --- | --- | --- | --- | --- |',
    ...rooms.map(
      (room) =>
        `| ${room.title} | ${room.now} | ${speakRoom(room, system)} | ${room.until} | ${speakState(room)} |`,
    ),
    '',
    ...(plan.assumed.length > 0
      ? ['## Assumed', '', ...plan.assumed.map((words) => `- ${escapeMd(words)}`), '']
      : []),
    ...(plan.problems.length > 0
      ? ['## Not understood', '', ...plan.problems.map((words) => `- ${escapeMd(words)}`), '']
      : []),
    '## Where the numbers come from',
    '',
    ...rooms.flatMap((room) =>
      room.reasons.map(
        ({ words, source }) => `- ${room.title}: ${words} (${source.name}; ${GRADE_WORDS[source.grade]})`,
      ),
    ),
    '',
    DEFERENCE,
    '',
  ];
  return lines.join('\n');
}

const escapeMd = (text: string): string => text.replace(/[\\`*_[\]<>#|]/g, '\\$&').replace(/\s+/g, ' ');

const haltLines = (halts: readonly Halt[], title: string): string[] =>
  halts.length === 0
    ? []
    : [
        `## ${title}`,
        '',
        ...halts.map(
          (halt) =>
            `- **${escapeMd(halt.title)}.** ${halt.because} ${halt.instead} Decides: ${halt.decides}.${halt.safe === '' ? '' : ` Until then: ${halt.safe}`}`,
        ),
        '',
      ];
