import { demoJob } from '../../../tests/support/demo';
import type { Job } from '../formats/job';
import type { Kit } from '../formats/kit';
import { blankMachine, blankTool } from '../formats/blankKit';
import type { BareFillerId } from '../data/bareFillers';
import type { GasId } from '../data/gases';
import type { ToolId } from '../data/tools';
import { DEMO_JOBS } from '../../demo/jobs';
import { DEMO_KIT } from '../../demo/kit';
import { assess } from './assess';
import { betterBy, planBy } from './byProcess';
import { makePlan } from './plan';

const tool = (id: ToolId) => blankTool(`tool-${id}`, id);
/** The yard's kit with one machine in it and all that TIG and wire want. */
const kitOf = (machine: Partial<Kit['machines'][number]>): Kit => ({
  ...DEMO_KIT,
  machines: [
    {
      ...blankMachine('wire-200', 'Wire machine'),
      type: 'inverter-pfc',
      processes: ['gas-wire', 'cored-wire', 'tig'],
      poles: ['DCEP', 'DCEN', 'AC'],
      min_A: 10,
      max_A: 220,
      ...machine,
    },
  ],
  tools: [
    ...DEMO_KIT.tools.filter(({ tool: id }) => id !== 'tig-torch' && id !== 'shield-gas'),
    ...(['tig-torch', 'shield-gas', 'solid-wire', 'cored-wire'] as const).map(tool),
  ],
  bottles: [
    ...DEMO_KIT.bottles,
    { id: 'mix', gas: 'mix-20', size_l: 20, pressure_bar: 150, left_kg: null, note: '', typed: {} },
  ],
});
const WIRE = kitOf({});
/** A T-fillet of bright mild steel indoors, all questions answered. */
const bracket = (edits: Record<string, unknown> = {}): Job =>
  demoJob('gangway-trolley', {
    'look.place': 'indoors',
    'look.wind_m_s': 0.3,
    'look.surface': 'bright',
    'look.position': 'horizontal',
    'power.machineId': 'wire-200',
    'metal.sameBothSides': true,
    'metal.sideA.family': 'low-carbon-steel',
    'joint.kind': 't-fillet',
    'joint.thicknessA_mm': 3,
    'joint.sameThickness': true,
    'joint.leg_mm': null,
    'joint.length_mm': 300,
    ...edits,
  });
const by = (process: 'tig' | 'gas-wire' | 'cored-wire', edits = {}, kit = WIRE) =>
  planBy(assess(bracket(edits), kit), process);
const limit = (plan: ReturnType<typeof planBy>, title: string) =>
  plan.limits.find((one) => one.title === title);

describe('a machine that has no stick', () => {
  test('is never planned for it: the sheet has no room, and says what it does', () => {
    const assessment = assess(bracket(), WIRE);
    expect(assessment.rooms.find(({ id }) => id === 'stick-machine')).toMatchObject({ state: 'none' });
    expect(makePlan(assessment).verdict).toBe('no-room');
    expect(betterBy(assessment)?.process).toMatch(/wire|tig/);
  });

  test('stands behind one that has, where nobody chose', () => {
    const both = { ...WIRE, machines: [...WIRE.machines, ...DEMO_KIT.machines] };
    const { situation } = assess(bracket({ 'power.machineId': null }), both);
    expect(situation.machine?.value.processes).toContain('stick');
    const alone = assess(bracket({ 'power.machineId': null }), WIRE);
    expect(alone.situation.machine?.value.id).toBe('wire-200');
  });
});

