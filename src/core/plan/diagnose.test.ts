import { demoJob } from '../../../tests/support/demo';
import { WELD_STORIES, type WeldStory } from '../../../tests/support/weldStories';
import { ARC_PROCESSES, type ArcProcess } from '../data/processIds';
import { BOTTLE_KEEPS_bar } from '../data/gases';
import { FAULTS, type FaultTraits, type SignId } from '../data/diagnosis';
import { DEMO_KIT } from '../../demo/kit';
import { assess } from './assess';
import { diagnose, signsOf, signsSaid } from './diagnose';

const by = (sign: SignId, edits: Record<string, unknown> = {}) =>
  diagnose(assess(demoJob('ramp-guard', { 'look.surface': 'scale', ...edits }), DEMO_KIT), sign);

describe('why it does that', () => {
  // Stories of our own; the answers are what a welding teacher says first (common practice).
  test.each<[string, SignId, Record<string, unknown>, string]>([
    ['pops full of holes on an oily bracket', 'pores', { 'look.surface': 'oil' }, 'dirt'],
    ['holes on a bright joint in a gale', 'pores', { 'look.surface': 'bright', 'look.wind_m_s': 12 }, 'wind'],
    ['bead sits on top, amps at the bottom of the packet', 'on-top', { 'rod.current_A': 92 }, 'cold'],
    ['tall ropy bead, low amps', 'ropy', { 'rod.current_A': 92 }, 'cold'],
    ['groove at the toe, amps at the top', 'undercut', { 'rod.current_A': 138 }, 'hot'],
    [
      'cracked at the toe next morning, tool bit steel',
      'late-crack',
      { 'metal.sideA.family': 'medium-carbon-steel' },
      'hydrogen',
    ],
    ['star in the crater', 'crater-crack', {}, 'crater'],
    ['cracks down the middle, boxed in', 'centre-crack', { 'heat.restraint': 'high' }, 'bound'],
    ['arc pulls to one side', 'wander', {}, 'blow'],
    ['covering burns on one side', 'one-sided', {}, 'covering'],
    ['lamp on, fan runs', 'stops', {}, 'duty'],
    ['breaker goes', 'trips', {}, 'supply'],
    ['the panel buckled', 'warped', {}, 'order'],
    [
      'dark lines in the fill',
      'slag-in',
      { 'joint.kind': 'v-butt', 'joint.thicknessA_mm': 12, 'joint.gap_mm': 2.5 },
      'slag-left',
    ],
  ])('%s', (_, sign, edits, first) => {
    expect(by(sign, edits)[0]?.id).toBe(first);
  });

  test('among the first three stands what the job makes likely: a wide gap for a hole, damp rods for pores', () => {
    expect(by('holes', { 'joint.gap_mm': 3 }).map(({ id }) => id)).toContain('gap');
    expect(by('spatter').map(({ id }) => id)).toContain('long-arc');
    expect(by('rusts').map(({ id }) => id)).toEqual(expect.arrayContaining(['tint', 'iron']));
  });

  test('a cold or a hot arc is mended by its lever: a tenth of the amps', () => {
    const cold = by('on-top', { 'rod.current_A': 92 })[0];
    expect(cold?.edits).toEqual([{ path: 'rod.current_A', value: 101 }]);
    expect(by('undercut', { 'rod.current_A': 138 })[0]?.edits).toEqual([
      { path: 'rod.current_A', value: 124 },
    ]);
    expect(by('crater-crack')[0]?.edits).toEqual([]);
  });

  test('every sign has three reasons in words, their shares under one, and one that really shows it first', () => {
    for (const sign of signsOf('stick')) {
      const found = by(sign);
      expect(found).toHaveLength(3);
      expect(found.reduce((sum, { share }) => sum + share, 0)).toBeLessThanOrEqual(1 + 1e-9);
      const [first] = found;
      const shows: FaultTraits['shows'] = first ? FAULTS[first.id].shows : {};
      expect(shows[sign]).toBeGreaterThanOrEqual(0.3);
      for (const { test: how, fix } of found) expect(`${how}${fix}`).not.toMatch(/undefined|NaN/);
    }
  });

  test('on AC the arc is hardly blown, and pores on a bright joint indoors are no wind', () => {
    expect(by('wander', { 'rod.pole': 'AC' })[0]?.id).not.toBe('blow');
    const indoors = by('pores', { 'look.place': 'indoors', 'look.wind_m_s': 0 }).map(({ id }) => id);
    expect(indoors).not.toContain('wind');
  });

  describe('stories of welds gone wrong', () => {
    const rank = ({ job, by = 'stick', sign, truth }: WeldStory): number =>
      diagnose(
        assess(demoJob('ramp-guard', { 'look.surface': 'scale', ...job }), DEMO_KIT),
        sign,
        by,
      ).findIndex(({ id }) => id === truth);
    // Set by: even ones. Judged by: odd ones, which nobody looked at while the likelihoods were set.
    test.each([
      ['set by', WELD_STORIES.filter((_, n) => n % 2 === 0)],
      ['kept apart', WELD_STORIES.filter((_, n) => n % 2 === 1)],
    ])('%s: the first cause is right in four of five, one of three in nineteen of twenty', (_, stories) => {
      const ranks = stories.map(rank);
      expect(stories.length).toBeGreaterThanOrEqual(15);
      expect(ranks.filter((n) => n === 0).length / stories.length).toBeGreaterThanOrEqual(0.8);
      expect(ranks.filter((n) => n >= 0).length / stories.length).toBeGreaterThanOrEqual(0.95);
    });
  });

  test('each process shows only what it can, and is put down only to what belongs to it', () => {
    const at = assess(demoJob('ramp-guard'), DEMO_KIT);
    for (const by of ARC_PROCESSES)
      for (const sign of signsOf(by)) {
        const found = diagnose(at, sign, by);
        expect(found).toHaveLength(3);
        for (const { id } of found) {
          const { of }: FaultTraits = FAULTS[id];
          expect(of === undefined || of.includes(by)).toBe(true);
        }
        const shows: FaultTraits['shows'] = found[0] ? FAULTS[found[0].id].shows : {};
        expect([by, sign, shows[sign] ?? 0]).toEqual([by, sign, expect.any(Number)]);
        expect(shows[sign] ?? 0).toBeGreaterThanOrEqual(0.15);
      }
    expect(signsOf('stick')).not.toContain('burn-back');
    expect(signsOf('tig')).toEqual(expect.arrayContaining(['sugar', 'skin', 'pores']));
    expect(signsOf('tig')).not.toContain('one-sided');
  });

  test.each<[string, ArcProcess, SignId]>([
    ['pops and spits near the end', 'stick', 'spatter'],
    ['slag won’t come off', 'stick', 'slag-sticks'],
    ['cracked next morning', 'stick', 'late-crack'],
    ['breaker goes after two minutes', 'stick', 'trips'],
    ['looks like a sponge when I grind it', 'stick', 'pores'],
    ['it blew holes in the sheet', 'stick', 'holes'],
    ['rod keeps sticking', 'stick', 'sticks'],
    ['the wire burns back into the tip', 'gas-wire', 'burn-back'],
    ['bird nest at the rolls', 'gas-wire', 'tangle'],
    ['tungsten goes blue', 'tig', 'tungsten-blue'],
    ['back of the root looks like sugar', 'tig', 'sugar'],
    ['panel buckled like an oil can', 'stick', 'warped'],
  ])('"%s" by %s is %s', (text, by, sign) => {
    expect(signsSaid(text, by)[0]).toBe(sign);
  });

  // Common practice: gas is blown off from 2 m/s (5 mph), short-circuit wire is for up to 6 mm, sheet for 3 mm and under.
  test.each<[string, ArcProcess, SignId, string, Record<string, unknown>, Record<string, unknown>, RegExp]>([
    [
      'gas in wind',
      'gas-wire',
      'pores',
      'wind',
      { 'look.wind_m_s': 2.1 },
      { 'look.wind_m_s': 1.9 },
      /blown off/,
    ],
    [
      'wire on plate',
      'gas-wire',
      'on-top',
      'cold',
      { 'joint.thicknessA_mm': 6.5 },
      { 'joint.thicknessA_mm': 6 },
      /hardly fuses/,
    ],
    [
      'TIG on sheet',
      'tig',
      'holes',
      'hot',
      { 'joint.thicknessA_mm': 3 },
      { 'joint.thicknessA_mm': 3.2 },
      /sheet/,
    ],
    [
      'no purge',
      'tig',
      'sugar',
      'no-purge',
      { 'metal.sideA.family': 'austenitic-stainless' },
      { 'metal.sideA.family': 'low-carbon-steel' },
      /stainless/,
    ],
  ])(
    '%s: what the plan says counts at its edge, and not before',
    (_, by, sign, fault, over, under, because) => {
      const told = (edits: Record<string, unknown>) =>
        diagnose(
          assess(
            demoJob('ramp-guard', {
              'look.place': 'outdoors',
              'joint.sameThickness': true,
              'metal.sameBothSides': true,
              ...edits,
            }),
            DEMO_KIT,
          ),
          sign,
          by,
        ).find(({ id }) => id === fault);
      expect(told(over)?.because).toMatch(because);
      expect(told(under)?.because ?? '').not.toMatch(because);
      expect(told(over)?.share ?? 0).toBeGreaterThan(told(under)?.share ?? 1);
    },
  );

  test('bottles that are nearly empty speak for lost gas', () => {
    const told = (pressure_bar: number) =>
      diagnose(
        assess(demoJob('ramp-guard'), {
          ...DEMO_KIT,
          bottles: [{ id: 'b', gas: 'argon', size_l: 10, pressure_bar, left_kg: null, note: '', typed: {} }],
        }),
        'tungsten-blue',
        'tig',
      ).find(({ id }) => id === 'gas-lost')?.because;
    // Ten litres, of which the last bars stay in it: 110 l left, and 90 l (our judgement: 100 l).
    expect(told(BOTTLE_KEEPS_bar + 11)).toBe('');
    expect(told(BOTTLE_KEEPS_bar + 9)).toMatch(/nearly empty/);
  });

  test('what says nothing of a weld is no sign', () => {
    expect(signsSaid('', 'stick')).toEqual([]);
    expect(signsSaid('where is my sandwich', 'stick')).toEqual([]);
  });
});
