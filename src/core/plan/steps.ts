import { jointTraits } from '../data/joints';
import { pieceKindOf } from '../field/blowPiece';
import { COATINGS } from '../data/coatings';
import { metalFamily, type MetalGroup } from '../data/metals';
import { isSheet } from '../data/limits';
import { beliefOf } from '../metal/belief';
import { checkInWords, checksFor } from './checks/checks';
import { findingInWords } from './checks/finding';
import { fireWatch_s } from '../repair/permit';
import { repairSteps } from '../repair/repairSteps';
import { judgeStopWork } from '../repair/stopWork';
import { inWords, midSentence } from '../units/format';
import type { Room } from './rooms';
import { coatingsOf } from '../metal/sides';
import { coolingWords, warm } from '../preheat/steps';
import { butterStep } from '../mix/butter';
import { orderStep } from '../order/orderStep';
import { proceduresFor } from '../procedure/proceduresFor';
import { withParts } from '../procedure/procedure';
import type { Reads, Situation } from '../judge/situation';
import { step, type Step } from '../judge/step';
import { rootStep } from './rootStep';
import { setTheMachine } from './setTheMachine';
import { weld } from './weldStep';
import { pieceTraits } from '../data/pieces';
import { BACKED } from '../data/backing';

/** Groups that are painted against rust. */
const RUSTS: readonly MetalGroup[] = ['carbon', 'hardenable', 'manganese', 'cast-iron'];

/** The plan as ordered steps. A step with nothing to say is left out. */
export function buildSteps(situation: Situation, rooms: readonly Room[]): Step[] {
  const procedures = proceduresFor(situation);
  return [
    beforeYouStrike(situation),
    ...repairSteps(situation),
    withParts(clean(situation), procedures, 'prepare'),
    fitAndTack(situation),
    orderStep(situation),
    setTheMachine(situation, rooms),
    some(withParts(warm(situation) ?? step('Keep it cool', {}), procedures, 'warm')),
    butterStep(situation),
    rootStep(situation),
    ...weld(situation).map((one) => withParts(one, procedures, 'weld')),
    brazed(situation) && withParts(step('Braze it', {}), procedures, 'weld'),
    withParts(after(situation), procedures, 'after'),
    checkIt(situation),
  ].filter((s): s is Step => s !== null && s !== false);
}

/** A step that has anything to say. */
const some = (one: Step): Step | null =>
  [one.actions, one.holds, one.settings, one.cautions].some((list) => list.length > 0) ? one : null;

const brazed = ({ iron }: Reads<'iron'>): boolean => iron?.way.value === 'braze';

function beforeYouStrike({ job }: Reads<'job'>): Step {
  const { holds, warnings } = judgeStopWork(job.look.stopWork);
  return step('Before you strike', {
    holds: holds.map(({ question }) => question.because),
    cautions: [
      ...warnings.map(({ question }) => question.because),
      'Hood, gloves, covered skin; screens for bystanders. Pacemaker wearers keep away from the leads; never coil a live lead round you.',
    ],
    why: 'These come first because no setting makes up for them.',
  });
}

/** How far old paint goes off beyond a joint, mm. Common practice: as zinc does. */
const LEAD_OFF_mm = 100;

function clean(situation: Situation): Step {
  const { job, wants, system } = situation;
  const coatings = coatingsOf(situation).flatMap((side) =>
    (side ?? []).filter((id) => id !== 'none').map((id) => COATINGS[id].words),
  );
  const aluminium = wants.families.some((id) => metalFamily(id).group === 'aluminium');
  const surface = job.look.surface;
  const isLeaded = coatingsOf(situation).some((side) => side?.includes('lead-paint'));
  const actions = aluminium
    ? []
    : isLeaded
      ? [
          `Take the paint off wet or with stripper, ${inWords(system).size(LEAD_OFF_mm)} beyond the joint on both faces; only then work down to bright metal, by hand or wet.`,
        ]
      : [
          `Grind to bright metal ${inWords(system).size(25)} each side of the joint, both faces where you can reach.`,
        ];
  return step('Clean', {
    actions: [
      ...(surface === 'oil' ? ['Degrease with acetone, never with chlorinated cleaner.'] : []),
      ...actions,
      ...oldWeldOut(situation),
    ],
    cautions: [
      ...new Set([
        ...coatings,
        ...wants.cautions,
        ...(surface === 'oil'
          ? ['Chlorinated degreaser near an arc makes phosgene. No fuel gas as a cleaner.']
          : []),
        ...(aluminium ? ['Aluminium dust and steel sparks never share a wheel or a hood.'] : []),
        'Face shield over glasses for the power brush. Cut-off wheels are never for side grinding.',
      ]),
    ],
    why: surface === 'rust' ? 'Cleaning always beats a rod that puts up with dirt.' : '',
  });
}