describe('a job by another process', () => {
  test('is released with its settings where all of it holds', () => {
    const plan = by('gas-wire');
    expect(plan.halts).toEqual([]);
    expect(plan.verdict).toBe('ready');
    const set = plan.steps.find(({ title }) => title === 'Set it')?.settings ?? [];
    // 3 mm T-fillet, 0.9 mm wire: 110 to 142 A at 18 to 19.5 V, 5.2 m/min (common practice).
    expect(set.find(({ label }) => label === 'Volts')?.value).toMatch(/^1[789]/);
    expect(set.find(({ label }) => label === 'Wire')?.value).toBe('ER70S-6, 0.9 mm');
    expect(set.find(({ label }) => label === 'Pole')?.value).toMatch(/DCEP/);
  });

  test('in inches where the welder works in them, wires by their names', () => {
    const plan = planBy(assess(bracket(), WIRE, 'inch'), 'gas-wire');
    const said = plan.steps.flatMap(({ settings }) => settings.map(({ value }) => value)).join(' ');
    expect(said).toMatch(/0\.035 in[\s\S]*cfh[\s\S]*in\/min[\s\S]*kJ\/in/);
    expect(said).not.toMatch(/mm|l\/min/);
  });

  test('what practice never releases is not (common practice)', () => {
    // Short-circuit wire on 12 mm that carries load; TIG in 5 m/s; wire with gas in 3 m/s.
    expect(by('gas-wire', { 'joint.thicknessA_mm': 12, 'rod.duty': 'carries' }).verdict).toBe('no-room');
    expect(limit(by('gas-wire', { 'joint.thicknessA_mm': 12, 'rod.duty': 'carries' }), 'Fusion')?.state).toBe(
      'none',
    );
    const wall = { 'joint.thicknessA_mm': 7, 'rod.duty': 'carries', 'look.position': 'vertical' };
    expect(limit(by('gas-wire', wall), 'Fusion')?.state).toBe('tight');
    expect(limit(by('gas-wire', { 'joint.thicknessA_mm': 5 }), 'Fusion')).toBeUndefined();
    expect(
      limit(by('cored-wire', { 'joint.thicknessA_mm': 10, 'rod.duty': 'carries' }), 'Fusion')?.state,
    ).toBe('tight');
    expect(
      limit(by('cored-wire', { 'joint.thicknessA_mm': 14, 'rod.duty': 'carries' }), 'Fusion')?.state,
    ).toBe('none');
    expect(by('tig', { 'look.place': 'outdoors', 'look.wind_m_s': 5 }).verdict).toBe('no-room');
    expect(by('gas-wire', { 'look.place': 'outdoors', 'look.wind_m_s': 3.2 }).verdict).toBe('no-room');
    expect(by('cored-wire', { 'look.place': 'outdoors', 'look.wind_m_s': 3.2 }).verdict).toBe('ready');
  });

  test('upwards on plate that carries load; downwards on sheet only', () => {
    expect(by('gas-wire', { 'look.position': 'vertical', 'joint.thicknessA_mm': 6 }).set?.upright).toBe('up');
    expect(by('gas-wire', { 'look.position': 'vertical', 'joint.thicknessA_mm': 2 }).set?.upright).toBe(
      'down',
    );
    expect(by('tig', { 'look.position': 'vertical', 'joint.thicknessA_mm': 2 }).set?.upright).toBe('up');
  });

  test('its machine: too small, pole missing, duty and supply', () => {
    const small = (max_A: number) => by('gas-wire', { 'joint.thicknessA_mm': 6 }, kitOf({ max_A }));
    expect(limit(small(100), 'Machine range')?.state).toBe('none');
    expect(limit(small(180), 'Machine range')?.state).toBe('tight');
    expect(limit(small(260), 'Machine range')).toBeUndefined();
    expect(limit(by('gas-wire', {}, kitOf({ poles: ['DCEN'] })), 'Pole')?.state).toBe('none');
    expect(limit(by('tig', {}, kitOf({ processes: ['gas-wire'] })), 'Machine')?.state).toBe('none');
    const long = by('gas-wire', { 'joint.length_mm': 6000, 'joint.thicknessA_mm': 6 }, kitOf({ max_A: 200 }));
    // A quarter of ten minutes at full amps (usual for the kind), of some forty-five in a hundred that a wire burns.
    expect(limit(long, 'Duty')?.words).toMatch(/min of arc in ten/);
  });

  test('stainless from one side has argon behind its root, and its own filler', () => {
    const plan = by('tig', {
      'metal.sideA.family': 'austenitic-stainless',
      'joint.kind': 'square-butt',
      'joint.thicknessA_mm': 1.5,
      'joint.gap_mm': 0,
      'look.access': 'one-side',
    });
    expect(plan.set?.fillers[0]).toMatch(/^ER3(08|16)L$/);
    expect(plan.set?.purge_l_min).toMatchObject({ low: 4, high: 6 });
    expect(plan.steps[0]?.cautions.join()).toMatch(/takes the air/);
    expect(plan.steps[0]?.cautions.join()).not.toMatch(/[Ss]lag/);
    expect(by('tig', { 'joint.kind': 'square-butt', 'look.access': 'one-side' }).set?.purge_l_min).toBeNull();
  });

  test('5083 has no stick rod but a bare filler: TIG on AC with ER5356 (common practice)', () => {
    const sea = { 'metal.sideA.family': 'al-5xxx', 'joint.thicknessA_mm': 5 };
    const assessment = assess(bracket(sea), WIRE);
    expect(makePlan(assessment).verdict).toBe('stopped');
    const plan = planBy(assessment, 'tig');
    expect(plan.set).toMatchObject({ fillers: ['ER5356'], pole: 'AC' });
    expect(plan.verdict).toBe('ready');
    expect(betterBy(assessment)?.process).toMatch(/tig|gas-wire/);
  });

  test('a metal that its tables are not made for has no settings, and says who has', () => {
    for (const [process, family] of [
      ['gas-wire', 'aluminium-bronze'],
      ['cored-wire', 'austenitic-stainless'],
      ['tig', 'aluminium-bronze'],
    ] as const) {
      const plan = by(process, { 'metal.sideA.family': family });
      expect(plan).toMatchObject({ verdict: 'draft', set: null, steps: [] });
      expect(plan.halts.map(({ title }) => title)).toContain('No settings of it for this metal');
    }
  });

  test('gas and filler by hand: 12 l/min over its arc time and a quarter more; weld metal over what is lost', () => {
    const { set } = by('gas-wire');
    expect(set?.gas_l).toBeCloseTo(12 * 1.25 * (set?.arc_min ?? NaN), 6);
    const laid_mm3 = (set?.bead_mm2 ?? NaN) * (set?.passes ?? NaN) * 300;
    expect(set?.filler_kg).toBeCloseTo((laid_mm3 * 7.85e-6) / 0.95, 6);
  });
});

