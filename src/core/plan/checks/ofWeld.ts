import { jointTraits } from '../../data/joints';
import { HARDEST_BESIDE_HV, VISUAL } from '../../data/patterns';
import type { Situation } from '../../judge/situation';
import { inWords } from '../../units/format';
import { memoryOf } from '../../units/sources';
import { carries, check, groupsOf, type Check } from './check';

/** Small legs may be less under size than the code's figure. */
const UNDER_AT_MOST = 0.4;

/** Leg, throat and face. */
export function ofSize(situation: Situation): Check[] {
  const { joint, job, system } = situation;
  const say = inWords(system).size;
  if (joint.leg_mm !== null) {
    const row = VISUAL.undersize.find(({ upTo_mm }) => (joint.leg_mm ?? 0) <= upTo_mm);
    const least = Math.max(0, joint.leg_mm - Math.min(row?.less_mm ?? 0, UNDER_AT_MOST * joint.leg_mm));
    return [
      check(
        'leg',
        'Leg by gauge',
        'cold',
        'Both legs and the throat, at both ends and where it looks thinnest.',
        {
          must: carries(situation),
          limit: `${say(joint.leg_mm)}; over a tenth of its length ${say(Math.round(10 * least) / 10)} at the least`,
          source: VISUAL.source,
        },
      ),
    ];
  }
  return jointTraits(job.joint.kind)?.capped
    ? [
        check(
          'face',
          'Straight edge over the face',
          'cold',
          'Across it at three places: filled, not dished; the faces of both parts in one line.',
          {
            must: carries(situation),
            limit:
              job.joint.cap === 'ground' || job.joint.cap === 'none'
                ? 'flush, no dish'
                : `no dish, ${say(3)} proud at most`,
            source: VISUAL.source,
          },
        ),
      ]
    : [];
}

/** What a metal asks for. */
export function ofMetal(situation: Situation): Check[] {
  const groups = groupsOf(situation);
  const { job, joint } = situation;
  const stainless = groups.some((group) => ['austenitic', 'duplex', 'ferritic'].includes(group));
  return [
    ...(groups.includes('hardenable')
      ? [
          check(
            'hardness',
            'Hardness beside it',
            'cold',
            'On the ground edge of the weld, a few millimetres from the bead, at three places.',
            {
              must: false,
              limit: `${HARDEST_BESIDE_HV} HV (about 330 HB) at the most`,
              who: 'with a portable tester; or a file against a known piece',
              source: memoryOf('EN ISO 15614-1'),
            },
          ),
        ]
      : []),
    ...(groups.includes('duplex')
      ? [
          check('ferrite', 'Ferrite', 'cold', 'Meter on cap and, where reached, on the root.', {
            must: false,
            limit: '30 to 70 % in the bead',
            source: memoryOf('EN ISO 17781 and practice'),
          }),
        ]
      : []),
    ...(stainless
      ? [
          check(
            'tint',
            'Colours off',
            'cold',
            job.look.food
              ? 'Straw or blue is ground or pickled off, polished finer in turn, then passivated; no copper sulphate where food touches.'
              : 'Straw or blue is brushed, pickled or ground off, both faces where reached: under it it rusts.',
            {
              must: job.look.food || job.look.wet === 'sea',
              limit: 'bright; pale straw where nothing wets it',
            },
          ),
        ]
      : []),
    ...(joint.backing === null && jointTraits(job.joint.kind)?.butt && job.look.access === 'both'
      ? [
          check(
            'root',
            'Look at the root',
            'cold',
            'From behind with a light: fused along its whole length, no icicles, no notch.',
            { must: carries(situation) },
          ),
        ]
      : []),
  ];
}
