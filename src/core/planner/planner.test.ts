import fc from 'fast-check';
import { changes } from '../../../tests/support/anyJob';
import { demoJob } from '../../../tests/support/demo';
import { DEMO_JOBS } from '../../demo/jobs';
import { DEMO_KIT } from '../../demo/kit';
import { applyEdits } from '../formats/edits';
import { fixedChance } from '../units/chance';
import type { Kit } from '../formats/kit';
import { assess, type Assessment } from '../plan/assess';
import { likely } from './doubts/doubt';
import { doubtsOf } from './doubts/doubts';
import { measuresOf } from './measures';
import { collide, fuss_min, groundOf, judgeGround, withOptions, type Option } from './option';
import { isFixed, optionsAway, optionsHere } from './options';
import { findWaysOut, setsOf, waysOut } from './wayOut';
import { waysOf } from './ways';
import { besideEachOther } from './compare';
import { sureInWords, surenessOf } from './sure';
import { whyNot } from './whyNot';
import { worthKnowing } from './worth';

type Edits = Readonly<Record<string, unknown>>;
const NOW = Date.parse('2026-03-02T08:00:00Z');
const judged = (id: string, edits: Edits = {}, kit: Kit = DEMO_KIT): Assessment =>
  assess(demoJob(id, edits), kit, 'metric', NOW);
const shutIn = ({ rooms }: Assessment) => rooms.filter(({ state }) => state === 'none').map(({ id }) => id);
const after = (from: Assessment, options: readonly Option[]) =>
  judgeGround(withOptions(groundOf(from), options));

/** The ramp guard out in a gale on a long thin cord: two limits shut at once. */
const TWICE_SHUT: Edits = {
  'look.wind_m_s': 14,
  'power.cordLength_m': 90,
  'power.cordSize': 'mm2-1.5',
};

