import { familyHeatRule } from '../heat/familyRule';
import { BREAKERS } from './breakers';
import { awgArea_mm2, CABLE_IDS, CABLES, resistance_ohm_m } from './cables';
import { gaugeThickness_mm } from '../units/gauges';
import { FAMILY_IDS } from './families';
import { metalFamily } from './metals';
import { OTHER_PROCESSES } from './processIds';
import { takesOf } from './processes';
import { ROD_CLASS_IDS, rodClass } from './rods';
import { ROD_SIZE_IDS } from './rodSizes';
import { STOP_WORK_QUESTIONS } from './stopWork';

describe('gauges', () => {
  // Manufacturers' Standard Gauge: 16 ga is 2.5 lb/ft2 over 41.82 lb/ft2 in, from memory.
  test.each([
    [10, 5.625],
    [16, 2.5],
    [20, 1.5],
  ])('steel %i ga is its %f lb per square foot over 41.82', (gauge, weight) => {
    expect((gaugeThickness_mm('steel', gauge) ?? 0) / 25.4).toBeCloseTo(weight / 41.82, 4);
  });

  // B&S gauge is the AWG series, ASTM B258: d = 0.005 x 92^((36-n)/39) in.
  test.each([10, 12, 16, 20, 24])('aluminium %i ga follows the AWG series', (gauge) => {
    expect((gaugeThickness_mm('aluminium', gauge) ?? 0) / 25.4).toBeCloseTo(
      0.005 * 92 ** ((36 - gauge) / 39),
      3,
    );
  });

  test('one gauge word is a different thickness for each metal', () => {
    const sixteen = (['steel', 'aluminium', 'stainless', 'galvanised'] as const).map((metal) =>
      gaugeThickness_mm(metal, 16),
    );
    expect(new Set(sixteen).size).toBe(4);
    expect(gaugeThickness_mm('galvanised', 7)).toBeNull();
  });
});

describe('conductors', () => {
  // ASTM B258 diameters, inches, as printed: 14 is 0.0641, 2/0 is 0.3648.
  test.each([
    [14, 0.0641],
    [10, 0.1019],
    [4, 0.2043],
    [-1, 0.3648],
  ])('AWG %i has the ASTM B258 diameter', (n, inches) => {
    expect(Math.sqrt((4 / Math.PI) * awgArea_mm2(n)) / 25.4).toBeCloseTo(inches, 4);
  });

  // NEC chapter 9, table 8, uncoated copper, stranded, 75 °C, ohm per thousand feet (from memory).
  test.each([
    ['awg14', 3.14],
    ['awg12', 1.98],
    ['awg10', 1.24],
    ['awg8', 0.778],
    ['awg6', 0.491],
    ['awg4', 0.308],
    ['awg2', 0.194],
    ['awg1/0', 0.122],
    ['awg2/0', 0.0967],
  ] as const)('%s is within one percent of NEC chapter 9 table 8', (size, ohmPerKft) => {
    const ours = resistance_ohm_m(size, 75) * 304.8;
    expect(Math.abs(ours / ohmPerKft - 1)).toBeLessThan(0.0105);
  });

  test('a heavier cord never carries less', () => {
    for (const prefix of ['awg', 'mm2']) {
      const cords = CABLE_IDS.filter((id) => id.startsWith(prefix) && CABLES[id].ampacity_A !== null).sort(
        (a, b) => CABLES[a].area_mm2 - CABLES[b].area_mm2,
      );
      const amps = cords.map((id) => CABLES[id].ampacity_A ?? 0);
      expect(amps).toEqual([...amps].sort((a, b) => a - b));
    }
  });
});

describe('breakers', () => {
  // IEC 60898 bands, from memory: trips at 2.55 In in 1 to 60 s; North American: within 2 min at 2.0.
  test.each([
    ['B', 'early', 2.55, 1],
    ['C', 'late', 2.55, 60],
    ['NA', 'late', 2.0, 120],
  ] as const)('%s, %s edge, trips at %f times its rating after %f s', (kind, which, multiple, time_s) => {
    const { holds, tau_s } = BREAKERS[kind][which];
    expect(multiple ** 2 * (1 - Math.exp(-time_s / tau_s))).toBeCloseTo(holds ** 2, 6);
  });
});

