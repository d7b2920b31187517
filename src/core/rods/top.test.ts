import fc from 'fast-check';
import { demoJob } from '../../../tests/support/demo';
import { fullTin } from '../../../tests/support/tins';
import { DEMO_KIT } from '../../demo/kit';
import { depositOf } from '../data/deposits';
import type { Kit } from '../formats/kit';
import { assess } from '../plan/assess';
import { makePlan } from '../plan/plan';
import { truckList } from '../plan/truck';
import { planBeads } from './beads';
import { rodsByKind } from './counts';
import { depositPerRod_mm3, handLays_mm2 } from './hand';
import { rodKinds, rodsToBring } from './kinds';

const FILL = { rodClass: 'E7018', size: '1/8', current_A: 120 } as const;
const TOP = { rodClass: 'E7014', size: '3/32', current_A: 90 } as const;
const HARD = { rodClass: 'EFeCr-A1A', size: '1/8', current_A: 110 } as const;

const KIT: Kit = {
  ...DEMO_KIT,
  machines: DEMO_KIT.machines.map((machine) => ({ ...machine, min_A: 10, max_A: 200 })),
  tins: [
    fullTin('E7018', '1/8', { printed: 'E7018-1 H4R' }),
    fullTin('E7014', '1/8'),
    fullTin('E309L-16', '3/32'),
    fullTin('EFeCr-A1A', '1/8'),
    fullTin('E6010', '1/8'),
  ],
};
const judged = (edits: Record<string, unknown>, kit = KIT) =>
  assess(
    demoJob('gangway-trolley', {
      'metal.sameBothSides': true,
      'metal.sideA.family': 'low-carbon-steel',
      'joint.sameThickness': true,
      'joint.kind': 'v-butt',
      'joint.thicknessA_mm': 12,
      'joint.thicknessB_mm': null,
      'joint.length_mm': 300,
      'joint.gap_mm': 3,
      'look.position': 'flat',
      'rod.rodClass': 'E7018',
      'rod.size': '1/8',
      'rod.cap': { rodClass: 'E7014', size: '1/8' },
      ...edits,
    }),
    kit,
  );
const room = (edits: Record<string, unknown>, id: string, kit = KIT) =>
  judged(edits, kit).rooms.find((one) => one.id === id);