describe('a way through', () => {
  test('is none where nothing is shut, and none under a stop', () => {
    expect(waysOut(judged('ramp-guard'))).toEqual({ ways: [], tried: 0, done: true });
    expect(waysOut(judged('bilge-drum')).ways).toEqual([]);
    expect(waysOf(judged('bilge-drum')).ways).toEqual([]);
    expect(waysOf(judged('winch-pawl')).ways).toEqual([]);
    // No setting is told there: no room, and not all of it.
    expect(measuresOf(judged('winch-pawl')).room).toBe(0);
  });

  test('of one shut limit is one change, the least trouble first, and what is bought costs more than what lies there', () => {
    const ladder = judged('pier-ladder');
    expect(shutIn(ladder)).toEqual(['cord']);
    const { ways } = waysOut(ladder);
    expect(ways.length).toBeGreaterThan(1);
    for (const { options } of ways) {
      expect(options).toHaveLength(1);
      expect(shutIn(after(ladder, options))).toEqual([]);
    }
    const fuss = ways.map((way) => way.fuss_min);
    expect([...fuss].sort((a, b) => a - b)).toEqual(fuss);
    const option = optionsHere(ladder.situation)[0] as Option;
    expect(fuss_min({ ...option, reach: 'bring' })).toBeGreaterThan(fuss_min(option));
    expect(fuss_min({ ...option, reach: 'wait' })).toBeGreaterThan(fuss_min({ ...option, reach: 'bring' }));
  });

  test('trouble in minutes: a turn of the dial, a re-bake, what nobody listed, and what is away (our judgement)', () => {
    const option = (id: string, reach: Option['reach'] = 'here'): Option => ({
      id,
      title: '',
      cost: '',
      reach,
      adds: [],
      edits: [],
    });
    const ids = ['amps-5', 'rod-E7018', 'cord-half', 'bevel', 'rebake', 'anything'];
    expect(ids.map((id) => fuss_min(option(id)))).toEqual([0.2, 1, 5, 20, 90, 5]);
    expect([fuss_min(option('amps-5', 'bring')), fuss_min(option('amps-5', 'wait'))]).toEqual([60.2, 480.2]);
  });

  test('of two that no one change opens is the smallest pair, and no single one was missed', () => {
    const gale = judged('ramp-guard', TWICE_SHUT);
    expect(shutIn(gale)).toEqual(expect.arrayContaining(['wind', 'cord']));
    const { ways } = waysOut(gale);
    expect(ways[0]?.options).toHaveLength(2);
    expect(shutIn(after(gale, ways[0]?.options ?? []))).toEqual([]);
    const singles = [...optionsHere(gale.situation), ...optionsAway(gale.situation)];
    expect(singles.filter((option) => shutIn(after(gale, [option])).length === 0)).toEqual([]);
  });

  test('an empty tin is bought, and what is bought is not on the truck before', () => {
    const cap = judged('bollard-cap');
    expect(shutIn(cap)).toEqual(['rods']);
    const [way] = waysOut(cap).ways;
    expect(way?.options[0]).toMatchObject({ reach: 'bring' });
    expect(way?.options[0]?.adds).toMatchObject([{ shelf: 'tins' }]);
    expect(DEMO_KIT.tins.some(({ id }) => id.startsWith('bought'))).toBe(false);
  });

  test('keeps what is fixed, and is handed over as it is found', () => {
    const ladder = judged('pier-ladder');
    const kept = waysOut(ladder, ['power.cordLength_m', 'power.cordSize', 'power.supplyId']);
    for (const { options } of kept.ways)
      expect(options.flatMap(({ edits }) => edits).map(({ path }) => path)).not.toContain('power.cordSize');
    const states = [...findWaysOut(ladder)];
    expect(states.at(-1)?.done).toBe(true);
    expect(states.slice(0, -1).every(({ done }) => !done)).toBe(true);
  });

  test('sets hold no two that write the same field, and every other once', () => {
    const option = (id: string, path: 'rod.aim' | 'rod.move' | 'look.air_C'): Option => ({
      id,
      title: id,
      cost: '',
      reach: 'here',
      adds: [],
      edits: [{ path, value: null }],
    });
    const options = [
      option('a', 'rod.aim'),
      option('b', 'rod.aim'),
      option('c', 'rod.move'),
      option('d', 'look.air_C'),
    ];
    const names = [...setsOf(options, 2)].map((set) => set.map(({ id }) => id).join(''));
    expect(names).toEqual(['ac', 'ad', 'bc', 'bd', 'cd']);
    expect(collide(options[0] as Option, options[1] as Option)).toBe(true);
  });

  test('never states a shut plan open, whatever the job', () => {
    fc.assert(
      fc.property(changes(8), ([id, edits]) => {
        const from = assess(applyEdits(demoJob(id), edits), DEMO_KIT, 'metric', NOW);
        let looked = 0;
        // Taken as far as a few steps: all of it is looked at on the jobs of the yard.
        for (const { ways } of findWaysOut(from)) {
          for (const { options } of ways) expect(shutIn(after(from, options))).toEqual([]);
          if ((looked += 1) > 12) break;
        }
      }),
      { numRuns: 8 },
    );
  });
});

describe('ways', () => {
  test.each(DEMO_JOBS.map(({ id }) => id))('%s: each is open, and better by what it says', (id) => {
    const from = judged(id);
    const { now, ways, done } = waysOf(from);
    expect(done).toBe(true);
    expect(now).toEqual(measuresOf(from));
    for (const { options, measures, wishes } of ways) {
      expect(measures.shut).toEqual([]);
      expect(measuresOf(after(from, options))).toEqual(measures);
      if (now.shut.length > 0) continue;
      if (wishes.includes('rods')) expect(measures.rods).toBeLessThan(now.rods ?? 0);
      if (wishes.includes('minutes')) expect(measures.minutes).toBeLessThan(now.minutes ?? 0);
      if (wishes.includes('heat')) expect(measures.heat_kJ_mm).toBeLessThan(now.heat_kJ_mm ?? 0);
      if (wishes.includes('room')) expect(measures.room).toBeGreaterThan(now.room);
    }
  });

  test('no change of the truck by itself beats the quickest, the one of fewest rods or the coolest', () => {
    const from = judged('galley-tray');
    const { now, ways } = waysOf(from);
    const least = (of: (m: typeof now) => number | null) =>
      Math.min(...[now, ...ways.map(({ measures }) => measures)].map((m) => of(m) ?? Infinity));
    for (const option of optionsHere(from.situation)) {
      if (option.edits.some(({ path }) => path === 'rod.rodClass')) continue;
      const one = measuresOf(after(from, [option]));
      if (one.shut.length > 0 || one.minutes === null) continue;
      // What is not worth another plan is left out: eight hundredths.
      expect(one.minutes).toBeGreaterThanOrEqual(0.92 * least(({ minutes }) => minutes) - 1e-9);
      expect(one.heat_kJ_mm ?? Infinity).toBeGreaterThanOrEqual(0.92 * least((m) => m.heat_kJ_mm) - 1e-9);
    }
  });
});

