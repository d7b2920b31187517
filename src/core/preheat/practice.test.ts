import { PREHEATS } from '../../../tests/support/preheats';
import { fullTin } from '../../../tests/support/tins';
import { DEMO_KIT } from '../../demo/kit';
import { blankJob } from '../formats/blankJob';
import type { Job } from '../formats/job';
import type { Kit } from '../formats/kit';
import { assess } from '../plan/assess';

const AT = '2026-01-01T08:00:00.000Z';

/** A bracket in a shop at 15 °C, a tin opened an hour ago. */
function warmed([family, grade, thick_mm, rodClass, printed, restraint]: (typeof PREHEATS)[number]) {
  const job = blankJob('warm', AT);
  const filled: Job = {
    ...job,
    look: {
      ...job.look,
      place: 'indoors',
      surface: 'bright',
      access: 'one-side',
      air_C: 15,
      position: 'horizontal',
      startAt: AT,
    },
    metal: {
      ...job.metal,
      sameBothSides: true,
      sideA: { ...job.metal.sideA, family, grade, part: 'bracket', coating: 'none' },
    },
    joint: {
      ...job.joint,
      kind: 't-fillet',
      thicknessA_mm: thick_mm,
      thicknessB_mm: thick_mm,
      sameThickness: true,
      gap_mm: 0,
      length_mm: 300,
    },
    heat: { ...job.heat, restraint },
    rod: { ...job.rod, rodClass, size: '1/8', skill: 'steady' },
  };
  const kit: Kit = {
    ...DEMO_KIT,
    tins: [fullTin(rodClass, '1/8', { printed, openedAt: '2026-01-01T07:00:00.000Z' })],
  };
  return assess(filled, kit);
}

/** A tenth over what is asked, and no less than 10 °C, in steps of 5: a plate is never even. As it lies stays as it lies. */
const overIt_C = (most_C: number) =>
  most_C === 0 ? 0 : 5 * Math.ceil((most_C + Math.max(10, 0.1 * most_C)) / 5);

const named = (row: (typeof PREHEATS)[number]) => [row.join(' '), row] as const;

describe('what people warm steel to', () => {
  test.each(PREHEATS.map(named))('%s', (_, row) => {
    const [, , , , , , least_C, most_C, ceiling_C, , formula] = row;
    const { situation, rooms } = warmed(row);
    const planned_C = situation.heat.preheat?.value ?? 0;
    // The shop is at 15 °C: steel of which less is asked lies warm enough.
    expect(situation.heat.start_C).toBeGreaterThanOrEqual(least_C);
    expect(planned_C).toBeLessThanOrEqual(overIt_C(Math.max(most_C, formula?.[0] ?? 0)));
    if (ceiling_C !== null) expect(situation.heat.ceiling?.value_C).toBeLessThanOrEqual(ceiling_C);
    // What is planned closes no room of heat, and leaves a hand's width to the ceiling.
    const shut = rooms.filter(
      ({ id, state }) => state === 'none' && ['preheat', 'interpass', 'cold-crack'].includes(id),
    );
    expect(shut.map(({ id }) => id)).toEqual([]);
  });

  test('naming a grade asks no more of ordinary steel than leaving it unnamed', () => {
    for (const thick_mm of [3, 6, 10, 16, 19, 25, 40])
      for (const rodClass of ['E6013', 'E6011', 'E7018'] as const) {
        const planned = (grade: 'a36' | 's235' | null) =>
          warmed(['low-carbon-steel', grade, thick_mm, rodClass, '', null, 0, 0, null, 'common practice'])
            .situation.heat.preheat?.value ?? 0;
        expect(planned('a36')).toBeLessThanOrEqual(planned(null));
        expect(planned('s235')).toBeLessThanOrEqual(planned(null));
      }
  });
});
