import { TURN_AFTER } from '../data/finish';
import { jointTraits } from '../data/joints';
import { rodClass } from '../data/rods';
import { rootIsCutOut } from '../joint/geometry';
import { ROD_SIZES } from '../data/rodSizes';
import { AIMS } from '../data/words';
import { passCount, rodsByKind, toldPass } from '../rods/counts';
import type { PassRole } from '../rods/layout';
import { counted, inWords, trimmed } from '../units/format';
import { wholeRods } from '../rods/wholeRods';
import { ampsAsItWarms } from '../preheat/warmAmps';
import { betweenBeads } from '../preheat/steps';
import { mixTechnique } from '../mix/technique';
import { inShortBeads } from '../preheat/beadByBead';
import type { Reads, Situation } from '../judge/situation';
import { step, type Step } from '../judge/step';

/** Passes with their own rod or size, in the order they are laid; nothing where all are alike. */
function passRods({ beads, system }: Reads<'beads' | 'system'>): string[] {
  if (!beads) return [];
  const kinds = new Set(
    beads.passes.map(({ rod }) => `${rod.rodClass} ${rod.size} ${rod.current_A} ${rod.by?.process ?? ''}`),
  );
  if (kinds.size < 2) return [];
  const say = inWords(system).size;
  const told = beads.passes.map(({ role, rod, from_mm, to_mm }, n) => {
    const part = from_mm > 0 || beads.passes[n + 1]?.from_mm === to_mm;
    const where = part ? `, ${say(Math.round(from_mm))} to ${say(Math.round(to_mm))}` : '';
    const with_ = `${rod.by ? rod.by.words : `${rod.rodClass} ${ROD_SIZES[rod.size].inches}`} at ${trimmed(rod.current_A, 0)} A.`;
    return { name: `${PASS_NAMES[role]}${where}`, with_, part };
  });
  return told.flatMap((pass, n) => {
    const alike = (other: (typeof told)[number] | undefined) =>
      other?.with_ === pass.with_ && !other.part && !pass.part;
    if (alike(told[n - 1])) return [];
    const last = told.findIndex((other, m) => m > n && !alike(other)) - 1;
    const to = last < 0 ? told.length : last + 1;
    return [to > n + 1 ? `Passes ${n + 1} to ${to}: ${pass.with_}` : `${pass.name}: ${pass.with_}`];
  });
}

/** What a pass is called. */
export const PASS_NAMES: Record<PassRole, string> = {
  single: 'The pass',
  root: 'Root',
  hot: 'Hot pass',
  back: 'First from the other side',
  fill: 'Fill',
  cap: 'Cap',
};

/** More tie-ins than this are not told one by one. */
const MOST_TIES_TOLD = 6;

/** How the runs follow one another, where a rod does not reach from end to end. */
function runsInWords(situation: Situation): string[] {
  const { runs, system } = situation;
  if (!runs || runs.runs.length < 2 || inShortBeads(situation)) return [];
  const say = inWords(system).size;
  const backstep = runs.order === 'backstep';
  const ties = runs.tieIns.map(({ at_mm }) => say(Math.round(at_mm))).join(', ');
  return [
    backstep
      ? `${counted(runs.runs.length, 'run')} of ${say(Math.round(runs.longest_mm))}, each welded back onto the start of the one before it.`
      : runs.tieIns.length === 0
        ? `${runs.runs.length} runs, each in one go.`
        : runs.tieIns.length > MOST_TIES_TOLD
          ? `${runs.runs.length} runs of ${say(Math.round(runs.longest_mm))}, in their order; hand-warm before the one beside it.`
          : `${runs.runs.length} runs; tie-ins at ${ties} from the beginning.`,
  ];
}

/** A fillet with two ends on a part that is loaded: they stay clear of where it bears most. Common practice. */
const isOpenFillet = ({ joint: { kind } }: Situation['job']): boolean => {
  const traits = jointTraits(kind);
  return traits?.fillet === true && traits.run === 'line';
};
const ENDS_CLEAR =
  'Where it is loaded: begin and end 10 to 15 mm short of corners and edges, and lay no run across a frame rail or the flange of a beam.';

