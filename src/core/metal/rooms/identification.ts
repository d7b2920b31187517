import { PLAN_SHARE } from '../../data/losses';
import { clearingOf } from '../../data/clearing';
import type { FamilyId } from '../../data/families';
import { metalFamily } from '../../data/metals';
import { HAZARDS } from '../../data/hazards';
import { CHOSEN, OUR_JUDGEMENT, PRACTICE } from '../../units/sources';
import { planShareOf, sharesOf } from '../doubt';
import { shareOf } from '../plausible';
import { exactly } from '../../units/range';
import { trimmed, midSentence } from '../../units/format';
import { under, unknown, yesNo } from '../../judge/room';
import type { Reads, Situation } from '../../judge/situation';
import type { Assessor } from '../../judge/assessor';

const percent = (share: number): string =>
  `${trimmed(100 * share, share < 0.001 ? 3 : share < 0.1 ? 2 : 0)} %`;

/** Beliefs that tests made: a name from papers leaves nothing to measure. */
const testedBeliefs = ({ beliefs }: Reads<'beliefs'>) =>
  beliefs.filter(({ tested, named }) => tested && named === null);

/** How far the likeliest metal that the plan is not for stays under the share from which it would have to be. */
export const identification: Assessor = {
  title: 'Identification',
  short: 'identity',
  stop: 'metal',
  assess(situation: Reads<'wants' | 'job' | 'beliefs'>) {
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
          words: `Likeliest of what this plan is not made for: ${midSentence(metalFamily(left.family).name)}, ${percent(left.share)}.`,
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
  title: 'Metal that hurts',
  short: 'hazard',
  stop: 'metal',
  assess(situation: Reads<'beliefs' | 'wants' | 'job'>) {
    const { beliefs, wants, job } = situation;
    const looked = beliefs.filter(({ tested }) => tested);
    if (looked.length === 0 || wants.verdict === 'never') return null;
    const { hurts } = sharesOf(job);
    const open = [...new Set(looked.flatMap(({ uncleared }) => uncleared))];
    if (open.length === 0) {
      if (looked.every(({ named }) => named !== null)) return null;
      return yesNo('open', {
        now: 'cleared',
        gap: 'nothing that burns or poisons',
        until: 'each by its own test',
        reasons: [
          {
            words:
              'Every metal that burns or poisons was cleared by a test of its own, done soundly on bare metal.',
            source: PRACTICE,
          },
        ],
      });
    }
    const worst = [...open].sort((a, b) => shareIn(looked, b) - shareIn(looked, a));
    const [first] = worst;
    if (!first) return null;
    return unknown(
      {
        now: `${metalFamily(first).name} ${percent(Math.max(hurts, shareIn(looked, first)))}`,
        gap: `rule ${HAZARDS[first]?.name ?? 'it'} out`,
        until: 'cleared only by its own test',
        reasons: worst.slice(0, NAMED).map((family) => ({
          words: `${metalFamily(family).name}: ${HAZARDS[family]?.words ?? ''} Cleared by: ${clearingOf(
            family,
          )
            .slice(0, NAMED)
            .map(({ words }) => words)
            .join('; ')}.`,
          source: PRACTICE,
        })),
        ask: 'Do the test that clears it, at Metal.',
      },
      true,
    );
  },
};

/** So many metals, and ways to clear one, are told. */
const NAMED = 4;

const shareIn = (beliefs: Situation['beliefs'], family: FamilyId): number =>
  Math.max(0, ...beliefs.map((belief) => shareOf(belief, (id) => id === family)));
