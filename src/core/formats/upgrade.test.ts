import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Ajv2020 from 'ajv/dist/2020';
import fc from 'fast-check';
import { DEMO_JOBS } from '../../demo/jobs';
import { DEMO_KIT } from '../../demo/kit';
import { blankJob } from './blankJob';
import { Job } from './job';
import { Kit } from './kit';
import { memoizeBy } from '../units/memoize';
import { EMPTY_KIT } from './blankKit';
import { DATA_VERSION, upgradeJob, upgradeKit } from './upgrade';

const blank = blankJob('a', '2026-01-01T00:00:00.000Z');
const OLD_POWER = {
  machineId: 'm',
  supplyId: null,
  cordLength_m: 20,
  cordSize: 'mm2-2.5',
  leadsId: null,
};
const OLD_MACHINE = {
  id: 'm',
  name: 'Machine',
  type: 'inverter',
  dial: 'digital',
  poles: ['DCEP'],
  min_A: 10,
  max_A: 160,
  ocv_V: 70,
  rated: [{ current_A: 160, duty_pct: 25 }],
  inputMax_A: 36,
  photos: [],
  typed: { inputMax_A: '36 A', max_A: '160' },
};
const OLD_SUPPLY = {
  id: 's',
  name: 'Socket',
  volts_V: 230,
  kind: 'socket',
  rating_kW: null,
  rating_kVA: null,
  phases: 1,
  breaker_A: 16,
  breakerKind: 'B',
  cordLength_m: 10,
  cordSize: 'mm2-2.5',
  typed: {},
};
const OLD_TIN = {
  id: 't',
  rodClass: 'E7018',
  size: '1/8',
  count: 5,
  low_A: null,
  high_A: null,
  note: '',
  typed: {},
};
const oldKit = (change: object = {}) => ({
  machines: [OLD_MACHINE],
  supplies: [OLD_SUPPLY],
  tins: [OLD_TIN],
  cords: [],
  leads: [],
  tools: [],
  ...change,
});

test('from version 16: no rod of its own for the top, and torches without a rating', () => {
  const rod = Object.fromEntries(Object.entries(blank.rod).filter(([key]) => key !== 'cap'));
  const job = Job.parse(upgradeJob(JSON.parse(JSON.stringify({ ...blank, rod })), 16));
  expect(job.rod.cap).toEqual({ rodClass: null, size: null });
  const old = { ...EMPTY_KIT, tools: [{ id: 't', tool: 'tig-torch', note: 'gas lens', typed: {} }] };
  const kit = Kit.parse(upgradeKit(JSON.parse(JSON.stringify(old)), 16));
  expect(kit.tools).toEqual([
    { id: 't', tool: 'tig-torch', note: 'gas lens', typed: {}, rated_A: null, duty_pct: null },
  ]);
});

test('from version 15: a finding without a place keeps its words, and the hot-work card is blank', () => {
  const old = {
    ...blank,
    permit: undefined,
    checks: { eye: { result: 'found', words: 'line at the toe', decided: 'redo', redone: 1 } },
  };
  const job = Job.parse(upgradeJob(JSON.parse(JSON.stringify(old)), 15));
  expect(job.checks.eye).toEqual({
    result: 'found',
    words: 'line at the toe',
    decided: 'redo',
    redone: 1,
    what: null,
    at_mm: null,
    length_mm: null,
    photos: [],
    typed: {},
  });
  expect(job.permit).toMatchObject({ issuer: '', until: null, watch_s: null, lines: {} });
});

describe('from version 3', () => {
  test('the supply amps of a plate become its one column, and what was typed goes with them', () => {
    const kit = Kit.parse(upgradeKit(oldKit(), 3));
    expect(kit.machines[0]).toMatchObject({
      inputs: [{ volts_V: null, phases: 1, inputMax_A: 36, inputEff_A: null, top_A: null }],
      rated: [{ process: 'stick', volts_V: null, current_A: 160, duty_pct: 25 }],
      processes: ['stick'],
      typed: { 'inputs.0.inputMax_A': '36 A', max_A: '160' },
    });
    expect(kit.tins[0]?.printed).toBe('');
  });

  test('a plate without supply amps gets no column; one that was typed and could not be read keeps its text', () => {
    const without = (typed: object) =>
      Kit.parse(upgradeKit(oldKit({ machines: [{ ...OLD_MACHINE, inputMax_A: null, typed }] }), 3))
        .machines[0];
    expect(without({})?.inputs).toEqual([]);
    expect(without({ inputMax_A: 'banana' })).toMatchObject({
      inputs: [{ inputMax_A: null }],
      typed: { 'inputs.0.inputMax_A': 'banana' },
    });
  });

  test('a cord of no length becomes no cord, in job and kit; any other stays as it was', () => {
    const job = (cordLength_m: number) =>
      Job.parse(upgradeJob({ ...blank, power: { ...OLD_POWER, cordLength_m } }, 3)).power;
    expect(job(0)).toMatchObject({ cordLength_m: null, cordLie: 'none', cordSize: 'mm2-2.5' });
    expect(job(20)).toMatchObject({ cordLength_m: 20, cordLie: null, cord2: { length_m: null } });
    const kit = Kit.parse(upgradeKit(oldKit({ supplies: [{ ...OLD_SUPPLY, cordLength_m: 0 }] }), 3));
    expect(kit.supplies[0]).toMatchObject({ cordLength_m: null, cordLie: 'none' });
  });
});