/** Weld metal of an earlier repair goes, where it may be another metal than the plan is made for. */
function oldWeldOut({ job, wants }: Reads<'job' | 'wants'>): string[] {
  const old = beliefOf(job.metal.oldWeld);
  const [likeliest] = old.shares;
  if (!old.tested || !likeliest) return [];
  const name = midSentence(metalFamily(likeliest.family).name);
  return wants.families.includes(likeliest.family)
    ? [`The old weld seems ${name}: sound parts may stay, cracks go to their ends.`]
    : [`The old weld seems ${name}, not the base metal: cut all of it out before you weld.`];
}

/** How it is tacked: sheet from the middle, so that it cannot gape at one end; round a weld in opposite pairs; plate at its ends first. */
function tacksInWords({ job, joint, tacks, system }: Reads<'job' | 'joint' | 'tacks' | 'system'>): string {
  const say = inWords(system);
  if (pieceTraits(pieceKindOf(job)).cornered)
    return 'Tack all four corners on two faces each, small but deep.';
  const apart = say.size(5 * Math.max(1, Math.round(tacks.every_mm / 5)));
  const known = joint.length_mm !== null;
  const many = known
    ? tacks.count === 1
      ? 'One tack'
      : `${tacks.count} tacks, ${apart} apart`
    : `Tacks every ${apart}`;
  if (tacks.round) return `${many}: one, then the opposite one, then between. Small but deep.`;
  return isSheet(joint.thin_mm) && !(known && tacks.count < 3)
    ? `${many}: the middle first, then outwards to both sides in turn. A blink each; the last one dark before the next beside it.`
    : `${many}: both ends first, then between. Small but deep.`;
}

function fitAndTack(situation: Situation): Step | null {
  const { joint, job, wants, heat, system, tacks } = situation;
  const say = inWords(system);
  if (brazed(situation))
    return step('Fit and clamp', {
      actions: [
        'Clamp it so that it lies as it did before the break, and can still move as it warms.',
        ...(joint.gap_mm === null ? [] : [`Gap ${say.size(joint.gap_mm)} at the widest.`]),
      ],
    });
  if (tacks.count === 0) return null;
  return step('Fit and tack', {
    actions: [
      joint.gap_mm === null
        ? 'Pull it up close and measure the widest gap.'
        : `Gap ${say.size(joint.gap_mm)} at the widest.`,
      ...(joint.backing === null ? [] : [BACKED[joint.backing].fit]),
      tacksInWords(situation),
      ...(jointTraits(job.joint.kind)?.groove ? ['Grind the tacks to a feather.'] : []),
    ],
    holds:
      wants.verdict === 'unknown'
        ? ['Tacks on unknown steel get the same preheat as the weld.']
        : heat.preheat
          ? [
              `Tacks get the same preheat as the weld: warm it to ${say.temperature(heat.preheat.value)} first.`,
            ]
          : [],
  });
}

/** What tells that it holds. */
function checkIt(situation: Situation): Step {
  const checks = checksFor(situation);
  return step('Check it', {
    settings: checks.flatMap(({ id, name }) => {
      const kept = situation.job.checks[id];
      if (!kept || kept.result === null) return [];
      const words = findingInWords(kept, situation.system);
      const so = { accepted: ', accepted', redo: ', to be done over' };
      return [
        {
          label: name,
          value:
            kept.result === 'good' ? 'good' : `${words}${kept.decided ? so[kept.decided] : ', not settled'}`,
        },
      ];
    }),
    holds: checks.filter(({ must }) => must).map(checkInWords),
    actions: checks.filter(({ must }) => !must).map((one) => `Where you can: ${checkInWords(one)}`),
    why: 'These limits are usual ones: your code, and whoever answers for the part, decide.',
  });
}

function after(situation: Situation): Step {
  const { job, joint, wants } = situation;
  return step('Afterwards', {
    actions: [
      ...(joint.backing === null ? [] : [BACKED[joint.backing].after]),
      ...(jointTraits(job.joint.kind)?.capped && job.joint.cap === 'ground'
        ? ['Grind the face flush, along the way it is loaded, not across it; no dish below the plate.']
        : []),
      'Chip and brush it clean.',
      ...coolingWords(situation),
      ...(wants.families.some((id) => RUSTS.includes(metalFamily(id).group))
        ? ['Paint or coat both faces, over the weld and onto the metal beside it.']
        : []),
    ],
    holds: [`Fire watch at least ${inWords(situation.system).time(fireWatch_s(job))} after the last arc.`],
    cautions:
      job.look.position === 'overhead'
        ? ['Slag and sparks fall and stay hot: check below before you leave.']
        : [],
  });
}
