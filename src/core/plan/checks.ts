import { damageTraits } from '../data/damage';
import { jointTraits } from '../data/joints';
import { metalFamily, type MetalGroup } from '../data/metals';
import { HARDEST_BESIDE_HV, VISUAL } from '../data/patterns';
import { AWS_D1_1, memoryOf, PRACTICE, type Source } from '../units/sources';
import { inWords, trimmed } from '../units/format';
import type { UnitSystem } from '../units/kinds';
import type { Situation } from '../judge/situation';
import { pieceTraits } from '../data/pieces';
import { pieceKindOf } from '../field/blowPiece';

/** When a check is made: while it is open, hot from the arc, cold, or days after. */
export type CheckWhen = 'open' | 'hot' | 'cold' | 'late' | 'use';
export const CHECK_WHEN: Readonly<Record<CheckWhen, string>> = {
  open: 'before you fill it',
  hot: 'pass by pass',
  cold: 'when it is cold',
  late: '24 to 48 hours later',
  use: 'after the first shift',
};

/** One check of a repair. */
export interface Check {
  id: string;
  name: string;
  when: CheckWhen;
  /** What is done, where, and what is looked for. */
  how: string;
  /** What is mostly allowed; empty where there is no figure. */
  limit: string;
  must: boolean;
  /** Who may do it, where not just anybody. */
  who: string;
  source: Source;
}

const check = (
  id: string,
  name: string,
  when: CheckWhen,
  how: string,
  more: Partial<Omit<Check, 'id' | 'name' | 'when' | 'how'>> = {},
): Check => ({ id, name, when, how, limit: '', must: true, who: '', source: PRACTICE, ...more });

/** Answers "how do I know that it holds?": what a repair is looked at for, in the order of the work; must stands before may. */
export function checksFor(situation: Situation): Check[] {
  const found = [
    ...whileOpen(situation),
    ...byEye(situation),
    ...forCracks(situation),
    ...ofSize(situation),
    ...ofMetal(situation),
    ...ofShape(situation),
    ...ofService(situation),
  ];
  const order = Object.keys(CHECK_WHEN);
  return found.sort(
    (a, b) => order.indexOf(a.when) - order.indexOf(b.when) || Number(b.must) - Number(a.must),
  );
}

const groupsOf = ({ wants }: Pick<Situation, 'wants'>): MetalGroup[] =>
  wants.families.map((id) => metalFamily(id).group);
const carries = ({ job }: Pick<Situation, 'job'>): boolean => job.rod.duty !== 'nothing';
const MAGNETIC: readonly MetalGroup[] = ['carbon', 'hardenable', 'cast-iron', 'ferritic'];

/** A figure finer than a tape reads. */
const fine = (mm: number, system: UnitSystem): string =>
  system === 'metric' ? `${trimmed(mm, 2)} mm` : `${trimmed(mm / 25.4, 3)} in`;

/** What is looked at before anything is laid. */
function whileOpen(situation: Situation): Check[] {
  const { job, joint, system } = situation;
  const traits = damageTraits(job.look.damage);
  const say = inWords(system).size;
  const cracked = traits?.removal === 'crack' || job.look.damage === 'cracked-weld';
  const magnetic = groupsOf(situation).every((group) => MAGNETIC.includes(group));
  return [
    ...(cracked
      ? [
          check(
            'clear',
            'Nothing is left of it',
            'open',
            `${magnetic ? 'Dye or magnetic powder' : 'Dye'} over the whole cut and ${say(50)} past each end.`,
            { limit: 'no line at all', source: AWS_D1_1 },
          ),
        ]
      : []),
    ...(traits?.removal === 'thin'
      ? [
          check(
            'thickness',
            'Thick enough round the cut',
            'open',
            'Measured or tapped every 50 mm round the edge.',
            {
              limit:
                joint.thin_mm === null
                  ? 'two thirds of what it was'
                  : `${say((2 / 3) * joint.thin_mm)} at the least`,
            },
          ),
        ]
      : []),
    ...(jointTraits(job.joint.kind)?.fitUp
      ? [
          check(
            'fit',
            'Fit-up',
            'open',
            'Gap, offset of the faces and angle at both ends and the middle, before the first pass.',
            { must: false },
          ),
        ]
      : []),
  ];
}

