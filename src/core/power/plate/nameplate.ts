import {
  DIRTY_COOLING,
  GENERATOR_HEAT_LOSS,
  GENERATOR_HEIGHT_LOSS,
  RISE_OVER_40_K,
  THIN_AIR,
} from '../../data/limits';
import { machineType, type CoolingId, type MachineType } from '../../data/machines';
import type { ArcProcess } from '../../data/processIds';
import type { Input, Machine } from '../../formats/kit';
import { exactly, mapRange, within, type Range } from '../../units/range';
import { derated, effectiveCurrent_A, type RatedPoint } from '../duty';
import { loadVoltage_V } from '../../heat/loadVoltage';

/** A figure of the plate: read off it, reckoned from others on it, or what plates of the kind usually say. */
export interface Figure {
  range: Range;
  by: 'plate' | 'reckoned' | 'kind';
}

/** What a machine takes and gives on one supply, every blank of its plate filled. */
export interface Plate {
  type: MachineType;
  efficiency: Figure;
  powerFactor: Figure;
  ocv_V: Figure;
  /** Smallest and largest welding current in stick; null where not even the largest can be told. */
  min_A: Figure | null;
  max_A: Figure | null;
  points: readonly RatedPoint[];
  /** False where the points are what plates of the kind usually say. */
  pointsRead: boolean;
  /** Share of the duty of its points that holds here: heat, dust and, for points not read, doubt. */
  capacity: Range;
  /** Supply amps at the largest current; null for a machine with no supply, and while its volts are not known. */
  inputMax_A: Figure | null;
  inputEff_A: Figure | null;
  idle_A: number;
  /** Why it does not run on this supply; empty where it does. */
  misfit: string;
}

/** The supply as the plate is held against it; null where none is chosen. */
export interface Mains {
  volts_V: number | null;
  phases: 1 | 3;
}

export interface Surroundings {
  /** Air, °C; null where not known: the plate's 40 °C then covers it. */
  air_C: number | null;
  cooling: CoolingId | null;
  /** Height above the sea; null counts as the plate's own 1000 m or less. */
  altitude_m?: number | null;
}

/** A figure on a plate is held to within so much. Our judgement. */
const PLATE_ERROR = 0.07;
/** Volts that a plate's column covers, either side. */
const VOLTS_SPAN = 0.15;
const RATED_AT_C = 40;

const read = (value: number, error = PLATE_ERROR): Figure => ({ range: within(value, error), by: 'plate' });
const ofKind = (range: Range): Figure => ({ range, by: 'kind' });

/** Phases' share of the power: sqrt 3 for three. */
export const phaseFactor = (phases: 1 | 3): number => (phases === 3 ? Math.sqrt(3) : 1);

/** What the plate's points come to here: at the middle, and at the ends of what heat, dust and doubt take. */
export const pointsHere = ({ points, capacity }: Plate, end: keyof Range = 'nominal'): RatedPoint[] =>
  derated(points, capacity[end]);

/**
 * Reads a plate against the supply it is to run on: the column for those volts, its rated points in a process, and for every blank the
 * range of its kind, so that nothing is a guess without a width.
 */
export function readPlate(
  machine: Machine,
  mains: Mains | null,
  around: Surroundings,
  process: ArcProcess = 'stick',
): Plate {
  const type = machineType(machine.type);
  const column = columnFor(machine, mains);
  const efficiency =
    machine.efficiency_pct === null
      ? ofKind(type.efficiency)
      : read(machine.efficiency_pct / 100, PLATE_ERROR / 2);
  const powerFactor =
    machine.powerFactor === null ? ofKind(type.powerFactor) : read(machine.powerFactor, PLATE_ERROR / 2);
  const pointsRead = pointsOf(machine, process, mains);
  const stated_A = largest(machine, column.input, pointsRead, { mains, efficiency, powerFactor, process });
  // An engine that lost a share of its power feeds so much less of an arc.
  const engine = type.feeds === 'engine' ? engineShare(around.altitude_m ?? null, around.air_C) : 1;
  const max_A =
    engine < 1 && stated_A
      ? ({
          range: mapRange(stated_A.range, (amps) =>
            currentFor_A(process, engine * loadVoltage_V(process, amps) * amps),
          ),
          by: 'reckoned',
        } as const)
      : stated_A;
  const duty = type.duty;
  const points =
    pointsRead.length > 0 || max_A === null
      ? pointsRead
      : [{ current_A: max_A.range.nominal, duty: duty.nominal }];
  const inputMax_A = largestInput(column.input, mains, max_A, { efficiency, powerFactor, type, process });
  const idle_A = machine.idle_A ?? type.idleShare * (inputMax_A?.range.nominal ?? 0);
  return {
    type,
    efficiency,
    powerFactor,
    ocv_V: machine.ocv_V === null ? ofKind(type.ocv_V) : read(machine.ocv_V, 0),
    min_A:
      machine.min_A !== null
        ? read(machine.min_A, 0)
        : max_A && ofKind(mapRange(type.minShare, (share) => share * max_A.range.nominal)),
    max_A,
    points,
    pointsRead: pointsRead.length > 0,
    capacity: times(
      coolingShare(around),
      pointsRead.length > 0 ? exactly(1) : mapRange(duty, (d) => d / duty.nominal),
    ),
    inputMax_A,
    inputEff_A: effective(column.input, inputMax_A, idle_A, points),
    idle_A,
    misfit: column.misfit,
  };
}

