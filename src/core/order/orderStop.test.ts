import fc from 'fast-check';
import { demoJob } from '../../../tests/support/demo';
import { bestClamps } from '../field/bestClamps';
import { DEMO_KIT } from '../../demo/kit';
import type { Job } from '../formats/job';
import { assess } from '../plan/assess';
import { findLevers } from '../plan/levers/levers';
import { makePlan } from '../plan/plan';
import { orderInWords } from './orderPlan';
import { presetOf, usualMove_mm } from './pullPlan';
import { remediesFor } from '../plan/remedies';

const room = (job: Job, id: string) => assess(job, DEMO_KIT).rooms.find((r) => r.id === id);
/** The plate on which the field was fitted, as a job: 300 x 150, a butt along it, 7018 at 130 A. */
const plate = (edits: Record<string, unknown> = {}) =>
  demoJob('ramp-guard', {
    'joint.kind': 'pad',
    'joint.padWidth_mm': 20,
    'joint.padHeight_mm': 3,
    'joint.thicknessA_mm': 10,
    'joint.length_mm': 300,
    'heat.pieceLength_mm': 300,
    'heat.pieceWidth_mm': 150,
    'rod.rodClass': 'E7018',
    'rod.size': '1/8',
    'rod.current_A': 130,
    'order.clampAlong_mm': 20,
    'order.clampAside_mm': 20,
    ...edits,
  });

describe('arc blow as a room', () => {
  test('away from the clamp it has room, towards it the arc is lost (common practice)', () => {
    expect(['tight', 'snug', 'roomy', 'unknown']).toContain(room(plate(), 'arc-blow')?.state);
    const towards = room(plate({ 'order.travel': 'towards', 'rod.current_A': 150 }), 'arc-blow');
    expect(towards?.now).toMatch(/blown back/);
    expect(towards?.left?.nominal).toBeLessThan(0);
  });

  // Duplex is half ferrite: a magnet holds some pieces strongly and some weakly (common practice).
  test('on metal that a magnet holds or does not, the blow is a range down to that of a plate it does not hold', () => {
    const of = (family: string) =>
      room(
        plate({
          'metal.sideA.family': family,
          'metal.sameBothSides': true,
          'rod.rodClass': 'E309L-16',
          'rod.current_A': 90,
        }),
        'arc-blow',
      );
    const [steel, duplex, stainless] = ['low-carbon-steel', 'duplex-stainless', 'austenitic-stainless'].map(
      of,
    );
    expect(duplex?.value?.high).toBe(steel?.value?.high);
    expect(duplex?.value?.low).toBe(stainless?.value?.low);
    expect(stainless?.value?.low).toBeLessThan(steel?.value?.low ?? NaN);
    expect(duplex?.reasons.some(({ words }) => /Some pieces of it are held by a magnet/.test(words))).toBe(
      true,
    );
  });

  test('either pole is the same; alternating current nearly clears it', () => {
    const worst = (pole: string) =>
      assess(plate({ 'rod.pole': pole }), DEMO_KIT).situation.blow?.judged.worst.blown.field_G ?? NaN;
    expect(worst('DCEN')).toBe(worst('DCEP'));
    expect(worst('AC')).toBeCloseTo(worst('DCEP') / 10, 6);
  });

  test('a magnetised rail is told so, and that amps do not help', () => {
    const words = room(plate({ 'order.residual_G': 50 }), 'arc-blow')
      ?.reasons.map((reason) => reason.words)
      .join(' ');
    expect(words).toMatch(/50 G before any arc: severe: demagnetise/);
  });

  test('every lever that is offered for it changes it, and a fixed clamp is not moved', () => {
    const towards = plate({ 'order.travel': 'towards' });
    const ids = findLevers(towards, DEMO_KIT).map(({ id }) => id);
    expect(ids).toEqual(expect.arrayContaining(['travel-away', 'clamp-second', 'arc-short']));
    const fixed = findLevers(plate({ 'order.travel': 'towards', 'order.clampFixed': true }), DEMO_KIT);
    expect(fixed.some(({ id }) => id.startsWith('clamp-'))).toBe(false);
    expect(fixed.some(({ id }) => id === 'travel-alternate' || id === 'travel-away')).toBe(true);
  });

  test('remedies that position, rod or a fixed clamp forbid are struck out with why, never offered', () => {
    const { situation } = assess(plate({ 'order.clampFixed': true }), DEMO_KIT);
    const remedies = remediesFor(situation);
    const clamp = remedies.find(({ title }) => /other end/.test(title));
    expect(clamp).toMatchObject({ forbidden: 'The clamp cannot be moved.', lever: null });
    const vertical = plate({ 'order.travel': 'towards', 'look.position': 'vertical' });
    expect(
      remediesFor(assess(vertical, DEMO_KIT).situation).find(({ title }) => /away from/.test(title)),
    ).toMatchObject({ forbidden: 'A vertical seam is welded upwards.', lever: null });
    expect(findLevers(vertical, DEMO_KIT).some(({ id }) => id.startsWith('travel-'))).toBe(false);
    const dcOnly = remediesFor(
      assess(plate({ 'metal.sideA.family': 'al-6xxx', 'rod.rodClass': 'E4043' }), DEMO_KIT).situation,
    );
    expect(dcOnly.find(({ title }) => /Alternating/.test(title))?.forbidden).toMatch(/does not run on it/);
    expect(dcOnly.find(({ title }) => /tabs/.test(title))?.forbidden).toMatch(/No magnet/);
  });

  test('the best clamp place is at least as good as any that is tried by hand', () => {
    const { blow } = assess(plate(), DEMO_KIT).situation;
    if (!blow) throw new Error('no field');
    const { one, two } = bestClamps(blow.piece, blow.seam, blow.hold);
    expect(one[0]?.worst).toBeLessThanOrEqual(blow.judged.worst.blown.share + 0.05);
    expect(two[0]?.clamps).toHaveLength(2);
    for (const { worst } of one) expect(worst).toBeGreaterThanOrEqual(one[0]?.worst ?? NaN);
  });
});

