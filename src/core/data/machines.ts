import type { Range } from '../units/range';
import { memoryOf, OUR_JUDGEMENT } from '../units/sources';

/**
 * How a machine makes welding current: how it meets a long cord, and what its plate would say where it cannot be read. Every range is
 * what plates of the kind usually say.
 */
export interface MachineType {
  name: string;
  /** Where its power comes from: a supply it is plugged into, its own engine, its own battery. */
  feeds: 'mains' | 'engine' | 'battery';
  /** Phases it must have; null where the kind is made for one and for three. */
  phases: 1 | 3 | null;
  /** Of an engine-driven machine: from its generator to the weld. */
  efficiency: Range;
  powerFactor: Range;
  /** 'constant-power' draws more as volts sag; 'constant-impedance' gives less. */
  load: 'constant-power' | 'constant-impedance';
  /** Open-circuit volts. */
  ocv_V: Range;
  /** Smallest welding current as a share of the largest. */
  minShare: Range;
  /** Duty at the largest current, 0 to 1. */
  duty: Range;
  /** Supply current with no arc, as a share of the largest. */
  idleShare: number;
  /** Peak on switching on, in multiples of the effective supply current. */
  inrush: Range;
}

export const MACHINE_SOURCE = memoryOf('power-source practice, efficiency and power factor at load');
export const PLATE_GUESS_SOURCE = memoryOf('power-source practice, what plates of the kind usually say');
/** A core is built for the effective current, not the largest: its first gulp is told in those. */
export const INRUSH_SOURCE = OUR_JUDGEMENT;

const range = (low: number, nominal: number, high: number): Range => ({ low, nominal, high });

const ELECTRONIC = {
  load: 'constant-power',
  ocv_V: range(55, 68, 85),
  minShare: range(0.05, 0.09, 0.13),
  idleShare: 0.02,
  inrush: range(0.5, 1.3, 2.2),
} as const;
const COPPER_AND_IRON = {
  load: 'constant-impedance',
  minShare: range(0.17, 0.24, 0.32),
  inrush: range(3, 5, 7.5),
} as const;

export const MACHINE_TYPES = {
  inverter: {
    name: 'Inverter',
    feeds: 'mains',
    phases: null,
    efficiency: range(0.78, 0.83, 0.88),
    powerFactor: range(0.6, 0.675, 0.75),
    duty: range(0.15, 0.25, 0.4),
    ...ELECTRONIC,
  },
  'inverter-pfc': {
    name: 'Inverter with power factor correction',
    feeds: 'mains',
    phases: 1,
    efficiency: range(0.8, 0.85, 0.9),
    powerFactor: range(0.95, 0.97, 0.99),
    duty: range(0.2, 0.3, 0.4),
    ...ELECTRONIC,
  },
  'inverter-3ph': {
    name: 'Three-phase inverter',
    feeds: 'mains',
    phases: 3,
    efficiency: range(0.85, 0.875, 0.9),
    powerFactor: range(0.85, 0.9, 0.95),
    duty: range(0.3, 0.4, 0.6),
    ...ELECTRONIC,
  },
  transformer: {
    name: 'Transformer',
    feeds: 'mains',
    phases: 1,
    efficiency: range(0.6, 0.68, 0.75),
    powerFactor: range(0.4, 0.5, 0.6),
    ocv_V: range(45, 58, 80),
    duty: range(0.1, 0.2, 0.35),
    idleShare: 0.12,
    ...COPPER_AND_IRON,
  },
  'transformer-pf': {
    name: 'Transformer with capacitors',
    feeds: 'mains',
    phases: 1,
    efficiency: range(0.6, 0.68, 0.75),
    powerFactor: range(0.7, 0.8, 0.9),
    ocv_V: range(60, 72, 80),
    duty: range(0.2, 0.3, 0.5),
    // The capacitors draw their current whether there is an arc or not.
    idleShare: 0.35,
    ...COPPER_AND_IRON,
  },
  rectifier: {
    name: 'Transformer with rectifier',
    feeds: 'mains',
    phases: null,
    efficiency: range(0.6, 0.69, 0.78),
    powerFactor: range(0.65, 0.75, 0.85),
    ocv_V: range(60, 70, 80),
    duty: range(0.3, 0.45, 0.6),
    idleShare: 0.1,
    ...COPPER_AND_IRON,
  },
  'motor-generator': {
    name: 'Motor and generator set',
    feeds: 'mains',
    phases: 3,
    efficiency: range(0.45, 0.52, 0.6),
    powerFactor: range(0.8, 0.85, 0.9),
    load: 'constant-power',
    ocv_V: range(65, 78, 95),
    minShare: range(0.1, 0.17, 0.25),
    duty: range(0.4, 0.55, 0.6),
    // What makes the effective current agree with the motor-generator column of NEC 630.11.
    idleShare: 0.35,
    // A motor starting across the line.
    inrush: range(4, 6, 8),
  },
  engine: {
    name: 'Engine-driven',
    feeds: 'engine',
    phases: null,
    efficiency: range(0.6, 0.68, 0.76),
    powerFactor: range(1, 1, 1),
    load: 'constant-power',
    ocv_V: range(65, 80, 98),
    minShare: range(0.12, 0.2, 0.28),
    duty: range(0.4, 0.6, 1),
    idleShare: 0,
    inrush: range(0, 0, 0),
  },
  battery: {
    name: 'Battery',
    feeds: 'battery',
    phases: null,
    efficiency: range(0.8, 0.85, 0.9),
    powerFactor: range(1, 1, 1),
    duty: range(0.15, 0.25, 0.4),
    ...ELECTRONIC,
    inrush: range(0, 0, 0),
  },
} as const satisfies Record<string, MachineType>;

export type MachineTypeId = keyof typeof MACHINE_TYPES;
export const MACHINE_TYPE_IDS = Object.keys(MACHINE_TYPES) as [MachineTypeId, ...MachineTypeId[]];

/** The row of a kind, typed as the general shape. */
export const machineType = (id: MachineTypeId): MachineType => MACHINE_TYPES[id];

/** How well the dial tells the amps, as a share either side. Common practice. */
export const DIAL_ERROR = { digital: 0.02, scale: 0.07, none: 0.15 } as const;
export type DialId = keyof typeof DIAL_ERROR;
export const DIAL_IDS = Object.keys(DIAL_ERROR) as [DialId, ...DialId[]];

/** What a machine has to help the start and the arc. */
export const HELPS = { none: 'None', fixed: 'Fixed', adjustable: 'Set by hand' } as const;
export type HelpId = keyof typeof HELPS;

/** What an engine burns. */
export const FUELS = {
  petrol: {
    name: 'Petrol',
    /** Litres an hour for every kW it could give, and for every kW it does give. */
    idle_l_kWh: 0.12,
    load_l_kWh: 0.4,
  },
  diesel: { name: 'Diesel', idle_l_kWh: 0.05, load_l_kWh: 0.28 },
} as const;
export type FuelId = keyof typeof FUELS;
export const FUEL_SOURCE = memoryOf('small generator practice, litres an hour at half and full load');
/** Fuel is told to within so much either side. */
export const FUEL_DOUBT = 0.25;

/** How a cord lies. */
export const LIES = {
  straight: 'Laid out',
  half: 'Half off its drum',
  drum: 'Left on its drum',
  none: 'No cord',
} as const;
export type LieId = keyof typeof LIES;

/** How the machine breathes. */
export const COOLING = { clean: 'Clean', dirty: 'Dusty or clogged' } as const;
export type CoolingId = keyof typeof COOLING;
