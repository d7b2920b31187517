import { z } from 'zod';
import { TEST_IDS } from '../data/testIds';
import { optionalNumber } from './parts';

/** How far a test is believed: a doubtful one counts half, an undone one is kept and counts nothing. */
export const STANDINGS = ['sound', 'doubtful', 'undone'] as const;
export type Standing = (typeof STANDINGS)[number];

const standing = z.enum(STANDINGS);
/** Done below a plating, on fresh metal. Where nothing plates it, it says nothing. */
const below = z.boolean().optional();

/** An element as an analyser reports it, weight percent; null while it cannot be read, or where no error is given. */
export const ElementReading = z.object({
  percent: optionalNumber('evidence.percent'),
  error: optionalNumber('evidence.error'),
});
export type ElementReading = z.infer<typeof ElementReading>;

/** One test done on a metal, as it was seen or read. Numbers are null while they cannot be read. */
export const Evidence = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('outcome'),
    test: z.enum(TEST_IDS),
    outcome: z.string().min(1).max(40),
    standing,
    below,
  }),
  z.object({
    kind: z.literal('weighings'),
    test: z.literal('density'),
    air_g: optionalNumber('evidence.air_g'),
    water_g: optionalNumber('evidence.water_g'),
    scale_g: optionalNumber('evidence.scale_g'),
    standing,
    below,
  }),
  z.object({
    kind: z.literal('hardness'),
    test: z.literal('hardness'),
    hardness_HB: optionalNumber('evidence.hardness_HB'),
    standing,
    below,
  }),
  z.object({
    kind: z.literal('conductivity'),
    test: z.literal('conductivity'),
    iacs_pct: optionalNumber('evidence.iacs_pct'),
    standing,
    below,
  }),
  z.object({
    kind: z.literal('chemistry'),
    test: z.literal('chemistry'),
    elements: z.record(z.string().regex(/^[A-Z][a-z]?$/), ElementReading),
    /** False for the handheld X-ray kind: carbon is not there because it cannot be seen. */
    seesCarbon: z.boolean(),
    standing,
    below,
  }),
]);
export type Evidence = z.infer<typeof Evidence>;

/** All tests of one piece of metal, by an id of their own: two windows that each add one both keep theirs. */
export const EvidenceById = z.record(z.string().min(1).max(20), Evidence);
export type EvidenceById = z.infer<typeof EvidenceById>;
