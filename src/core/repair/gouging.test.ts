import { demoJob } from '../../../tests/support/demo';
import { CARBONS } from '../data/gouging';
import { DEMO_KIT } from '../../demo/kit';
import { assess } from '../plan/assess';
import { makePlan } from '../plan/plan';
import { removing } from '../joint/excavation';
import { truckList } from '../plan/truck';
import { gougingFor } from './gouging';

const CRACK = {
  'metal.sameBothSides': true,
  'metal.sideA.family': 'low-carbon-steel',
  'joint.sameThickness': true,
  'joint.thicknessA_mm': 20,
  'joint.thicknessB_mm': null,
  'rod.duty': 'carries',
  'look.damage': 'cracked-metal',
  'joint.kind': 'gouge',
  'joint.length_mm': null,
  'repair.crackLength_mm': 80,
  'repair.crackDepth_mm': 8,
  'repair.found': 'dye',
  'repair.remover': 'gouge',
};
const judged = (edits: Record<string, unknown> = {}, kit = DEMO_KIT) =>
  assess(demoJob('gangway-trolley', { ...CRACK, ...edits }), kit);
const room = (edits: Record<string, unknown>, id: string, kit = DEMO_KIT) =>
  judged(edits, kit).rooms.find((one) => one.id === id);
const out = (edits: Record<string, unknown> = {}) =>
  makePlan(judged(edits)).steps.find(({ title }) => title === 'Take it out');
const machines = (change: object) => ({
  ...DEMO_KIT,
  machines: DEMO_KIT.machines.map((machine) => ({ ...machine, ...change })),
});

describe('a cut by carbon arc', () => {
  // AWS C5.3 and handbooks, from memory: DC carbons of 5/32 at 90 to 150 A, 3/16 at 150 to 200, 1/4 at 200 to 400, 3/8 at 450 to 600; a
  // groove is 3 mm wider than its carbon, and no deeper than one and a half of it.
  test.each<[number, number, number, string | null, number]>([
    [600, 10, 30, '3/8', 1],
    [400, 10, 30, '5/16', 1],
    [300, 10, 30, '1/4', 2],
    [300, 9, 8, '3/16', 2],
    [160, 10, 14, '5/32', 2],
    [140, 13, 14, '5/32', 3],
    [600, 4, 3, '5/32', 1],
    [80, 10, 30, null, 0],
  ])('%i A, cut %i deep and %i wide: %s', (most_A, depth_mm, topWidth_mm, inches, layers) => {
    const by = gougingFor({ depth_mm, topWidth_mm }, most_A);
    expect(by?.carbon.inches ?? null).toBe(inches);
    expect(by?.layers ?? 0).toBe(layers);
    if (by) expect(by.amps.high).toBeLessThanOrEqual(most_A);
  });

  // 3.5, 5, 9, 12 and 20 lb of steel an hour (handbooks, from memory) at 7.85 g/cm3.
  test('blows away what handbooks say', () => {
    expect(CARBONS.map(({ mm3_min }) => Math.round((mm3_min * 7.85e-6 * 60 * 10) / 0.45359) / 10)).toEqual([
      3.5, 5, 9, 12, 20,
    ]);
  });

  // Handbooks, from memory: 80 to 100 psi (5.5 to 7 bar) at 25 to 33 cfm for full torches, 40 psi at 8 cfm for the smallest.
  // Common practice: of the time at the torch the arc is on for about half; 1/4 in carbons blow 8.7 cm3 a minute (as above).
  test('takes twice its arc time, and plasma about as long as handbooks say', () => {
    const by = gougingFor({ depth_mm: 8, topWidth_mm: 14 }, 300);
    expect(by?.mm3_min.nominal).toBeCloseTo(8700 / 2, -1);
    // 8 lb of steel an hour (handbooks, from memory) is 7.7 cm3 a minute.
    expect(removing(7700, 'plasma').minutes.nominal).toBeCloseTo(1, 1);
  });

  test('with the air its torch wants', () => {
    expect(gougingFor({ depth_mm: 8, topWidth_mm: 14 }, 300)?.air).toMatchObject({
      bar: { low: 5.5, high: 7 },
    });
    // 24 to 30 cfm at the torches for carbons up to 3/8 (handbooks, from memory).
    const full_cfm = (gougingFor({ depth_mm: 8, topWidth_mm: 14 }, 300)?.air.L_min ?? NaN) / 28.3;
    expect(full_cfm).toBeGreaterThan(24);
    expect(full_cfm).toBeLessThan(30);
    const small = gougingFor({ depth_mm: 8, topWidth_mm: 14 }, 120)?.air;
    expect(small?.bar.low).toBeCloseTo(40 * 0.0689, 0);
    expect(small?.L_min).toBeCloseTo(8 * 28.3, -1);
  });

  test('stands in the step with its carbon, amps, air and layers; the grinder brings none of it', () => {
    const labels = (edits: object) => out({ ...edits })?.settings.map(({ label }) => label) ?? [];
    expect(labels({})).toEqual(expect.arrayContaining(['Carbon', 'Amps', 'Air', 'Layers']));
    expect(labels({ 'repair.remover': 'grinder' })).not.toContain('Carbon');
    expect(out()?.actions.join(' ')).toMatch(/air on before the arc/);
    // Its own duty at the middle of the carbon's amps, by the plate.
    expect(out()?.actions.join(' ')).toMatch(/burns so for \d(\.\d)? minutes in ten/);
  });

  test('stands on the list for the truck with its carbons; a grinder with its discs', () => {
    const things = (by: string) =>
      truckList([judged({ 'repair.remover': by }).situation.job], DEMO_KIT).things.map(({ name }) => name);
    expect(things('gouge')).toContain('Carbon gouging torch and air, carbons 5/32 in');
    expect(things('grinder').join()).toMatch(/Grinder, 1 disc/);
    // What may be magnesium gets no arc of any kind.
    const unknown = judged({ 'metal.sideA.family': null }).situation.entered;
    expect(
      truckList([unknown], DEMO_KIT)
        .things.map(({ name }) => name)
        .join(),
    ).not.toMatch(/carbons/);
  });

  test('is shut on a machine that carries no carbon, or gives no direct current, with the way out', () => {
    expect(room({}, 'gouge-amps', machines({ max_A: 200, min_A: 10 }))?.state).not.toBe('none');
    const weak = room({}, 'gouge-amps', machines({ max_A: 80, min_A: 10 }));
    expect(weak).toMatchObject({ state: 'none', past: 'no carbon burns on it' });
    expect(weak?.ask).toMatch(/grinder/);
    expect(room({}, 'gouge-amps', machines({ poles: ['AC'] }))).toMatchObject({
      state: 'none',
      now: 'no DC+',
    });
    // No time is told for what cannot be done.
    const told = (max_A: number) =>
      makePlan(judged({}, machines({ max_A, min_A: 10 })))
        .steps.find(({ title }) => title === 'Take it out')
        ?.settings.map(({ label }) => label);
    expect(told(200)).toContain('Time');
    expect(told(80)).not.toContain('Time');
    expect(room({ 'repair.remover': null }, 'gouge-amps', machines({ max_A: 80 }))).toBeUndefined();
  });
});

