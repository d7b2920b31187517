import { z } from 'zod';
import { INSTRUMENT_IDS } from '../data/instruments';
import { LONGEST } from './limits';

/**
 * How instruments are spoken with: JSON over HTTP. `GET <address>/about` answers an About, `GET <address>/reading` the latest Reading, and
 * `GET <address>/live` sends readings as server-sent events named `reading`. Nothing is ever sent to an instrument.
 */

const text = z.string().min(1).max(LONGEST.name);
const unit = z.string().max(20);

/** What an instrument says of itself. */
export const About = z.object({
  format: z.literal('elbow-room-instrument'),
  version: z.literal(1),
  kind: z.enum(INSTRUMENT_IDS),
  name: text,
  /** Its own number: another at the same address is asked about anew. */
  serial: text,
  /** How often it reads, ms. */
  every_ms: z.number().min(1).max(3_600_000),
});
export type About = z.infer<typeof About>;

export const QUALITIES = ['good', 'doubtful', 'out-of-range', 'no-signal'] as const;

/** One of the values of a reading: `what` is a key of its kind's row, of an analyser an element's symbol. */
export const ReadingValue = z.object({
  what: z.string().min(1).max(20),
  /** Null where there is none. */
  value: z.number().nullable(),
  unit,
  /** Half of what it may be off by, in the same unit; null: not known. */
  error: z.number().min(0).nullable(),
});

/** One reading. */
export const Reading = z.object({
  format: z.literal('elbow-room-reading'),
  version: z.literal(1),
  serial: text,
  /** Counts up from when it was switched on. */
  n: z.int().min(0),
  at: z.iso.datetime({ offset: true }),
  quality: z.enum(QUALITIES),
  values: z.array(ReadingValue).min(1).max(60),
});
export type Reading = z.infer<typeof Reading>;

/** A reading that was taken into a job: what, with what, when, and the field it went into. */
export const TakenReading = z.object({
  at: z.iso.datetime(),
  name: text,
  serial: text,
  kind: z.enum(INSTRUMENT_IDS),
  /** As it was taken, with its unit. */
  says: z.string().max(LONGEST.name),
  /** Of so many readings. */
  of: z.int().min(1).max(1000),
  /** The path of its field in the job. */
  into: z.string().max(100),
});
export type TakenReading = z.infer<typeof TakenReading>;
