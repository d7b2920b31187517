import type { Job } from '../formats/job';

/**
 * The judgement is a graph of named stages. A stage is a pure function of what it reads: the job, the kit and other stages. It is worked
 * out when somebody asks for it, and what it read is noted, so that the next job finds it made as long as all of that is the same.
 */

/** Parts of a job that are told apart field by field: flat records. The rest is told apart part by part. */
const BY_FIELD: ReadonlySet<string> = new Set<keyof Job>([
  'look',
  'power',
  'rod',
  'weld',
  'heat',
  'order',
  'repair',
]);

/** What was read: a stage by its name, or a part of a job, or a field of one, and what stood there. */
interface Read {
  name: string;
  part: string | null;
  field: string | null;
  value: unknown;
}

interface Kept {
  /** In the order they were first read. */
  reads: readonly Read[];
  value: unknown;
  /** The read that was last found to have changed: looked at first. */
  changed: number;
}

/** Answers kept for each function: where a search began stays among them while it tries one change after another. */
const MOST_KEPT = 4;

type Made = (reads: never) => unknown;

/** What one thing to be judged is asked through. */
interface Asked {
  at(name: string): unknown;
  /** True where a stage was worked out, or found made, already. */
  has(name: string): boolean;
}

/** Names behind which a job stands. */
const JOBS: readonly string[] = ['job', 'entered'];

/** True while what was read still stands there. */
function stillSo(asked: Asked, { name, part, field, value }: Read): boolean {
  const made = asked.at(name);
  if (part === null) return Object.is(made, value);
  const record = (made as Record<string, unknown>)[part];
  return Object.is(field === null ? record : (record as Record<string, unknown>)[field], value);
}

/** True while all that went into an answer still stands. */
function isFresh(asked: Asked, kept: Kept): boolean {
  const { reads } = kept;
  const suspect = reads[kept.changed];
  if (suspect && asked.has(suspect.name) && !stillSo(asked, suspect)) return false;
  for (let n = 0; n < reads.length; n++) {
    if (stillSo(asked, reads[n] as Read)) continue;
    kept.changed = n;
    return false;
  }
  return true;
}

/** What one function read of a situation, noted while it was working. */
class Reading {
  readonly reads: Read[] = [];
  isOpen = true;
  constructor(readonly from: Asked) {}
  note(name: string, part: string | null, field: string | null, value: unknown): void {
    if (!this.isOpen) return;
    for (const read of this.reads)
      if (read.name === name && read.part === part && read.field === field) return;
    this.reads.push({ name, part, field, value });
  }
}

/** Records that note what is read of them: what stands behind each, and where it stands. */
const seen = new WeakMap<object, { reading: Reading; name: string; part: string | null; record: object }>();

/** The record behind one that a stage was handed, where all of it goes into what the stage makes. */
export function whole<T extends object>(handed: T): T {
  const behind = seen.get(handed);
  if (!behind) return handed;
  const { reading, name, part, record } = behind;
  reading.note(name, part, null, record);
  return record as T;
}

/** A flat part of a job that notes each field that is read of it. */
class PartHandler implements ProxyHandler<Record<string, unknown>> {
  constructor(
    private readonly reading: Reading,
    private readonly name: string,
    private readonly part: string,
  ) {}
  get(target: Record<string, unknown>, key: string | symbol): unknown {
    const value = target[key as string];
    if (typeof key === 'string') this.reading.note(this.name, this.part, key, value);
    return value;
  }
}

/** The job as a stage sees it: what is read of it is noted, flat parts by field. */
class JobHandler implements ProxyHandler<Job> {
  private readonly parts = new Map<string, unknown>();
  constructor(
    private readonly reading: Reading,
    private readonly name: string,
  ) {}
  get(target: Job, key: string | symbol): unknown {
    const value = (target as unknown as Record<string | symbol, unknown>)[key];
    if (typeof key !== 'string') return value;
    if (!BY_FIELD.has(key)) {
      this.reading.note(this.name, key, null, value);
      return value;
    }
    let part = this.parts.get(key);
    if (part === undefined) {
      const record = value as Record<string, unknown>;
      const handed = new Proxy(record, new PartHandler(this.reading, this.name, key));
      seen.set(handed, { reading: this.reading, name: this.name, part: key, record });
      this.parts.set(key, handed);
      part = handed;
    }
    return part;
  }
}

