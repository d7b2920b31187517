import fc from 'fast-check';
import { BREAKERS } from '../data/breakers';
import { SYMPTOMS, type CheckId, type SymptomId } from '../data/noArcIds';
import { CHECKS } from '../data/noArc';
import { demoJob } from '../../../tests/support/demo';
import { DEMO_KIT } from '../../demo/kit';
import { setPath } from '../formats/edits';
import type { Kit } from '../formats/kit';
import { loadVoltage_V } from '../heat/loadVoltage';
import { assess } from './assess';
import { dayWork, litres_h } from '../power/dayWork';
import { searchArc } from './noArc';
import { engineShare } from '../power/plate/nameplate';

const jobWith = (edits: Record<string, unknown> = {}, id = 'ramp-guard') => demoJob(id, edits);
const judged = (edits?: Record<string, unknown>, kit: Kit = DEMO_KIT) => assess(jobWith(edits), kit);
const room = (id: string, edits?: Record<string, unknown>, kit?: Kit) =>
  judged(edits, kit).rooms.find((r) => r.id === id);

describe('transformer and inverter on the same socket', () => {
  const on = (machineId: string, id: string) =>
    room(id, { 'power.machineId': machineId, 'power.supplyId': 'slip-16', 'rod.current_A': 90 });

  test('the transformer pulls more for the same arc, and gulps harder on switching on', () => {
    for (const id of ['breaker', 'inrush', 'plug']) {
      const [inverter, transformer] = [on('inverter-160', id), on('transformer-180', id)];
      expect(transformer?.value?.nominal).toBeGreaterThan(inverter?.value?.nominal ?? NaN);
    }
    expect(on('inverter-160', 'inrush')?.state).not.toBe('none');
    // A gulp is told by the kind alone: it warns, it does not shut a plan.
    expect(on('transformer-180', 'inrush')).toMatchObject({
      state: 'tight',
      gap: 'may trip it on switching on',
      taken: true,
    });
  });

  test('the gulp is held against the band in which the breaker goes at once', () => {
    // IEC 60898: B goes at once at 3 to 5 times its rating, D at 10 to 20.
    expect(on('inverter-160', 'inrush')?.limit).toMatchObject({ low: 48, high: 80 });
    expect(BREAKERS.D.magnetic).toMatchObject({ low: 10, high: 20 });
  });
});

describe('plug, phases and generators', () => {
  test('a plug is heated by the effective current of the busiest ten minutes, not by the largest', () => {
    const plug = room('plug');
    const breaker = room('breaker');
    expect(plug?.value?.nominal).toBeLessThan(breaker?.value?.nominal ?? NaN);
    expect(plug?.limit?.nominal).toBe(32);
    const unmarked = setPath(DEMO_KIT, 'supplies.0.plug_A', null);
    expect(room('plug', {}, unmarked)).toBeUndefined();
  });

  test('a three-phase machine on one phase is shut, and says which', () => {
    const kit = setPath(DEMO_KIT, 'machines.0.inputs.0.phases', 3);
    expect(room('supply-fit', {}, kit)).toMatchObject({ state: 'none', shape: 'yes-no' });
    expect(room('supply-fit', {}, kit)?.reasons[0]?.words).toMatch(/wants three phases/);
    expect(room('supply-fit')).toBeUndefined();
  });

  test('a small generator is too little for what a barge set carries', () => {
    const at = { 'rod.current_A': 90 };
    expect(room('generator', { ...at, 'power.supplyId': 'hand-set' })?.state).toBe('none');
    expect(room('generator', { ...at, 'power.supplyId': 'barge-set' })?.state).not.toBe('none');
  });

  test('height and heat take from a generator; surge counts where it is the tightest', () => {
    // Generator practice, from memory: 3.5 % for 300 m over the first 300, 2 % for 5.5 K over 25 °C.
    expect(engineShare(600, 25)).toBeCloseTo(0.965, 9);
    expect(engineShare(0, 36)).toBeCloseTo(0.96, 9);
    expect(engineShare(null, null)).toBe(1);
    const weak = DEMO_KIT.supplies.findIndex(({ id }) => id === 'barge-set');
    const kit = setPath(DEMO_KIT, `supplies.${weak}`, {
      ...DEMO_KIT.supplies[weak],
      rating_kVA: null,
      rating_kW: null,
      surge_kVA: 5,
    });
    const surge = room('generator', { 'power.supplyId': 'barge-set' }, kit);
    expect(surge?.limit?.nominal).toBe(5);
    expect(surge?.until).toMatch(/stands 5 kVA/);
  });

  test('a machine that makes its own power has no breaker, plug, cord or generator', () => {
    const ids = judged({ 'power.machineId': 'battery-120' }).rooms.map(({ id }) => id);
    for (const id of ['breaker', 'inrush', 'plug', 'cord', 'cord-heat', 'generator', 'supply-fit'])
      expect(ids).not.toContain(id);
    expect(ids).toContain('charge');
  });
});

