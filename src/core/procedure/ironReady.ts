import { STOP_HOLE, STUDS } from '../data/castIron';
import type { Reads, Situation } from '../judge/situation';
import { inWords } from '../units/format';
import { PRACTICE } from '../units/sources';
import { note, type Note } from './procedure';

/** How a casting is made ready for any of its ways. */

/** Made ready: crack found, stopped and taken out, skin and oil off. */
export function ready(situation: Situation): Note[] {
  const { joint, job, system } = situation;
  const say = inWords(system).size;
  const thick = joint.thick_mm ?? 10;
  const hole = Math.min(STOP_HOLE.most_mm, Math.max(STOP_HOLE.least_mm, Math.round(STOP_HOLE.share * thick)));
  return [
    ...(job.look.damage === 'snapped' ? inTwo(thick, say) : cracked(hole, say)),
    note(`Take the casting skin off ${say(25)} each side: sand and scale under it spoil the bead.`, PRACTICE),
    ...(job.look.surface === 'oil'
      ? [
          note(
            'Oil sits in the iron: warm it until it stops smoking, run a bead, grind that out, and again until it runs without pores.',
            PRACTICE,
          ),
        ]
      : []),
  ];
}

/** A crack is stopped at its ends and taken out. */
const cracked = (hole_mm: number, say: (mm: number) => string): Note[] => [
  note(
    `Find both ends of the crack with dye, and drill a ${say(hole_mm)} hole ${say(STOP_HOLE.beyond_mm)} past each: it runs no further.`,
    STOP_HOLE.source,
  ),
  note(
    'Grind or gouge out all of it to a round-bottomed groove; look again with dye before you weld.',
    PRACTICE,
  ),
];

/** What is in two pieces has no ends to stop: the break itself lines it up. */
const inTwo = (thick_mm: number, say: (mm: number) => string): Note[] => [
  note(
    `In two pieces: fit the break together first, it lines itself up. Bevel both faces from the side you reach, and leave ${say(Math.max(LAND_mm.least, Math.round(LAND_mm.ofThick * thick_mm)))} of the break untouched at the root to keep it in line.`,
    PRACTICE,
  ),
  note('Look with dye on both pieces: a break that ran on is a crack, and is stopped at its end.', PRACTICE),
];
const LAND_mm = { least: 2, ofThick: 0.15 } as const;

/** Steel screws set in the faces of thick iron, so that the weld does not hang on the skin of it. */
export function studs({
  joint,
  length_mm,
  job,
  system,
}: Reads<'joint' | 'length_mm' | 'job' | 'system'>): Note[] {
  const { thick_mm } = joint;
  if (thick_mm === null || thick_mm < STUDS.from_mm || job.rod.duty === 'nothing') return [];
  const say = inWords(system).size;
  const face_mm2 = length_mm * thick_mm;
  const stud_mm2 = (Math.PI * STUDS.size_mm ** 2) / 4;
  const count = Math.max(2, Math.round((STUDS.faceShare * face_mm2) / stud_mm2));
  return [
    note(
      `Thick iron that carries: about ${count} steel studs of ${say(STUDS.size_mm)} in each face, screwed ${say(STUDS.depth_mm)} deep, ${say(STUDS.proud_mm)} proud, in staggered rows; weld round each first.`,
      STUDS.source,
    ),
  ];
}
