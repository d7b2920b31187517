import { ANGULAR, BOW, BUCKLE, PULL_DOUBT, TENDON, TRANSVERSE } from '../../data/pull';
import { CHOSEN } from '../../units/sources';
import { inWords, trimmed } from '../../units/format';
import { exactly, type Range } from '../../units/range';
import { guessed, under, type RoomBody } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import type { Assessor } from '../../judge/assessor';

/** A pull against what the welder said it may move; nothing where nobody said. */
function against(
  { job, system }: Reads<'job' | 'system'>,
  pull: Range | null,
  what: string,
  reasons: RoomBody['reasons'],
): RoomBody | null {
  const { tolerance_mm } = job.order;
  if (pull === null || tolerance_mm === null) return null;
  const say = inWords(system).size;
  return guessed(
    under('mm', pull, exactly(tolerance_mm), {
      now: `${what} ${trimmed(pull.low, 1)} to ${trimmed(pull.high, 1)} mm`,
      gap: 'before it is too much',
      past: 'more than it may move',
      until: `${say(tolerance_mm)} by you`,
      reasons: [...reasons, { words: `It may move ${say(tolerance_mm)}: you said so.`, source: CHOSEN }],
    }),
    'may move too far',
  );
}

/** In across a butt. */
export const transverse: Assessor = {
  title: 'Pull across the butt',
  short: 'pulls in',
  stop: 'order',
  assess: (situation: Reads<'pull' | 'job' | 'system'>) =>
    against(situation, situation.pull.transverse_mm, 'pulls in', [
      {
        words:
          'A tenth to a fifth of the weld’s area over the thickness, and a twentieth of the root opening.',
        source: TRANSVERSE.spraragen.source,
      },
      { words: 'Less weld, a tighter fit, fewer passes pull less.', source: TRANSVERSE.blodgett.source },
    ]),
};

/** The edge of a flange lifted by fillets. */
export const angular: Assessor = {
  title: 'Lift of the flange',
  short: 'lifts',
  stop: 'order',
  assess: (situation: Reads<'pull' | 'job' | 'system'>) =>
    against(situation, situation.pull.angular_mm, 'lifts', [
      {
        words:
          '0.02 W D^1.3 / T^2 in inches, for fillets on both sides: the leg counts more than the length.',
        source: ANGULAR.source,
      },
      { words: 'By hand it scatters by a third.', source: PULL_DOUBT.source },
    ]),
};

/** A tee bent along its length. */
export const bow: Assessor = {
  title: 'Bow along the length',
  short: 'bow',
  stop: 'order',
  assess: (situation: Reads<'pull' | 'job' | 'system'>) =>
    against(situation, situation.pull.bow_mm, 'bows', [
      {
        words:
          '0.005 A d L^2 / I in inches: weld metal far from the middle of the section bends it, and length counts twice.',
        source: BOW.source,
      },
      { words: 'By hand it scatters by a third.', source: PULL_DOUBT.source },
    ]),
};

/** Sheet that the weld's pull along it buckles. */
export const buckle: Assessor = {
  title: 'Buckling of the sheet',
  short: 'buckles',
  stop: 'order',
  assess({ pull, wants }: Reads<'pull' | 'wants'>) {
    if (pull.along_N === null || pull.buckles_N === null || wants.verdict === 'never') return null;
    const kN = (range: Range): Range => ({
      low: range.low / 1000,
      nominal: range.nominal / 1000,
      high: range.high / 1000,
    });
    return guessed(
      under('kN', kN(pull.along_N), kN(pull.buckles_N), {
        now: `pulls ${trimmed(pull.along_N.nominal / 1000, 0)} kN along`,
        gap: 'before it buckles',
        past: 'over: it buckles unless held',
        until: `about ${trimmed(pull.buckles_N.nominal / 1000, 0)} kN`,
        reasons: [
          { words: 'About 0.2 kN for every J/mm of heat in one run.', source: TENDON.source },
          {
            words: 'A flat panel as wide as the piece; edges that are bent or held stand more.',
            source: BUCKLE.source,
          },
        ],
        ask: 'Clamps, a copper bar under it, stitches: less heat in one go.',
      }),
      'may buckle',
    );
  },
};