describe('pull against what it may move', () => {
  const butt = {
    'joint.kind': 'v-butt',
    'joint.thicknessA_mm': 10,
    'joint.gap_mm': 3,
    'joint.length_mm': 300,
  };

  // EN ISO 13920, class G, from memory: 3 mm out of flat over 120 to 400 mm, 5.5 mm to 1 m, 9 mm to 2 m, 11 mm to 4 m.
  test('where nobody says, it is held to what is usual, which only warns; typed, it is held against that', () => {
    expect([
      usualMove_mm(120),
      usualMove_mm(400),
      usualMove_mm(1000),
      usualMove_mm(1500),
      usualMove_mm(3000),
    ]).toEqual([1.5, 3, 5.5, 9, 11]);
    expect(room(demoJob('ramp-guard', butt), 'transverse')).toMatchObject({ until: '3 mm is usual' });
    // Taken so where nobody measured: the flange of a tee, and a panel.
    const wide = (job: Job) => assess(job, DEMO_KIT).situation.pull.width_mm;
    expect(wide(demoJob('ramp-guard', { 'joint.kind': 't-fillet', 'heat.pieceWidth_mm': null }))).toBe(150);
    expect(wide(demoJob('ramp-guard', { ...butt, 'heat.pieceWidth_mm': null }))).toBe(400);
    const sheet = demoJob('vent-cowl', { 'heat.pieceWidth_mm': null });
    expect(room(sheet, 'buckle')?.state).not.toBe('none');
    expect(room(demoJob('ramp-guard', { ...butt, 'order.tolerance_mm': 0.2 }), 'transverse')?.state).toBe(
      'none',
    );
    expect(room(demoJob('ramp-guard', { ...butt, 'order.tolerance_mm': 20 }), 'transverse')?.state).toBe(
      'roomy',
    );
  });

  test('a leg bigger than it needs lifts the flange more (common practice: overwelding)', () => {
    const tee = { 'joint.kind': 't-fillet', 'heat.pieceWidth_mm': 150 };
    const lift = (leg: number) =>
      assess(demoJob('ramp-guard', { ...tee, 'joint.leg_mm': leg }), DEMO_KIT).situation.pull;
    expect(lift(8).angular_mm?.nominal).toBeGreaterThan(lift(4).angular_mm?.nominal ?? Infinity);
    const legs = lift(8).byLeg;
    expect(legs.map(({ what }) => what)).toEqual(['by rule', 'taken', 'half as much again']);
    for (let n = 1; n < legs.length; n++)
      expect(legs[n]?.lift_mm.nominal).toBeGreaterThan(legs[n - 1]?.lift_mm.nominal ?? NaN);
    // Weld metal goes with the square of the leg.
    expect(legs[2]?.metal).toBeCloseTo(2.25 * (legs[1]?.metal ?? NaN), 9);
  });

  test('a tee bows once its upright is measured, more on a longer weld', () => {
    const tee = { 'joint.kind': 't-fillet', 'heat.pieceWidth_mm': 150, 'order.tolerance_mm': 1 };
    expect(room(demoJob('ramp-guard', tee), 'bow')).toBeUndefined();
    const bent = (length: number) =>
      assess(demoJob('ramp-guard', { ...tee, 'order.web_mm': 80, 'joint.length_mm': length }), DEMO_KIT)
        .situation.pull.bow_mm?.nominal ?? NaN;
    expect(bent(1200)).toBeGreaterThan(bent(600));
  });

  test('pre-set: 1.75 mm at the edge of a half of 50 mm are two degrees (trigonometry)', () => {
    expect(presetOf({ low: 1.746, nominal: 1.746, high: 1.746 }, 100).nominal).toBeCloseTo(2, 2);
  });

  test('thin wide sheet may buckle, thick plate is not asked', () => {
    expect(room(demoJob('vent-cowl', { 'heat.pieceWidth_mm': 800 }), 'buckle')).toBeDefined();
    expect(room(demoJob('cradle-arm'), 'buckle')).toBeUndefined();
    // A tube holds itself.
    expect(room(demoJob('hatch-frame'), 'buckle')).toBeUndefined();
  });
});

