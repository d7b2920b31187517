import {
  BLANK_CASTING,
  BLANK_DOUBT,
  BLANK_ORDER,
  BLANK_SERVICE,
  BLANK_WELD,
  blankHeat,
  blankPower,
  blankRod,
  blankSide,
} from './blankJob';

/**
 * From one version of what is stored and exported to the next. Each step takes data of its version, whatever is in it, and
 * gives data of the next; what it cannot make sense of it leaves for the schema to refuse.
 */

/** Version of jobs and kits, stored or in files. */
export const DATA_VERSION = 9;

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

/** Version 3 said "no cord" with a length of nothing. */
const layOfCord = (bag: Bag): Bag =>
  bag.cordLength_m === 0 ? { ...bag, cordLength_m: null, cordLie: 'none' } : bag;

/** Version 3 knew one cord, and no process, cooling or search for a lost arc. */
function jobFrom3(job: unknown): unknown {
  if (!isBag(job) || !isBag(job.power)) return job;
  return { ...job, power: layOfCord({ ...blankPower(), ...job.power }) };
}

/** Version 3 had one column on a plate, of one process, supplies without plug, surge, fuel and line, and tins without a word. */
function kitFrom3(kit: unknown): unknown {
  if (!isBag(kit)) return kit;
  const { machines, supplies } = kit;
  return {
    ...kit,
    tins: each(kit.tins, { printed: '' }),
    machines: Array.isArray(machines) ? machines.map(machineFrom3) : machines,
    supplies: Array.isArray(supplies)
      ? supplies.map((supply: unknown) =>
          isBag(supply) ? layOfCord({ ...BLANK_SUPPLY, ...supply }) : supply,
        )
      : supplies,
  };
}

const BLANK_SUPPLY: Bag = {
  surge_kVA: null,
  fuel: null,
  altitude_m: null,
  price: null,
  plug_A: null,
  source_ohm: null,
  cordLie: null,
};

function machineFrom3(machine: unknown): unknown {
  if (!isBag(machine)) return machine;
  const { inputMax_A = null, typed, ...rest } = machine;
  const input = { volts_V: null, phases: 1, inputMax_A, inputEff_A: null, top_A: null };
  return {
    processes: ['stick'],
    // A column for what was read, or for what was typed and could not be.
    inputs: inputMax_A === null && !(isBag(typed) && 'inputMax_A' in typed) ? [] : [input],
    idle_A: null,
    powerFactor: null,
    efficiency_pct: null,
    hotStart: null,
    arcForce: null,
    battery_Wh: null,
    fuel: null,
    ...rest,
    typed: isBag(typed) ? renamed(typed, 'inputMax_A', 'inputs.0.inputMax_A') : typed,
    rated: each(rest.rated, { process: 'stick', volts_V: null }),
  };
}

function renamed(bag: Bag, from: string, to: string): Bag {
  const { [from]: value, ...rest } = bag;
  return value === undefined ? rest : { ...rest, [to]: value };
}

/** Version 4 knew neither ground-out cracks, slots and pads nor reach, hand, root rod, bead layout and runs. */
function jobFrom4(job: unknown): unknown {
  if (!isBag(job)) return job;
  return {
    ...job,
    look: withDefaults(job.look, { clearance_mm: null, startAt: null }),
    joint: withDefaults(job.joint, {
      depth_mm: null,
      topWidth_mm: null,
      rootRadius_mm: null,
      ramp_mm: null,
      slotLength_mm: null,
      padWidth_mm: null,
      padHeight_mm: null,
    }),
    rod: withDefaults(job.rod, blankRod()),
  };
}

/** Version 4 wrote down nothing of what happened to a tin, nor how a machine runs against the chart. */
function kitFrom4(kit: unknown): unknown {
  if (!isBag(kit)) return kit;
  return {
    ...kit,
    tins: each(kit.tins, { events: [] }),
    machines: each(kit.machines, { bias_pct: null }),
  };
}