describe('ways against chance', () => {
  test('three changes that help only together are found: no draw of chance is a tenth cooler or of fewer rods', () => {
    const from = judged('ramp-guard');
    const { now, ways } = waysOf(from);
    const here = optionsHere(from.situation).filter(({ edits }) =>
      edits.every(({ path }) => !isFixed(from.situation, path)),
    );
    const chance = fixedChance(41);
    const best = (of: (m: typeof now) => number | null) =>
      Math.min(...[now, ...ways.map(({ measures }) => measures)].map((m) => of(m) ?? Infinity));
    const [coolest, fewest] = [best((m) => m.heat_kJ_mm), best((m) => m.rods)];
    for (let n = 0; n < 250; n++) {
      const drawn: Option[] = [];
      for (let k = 0; k < 3; k++) {
        const one = here[Math.floor(chance() * here.length) % here.length];
        if (one && !drawn.some((other) => other.id === one.id || collide(other, one))) drawn.push(one);
      }
      const found = measuresOf(after(from, drawn));
      if (found.shut.length > 0 || found.minutes === null || found.lame > now.lame) continue;
      expect(found.heat_kJ_mm ?? Infinity).toBeGreaterThan(0.9 * coolest);
      expect(found.rods ?? Infinity).toBeGreaterThan(0.9 * fewest);
    }
  });
});

describe('why not', () => {
  test('more amps than the machine gives: its range shuts it, and what opens it leaves the amps alone', () => {
    const answer = whyNot(judged('hatch-frame'), [{ path: 'rod.current_A', value: 175 }]);
    expect(answer.newly.map(({ id }) => id)).toContain('machine-range');
    expect(answer.opens?.options.flatMap(({ edits }) => edits.map(({ path }) => path)) ?? []).not.toContain(
      'rod.current_A',
    );
  });

  test('what is open is said to be open', () => {
    const from = judged('hatch-frame');
    const same = whyNot(from, [{ path: 'rod.current_A', value: from.situation.current_A?.value ?? 0 }]);
    expect([same.shuts, same.opens]).toEqual([[], null]);
  });
});

describe('worth knowing', () => {
  test('tells what each would change, those that change nothing last', () => {
    const found = worthKnowing(judged('cradle-arm'));
    const grades = found.map(({ grade }) => grade > 0);
    expect(grades.lastIndexOf(true)).toBeLessThan(
      grades.indexOf(false) === -1 ? Infinity : grades.indexOf(false),
    );
    const move = found.find(({ id }) => id === 'tolerance');
    expect(move).toMatchObject({ grade: 3, stop: 'order' });
    expect(move?.changes[0]).toMatch(/1 mm: shut by lift of the flange/);
  });

  test('a blank that closes the plan when it is bad stands above one that moves the preheat', () => {
    const found = worthKnowing(judged('ramp-guard', { 'look.wind_m_s': null, 'look.place': 'outdoors' }));
    expect(found.find(({ id }) => id === 'wind')?.changes.length).toBeGreaterThan(0);
    expect(found.every(({ odds }) => odds >= 0 && odds <= 1 + 1e-9)).toBe(true);
  });

  test('each says which field it would be typed into', () => {
    const found = worthKnowing(judged('ramp-guard'));
    const pathsOf = (id: string) => found.find((one) => one.id === id)?.paths;
    expect(pathsOf('air')).toEqual(['look.air_C']);
    expect(pathsOf('thickness')).toEqual(['joint.thicknessA_mm']);
    // A line before a socket is no field of the job.
    expect(pathsOf('line')).toEqual([]);
  });

  test('what is known is not asked for', () => {
    const ids = (edits: Edits) => worthKnowing(judged('ramp-guard', edits)).map(({ id }) => id);
    expect(ids({})).toContain('air');
    expect(ids({ 'look.air_C': 12 })).not.toContain('air');
    expect(ids({ 'order.residual_G': 0 })).not.toContain('residual');
  });

  test('is told in the reader’s units', () => {
    const inch = worthKnowing(assess(demoJob('ramp-guard'), DEMO_KIT, 'inch', NOW));
    expect(inch.flatMap(({ changes }) => changes).join(' ')).not.toMatch(/\d mm\b|°C/);
  });

  test('the odds of one doubt come to one', () => {
    for (const doubt of doubtsOf(judged('ramp-guard').situation))
      expect(doubt.supposed.reduce((sum, one) => sum + likely(doubt, one), 0)).toBeCloseTo(1, 9);
    // Our judgement: one piece of steel in twenty is magnetic already, one line in ten is poor.
    const last = (id: string) => {
      const doubt = doubtsOf(judged('ramp-guard').situation).find((one) => one.id === id);
      const one = doubt?.supposed.at(-1);
      return doubt && one ? likely(doubt, one) : null;
    };
    expect([last('residual'), last('line')]).toEqual([0.05, 0.1]);
  });
});

