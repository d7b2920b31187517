import { DEMO_KIT } from '../../demo/kit';
import { demoJob } from '../../../tests/support/demo';
import { fullTin } from '../../../tests/support/tins';
import type { FamilyId } from '../data/families';
import { POLES, type RodClassId } from '../data/rods';
import type { RodSizeId } from '../data/rodSizes';
import { blankJob } from '../formats/blankJob';
import { applyEdits } from '../formats/edits';
import type { Job } from '../formats/job';
import type { Kit } from '../formats/kit';
import { ampWindow } from '../rods/amps/amps';
import { assess, type Assessment } from './assess';
import { findLevers } from './levers/levers';

const AT = '2026-01-01T08:00:00.000Z';
const OPENED = '2026-01-01T07:00:00.000Z';
const tin = (rodClass: RodClassId, size: RodSizeId, printed = '') =>
  fullTin(rodClass, size, { printed, openedAt: OPENED });
/** A truck as many have it. */
const TRUCK: Kit = {
  ...DEMO_KIT,
  tins: [
    tin('E6011', '3/32'),
    tin('E6013', '1/16'),
    tin('E6013', '3/32'),
    tin('E7018', '3/32', 'E7018-H4R'),
    tin('E7018', '1/8', 'E7018-H4R'),
    tin('E309L-16', '3/32'),
  ],
};

function plate(
  family: FamilyId,
  kind: NonNullable<Job['joint']['kind']>,
  thickness_mm: number,
  position: NonNullable<Job['look']['position']>,
): Job {
  const job = blankJob('plate', AT);
  return {
    ...job,
    look: {
      ...job.look,
      place: 'indoors',
      surface: 'bright',
      access: 'one-side',
      air_C: 18,
      position,
      startAt: AT,
    },
    metal: {
      ...job.metal,
      sameBothSides: true,
      sideA: { ...job.metal.sideA, family, part: 'bracket', coating: 'none' },
    },
    joint: {
      ...job.joint,
      kind,
      thicknessA_mm: thickness_mm,
      sameThickness: true,
      gap_mm: 0,
      length_mm: 200,
    },
    rod: { ...job.rod, skill: 'steady' },
  };
}

const shut = ({ rooms }: Assessment) => rooms.filter(({ state }) => state === 'none').map(({ id }) => id);

const GRID = (['low-carbon-steel', 'quenched-tempered-wear-plate', 'austenitic-stainless'] as const).flatMap(
  (family) =>
    (['lap', 't-fillet', 'square-butt', 'outside-corner'] as const).flatMap((kind) =>
      [2, 3, 6].flatMap((thickness_mm) =>
        (['flat', 'vertical'] as const).map((position) => [family, kind, thickness_mm, position] as const),
      ),
    ),
);

describe('what is proposed is found by the rooms', () => {
  // Tried by hand, one by one: nothing that is asked for outright is worked out by the search under test.
  test('no proposal shuts a room while a rod of the truck, a pole and amps of its range leave all of them open', () => {
    for (const cell of GRID) {
      const job = plate(...cell);
      if (shut(assess(job, TRUCK)).length === 0) continue;
      for (const { rodClass, size } of TRUCK.tins)
        for (const pole of POLES) {
          const window = ampWindow(rodClass, size, null);
          for (const at of [0.1, 0.3, 0.7, 0.9]) {
            const amps = window && Math.round(window.low_A + at * (window.high_A - window.low_A));
            const tried = assess(
              applyEdits(job, [
                { path: 'rod.rodClass', value: rodClass },
                { path: 'rod.size', value: size },
                { path: 'rod.pole', value: pole },
                { path: 'rod.current_A', value: amps },
              ]),
              TRUCK,
            );
            expect([cell, rodClass, size, pole, amps, shut(tried).length > 0]).toEqual([
              cell,
              rodClass,
              size,
              pole,
              amps,
              true,
            ]);
          }
        }
    }
  });

  const butt = plate('low-carbon-steel', 'square-butt', 2, 'flat');

  // Common practice: 1/16 lies on a 2 mm butt from one side, 3/32 of the digging kind goes through.
  test('says what the usual choice would have shut', () => {
    const found = assess(butt, TRUCK);
    expect(shut(found)).toEqual([]);
    expect(found.situation.rod?.by).toBe('app');
    expect(found.situation.rod?.value).not.toMatchObject({ rodClass: 'E6013', size: '1/16' });
    expect(found.situation.rod?.why).toMatch(
      /^E6013 1\/16, the usual choice, would leave little room here: depth at the root, /,
    );
  });

  test('what the welder fixed stays his, and an edit that has nothing to do with it changes nothing', () => {
    const fixed = assess(
      applyEdits(butt, [
        { path: 'rod.rodClass', value: 'E6013' },
        { path: 'rod.size', value: '1/16' },
      ]),
      TRUCK,
    );
    expect(fixed.situation.rod?.value).toMatchObject({ rodClass: 'E6013', size: '1/16' });
    const renamed = assess(applyEdits(butt, [{ path: 'title', value: 'Hatch' }]), TRUCK);
    expect(renamed.situation.preferred).toEqual(assess(butt, TRUCK).situation.preferred);
    const pole = assess(applyEdits(butt, [{ path: 'rod.pole', value: 'DCEN' }]), TRUCK);
    expect(pole.situation.pole).toMatchObject({ value: 'DCEN', by: 'you' });
  });

  test('a lever is judged beside what was found, and not with another rod', () => {
    const found = assess(butt, TRUCK);
    const levers = findLevers(butt, TRUCK, found);
    const fewer = levers.find(({ id }) => id.startsWith('amps-'));
    expect(fewer).toBeDefined();
    const kept = assess(
      applyEdits(butt, fewer?.edits ?? []),
      TRUCK,
      'metric',
      null,
      found.situation.preferred,
    );
    expect(kept.situation.rod?.value.rodClass).toBe(found.situation.rod?.value.rodClass);
  });

  test('a plan that is open already is left as the rules make it', () => {
    const job = plate('low-carbon-steel', 't-fillet', 6, 'flat');
    expect(assess(job, TRUCK).situation.preferred).toBeNull();
    expect(assess(demoJob('cradle-arm'), DEMO_KIT).situation.preferred).toBeNull();
  });
});
