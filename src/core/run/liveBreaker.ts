import { BREAKERS } from '../data/breakers';
import type { Reads } from '../judge/situation';
import { carriesFor_s, heatNow, type Stretch } from '../power/breaker';
import type { CountedArc } from './count';

/** The breaker as it stands. */
export interface LiveBreaker {
  /** Share of the heat that it trips at: one of the middle of its kind. */
  heat: number;
  /** Seconds that it carries the arc from now; null where for ever. */
  carries_s: number | null;
}

/**
 * How warm the breaker is by what was burned, and how long it carries the next arc: the middle of its band, and what else hangs on it.
 * @param next_A amps of the arc that burns or comes
 * @returns null where no breaker feeds it, or it is not known
 */
export function liveBreaker(
  { supply, plate, drawAt }: Reads<'supply' | 'plate' | 'drawAt'>,
  arcs: readonly Pick<CountedArc, 'from_ms' | 'to_ms' | 'burned_s' | 'current_A'>[],
  now_ms: number,
  next_A: number,
): LiveBreaker | null {
  const rating_A = supply?.value.breaker_A ?? null;
  if (!supply || !drawAt || rating_A === null || plate?.type.feeds !== 'mains') return null;
  const edge = BREAKERS[supply.value.breakerKind].middle;
  const others_A = supply.value.others_A ?? 0;
  const drawn = (current_A: number) => others_A + drawAt(current_A).current_A.nominal;
  const idle_A = others_A + plate.idle_A;
  const stretches: Stretch[] = [];
  let at_ms = arcs[0]?.from_ms ?? now_ms;
  for (const { from_ms, to_ms, burned_s, current_A } of arcs) {
    // Rods told afterwards burned at the end of their time.
    const began_ms = Math.max(from_ms, (to_ms ?? now_ms) - 1000 * burned_s);
    stretches.push({ duration_s: Math.max(0, began_ms - at_ms) / 1000, current_A: idle_A });
    stretches.push({ duration_s: burned_s, current_A: drawn(current_A) });
    at_ms = to_ms ?? now_ms;
  }
  stretches.push({ duration_s: Math.max(0, now_ms - at_ms) / 1000, current_A: idle_A });
  const heat = heatNow(stretches, rating_A, edge);
  return { heat, carries_s: carriesFor_s(heat, drawn(next_A), rating_A, edge) };
}
