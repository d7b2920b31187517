import { FIRE_WATCH_s, PERMIT_LINES, type PermitAnswer, type PermitLineId } from '../data/permit';
import { idsOf } from '../data/words';
import type { Job } from '../formats/job';
import type { Reads } from '../judge/situation';

/** A line of the hot-work card that is asked on this job. */
export interface PermitAsk {
  id: PermitLineId;
  name: string;
  /** It is never left out. */
  must: boolean;
  answer: PermitAnswer | null;
}

/** What of a card's times does not go with the work; times in ms since 1970. */
export type PermitClash =
  | { kind: 'backwards' }
  | { kind: 'before'; starts_ms: number; from_ms: number }
  | { kind: 'too-short'; ends_ms: number; until_ms: number; latest_ms: number }
  | { kind: 'over'; until_ms: number };

/** The hot-work card against the work. */
export interface HotWork {
  lines: readonly PermitAsk[];
  /** Lines still to be answered. */
  left: number;
  /** First arc, last arc and the end of the watch, ms since 1970: as planned, or as they were. */
  starts_ms: number;
  lastArc_ms: number;
  watchEnds_ms: number;
  clashes: readonly PermitClash[];
}

/** Watch after the last arc, s. */
export const fireWatch_s = ({ permit }: Pick<Job, 'permit'>): number => permit.watch_s ?? FIRE_WATCH_s;

/** Where each line is asked: a line that does not belong here is not. */
const ASKED = {
  always: () => true,
  inside: ({ job }) => job.look.place !== 'outdoors',
  below: ({ job }) => job.look.position === 'overhead' || job.look.position === 'vertical',
  engine: ({ supply }) => supply?.value.kind === 'generator',
} satisfies Record<(typeof PERMIT_LINES)[PermitLineId]['asked'], (read: Reads<'job' | 'supply'>) => boolean>;

/** Whether a card goes along: the site wants one, or somebody began to fill it in. */
export const hasPermit = ({ look, permit }: Pick<Job, 'look' | 'permit'>): boolean =>
  look.stopWork.permit === 'will-meet' ||
  permit.issuer !== '' ||
  permit.until !== null ||
  Object.keys(permit.lines).length > 0;

/**
 * Answers "does the permit hold till the watch is over?".
 * @param elapsed_s from first to last arc, as planned; null: no plan yet, and nothing is said of its end
 * @param ran when the work began and the last arc ended, ms; null while none has burned
 */
export function hotWork(
  { job, supply }: Reads<'job' | 'supply'>,
  elapsed_s: number | null,
  now_ms: number,
  ran: { begun_ms: number; lastArc_ms: number; over: boolean } | null = null,
): HotWork {
  const { permit, look } = job;
  const lines = idsOf(PERMIT_LINES).flatMap((id) => {
    const { asked, name, must } = PERMIT_LINES[id];
    if (!ASKED[asked]({ job, supply })) return [];
    const answer = permit.lines[id] ?? null;
    // What must be is not answered by its not being here.
    return [{ id, name, must, answer: must && answer === 'not-here' ? null : answer }];
  });
  const planned_ms = 1000 * (elapsed_s ?? 0);
  const starts_ms = ran?.begun_ms ?? Math.max(now_ms, look.startAt === null ? 0 : Date.parse(look.startAt));
  const lastArc_ms = ran
    ? Math.max(ran.lastArc_ms, ran.over ? 0 : starts_ms + planned_ms)
    : starts_ms + planned_ms;
  const watchEnds_ms = lastArc_ms + 1000 * fireWatch_s(job);
  const from_ms = permit.from === null ? null : Date.parse(permit.from);
  const until_ms = permit.until === null ? null : Date.parse(permit.until);
  const clashes: PermitClash[] = [];
  if (from_ms !== null && until_ms !== null && until_ms <= from_ms) clashes.push({ kind: 'backwards' });
  else {
    if (from_ms !== null && starts_ms < from_ms) clashes.push({ kind: 'before', starts_ms, from_ms });
    if (until_ms !== null && until_ms <= now_ms && now_ms < watchEnds_ms)
      clashes.push({ kind: 'over', until_ms });
    else if (until_ms !== null && elapsed_s !== null && watchEnds_ms > until_ms)
      clashes.push({
        kind: 'too-short',
        ends_ms: watchEnds_ms,
        until_ms,
        latest_ms: until_ms - (watchEnds_ms - starts_ms),
      });
  }
  return {
    lines,
    left: lines.filter(({ answer }) => answer === null).length,
    starts_ms,
    lastArc_ms,
    watchEnds_ms,
    clashes,
  };
}

/** A clash in a sentence, with what to do. @param clock tells a moment as the reader's clock does */
export function clashInWords(clash: PermitClash, now_ms: number, clock: (ms: number) => string): string {
  switch (clash.kind) {
    case 'backwards':
      return 'The permit ends before it begins: look at both times.';
    case 'before':
      return `You would strike at ${clock(clash.starts_ms)}, and it begins at ${clock(clash.from_ms)}: wait, or have it given from then.`;
    case 'over':
      return `It ran out at ${clock(clash.until_ms)}: no arc, and a new one before the watch goes on.`;
    case 'too-short':
      return `Work and watch last till ${clock(clash.ends_ms)}, and it ends at ${clock(clash.until_ms)}: ${
        clash.latest_ms > now_ms ? `strike by ${clock(clash.latest_ms)}, or` : ''
      } have it given longer.`.replace(':  ', ': ');
  }
}