describe('two plans side by side', () => {
  test('say the same where nothing differs, and what a change does where it does', () => {
    const from = judged('hatch-frame');
    expect(besideEachOther(from, from, 'metric').filter(({ differs }) => differs)).toEqual([]);
    const hotter = judged('hatch-frame', { 'rod.current_A': 95 });
    const amps = besideEachOther(from, hotter, 'metric').find(({ name }) => name === 'Amps');
    expect(amps).toMatchObject({ values: [`${from.situation.current_A?.value} A`, '95 A'], differs: true });
  });

  test('what neither has is left out, and one that has none says so', () => {
    const [drum, ramp] = [judged('bilge-drum'), judged('ramp-guard')];
    expect(besideEachOther(drum, drum, 'metric').map(({ name }) => name)).not.toContain('Amps');
    expect(besideEachOther(drum, ramp, 'metric').find(({ name }) => name === 'Time')?.values[0]).toBe('-');
    expect(
      besideEachOther(ramp, drum, 'inch')
        .map(({ values }) => values.join(' '))
        .join(' '),
    ).not.toMatch(/\d mm/);
  });
});

describe('the root by another process', () => {
  // Common practice: a root in a groove that is reached from one side is laid by TIG where torch and machine are there.
  test('is a change that can be made where torch and machine are on the truck, and nowhere else', () => {
    const groove: Edits = {
      'joint.kind': 'v-butt',
      'joint.gap_mm': 2.5,
      'joint.thicknessA_mm': 8,
      'joint.sameThickness': true,
    };
    const ids = (edits: Edits, kit: Kit = DEMO_KIT) =>
      optionsHere(judged('ramp-guard', { 'power.machineId': 'inverter-160', ...edits }, kit).situation).map(
        ({ id }) => id,
      );
    expect(ids(groove)).toContain('root-by-tig');
    expect(ids({})).not.toContain('root-by-tig');
    expect(ids(groove, { ...DEMO_KIT, tools: [] })).not.toContain('root-by-tig');
    expect(ids({ ...groove, 'rod.root': { rodClass: null, size: null, process: 'tig' } })).toContain(
      'root-by-rod',
    );
  });
});

describe('how sure', () => {
  test('is said in a sentence', () => {
    const sure = {
      holds: 55,
      of: 60,
      fails: [{ limit: 'Cord drop', times: 5 }],
      mostly: 'the line: 0.8 ohm',
      over: ['the line'],
    };
    expect(sureInWords(sure)).toBe(
      'Holds in 55 of 60 cases drawn over all that is not known. Where it fails it is mostly cord drop, with the line: 0.8 ohm.',
    );
    expect(sureInWords({ ...sure, over: [] })).toMatch(/left open to doubt/);
  });

  test('a job with room holds in more draws than one at its limit, and the same is drawn again', () => {
    const calm = surenessOf(judged('gangway-trolley'));
    expect(calm.holds / calm.of).toBeGreaterThan(0.9);
    expect(surenessOf(judged('gangway-trolley'))).toEqual(calm);
    expect(surenessOf(judged('pier-ladder')).holds).toBe(0);
  });

  test('an unknown that could hurt never counts as holding, nor does anything under a stop', () => {
    expect(surenessOf(judged('winch-pawl')).holds).toBe(0);
    expect(surenessOf(judged('bilge-drum')).holds).toBe(0);
  });

  test('where it fails, what fails and when is said', () => {
    const tray = surenessOf(judged('galley-tray'));
    expect(tray.holds).toBeLessThan(tray.of);
    expect(tray.fails[0]?.limit).toBe('Buckling of the sheet');
    expect(tray.mostly).toMatch(/how wide the piece is: 1000 mm/);
  });
});
