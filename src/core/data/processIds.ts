import type { ToolId } from './tools';

/** Ways of joining. Where all else is even the earlier is taken. */
export const PROCESSES = {
  stick: 'Stick',
  'cored-wire': 'Self-shielded wire',
  'gas-wire': 'Wire with gas',
  tig: 'TIG',
  braze: 'Braze or gas',
} as const;
export type ProcessId = keyof typeof PROCESSES;
/** Those with an arc, which a machine gives. */
export type ArcProcess = Exclude<ProcessId, 'braze'>;
export const ARC_PROCESSES: readonly [ArcProcess, ...ArcProcess[]] = [
  'stick',
  'cored-wire',
  'gas-wire',
  'tig',
];
/** Those beside the stick. */
export type OtherProcess = Exclude<ProcessId, 'stick'>;
export const OTHER_PROCESSES: readonly OtherProcess[] = ['tig', 'gas-wire', 'cored-wire', 'braze'];

/** What a process uses up or hangs on, beside the machine, and the tool of the kit that stands for it; rods have tins. */
export const NEEDS = {
  rods: { name: 'Stick rods', tool: null },
  'cored-wire': { name: 'Self-shielded wire', tool: 'cored-wire' },
  'solid-wire': { name: 'Solid wire', tool: 'solid-wire' },
  'shield-gas': { name: 'Shielding gas', tool: 'shield-gas' },
  'tig-torch': { name: 'TIG torch and rods', tool: 'tig-torch' },
  torch: { name: 'Torch and fuel', tool: 'torch' },
  'brazing-rods': { name: 'Brazing rods and flux', tool: 'brazing-rods' },
} as const satisfies Record<string, { name: string; tool: ToolId | null }>;
export type NeedId = keyof typeof NEEDS;