// Common practice: on a door skin distortion leads whatever lays the bead, and stitches of TIG or wire pull it as well.
describe('how it pulls by another process', () => {
  const skin = { 'joint.kind': 'square-butt', 'joint.thicknessA_mm': 1.2, 'joint.length_mm': 400 };
  test('sheet is marked, plate of a short bracket is not; what the welder allows shuts it', () => {
    for (const process of ['gas-wire', 'tig'] as const) {
      expect(limit(by(process, skin), 'Distortion')).toMatchObject({ state: 'tight' });
      const plate = { 'joint.thicknessA_mm': 6, 'joint.leg_mm': 4, 'heat.pieceWidth_mm': 60 };
      expect(limit(by(process, plate), 'Distortion')).toBeUndefined();
    }
    const thin = { 'joint.thicknessA_mm': 3, 'heat.pieceWidth_mm': 150, 'order.tolerance_mm': 0.2 };
    expect(by('gas-wire', thin)).toMatchObject({ verdict: 'no-room' });
    expect(limit(by('gas-wire', thin), 'Distortion')?.words).toMatch(/by you/);
  });
});

describe('what shuts the piece shuts it by any process', () => {
  test('hardenable plate typed cold; left blank it is warmed as it is for stick (common practice: 0.45 % C, 40 mm, over 150 °C)', () => {
    const cold = {
      'metal.sideA.family': 'medium-carbon-steel',
      'joint.thicknessA_mm': 40,
      'heat.preheat_C': 15,
    };
    const plan = by('tig', cold);
    expect(plan.verdict).not.toBe('ready');
    expect(plan.halts.map(({ title }) => title).join()).toMatch(/Preheat|crack|ard/);
    const warm = by('tig', { ...cold, 'heat.preheat_C': null });
    expect(warm.steps[0]?.holds.join()).toMatch(/before the first arc/);
  });
});

describe('a metal that takes it badly or not at all', () => {
  test('hot short metals carry no load by TIG; a leaf spring has no setting (common practice)', () => {
    const badly = { 'metal.sideA.family': 'free-machining-steel', 'joint.thicknessA_mm': 6 };
    expect(limit(by('tig', { ...badly, 'rod.duty': 'carries' }), 'Metal')?.state).toBe('none');
    expect(limit(by('tig', { ...badly, 'rod.duty': 'nothing' }), 'Metal')?.state).toBe('tight');
    const alloy = by('tig', { 'metal.sideA.family': 'al-2xxx-7xxx', 'rod.duty': 'carries' });
    expect(alloy.verdict).toBe('no-room');
    const leaf = by('tig', { 'metal.sideA.family': 'spring-steel', 'joint.thicknessA_mm': 8 });
    expect(leaf).toMatchObject({ verdict: 'no-room', set: null, steps: [] });
  });

  test('steel that hardens has no setting by the usual self-shielded wire: it promises no low hydrogen (common practice)', () => {
    const plan = by('cored-wire', { 'metal.sideA.family': 'medium-carbon-steel', 'joint.thicknessA_mm': 12 });
    expect(plan).toMatchObject({ set: null, steps: [] });
    expect(plan.verdict).toBe('draft');
  });
});

