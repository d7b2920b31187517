import fc from 'fast-check';
import { demoJob } from '../../../tests/support/demo';
import { cloudOf } from './cloud';
import { baseMetalOf } from './baseMetal';
import { dilutionByPass, dilutionOf } from './dilution';
import { judgePair } from './pair';
import { HANDBOOK_PAIRS } from '../../../tests/support/handbookPairs';
import { blankSide } from '../formats/blankJob';
import { DEMO_KIT } from '../../demo/kit';
import type { RodClassId } from '../data/rods';
import type { Job } from '../formats/job';
import type { Kit, Tin } from '../formats/kit';
import { assess } from '../plan/assess';
import { findLevers } from '../plan/levers/levers';
import { makePlan } from '../plan/plan';
import { rankRods } from '../plan/rankRods';
import { mixTechnique } from './technique';

const room = (job: Job, id: string, kit: Kit = DEMO_KIT) => assess(job, kit).rooms.find((r) => r.id === id);
const mixOf = (job: Job) => assess(job, DEMO_KIT).situation.mix;
/** A stainless post on a steel plate: equal sides, so that both give alike. */
const post = (edits: Record<string, unknown> = {}) =>
  demoJob('galley-tray', {
    'joint.kind': 't-fillet',
    'joint.thicknessA_mm': 6,
    'joint.thicknessB_mm': 6,
    'rod.rodClass': 'E309L-16',
    'rod.size': '3/32',
    ...edits,
  });
const withTin = (rodClass: RodClassId): Kit => {
  const [like] = DEMO_KIT.tins;
  return { ...DEMO_KIT, tins: [...DEMO_KIT.tins, { ...(like as Tin), id: 'more', rodClass, size: '3/32' }] };
};

const MIX_ROOMS = ['ferrite-low', 'ferrite-high', 'martensite', 'hot-crack', 'dilution'];

describe('309L between carbon steel and 304, the everyday joint', () => {
  test('at 30 % it is tight or better, and never told to have no room (common practice: it is what everybody uses)', () => {
    const job = post({ 'weld.dilution_pct': 30, 'metal.sideA.grade': '304', 'metal.sideB.grade': 'a36' });
    expect(['tight', 'snug', 'roomy']).toContain(room(job, 'ferrite-low')?.state);
    expect(room(job, 'martensite')?.state).toBe('roomy');
    expect(room(job, 'hot-crack')?.state).toBe('roomy');
    expect(room(job, 'ferrite-high')?.state).toBe('roomy');
  });

  test('more melted in leaves less: half of it melted in has no room, and the dilution room says so', () => {
    expect(room(post({ 'weld.dilution_pct': 50 }), 'ferrite-low')?.state).toBe('none');
    expect(room(post({ 'weld.dilution_pct': 50 }), 'dilution')?.state).toBe('none');
    const left = (dilution: number) =>
      room(post({ 'weld.dilution_pct': dilution }), 'dilution')?.left?.nominal ?? NaN;
    expect(left(20)).toBeGreaterThan(left(30));
  });

  test('308L is out, plain steel rods are martensite, and nickel is no question for the diagrams', () => {
    expect(room(post({ 'rod.rodClass': 'E308L-16' }), 'martensite')?.state).toBe('tight');
    expect(room(post({ 'rod.rodClass': 'E7018' }), 'martensite')).toMatchObject({
      state: 'none',
      shape: 'yes-no',
    });
    const nickel = post({ 'rod.rodClass': 'ENiCrFe-3' });
    expect(room(nickel, 'ferrite-low')).toBeUndefined();
    expect(mixOf(nickel)?.worst.judged.nominal.scope.id).toBe('nickel');
  });

  test('the two diagrams disagreeing is said, with which reads low', () => {
    const words = room(post({ 'weld.dilution_pct': 30 }), 'ferrite-low')
      ?.reasons.map((r) => r.words)
      .join(' ');
    expect(words).toMatch(/WRC-1992: \d+ FN/);
    expect(words).toMatch(/Schaeffler: \d+ %/);
    expect(words).toMatch(/do not agree/);
  });

  test('hot service: ferrite closes at 12 FN, 312 is never right, carbon leaves the steel', () => {
    const hot = { 'look.service_C': 650 };
    expect(room(post({ ...hot, 'rod.rodClass': 'E312-16' }), 'ferrite-high')?.state).toBe('none');
    expect(room(post({ 'rod.rodClass': 'E312-16' }), 'ferrite-high')?.state).not.toBe('none');
    expect(
      room(post(hot), 'expansion')
        ?.reasons.map((r) => r.words)
        .join(' '),
    ).toMatch(/carbon leaves the steel/);
    expect(room(post(hot), 'expansion')?.state).toBe('none');
    expect(room(post(), 'expansion')?.state).toBe('roomy');
  });

  test('free-machining stainless tears as it sets, whatever the rod', () => {
    const job = post({
      'metal.sideA.family': 'free-machining-stainless',
      'weld.dilution_pct': 60,
      'weld.favour': 'A',
    });
    expect(room(job, 'hot-crack')?.state).toBe('none');
  });

  test('a hollow covering wants more ferrite, and is for flat work', () => {
    const base = { 'weld.dilution_pct': 30, 'weld.covering': '17' };
    expect(room(post(base), 'hot-crack')?.state).toBe('tight');
    expect(room(post({ ...base, 'look.position': 'vertical' }), 'position')?.gap).toMatch(/flat/);
  });

  test('what is printed on the rods says which covering it is', () => {
    const kit: Kit = {
      ...DEMO_KIT,
      tins: DEMO_KIT.tins.map((tin) => (tin.rodClass === 'E309L-16' ? { ...tin, printed: 'E309L-17' } : tin)),
    };
    expect(room(post({ 'weld.dilution_pct': 30 }), 'hot-crack', kit)?.state).toBe('tight');
    expect(room(post({ 'weld.dilution_pct': 30, 'weld.covering': '16' }), 'hot-crack', kit)?.state).toBe(
      'roomy',
    );
  });

  test('wet, unlike metals are told to be painted; dry ones are let be; a plain weld between stainless is eaten', () => {
    expect(room(post({ 'look.wet': 'dry' }), 'galvanic')).toBeUndefined();
    expect(room(post({ 'look.wet': 'weather' }), 'galvanic')).toMatchObject({ state: 'snug' });
    expect(room(post({ 'look.wet': 'sea' }), 'galvanic')).toMatchObject({ state: 'tight' });
    const eaten = post({
      'metal.sideB.family': 'austenitic-stainless',
      'rod.rodClass': 'E7018',
      'look.wet': 'sea',
    });
    expect(room(eaten, 'galvanic')).toMatchObject({ state: 'none' });
  });

  test('nothing of it is asked of plain steel, of aluminium or of a metal that is not settled', () => {
    for (const id of ['ramp-guard', 'rail-bracket', 'winch-pawl'])
      for (const asked of ['ferrite-low', 'martensite', 'hot-crack', 'dilution'])
        expect([id, asked, room(demoJob(id), asked)]).toEqual([id, asked, undefined]);
  });
});

