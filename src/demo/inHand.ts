import { UNSEEN } from '@core/formats/blankJob';
import type { Job } from '@core/formats/job';
import type { Told } from '@core/formats/run';

/** Events of a run, by seconds since it began. */
function happenedFrom(begun_ms: number, told: readonly (readonly [s: number, event: Told])[]) {
  return Object.fromEntries(
    told.map(([s, event], n) => [`demo${n}`, { ...event, n, at: begun_ms + 1000 * s }]),
  );
}

/** The hatch frame in hand, by seconds since eight one morning: the root is in, two corners of the cap, and a rod stuck. */
export const HATCH_IN_HAND = happenedFrom(Date.parse('2026-03-12T08:00:00.000Z'), [
  ...(
    [
      'Before you strike',
      'Mark it out',
      'Clean',
      'Fit and tack',
      'Clamp and order',
      'Set the machine',
    ] as const
  ).map((step, n): [number, Told] => [180 * n, { kind: 'step', step, state: 'done', words: '' }]),
  ...[1000, 1110, 1220, 1330].flatMap((s): [number, Told][] => [
    [s, { kind: 'arc-on', pass: 1, current_A: 92, rodClass: 'E7018', size: '3/32' }],
    [s + 23, { kind: 'arc-off' }],
  ]),
  [1370, { kind: 'reading', temperature_C: 165 }],
  [1400, { kind: 'pass-done', pass: 1, full: 'planned' }],
  [1480, { kind: 'trouble', what: 'stuck', pass: 2, words: '' }],
  [1490, { kind: 'settled', of: 'demo16' }],
  [1500, { kind: 'amps', current_A: 94 }],
  ...[1700, 1810].flatMap((s): [number, Told][] => [
    [s, { kind: 'arc-on', pass: 2, current_A: 94, rodClass: 'E7018', size: '3/32' }],
    [s + 23, { kind: 'arc-off' }],
  ]),
  [1850, { kind: 'note', words: 'corners square within 1 mm' }],
]);

/** Its hot-work card, as far as it was walked through. */
export const HATCH_PERMIT: Job['permit'] = {
  issuer: 'yard office',
  watcher: 'deck hand of the pontoon',
  from: '2026-03-12T07:30:00.000Z',
  until: '2026-03-12T12:00:00.000Z',
  watch_s: null,
  lines: {
    clear: 'done',
    covered: 'done',
    behind: 'done',
    gas: 'done',
    air: 'done',
    locked: 'not-here',
    extinguisher: 'done',
    watcher: 'done',
    screens: 'done',
  },
};

/** What was seen of it so far. */
export const HATCH_CHECKS: Job['checks'] = {
  eye: {
    ...UNSEEN,
    result: 'found',
    words: 'at the start of the second corner',
    what: 'pores',
    at_mm: 74,
    length_mm: 6,
    decided: 'redo',
  },
};