/** The plate's column for a supply; with no column every supply of the right phases does. */
function columnFor(machine: Machine, mains: Mains | null): { input: Input | null; misfit: string } {
  const type = machineType(machine.type);
  if (type.feeds !== 'mains' || !mains) return { input: machine.inputs[0] ?? null, misfit: '' };
  const { volts_V, phases } = mains;
  if (machine.inputs.length === 0) {
    if (type.phases === null || type.phases === phases) return { input: null, misfit: '' };
    return {
      input: null,
      misfit: `wants ${wordsOf(type.phases)}; this supply has ${wordsOf(phases)}`,
    };
  }
  const ofPhases = machine.inputs.filter((input) => input.phases === phases);
  const [any] = machine.inputs;
  if (ofPhases.length === 0)
    return {
      input: null,
      misfit: `wants ${wordsOf(any?.phases ?? 1)}; this supply has ${wordsOf(phases)}`,
    };
  const fits = (input: Input) =>
    input.volts_V === null ||
    volts_V === null ||
    Math.abs(volts_V - input.volts_V) <= VOLTS_SPAN * input.volts_V;
  const away = (input: Input) => Math.abs((input.volts_V ?? volts_V ?? 0) - (volts_V ?? 0));
  const nearest = ofPhases.filter(fits).sort((a, b) => away(a) - away(b))[0];
  if (nearest) return { input: nearest, misfit: '' };
  const volts = ofPhases.map((input) => `${input.volts_V} V`).join(' or ');
  return { input: null, misfit: `wants ${volts}; this supply has ${volts_V} V` };
}

const wordsOf = (phases: 1 | 3): string => (phases === 3 ? 'three phases' : 'one phase');

/** The rated points that were read for a process, on this supply or on any. */
function pointsOf(machine: Machine, process: ArcProcess, mains: Mains | null): RatedPoint[] {
  return machine.rated.flatMap((point) => {
    const { current_A, duty_pct, volts_V } = point;
    const here =
      volts_V === null ||
      mains === null ||
      mains.volts_V === null ||
      Math.abs(mains.volts_V - volts_V) <= VOLTS_SPAN * volts_V;
    return point.process === process && here && current_A !== null && duty_pct !== null
      ? [{ current_A, duty: duty_pct / 100 }]
      : [];
  });
}

/** Whether the points read for these volts are of these volts alone. */
const pointsAreOfVolts = (machine: Machine, mains: Mains | null): boolean =>
  mains !== null && mains.volts_V !== null && machine.rated.every(({ volts_V }) => volts_V !== null);

interface Reckoning {
  mains: Mains | null;
  efficiency: Figure;
  powerFactor: Figure;
  process: ArcProcess;
}

/** Largest welding current: of the column, of the plate, of its rated points, or what its supply amps can feed. */
function largest(
  machine: Machine,
  input: Input | null,
  points: readonly RatedPoint[],
  { mains, efficiency, powerFactor, process }: Reckoning,
): Figure | null {
  const fullest = points.length > 0 ? Math.max(...points.map((p) => p.current_A)) : null;
  const top = [input?.top_A, machine.max_A].filter((a): a is number => typeof a === 'number');
  // Points of these very volts end where the machine ends on them.
  if (top.length > 0 && fullest !== null && pointsAreOfVolts(machine, mains)) top.push(fullest);
  if (top.length > 0) return read(Math.min(...top), 0);
  if (fullest !== null) return { range: exactly(fullest), by: 'reckoned' };
  const volts_V = input?.volts_V ?? mains?.volts_V ?? null;
  if (!input || input.inputMax_A === null || volts_V === null) return null;
  const fed_VA = phaseFactor(input.phases) * volts_V * input.inputMax_A;
  const at = (eta: number, pf: number) => currentFor_A(process, fed_VA * eta * pf);
  return {
    range: {
      low: at(efficiency.range.low, powerFactor.range.low),
      nominal: at(efficiency.range.nominal, powerFactor.range.nominal),
      high: at(efficiency.range.high, powerFactor.range.high),
    },
    by: 'reckoned',
  };
}

