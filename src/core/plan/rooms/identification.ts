import { NEVER_SHARE, PLAN_SHARE } from '../../data/losses';
import { metalFamily } from '../../data/metals';
import { isHazard, HAZARDS } from '../../data/hazards';
import { CHOSEN, OUR_JUDGEMENT, PRACTICE } from '../../data/sources';
import { planShareOf } from '../../metal/doubt';
import { shareOf } from '../../metal/plausible';
import { exactly } from '../../units/range';
import { trimmed } from '../../units/format';
import { under, unknown } from '../room';
import type { Situation } from '../situation';
import type { Assessor } from './assessor';

const percent = (share: number): string =>
  `${trimmed(100 * share, share < 0.001 ? 3 : share < 0.1 ? 2 : 0)} %`;

/** Beliefs that tests made: a name from papers leaves nothing to measure. */
const testedBeliefs = ({ beliefs }: Situation) =>
  beliefs.filter(({ tested, named }) => tested && named === null);

/** How far the likeliest metal that the plan is not for stays under the share from which it would have to be. */
export const identification: Assessor = {
  id: 'identification',
  title: 'Identification',
  short: 'identity',
  stop: 'metal',
  assess(situation) {
    const { wants, job } = situation;
    const beliefs = testedBeliefs(situation);
    if (beliefs.length === 0 || wants.verdict === 'never' || wants.verdict === 'unknown') return null;
    const share = planShareOf(job);
    const left = beliefs
      .flatMap(({ shares }) => shares)
      .filter(({ family }) => !wants.families.includes(family))
      .sort((a, b) => b.share - a.share)[0];
    if (!left) return null;
    return under('%', exactly(100 * left.share), exactly(100 * share), {
      now: `${metalFamily(left.family).name} ${percent(left.share)}`,
      gap: 'before the plan must suit it too',
      past: 'past what the plan may leave out',
      until: `planned for from ${percent(share)}`,
      reasons: [
        {
          words: `Likeliest of what this plan is not made for: ${metalFamily(left.family).name.toLowerCase()}, ${percent(left.share)}.`,
          source: OUR_JUDGEMENT,
        },
        {
          words: `The plan has to suit every metal over ${percent(share)}.`,
          source: share === PLAN_SHARE.value ? PLAN_SHARE.source : CHOSEN,
        },
      ],
      ask: 'One more test, at Metal, leaves less to chance.',
    });
  },
};

/** How far the belief in metals that burn or poison stays under a trace. */
export const hazard: Assessor = {
  id: 'hazard',
  title: 'Metal that hurts',
  short: 'hazard',
  stop: 'metal',
  assess(situation) {
    const beliefs = testedBeliefs(situation);
    if (beliefs.length === 0 || situation.wants.verdict === 'never') return null;
    const found = beliefs
      .flatMap(({ shares }) => shares)
      .filter(({ family }) => isHazard(family))
      .sort((a, b) => b.share - a.share);
    const [worst] = found;
    if (!worst) return null;
    const row = HAZARDS[worst.family];
    const reasons = [
      {
        words: `Belief in all that burn or poison together: ${percent(Math.max(...beliefs.map((b) => shareOf(b, isHazard))))}.`,
        source: OUR_JUDGEMENT,
      },
      { words: `${metalFamily(worst.family).name}: ${row?.words ?? ''}`, source: PRACTICE },
    ];
    const spoken = {
      now: `${metalFamily(worst.family).name} ${percent(worst.share)}`,
      until: `let go under ${percent(NEVER_SHARE.value)}`,
      reasons,
      ask: 'Do the test that rules it out, at Metal.',
    };
    if (worst.share >= NEVER_SHARE.value)
      return unknown({ ...spoken, gap: `rule ${row?.name ?? 'it'} out` }, true);
    return under('%', exactly(100 * worst.share), exactly(100 * NEVER_SHARE.value), {
      ...spoken,
      gap: 'before it must be reckoned with',
      past: 'past a trace',
    });
  },
};