describe('how wire with gas is run (common practice)', () => {
  const [machine] = WIRE.machines;
  const withWire = (
    max_A: number,
    fillers: readonly (readonly [BareFillerId, string])[] = [],
    gas: GasId | null = null,
  ): Kit => ({
    ...WIRE,
    machines: machine ? [{ ...machine, max_A, rated: [] }] : [],
    fillers: fillers.map(([cls, size]) => ({
      id: cls,
      cls,
      as: 'reel' as const,
      size: size as '1.2',
      printed: '',
      left_kg: 5,
      note: '',
      typed: {},
    })),
    bottles: gas
      ? [
          {
            id: gas,
            gas,
            size_l: 50,
            pressure_bar: 150,
            left_kg: gas === 'co2' ? 20 : null,
            note: '',
            typed: {},
          },
        ]
      : [],
  });
  const way = (edits: Record<string, unknown>, kit: Kit) => by('gas-wire', edits, kit).set?.way;
  const PLATE = { 'joint.thicknessA_mm': 10, 'look.position': 'flat', 'rod.duty': 'carries' };

  test('spray on plate that lies flat, where machine and gas give it; else short-circuit, which is shut', () => {
    expect(way(PLATE, withWire(350))).toBe('spray');
    const thick = by('gas-wire', { ...PLATE, 'joint.thicknessA_mm': 12 }, withWire(350));
    expect(thick.verdict).toBe('ready');
    expect(JSON.stringify(thick.limits)).not.toMatch(/short-circuits|cold laps/);
    expect(way(PLATE, withWire(180))).toBe('short');
    expect(by('gas-wire', PLATE, withWire(180)).limits[0]).toMatchObject({ title: 'Fusion', state: 'none' });
    expect(way({ ...PLATE, 'look.position': 'vertical' }, withWire(350))).toBe('short');
    expect(way(PLATE, withWire(350, [['ER70S-6', '1.2']], 'co2'))).toBe('short');
    expect(way({ ...PLATE, 'joint.thicknessA_mm': 3 }, withWire(350))).toBe('short');
  });

  test('a filled reel is run as it is made, up a wall too; one for flat work only is no use there', () => {
    const filled = withWire(250, [['E71T-1', '1.2']], 'co2');
    const plan = by('gas-wire', { ...PLATE, 'look.position': 'vertical' }, filled);
    expect(plan.set).toMatchObject({ way: 'filled', pole: 'DCEP', upright: 'up', fillers: ['E71T-1'] });
    expect(plan.verdict).toBe('ready');
    const flatOnly = withWire(250, [['E70T-1', '1.2']], 'co2');
    expect(way({ ...PLATE, 'look.position': 'vertical' }, flatOnly)).toBe('short');
    expect(way(PLATE, flatOnly)).toBe('filled');
    // Beside a solid reel it is taken from 8 mm.
    const both = withWire(
      350,
      [
        ['E71T-1', '1.2'],
        ['ER70S-6', '1.0'],
      ],
      'mix-20',
    );
    expect(way({ ...PLATE, 'joint.thicknessA_mm': 7.5 }, both)).toBe('spray');
    expect(way({ ...PLATE, 'joint.thicknessA_mm': 8.5 }, both)).toBe('filled');
  });

  test('aluminium by wire: argon, the right filler, bright metal, and never a mix', () => {
    const light = { 'metal.sideA.family': 'al-6xxx', 'joint.thicknessA_mm': 5 };
    const plan = by('gas-wire', light, withWire(250, [['ER4043', '1.2']], 'argon'));
    expect(plan.set).toMatchObject({ way: 'aluminium', pole: 'DCEP', fillers: ['ER4043'] });
    expect(JSON.stringify(plan.steps)).toMatch(/brush kept for light metal/);
    // 2.7 g/cm3: a third of what steel weighs.
    const steel = by('gas-wire', { 'joint.thicknessA_mm': 5 }, withWire(250));
    expect((plan.set?.filler_kg ?? 0) / (steel.set?.filler_kg ?? 1)).toBeLessThan(0.45);
    const mixed = by('gas-wire', light, withWire(250, [['ER4043', '1.2']], 'mix-20'));
    expect(mixed.limits[0]).toMatchObject({ title: 'Gas', state: 'none' });
    expect(by('gas-wire', { ...light, 'metal.sideA.family': 'al-5xxx' }, withWire(250)).set?.fillers).toEqual(
      ['ER5356'],
    );
    expect(
      by('gas-wire', { ...light, 'metal.sideA.family': 'al-2xxx-7xxx' }, withWire(250)).verdict,
    ).not.toBe('ready');
  });
});

