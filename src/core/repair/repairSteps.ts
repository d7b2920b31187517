import { BETTER, CAUSES, damageTraits, FOUND } from '../data/damage';
import { metalFamily } from '../data/metals';
import { inWords, midSentence } from '../units/format';
import { step, type Step } from '../judge/step';
import type { Reads, Situation } from '../judge/situation';
import { keepTrue, patternOf } from './patterns';
import { takeItOut } from './takeItOut';

/** What is done to the broken part before it is fitted up: found, held, taken out. Nothing where nobody said what broke. */
export function repairSteps(situation: Situation): Step[] {
  const { job } = situation;
  const traits = damageTraits(job.look.damage);
  if (traits === null) return [];
  return [
    whyItBroke(situation),
    findIt(situation),
    takeItOut(situation),
    patternOf(situation),
    keepTrue(situation),
  ].filter((one): one is Step => one !== null);
}

/** What the break says, and what has to be another way this time. */
function whyItBroke({ job }: Reads<'job'>): Step | null {
  const { cause, damage } = job.look;
  if (damageTraits(damage)?.failed !== true) return null;
  if (cause === null)
    return step('Why did it break?', {
      actions: [
        'Look at the break before it is ground away: flat with rings, small loads very often; rough and torn, too much at once; smooth plate under the old bead, it was hardly welded; straight and grainy, hard or brittle.',
      ],
      why: 'A repair that is like what broke breaks like it.',
    });
  const { first, otherwise, name, tells } = CAUSES[cause];
  const better = cause === 'fatigue' && job.repair.better !== null ? [BETTER[job.repair.better].words] : [];
  const none =
    cause === 'fatigue' && job.repair.better === null
      ? [
          'The same weld at the same place breaks again: smoother, elsewhere, a tapered doubler, or less load on it.',
        ]
      : [];
  return step(`Why it broke: ${midSentence(name)}`, {
    actions: [...first, ...otherwise, ...better],
    cautions: none,
    why: `Told by the break: ${tells}.`,
  });
}

/** Whether a magnet holds all that it may be. */
const isMagnetic = ({ wants }: Reads<'wants'>): boolean =>
  wants.families.length > 0 &&
  wants.families.every((id) =>
    ['carbon', 'hardenable', 'cast-iron', 'ferritic'].includes(metalFamily(id).group),
  );

/** All of the crack, with its ends; iron has its own way of it. */
function findIt(situation: Reads<'job' | 'wants' | 'system' | 'iron' | 'joint'>): Step | null {
  const { job, system, iron, joint } = situation;
  const { damage } = job.look;
  const removal = damageTraits(damage)?.removal;
  if (iron !== null || damage === 'snapped' || (removal !== 'crack' && damage !== 'cracked-weld'))
    return null;
  const say = inWords(system).size;
  const { found } = job.repair;
  const by =
    found === null || found === 'eye'
      ? isMagnetic(situation)
        ? 'dye or magnetic powder'
        : 'dye: no powder clings to it'
      : FOUND[found].name.toLowerCase();
  // In thin metal that is not cut away a hole takes the sharpness off the end.
  const thin = joint.thin_mm !== null && joint.thin_mm <= STOP_HOLE_TO_mm;
  return step('Find all of it', {
    actions: [
      `Clean it bright ${say(100)} round about and look with ${by}; from both faces where you can.`,
      'Mark both ends with a punch. Light from the side, and a fingernail: a scratch does not branch.',
      ...(thin
        ? [
            `Where it ends in sheet and is not cut out further: a hole of ${say(4)} just past the end, its edges broken.`,
          ]
        : []),
    ],
    holds: ['Both ends are found and marked.'],
  });
}
const STOP_HOLE_TO_mm = 6;