describe('the order of a job', () => {
  const long = { 'joint.length_mm': 900, 'order.segment_mm': 100 };

  test('segments follow what is typed, never more than two dozen', () => {
    expect(
      assess(demoJob('ramp-guard', long), DEMO_KIT).situation.order?.question.heat.segments,
    ).toHaveLength(9);
    const many = assess(demoJob('ramp-guard', { ...long, 'joint.length_mm': 9000 }), DEMO_KIT).situation
      .order;
    expect(many?.question.heat.segments.length).toBeLessThanOrEqual(24);
  });

  test('the proposed order is the best of the named, and what the welder picks is kept', () => {
    const plan = assess(demoJob('ramp-guard', long), DEMO_KIT).situation.order;
    expect(plan?.taken.judged.score).toBe(Math.min(...(plan?.named.map(({ judged }) => judged.score) ?? [])));
    const own = assess(demoJob('ramp-guard', { ...long, 'order.pattern': 'straight' }), DEMO_KIT).situation
      .order;
    expect(own).toMatchObject({ by: 'you', taken: { id: 'straight' } });
  });

  test('an order of the welder’s own is gone by as long as it fits, and said with the way of every run', () => {
    const own = (kept: number[]) =>
      assess(demoJob('ramp-guard', { ...long, 'order.segment_mm': 300, 'order.pattern': kept }), DEMO_KIT)
        .situation.order;
    const both = own([3, -1, 2]);
    expect(both).toMatchObject({ by: 'you', outgrown: null, taken: { id: 'own' } });
    expect(orderInWords(both?.taken.judged.order ?? [])).toBe('3→, 1←, 2→');
    expect(orderInWords(own([-2, -1, -3])?.taken.judged.order ?? [])).toBe('2, 1, 3, each run to the left');
    for (const wrong of [
      [1, 2],
      [1, 2, 2],
      [1, 2, 4],
      [0, 1, 2],
    ])
      expect(own(wrong)).toMatchObject({ by: 'app', outgrown: wrong.length });
  });

  test('clamp, way and order stand on the sheet', () => {
    const plan = makePlan(assess(demoJob('ramp-guard', { ...long, 'order.clampAlong_mm': 40 }), DEMO_KIT));
    const step = plan.steps.find(({ title }) => title === 'Clamp and order');
    expect(step?.settings.find(({ label }) => label === 'Way')?.value).toBe('away from the clamp');
    expect(step?.actions.join(' ')).toMatch(/Clamp 40 mm from the left end/);
  });
});

