import type { DamageId } from '../data/damage';
import { metalFamily } from '../data/metals';
import { partKind } from '../data/partKinds';
import { BUILD_UP, PATCH } from '../data/patterns';
import { inWords } from '../units/format';
import {
  attachDrawing,
  blownDrawing,
  buildUpDrawing,
  holeDrawing,
  patchDrawing,
  studDrawing,
} from './drawings';
import { step, type Step } from '../judge/step';
import type { Situation } from '../judge/situation';

/** What the trade does for each kind of damage, with this job's figures in it: before it is fitted up. Common practice. */
const PATTERNS: Readonly<Partial<Record<DamageId, (situation: Situation) => Step | null>>> = {
  'new-part': attach,
  'thin-sheet': patch,
  'worn-face': buildUp,
  'worn-hole': wornHole,
  thread: stud,
  'blown-hole': blownHole,
  bent: straighten,
};

/** The way of a kind of damage; null where its steps are those of any weld. */
export const patternOf = (situation: Situation): Step | null => {
  const { damage } = situation.job.look;
  return damage === null ? null : (PATTERNS[damage]?.(situation) ?? null);
};

/** A part put on: where it sits, what is behind, and where it flies if it breaks. */
function attach({ job, joint, system, length_mm }: Situation): Step {
  const say = inWords(system).size;
  const clear = Math.max(PATCH.edge_mm, PATCH.edgeOfThin * (joint.thin_mm ?? 0));
  return step('Mark it out', {
    actions: [
      'Measure inside and halve it: the middle is marked from both edges, not from one.',
      `Keep ${say(clear)} from edges, corners and other welds; on a tube off its corners.`,
      `Clean ${say(25)} wider than its footprint, and know what is behind the wall: wires, hoses, fuel, foam, paint.`,
      ...(job.rod.duty === 'nothing'
        ? []
        : [
            'If it lets go, where does it fly? Put it so that nobody stands there, or give it a second hold.',
          ]),
    ],
    holds: ['What is behind is known, and taken out or covered.'],
    drawing: attachDrawing(clear, length_mm, say),
  });
}

/** A patch in sheet. */
function patch({ job, joint, system, wants, length_mm }: Situation): Step {
  const say = inWords(system).size;
  const lap = job.joint.kind !== 'square-butt';
  const radius = Math.max(PATCH.corner_mm, PATCH.cornerOfThin * (joint.thin_mm ?? 0));
  const over = Math.max(PATCH.lap_mm, PATCH.lapOfThin * (joint.thin_mm ?? 0));
  const stainless = wants.families.some((id) => metalFamily(id).group === 'austenitic');
  return step('Cut back and fit the patch', {
    actions: [
      'Tap or measure outwards from the hole until it is two thirds of its thickness all round: the patch ends there, not where the hole does.',
      `Corners rounded to ${say(radius)}, in the patch and in the cut.`,
      lap
        ? `The patch laps ${say(over)} over sound metal, pulled down tight: no gap for water to stand in.`
        : `Flush: cut to the patch, a gap no wider than half the sheet, and a bar behind where you reach it.`,
      'Tack the middles of all four sides, then opposite corners, then between; never on round the edge.',
      ...(stainless ? ['A patch of the same stainless: another rusts where they meet.'] : []),
    ],
    drawing: lap ? patchDrawing({ radius_mm: radius, over_mm: over, around_mm: length_mm }, say) : null,
    holds: ['What was in it, and stands behind it, is known and gone: a tank is a stop-work question.'],
  });
}

/** A worn face: what is laid under and over. */
function buildUp({ job, joint, system, wants }: Situation): Step {
  const say = inWords(system).size;
  const high = job.joint.padHeight_mm;
  const manganese = wants.families.some((id) => metalFamily(id).group === 'manganese');
  const under = [BUILD_UP.under_mm.low, BUILD_UP.under_mm.high].map(say).join(' to ');
  return step('Grind back, build up', {
    drawing: high === null ? null : buildUpDrawing(high, BUILD_UP.under_mm.high, say),
    actions: [
      'Grind off what is cracked, rolled over or work-hardened, and look with dye: never over a crack.',
      'A template or a sound part of the same kind first: it is what you build to.',
      ...(high !== null && high > BUILD_UP.under_mm.high
        ? [
            `Much is gone: rebuild to ${under} under size with ${manganese ? '307 or 309, as manganese takes it' : 'metal like the part'}, and only then the hard layers.`,
          ]
        : []),
      'At most two or three hard layers: more break off. Beads along the way it wears; each layer turned across the last.',
      `Where it is machined after: ${say(BUILD_UP.machining_mm)} over size, and no hard metal under the cutter.`,
      ...(joint.thin_mm !== null && joint.thin_mm < BUILD_UP.warpsUnder_mm
        ? ['A thin part bows towards the beads: turn it back and forth, or bend it the other way first.']
        : []),
    ],
  });
}

