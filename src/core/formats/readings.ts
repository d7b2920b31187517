import type { Side } from './job';
import { usualError } from './usualError';
import type { Range } from '../units/range';

/** What was read off a piece and not taken back, the latest last, percent by element; carbon only where the instrument sees it. */
export function readings<E extends string>(side: Side, wanted: readonly E[]): Partial<Record<E, Range>> {
  const read: Partial<Record<E, Range>> = {};
  for (const evidence of Object.values(side.evidence)) {
    if (evidence.kind !== 'chemistry' || evidence.standing === 'undone') continue;
    for (const element of wanted) {
      const { percent = null, error = null } = evidence.elements[element] ?? {};
      if (percent === null || (element === 'C' && !evidence.seesCarbon)) continue;
      const half = error ?? usualError(percent);
      read[element] = { low: Math.max(0, percent - half), nominal: percent, high: percent + half };
    }
  }
  return read;
}
