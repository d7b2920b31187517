import { TECHNIQUE } from '../data/technique';
import { jointTraits } from '../data/joints';
import { rodClass } from '../data/rods';
import { ROD_SIZES } from '../data/rodSizes';
import { isSheet } from '../data/limits';
import type { Drawing } from '../judge/drawing';
import type { Reads } from '../judge/situation';
import { counted, inWords, trimmed } from '../units/format';
import type { Pass } from './beads';
import {
  craterDrawing,
  restartDrawing,
  rootDrawing,
  strikeDrawing,
  upDrawing,
  whipDrawing,
} from './techniqueDrawings';

/** One thing that the hand does, with this job's figures in it. */
export interface TechniqueCard {
  id: 'dry-run' | 'strike' | 'restart' | 'whip' | 'up' | 'root' | 'favour' | 'crater' | 'underneath';
  title: string;
  steps: readonly string[];
  drawing: Drawing | null;
}

type Read = Reads<
  'beads' | 'joint' | 'job' | 'rod' | 'settings' | 'system' | 'thinShare' | 'length_mm' | 'rootBy'
>;

/** Across the face of a bead laid by hand, mm: two legs at a right angle, or a low arch, come to about the same. */
export const beadWidth_mm = (area_mm2: number): number => 2 * Math.sqrt(area_mm2);

/** How long the arc stays on a crater till it is full, s: half a bead's height over as long as the bead is wide, at the rate that it is laid. */
export const craterPause_s = ({ area_mm2, travel_mm_s }: Pick<Pass, 'area_mm2' | 'travel_mm_s'>): number =>
  (TECHNIQUE.craterShare * beadWidth_mm(area_mm2)) / travel_mm_s;

/** A whip: how far ahead and back, mm, and how long a beat is, s, so that the bead goes on at its pace. */
export function whipOf(
  core_mm: number,
  travel_mm_s: number,
): { ahead_mm: number; back_mm: number; beat_s: number } {
  const { whipAhead_cores, whipBack_cores } = TECHNIQUE;
  return {
    ahead_mm: whipAhead_cores * core_mm,
    back_mm: whipBack_cores * core_mm,
    beat_s: ((whipAhead_cores - whipBack_cores) * core_mm) / travel_mm_s,
  };
}

/** Whether a pass is whipped: its rod freezes fast. */
const isWhipped = ({ rod }: Pick<Pass, 'rod'>): boolean =>
  !rod.by && rodClass(rod.rodClass).coating === 'cellulosic';

/** From beat to beat of the pace, s: of a whip each whip is one, else every so much of the bead. */
export const beatOf_s = (pass: Pick<Pass, 'rod' | 'travel_mm_s'>): number =>
  isWhipped(pass)
    ? whipOf(ROD_SIZES[pass.rod.size].diameter_mm, pass.travel_mm_s).beat_s
    : TECHNIQUE.beat_mm / pass.travel_mm_s;

/** Answers "how does the hand go?": what is done on this job, in the order of the work; nothing where no rod is run. */
export function techniqueFor(read: Read): TechniqueCard[] {
  const { rod, beads, settings } = read;
  const pass = beads?.passes.find(({ rod: by }) => !by.by);
  if (!rod || !settings || !pass) return [];
  const core_mm = ROD_SIZES[pass.rod.size].diameter_mm;
  const hand = { read, pass, core_mm, wide_mm: beadWidth_mm(pass.area_mm2), say: inWords(read.system) };
  return CARDS.flatMap((card) => card(hand) ?? []);
}

interface Hand {
  read: Read;
  pass: Pass;
  core_mm: number;
  /** Width of the bead, mm. */
  wide_mm: number;
  say: ReturnType<typeof inWords>;
}

const seconds = (s: number): string => `${trimmed(s, s < 3 ? 1 : 0)} s`;

