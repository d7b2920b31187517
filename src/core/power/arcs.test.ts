import { DEMO_KIT } from '../../demo/kit';
import { leadAmpacity_A, resistance_ohm_m } from '../data/cables';
import type { Kit } from '../formats/kit';
import { assess } from '../plan/assess';
import type { RoomId } from '../plan/rooms';
import { depositPerRod_mm3 } from '../rods/hand';
import { demoJob } from '../../../tests/support/demo';
import { arcsOf, heatingCurrent_A, heatingOf_A, isSteady, meanOver } from './arcs';
import { coolingShare, readPlate } from './plate/nameplate';
import { supplyDraw } from './supply';

type Edits = Readonly<Record<string, unknown>>;

const judged = (edits: Edits = {}, kit: Kit = DEMO_KIT) => assess(demoJob('ramp-guard', edits), kit);
const room = (id: RoomId, edits: Edits = {}, kit: Kit = DEMO_KIT) =>
  judged(edits, kit).rooms.find((one) => one.id === id);

const minutes = (...of: [from: number, long: number, amps: number][]) =>
  of.map(([from, long, current_A]) => ({ start_s: 60 * from, duration_s: 60 * long, current_A }));

describe('every arc at its own amps', () => {
  test('six minutes of ten at 100 A heat as 77.5 A all the time (IEC 60974-1: the root of the duty)', () => {
    expect(heatingOf_A(minutes([0, 6, 100]))).toBeCloseTo(77.46, 2);
    // Three at 200 and four at 100: the root of (3 x 4 + 4 x 1) / 10 in hundreds.
    expect(heatingOf_A(minutes([0, 3, 200], [4, 4, 100]))).toBeCloseTo(100 * Math.sqrt(1.6), 9);
    // What burns ten minutes later does not count with it.
    expect(heatingOf_A(minutes([0, 3, 200], [14, 4, 100]))).toBeCloseTo(200 * Math.sqrt(0.3), 9);
  });

  test('what a supply heats by takes the idle current between arcs', () => {
    const draw = (amps: number) => ({
      current_A: { low: amps / 10, nominal: amps / 5, high: amps / 4 },
      dropShare: { low: 0, nominal: 0, high: 0 },
      lineShare: 0,
      cordShares: [],
      holds: true,
      surelyHolds: true,
    });
    const heats = heatingCurrent_A(minutes([0, 6, 100]), draw, { idle_A: 2 });
    // sqrt(20^2 x 0.6 + 2^2 x 0.4), IEC 60974-1.
    expect(heats.nominal).toBeCloseTo(Math.sqrt(241.6), 9);
    expect(heats.low).toBeLessThan(heats.nominal);
    expect(heats.high).toBeGreaterThan(heats.nominal);
  });

  test('a mean is over the time of arcs', () => {
    expect(meanOver(minutes([0, 3, 200], [5, 1, 100]), (amps) => amps)).toBe(175);
    expect(meanOver([], (amps) => amps)).toBe(0);
    expect([isSteady(minutes([0, 1, 90], [2, 1, 90])), isSteady(minutes([0, 1, 90], [2, 1, 91]))]).toEqual([
      true,
      false,
    ]);
  });

  const GROOVE = {
    'joint.kind': 'v-butt',
    'joint.thicknessA_mm': 12,
    'joint.sameThickness': true,
    'joint.gap_mm': 3,
    'joint.length_mm': 600,
    'rod.rodClass': 'E7018',
    'rod.size': '3/32',
    'rod.current_A': 75,
    'rod.rest_s': 0,
  } as const;
  const HOT_ROOT = { ...GROOVE, 'rod.root.rodClass': 'E6010', 'rod.root.size': '5/32' } as const;

  test('a root that is hotter than the fill is what machine, leads and socket are held against', () => {
    const { situation } = judged(HOT_ROOT);
    const root_A = situation.root?.current_A ?? 0;
    expect(root_A).toBeGreaterThan(100);
    expect(situation.strongest_A).toBe(root_A);
    expect(judged(GROOVE).situation.strongest_A).toBe(75);
    expect(room('machine-range', HOT_ROOT)?.value?.nominal).toBe(root_A);
    expect(room('breaker', HOT_ROOT)?.value?.nominal).toBeGreaterThan(
      (room('breaker', GROOVE)?.value?.nominal ?? 0) * 1.2,
    );
    expect(room('cord', HOT_ROOT)?.value?.nominal).toBeGreaterThan(room('cord', GROOVE)?.value?.nominal ?? 0);
    const timeline = situation.timeline;
    expect(timeline && isSteady(arcsOf(timeline))).toBe(false);
  });

  test('duty is what every arc takes of the window, not what the fill alone would', () => {
    // 80 A at 100 %: all of the fill's amps fit, a root over them does not for long.
    const machine = {
      ...DEMO_KIT.machines[0],
      rated: [{ process: 'stick' as const, volts_V: null, current_A: 80, duty_pct: 100 }],
    };
    const kit = { ...DEMO_KIT, machines: [machine as Kit['machines'][number]] };
    const cool = room('duty', { ...GROOVE, 'power.machineId': machine.id ?? '' }, kit);
    const hot = room('duty', { ...HOT_ROOT, 'power.machineId': machine.id ?? '' }, kit);
    expect(cool?.state).toBe('roomy');
    expect(hot?.limit?.nominal).toBeLessThan(cool?.limit?.nominal ?? 0);
  });
});