describe('nickel and copper rods', () => {
  test('nickel-copper takes 30 % iron and no more (handbook limits of dilution, from memory)', () => {
    const job = post({
      'metal.sideA.family': 'nickel-copper',
      'rod.rodClass': 'ENiCu-7',
      'weld.favour': 'B',
      'weld.dilution_pct': 30,
    });
    const limit = room(job, 'dilution');
    expect(limit?.reasons[0]?.words).toMatch(/30 % iron/);
    // 1.5 % in the rod, 0.7 of the melted metal steel at 98.5 % and 0.3 alloy with 1.5 %: 30 % iron at about 42 %.
    expect(limit?.limit?.nominal).toBeGreaterThanOrEqual(40);
    expect(limit?.limit?.nominal).toBeLessThanOrEqual(44);
  });
});

describe('every pair of the handbooks', () => {
  test.each(HANDBOOK_PAIRS)(
    '%s to %s: planned with its first rod, and no limit of the metals closes it',
    (a, b, [rod]) => {
      const job = post({ 'metal.sideA.family': a, 'metal.sideB.family': b, 'rod.rodClass': rod });
      const mix = mixOf(job);
      expect(mix).toBeTruthy();
      const shut = MIX_ROOMS.filter((id) => room(job, id, withTin(rod as RodClassId))?.state === 'none');
      expect(shut).toEqual([]);
    },
  );
});

describe('levers', () => {
  const gainOf = (job: Job, lever: string, id: string, kit: Kit = DEMO_KIT) =>
    findLevers(job, kit)
      .find((one) => one.id === lever)
      ?.effects.find(({ roomId }) => roomId === id);

  test('holding the arc to the stainless, fewer amps and stringers leave more ferrite', () => {
    const job = post({ 'rod.move': 'weave' });
    expect(gainOf(job, 'favour-A', 'ferrite-low')?.gainShare).toBeGreaterThan(0);
    expect(gainOf(job, 'favour-B', 'ferrite-low')?.gainShare).toBeLessThan(0);
    expect(gainOf(job, 'stringers', 'dilution')?.gain).toBeGreaterThan(0);
    expect(gainOf(job, 'amps-10', 'dilution')?.gain).toBeGreaterThan(0);
  });

  test('a rod that is not in the tins is offered to be bought, with what it buys', () => {
    const lever = gainOf(post({ 'weld.dilution_pct': 35 }), 'buy-E309LMo-16', 'ferrite-low');
    expect(lever?.gain).toBeGreaterThan(0);
  });

  test('buttering the steel makes the joint stainless to stainless: 308L will then do, with its own step', () => {
    const job = post({
      'joint.thicknessA_mm': 4,
      'joint.thicknessB_mm': 4,
      'rod.rodClass': null,
      'rod.size': null,
      'weld.butter': true,
    });
    const { situation } = assess(job, withTin('E308L-16'));
    expect(situation.rod?.value.rodClass).toBe('E308L-16');
    expect(situation.mix?.butter).toMatchObject({ on: 'B', rodClass: 'E309L-16', planned: true });
    expect(room(job, 'martensite', withTin('E308L-16'))?.state).toBe('roomy');
    const step = makePlan(assess(job, withTin('E308L-16'))).steps.find(({ title }) => /^Butter/.test(title));
    expect(step?.settings.find(({ label }) => label === 'Rods')?.value).toMatch(/about \d+/);
    expect(gainOf(post(), 'butter', 'filler')).toBeUndefined();
    expect(findLevers(post(), DEMO_KIT).some(({ id }) => id === 'butter')).toBe(true);
  });

  test('coverings are offered for stainless rods only', () => {
    expect(findLevers(post({ 'weld.covering': '17' }), DEMO_KIT).some(({ id }) => id === 'covering-16')).toBe(
      true,
    );
    expect(findLevers(demoJob('ramp-guard'), DEMO_KIT).some(({ id }) => id.startsWith('covering'))).toBe(
      false,
    );
  });
});

