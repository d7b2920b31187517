import {
  ANGULAR,
  ASSUMED_WIDTH,
  BOW,
  BUCKLE,
  BUCKLES_TO_mm,
  LEAN,
  PULL_DOUBT,
  TENDON,
  TRANSVERSE,
  USUAL_MOVE,
} from '../data/pull';
import { CHOSEN, PRACTICE } from '../units/sources';
import { inWords, trimmed } from '../units/format';
import { exactly, type Range } from '../units/range';
import { ofThumb, takenSo, SNUG_BELOW, TIGHT_BELOW, under, yesNo, type RoomBody } from '../judge/room';
import { usualMove_mm } from './pullPlan';
import type { Reads } from '../judge/situation';
import type { Assessor } from '../judge/assessor';

/** A pull against what the welder said it may move, or against what work is mostly held to: that only warns. */
function against(
  { job, joint, system }: Reads<'job' | 'joint' | 'system'>,
  pull: Range | null,
  { what, over_mm, reasons }: { what: string; over_mm: number; reasons: RoomBody['reasons'] },
): RoomBody | null {
  if (pull === null) return null;
  const { tolerance_mm } = job.order;
  const may_mm = tolerance_mm ?? usualMove_mm(over_mm);
  const say = inWords(system).size;
  const spoken = {
    now: `${what} ${trimmed(pull.low, 1)} to ${trimmed(pull.high, 1)} mm`,
    gap: 'before it is too much',
    past: 'more than it may move',
    until: tolerance_mm === null ? `${say(may_mm)} is usual` : `${say(may_mm)} by you`,
    reasons: [
      ...reasons,
      tolerance_mm === null
        ? {
            words: `Nobody said what it may move: over ${say(over_mm)} work is mostly held to ${say(may_mm)}.`,
            source: USUAL_MOVE.source,
          }
        : { words: `It may move ${say(may_mm)}: you said so.`, source: CHOSEN },
    ],
    ask: tolerance_mm === null ? 'Type at Order how much it may move.' : '',
  };
  return warnsOnly(under('mm', pull, exactly(may_mm), spoken), {
    isKnown: tolerance_mm !== null,
    sheet: (joint.thin_mm ?? 0) <= BUCKLES_TO_mm.value,
    gap: 'may move too far',
  });
}

/**
 * A fit shuts a plan only where its good end fails too, and not at all against something that nobody said or measured: then it is marked,
 * and on plate mildly.
 */
function warnsOnly(
  body: RoomBody,
  { isKnown, sheet, gap }: { isKnown: boolean; sheet: boolean; gap: string },
): RoomBody {
  if (isKnown || body.state === 'roomy' || body.state === 'snug') return ofThumb(body, gap);
  const marked = takenSo(yesNo('departure', { ...body, gap }));
  return sheet ? marked : { ...marked, state: 'snug', fraction: exactly((TIGHT_BELOW + SNUG_BELOW) / 2) };
}

/** Said where the width is only taken to be so. */
const assumed = ({ pull, system }: Reads<'pull' | 'system'>): RoomBody['reasons'] =>
  pull.measured
    ? []
    : [
        {
          words: `Nobody measured the piece: taken to be ${inWords(system).size(pull.width_mm)} wide.`,
          source: ASSUMED_WIDTH.source,
        },
      ];

/** In across a butt. */
export const transverse = {
  title: 'Pull across the butt',
  short: 'pulls in',
  stop: 'order',
  assess: (situation: Reads<'pull' | 'job' | 'joint' | 'system'>) =>
    against(situation, situation.pull.transverse_mm, {
      what: 'pulls in',
      over_mm: situation.pull.width_mm,
      reasons: [
        {
          words:
            'A tenth to a fifth of the weld’s area over the thickness, and a twentieth of the root opening.',
          source: TRANSVERSE.spraragen.source,
        },
        { words: 'Less weld, a tighter fit, fewer passes pull less.', source: TRANSVERSE.blodgett.source },
      ],
    }),
} satisfies Assessor;

/** The edge of a flange lifted by fillets. */
export const angular = {
  title: 'Lift of the flange',
  short: 'lifts',
  stop: 'order',
  assess: (situation: Reads<'pull' | 'job' | 'joint' | 'system'>) =>
    against(situation, situation.pull.angular_mm, {
      what: 'lifts',
      over_mm: situation.pull.width_mm,
      reasons: [
        {
          words:
            '0.02 W D^1.3 / T^2 in inches, for fillets on both sides: the leg counts more than the length.',
          source: ANGULAR.source,
        },
        { words: 'By hand it scatters by a third.', source: PULL_DOUBT.source },
        ...assumed(situation),
      ],
    }),
} satisfies Assessor;

/** A tee bent along its length. */
export const bow: Assessor = {
  title: 'Bow along the length',
  short: 'bow',
  stop: 'order',
  assess: (situation: Reads<'pull' | 'job' | 'joint' | 'system' | 'length_mm'>) =>
    against(situation, situation.pull.bow_mm, {
      what: 'bows',
      over_mm: situation.length_mm,
      reasons: [
        {
          words:
            '0.005 A d L^2 / I in inches: weld metal far from the middle of the section bends it, and length counts twice.',
          source: BOW.source,
        },
        { words: 'By hand it scatters by a third.', source: PULL_DOUBT.source },
      ],
    }),
};

/** A tube welded all round that leans to the side welded first. */
export const square = {
  title: 'Out of square',
  short: 'leans',
  stop: 'order',
  assess: (situation: Reads<'pull' | 'job' | 'joint' | 'system'>) =>
    against(situation, situation.pull.lean_mm, {
      what: 'leans',
      over_mm: situation.pull.member_mm,
      reasons: [
        {
          words: `A tube leans to the side that is welded first: a fifth to a half of what that side pulls in stays, and shows over ${inWords(situation.system).size(situation.pull.member_mm)} of its length.`,
          source: LEAN.source,
        },
        {
          words: 'Tack all corners, weld opposite sides in turn, brace it across until it is cold.',
          source: PRACTICE,
        },
      ],
    }),
} satisfies Assessor;

/** Sheet that the weld's pull along it buckles. */
export const buckle = {
  title: 'Buckling of the sheet',
  short: 'buckles',
  stop: 'order',
  assess(situation: Reads<'pull' | 'wants' | 'system'>) {
    const { pull, wants } = situation;
    if (pull.along_N === null || pull.buckles_N === null || wants.verdict === 'never') return null;
    const kN = (range: Range): Range => ({
      low: range.low / 1000,
      nominal: range.nominal / 1000,
      high: range.high / 1000,
    });
    return warnsOnly(
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
          ...assumed(situation),
        ],
        ask: pull.measured
          ? 'Clamps, a copper bar under it, stitches: less heat in one go.'
          : 'Type at Order how wide the piece is.',
      }),
      { isKnown: pull.measured, sheet: true, gap: 'may buckle' },
    );
  },
} satisfies Assessor;
