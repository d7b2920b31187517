import { BETTER, CAUSES, damageTraits, FOUND, HELD, REMOVERS } from '../data/damage';
import { metalFamily } from '../data/metals';
import { removed_mm3, removing } from '../joint/excavation';
import { filletArea_mm2 } from '../joint/shapes/shape';
import { inWords, midSentence, trimmed } from '../units/format';
import { step, type Step } from '../judge/step';
import type { Reads, Situation } from '../judge/situation';
import { keepTrue, patternOf } from './patterns';

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

/** What has to go, what that costs, and what holds the part meanwhile. */
function takeItOut(situation: Situation): Step | null {
  const { job, joint, iron, system, length_mm } = situation;
  const { damage } = job.look;
  const removal = damageTraits(damage)?.removal;
  if (iron !== null || (removal !== 'crack' && removal !== 'weld' && removal !== 'root')) return null;
  const { size, time } = inWords(system);
  const by = job.repair.remover ?? 'grinder';
  const boat = job.joint.kind === 'gouge' ? job.joint : null;
  const old_mm3 = joint.leg_mm === null ? null : filletArea_mm2(joint.leg_mm) * length_mm;
  const volume = boat ? removed_mm3(boat) : removal === 'weld' ? old_mm3 : null;
  const cost = volume === null ? null : removing(volume, by);
  const { cautions, after } = REMOVERS[by];
  return step(removal === 'weld' ? 'Take the old weld out' : 'Take it out', {
    settings: [
      ...(boat?.depth_mm != null ? [{ label: 'Deep', value: size(boat.depth_mm) }] : []),
      ...(boat?.topWidth_mm != null ? [{ label: 'Wide at the face', value: size(boat.topWidth_mm) }] : []),
      ...(boat?.length_mm != null
        ? [{ label: 'From end to end', value: size(Math.round(boat.length_mm)) }]
        : []),
      ...(boat?.ramp_mm != null
        ? [{ label: 'Ends run up over', value: size(Math.round(boat.ramp_mm)) }]
        : []),
      { label: 'With', value: REMOVERS[by].name },
      ...(cost && volume !== null
        ? [
            { label: 'Metal', value: `${trimmed(volume / 1000, volume < 10_000 ? 1 : 0)} cm³` },
            { label: 'Time', value: `${time(60 * cost.minutes.low)} to ${time(60 * cost.minutes.high)}` },
            ...(cost.discs === null ? [] : [{ label: 'Discs', value: `${cost.discs}` }]),
          ]
        : []),
    ],
    actions: [
      ...HOW_OUT[removal],
      ...(boat
        ? [
            'An open boat with a round bottom: sides leaning out, ends ramped, so that rod and eye get to all of it. Not a slot.',
          ]
        : []),
      ...after,
    ],
    holds: [
      ...(job.rod.duty === 'nothing' ? [] : [heldInWords(job.repair.held)]),
      removal === 'root'
        ? 'Sound root on both sides of the hole, feathered, nothing black in it.'
        : 'Looked at again with dye or powder: nothing is left of it.',
    ],
    cautions,
    why: job.repair.remover === null && cost ? 'Reckoned with a grinder; choose another tool at Joint.' : '',
  });
}

const HOW_OUT: Readonly<Record<'crack' | 'weld' | 'root', readonly string[]>> = {
  crack: ['Along the crack, layer by layer, and look between: it may turn under the face.'],
  weld: [
    'All of the old bead, cracked or not, down to both parts: a new one over the old one hides what is left in it.',
    'Where the crack has left the weld and gone into a part, follow it there, 50 mm past its end.',
  ],
  root: [
    'Stop, chip, and grind out all of the fill round the hole back to sound root.',
    'Feather both ends of what is left, and give it its bevel and its gap again.',
  ],
};

/** What holds it while it is open. */
const heldInWords = (held: keyof typeof HELD | null): string =>
  held === null
    ? 'Before metal goes out: unload it, prop it, or a strongback across. What is open carries nothing.'
    : `While it is open: ${HELD[held].toLowerCase()}.`;
