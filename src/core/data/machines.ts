import type { Range } from '../units/range';
import { memoryOf } from './sources';

/** How a machine makes welding current; decides efficiency, power factor and how it meets a long cord. */
export interface MachineType {
  name: string;
  efficiency: Range;
  powerFactor: Range;
  /** 'constant-power' draws more as volts sag; 'constant-impedance' gives less. */
  load: 'constant-power' | 'constant-impedance';
}

export const MACHINE_SOURCE = memoryOf('power-source practice, efficiency and power factor at load');

export const MACHINE_TYPES = {
  inverter: {
    name: 'Inverter',
    efficiency: { low: 0.78, nominal: 0.83, high: 0.88 },
    powerFactor: { low: 0.6, nominal: 0.675, high: 0.75 },
    load: 'constant-power',
  },
  'inverter-pfc': {
    name: 'Inverter with power factor correction',
    efficiency: { low: 0.8, nominal: 0.85, high: 0.9 },
    powerFactor: { low: 0.95, nominal: 0.97, high: 0.99 },
    load: 'constant-power',
  },
  transformer: {
    name: 'Transformer',
    efficiency: { low: 0.6, nominal: 0.68, high: 0.75 },
    powerFactor: { low: 0.4, nominal: 0.5, high: 0.6 },
    load: 'constant-impedance',
  },
  rectifier: {
    name: 'Transformer with rectifier',
    efficiency: { low: 0.6, nominal: 0.69, high: 0.78 },
    powerFactor: { low: 0.65, nominal: 0.75, high: 0.85 },
    load: 'constant-impedance',
  },
} as const satisfies Record<string, MachineType>;

export type MachineTypeId = keyof typeof MACHINE_TYPES;
export const MACHINE_TYPE_IDS = Object.keys(MACHINE_TYPES) as [MachineTypeId, ...MachineTypeId[]];

/** How well the dial tells the amps, as a share either side. Common practice. */
export const DIAL_ERROR = { digital: 0.02, scale: 0.07, none: 0.15 } as const;
export type DialId = keyof typeof DIAL_ERROR;
export const DIAL_IDS = Object.keys(DIAL_ERROR) as [DialId, ...DialId[]];
