import fc from 'fast-check';
import { demoJob } from '../../../tests/support/demo';
import { areaInside, fillRegion, outlineOf } from '../joint/region';
import { jointGeometry } from '../joint/geometry';
import { boatTop_mm, excavationFor, removed_mm3, removing } from '../joint/excavation';
import { CAUSES, DAMAGE } from '../data/damage';
import { idsOf } from '../data/words';
import { DEMO_KIT } from '../../demo/kit';
import { assess } from '../plan/assess';
import { undercutOf } from '../plan/checks/byEye';
import { checksFor } from '../plan/checks/checks';
import { makePlan } from '../plan/plan';
import { applyEdits } from '../formats/edits';
import { blankJob, UNSEEN } from '../formats/blankJob';
import { editsOf, readSentence } from '../say/read';

/** A mild-steel part of 12 mm that carries load, all questions answered. */
const job = (edits: Record<string, unknown>) =>
  demoJob('gangway-trolley', {
    'metal.sameBothSides': true,
    'metal.sideA.family': 'low-carbon-steel',
    'joint.sameThickness': true,
    'joint.thicknessA_mm': 12,
    'joint.thicknessB_mm': null,
    'rod.duty': 'carries',
    ...edits,
  });
const CRACK = {
  'look.damage': 'cracked-metal',
  'joint.kind': 'gouge',
  'joint.length_mm': null,
  'repair.crackLength_mm': 80,
  'repair.crackDepth_mm': 6,
  'repair.found': 'dye',
};
const judged = (edits: Record<string, unknown>) => assess(job(edits), DEMO_KIT);
const room = (edits: Record<string, unknown>, id: string) => judged(edits).rooms.find((one) => one.id === id);
const said = (edits: Record<string, unknown>) =>
  makePlan(judged(edits))
    .steps.flatMap(({ title, actions, holds, settings, cautions }) => [
      title,
      ...actions,
      ...holds,
      ...cautions,
      ...settings.map(({ label, value }) => `${label}: ${value}`),
    ])
    .join('\n');

describe('taking a crack out', () => {
  // AWS D1.1, from memory: 2 in (50 mm) of sound metal past each end; and 5 mm that dye may miss at either end.
  test('goes 50 mm past both ends, a little deeper than the crack, with ends that ramp', () => {
    expect(excavationFor(job(CRACK))).toMatchObject({ length_mm: 80 + 2 * 55, depth_mm: 8, ramp_mm: 24 });
    expect(excavationFor(job({ ...CRACK, 'repair.found': null }))?.length_mm).toBe(80 + 2 * 75);
  });

  // By hand: round of 5 mm, sides 25° from upright: 2 (5 cos 25° + (8 - 5 (1 - sin 25°)) tan 25°) = 13.8.
  test('is as wide at the face as a rod wants', () => {
    expect(boatTop_mm(8)).toBeCloseTo(13.83, 1);
    expect(boatTop_mm(2)).toBeCloseTo(8, 6);
  });

  test('never deeper than the part, whatever is typed of the crack', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 60, noNaN: true }),
        fc.double({ min: 0.5, max: 80, noNaN: true }),
        (wall, deep) => {
          const cut = excavationFor(
            job({ ...CRACK, 'joint.thicknessA_mm': wall, 'repair.crackDepth_mm': deep }),
          );
          expect(cut?.depth_mm).toBeLessThanOrEqual(wall);
          expect(cut?.top_mm).toBeGreaterThan(0);
        },
      ),
    );
  });

  test('fills the blanks of the joint, and what is typed stands', () => {
    const { situation } = judged(CRACK);
    expect(situation.job.joint).toMatchObject({ depth_mm: 8, topWidth_mm: 14, length_mm: 190 });
    expect(situation.beads?.passes.length).toBeGreaterThan(0);
    const own = judged({ ...CRACK, 'joint.depth_mm': 10, 'joint.length_mm': 150 }).situation;
    expect(own.job.joint).toMatchObject({ depth_mm: 10, topWidth_mm: 16, length_mm: 150 });
  });

  test('the metal that comes out is the area of the cut as it is drawn, along its length', () => {
    const joint = {
      ...judged({ ...CRACK, 'joint.ramp_mm': 0.001 }).situation.job.joint,
      cap: 'none' as const,
    };
    const region = fillRegion(joint, jointGeometry(joint));
    const drawn = region ? areaInside(outlineOf(region)) : NaN;
    expect((removed_mm3(joint) ?? NaN) / (drawn * 190)).toBeCloseTo(1, 1);
  });

  // Common practice: a 125 mm disc takes one to three cubic centimetres of steel a minute. AWS C5.3 and handbooks, from memory: a carbon of
  // 1/4 in blows 9 lb of steel an hour away, which is 8.7 cm³ a minute with the arc on.
  test('costs time and discs', () => {
    const byDisc = removing(20_000, 'grinder');
    expect(byDisc.minutes.low).toBeGreaterThan(4);
    expect(byDisc.minutes.high).toBeLessThan(20);
    expect(byDisc.discs).toBe(1);
    expect(removing(130_000, 'grinder').discs).toBe(3);
    const byArc = removing(20_000, 'gouge');
    expect(byArc.minutes.low).toBeGreaterThan(20 / 8.7);
    expect(byArc.minutes.nominal).toBeLessThan(byDisc.minutes.nominal);
    expect(byArc.discs).toBeNull();
    expect(said({ ...CRACK, 'repair.remover': 'gouge' })).toMatch(/carbon is left in them/);
  });

  test('a thin wall under it warns, a cut through is told at its field', () => {
    expect(room({ ...CRACK, 'repair.crackDepth_mm': 8 }, 'wall-left')?.state).toBe('tight');
    expect(room({ ...CRACK, 'repair.crackDepth_mm': 6 }, 'wall-left')?.state).toBe('snug');
    // Common practice: under 3 mm a root falls through.
    expect(room({ ...CRACK, 'repair.crackDepth_mm': 7 }, 'wall-left')?.state).toBe('snug');
    expect(room({ ...CRACK, 'repair.crackDepth_mm': 3 }, 'wall-left')?.state).toBe('roomy');
    const { problems } = judged({ ...CRACK, 'joint.depth_mm': 15 });
    expect(problems).toMatchObject([
      { path: 'joint.depth_mm', message: expect.stringMatching(/deeper than the part\. Type 12 mm or less/) },
    ]);
  });
});

