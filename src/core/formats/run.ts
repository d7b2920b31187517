import { z } from 'zod';
import { ROD_CLASS_IDS } from '../data/rods';
import { ROD_SIZE_IDS } from '../data/rodSizes';
import { TROUBLES } from '../data/troubles';
import { idsOf } from '../data/words';
import { HOTTEST_READING_C, LONGEST, MOST_RUN_EVENTS } from './limits';

/** How full the joint stands after a pass, against what was planned to here. */
export const FULL = ['less', 'planned', 'more', 'full'] as const;
export type Full = (typeof FULL)[number];

/** Which it is of the whole list, and what the clock said, ms since 1970. */
const base = { n: z.int().min(0), at: z.int().min(0) };
const pass = z.int().min(0).max(999);
const amps = z.number().min(0).max(2000);

/** One thing that happened at the work. The list of them is the whole of what is known of it: everything told is read off it again. */
export const RunEvent = z.discriminatedUnion('kind', [
  /** The arc burns; with what, in which pass (0: a tack). */
  z.object({
    kind: z.literal('arc-on'),
    ...base,
    pass,
    current_A: amps,
    rodClass: z.enum(ROD_CLASS_IDS),
    size: z.enum(ROD_SIZE_IDS),
    /** Heard rather than pressed: how sure, 0 to 1. */
    heard: z.number().min(0).max(1).optional(),
    /** Seen by an ammeter: its serial number. */
    by: z.string().max(LONGEST.name).optional(),
  }),
  z.object({ kind: z.literal('arc-off'), ...base }),
  /** An arc that was none: a grinder, a slip of the thumb. */
  z.object({ kind: z.literal('no-arc'), ...base, of: z.string().max(40) }),
  /** A new rod in the holder, though the last had some left. */
  z.object({ kind: z.literal('rod'), ...base }),
  z.object({
    kind: z.literal('amps'),
    ...base,
    current_A: amps,
    /** Read in the lead: the serial number of the ammeter. */
    by: z.string().max(LONGEST.name).optional(),
  }),
  /** What a thermometer or crayon said beside the weld. */
  z.object({
    kind: z.literal('reading'),
    ...base,
    temperature_C: z.number().min(-60).max(HOTTEST_READING_C),
    /** By a thermometer that told it itself: its serial number. */
    by: z.string().max(LONGEST.name).optional(),
  }),
  z.object({ kind: z.literal('pass-done'), ...base, pass, full: z.enum(FULL) }),
  /** A pass taken up again. */
  z.object({ kind: z.literal('pass-again'), ...base, pass }),
  z.object({
    kind: z.literal('step'),
    ...base,
    step: z.string().max(LONGEST.name),
    state: z.enum(['done', 'skipped', 'open']),
    words: z.string().max(LONGEST.note),
  }),
  /** A step that the plan did not have. */
  z.object({ kind: z.literal('added'), ...base, step: z.string().max(LONGEST.name) }),
  z.object({
    kind: z.literal('trouble'),
    ...base,
    what: z.enum(idsOf(TROUBLES)),
    pass,
    words: z.string().max(LONGEST.note),
  }),
  z.object({ kind: z.literal('settled'), ...base, of: z.string().max(40) }),
  /** Told afterwards: so many rods burned since then. */
  z.object({
    kind: z.literal('later'),
    ...base,
    from: z.int().min(0),
    rods: z.number().min(0).max(500),
    pass,
    current_A: amps,
    rodClass: z.enum(ROD_CLASS_IDS),
    size: z.enum(ROD_SIZE_IDS),
  }),
  z.object({ kind: z.literal('note'), ...base, words: z.string().max(LONGEST.note) }),
  z.object({ kind: z.literal('finished'), ...base }),
]);
export type RunEvent = z.infer<typeof RunEvent>;
/** What is told at the work, before it has its number and time. */
export type Told = RunEvent extends infer E ? (E extends RunEvent ? Omit<E, 'n' | 'at'> : never) : never;

/** What happened at the work, by the id of each event: so that two windows add to it without losing any. */
export const Run = z.object({
  events: z
    .record(z.string().max(40), RunEvent)
    .refine((events) => Object.keys(events).length <= MOST_RUN_EVENTS, {
      error: `at most ${MOST_RUN_EVENTS} events: finish this run and copy the job`,
    }),
});
export type Run = z.infer<typeof Run>;
