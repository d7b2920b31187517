import { z } from 'zod';
import { LONGEST } from './limits';
import { numberField, refuseNumber, type NumberPath } from './fields';

/** A name or title a person typed. */
export const shortText = z.string().min(1).max(LONGEST.name);

/** What a record or an item goes by, in addresses, file names and references: letters, digits and dashes; older ones hold a low dash too. */
export const idText = z.string().regex(/^[A-Za-z0-9_-]{1,120}$/, 'letters, digits and dashes only');

/** A number of the table of fields, between its ends, or null where nothing (or nothing readable) was typed. */
export function optionalNumber(path: NumberPath) {
  const { min, max, label, kind } = numberField(path);
  const example = kind.example.metric;
  const error = ({ input }: { input?: unknown }) =>
    typeof input === 'number'
      ? (refuseNumber(path, input, 'metric') ?? `${label}: type a number, such as ${example}.`)
      : `${label}: expected a number or null, such as ${example}.`;
  return z.number({ error }).gte(min, { error }).lte(max, { error }).nullable();
}

/** What was typed, word for word, by field path: kept even where it could not be read, so that nothing is lost. */
export const typedTexts = z.record(z.string().max(120), z.string().max(LONGEST.typed));