describe('what broke decides the plan', () => {
  test('a broken weld is taken out before a new one is laid', () => {
    const words = said({ 'look.damage': 'cracked-weld', 'joint.kind': 't-fillet' });
    expect(words).toMatch(/All of the old bead, cracked or not/);
    expect(words).toMatch(/Both ends are found and marked/);
    expect(words).toMatch(/Before metal goes out: unload it/);
    expect(said({ 'look.damage': 'new-part', 'joint.kind': 't-fillet' })).not.toMatch(
      /old bead|ends are found/,
    );
  });

  test('what holds it while it is open is said as it was chosen', () => {
    expect(said({ ...CRACK, 'repair.held': 'propped' })).toMatch(/While it is open: propped or slung/);
    expect(said({ ...CRACK, 'rod.duty': 'nothing' })).not.toMatch(/unload it|While it is open/);
  });

  // Common practice: a fatigue crack is not closed by the same weld at the same place.
  test('what small loads broke is marked till something is made better', () => {
    const fatigue = { ...CRACK, 'look.cause': 'fatigue' };
    expect(room(fatigue, 'breaks-again')?.state).toBe('tight');
    expect(said(fatigue)).toMatch(/breaks again/);
    const better = { ...fatigue, 'repair.better': 'doubler' };
    expect(room(better, 'breaks-again')?.state).toBe('roomy');
    expect(said(better)).toMatch(/no weld across the way it is loaded/);
    expect(room({ ...CRACK, 'look.cause': 'overload' }, 'breaks-again')).toBeUndefined();
  });

  test('ends found by eye alone do where nothing hangs on it, and warn where something does', () => {
    expect(room({ ...CRACK, 'repair.found': null }, 'crack-ends')?.state).toBe('unknown');
    expect(room({ ...CRACK, 'repair.found': 'eye' }, 'crack-ends')?.state).toBe('tight');
    expect(room({ ...CRACK, 'repair.found': 'eye', 'rod.duty': 'nothing' }, 'crack-ends')?.state).toBe(
      'roomy',
    );
    expect(room(CRACK, 'crack-ends')?.state).toBe('roomy');
    expect(room({ 'look.damage': 'new-part' }, 'crack-ends')).toBeUndefined();
  });

  // Each way of mending by what the trade says of it first (common practice).
  test.each([
    ['thin-sheet', 'lap', /Corners rounded/, /laps 25 mm/],
    ['worn-face', 'pad', /never over a crack/, /two or three hard layers/],
    ['worn-hole', 'plug', /Measure it across at four places/, /copper or graphite plug/],
    ['thread', 'plug', /nut over the stump/, /go black by itself/],
    ['blown-hole', 'v-butt', /do not run another bead over it/, /Two tries, then another way/],
    ['bent', 't-fillet', /never over 650 °C/, /replaced, not straightened/],
    ['new-part', 't-fillet', /halve it/, /where does it fly/],
  ] as const)('%s', (damage, kind, first, second) => {
    const words = said({ 'look.damage': damage, 'joint.kind': kind, 'joint.thicknessA_mm': 5 });
    expect(words).toMatch(first);
    expect(words).toMatch(second);
  });

  // Common practice of shaft repair: run-out before and after, opposite sides in turn, let down evenly.
  test('a part that turns is kept true, and tried by a dial; a bracket is not', () => {
    const shaft = { ...CRACK, 'metal.sideA.part': 'shaft' };
    expect(said(shaft)).toMatch(/opposite side, then a quarter turn/);
    expect(said(shaft)).toMatch(/Run-out is measured and written down before the first arc/);
    expect(said(shaft)).toMatch(/never over 650 °C/);
    expect(said({ ...shaft, 'metal.sideA.family': 'medium-carbon-steel' })).toMatch(
      /no heat to straighten this/,
    );
    expect(checksFor(judged(shaft).situation).map(({ id }) => id)).toContain('run-out');
    expect(said({ ...CRACK, 'metal.sideA.part': 'plate-bracket' })).not.toMatch(/running true/);
    expect(checksFor(judged(CRACK).situation).map(({ id }) => id)).not.toContain('run-out');
  });

  test('hardened steel is never straightened with heat', () => {
    const words = said({ 'look.damage': 'bent', 'metal.sideA.family': 'spring-steel' });
    expect(words).not.toMatch(/dull red/);
  });

  test('nothing of it stands where nobody said what broke, and nothing under a stop', () => {
    expect(said({ 'look.damage': null })).not.toMatch(/Find all of it|Take it out|Mark it out/);
    const stopped = makePlan(judged({ ...CRACK, 'look.stopWork': { cylinder: 'yes' } }));
    expect(stopped.verdict).toBe('stopped');
    expect(stopped.steps).toEqual([]);
  });

  test('every kind of damage and every cause is judged in words', () => {
    for (const damage of idsOf(DAMAGE))
      for (const cause of idsOf(CAUSES)) {
        const words = said({ 'look.damage': damage, 'look.cause': cause });
        expect(words).not.toMatch(/undefined|NaN|null/);
      }
  });
});