/** An oval hole: bushed, or filled and bored. */
function wornHole({ job, system }: Situation): Step {
  const say = inWords(system).size;
  return step('The hole', {
    actions: [
      'Measure it across at four places, and the pin: half of the play may be in the pin.',
      `Bush it where there is room: bore true, ${say(0.1)} tight or a light weld at one face, so that the next one comes out.`,
      'Else fill it: a copper or graphite plug of the pin’s size in the middle, rings of small beads from the far side out, both faces in turn so that it is pulled to neither.',
      `Fill ${say(3)} under size for the bore, and centre on what is not worn: the other lug, or marks made before.`,
      ...(job.rod.duty === 'nothing'
        ? []
        : ['Nothing hangs on the pin till it is out and the load is held elsewhere.']),
    ],
    holds: ['Its centre is marked from places that are not welded.'],
    drawing: job.joint.plugDiameter_mm === null ? null : holeDrawing(job.joint.plugDiameter_mm, say),
  });
}

/** A stud or bolt broken off in its hole. */
function stud({ job, system, wants }: Situation): Step {
  const say = inWords(system).size;
  const cast = wants.families.some((id) => metalFamily(id).group === 'cast-iron');
  const light = wants.families.some((id) => metalFamily(id).group === 'aluminium');
  return step('The stump', {
    actions: [
      `Penetrating oil is flammable: wipe all of it off before the arc. Protect the thread and the face round about with a washer.`,
      'A nut over the stump, a size up, wedged so that its hole stands over the middle; TIG or a small rod down through it, from the stump outwards.',
      'Fill the nut, let it go black by itself: the shrinking is what breaks the thread loose. Then turn it back and forth, never only out.',
      light
        ? 'In light metal the stump is steel: the arc stays on the steel, and the hole melts at half its heat.'
        : cast
          ? 'Iron does not take the bead: it sticks to the steel and comes out with it.'
          : 'In steel keep off the walls of the hole: a short arc in the middle, or a sleeve of copper.',
      `Breaks off again: build it out to ${say(6)} over the face and try a second nut. Two tries, then drill.`,
    ],
    drawing: studDrawing(job.joint.plugDiameter_mm ?? USUAL_STUD_mm),
    cautions: ['A bolt that bears a load is not welded to be used again: out, and a new one in.'],
  });
}

/** A stump is drawn so thick where nobody measured it, mm. */
const USUAL_STUD_mm = 12;

/** A hole blown while welding. */
function blownHole({ job, joint, system, current_A }: Situation): Step {
  const say = inWords(system).size;
  const pipe = job.joint.pipeDiameter_mm !== null || job.joint.kind === 'ring';
  const less = current_A ? Math.round(current_A.value * LESS_IN_ROOT) : null;
  return step('The hole in the root', {
    actions: [
      'Stop. Chip, look, and do not run another bead over it.',
      ...(pipe ? ['On pipe it is mostly at four and eight o’clock, where the pool begins to hang.'] : []),
      `Feather both ends over ${say(FEATHER_mm)}, and close the gap to less than the rod is thick: a wide one blows again.`,
      less === null
        ? 'Root it again by TIG, or with a whipped cellulosic rod, at a tenth to a fifth less amps.'
        : `Root it again by TIG, or with a whipped cellulosic rod, at ${less} A or so; keep the keyhole no bigger than ${say(4)}.`,
      'Hot pass over it before any fill: thin root metal holds nothing back.',
    ],
    holds: ['Two tries, then another way and another pair of eyes.'],
    drawing: blownDrawing(FEATHER_mm, joint.thin_mm ?? FEATHER_mm / 2, say),
  });
}
const LESS_IN_ROOT = 0.85;
const FEATHER_mm = 20;

/** A part that turns: opposite sides in turn, let down evenly, and its run-out before and after. */
export function keepTrue({ job, wants, system }: Situation): Step | null {
  if (partKind(job.metal.sideA.part)?.turns !== true) return null;
  const say = inWords(system).temperature;
  const soft = wants.families.length > 0 && wants.families.every((id) => metalFamily(id).group === 'carbon');
  return step('Keep it running true', {
    actions: [
      'On two V-blocks or between centres, a dial at three places along it: turn it once and write the run-out down.',
      'A short run, then one on the opposite side, then a quarter turn: twelve, six, three, nine o’clock. Never all on one side, nor round in one go.',
      'Lay it level while it is warm and let it down wrapped, turned now and then: hot and leaning it bends under its own weight.',
      soft
        ? `Runs out when it is cold: one spot on the high side, dull red and never over ${say(650)}, cooled by itself; then the dial again.`
        : 'Runs out when it is cold: turned back to true on a lathe, or trued in a press; no heat to straighten this metal.',
    ],
    holds: ['Run-out is measured and written down before the first arc.'],
    cautions: [
      'A shaft that drives, steers or carries people: whoever answers for it decides, before it turns.',
    ],
  });
}

/** A bent part. */
function straighten({ wants, system }: Situation): Step {
  const say = inWords(system).temperature;
  const hard = wants.families.some((id) =>
    ['hardenable', 'manganese', 'cast-iron', 'aluminium'].includes(metalFamily(id).group),
  );
  return step('Straighten it', {
    actions: [
      'Look with dye on the outside of the bend first: what is cracked is a crack, and planned as one.',
      'Cold, slowly and a little past: what bent once bends there again, and bent back twice it breaks.',
      ...(hard
        ? [
            'No heat to straighten this: it loses its strength, or turns hard. A shop with its heat treatment, or a new part.',
          ]
        : [
            `With heat on plain steel: spots or wedges on the long side, dull red and never over ${say(650)}, cooled by itself; shrinking pulls it, not force.`,
          ]),
    ],
    holds: ['A part that steers, brakes, lifts or holds pressure is replaced, not straightened.'],
  });
}