describe('stopped means stopped, by any process', () => {
  test('no settings on a drum, on what nobody knows, on magnesium', () => {
    for (const [job, kit] of [
      [demoJob('bilge-drum'), DEMO_KIT],
      [bracket({ 'metal.sideA.family': null }), WIRE],
      [bracket({ 'metal.sideA.family': 'magnesium' }), WIRE],
    ] as const)
      for (const process of ['tig', 'gas-wire', 'cored-wire'] as const) {
        const assessment = assess(job, kit);
        const plan = planBy(assessment, process);
        expect(['stopped', 'draft']).toContain(plan.verdict);
        expect(plan).toMatchObject({ set: null, steps: [], limits: [] });
        expect(betterBy(assessment)).toBeNull();
      }
  });

  test('a job of the yard that is a draft for stick is none the better by another process', () => {
    for (const job of DEMO_JOBS) {
      const assessment = assess(job, DEMO_KIT);
      const { verdict } = makePlan(assessment);
      if (verdict !== 'draft') continue;
      for (const process of ['tig', 'gas-wire', 'cored-wire'] as const)
        expect(planBy(assessment, process).verdict).not.toBe('ready');
    }
  });
});

describe('which limit leads by another process (common practice)', () => {
  const leads = (process: 'tig' | 'gas-wire' | 'cored-wire', edits: Record<string, unknown>, kit = WIRE) =>
    by(process, edits, kit).limits[0];
  const OUTSIDE = { 'look.place': 'outdoors' };
  const small = (current_A: number, duty_pct: number, process: 'gas-wire' | 'tig' = 'gas-wire') =>
    kitOf({ max_A: current_A, rated: [{ process, volts_V: null, current_A, duty_pct }] });
  test.each([
    [
      'a 2 mm gate by gas wire in a breeze',
      'gas-wire',
      { ...OUTSIDE, 'look.wind_m_s': 4, 'joint.thicknessA_mm': 2 },
      'Wind',
    ],
    ['TIG beside an open door', 'tig', { 'look.wind_m_s': 2.5 }, 'Wind'],
    [
      'self-shielded wire in gusts',
      'cored-wire',
      { ...OUTSIDE, 'look.wind_m_s': 14, 'joint.thicknessA_mm': 6 },
      'Wind',
    ],
    [
      'short-circuit wire on plate that carries load',
      'gas-wire',
      { 'joint.thicknessA_mm': 10, 'rod.duty': 'carries' },
      'Fusion',
    ],
    ['rust that does not come off, by gas wire', 'gas-wire', { 'look.surface': 'rust' }, 'Surface'],
    ['rust that does not come off, by TIG', 'tig', { 'look.surface': 'rust' }, 'Surface'],
  ] as const)('%s', (_, process, edits, first) => {
    const limit = leads(process, edits);
    expect(limit?.state).not.toBe('roomy');
    expect(limit?.title).toBe(first);
  });

  test('6 m of 3 mm by gas wire on a small box in a hot shop: its duty', () => {
    const long = { 'joint.thicknessA_mm': 3, 'joint.length_mm': 6000, 'look.air_C': 40 };
    expect(leads('gas-wire', long, small(160, 20))?.title).toBe('Duty');
  });

  test('1 mm by TIG on a machine that begins at 60 A: where it begins', () => {
    expect(leads('tig', { 'joint.thicknessA_mm': 1 }, kitOf({ min_A: 60 }))?.title).toBe('Machine range');
  });
});
