import { z } from 'zod';
import { numberField, refuseNumber, type NumberPath } from './fields';

/** A name or title a person typed. */
export const shortText = z.string().min(1).max(120);

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
export const typedTexts = z.record(z.string().max(60), z.string().max(200));