const CARDS: readonly ((hand: Hand) => TechniqueCard | null)[] = [
  ({ pass, say }) => ({
    id: 'dry-run',
    title: 'Once through it cold',
    steps: [
      `Rod in the holder, power off: ${say.size(Math.round(pass.beadPerRod_mm))} of seam in ${say.time(pass.arcPerRod_s)}. Elbow, hip or other hand against something all the way.`,
      'Take the weight of the lead: over the shoulder or once round the arm, with slack for the whole run.',
    ],
    drawing: null,
  }),
  ({ core_mm, wide_mm, say }) => {
    const ahead = TECHNIQUE.strikeAhead_cores * core_mm;
    return {
      id: 'strike',
      title: 'Strike ahead, draw back',
      steps: [
        `1  Scratch it like a match along the joint, ${say.size(Math.round(ahead))} ahead of where the bead begins: what the strike leaves is welded over.`,
        '2  Back to the beginning with a long arc, close it up there.',
        `3  Stay till the pool is ${say.size(Math.round(wide_mm))} wide, then go.`,
      ],
      drawing: strikeDrawing(ahead, core_mm, `${say.size(Math.round(ahead))} ahead`),
    };
  },
  ({ core_mm, wide_mm, pass, read: { length_mm }, say }) => {
    const times = Math.max(0, Math.ceil((pass.to_mm - pass.from_mm) / pass.beadPerRod_mm) - 1);
    if (times === 0 && length_mm <= pass.beadPerRod_mm) return null;
    const ahead = TECHNIQUE.strikeAhead_cores * core_mm;
    return {
      id: 'restart',
      title: `Tie in, ${times <= 1 ? 'once' : counted(times, 'time')} a pass`,
      steps: [
        `A rod lays ${say.size(Math.round(pass.beadPerRod_mm))}. Chip and brush the last ${say.size(Math.round(2 * wide_mm))} before each new one.`,
        `1  Strike ${say.size(Math.round(ahead))} ahead of the crater.`,
        '2  Back over it to its far edge.',
        '3  Fill it to the height of the bead, and on.',
      ],
      drawing: restartDrawing(ahead, wide_mm, `${say.size(Math.round(ahead))} ahead of the crater`),
    };
  },
  (hand) => {
    if (!isWhipped(hand.pass)) return null;
    const { core_mm, pass, say, wide_mm } = hand;
    const whip = whipOf(core_mm, pass.travel_mm_s);
    const { ahead_mm, back_mm, beat_s } = whip;
    return {
      id: 'whip',
      title: `Whip and pause, ${trimmed(60 / beat_s, 0)} beats a minute`,
      steps: [
        `1  Ahead ${say.size(ahead_mm)} with a longer arc: the pool freezes behind you.`,
        `2  Back ${say.size(back_mm)}, close it up, pause till it has filled.`,
        `One beat is ${seconds(beat_s)}, as even as a clock.`,
      ],
      drawing: whipDrawing(whip, core_mm, wide_mm, `a beat of ${seconds(beat_s)}`),
    };
  },
  ({ read: { job, joint }, wide_mm, say }) => {
    if (job.look.position !== 'vertical' || isSheet(joint.thin_mm)) return null;
    const { low, high } = TECHNIQUE.toePause_s;
    const rise = wide_mm / 3;
    return {
      id: 'up',
      title: 'Up, on a shelf of its own',
      steps: [
        'Build a shelf at the bottom first: the pool rests on what has frozen.',
        `From toe to toe over ${say.size(Math.round(wide_mm))}, quick over the middle, ${seconds(low)} to ${seconds(high)} at each toe.`,
        `Up by ${say.size(rise)} at each crossing. It sags: faster over the middle, or five amps less.`,
      ],
      drawing: upDrawing(wide_mm, rise),
    };
  },
  ({ read: { joint, job, rootBy }, say, core_mm }) => {
    const gap = joint.gap_mm;
    const open = jointTraits(job.joint.kind)?.butt === true && job.joint.backing === null;
    if (!open || gap === null || gap <= 0 || rootBy) return null;
    const hole = gap + TECHNIQUE.keyholeOver_mm;
    return {
      id: 'root',
      title: 'Keep the root open',
      steps: [
        `A keyhole of ${say.size(hole)} goes ahead of the pool: both edges melt into it.`,
        'It grows: lean more, closer, quicker, or break off and let it cool. It shuts: steeper and slower, or five amps more.',
        'Tacks feathered thin at both ends, so that the root runs onto them and off again.',
      ],
      drawing: rootDrawing(gap, hole, core_mm, `keyhole ${say.size(hole)}`),
    };
  },
  ({ read: { joint, thinShare, settings } }) => {
    if (!settings || (joint.ratio < 1.5 && Math.abs(thinShare - 0.5) < 0.1)) return null;
    return {
      id: 'favour',
      title: 'Hold it to the thick side',
      steps: [
        `${settings.work_deg}° ${settings.workWords}: ${trimmed(100 * (1 - thinShare), 0)} % of the heat to the thick side.`,
        'The arc stands on the thick one; let the pool wash over to the thin edge, and never the arc.',
      ],
      drawing: null,
    };
  },
  ({ pass, core_mm, wide_mm, say }) => {
    const pause = craterPause_s(pass);
    const back = TECHNIQUE.craterBack_cores * core_mm;
    return {
      id: 'crater',
      title: 'Fill the crater',
      steps: [
        '1  At the end stop; do not whip off.',
        `2  Back ${say.size(Math.round(back))} over it and stay about ${seconds(pause)}, till it is as high as the bead.`,
        '3  Break off backwards, over the bead.',
      ],
      drawing: craterDrawing(back, core_mm, wide_mm, `stay ${seconds(pause)}`),
    };
  },
  ({ read: { job }, core_mm }) => {
    if (job.look.position !== 'overhead' && job.look.access !== 'blind') return null;
    const big = core_mm >= TECHNIQUE.bigUnderneath_mm;
    return {
      id: 'underneath',
      title: job.look.position === 'overhead' ? 'Overhead' : 'By mirror, or one hand',
      steps: [
        ...(job.look.position === 'overhead'
          ? [
              'Stand beside where it falls, never under it: collar shut, cap under the hood, sleeves over the gloves.',
              'Arc as short as it will go; small beads. It drips: too many amps, or too long an arc.',
            ]
          : ['Look along the seam before: where does the hand turn, and what does the elbow meet?']),
        'Bend the rod to suit, by hand while it is cold, the covering whole at the bend.',
        ...(big
          ? [
              'So big a rod is slow to catch: warm it with a long arc on the spot for a moment, then close in.',
            ]
          : []),
      ],
      drawing: null,
    };
  },
];
