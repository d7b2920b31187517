import { each, isBag, type Bag, type Step } from './bag';

const BLANK_POWER: Bag = {
  machineId: null,
  supplyId: null,
  cordLength_m: null,
  cordSize: null,
  cordLie: null,
  cord2: { length_m: null, size: null, lie: null },
  cord3: { length_m: null, size: null, lie: null },
  leadsId: null,
  clampDrop_V: null,
  cooling: null,
  day_s: null,
  out: {},
  noArc: { symptom: null, found: {} },
};

/** Version 3 said "no cord" with a length of nothing. */
const layOfCord = (bag: Bag): Bag =>
  bag.cordLength_m === 0 ? { ...bag, cordLength_m: null, cordLie: 'none' } : bag;

/** Version 3 knew one cord, and no process, cooling or search for a lost arc. */
function upgradeJob(job: unknown): unknown {
  if (!isBag(job) || !isBag(job.power)) return job;
  return { ...job, power: layOfCord({ ...BLANK_POWER, ...job.power }) };
}

/** Version 3 had one column on a plate, of one process, supplies without plug, surge, fuel and line, and tins without a word. */
function upgradeKit(kit: unknown): unknown {
  if (!isBag(kit)) return kit;
  const { machines, supplies } = kit;
  return {
    ...kit,
    tins: each(kit.tins, { printed: '' }),
    machines: Array.isArray(machines) ? machines.map(upgradeMachine) : machines,
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

function upgradeMachine(machine: unknown): unknown {
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

export const from3: Step = { job: upgradeJob, kit: upgradeKit };