describe('the cut on the part', () => {
  // AWS D1.1, from memory: 50 mm past each end, and 5 mm that dye may miss: 80 + 110 = 190 mm.
  test('runs out over an end where the part is shorter than crack and sound metal', () => {
    expect(room({ 'heat.pieceLength_mm': 189 }, 'cut-fits')).toMatchObject({
      state: 'tight',
      until: 'part 189 mm',
    });
    expect(room({ 'heat.pieceLength_mm': 191 }, 'cut-fits')?.state).toBe('roomy');
    expect(room({}, 'cut-fits')).toBeUndefined();
  });

  test.each<[string, Record<string, unknown>]>([
    ['repair.crackLength_mm', { 'heat.pieceLength_mm': 79 }],
    ['joint.length_mm', { 'joint.length_mm': 301, 'heat.pieceLength_mm': 300 }],
    ['joint.topWidth_mm', { 'joint.topWidth_mm': 60, 'heat.pieceWidth_mm': 50 }],
    ['repair.crackDepth_mm', { 'repair.crackDepth_mm': 21 }],
  ])('%s: more than the part has is told at its field', (path, edits) => {
    expect(judged(edits).problems).toMatchObject([
      { path, message: expect.stringMatching(/more than the part has, \d+ mm\. Type \d+ mm or less/) },
    ]);
    expect(judged().problems).toEqual([]);
  });

  // Common practice: from the longer side, and the other face looked at half-way.
  test('is begun from the face where the crack is longer, where both are reached', () => {
    const actions = (access: string) => out({ 'look.access': access })?.actions.join(' ');
    expect(actions('both')).toMatch(/From the face where the crack is longer.*look at the other face/);
    expect(actions('one-side')).toMatch(/From the face you reach\. Half through/);
  });

  test('is drawn from above with its length, width, ramps and the crack in it', () => {
    const drawn = out()?.drawing;
    expect(drawn?.says).toMatch(
      /cut 190 mm long, \d+ mm wide; ends run up over 30 mm; crack 80 mm, 55 mm past each end/,
    );
    const rim = drawn?.metal[1] ?? [];
    const xs = rim.map(([x]) => x);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(190, 6);
    const crack = drawn?.beads[0]?.map(([x]) => x) ?? [];
    expect(Math.max(...crack) - Math.min(...crack)).toBeCloseTo(80, 6);
  });
});