describe('from version 8', () => {
  const side = (change: object) =>
    Job.parse(
      upgradeJob({ ...blank, metal: { ...blank.metal, sideA: { ...blank.metal.sideA, ...change } } }, 8),
    ).metal.sideA;

  test('galvanised steel becomes low-carbon steel under zinc; a coating that was named stays', () => {
    const was = 'galvanised-steel';
    expect(side({ family: was })).toMatchObject({ family: 'low-carbon-steel', coating: 'zinc' });
    expect(side({ family: was, coating: 'none' }).coating).toBe('zinc');
    expect(side({ family: was, coating: 'lead-paint' }).coating).toBe('lead-paint');
    expect(side({ family: 'gray-iron', coating: 'none' })).toMatchObject({
      family: 'gray-iron',
      coating: 'none',
    });
  });

  test('evidence stays as it was, on either side and on the old weld', () => {
    const evidence = { a: { kind: 'outcome', test: 'magnet', outcome: 'strong', standing: 'sound' } };
    expect(side({ evidence }).evidence).toEqual(evidence);
    expect(Job.parse(upgradeJob(blank, 8)).metal).toMatchObject({
      oldWeld: { skipped: [] },
      doubt: { hurts_pct: null, fails_pct: null },
    });
  });
});

describe('every upgrade', () => {
  const kept = (name: string): unknown =>
    JSON.parse(readFileSync(join(__dirname, '..', '..', '..', 'tests', 'fixtures', `${name}.json`), 'utf8'));
  const ajv = new Ajv2020({ strict: false, validateFormats: false });
  // A schema takes longer to get ready than all files take to be held against it.
  const checkOf = memoizeBy(
    (name: string) => ajv.compile(kept(name) as object),
    (name) => name,
  );
  const VERSIONS = Array.from({ length: DATA_VERSION - 1 }, (_, n) => n + 1);
  const KINDS = { job: { upgrade: upgradeJob, today: Job }, kit: { upgrade: upgradeKit, today: Kit } };

  // What each version wrote, and the schema it published then, are kept as they were.
  test.each((['job', 'kit'] as const).flatMap((kind) => VERSIONS.map((from) => [kind, from] as const)))(
    'a %s of version %i becomes that of each later version in turn, by the schema it had then',
    (kind, from) => {
      const { upgrade, today } = KINDS[kind];
      const file = kept(`${kind}-v${from}`) as Record<string, unknown>;
      expect(file.version).toBe(from);
      for (const to of VERSIONS.filter((version) => version >= Math.max(from, 2))) {
        const check = checkOf(`schemas/${kind}-v${to}`);
        // A job's file may bring the kit it was judged with.
        const brought = kind === 'job' && file.kit ? { kit: upgradeKit(file.kit, from, to) } : {};
        check({ ...file, version: to, ...brought, [kind]: upgrade(file[kind], from, to) });
        expect([to, check.errors ?? []]).toEqual([to, []]);
      }
      const now = upgrade(file[kind], from);
      expect(today.parse(now)).toEqual(now);
    },
  );

  test('leaves what is of this version alone', () => {
    expect(upgradeKit(DEMO_KIT, DATA_VERSION)).toEqual(DEMO_KIT);
    for (const job of DEMO_JOBS) expect(upgradeJob(job, DATA_VERSION)).toEqual(job);
  });

  test('never throws, whatever is in the file: the schema refuses what it cannot make sense of', () => {
    fc.assert(
      fc.property(fc.anything(), fc.integer({ min: 1, max: DATA_VERSION }), (data, from) => {
        upgradeJob(data, from);
        upgradeKit(data, from);
        upgradeKit({ machines: data, supplies: [data], tins: data }, from);
        return true;
      }),
    );
  });
});