describe('what a supply has to give', () => {
  const transformer = readPlate(
    {
      ...(DEMO_KIT.machines.find(({ id }) => id === 'transformer-180') as Kit['machines'][number]),
      max_A: 180,
      powerFactor: 0.5,
      rated: [],
      inputs: [{ volts_V: 230, phases: 1, inputMax_A: 40, inputEff_A: null, top_A: null }],
    },
    { volts_V: 230, phases: 1 },
    { air_C: null, cooling: null },
  );
  const question = {
    process: 'stick' as const,
    plate: transformer,
    volts_V: 230,
    phases: 1 as const,
    cords: [],
    source_ohm: 0,
  };

  test('a transformer takes its share by turns: half the amps out, half the amps in (common practice)', () => {
    expect(supplyDraw({ ...question, current_A: 90 }).current_A.nominal).toBeCloseTo(20, 6);
    expect(supplyDraw({ ...question, current_A: 180 }).current_A.nominal).toBeCloseTo(40, 6);
  });

  test('before a load that lags, a line’s volts are added as phasors (common practice)', () => {
    // 20 A at a power factor of 0.5 is 5.75 + j 9.96 ohm; 0.5 ohm before it leaves 11.5 of 11.76.
    const drop = supplyDraw({ ...question, current_A: 90, source_ohm: 0.5 }).dropShare.nominal;
    expect(drop).toBeCloseTo(1 - 11.5 / Math.hypot(6.25, 11.5 * Math.sqrt(0.75)), 6);
  });

  test('metric cords have the ohms of their class (IEC 60228 class 5, from memory), others those of their copper', () => {
    const ohm_km = (['1.5', '2.5', '4', '6', '10', '16', '25', '35', '50'] as const).map(
      (area) => 1000 * resistance_ohm_m(`mm2-${area}`, 20),
    );
    const classFive = [13.3, 7.98, 4.95, 3.3, 1.91, 1.21, 0.78, 0.554, 0.386];
    expect(ohm_km.map((ohm) => Number(ohm.toFixed(4)))).toEqual(classFive);
    // NEC chapter 9 table 8, from memory: 10 AWG stranded 1.24 ohm for 1000 ft at 75 C.
    expect(resistance_ohm_m('awg10', 75) * 304.8).toBeCloseTo(1.24, 2);
  });

  test('an inverter that may lose 15 % of its volts is said to stop by itself (its plate, from memory), one that loses less is not', () => {
    for (let length_m = 10; length_m <= 140; length_m += 3) {
      const edits = { 'power.cordLength_m': length_m, 'power.cordSize': 'mm2-2.5' };
      const { situation, rooms } = judged(edits);
      const said = rooms
        .find(({ id }) => id === 'cord')
        ?.reasons.some(({ words }) => /stops by itself/.test(words));
      if (situation.draw?.holds)
        expect([length_m, said]).toEqual([length_m, situation.draw.dropShare.high >= 0.15]);
    }
  });

  test('open-circuit volts are weighed against the doubt of their rule, 10 V either way (our judgement)', () => {
    const ocv = room('ocv');
    expect(ocv?.fraction?.nominal).toBeCloseTo((ocv?.left?.nominal ?? 0) / 20, 9);
  });

  test('others on the same breaker count with it', () => {
    const alone = room('breaker');
    const beside = room(
      'breaker',
      {},
      { ...DEMO_KIT, supplies: DEMO_KIT.supplies.map((supply) => ({ ...supply, others_A: 5 })) },
    );
    expect(beside?.value?.nominal).toBeCloseTo((alone?.value?.nominal ?? 0) + 5, 9);
    expect(beside?.left?.nominal).toBeLessThan(alone?.left?.nominal ?? 0);
    expect(beside?.reasons.some(({ words }) => words.startsWith('5 A of it are other loads'))).toBe(true);
  });

  test('a cord half off its drum carries less than laid out and more than wound up', () => {
    const carries = (lie: string) =>
      room('cord-heat', { 'power.cordLength_m': 25, 'power.cordSize': 'mm2-2.5', 'power.cordLie': lie })
        ?.limit?.nominal ?? 0;
    // Our judgement: a little over half of laid out.
    expect(carries('half') / carries('straight')).toBeCloseTo(0.55, 6);
    expect(carries('half')).toBeGreaterThan(carries('drum'));
  });
});

