import { memoryOf, type Source } from '../units/sources';
import type { OtherProcess } from './processIds';
import type { ToolId } from './tools';

/** What of the truck carries the arc of a process: its torch, or the gun that its wire comes with. */
export const GUN_OF = {
  tig: 'tig-torch',
  'gas-wire': 'solid-wire',
  'cored-wire': 'cored-wire',
} as const satisfies Readonly<Record<Exclude<OtherProcess, 'braze'>, ToolId>>;

/** Torches and guns are rated at amps and a share of ten minutes. */
export const GUN_SOURCE: Source = memoryOf('IEC 60974-7, torches');

/** Over its rating by so much a gun is asked too much of, however short. Our judgement. */
export const OVER_RATING = 1.5;