/** What eye, light and fingers tell. */
function byEye(situation: Situation): Check[] {
  const { job, joint, system, beads } = situation;
  const say = inWords(system).size;
  const thin = joint.thin_mm;
  const across = job.look.cause === 'fatigue';
  const most = undercutOf(thin, across);
  const pores =
    across || job.look.cause === 'brittle'
      ? `one pore of ${say(VISUAL.poresMoving_mm)} in ${say(VISUAL.poresEvery_mm)} at most`
      : `pores together ${say(VISUAL.poresSum_mm)} in ${say(VISUAL.poresIn_mm)} at most`;
  return [
    ...((beads?.passes.length ?? 1) > 1
      ? [
          check(
            'between',
            'Each pass',
            'hot',
            'Slag off, toes washed in, no hole, no crack down the middle or in the crater: what is left under the next bead stays.',
          ),
        ]
      : []),
    check(
      'eye',
      'Look at all of it',
      'cold',
      'All slag and spatter off; light from the side, then change the light and feel it: glare looks like undercut. Toes, starts, craters and both ends.',
      {
        limit: `cracks none; craters full; undercut ${fine(most, system)} at most; ${pores}`,
        source: VISUAL.source,
      },
    ),
  ];
}

/** Undercut that is mostly allowed, mm: by thickness, and hardly any across a load that comes and goes. */
export function undercutOf(thin_mm: number | null, loadComesAndGoes: boolean): number {
  if (loadComesAndGoes) return VISUAL.undercutAcross_mm;
  const byPlate = (thin_mm ?? 10) >= VISUAL.thickFrom_mm ? VISUAL.undercutThick_mm : VISUAL.undercut_mm;
  return thin_mm === null ? byPlate : Math.min(byPlate, VISUAL.undercutOfSheet * thin_mm);
}

/** Cracks that the eye does not find, and those that come late. */
function forCracks(situation: Situation): Check[] {
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

/** Small legs may be less under size than the code's figure. */
const UNDER_AT_MOST = 0.4;

/** Leg, throat and face. */
function ofSize(situation: Situation): Check[] {
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
function ofMetal(situation: Situation): Check[] {
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

/** Straight, square and true. */
function ofShape({ job, pull, system, joint }: Situation): Check[] {
  const say = inWords(system).size;
  const { tolerance_mm } = job.order;
  const frame = pieceTraits(pieceKindOf(job)).cornered;
  const limit = tolerance_mm === null ? '' : `${say(tolerance_mm)} at most`;
  return [
    ...(frame
      ? [check('diagonals', 'Both diagonals', 'cold', 'Corner to corner, and laid on a flat.', { limit })]
      : []),
    ...(job.look.damage === 'worn-hole'
      ? [
          check('pin', 'The pin in it', 'cold', 'In by hand, turns, no rock; centre against the marks.', {
            limit,
          }),
        ]
      : []),
    ...(job.look.damage === 'worn-face'
      ? [
          check('template', 'Template', 'cold', 'Against the sound part or the template, at three places.', {
            limit,
          }),
        ]
      : []),
    ...(!frame &&
    (tolerance_mm !== null ||
      pull.angular_mm !== null ||
      (pull.transverse_mm !== null && (joint.length_mm ?? 0) > 200))
      ? [
          check('straight', 'Straight edge', 'cold', 'Along it and across it, against what it was before.', {
            must: tolerance_mm !== null,
            limit,
          }),
        ]
      : []),
  ];
}

/** What it has to do. */
function ofService(situation: Situation): Check[] {
  const { job } = situation;
  const failed = damageTraits(job.look.damage)?.failed === true;
  return [
    ...(job.look.damage === 'thin-sheet'
      ? [
          check(
            'leak',
            'Tight',
            'cold',
            'Water in it, or soap film and a vacuum box over the seam. Never air pressure: it bursts.',
            {
              must: false,
              limit: 'no drop, no bubble in two minutes',
            },
          ),
        ]
      : []),
    ...(carries(situation) && failed
      ? [
          check(
            'use',
            'Once more',
            'use',
            'Where it broke, and at both ends of the new weld: clean, by eye and by dye.',
            {
              must: job.look.cause === 'fatigue',
            },
          ),
          check('proof', 'Load it', 'cold', 'A known load, slowly, nobody under or beside it.', {
            must: false,
            who: 'only under a competent person',
          }),
        ]
      : []),
  ];
}

/** A check as one line of a sheet. */
export const checkInWords = ({ name, when, how, limit, who }: Check): string =>
  `${name}, ${CHECK_WHEN[when]}: ${how}${limit === '' ? '' : ` Usual limit: ${limit}.`}${who === '' ? '' : ` By: ${who}.`}`;

/** Attempts after which another way is taken. */
export const MOST_TRIES = 2;

/** What is said of a check that was done over: after two tries another way. */
export const triedInWords = (redone: number): string =>
  redone >= MOST_TRIES
    ? `Done over ${trimmed(redone, 0)} times: another way now, and another pair of eyes.`
    : 'Take it out, find out why, and weld it again.';