describe('what the repair is looked at for', () => {
  const checks = (edits: Record<string, unknown>) => checksFor(judged(edits).situation);
  const must = (edits: Record<string, unknown>) =>
    checks(edits)
      .filter((one) => one.must)
      .map(({ id }) => id);

  // AWS D1.1, from memory: undercut 1 mm under 25 mm of thickness, 2 mm from there, 0.25 mm across a load that comes and goes; sheet a tenth (common practice).
  test('undercut by thickness and by what the load does', () => {
    expect(undercutOf(12, false)).toBe(1);
    expect(undercutOf(30, false)).toBe(2);
    expect(undercutOf(12, true)).toBe(0.25);
    expect(undercutOf(1.5, false)).toBeCloseTo(0.15, 9);
    // AWS D1.1, from memory: pores together 3/8 in (10 mm) in an inch; 3/32 in (2.5 mm) once in 4 in (100 mm) where the load comes and goes.
    const eye = (edits: Record<string, unknown>) => checks(edits).find(({ id }) => id === 'eye')?.limit;
    expect(eye({})).toMatch(/pores together 10 mm in 25 mm/);
    expect(eye({ ...CRACK, 'look.cause': 'fatigue' })).toMatch(/one pore of 2\.5 mm in 100 mm/);
  });

  test('a crack is shown to be out before it is filled, and looked at again in use where small loads broke it', () => {
    expect(must(CRACK)).toEqual(expect.arrayContaining(['clear', 'eye', 'dye']));
    expect(must(CRACK)).not.toContain('use');
    expect(must({ ...CRACK, 'look.cause': 'fatigue' })).toContain('use');
    expect(checks(CRACK)[0]?.when).toBe('open');
  });

  test('hard steel is looked at again a day or two later, mild steel is not', () => {
    expect(must({ 'metal.sideA.family': 'medium-carbon-steel' })).toContain('late');
    expect(must({})).not.toContain('late');
  });

  test('dye, not powder, where no powder clings', () => {
    const name = (family: string) =>
      checks({ 'metal.sideA.family': family }).find(({ id }) => id === 'dye')?.name;
    expect(name('low-carbon-steel')).toMatch(/magnetic powder/);
    expect(name('austenitic-stainless')).toBe('Dye');
  });

  test('sheet that was holed is tried for leaks, never with air pressure', () => {
    const leak = checks({ 'look.damage': 'thin-sheet', 'joint.kind': 'lap', 'joint.thicknessA_mm': 2 }).find(
      ({ id }) => id === 'leak',
    );
    expect(leak?.how).toMatch(/Never air pressure/);
    expect(checks({}).some(({ id }) => id === 'leak')).toBe(false);
  });

  // AWS D1.1, from memory: a 6 mm (1/4 in) fillet may be 2.4 mm (3/32 in) under size over a tenth of its length.
  test('a leg by its gauge', () => {
    const leg = checks({ 'joint.kind': 't-fillet', 'joint.leg_mm': 6 }).find(({ id }) => id === 'leg');
    expect(leg?.limit).toMatch(/6 mm; over a tenth of its length 3\.6 mm/);
    const large = checks({ 'joint.kind': 't-fillet', 'joint.leg_mm': 10 }).find(({ id }) => id === 'leg');
    expect(large?.limit).toMatch(/6\.8 mm/);
  });

  test('what was found stands on the sheet with what was decided of it', () => {
    const words = said({
      ...CRACK,
      checks: {
        eye: { ...UNSEEN, result: 'good', words: '', decided: null, redone: 0 },
        dye: { ...UNSEEN, result: 'found', words: 'line at the toe', decided: 'redo', redone: 1 },
      },
    });
    expect(words).toMatch(/Look at all of it: good/);
    expect(words).toMatch(/line at the toe, to be done over/);
  });
});