describe('where runs begin', () => {
  const seam = { 'joint.length_mm': 400, 'order.segment_mm': 60 };
  const sheet = (edits: Record<string, unknown>) =>
    demoJob('vent-cowl', {
      'heat.pieceWidth_mm': 60,
      'heat.pieceLength_mm': 260,
      'order.pattern': 'straight',
      ...edits,
    });

  test('hot sheet holes where the rod is struck again, and sooner at more amps (common practice)', () => {
    const gentle = room(sheet({ 'rod.current_A': 22 }), 'start-heat');
    const hot = room(sheet({ 'rod.current_A': 30 }), 'start-heat');
    expect(hot?.until).toMatch(/holes at/);
    expect(hot?.left?.nominal).toBeLessThan(gentle?.left?.nominal ?? NaN);
  });

  test('the lever that begins coolest is offered where starts are hot', () => {
    const levers = findLevers(sheet({ 'rod.current_A': 30 }), DEMO_KIT);
    expect(levers.some(({ id }) => id.startsWith('order-'))).toBe(true);
  });

  test('tie-ins: straight through leaves every start bare, back-step only the first', () => {
    const ties = (pattern: string) =>
      room(demoJob('ramp-guard', { ...seam, 'order.pattern': pattern }), 'tie-ins');
    expect(ties('straight')).toMatchObject({ state: 'tight', value: { nominal: 7 } });
    expect(ties('backstep')).toMatchObject({ state: 'roomy', value: { nominal: 1 } });
  });

  test('the rest that the duty window asks is in the time between runs', () => {
    const question = (amps: number) =>
      assess(demoJob('ramp-guard', { ...seam, 'joint.length_mm': 3000, 'rod.current_A': amps }), DEMO_KIT)
        .situation.order?.question;
    expect(question(150)?.dutyRest_s).toBeGreaterThan(question(120)?.dutyRest_s ?? NaN);
    expect(question(150)?.heat.between_s).toBeGreaterThanOrEqual(question(150)?.dutyRest_s ?? NaN);
  });
});