describe('a rod of its own for the last layer', () => {
  test('lays the top and nothing else; the section stays full', () => {
    fc.assert(
      fc.property(fc.double({ min: 40, max: 400, noNaN: true }), fc.boolean(), (area_mm2, overlay) => {
        const plain = planBeads({ rod: FILL, area_mm2, length_mm: 300, overlay });
        const plan = planBeads({ rod: FILL, cap: TOP, area_mm2, length_mm: 300, overlay });
        const of = (size: string) => plan.passes.filter(({ rod }) => rod.size === size);
        const sum = (passes: readonly { area_mm2: number }[]) => passes.reduce((a, b) => a + b.area_mm2, 0);
        expect(sum(plan.passes)).toBeCloseTo(sum(plain.passes), 6);
        if (plain.passes.length < 2) expect(of('3/32')).toEqual([]);
        else {
          expect(of('3/32').length).toBeGreaterThan(0);
          // Once the top is begun, nothing is laid with the other rod.
          const first = plan.passes.findIndex(({ rod }) => rod.size === '3/32');
          expect(plan.passes.slice(first).every(({ rod }) => rod.size === '3/32')).toBe(true);
          for (const { area_mm2: bead } of of('3/32'))
            expect(bead).toBeLessThanOrEqual(handLays_mm2(TOP).largest + 1e-6);
        }
      }),
    );
  });

  // Common practice: no more than two layers of hard metal, more break off.
  test('is two layers of a face that is built up, one of a groove', () => {
    const layers = (overlay: boolean) =>
      planBeads({ rod: FILL, cap: HARD, area_mm2: 300, length_mm: 100, overlay }).passes.filter(
        ({ rod }) => rod.rodClass === HARD.rodClass,
      );
    const area = (overlay: boolean) => layers(overlay).reduce((a, b) => a + b.area_mm2, 0);
    expect(area(true) / area(false)).toBeCloseTo(2, 1);
  });

  test('one layer has no top: the plan says so and lays it with the rod', () => {
    const thin = judged({
      'joint.kind': 't-fillet',
      'joint.leg_mm': 4,
      'joint.thicknessA_mm': 6,
      'joint.gap_mm': 0,
    });
    expect(thin.situation.beads?.passes.map(({ rod }) => rod.rodClass)).toEqual(['E7018']);
    expect(JSON.stringify(makePlan(thin).steps)).not.toMatch(/for the top/);
  });

  test('its rods are counted apart, by what one rod lays', () => {
    const { beads } = judged({}).situation;
    const kinds = beads ? rodsByKind(beads) : [];
    expect(kinds.map(({ rodClass }) => rodClass)).toEqual(['E7018', 'E7014']);
    const top = beads?.passes.filter(({ rod }) => rod.rodClass === 'E7014') ?? [];
    const volume = top.reduce((sum, { area_mm2 }) => sum + area_mm2 * 300, 0);
    expect(kinds[1]?.rods).toBeCloseTo(volume / depositPerRod_mm3('E7014', '1/8'), 6);
    expect(room({}, 'rods')?.now).toMatch(/^needs \d+ E7018 1\/8 and \d+ E7014 1\/8$/);
    expect(JSON.stringify(makePlan(judged({})).steps)).toMatch(/Rod for the top.*E7014 1\/8 in/);
  });

  test('is shut where the metal does not take it, or where it brings more hydrogen than it stands', () => {
    expect(room({}, 'other-rods')?.state).toBe('roomy');
    expect(room({ 'rod.cap': { rodClass: 'E4043', size: '1/8' } }, 'other-rods')).toMatchObject({
      state: 'none',
      gap: 'not for this metal',
    });
    const hard = { 'metal.sideA.family': 'low-alloy-steel' };
    expect(room({ ...hard, 'rod.cap': { rodClass: 'E6010', size: '1/8' } }, 'other-rods')?.state).toBe(
      'none',
    );
    // A basic top out of a tin of which nobody knows how long it stood open may be damp, as for the main rod; a soft one may not matter.
    const now = { 'look.startAt': '2026-03-02T08:00:00.000Z' };
    const opened = fullTin('E8018-C3', '1/8', { openedAt: '2026-01-01T08:00:00.000Z' });
    const damp = { ...KIT, tins: [...KIT.tins, opened] };
    const top = (rodClass: string) => ({ ...hard, ...now, 'rod.cap': { rodClass, size: '1/8' } });
    expect(room(top('E8018-C3'), 'other-rods', damp)?.reasons[0]?.words).toMatch(/ml in 100 g/);
    expect(
      room({ ...top('E309L-16'), 'rod.cap': { rodClass: 'E309L-16', size: '3/32' } }, 'other-rods', damp)
        ?.reasons.map(({ words }) => words)
        .join(' '),
    ).not.toMatch(/ml in 100 g/);
    // A cellulosic root under a basic fill is everyday work in plain plate (common practice).
    const root = {
      'rod.cap': { rodClass: null, size: null },
      'rod.root': { rodClass: 'E6010', size: '1/8' },
    };
    expect(room(root, 'other-rods')?.state).toBe('roomy');
    const shut = room({ ...hard, ...root }, 'other-rods');
    expect(shut?.state).toBe('none');
    expect(shut?.reasons.map(({ words }) => words).join(' ')).toMatch(
      /brings \d+ to \d+ ml in 100 g; \d+ are stood/,
    );
  });

  // AWS A5.1, from memory: E7018 runs on DCEP or AC, E6012 on DCEN or AC: the top has a pole of its own.
  test('has a pole of its own where it does not run on the plan’s', () => {
    const { cap, pole } = judged({ 'rod.cap': { rodClass: 'E6012', size: '1/8' } }).situation;
    expect(pole?.value).toBe('DCEP');
    expect(cap?.pole).toBe('DCEN');
    expect(judged({}).situation.cap?.pole).toBeNull();
  });

  test('is shut on a machine that does not carry it', () => {
    const weak = { ...KIT, machines: KIT.machines.map((machine) => ({ ...machine, max_A: 140 })) };
    const thick = { ...weak, tins: [...KIT.tins, fullTin('E7018', '3/16')] };
    expect(room({ 'rod.cap': { rodClass: 'E7018', size: '3/16' } }, 'other-rods', thick)).toMatchObject({
      state: 'none',
      gap: 'more amps than the machine gives',
    });
  });
});

