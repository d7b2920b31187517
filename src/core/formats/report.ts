import { z } from 'zod';
import { CheckResult } from './job';
import { FULL } from './run';

const when = z.iso.datetime().nullable();
const rod = { rodClass: z.string(), size: z.string() };

/** What was done, as it is handed on: planned against what happened. */
export const Report = z.object({
  format: z.literal('elbow-room-report'),
  version: z.number(),
  job: z.object({ id: z.string(), title: z.string(), part: z.string(), broke: z.string() }),
  begun: when,
  finished: when,
  machine: z.string(),
  supply: z.string(),
  metal: z.string(),
  passes: z.array(
    z.object({
      pass: z.int(),
      title: z.string(),
      /** Null where the plan did not have it. */
      planned: z
        .object({
          ...rod,
          current_A: z.number(),
          arc_s: z.number(),
          rods: z.number(),
          by: z.string().max(300).optional(),
        })
        .nullable(),
      current_A: z.number().nullable(),
      arc_s: z.number(),
      rods: z.number(),
      begun: when,
      done: when,
      full: z.enum(FULL).nullable(),
    }),
  ),
  rods: z.array(z.object({ ...rod, count: z.number() })),
  steps: z.array(
    z.object({ step: z.string(), state: z.enum(['done', 'skipped', 'open']), at: when, words: z.string() }),
  ),
  readings: z.array(z.object({ at: when, temperature_C: z.number() })),
  /** What instruments told before and beside the work: what it was for, what it said, and by which. */
  measured: z.array(z.object({ at: when, what: z.string(), says: z.string(), by: z.string() })),
  troubles: z.array(
    z.object({ at: when, what: z.string(), pass: z.int(), words: z.string(), settled: z.boolean() }),
  ),
  checks: z.array(z.object({ name: z.string(), ...CheckResult.shape })),
  notes: z.array(z.object({ at: when, words: z.string() })),
  /** What does not agree, as a clock that was set back. */
  odd: z.array(z.string()),
});
export type Report = z.infer<typeof Report>;
