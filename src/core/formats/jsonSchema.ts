import { z } from 'zod';
import { Archive, KitFile } from './files';
import { JobFile } from './jobFile';
import { About, Reading } from './instrument';
import { Report } from './report';

/** JSON Schemas of every file the app writes, by name. `docs/formats` holds them as files. */
export const jsonSchemas = (): Record<string, object> => ({
  job: z.toJSONSchema(JobFile),
  kit: z.toJSONSchema(KitFile),
  archive: z.toJSONSchema(Archive),
  report: z.toJSONSchema(Report),
  instrument: z.toJSONSchema(About),
  reading: z.toJSONSchema(Reading),
});
