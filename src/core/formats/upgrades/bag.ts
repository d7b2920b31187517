/** What a step is given: data of its version, whatever is in it. */
export type Bag = Record<string, unknown>;

/** From one version of what is stored and exported to the next; what it makes no sense of it leaves for the schema to refuse. */
export type Upgrade = (data: unknown) => unknown;

/** One version: how its jobs and kits become those of the next. */
export interface Step {
  job: Upgrade;
  kit: Upgrade;
}

export const isBag = (value: unknown): value is Bag =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The record with what it lacks; anything else as it is. */
export const withDefaults = (value: unknown, defaults: Bag): unknown =>
  isBag(value) ? { ...defaults, ...value } : value;

/** The same for each record of a list. */
export const each = (value: unknown, defaults: Bag): unknown =>
  Array.isArray(value) ? value.map((item) => withDefaults(item, defaults)) : value;

/** What `change` makes of each entry of a collection. */
export const eachOf = (value: unknown, change: (entry: Bag) => Bag): unknown =>
  isBag(value)
    ? Object.fromEntries(
        Object.entries(value).map(([id, entry]) => [id, isBag(entry) ? change(entry) : entry]),
      )
    : value;

export const unchanged: Upgrade = (data) => data;