/** The step at the arc: settings, passes, runs and what to watch. */
export function weld(situation: Situation): Step[] {
  const { beads, rod, timeline, aim, joint, rest_s, system, settings, job } = situation;
  if (!beads || !rod || !timeline) return [];
  const say = inWords(system);
  const row = rodClass(rod.value.rodClass);
  const between = betweenBeads(situation);
  const shared = toldPass(beads);
  if (!shared) return [];
  const arc_s = timeline.events
    .filter(({ kind }) => kind === 'arc')
    .reduce((sum, event) => sum + event.duration_s, 0);
  const passes = passCount(beads);
  const kinds = rodsByKind(beads);
  const amps = [...new Set(ampsAsItWarms(situation))];
  return [
    step(passes === 1 ? 'Weld it in one pass' : `Weld it in ${passes} passes`, {
      settings: [
        ...(kinds.length === 0
          ? []
          : [
              {
                label: 'Rods',
                value: `${kinds
                  .map(
                    ({ rods, rodClass: id, size }) =>
                      `${wholeRods(rods).nominal} ${id} ${ROD_SIZES[size].inches}`,
                  )
                  .join(', ')}, with spoil`,
              },
              { label: 'Bead a rod', value: say.size(Math.round(shared.beadPerRod_mm)) },
            ]),
        { label: 'Travel', value: `${say.size(Math.round(shared.travel_mm_s * 60))} a minute` },
        ...(settings && kinds.length > 0
          ? [
              { label: 'Rod', value: `${settings.work_deg}° ${settings.workWords}` },
              { label: 'Lean', value: `${settings.travel_deg.join(' to ')}°, ${settings.travelWords}` },
            ]
          : []),
        ...(amps.length > 1
          ? [{ label: 'Amps as it warms', value: `${amps.join(', ')} A, rod by rod` }]
          : []),
        ...(joint.leg_mm === null
          ? []
          : [
              {
                label: 'Leg',
                value: `${say.size(joint.leg_mm)}${joint.legBy === 'rule' ? ', by rule' : ''}`,
              },
            ]),
        { label: 'Arc time', value: `${trimmed(arc_s / 60, 1)} min` },
        ...(rest_s > 0 && kinds.length > 0
          ? [{ label: 'Rest after each rod', value: `${trimmed(rest_s / 60, 1)} min, chipping counted in` }]
          : []),
      ],
      actions: [
        ...(kinds.length === 0
          ? ['All of it is laid by TIG, as set before: no covered rod is wanted.']
          : [row.technique]),
        ...mixTechnique(situation),
        ...passRods(situation),
        ...runsInWords(situation),
        ...(aim.value === 'bisect' ? [] : [AIMS[aim.value].words]),
        'Strike 10 to 25 mm ahead on the line and draw back over it, so that every strike is welded over.',
        'At the end step back and fill the crater.',
        ...(job.rod.duty !== 'nothing' && isOpenFillet(job) ? [ENDS_CLEAR] : []),
        ...(passes > 1
          ? ['Chip and brush to bright between passes; each bead overlaps the last by a third to a half.']
          : []),
        ...(jointTraits(job.joint.kind)?.twoFaced
          ? [
              `${rootIsCutOut(job.joint) ? 'Turn it over' : 'Change sides'} after every ${TURN_AFTER} beads: each face pulls the other back.`,
            ]
          : []),
        ...between.actions,
      ],
      holds: [
        ...(rootIsCutOut(job.joint)
          ? [
              'Before the first run from the back: gouge or grind the root out to bright sound metal, and look (dye where it counts).',
            ]
          : []),
        ...between.holds,
      ],
      cautions: beads.oversize
        ? ['The smallest bead this rod lays is bigger than the joint asks: a thinner rod would pull less.']
        : [],
    }),
  ];
}