describe('what is before the welder', () => {
  const kindOf = (job: Job) => assess(job, DEMO_KIT).situation.blow?.piece.kind;

  test('goes by the joint until it is said; what is said stands', () => {
    expect(kindOf(demoJob('pier-ladder'))).toBe('two-plates');
    expect(kindOf(demoJob('ramp-guard'))).toBe('tee');
    expect(kindOf(demoJob('gangway-trolley'))).toBe('ring');
    expect(kindOf(demoJob('pier-ladder', { 'order.piece': 'plate' }))).toBe('plate');
  });

  test('a frame: four corners, each judged, the clamp kept on its tubes, and squareness on the sheet', () => {
    const job = demoJob('hatch-frame', { 'order.clampAlong_mm': 300, 'order.clampAside_mm': 300 });
    const { blow, order } = assess(job, DEMO_KIT).situation;
    const [clamp] = blow?.piece.clamps ?? [];
    expect(clamp?.y === 25 || clamp?.y === 475 || clamp?.x === 25 || clamp?.x === 675).toBe(true);
    expect(order?.question).toMatchObject({ joined: false });
    expect(order?.taken.judged.order).toHaveLength(4);
    const words = makePlan(assess(job, DEMO_KIT))
      .steps.flatMap(({ actions }) => actions)
      .join(' ');
    expect(words).toMatch(/check both diagonals/);
  });

  test('pass by pass: gathered most at the root of a groove, less as it fills, and turned about there and back', () => {
    const { blow } = assess(demoJob('pier-ladder', { 'order.travel': 'alternate' }), DEMO_KIT).situation;
    const gathers = blow?.passes.map((pass) => pass.gathers) ?? [];
    expect(gathers[0]).toBe(1.5);
    for (let n = 1; n < gathers.length; n++) expect(gathers[n]).toBeLessThan(gathers[n - 1] ?? 0);
    expect(blow?.passes[1]?.travel).toBe(-(blow?.passes[0]?.travel ?? 0));
    expect(blow?.judged.worst.blown.share).toBeCloseTo(
      Math.max(...(blow?.passes.map(({ field_G, limit_G }) => field_G / limit_G) ?? [])),
    );
  });

  test('a magnetised piece: demagnetising is a remedy with its gain, fewer amps alone are not enough', () => {
    const { situation } = assess(plate({ 'order.residual_G': 45 }), DEMO_KIT);
    const cure = remediesFor(situation).find(({ lever }) => lever?.id === 'demagnetise');
    expect(cure?.buys).toMatch(/^\+\d+/);
    expect(
      remediesFor(assess(plate(), DEMO_KIT).situation).some(({ lever }) => lever?.id === 'demagnetise'),
    ).toBe(false);
  });

  test('runs at Rod and segments at Order are one order', () => {
    const { runs, order } = assess(
      demoJob('ramp-guard', { 'joint.length_mm': 600, 'order.pattern': 'skip' }),
      DEMO_KIT,
    ).situation;
    expect(runs?.order).toBe('skip');
    expect(runs?.runs.map(({ number }) => number)).toEqual(order?.taken.judged.order.map((_, n) => n + 1));
    expect(
      runs?.runs.reduce((sum, { start_mm, end_mm }) => sum + Math.abs(end_mm - start_mm), 0),
    ).toBeCloseTo(600, 6);
  });

  test('round a square tube by its sides only; a frame has a run to every corner at Rod too', () => {
    const tube = assess(demoJob('gangway-trolley'), DEMO_KIT).situation;
    expect(tube.order?.named.map(({ id }) => id).sort()).toEqual(['backstep', 'straight']);
    expect(tube.order?.taken.id).toBe(tube.runs?.order);
    const frame = assess(demoJob('hatch-frame'), DEMO_KIT).situation;
    expect(frame.runs?.runs.map(({ start_mm }) => start_mm / 70)).toEqual(
      frame.order?.taken.judged.order.map(({ index }) => index),
    );
    expect(frame.runs?.tieIns).toEqual([]);
  });

  test('on its root, two plates are one: the push across is that of the one plate', () => {
    const pushes = (piece: string, pass: number) =>
      assess(demoJob('pier-ladder', { 'order.piece': piece }), DEMO_KIT).situation.blow?.passes[
        pass
      ]?.under.map(({ push }) => push.y);
    expect(pushes('two-plates', 1)).toEqual(pushes('plate', 1));
    expect(pushes('two-plates', 0)).not.toEqual(pushes('plate', 0));
  });

  test('whatever sizes are typed, every kind of piece is answered with numbers (bad input)', () => {
    const size = fc.option(fc.integer({ min: 0, max: 20000 }), { nil: null });
    fc.assert(
      fc.property(
        fc.constantFrom('plate', 'two-plates', 'tee', 'ring', 'frame'),
        fc.array(size, { minLength: 8, maxLength: 8 }),
        (piece, [seam, tacks, web, long, wide, tube, along, aside]) => {
          const { blow, order } = assess(
            demoJob('pier-ladder', {
              'order.piece': piece,
              'order.seamSide_mm': seam,
              'order.tackEvery_mm': tacks === null ? null : Math.max(10, tacks ?? 10),
              'order.web_mm': web === null ? null : Math.max(5, web ?? 5),
              'order.frameLong_mm': long === null ? null : Math.max(60, long ?? 60),
              'order.frameWide_mm': wide === null ? null : Math.max(60, wide ?? 60),
              'order.tube_mm': tube === null ? null : Math.min(500, Math.max(10, tube ?? 10)),
              'order.clampAlong_mm': along,
              'order.clampAside_mm': aside === null ? null : (aside ?? 0) - 10000,
            }),
            DEMO_KIT,
          ).situation;
          for (const { push } of blow?.places ?? []) {
            expect(Number.isFinite(push.x)).toBe(true);
            expect(Number.isFinite(push.y)).toBe(true);
          }
          expect(Number.isFinite(order?.taken.judged.score)).toBe(true);
        },
      ),
      { numRuns: 60 },
    );
  });
});
