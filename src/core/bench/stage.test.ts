import { DEMO_KIT } from '../../demo/kit';
import { demoJob } from '../../../tests/support/demo';
import type { Kit, Trial } from '../formats/kit';
import { assess } from '../plan/assess';
import { learnFrom } from './learn';
import { worthTrying } from './next';
import { biasOf, countedTrials, lessonsOf } from './stage';
import { gainInWords, lessonInWords, oddInWords } from './words';

const bead = (id: string, set_A: number, ran: Trial['ran'], more: Partial<Trial> = {}): Trial => ({
  id,
  at: `2026-01-0${id}T08:00:00.000Z`,
  machineId: 'inverter-160',
  tinId: '6013-18',
  process: 'stick',
  rodClass: 'E6013',
  size: '1/8',
  thickness_mm: 6,
  position: 'flat',
  set_A,
  chart_A: 100,
  read_A: null,
  ran,
  leftOut: false,
  note: '',
  typed: {},
  ...more,
});
const kitWith = (...trials: Trial[]): Kit => ({ ...DEMO_KIT, trials });
const READS_LOW = [bead('1', 115, 'right'), bead('2', 115, 'right'), bead('3', 115, 'right')];
const job = demoJob('ramp-guard', {
  'power.machineId': 'inverter-160',
  'rod.rodClass': 'E6013',
  'rod.size': '1/8',
  'rod.current_A': null,
});
const judged = (kit: Kit) => assess(job, kit).situation;

describe('what beads on scrap do to the next plan', () => {
  test('a machine that takes more than the chart is begun with more, and the plan says why', () => {
    const [before, after] = [judged(kitWith()), judged(kitWith(...READS_LOW))];
    const share = biasOf(kitWith(...READS_LOW), DEMO_KIT.machines[0] ?? null, { id: '6013-18' }).share;
    expect(share).toBeGreaterThan(1.08);
    expect(share).toBeLessThan(1.15);
    expect(after.current_A?.value).toBeGreaterThan(before.current_A?.value ?? Infinity);
    expect(after.current_A?.why).toMatch(/1\d % more, as 3 beads on scrap showed/);
    expect(before.current_A?.why).not.toMatch(/scrap showed/);
    // The rod's range moves with it: what was too hot by the chart is not on this dial.
    const range = assess(job, kitWith(...READS_LOW)).rooms.find(({ id }) => id === 'rod-amps');
    expect(range?.reasons.map(({ words }) => words).join()).toMatch(/3 beads showed on scrap/);
  });

  test('what the dial alone stands at moves where the sheet holes', () => {
    const metered = READS_LOW.map((one) => ({ ...one, read_A: 100 }));
    const holes = (trials: Trial[]) => judged(kitWith(...trials)).holesAt_A?.nominal ?? NaN;
    expect(holes(metered) / holes([])).toBeGreaterThan(1.1);
  });

  test('left out, of another process, without amps or without a word they count for nothing', () => {
    const silent: Partial<Trial>[] = [
      { leftOut: true },
      { process: 'tig' },
      { set_A: null },
      { chart_A: null },
      { ran: null },
    ];
    for (const more of silent) {
      const kit = kitWith(...READS_LOW.map((one) => ({ ...one, ...more })));
      expect(countedTrials(kit)).toEqual([]);
      expect(judged(kit).current_A).toEqual(judged(kitWith()).current_A);
    }
  });

  test('another machine and another tin stay as they were; the typed figure of a machine wins', () => {
    const kit = kitWith(...READS_LOW);
    const other = DEMO_KIT.machines[1] ?? null;
    expect(biasOf(kit, other, { id: 'none' })).toMatchObject({ share: 1, by: 'nobody', words: '' });
    const typed = { id: 'inverter-160', name: 'It', bias_pct: 90 };
    expect(biasOf(kit, typed, { id: '6013-18' })).toMatchObject({ share: 0.9, by: 'you' });
  });

  test('they count in the order they were made, whatever order they are kept in', () => {
    const kit = kitWith(...READS_LOW, bead('4', 100, 'cold'));
    const back = kitWith(...[...kit.trials].reverse());
    expect(lessonsOf(back.trials).machine('inverter-160')).toEqual(
      lessonsOf(kit.trials).machine('inverter-160'),
    );
  });
});

describe('as it is said', () => {
  const learned = (nominal: number, low: number, high: number, trials = 4) =>
    lessonInWords({ share: { low, nominal, high }, trials });
  test('more, less, or as the chart', () => {
    expect(learned(1.12, 1.05, 1.19)).toBe('takes 12 % more than the chart (5 to 19 %), by 4 beads');
    expect(learned(0.9, 0.84, 0.97, 1)).toBe('takes 10 % less than the chart (3 to 16 %), by 1 bead');
    expect(learned(1.06, 0.98, 1.14)).toBe('takes 6 % more than the chart (up to 14 %), by 4 beads');
    expect(learned(1.01, 0.93, 1.09)).toMatch(/as the chart says, give or take 8 %/);
  });

  test('what a bead is worth: charts leave about 20 % open (common practice), a bead narrows it, three more so', () => {
    const asked = { machineId: 'm', tinId: 't', chart_A: 100 };
    const [one, three] = worthTrying([], asked);
    expect(one?.now).toBeGreaterThan(0.18);
    expect(one?.now).toBeLessThan(0.3);
    expect(one?.then).toBeLessThan(one?.now ?? 0);
    expect(three?.then).toBeLessThan(one?.then ?? 0);
    expect(gainInWords([one, three].flatMap((gain) => gain ?? []))).toMatch(/known to about 2\d %; one bead/);
    const many = Array.from({ length: 40 }, () => ({
      ...asked,
      set_A: 100,
      read_A: null,
      ran: 'right' as const,
    }));
    expect(gainInWords(worthTrying(many, asked))).toBe('');
  });

  test('what does not go with the rest', () => {
    const lessons = learnFrom([
      ...Array.from({ length: 6 }, () => ({ ...READS_LOW[0], machineId: 'm', set_A: 115, chart_A: 100 })),
      { ...READS_LOW[0], machineId: 'm', set_A: 60, chart_A: 100 },
    ] as Parameters<typeof learnFrom>[0]);
    expect(oddInWords(lessons, () => 'The box')).toMatch(/1 bead does not go with the rest/);
  });
});