describe('rods', () => {
  // AWS A5.1 annex, typical amperage ranges, from memory.
  test.each([
    ['E6010', '1/8', 75, 125],
    ['E6011', '3/32', 40, 80],
    ['E6013', '1/16', 20, 40],
    ['E6013', '5/64', 25, 60],
    ['E6013', '1/8', 80, 130],
    ['E7014', '5/32', 150, 210],
    ['E7018', '3/32', 70, 100],
    ['E7018', '1/8', 115, 165],
    ['E7018', '5/32', 150, 220],
    ['E7024', '1/8', 140, 190],
  ] as const)('%s %s runs %i to %i A', (id, size, low, high) => {
    expect(rodClass(id).amps[size]).toMatchObject({ low_A: low, high_A: high });
  });

  // AWS A5.1 classification: 6010 is DCEP only, 6011 adds AC, 7018 AC or DCEP.
  test('poles of the commonest classes', () => {
    expect(rodClass('E6010').poles).toEqual(['DCEP']);
    expect(rodClass('E6011').poles).toEqual(['DCEP', 'AC']);
    expect(rodClass('E7018').poles).toEqual(['DCEP', 'AC']);
    expect(rodClass('E6012').poles).not.toContain('DCEP');
  });

  // Filler-metal handbook, deposition rate at 100 % arc in lb/h, from memory; 7.85 g/cm3.
  test.each([
    ['E6010', 100, 2.1],
    ['E6011', 120, 2.3],
    ['E6013', 160, 3.0],
    ['E7014', 200, 3.7],
    ['E7018', 140, 2.7],
    ['E7018', 170, 3.8],
    ['E7024', 180, 5.1],
  ] as const)('%s at %i A deposits about %f lb an hour', (id, amps, lbPerHour) => {
    const ours = (rodClass(id).deposit_mm3_As * amps * 3600 * 7.85e-3) / 453.592;
    expect(Math.abs(ours / lbPerHour - 1)).toBeLessThan(0.15);
  });

  test('ranges rise with size and run from low to high', () => {
    for (const id of ROD_CLASS_IDS) {
      const rows = ROD_SIZE_IDS.map((size) => rodClass(id).amps[size]).filter((row) => row !== undefined);
      expect(rows.length).toBeGreaterThan(0);
      rows.forEach((row, n) => {
        expect(row.low_A).toBeLessThan(row.high_A);
        if (n > 0) expect(row.high_A).toBeGreaterThan(rows[n - 1]?.high_A ?? 0);
      });
    }
  });
});

describe('metals', () => {
  test('every family has either rods or an alternative, and every rod it names is known', () => {
    for (const id of FAMILY_IDS) {
      const { arc, rods, instead, why } = metalFamily(id);
      expect(arc === 'yes' ? rods.length > 0 : instead.length > 0 && why.length > 0).toBe(true);
      expect(rods.filter((rod) => !(ROD_CLASS_IDS as readonly string[]).includes(rod))).toEqual([]);
      expect(familyHeatRule(id).words).not.toBe('');
    }
  });

  // Common practice: never by arc in the field.
  test.each([
    'magnesium',
    'titanium',
    'zinc-die-cast',
    'lead',
    'leaded-brass',
    'beryllium-copper',
    'white-iron',
    'sintered-metal',
  ] as const)('%s is never arc welded', (id) => expect(metalFamily(id).arc).toBe('never'));
});

test('stop-work questions have unique ids and say who decides', () => {
  const ids = STOP_WORK_QUESTIONS.map(({ id }) => id);
  expect(new Set(ids).size).toBe(ids.length);
  for (const { question } of STOP_WORK_QUESTIONS) expect(question.decides).not.toBe('');
});

describe('weldability by process', () => {
  test('every family answers for every process; what burns or poisons takes no wire in the field', () => {
    for (const id of FAMILY_IDS)
      for (const process of OTHER_PROCESSES) expect(takesOf(id)[process].words).not.toBe('');
    for (const id of ['lead', 'leaded-brass', 'zinc-die-cast', 'beryllium-copper', 'white-iron'] as const)
      expect(takesOf(id)).toMatchObject({
        tig: { mark: 'no' },
        'gas-wire': { mark: 'no' },
        'cored-wire': { mark: 'no' },
      });
  });

  // Welding handbooks, from memory: 5356 wire for aluminium-magnesium; malleable iron is brazed.
  test('families that differ from their group keep their own answer', () => {
    expect(takesOf('al-5xxx')['gas-wire'].words).toMatch(/5356/);
    expect(takesOf('malleable-iron').braze.words).toMatch(/well/);
    expect(takesOf('gray-iron')).not.toEqual(takesOf('malleable-iron'));
  });
});
