import { damageTraits, HELD, REMOVERS } from '../data/damage';
import { CARBON_HELD } from '../data/gouging';
import { removed_mm3, removing } from '../joint/excavation';
import { filletArea_mm2 } from '../joint/shapes/shape';
import { step, type Step } from '../judge/step';
import type { Reads, Situation } from '../judge/situation';
import type { Job } from '../formats/job';
import { formatQuantity, inWords, trimmed } from '../units/format';
import type { UnitSystem } from '../units/kinds';
import { PRESSURE } from '../units/kindsOfStock';
import { cutDrawing } from './cutDrawing';
import { gougingFor, type Gouging } from './gouging';

/** What has to go, what that costs, and what holds the part meanwhile. */
export function takeItOut(situation: Situation): Step | null {
  const { job, joint, iron, system, length_mm } = situation;
  const { damage } = job.look;
  const removal = damageTraits(damage)?.removal;
  if (iron !== null || (removal !== 'crack' && removal !== 'weld' && removal !== 'root')) return null;
  const { size, time } = inWords(system);
  const by = job.repair.remover ?? 'grinder';
  const boat = job.joint.kind === 'gouge' ? job.joint : null;
  const old_mm3 = joint.leg_mm === null ? null : filletArea_mm2(joint.leg_mm) * length_mm;
  const volume = boat ? removed_mm3(boat) : removal === 'weld' ? old_mm3 : null;
  const gouging = by === 'gouge' ? gougingHere(situation) : null;
  // A machine that carries no carbon takes no time at it.
  const carriesNone = by === 'gouge' && gouging === null && situation.plate !== null;
  const cost = volume === null || carriesNone ? null : removing(volume, by, gouging?.mm3_min);
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
      ...(gouging ? carbonSettings(gouging, system) : []),
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
      ...(boat ? [fromWhichFace(job.look.access)] : []),
      ...(boat
        ? [
            'An open boat with a round bottom: sides leaning out, ends ramped, so that rod and eye get to all of it. Not a slot.',
          ]
        : []),
      ...(gouging ? carbonSays(gouging, size) : []),
      ...after,
    ],
    holds: [
      ...(job.rod.duty === 'nothing' ? [] : [heldInWords(job.repair.held)]),
      removal === 'root'
        ? 'Sound root on both sides of the hole, feathered, nothing black in it.'
        : 'Looked at again with dye or powder: nothing is left of it.',
    ],
    cautions,
    ...(boat ? cutSeen(boat, job.repair.crackLength_mm, size) : {}),
    why: job.repair.remover === null && cost ? 'Reckoned with a grinder; choose another tool at Joint.' : '',
  });
}

/** How the carbon arc is set, with the machine that is there; null where it carries none, or there is no machine. */
export function gougingHere({ job, plate, dutyAt }: Reads<'job' | 'plate' | 'dutyAt'>): Gouging | null {
  const most_A = plate?.max_A?.range.nominal;
  const boat = job.joint.kind === 'gouge' ? job.joint : { depth_mm: null, topWidth_mm: null };
  return most_A === undefined ? null : gougingFor(boat, most_A, dutyAt);
}

const carbonSettings = ({ carbon, amps, layers, air }: Gouging, system: UnitSystem): Step['settings'] => {
  const bar = (value: number) => formatQuantity(value, PRESSURE, system);
  return [
    {
      label: 'Carbon',
      value: `${carbon.inches} in (${trimmed(carbon.diameter_mm, 1)} mm), coppered, for DC`,
    },
    { label: 'Amps', value: `${trimmed(amps.low, 0)} to ${trimmed(amps.high, 0)} A, positive at the carbon` },
    { label: 'Air', value: `${bar(air.bar.low)} to ${bar(air.bar.high)}, ${air.L_min} L/min` },
    { label: 'Layers', value: `${layers}` },
  ];
};

function carbonSays({ minutesInTen }: Gouging, size: (mm: number) => string): string[] {
  const { out_mm, from_plate_deg } = CARBON_HELD;
  return [
    `Carbon ${size(out_mm.low)} to ${size(out_mm.high)} out of the grip, leaning ${from_plate_deg.low} to ${from_plate_deg.high}° back, air jets under it; air on before the arc, and push on steadily, never weave.`,
    ...(minutesInTen !== null && minutesInTen < 9.5
      ? [`This machine burns so for ${trimmed(minutesInTen, 1)} minutes in ten.`]
      : []),
  ];
}

/** The face that is cut from, and what is looked at before it goes on. Common practice. */
const fromWhichFace = (access: Job['look']['access']): string =>
  access === 'both'
    ? 'From the face where the crack is longer: it began there. Half through the wall, look at the other face with dye before you go on.'
    : 'From the face you reach. Half through the wall stop and look: what is left has to hold the part, and the root.';

/** The boat from above; nothing while a size of it is missing. */
function cutSeen(
  { length_mm, topWidth_mm, ramp_mm }: Job['joint'],
  crack_mm: number | null,
  size: (mm: number) => string,
): Partial<Step> {
  return length_mm === null || topWidth_mm === null
    ? {}
    : { drawing: cutDrawing({ length_mm, topWidth_mm, ramp_mm: ramp_mm ?? 0, crack_mm }, size) };
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
