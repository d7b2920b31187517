import { BLANK_DOUBT, blankSide } from './blankJob';

/**
 * From one version of what is stored and exported to the next. Each step takes data of its version, whatever is in it, and
 * gives data of the next; what it cannot make sense of it leaves for the schema to refuse.
 */

/** Version of jobs and kits, stored or in files. */
export const DATA_VERSION = 3;

type Bag = Record<string, unknown>;

const isBag = (value: unknown): value is Bag =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const withDefaults = (value: unknown, defaults: Bag): unknown =>
  isBag(value) ? { ...defaults, ...value } : value;
const each = (value: unknown, defaults: Bag): unknown =>
  Array.isArray(value) ? value.map((item) => withDefaults(item, defaults)) : value;

/** Version 1 knew no leads, cords, tools, generators, time window or joints round things. */
function jobFrom1(job: unknown): unknown {
  if (!isBag(job)) return job;
  return {
    ...job,
    look: withDefaults(job.look, { timeWindow_s: null }),
    joint: withDefaults(job.joint, {
      cornerRadius_mm: null,
      plugDiameter_mm: null,
      plugCount: null,
      pipeDiameter_mm: null,
      tubeWidth_mm: null,
      tubeHeight_mm: null,
    }),
    power: withDefaults(job.power, { leadsId: null }),
  };
}

function kitFrom1(kit: unknown): unknown {
  if (!isBag(kit)) return kit;
  return {
    cords: [],
    leads: [],
    tools: [],
    ...kit,
    machines: each(kit.machines, { photos: [] }),
    supplies: each(kit.supplies, { kind: 'socket', rating_kW: null, rating_kVA: null }),
  };
}

/** Version 2 took a metal by name or not at all: no tests, no part, no old weld. */
function jobFrom2(job: unknown): unknown {
  if (!isBag(job) || !isBag(job.metal)) return job;
  const { metal } = job;
  return {
    ...job,
    metal: {
      ...metal,
      sideA: withDefaults(metal.sideA, blankSide()),
      sideB: withDefaults(metal.sideB, blankSide()),
      oldWeld: blankSide(),
      doubt: BLANK_DOUBT,
    },
  };
}

/** Brings a job of an earlier version up to this one. */
export function upgradeJob(job: unknown, from: number): unknown {
  const second = from < 2 ? jobFrom1(job) : job;
  return from < 3 ? jobFrom2(second) : second;
}

/** Brings a kit of an earlier version up to this one. */
export const upgradeKit = (kit: unknown, from: number): unknown => (from < 2 ? kitFrom1(kit) : kit);
