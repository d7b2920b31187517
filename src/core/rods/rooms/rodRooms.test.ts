import { demoJob } from '../../../../tests/support/demo';
import { DEMO_KIT } from '../../../demo/kit';
import type { Job } from '../../formats/job';
import type { Kit, TinEvent } from '../../formats/kit';
import { assess } from '../../plan/assess';
import { findLevers } from '../../plan/levers/levers';
import { aluminiumFloor_A } from '../../heat/fusion';
import { compareSizes } from '../../plan/sizes';

const NOON = Date.UTC(2026, 2, 2, 12);
const room = (job: Job, id: string, kit: Kit = DEMO_KIT, now_ms: number | null = NOON) =>
  assess(job, kit, 'metric', now_ms).rooms.find((r) => r.id === id);

/** The yard's kit with its thick 7018 out of the oven for so long at noon. */
const outFor = (hours: number, more: readonly TinEvent[] = []): Kit => ({
  ...DEMO_KIT,
  tins: DEMO_KIT.tins.map((tin) =>
    tin.id === '7018-18'
      ? {
          ...tin,
          printed: '7018',
          events: [
            { kind: 'opened' as const, at: new Date(NOON - hours * 3_600_000).toISOString() },
            ...more,
          ],
        }
      : tin,
  ),
});
const WITH_7018 = { 'rod.rodClass': 'E7018', 'rod.size': '1/8' };

const HARD = { ...WITH_7018, 'metal.sideA.family': 'low-alloy-steel' };

describe('fusion of like plates', () => {
  // Common practice: 1/8 6013 at 90 A on 12 mm is near to lying on top, at 115 A it fuses well; sheet is asked for depth instead.
  test('is tight at the cold end on thick plate, has room in the middle, and is not asked of sheet', () => {
    const at = (thickness_mm: number, amps: number) =>
      room(
        demoJob('ramp-guard', {
          'joint.kind': 't-fillet',
          'joint.thicknessA_mm': thickness_mm,
          'joint.sameThickness': true,
          'rod.rodClass': 'E6013',
          'rod.size': '1/8',
          'rod.current_A': amps,
        }),
        'fusion-floor',
      )?.state;
    expect([at(12, 90), at(12, 115), at(3, 90)]).toEqual(['tight', 'roomy', undefined]);
  });
});

describe('fusion of thick aluminium', () => {
  const at = (thickness_mm: number, more: Record<string, unknown>) =>
    room(
      demoJob('ramp-guard', {
        'metal.sideA.family': 'al-6xxx',
        'metal.sameBothSides': true,
        'joint.kind': 't-fillet',
        'joint.thicknessA_mm': thickness_mm,
        'joint.sameThickness': true,
        'rod.rodClass': 'E4043',
        'rod.size': '1/8',
        ...more,
      }),
      'fusion-floor',
    )?.state;

  // Common practice: 5 mm at 85 to 115 A; 12 mm cold wants 130 to 165, and 110 A only once it is warm.
  test('a cold one wants more amps than a warm one; sheet is asked for holes instead', () => {
    expect(at(12, { 'rod.current_A': 85, 'heat.preheat_C': 20 })).toBe('none');
    expect(at(12, { 'rod.current_A': 110, 'heat.preheat_C': 20 })).toBe('tight');
    expect(at(12, { 'rod.current_A': 118, 'heat.preheat_C': 110 })).not.toBe('none');
    expect(aluminiumFloor_A(12, 20).nominal).toBeGreaterThan(110);
    expect(aluminiumFloor_A(12, 20).nominal).toBeLessThan(130);
    expect(aluminiumFloor_A(12, 100).nominal).toBeLessThan(110);
    expect(at(5, { 'rod.current_A': 100 })).toMatch(/snug|roomy/);
    expect(at(2, { 'rod.current_A': 50 })).toBeUndefined();
  });
});

