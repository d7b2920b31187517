import { z } from 'zod';
import { refuseNumber, type NumberPath } from './fields';

/** A name or title a person typed. */
export const shortText = z.string().min(1).max(120);

/** A number of the table of fields, or null where nothing (or nothing readable) was typed. */
export const optionalNumber = (path: NumberPath) =>
  z
    .number()
    .superRefine((value, context) => {
      const message = refuseNumber(path, value, 'metric');
      if (message !== null) context.addIssue({ code: 'custom', message });
    })
    .nullable();

/** What was typed, word for word, by field path: kept even where it could not be read, so that nothing is lost. */
export const typedTexts = z.record(z.string().max(60), z.string().max(200));
