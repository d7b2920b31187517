import type { ArcProcess } from '../data/processIds';

/** Base volts, volts per ampere and ceiling of each process's conventional load line: IEC 60974-1. */
const LOAD_LINE = {
  stick: { base_V: 20, slope_V_A: 0.04, ceiling_V: 44 },
  tig: { base_V: 10, slope_V_A: 0.04, ceiling_V: 34 },
  'gas-wire': { base_V: 14, slope_V_A: 0.05, ceiling_V: 44 },
  'cored-wire': { base_V: 14, slope_V_A: 0.05, ceiling_V: 44 },
} as const satisfies Record<ArcProcess, unknown>;

/** Volts a welding arc is reckoned at for so many amps: IEC 60974-1 conventional load voltage. */
export function loadVoltage_V(process: ArcProcess, current_A: number): number {
  const { base_V, slope_V_A, ceiling_V } = LOAD_LINE[process];
  return Math.min(base_V + slope_V_A * current_A, ceiling_V);
}