/** Version 5 knew no grades of steel, no baking again, and nothing of heat but the rules of the families. */
function jobFrom5(job: unknown): unknown {
  if (!isBag(job)) return job;
  const graded = (side: unknown): unknown => withDefaults(side, { grade: null });
  const { metal } = job;
  return {
    ...job,
    metal: isBag(metal)
      ? {
          ...metal,
          sideA: graded(metal.sideA),
          sideB: graded(metal.sideB),
          oldWeld: graded(metal.oldWeld),
        }
      : metal,
    rod: withDefaults(job.rod, { rebake: false }),
    heat: withDefaults(job.heat, blankHeat()) ?? blankHeat(),
  };
}

/** Version 6 asked nothing of service, of the mixed weld, of castings or of the order. */
function jobFrom6(job: unknown): unknown {
  if (!isBag(job)) return job;
  return {
    ...job,
    look: withDefaults(job.look, BLANK_SERVICE),
    weld: withDefaults(job.weld, BLANK_WELD) ?? BLANK_WELD,
    casting: withDefaults(job.casting, BLANK_CASTING) ?? BLANK_CASTING,
    order: withDefaults(job.order, BLANK_ORDER) ?? BLANK_ORDER,
  };
}

/** Version 7 knew two orders, of runs and of segments, and a piece by its joint only. */
function jobFrom7(job: unknown): unknown {
  if (!isBag(job) || !isBag(job.rod)) return job;
  const { runs, ...rod } = job.rod;
  const order = withDefaults(job.order, BLANK_ORDER) ?? BLANK_ORDER;
  const taken = runs === 'backstep' ? 'backstep' : runs === 'continuous' ? 'straight' : null;
  return {
    ...job,
    rod,
    order: isBag(order) && order.pattern === null ? { ...order, pattern: taken } : order,
  };
}

/**
 * Version 8 had galvanised steel as a metal of its own, asked nothing of plating below a test, and knew one share for all that is not to
 * be welded. Galvanised steel is low-carbon steel with a coat of zinc.
 */
function jobFrom8(job: unknown): unknown {
  if (!isBag(job) || !isBag(job.metal)) return job;
  const { metal } = job;
  const side = (value: unknown): unknown => {
    if (!isBag(value)) return value;
    const galvanised = value.family === 'galvanised-steel';
    return {
      skipped: [],
      ...value,
      ...(galvanised
        ? {
            family: 'low-carbon-steel',
            coating: value.coating === null || value.coating === 'none' ? 'zinc' : value.coating,
          }
        : {}),
    };
  };
  return {
    ...job,
    metal: {
      ...metal,
      sideA: side(metal.sideA),
      sideB: side(metal.sideB),
      oldWeld: side(metal.oldWeld),
      doubt: withDefaults(metal.doubt, { hurts_pct: null, fails_pct: null }),
    },
  };
}

type Upgrade = (data: unknown) => unknown;
const same: Upgrade = (data) => data;

/** What each version needs to become the next: the first stands for version 1. */
const JOB_STEPS: readonly Upgrade[] = [
  jobFrom1,
  jobFrom2,
  jobFrom3,
  jobFrom4,
  jobFrom5,
  jobFrom6,
  jobFrom7,
  jobFrom8,
];
const KIT_STEPS: readonly Upgrade[] = [kitFrom1, same, kitFrom3, kitFrom4, same, same, same, same];

const upgrade = (steps: readonly Upgrade[], data: unknown, from: number): unknown =>
  steps.slice(Math.max(0, from - 1)).reduce((at, step) => step(at), data);

/** Brings a job of an earlier version up to this one. */
export const upgradeJob = (job: unknown, from: number): unknown => upgrade(JOB_STEPS, job, from);

/** Brings a kit of an earlier version up to this one. */
export const upgradeKit = (kit: unknown, from: number): unknown => upgrade(KIT_STEPS, kit, from);
