import { DIAL_ERROR } from '../data/machines';
import { within, type Range } from '../units/range';
import type { Reads } from '../judge/situation';

/** The welding amps with what the machine's dial leaves uncertain. */
export function dialledAmps({ current_A, machine }: Reads<'current_A' | 'machine'>): Range | null {
  if (!current_A) return null;
  return within(current_A.value, DIAL_ERROR[machine?.value.dial ?? 'none']);
}