/** Welding current whose load power is so many watts: the load line solved for its current. */
function currentFor_A(process: ArcProcess, output_W: number): number {
  let [low, high] = [0, 2000];
  for (let n = 0; n < 40; n++) {
    const middle = (low + high) / 2;
    if (loadVoltage_V(process, middle) * middle > output_W) high = middle;
    else low = middle;
  }
  return low;
}

function largestInput(
  input: Input | null,
  mains: Mains | null,
  max_A: Figure | null,
  { efficiency, powerFactor, type, process }: Omit<Reckoning, 'mains'> & { type: MachineType },
): Figure | null {
  if (type.feeds !== 'mains') return null;
  if (typeof input?.inputMax_A === 'number') return read(input.inputMax_A * onTheseVolts(input, mains));
  if (!max_A || mains === null || mains.volts_V === null) return null;
  const output_W = loadVoltage_V(process, max_A.range.nominal) * max_A.range.nominal;
  const over = phaseFactor(mains.phases) * mains.volts_V;
  const by = efficiency.by === 'plate' && powerFactor.by === 'plate' ? 'reckoned' : 'kind';
  return {
    range: {
      low: output_W / (efficiency.range.high * powerFactor.range.high * over),
      nominal: output_W / (efficiency.range.nominal * powerFactor.range.nominal * over),
      high: output_W / (efficiency.range.low * powerFactor.range.low * over),
    },
    by,
  };
}

/** The same power on a little more or less volts than the plate is written for. */
const onTheseVolts = (input: Input, mains: Mains | null): number =>
  input.volts_V === null || mains === null || mains.volts_V === null ? 1 : input.volts_V / mains.volts_V;

/** Effective supply current of the plate: sqrt(I1max^2 X + I0^2 (1 - X)) at its largest rated point, IEC 60974-1. */
function effective(
  input: Input | null,
  max: Figure | null,
  idle_A: number,
  points: readonly RatedPoint[],
): Figure | null {
  if (typeof input?.inputEff_A === 'number') return read(input.inputEff_A);
  if (!max || points.length === 0) return null;
  const top = points.reduce((a, b) => (b.current_A > a.current_A ? b : a));
  return {
    range: mapRange(max.range, (amps) => effectiveCurrent_A(amps, idle_A, top.duty)),
    by: max.by === 'plate' ? 'reckoned' : max.by,
  };
}

/**
 * Share of the plate's duty that holds in hotter air or behind dust. What a machine may heat goes with what it can get rid of: its way
 * from the air to its hottest allowed inside, over that from 40 °C. Below 40 °C the plate's figure is kept.
 */
export function coolingShare({ air_C, cooling, altitude_m }: Surroundings): Range {
  const over_K = Math.max(0, (air_C ?? RATED_AT_C) - RATED_AT_C);
  const thin = 1 - THIN_AIR.per_m * Math.max(0, (altitude_m ?? 0) - THIN_AIR.from_m);
  const heat = mapRange(RISE_OVER_40_K.range, (rise) => Math.max(0, (rise - over_K) / rise));
  return times(
    mapRange(heat, (share) => share * thin),
    cooling === 'dirty' ? DIRTY_COOLING.range : exactly(1),
  );
}

/** Share of its rating an engine still gives here, by height and by heat. */
export function engineShare(altitude_m: number | null, air_C: number | null): number {
  const height = GENERATOR_HEIGHT_LOSS.per_m * Math.max(0, (altitude_m ?? 0) - GENERATOR_HEIGHT_LOSS.from_m);
  const heat =
    GENERATOR_HEAT_LOSS.per_K *
    Math.max(0, (air_C ?? GENERATOR_HEAT_LOSS.from_C) - GENERATOR_HEAT_LOSS.from_C);
  return Math.max(0.1, (1 - height) * (1 - heat));
}

const times = (a: Range, b: Range): Range => ({
  low: a.low * b.low,
  nominal: a.nominal * b.nominal,
  high: a.high * b.high,
});
