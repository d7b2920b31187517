import fc from 'fast-check';
import { z } from 'zod';
import type { Edit } from '../../src/core/formats/edits';
import { Job } from '../../src/core/formats/job';
import { Kit } from '../../src/core/formats/kit';
import { DEMO_JOBS } from '../../src/demo/jobs';
import { DEMO_KIT } from '../../src/demo/kit';

/** What a JSON schema says of one value. */
interface Leaf {
  type?: string;
  enum?: readonly string[];
  anyOf?: readonly Leaf[];
  properties?: Readonly<Record<string, Leaf>>;
  items?: Leaf;
  minimum?: number;
  exclusiveMinimum?: number;
  maximum?: number;
}

/** Numbers are taken from all over their range, its ends and its small values most, to as many digits as somebody types. */
function numberIn({ minimum, exclusiveMinimum, maximum }: Leaf): fc.Arbitrary<number> {
  const low = minimum ?? (exclusiveMinimum ?? 0) + 1e-3;
  const high = maximum ?? 1000;
  return fc
    .oneof(
      fc.constantFrom(low, high),
      fc.double({ min: low, max: high, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }).map((share) => low + (high - low) * share ** 3),
    )
    .map((value) => Math.min(high, Math.max(low, Number(value.toPrecision(4)))));
}

/**
 * Every choice and number of a record by its path, with what may stand there; free text, photos and evidence are left as they are.
 * @param sample says how many there are of what there are several
 */
function leaves(schema: Leaf, sample: unknown, path = ''): [path: string, values: fc.Arbitrary<unknown>][] {
  const under = (key: string | number) => (path === '' ? `${key}` : `${path}.${key}`);
  const { properties, items } = schema;
  if (properties)
    return Object.entries(properties).flatMap(([key, inner]) =>
      leaves(inner, (sample as Record<string, unknown> | null)?.[key], under(key)),
    );
  if (items && Array.isArray(sample)) return sample.flatMap((one, n) => leaves(items, one, under(n)));
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

const schemaOf = (schema: z.ZodType) => z.toJSONSchema(schema, { unrepresentable: 'any' }) as Leaf;

/** Anything that may be changed in a record. */
const edits = (found: ReturnType<typeof leaves>, most: number): fc.Arbitrary<Edit[]> =>
  fc.array(
    fc.constantFrom(...found).chain(([path, values]) => values.map((value) => ({ path, value }))),
    { maxLength: most },
  );

const OF_JOB = leaves(schemaOf(Job), null);
const OF_KIT = leaves(schemaOf(Kit), DEMO_KIT);

/** A demo job by its place, and what is changed about it: what the schema lets through, however unlikely. */
export const changes = (most = 25): fc.Arbitrary<[demo: string, edits: Edit[]]> =>
  fc.tuple(fc.constantFrom(...DEMO_JOBS.map(({ id }) => id)), edits(OF_JOB, most));

/** The same of the demo kit: machines, supplies, tins, cords and leads that nobody ever bought. */
export const kitChanges = (most = 30): fc.Arbitrary<Edit[]> => edits(OF_KIT, most);
