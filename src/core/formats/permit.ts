import { z } from 'zod';
import { PERMIT_ANSWERS, PERMIT_LINES } from '../data/permit';
import { idsOf } from '../data/words';
import { LONGEST } from './limits';
import { optionalNumber } from './parts';

/** The hot-work card of a job: who gives and watches, from when to when, and what was seen to. */
export const Permit = z.object({
  issuer: z.string().max(LONGEST.name),
  watcher: z.string().max(LONGEST.name),
  from: z.iso.datetime().nullable(),
  until: z.iso.datetime().nullable(),
  /** Watch after the last arc; null: what is usual. */
  watch_s: optionalNumber('permit.watch_s'),
  lines: z.partialRecord(z.enum(idsOf(PERMIT_LINES)), z.enum(idsOf(PERMIT_ANSWERS))),
});
export type Permit = z.infer<typeof Permit>;