describe('fewer amps, and a shorter cord', () => {
  test('never take from cord, leads or generator', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 140 }),
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 2, max: 40 }),
        (amps, fewer, cord) => {
          const at = (a: number, length: number) =>
            judged({
              'power.supplyId': 'barge-set',
              'power.leadsId': 'leads-long',
              'rod.current_A': a,
              'power.cordLength_m': length,
            }).rooms;
          const left = (rooms: ReturnType<typeof at>, id: string) =>
            rooms.find((r) => r.id === id)?.left?.nominal ?? NaN;
          const [more, less, shorter] = [at(amps, cord), at(amps - fewer, cord), at(amps, cord / 2)];
          return ['cord', 'leads', 'generator'].every(
            (id) => left(less, id) >= left(more, id) - 1e-9 && left(shorter, id) >= left(more, id) - 1e-9,
          );
        },
      ),
      { numRuns: 40 },
    );
  });
});

describe('duty in hot air and dust', () => {
  test('both take minutes, say so, and blowing the dust out is a lever on it', () => {
    const clean = room('duty')?.limit?.nominal ?? NaN;
    const hot = room('duty', { 'look.air_C': 50 });
    const dirty = room('duty', { 'power.cooling': 'dirty' });
    expect(hot?.limit?.nominal).toBeLessThan(clean);
    expect(dirty?.limit?.nominal).toBeLessThan(clean);
    expect(hot?.reasons.map(({ words }) => words).join(' ')).toMatch(/50 °C of air/);
    expect(room('duty', { 'look.air_C': 10 })?.limit?.nominal).toBe(clean);
  });
});

