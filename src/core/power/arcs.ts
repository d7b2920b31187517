import type { Timeline } from '../timeline/timeline';
import type { Plate } from './plate/nameplate';
import { DUTY_PERIOD_s } from './duty';
import { fullest, slidingCourse, type Burn } from './window';
import type { SupplyDraw } from './supply';
import type { Range } from '../units/range';

/** What an arc pulls from the supply at its own amps. */
export type DrawAt = (current_A: number) => SupplyDraw;

/** The arcs of a job, tacks among them, every one at its own amps. */
export const arcsOf = ({ events }: Pick<Timeline, 'events'>): Burn[] =>
  events.filter(({ current_A }) => current_A > 0);

/** True where every arc burns at the same amps. */
export const isSteady = (burns: readonly Burn[]): boolean =>
  burns.every(({ current_A }) => current_A === burns[0]?.current_A);

/** The mean of what goes with an arc's amps, over all the time that arcs burn; 0 where none does. */
export function meanOver(burns: readonly Burn[], of: (current_A: number) => number): number {
  const arc_s = burns.reduce((sum, { duration_s }) => sum + duration_s, 0);
  if (arc_s <= 0) return 0;
  return burns.reduce((sum, { current_A, duration_s }) => sum + of(current_A) * duration_s, 0) / arc_s;
}

/** The steady welding current that heats as the busiest ten minutes of a job do, A. */
export const heatingOf_A = (burns: readonly Burn[]): number =>
  Math.sqrt(
    fullest(
      slidingCourse(
        burns.map(({ current_A, ...when }) => ({ ...when, rate: current_A ** 2 / DUTY_PERIOD_s })),
      ),
    ),
  );

/**
 * What a steady current would have to be to heat as the busiest ten minutes of a job do, A: the root of the mean of current squared,
 * every arc at its own amps, and what the machine takes between them. IEC 60974-1.
 */
export function heatingCurrent_A(
  burns: readonly Burn[],
  drawAt: DrawAt,
  { idle_A }: Pick<Plate, 'idle_A'>,
): Range {
  const idle = idle_A ** 2;
  const at = (end: keyof Range): number => {
    const over = burns.map(({ start_s, duration_s, current_A }) => ({
      start_s,
      duration_s,
      rate: (drawAt(current_A).current_A[end] ** 2 - idle) / DUTY_PERIOD_s,
    }));
    return Math.sqrt(idle + fullest(slidingCourse(over)));
  };
  return { low: at('low'), nominal: at('nominal'), high: at('high') };
}