function jobSeenBy(reading: Reading, name: string, job: Job): Job {
  const handed = new Proxy(job, new JobHandler(reading, name));
  seen.set(handed, { reading, name, part: null, record: job });
  return handed;
}

/** What a function reads a situation through. */
abstract class Reads {
  constructor(readonly reading: Reading) {}
}

/** A class whose instances note what is read of each name. */
function readsOf(names: readonly string[]): new (reading: Reading) => Reads {
  class Named extends Reads {}
  for (const name of names)
    Object.defineProperty(Named.prototype, name, {
      get(this: Reads) {
        const { reading } = this;
        const value = reading.from.at(name);
        if (JOBS.includes(name)) return jobSeenBy(reading, name, value as Job);
        reading.note(name, null, null, value);
        return value;
      },
    });
  return Named;
}

/** A function of a situation with its answers, by what it read for each. */
class Memo<V> {
  private readonly kept: Kept[] = [];
  /** Which of the reads changed last. */
  private changed = 0;
  constructor(
    private readonly Reads: new (reading: Reading) => Reads,
    private readonly make: (reads: never) => V,
  ) {}
  of(asked: Asked): V {
    const { kept } = this;
    for (let n = 0; n < kept.length; n++) {
      const one = kept[n] as Kept;
      if (!isFresh(asked, one)) {
        this.changed = one.changed;
        continue;
      }
      if (n > 0) {
        kept.splice(n, 1);
        kept.unshift(one);
      }
      return one.value as V;
    }
    const reading = new Reading(asked);
    const value = this.make(new this.Reads(reading) as never);
    reading.isOpen = false;
    kept.unshift({ reads: reading.reads, value, changed: this.changed });
    if (kept.length > MOST_KEPT) kept.pop();
    return value;
  }
}

/** Things to be judged, made out of stages, and functions of them. */
export interface Graph<Judged> {
  /** A thing to be judged: each stage of it is worked out when it is asked for. */
  of(given: object): Judged;
  /** Remembers a function of it by what it reads. */
  memoize<V>(read: (judged: Judged) => V): (judged: Judged) => V;
}

/** Makes a graph of stages on what it starts from. */
export function graphOf<Given extends object, S extends Readonly<Record<string, Made>>>(
  given: readonly (keyof Given & string)[],
  stages: S,
): Graph<Given & { readonly [K in keyof S]: ReturnType<S[K]> }> {
  const names = [...given, ...Object.keys(stages)];
  const OwnReads = readsOf(names);
  const makers = new Map(Object.entries(stages).map(([name, make]) => [name, new Memo(OwnReads, make)]));
  class Judged implements Asked {
    readonly #made = new Map<string, unknown>();
    constructor(from: Given) {
      for (const name of given) this.#made.set(name, from[name]);
    }
    has(name: string): boolean {
      return this.#made.has(name);
    }
    at(name: string): unknown {
      const before = this.#made.get(name);
      if (before !== undefined || this.#made.has(name)) return before;
      const make = makers.get(name);
      if (!make) throw new Error(`no stage ${name}`);
      const value = make.of(this);
      this.#made.set(name, value);
      return value;
    }
  }
  for (const name of names)
    Object.defineProperty(Judged.prototype, name, {
      enumerable: true,
      get(this: Judged) {
        return this.at(name);
      },
    });
  type Whole = Given & { readonly [K in keyof S]: ReturnType<S[K]> };
  return {
    of: (from) => new Judged(from as Given) as unknown as Whole,
    memoize: (read) => {
      const memo = new Memo(OwnReads, read as (reads: never) => ReturnType<typeof read>);
      return (judged) => memo.of(judged as unknown as Asked);
    },
  };
}