describe('two rods in one weld', () => {
  const unlike = {
    'metal.sameBothSides': false,
    'metal.sideB.family': 'austenitic-stainless',
    'joint.thicknessB_mm': 12,
    'rod.rodClass': 'E309L-16',
    'rod.size': '3/32',
  };
  // Schaeffler, 1949, as it is read: plain steel on stainless weld metal is diluted into the martensite field.
  test('plain steel over stainless comes out hard; more of the same does not', () => {
    const over = { ...unlike, 'rod.cap': { rodClass: 'E7018', size: '1/8' } };
    expect(room(over, 'two-rods')?.state).toBe('none');
    expect(room(over, 'two-rods')?.gap).toMatch(/hard/);
    expect(room(over, 'other-rods')?.state).toBe('none');
    expect(room({ ...unlike, 'rod.cap': { rodClass: null, size: null } }, 'two-rods')).toBeUndefined();
    expect(room({}, 'two-rods')?.state).toBe('roomy');
  });

  // By hand: the top melts so much of what lies under it, and is its own metal for the rest.
  test('what a pass comes to is its rod and what it melts of the layer under it', () => {
    const { mix } = judged({ ...unlike, 'rod.cap': { rodClass: 'E7018', size: '1/8' } }).situation;
    const top = mix?.passes.find(({ rodClass }) => rodClass === 'E7018');
    const under = mix?.passes.filter(({ rodClass }) => rodClass === null).at(-1);
    const share = top?.dilution ?? NaN;
    const own = depositOf('E7018').percent.Cr ?? 0;
    expect(share).toBeCloseTo(mix?.dilution.nominal ?? NaN, 9);
    expect(top?.weld.percent.Cr).toBeCloseTo(share * (under?.weld.percent.Cr ?? NaN) + (1 - share) * own, 6);
  });

  test('hard metal on a face that is built up is hard by make, and no fault', () => {
    const pad = {
      'joint.kind': 'pad',
      'joint.padWidth_mm': 60,
      'joint.padHeight_mm': 9,
      'joint.length_mm': 200,
      'rod.cap': { rodClass: 'EFeCr-A1A', size: '1/8' },
    };
    expect(room(pad, 'two-rods')?.state).toBe('roomy');
    expect(room(pad, 'other-rods')?.state).toBe('roomy');
    const kinds = rodsToBring(judged(pad).situation).map(({ rodClass }) => rodClass);
    expect(kinds).toEqual(['E7018', 'EFeCr-A1A']);
  });
});

describe('a butter', () => {
  const pair = {
    'metal.sameBothSides': false,
    'metal.sideA.family': 'medium-carbon-steel',
    'metal.sideB.family': 'austenitic-stainless',
    'joint.thicknessB_mm': 12,
    'rod.rodClass': null,
    'rod.size': null,
    'rod.cap': { rodClass: null, size: null },
    'weld.butter': true,
  };
  test('is counted with its own rods in limits and on the list for the truck, before those of the joint', () => {
    const { situation } = judged(pair);
    expect(situation.butter?.rodClass).toBeDefined();
    const [first, ...rest] = rodKinds(situation);
    expect(first).toMatchObject({ use: 'butter', rodClass: situation.butter?.rodClass });
    expect(rest.every(({ use }) => use === 'joint')).toBe(true);
    // Two layers of 5 mm on a face of 12 mm (common practice), by what one rod lays of it.
    const butter = situation.butter;
    const volume = 12 * 5 * 300;
    expect(butter?.rods).toBeCloseTo(
      volume / depositPerRod_mm3(butter?.rodClass ?? 'E309L-16', butter?.size ?? '3/32'),
      6,
    );
    const needed = rodsToBring(situation).reduce((sum, { rods }) => sum + rods, 0);
    const load = truckList([judged(pair).situation.entered], KIT).rods.reduce(
      (sum, rod) => sum + rod.needed,
      0,
    );
    expect(load).toBeGreaterThanOrEqual(needed);
    expect(judged({ ...pair, 'weld.butter': false }).situation.butter).toBeNull();
  });
});