describe('rods out of the oven', () => {
  test('damp aluminium rods bring pores: marked, and nothing is said of dry ones (common practice)', () => {
    const job = demoJob('ramp-guard', {
      'metal.sideA.family': 'al-6xxx',
      'rod.rodClass': 'E4043',
      'rod.size': '1/8',
    });
    const open = (hours: number): Kit => ({
      ...DEMO_KIT,
      tins: DEMO_KIT.tins.map((tin) =>
        tin.rodClass === 'E4043'
          ? { ...tin, events: [{ kind: 'opened', at: new Date(NOON - hours * 3_600_000).toISOString() }] }
          : tin,
      ),
    });
    expect(room(job, 'exposure', open(24 * 365))).toMatchObject({
      state: 'tight',
      gap: 'damp: pores where beads begin',
    });
    expect(room(job, 'exposure', open(0.2))).toBeUndefined();
  });

  test('the job has to fit into what is left of four hours (AWS D1.1, from memory)', () => {
    expect(room(demoJob('ramp-guard', WITH_7018), 'exposure', outFor(1))?.state).toBe('roomy');
    expect(room(demoJob('ramp-guard', HARD), 'exposure', outFor(3.98))?.state).toBe('none');
    expect(room(demoJob('ramp-guard', HARD), 'exposure', outFor(5))?.left?.nominal).toBeLessThan(-60);
  });

  test('damp rods on thin plain steel are marked, not shut; wet ones are shut (common practice)', () => {
    expect(room(demoJob('ramp-guard', WITH_7018), 'exposure', outFor(12))).toMatchObject({
      state: 'tight',
      gap: 'damp: pores where beads begin',
    });
    const thick = { ...WITH_7018, 'joint.thicknessA_mm': 25, 'joint.sameThickness': true };
    expect(room(demoJob('ramp-guard', thick), 'exposure', outFor(12))?.state).toBe('none');
    const wet = outFor(1, [{ kind: 'wet', at: new Date(NOON - 1000).toISOString() }]);
    expect(room(demoJob('ramp-guard', WITH_7018), 'exposure', wet)?.state).toBe('none');
  });

  test('it is judged for when the arc is struck, not for now', () => {
    const later = { ...HARD, 'look.startAt': new Date(NOON + 4 * 3_600_000).toISOString() };
    expect(room(demoJob('ramp-guard', later), 'exposure', outFor(1))).toMatchObject({
      state: 'none',
      now: expect.stringMatching(/when you start/),
    });
  });

  test('nothing written down is not known; with no clock at all nothing is said', () => {
    const thin = { 'rod.rodClass': 'E7018', 'rod.size': '3/32' };
    expect(room(demoJob('ramp-guard', thin), 'exposure')?.state).toBe('unknown');
    expect(room(demoJob('ramp-guard', thin), 'exposure', DEMO_KIT, null)).toBeUndefined();
    expect(
      room(demoJob('ramp-guard', { 'rod.rodClass': 'E6013', 'rod.size': '1/8' }), 'exposure'),
    ).toBeUndefined();
  });

  test('left to choose, the app leaves wet rods in their tin', () => {
    const wet = outFor(1, [{ kind: 'wet', at: new Date(NOON - 1000).toISOString() }]);
    expect(assess(demoJob('ramp-guard'), wet, 'metric', NOON).situation.rod?.value).not.toMatchObject({
      rodClass: 'E7018',
      size: '1/8',
    });
  });
});

describe('hydrogen', () => {
  test('steel that hardens stands a dry basic rod and not a damp one (common practice)', () => {
    expect(room(demoJob('ramp-guard', HARD), 'hydrogen', outFor(1))?.left?.nominal).toBeGreaterThan(0);
    expect(room(demoJob('ramp-guard', HARD), 'hydrogen', outFor(9))?.state).toBe('none');
  });

  test('a tin whose days nobody wrote down: not known on thick plain steel, shut on steel that hardens', () => {
    const thick = {
      'rod.rodClass': 'E7018',
      'rod.size': '3/32',
      'joint.thicknessA_mm': 25,
      'joint.sameThickness': true,
    };
    expect(room(demoJob('ramp-guard', thick), 'hydrogen')).toMatchObject({
      state: 'unknown',
      gap: 'dry or damp?',
    });
    const hardens = { ...thick, 'metal.sideA.family': 'low-alloy-steel' };
    expect(room(demoJob('ramp-guard', hardens), 'hydrogen')?.state).toBe('none');
  });

  test('thin plain steel does not mind; stainless rods keep it to themselves', () => {
    expect(room(demoJob('ramp-guard', WITH_7018), 'hydrogen', outFor(9))).toBeUndefined();
    expect(room(demoJob('winch-pawl'), 'hydrogen')).toBeUndefined();
  });
});

