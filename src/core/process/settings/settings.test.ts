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
