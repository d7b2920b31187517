import { damageTraits } from '../../data/damage';
import type { Situation } from '../../judge/situation';
import { carries, check, groupsOf, MAGNETIC, type Check } from './check';

/** Cracks that the eye does not find, and those that come late. */
export function forCracks(situation: Situation): Check[] {
  const { job, heat, iron } = situation;
  const groups = groupsOf(situation);
  const hardens = heat.asked_C.high > 0 || groups.includes('hardenable');
  const failed = damageTraits(job.look.damage)?.failed === true;
  const magnetic = groups.length > 0 && groups.every((group) => MAGNETIC.includes(group));
  const wanted = carries(situation) && (failed || hardens || iron !== null);
  return [
    check(
      'dye',
      magnetic ? 'Dye or magnetic powder' : 'Dye',
      'cold',
      'Whole weld and a hand’s width beside it, toes and ends first.',
      {
        must: wanted,
        limit: 'no line',
        who: 'somebody who has done it before; for code work an inspector',
      },
    ),
    ...(hardens
      ? [
          check(
            'late',
            'Look again',
            'late',
            'The same look once more, toes first: hydrogen cracks come hours to two days after.',
            {
              limit: 'no line',
              must: carries(situation),
            },
          ),
        ]
      : []),
    ...(iron === null
      ? []
      : [
          check(
            'ring',
            'Ring it',
            'cold',
            'Hung up and struck lightly: a sound casting rings, a cracked one clanks. Then dye.',
            {
              must: false,
            },
          ),
        ]),
  ];
}