describe('thin to thick', () => {
  test('1/16 to 1/4 with the angle split: the floor stands over the ceiling; leaned, a window opens (common practice)', () => {
    const bisected = demoJob('vent-cowl');
    expect(
      room(bisected, 'fusion-floor')
        ?.reasons.map(({ words }) => words)
        .join(),
    ).toMatch(/No window/);
    const flicked = demoJob('vent-cowl', { 'rod.aim': 'flick' });
    expect(
      room(flicked, 'fusion-floor')
        ?.reasons.map(({ words }) => words)
        .join(),
    ).not.toMatch(/No window/);
  });

  test('1/8 to 1/4 with 5/64 is easy (common practice)', () => {
    const easy = demoJob('vent-cowl', { 'joint.thicknessA_mm': 3.2, 'rod.aim': 'lean', 'rod.current_A': 50 });
    expect(room(easy, 'fusion-floor')?.left?.nominal).toBeGreaterThan(0);
    expect(room(easy, 'burn-through')?.left?.low).toBeGreaterThan(0);
  });
});

describe('depth at the root', () => {
  const butt = { 'joint.kind': 'square-butt', 'joint.thicknessA_mm': 10, 'joint.gap_mm': 0 };
  test('a tight square butt of 10 mm from one side is not gone through; a V is', () => {
    const square = demoJob('ramp-guard', { ...butt, 'look.access': 'one-side' });
    expect(room(square, 'penetration')?.state).toBe('none');
    const bevel = findLevers(square, DEMO_KIT).find(({ id }) => id === 'bevel');
    expect(bevel?.effects.find(({ roomId }) => roomId === 'penetration')?.after).not.toBe('none');
  });

  test('from both sides half of it is enough', () => {
    const asked = (access: string) =>
      room(demoJob('ramp-guard', { ...butt, 'look.access': access }), 'penetration')?.limit?.nominal ?? NaN;
    expect(asked('both')).toBeCloseTo(asked('one-side') / 2, 9);
  });
});

describe('position, reach and bead', () => {
  test('7024 stays flat; a 5/32 overhead is marked (common practice)', () => {
    const with7024 = { 'rod.rodClass': 'E7024', 'rod.size': '1/8', 'look.position': 'vertical' };
    expect(room(demoJob('ramp-guard', with7024), 'position')?.state).toBe('none');
    const thick = { 'rod.rodClass': 'E7018', 'rod.size': '5/32', 'look.position': 'overhead' };
    expect(room(demoJob('ramp-guard', thick), 'position')?.state).toBe('tight');
  });

  test('rod and hand get in, get in bent, or do not; behind a mirror it has to be measured', () => {
    const free = (mm: number | null, access = 'both') =>
      room(demoJob('ramp-guard', { 'look.clearance_mm': mm, 'look.access': access }), 'reach')?.state;
    expect([free(900), free(400), free(200)]).toEqual(['roomy', 'tight', 'none']);
    expect(free(null, 'blind')).toBe('unknown');
    expect(free(null)).toBeUndefined();
  });

  test('a bead that no hand lays is marked', () => {
    const fat = demoJob('pier-ladder', { 'rod.beadCount': 2 });
    expect(room(fat, 'bead-size')).toMatchObject({ state: 'tight', gap: expect.stringMatching(/too fat/) });
    expect(room(demoJob('pier-ladder'), 'bead-size')?.state).toBe('roomy');
  });
});

describe('where rods run out', () => {
  test('backstep on the trolley: one rod a side, with bead to spare', () => {
    expect(room(demoJob('gangway-trolley'), 'run-out')?.left?.nominal).toBeGreaterThan(30);
  });

  test('every size of the class is judged: a thicker rod reaches farther', () => {
    const sizes = compareSizes(assess(demoJob('ramp-guard', WITH_7018), DEMO_KIT, 'metric', NOON));
    expect(sizes.map(({ size }) => size)).toEqual(['5/64', '3/32', '1/8', '5/32', '3/16']);
    expect(sizes.filter(({ taken }) => taken).map(({ size }) => size)).toEqual(['1/8']);
    for (const row of sizes) expect(row.rods).toBeGreaterThan(0);
  });

  test('a tin that is short is finished with another size, and the room says both', () => {
    const few: Kit = {
      ...DEMO_KIT,
      tins: DEMO_KIT.tins.map((tin) => (tin.id === '7018-332' ? { ...tin, count: 2 } : tin)),
    };
    const short = demoJob('gangway-trolley');
    expect(room(short, 'rods', few)?.state).toBe('none');
    const mix = findLevers(short, few).find(({ id }) => id === 'mix-sizes');
    expect(mix?.effects.find(({ roomId }) => roomId === 'rods')?.after).not.toBe('none');
    expect(room(demoJob('gangway-trolley', { 'rod.mix': true }), 'rods', few)?.now).toMatch(
      /3\/32 and .* 1\/8/,
    );
  });
});
