import { dayWork } from '../power/dayWork';
import { KEEPING } from '../data/keeping';
import { rodClass } from '../data/rods';
import { makePlan, type Verdict } from '../plan/plan';
import type { Assessment } from '../plan/assess';
import type { TimelineEvent } from '../timeline/timeline';

/** A stretch of work that is not broken off, and the wait after it in which the hands are free, s. */
export interface Stretch {
  work_s: number;
  wait_s: number;
}

/** A job as a day sees it. */
export interface DayJob {
  id: string;
  title: string;
  verdict: Verdict;
  stretches: readonly Stretch[];
  /** It stands in daylight and weather. */
  outdoors: boolean;
  /** Strike to packed up, s; null where nothing presses. */
  window_s: number | null;
  /** Rods whose air counts: the tin, what it has left when the day begins, h; null where no clock runs. */
  tin: { id: string; name: string; left_h: number } | null;
  /** A machine on a battery, and what share of a charge the job takes at the most. */
  battery: { name: string; share: number } | null;
  /** Rods that are baked again before it: how, and for how long; all that are baked alike go in together. */
  oven: { how: string; rods: string; bake_s: number } | null;
  /** An engine that feeds it, and what it burns at the most, litres. */
  engine: { name: string; fuel_l: number } | null;
}

/** A job cut into stretches: held warm it is only left while it cools of itself; otherwise between passes too. */
export function dayJob(assessment: Assessment): DayJob {
  const { situation, rooms } = assessment;
  const { job, timeline, heat, rod, dryness, machine } = situation;
  const verdict = makePlan(assessment).verdict;
  const charge = rooms.find(({ id }) => id === 'charge');
  const clock = rod?.value.tin && dryness && dryness.limit_h !== null ? dryness : null;
  return {
    id: job.id,
    title: job.title,
    verdict,
    stretches: timeline && verdict !== 'stopped' ? stretchesOf(timeline.events, heat.preheat !== null) : [],
    outdoors: job.look.place === 'outdoors',
    window_s: job.look.timeWindow_s,
    tin:
      clock && rod?.value.tin
        ? {
            id: rod.value.tin.id,
            name: `${rod.value.rodClass} ${rod.value.size}`,
            left_h: leftInAir_h(clock.limit_h ?? 0, clock.exposure.out_h.high),
          }
        : null,
    battery:
      charge?.fraction && machine
        ? { name: machine.value.name, share: Math.max(0, 1 - charge.fraction.low) }
        : null,
    oven: ovenOf(assessment),
    engine: engineOf(assessment),
  };
}

function ovenOf({ situation: { job, rod } }: Assessment): DayJob['oven'] {
  const keeping = rod ? KEEPING[rodClass(rod.value.rodClass).coating] : null;
  if (!job.rod.rebake || !rod || !keeping?.rebake) return null;
  return {
    how: keeping.rebake,
    rods: `${rod.value.rodClass} ${rod.value.size}`,
    bake_s: 3600 * keeping.rebake_h,
  };
}

function engineOf({ situation }: Assessment): DayJob['engine'] {
  const { timeline, plate, machine, supply } = situation;
  const day = timeline ? dayWork(situation) : null;
  if (!timeline || !day?.fuel_l) return null;
  const name = (plate?.type.feeds === 'engine' ? machine?.value.name : supply?.value.name) ?? 'The engine';
  return { name, fuel_l: (day.fuel_l.high * timeline.elapsed_s) / day.day_s };
}

/** What is left of a tin's hours in the air. Of one that nobody wrote anything of, nothing is known: it is told at the tin. */
const leftInAir_h = (limit_h: number, out_h: number): number =>
  Number.isFinite(out_h) ? Math.max(0, limit_h - out_h) : limit_h;

function stretchesOf(events: readonly TimelineEvent[], isHeldWarm: boolean): Stretch[] {
  const found: Stretch[] = [];
  let work_s = 0;
  let pass = 0;
  const close = (wait_s: number) => {
    if (work_s > 0 || wait_s > 0) found.push({ work_s, wait_s });
    work_s = 0;
  };
  for (const event of events) {
    if (event.kind === 'cool') {
      close(event.duration_s);
      continue;
    }
    if (!isHeldWarm && event.pass > pass && event.kind !== 'change') close(0);
    pass = Math.max(pass, event.pass);
    work_s += event.duration_s;
  }
  close(0);
  return found;
}
