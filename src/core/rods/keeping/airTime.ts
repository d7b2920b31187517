import {
  EXPOSURE_SOURCE,
  HOLD_BEFORE_REISSUE_h,
  KEEPING,
  OUT_BY_STRENGTH_h,
  REBAKES_ALLOWED,
} from '../../data/keeping';
import { rodClass } from '../../data/rods';
import type { Source } from '../../units/sources';
import type { TinEventId } from '../../data/tinEvents';
import type { Tin, TinEvent } from '../../formats/kit';
import { marksOf } from './marks';

const HOUR_ms = 3_600_000;

/** Where a tin stands: sealed, in the oven, in the air; unknown while nothing says. */
export type TinPlace = 'sealed' | 'oven' | 'air' | 'unknown';

/** What a tin has been through by a moment. */
export interface Exposure {
  place: TinPlace;
  /** Hours in the air in this issue; the high end without end where something was not written down. */
  out_h: { low: number; high: number };
  rebakes: number;
  /** What makes it unknown: an event that must have been and is not there. Empty where all is told. */
  missing: string;
  /** Wet, or baked more often than allowed: not to be used. */
  scrap: string;
}

interface Walk extends Exposure {
  /** Since when it is where it is. */
  since_ms: number;
}

const UNKNOWN_h = { low: 0, high: Infinity };
const NONE_h = { low: 0, high: 0 };

/**
 * Adds up what a tin went through: intervals in the air count, sealed and in the oven they do not. Four hours in the oven make good what was
 * within the limit; a re-bake makes good anything, once. A missing event makes the time unknown, not nothing.
 * @param limit_h longest it may be out; null where no clock runs
 * @param now_ms moment asked for, ms since 1970
 */
export function exposureOf(events: readonly TinEvent[], limit_h: number | null, now_ms: number): Exposure {
  const known = events
    .map(({ at, kind }) => ({ at_ms: Date.parse(at), kind }))
    .filter(({ at_ms }) => Number.isFinite(at_ms) && at_ms <= now_ms)
    .sort((a, b) => a.at_ms - b.at_ms);
  const start: Walk = {
    place: 'unknown',
    out_h: UNKNOWN_h,
    rebakes: 0,
    missing: 'Nothing is written down: opened when, and where was it since?',
    scrap: '',
    since_ms: known[0]?.at_ms ?? now_ms,
  };
  const end = known.reduce((walk, { at_ms, kind }) => happens(passTo(walk, at_ms, limit_h), kind), start);
  const { place, out_h, rebakes, missing, scrap } = passTo(end, now_ms, limit_h);
  return { place, out_h, rebakes, missing, scrap };
}

/** Lets time pass: hours in the air are added; hours enough in the oven take off what was within the limit. */
function passTo(walk: Walk, at_ms: number, limit_h: number | null): Walk {
  const hours = (at_ms - walk.since_ms) / HOUR_ms;
  const then = { ...walk, since_ms: at_ms };
  if (walk.place === 'air')
    return { ...then, out_h: { low: walk.out_h.low + hours, high: walk.out_h.high + hours } };
  const within = limit_h !== null && walk.out_h.high <= limit_h;
  if (walk.place === 'oven' && hours >= HOLD_BEFORE_REISSUE_h.value && within)
    return { ...then, out_h: NONE_h };
  return then;
}

/** What an event makes of it. */
function happens(walk: Walk, kind: TinEventId): Walk {
  const { place } = walk;
  const untold = (words: string): Walk => ({
    ...walk,
    out_h: { low: walk.out_h.low, high: Infinity },
    missing: walk.missing === '' || place === 'unknown' ? words : walk.missing,
  });
  const asMade: Walk = place === 'unknown' ? { ...walk, out_h: NONE_h, missing: '' } : walk;
  switch (kind) {
    case 'sealed':
      // The first word of a tin: as the maker closed it. Later what was taken up stays in.
      return { ...asMade, place: 'sealed' };
    case 'opened':
      return { ...asMade, place: 'air' };
    case 'oven':
      if (place === 'unknown')
        return { ...untold('It went into the oven, but nothing says when it was opened.'), place: 'oven' };
      if (place === 'oven')
        return { ...untold('It went into the oven twice: when did it come out between?'), place: 'oven' };
      return { ...walk, place: 'oven' };
    case 'out':
      return place === 'oven'
        ? { ...walk, place: 'air' }
        : { ...untold('It came out of the oven, but nothing says when it went in.'), place: 'air' };
    case 'rebaked':
      return {
        ...walk,
        place: 'oven',
        out_h: NONE_h,
        missing: '',
        rebakes: walk.rebakes + 1,
        scrap: walk.scrap === '' && walk.rebakes + 1 > REBAKES_ALLOWED.value ? TOO_OFTEN : walk.scrap,
      };
    case 'wet':
      return { ...walk, scrap: 'They got wet.' };
  }
}

const TOO_OFTEN = 'They were baked again more than once.';

/** Longest a tin may be out, h, with where that is from; null where no clock runs. */
export function outLimit_h(tin: Pick<Tin, 'rodClass' | 'printed'>): { value: number | null; source: Source } {
  const keeping = KEEPING[rodClass(tin.rodClass).coating];
  if (rodClass(tin.rodClass).coating !== 'basic')
    return { value: keeping.outMost_h, source: keeping.outSource };
  const { ksi, resistant } = marksOf(tin.printed, tin.rodClass);
  const row = OUT_BY_STRENGTH_h.find((r) => r.ksi === ksi);
  if (!row) return { value: keeping.outMost_h, source: keeping.outSource };
  return { value: (resistant ? row.marked_h : null) ?? row.out_h, source: EXPOSURE_SOURCE };
}