describe('what a day takes', () => {
  test('energy is arc power over efficiency and cord, for as long as the arc burns, and the idle between', () => {
    const { situation } = judged();
    const work = dayWork(situation);
    const { timeline, plate, draw, current_A } = situation;
    if (!work || !timeline || !plate || !draw || !current_A) throw new Error('nothing to reckon');
    const arc_kW =
      (loadVoltage_V('stick', current_A.value) * current_A.value) /
      1000 /
      plate.efficiency.range.nominal /
      (1 - draw.dropShare.nominal);
    const idle_kW = (0.3 * plate.idle_A * 230) / 1000;
    const idle_s = timeline.elapsed_s - timeline.arc_s;
    expect(work.job_kWh.nominal).toBeCloseTo((arc_kW * timeline.arc_s + idle_kW * idle_s) / 3600, 9);
    expect(work.cost?.nominal).toBeCloseTo(0.3 * work.day_kWh.nominal, 9);
    expect(dayWork(judged({ 'joint.kind': null }).situation)).toBeNull();
  });

  test('twice the day takes twice as much', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3600, max: 36000 }), (day_s) => {
        const at = (s: number) => dayWork(judged({ 'power.day_s': s }).situation)?.day_kWh.nominal ?? NaN;
        return Math.abs(at(2 * day_s) / at(day_s) - 2) < 1e-9;
      }),
      { numRuns: 10 },
    );
  });

  test('a generator burns most of its fuel merely turning; diesel less than petrol', () => {
    // Small generator practice, from memory: a 5 kW petrol set about 2.6 l/h full and 1.6 half loaded.
    expect(litres_h('petrol', 5, 5)).toBeCloseTo(2.6, 1);
    expect(litres_h('petrol', 5, 2.5)).toBeCloseTo(1.6, 1);
    expect(litres_h('diesel', 5, 5)).toBeLessThan(litres_h('petrol', 5, 5));
    expect(dayWork(judged({ 'power.supplyId': 'barge-set' }).situation)?.fuel).toBe('diesel');
  });

  test('an engine-driven machine burns its own fuel, on no supply', () => {
    const kit = setPath(DEMO_KIT, 'machines.0', {
      ...DEMO_KIT.machines[0],
      type: 'engine',
      fuel: 'diesel',
      inputs: [],
    });
    const { situation } = judged({}, kit);
    const work = dayWork(situation);
    expect(situation.supply).toBeNull();
    expect(work?.fuel).toBe('diesel');
    expect(work?.fuel_l?.low).toBeGreaterThan(0);
    expect(work?.effective_A).toBeNull();
  });

  test('rods a charge: the more amps the fewer, and the job is held against them', () => {
    const at = (amps: number) =>
      dayWork(judged({ 'power.machineId': 'battery-120', 'rod.current_A': amps }).situation)?.rodsPerCharge;
    expect(at(70)?.nominal).toBeGreaterThan(0);
    expect(at(70)?.low).toBeLessThan(at(70)?.high ?? NaN);
    const charge = room('charge', { 'power.machineId': 'battery-120', 'joint.length_mm': 5000 });
    expect(charge?.state).toBe('none');
    const unread = setPath(DEMO_KIT, 'machines.2.battery_Wh', null);
    expect(room('charge', { 'power.machineId': 'battery-120' }, unread)?.state).toBe('unknown');
  });
});

describe('no arc', () => {
  const search = (symptom: SymptomId | null, found: Partial<Record<CheckId, string>> = {}, more = {}) =>
    searchArc(judged({ 'power.noArc.symptom': symptom, 'power.noArc.found': found, ...more }));

  test('looks at the clamp first, then leads, pole, volts, rod, supply, thermal lamp', () => {
    // Common practice.
    expect(search(null).checks.map(({ id }) => id)).toEqual(Object.keys(CHECKS));
    expect(search('nothing').next?.id).toBe('clamp');
  });

  test('what cannot show so goes last; what the plan speaks against goes before the rest', () => {
    const stops = search('stops').checks.map(({ id }) => id);
    expect(stops[0]).toBe('thermal');
    const ac = search('sparks', {}, { 'power.machineId': 'transformer-180', 'rod.rodClass': 'E6010' });
    expect(ac.checks.map(({ id }) => id).slice(0, 2)).toEqual(['clamp', 'pole']);
    expect(ac.checks.find(({ id }) => id === 'pole')?.suspect).not.toBe('');
  });

  test('every place is reached for every symptom, one after another, and then there is nowhere left', () => {
    for (const symptom of Object.keys(SYMPTOMS) as SymptomId[]) {
      const found: Partial<Record<CheckId, string>> = {};
      for (let next = search(symptom).next; next; next = search(symptom, found).next) {
        expect(found[next.id]).toBeUndefined();
        found[next.id] = 'fine';
      }
      expect(Object.keys(found)).toHaveLength(Object.keys(CHECKS).length);
    }
    expect(search('nothing', { clamp: 'found' })).toMatchObject({ next: null, found: { id: 'clamp' } });
  });

  test('says what this job should show: volts, amps, pole, and a cord with no working point', () => {
    const words = (id: CheckId, more = {}) =>
      search(null, {}, more)
        .checks.find((check) => check.id === id)
        ?.expect.join(' ') ?? '';
    expect(words('ocv')).toMatch(/72 V/);
    expect(words('supply')).toMatch(/230 V idle, about 2\d\d V at the machine/);
    expect(words('supply', { 'power.cordLength_m': 400, 'power.cordSize': 'mm2-1.5' })).toMatch(
      /no working point/,
    );
    expect(words('clamp', { 'rod.current_A': 100 })).toMatch(/At 100 A a good clamp loses 0\.1 V/);
  });
});