describe('rods weighed by what they come to', () => {
  test('on steel to stainless the reasons name ferrite and martensite', () => {
    const { table } = rankRods(
      assess(post({ 'rod.rodClass': null, 'rod.size': null }), DEMO_KIT).situation,
      'whole',
    );
    const of = (id: string) => table.find(({ rodClass }) => rodClass === id);
    expect(of('E309L-16')?.shut).toBe('');
    expect(of('E309LMo-16')?.for.join(' ')).toMatch(/FN in the mixed bead/);
    expect(of('E7018')?.shut).toMatch(/Not for this metal/);
  });
});

describe('technique', () => {
  test('the arc is held to the stainless; where that is the thin side it stays on the thick one', () => {
    expect(mixTechnique(assess(post(), DEMO_KIT).situation)[0]).toMatch(/Hold the arc to the austenitic/);
    expect(mixTechnique(assess(demoJob('galley-tray'), DEMO_KIT).situation)[0]).toMatch(
      /thin side: the arc stays/,
    );
    expect(mixTechnique(assess(demoJob('ramp-guard'), DEMO_KIT).situation)).toEqual([]);
  });
});

describe('dilution', () => {
  test('a weave and more amps melt in more, the negative pole less; what is typed is taken', () => {
    const ask = { place: 'fill', move: null, pole: 'DCEP', ampsAt: 0.5, typed_pct: null } as const;
    const usual = dilutionOf(ask).nominal;
    expect(usual).toBeCloseTo(0.27, 9);
    expect(dilutionOf({ ...ask, move: 'weave' }).nominal).toBeGreaterThan(usual);
    expect(dilutionOf({ ...ask, ampsAt: 1 }).nominal).toBeGreaterThan(usual);
    expect(dilutionOf({ ...ask, pole: 'DCEN' }).nominal).toBeLessThan(usual);
    expect(dilutionOf({ ...ask, typed_pct: 22 }).nominal).toBeCloseTo(0.22, 9);
  });

  test('later passes hold less of the base metal, and never more than the first', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 0.7, noNaN: true }), (first) => {
        const passes = dilutionByPass(first, ['root', 'hot', 'fill', 'fill', 'cap']);
        expect(passes[0]).toBeCloseTo(first, 9);
        for (const later of passes.slice(1)) expect(later).toBeLessThan(first);
      }),
    );
  });
});

describe('the cloud', () => {
  const question = {
    rodClass: 'E309L-16' as const,
    sideA: baseMetalOf(blankSide(), 'low-carbon-steel'),
    sideB: baseMetalOf({ ...blankSide(), grade: '304' }, 'austenitic-stainless'),
    dilution: { low: 0.2, nominal: 0.27, high: 0.35 },
    shareA: 0.5,
  };

  test('the same question always gives the same cloud, and its shares add up', () => {
    const [a, b] = [cloudOf([{ question, share: 1 }], 2000), cloudOf([{ question, share: 1 }], 2000)];
    expect(a).toEqual(b);
    expect(a.fields.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
    expect(a.martensite.none + a.martensite.some + a.martensite.much).toBeCloseTo(1, 9);
  });

  test('the likeliest bead lies inside it, and a grade narrows it', () => {
    const wide = cloudOf(
      [{ question: { ...question, sideB: baseMetalOf(blankSide(), 'austenitic-stainless') }, share: 1 }],
      2000,
    );
    const narrow = cloudOf([{ question, share: 1 }], 2000);
    const { nominal } = judgePair(question);
    expect(narrow.fn.low).toBeLessThanOrEqual(nominal.fn);
    expect(narrow.fn.high).toBeGreaterThanOrEqual(nominal.fn);
    expect(wide.fn.high - wide.fn.low).toBeGreaterThan(narrow.fn.high - narrow.fn.low);
  });

  test('an unknown steel is as many clouds as it may be metals, each by its belief', () => {
    const hard = { ...question, sideA: baseMetalOf(blankSide(), 'low-alloy-steel') };
    const both = cloudOf(
      [
        { question, share: 0.75 },
        { question: hard, share: 0.25 },
      ],
      2000,
    );
    expect(both.count).toBe(2000);
  });
});
