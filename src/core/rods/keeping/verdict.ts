import { KEEPING, REBAKES_ALLOWED, type Keeping } from '../../data/keeping';
import { rodClass } from '../../data/rods';
import type { Source } from '../../units/sources';
import type { Tin } from '../../formats/kit';
import { formatQuantity, trimmed } from '../../units/format';
import { DURATION } from '../../units/kinds';
import { exposureOf, outLimit_h, type Exposure } from './airTime';

/** What may be done with the rods of a tin at a moment. */
export type TinState = 'no-clock' | 'sealed' | 'oven' | 'dry' | 'over' | 'unknown' | 'scrap';

export interface TinVerdict {
  state: TinState;
  /** In one line, and what to do. */
  words: string;
  act: string;
  keeping: Keeping;
  exposure: Exposure;
  limit_h: number | null;
  source: Source;
  /** Hours left in the air; null where no clock runs now or the time is not known. */
  left_h: number | null;
}

/** Hours as they are said, by a clock. */
export const hoursInWords = (hours: number): string =>
  formatQuantity(Math.round(hours * 60) * 60, DURATION, 'metric');

/** Answers "may these rods be used?" at a moment, from what happened to their tin. */
export function tinVerdict(tin: Tin, now_ms: number): TinVerdict {
  const keeping = KEEPING[rodClass(tin.rodClass).coating];
  const { value: limit_h, source } = outLimit_h(tin);
  const exposure = exposureOf(tin.events, limit_h, now_ms);
  const base = { keeping, exposure, limit_h, source, left_h: null };
  const bake = keeping.rebake === null ? '' : `Re-bake: ${keeping.rebake}.`;
  if (exposure.scrap !== '')
    return {
      ...base,
      state: 'scrap',
      words: exposure.scrap,
      act: 'Not for anything that matters. Bin them.',
    };
  if (keeping.oven === 'never' && tin.events.some(({ kind }) => kind === 'oven' || kind === 'rebaked'))
    return {
      ...base,
      state: 'over',
      words: 'A hot oven drives out the moisture they need.',
      act: 'Try one on scrap: a harsh arc and pores say they are spoilt.',
      source: keeping.source,
    };
  if (limit_h === null)
    return { ...base, state: 'no-clock', words: 'No clock runs for this kind.', act: keeping.store };
  if (exposure.out_h.high === Infinity)
    return {
      ...base,
      state: 'unknown',
      words: exposure.missing,
      act: `Take them for damp, or write down what is known. ${bake}`.trim(),
    };
  const out_h = exposure.out_h.high;
  const left_h = limit_h - out_h;
  if (left_h < 0) {
    const again = exposure.rebakes < REBAKES_ALLOWED.value;
    return {
      ...base,
      state: 'over',
      left_h,
      words: `Out ${hoursInWords(out_h)}, allowed ${hoursInWords(limit_h)}.`,
      act: again ? bake : 'They were baked again once: bin them.',
    };
  }
  const outSoFar = out_h > 0 ? `Out ${hoursInWords(out_h)} of ${hoursInWords(limit_h)}.` : 'As made.';
  if (exposure.place === 'sealed')
    return { ...base, state: 'sealed', words: `Sealed. ${outSoFar}`, act: keeping.store };
  if (exposure.place === 'oven')
    return {
      ...base,
      state: 'oven',
      words: `In the oven. ${outSoFar}`,
      act:
        out_h > 0 ? 'Four hours in it and the clock starts afresh.' : 'Take out what an hour or two needs.',
    };
  return {
    ...base,
    state: 'dry',
    left_h,
    words: `Out ${hoursInWords(out_h)}, ${hoursInWords(left_h)} left.`,
    act: `Back into the oven, or sealed, within ${hoursInWords(left_h)}.`,
  };
}

/** The tin as it is once its rods have been baked again, by a moment. */
export const rebaked = (tin: Tin, by_ms: number): Tin => ({
  ...tin,
  events: [...tin.events, { at: new Date(by_ms).toISOString(), kind: 'rebaked' }],
});

/** Minutes before the end of its time that a tin is called out. */
export const REMIND_BEFORE_h = 0.5;

/** A tin that was forgotten is called out for so long after its time. */
const CALL_AFTER_h = 1;

/** Tins whose time in the air is nearly or just over, soonest first, as they are called out. */
export function reminders(tins: readonly Tin[], now_ms: number): { id: string; words: string }[] {
  return tins
    .flatMap((tin) => {
      const { left_h, exposure } = tinVerdict(tin, now_ms);
      const due = exposure.place === 'air' && left_h !== null;
      return due && left_h <= REMIND_BEFORE_h && left_h > -CALL_AFTER_h ? [{ tin, left_h }] : [];
    })
    .sort((a, b) => a.left_h - b.left_h)
    .map(({ tin, left_h }) => {
      const name = `${tin.rodClass} ${tin.size}`;
      return left_h > 0
        ? { id: tin.id, words: `${name}: ${trimmed(left_h * 60, 0)} min until they go back into the oven.` }
        : { id: `${tin.id} over`, words: `${name}: their time out of the oven is over.` };
    });
}
