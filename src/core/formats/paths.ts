import type { NumberPath } from './fields';
import type { Job } from './job';
import type { Kit } from './kit';

/**
 * Paths of records as types, derived from their schemas: a slip in a path or in what is put there does not compile. What comes out of a
 * file, a journal or another window is plain text until it is checked: that is an `Edit` of edits.ts.
 */

/** What stands at a key of a record, whichever kind of record it is; of a collection, an entry or nothing. */
type At<T, K extends string> = T extends readonly (infer Row)[]
  ? Row
  : T extends unknown
    ? string extends keyof T
      ? T[keyof T & string] | undefined
      : K extends keyof T
        ? T[K]
        : never
    : never;

/** Every dotted path into a record: its keys, what lies below those that hold records, and rows of lists of records by their number. */
export type PathIn<T> = T extends readonly (infer Row)[]
  ? Row extends object
    ? `${number}.${PathIn<Row>}`
    : never
  : T extends object
    ? { [K in keyof T & string]: K | `${K}.${PathIn<NonNullable<T[K]>>}` }[keyof T & string]
    : never;

/** What stands at a path. */
export type ValueAt<T, P extends string> = P extends `${infer K}.${infer Rest}`
  ? ValueAt<NonNullable<At<T, K>>, Rest>
  : At<T, P>;

/** A change to a record by one of its paths: with what may stand there; undefined takes an entry of a collection out. */
type EditOf<T, P extends string> = P extends string
  ? { readonly path: P; readonly value: ValueAt<T, P> }
  : never;

/** A path of a job. What was typed stands beside it, under the whole path of its field. */
export type JobPath = PathIn<Job>;
export type JobEdit = EditOf<Job, JobPath>;
/** An edit of a path that is put together: what may be put there follows from it. */
export const editAt = <P extends JobPath>(path: P, value: ValueAt<Job, P>): JobEdit =>
  ({ path, value }) as unknown as JobEdit;

/** A path at which a number of a job is typed. */
export type JobNumberPath = NumberPath & JobPath;
/** Where what a test showed stands. */
export type EvidencePath = `metal.${'sideA' | 'sideB' | 'oldWeld'}.evidence.${string}`;

/** A shelf of the kit, and what lies on it. */
export type ShelfName = keyof Kit & string;
export type ItemOf<S extends ShelfName> = Kit[S][number];
/** A change to an item of a shelf, by a path inside it. */
export type ItemEdit<S extends ShelfName> = EditOf<ItemOf<S>, PathIn<ItemOf<S>>>;
/** A change to an item of whichever shelf. */
export type AnyItemEdit = { [S in ShelfName]: ItemEdit<S> }[ShelfName];