describe('height', () => {
  test('from 1000 m on thin air takes a hundredth of the duty for every 100 m (IEC 60034-1, from memory)', () => {
    const at = (altitude_m: number | null) =>
      coolingShare({ air_C: null, cooling: null, altitude_m }).nominal;
    expect([at(null), at(1000), at(2000)]).toEqual([1, 1, 0.9]);
  });

  test('duty says what height took of it', () => {
    const said = (altitude_m: number) =>
      room('duty', { 'look.altitude_m': altitude_m })
        ?.reasons.map(({ words }) => words)
        .join(' ') ?? '';
    expect(said(2000)).toMatch(/With the thin air 2000 m up about 90 % of the plate's duty is left/);
    expect(said(800)).not.toMatch(/thin air/);
  });

  test('an engine gives less up there: 3.5 % of its power for every 300 m (common practice)', () => {
    const engine = {
      ...(DEMO_KIT.machines[0] as Kit['machines'][number]),
      type: 'engine' as const,
      max_A: 200,
      rated: [],
      inputs: [],
    };
    const most = (altitude_m: number) =>
      readPlate(engine, null, { air_C: 20, cooling: null, altitude_m }).max_A?.range.nominal ?? 0;
    expect(most(300)).toBe(200);
    // 200 A at 28 V are 5600 W; 14 % less at 1500 m are 4816 W: 177.5 A on the load line 20 + 0.04 I of IEC 60974-1.
    expect(most(1500)).toBeCloseTo(177.5, 0);
  });
});

describe('weld leads', () => {
  test('carry what their copper may: 135 A at 16 mm2, 225 at 35, 285 at 50 (EN 50525-2-81, from memory)', () => {
    expect(Math.abs(leadAmpacity_A(16) - 135)).toBeLessThan(2);
    expect(leadAmpacity_A(35)).toBe(225);
    expect(Math.abs(leadAmpacity_A(50) - 285)).toBeLessThan(3);
  });

  test('are shut where the job heats them more, and not shown until they are named', () => {
    const kit = {
      ...DEMO_KIT,
      leads: [{ id: 'thin', name: 'Thin leads', length_m: 5, size: 'mm2-6' as const, typed: {} }],
    };
    expect(room('lead-heat')).toBeUndefined();
    const long = { 'joint.length_mm': 4000, 'rod.rest_s': 0, 'rod.current_A': 120 };
    // 6 mm2 carries about 71 A all the time; how it lies moves that by a tenth (our judgement).
    const limit = room('lead-heat', { ...long, 'power.leadsId': 'thin' }, kit)?.limit;
    expect(limit?.nominal).toBeCloseTo(71.6, 0);
    expect((limit?.high ?? 0) / (limit?.low ?? 1)).toBeCloseTo(1.1 / 0.9, 6);
    expect(room('lead-heat', { ...long, 'power.leadsId': 'thin' }, kit)?.state).toBe('none');
  });
});

test('a long rod lays more, and wants more room: 450 mm against 350, less the stub of each (common practice)', () => {
  expect(depositPerRod_mm3('E7018', '5/32', 450) / depositPerRod_mm3('E7018', '5/32')).toBeCloseTo(
    400 / 300,
    9,
  );
  const tins = DEMO_KIT.tins.map((tin) => ({ ...tin, length_mm: 450 }));
  const rods = (kit: Kit) =>
    judged({}, kit).situation.beads?.passes.reduce((sum, pass) => sum + pass.rods, 0) ?? 0;
  expect(rods({ ...DEMO_KIT, tins })).toBeLessThan(rods(DEMO_KIT));
});
