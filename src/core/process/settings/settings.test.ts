import { EVERYDAY_ARCS, type EverydayArc } from '../../../../tests/support/otherProcesses';
import { blankJob } from '../../formats/blankJob';
import { jointGeometry } from '../../joint/geometry';
import type { SetFor } from './arcBy';
import { settingsBy } from './settings';

const JOINT = blankJob('j', '2026-01-01T00:00:00.000Z').joint;
const setFor = (row: EverydayArc): SetFor => ({
  joint: jointGeometry({
    ...JOINT,
    kind: row.kind,
    thicknessA_mm: row.thin_mm,
    gap_mm: row.gap_mm ?? null,
    rootFace_mm: 1.5,
    includedAngle_deg: 60,
    length_mm: 200,
  }),
  wants: { families: row.families ?? ['low-carbon-steel'], rods: row.rods ?? ['E7018'] },
  position: row.position ?? 'flat',
  length_mm: 200,
  carriesLoad: row.carries ?? false,
  oneSided: row.oneSided ?? false,
  pipe_mm: row.pipe ? 100 : null,
  ...(row.way === undefined ? {} : { way: row.way }),
  onHand: { fillers_mm: [], tungstens_mm: [] },
});

describe('wire and TIG as they are set every day (common practice)', () => {
  const name = (row: EverydayArc) =>
    `${row.process} ${row.thin_mm} ${row.kind} ${row.position ?? ''} ${(row.families ?? []).join()}`;
  test.each(EVERYDAY_ARCS.map((row) => [name(row), row] as const))('%s', (_, row) => {
    const set = settingsBy(row.process, setFor(row));
    const [low, middle, high] = row.amps;
    expect(set?.tungsten?.diameter_mm ?? set?.filler_mm).toBe(row.size_mm);
    expect(set?.current_A.nominal).toBeGreaterThanOrEqual(low);
    expect(set?.current_A.nominal).toBeLessThanOrEqual(high);
    expect(Math.abs((set?.current_A.nominal ?? NaN) / middle - 1)).toBeLessThan(0.09);
    const meets = (
      is: { low: number; high: number } | null | undefined,
      [from, to]: readonly [number, number],
    ) => {
      expect(is?.low).toBeLessThan(to);
      expect(is?.high).toBeGreaterThan(from);
    };
    if (row.volts) {
      const middle_V = (row.volts[0] + row.volts[1]) / 2;
      expect(Math.abs((set?.volts_V?.nominal ?? NaN) - middle_V)).toBeLessThan(0.8);
    }
    if (row.feed_m_min !== undefined)
      expect(Math.abs((set?.feed_m_min?.nominal ?? NaN) / row.feed_m_min - 1)).toBeLessThan(0.13);
    if (row.pace) meets(set?.pace_mm_min, row.pace);
    if (row.energy) meets(set?.energy_kJ_mm, row.energy);
    if (row.gas) meets(set?.gas_l_min, row.gas);
  });
});

const mild = (row: Partial<EverydayArc>) =>
  setFor({ process: 'tig', thin_mm: 3, kind: 't-fillet', size_mm: 0, amps: [0, 0, 0], ...row });

describe('what goes with the amps', () => {
  test('sheet to about 1.2 mm takes the single-pass wire, nothing thicker (common practice)', () => {
    const filler = (thin_mm: number) => settingsBy('cored-wire', mild({ thin_mm }))?.fillers;
    expect(filler(1)).toEqual(['E71T-GS', 'E71T-11']);
    expect(filler(1.2)?.[0]).toBe('E71T-GS');
    expect(filler(1.5)).toEqual(['E71T-11']);
  });

  test('a leg is laid in as many passes as a hand lays: z5 by TIG in two, by wire in one (common practice)', () => {
    const passes = (process: EverydayArc['process']) => settingsBy(process, mild({ thin_mm: 6 }))?.passes;
    expect(passes('tig')).toBe(2);
    expect(passes('gas-wire')).toBe(1);
    expect(passes('cored-wire')).toBe(1);
  });

  test('the arc between a thin and a thick part is a little stronger, never by more than a quarter (common practice)', () => {
    const set = mild({ thin_mm: 3 });
    const amps = (ratio: number) =>
      settingsBy('gas-wire', { ...set, joint: { ...set.joint, ratio } })?.current_A.nominal ?? NaN;
    expect(amps(2) / amps(1)).toBeGreaterThan(1.02);
    expect(amps(2) / amps(1)).toBeLessThan(1.1);
    expect(amps(8) / amps(1)).toBeLessThan(1.25);
  });

  test('overhead and up the wall with less: 10 to 15 % overhead by stick’s own rule, a third less up by solid wire (common practice)', () => {
    const share = (process: EverydayArc['process'], position: 'overhead' | 'vertical') =>
      (settingsBy(process, mild({ thin_mm: 5, position, carries: true }))?.current_A.nominal ?? NaN) /
      (settingsBy(process, mild({ thin_mm: 5 }))?.current_A.nominal ?? NaN);
    expect(share('gas-wire', 'overhead')).toBeCloseTo(0.85, 1);
    expect(share('gas-wire', 'vertical')).toBeCloseTo(0.67, 1);
    expect(share('cored-wire', 'vertical')).toBeCloseTo(0.8, 1);
    expect(share('tig', 'vertical')).toBeCloseTo(0.9, 1);
  });

  test('argon behind stainless round a pipe 6 to 10 l/min, behind sheet 4 to 6, behind steel none (common practice)', () => {
    const stainless = {
      families: ['austenitic-stainless'],
      rods: ['E316L-16'],
      kind: 'square-butt',
      gap_mm: 2,
    } as const;
    const purge = (row: Partial<EverydayArc>) =>
      settingsBy('tig', mild({ oneSided: true, ...row }))?.purge_l_min;
    expect(purge({ ...stainless, pipe: true })).toMatchObject({ low: 6, high: 10 });
    expect(purge(stainless)).toMatchObject({ low: 4, high: 6 });
    expect(purge({ ...stainless, oneSided: false })).toBeNull();
    expect(purge({ kind: 'square-butt', gap_mm: 2 })).toBeNull();
  });

  test('nothing while the joint is not known', () => {
    const blank = { ...mild({}), joint: jointGeometry(JOINT) };
    for (const process of ['tig', 'gas-wire', 'cored-wire'] as const)
      expect(settingsBy(process, blank)).toBeNull();
  });
});