describe('what broke, as it is said', () => {
  const damage = (text: string) =>
    readSentence(text, 'metric')
      .chips.flatMap(({ edits }) => edits)
      .find(({ path }) => path === 'look.damage')?.value;
  // Sentences of our own.
  test.each([
    ['quarter inch gusset broke off the post, weld let go', 'cracked-weld'],
    ['there is a 60 mm crack running from the bolt hole in the side plate', 'cracked-metal'],
    ['the pump arm snapped in two', 'snapped'],
    ['cabin floor rusted through by the door, 2 mm', 'thin-sheet'],
    ['pin hole is worn oval in the clevis', 'worn-hole'],
    ['cutting edge is worn, needs building up', 'worn-face'],
    ['manifold stud snapped off in the head', 'thread'],
    ['I blew a hole in the root at 4 o clock', 'blown-hole'],
    ['fit a new bracket on the mast, 6 mm plate', 'new-part'],
    ['the drawbar is bent', 'bent'],
    ['12 mm liner plate, crack at the edge', 'cracked-metal'],
    ['6 mm plate to 10 mm plate, vertical', undefined],
  ] as const)('%s', (text, id) => {
    expect(damage(text)).toBe(id);
  });
});

describe('sizes of what broke', () => {
  const filled = (text: string) =>
    applyEdits(blankJob('j', '2026-01-01T00:00:00.000Z'), editsOf(readSentence(text, 'metric').chips));

  test('how long a crack is, is not how thick the part', () => {
    const job = filled('16 mm side plate has a 120 mm crack running from the toe, overhead');
    expect(job.repair.crackLength_mm).toBe(120);
    expect(job.joint).toMatchObject({ thicknessA_mm: 16, kind: 'gouge' });
    expect(filled('crack of about 3 inches in 1/2 inch plate').repair.crackLength_mm).toBeCloseTo(76.2, 3);
    expect(filled('cracked lug, crack 50 mm, 20 mm thick').joint).toMatchObject({ thicknessA_mm: 20 });
  });

  test('a crack in a foot is no weld of a foot; a foot that came off is', () => {
    expect(filled('post foot, crack of 200 mm, 40 mm thick').joint.kind).toBe('gouge');
    expect(filled('foot came off the post, 8 mm').joint.kind).toBe('t-fillet');
  });

  test('a pipe is told by its outside, two thicknesses by what lies between them', () => {
    expect(filled('22 mm copper pipe').joint).toMatchObject({ pipeDiameter_mm: 22, thicknessA_mm: null });
    expect(filled('5 mm flat bar to 2 mm box section').joint).toMatchObject({
      thicknessA_mm: 5,
      thicknessB_mm: 2,
      sameThickness: false,
    });
    expect(filled('7018 eighth on 10 mm plate').rod).toMatchObject({ rodClass: 'E7018', size: '1/8' });
  });

  test('an arm of a digger calls up its question, rain too', () => {
    const raised = (text: string) => readSentence(text, 'metric').raised.map(({ id }) => id);
    expect(raised('excavator dipper, 20 mm')).toContain('boom');
    expect(raised('raining, 6 mm bracket')).toContain('dry');
  });
});
