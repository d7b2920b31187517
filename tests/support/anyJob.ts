import fc from 'fast-check';
import { z } from 'zod';
import type { Edit } from '../../src/core/formats/edits';
import { Job } from '../../src/core/formats/job';
import { DEMO_JOBS } from '../../src/demo/jobs';

/** What a JSON schema says of one value. */
interface Leaf {
  type?: string;
  enum?: readonly string[];
  anyOf?: readonly Leaf[];
  properties?: Readonly<Record<string, Leaf>>;
  minimum?: number;
  exclusiveMinimum?: number;
  maximum?: number;
}

/** Numbers are taken from all over their range, its ends and its small values most. */
function numberIn({ minimum, exclusiveMinimum, maximum }: Leaf): fc.Arbitrary<number> {
  const low = minimum ?? (exclusiveMinimum ?? 0) + 1e-3;
  const high = maximum ?? 1000;
  return fc.oneof(
    fc.constantFrom(low, high),
    fc.double({ min: low, max: high, noNaN: true }),
    fc.double({ min: 0, max: 1, noNaN: true }).map((share) => low + (high - low) * share ** 3),
  );
}

/** Every choice and number of a job by its path, with what may stand there; free text, photos and evidence are left as they are. */
function leaves(schema: Leaf, path: string): [path: string, values: fc.Arbitrary<unknown>][] {
  if (schema.properties)
    return Object.entries(schema.properties).flatMap(([key, inner]) =>
      leaves(inner, path === '' ? key : `${path}.${key}`),
    );
  const all = schema.anyOf ?? [schema];
  const values = all.flatMap((one): fc.Arbitrary<unknown>[] => {
    if (one.enum) return [fc.constantFrom(...one.enum)];
    if (one.type === 'boolean') return [fc.boolean()];
    if (one.type === 'number' && one.maximum !== undefined) return [numberIn(one)];
    return [];
  });
  if (values.length === 0) return [];
  const nullable = all.some(({ type }) => type === 'null');
  return [[path, fc.oneof(...values, ...(nullable ? [fc.constant(null)] : []))]];
}

const LEAVES = leaves(z.toJSONSchema(Job, { unrepresentable: 'any' }) as Leaf, '');

/** Anything that may be changed in a job. */
const edit: fc.Arbitrary<Edit> = fc
  .constantFrom(...LEAVES)
  .chain(([path, values]) => values.map((value) => ({ path, value })));

/** A demo job by its place, and what is changed about it: what the schema lets through, however unlikely. */
export const changes = (most = 25): fc.Arbitrary<[demo: string, edits: Edit[]]> =>
  fc.tuple(fc.constantFrom(...DEMO_JOBS.map(({ id }) => id)), fc.array(edit, { maxLength: most }));
