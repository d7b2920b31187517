import { jointTraits } from '../data/joints';
import { metalFamily, type MetalGroup } from '../data/metals';
import { rodClass } from '../data/rods';
import { ROD_SIZES } from '../data/rodSizes';
import { STAINLESS_COVERINGS, USUAL_COVERING } from '../data/service';
import { LAYER_DILUTION_pct, STICK_DILUTION_pct } from '../data/dilution';
import { ampWindow } from '../rods/amps/amps';
import { planBeads } from '../rods/beads';
import { rodsBetween } from '../metal/rodsBetween';
import { inWords, trimmed, midSentence } from '../units/format';
import { step, type Step } from '../judge/step';
import type { Situation } from '../judge/situation';
import type { MixPair } from './mixPlan';
import { coveringOf } from '../rods/covering';
import { settledMix } from './settledMix';

/** How unlike metals are welded: which side to favour, how the beads lie, what to keep apart. Common practice. */

const groupsOf = ({ a, b }: MixPair): [MetalGroup, MetalGroup] => [
  metalFamily(a).group,
  metalFamily(b).group,
];
const STEEL: readonly MetalGroup[] = ['carbon', 'hardenable', 'manganese'];
const STAINLESS: readonly MetalGroup[] = ['austenitic', 'ferritic', 'duplex'];

/** The side the arc is better held to, and why; null where neither is. */
export function sideToFavour(pair: MixPair): { side: 'A' | 'B'; why: string } | null {
  const [a, b] = groupsOf(pair);
  const pick = (wanted: (group: MetalGroup) => boolean, why: string) =>
    wanted(a) !== wanted(b) ? { side: wanted(a) ? ('A' as const) : ('B' as const), why } : null;
  if (STEEL.some((group) => [a, b].includes(group)) && STAINLESS.some((group) => [a, b].includes(group)))
    return pick(
      (group) => STAINLESS.includes(group),
      'Stainless wets less readily; the pool runs over to the steel by itself.',
    );
  if ([a, b].includes('copper'))
    return pick(
      (group) => group === 'copper',
      'Copper draws the heat away, and must not be driven into the other side.',
    );
  if ([a, b].includes('cast-iron'))
    return pick(
      (group) => group !== 'cast-iron',
      'Iron melts lower and gives up its carbon: let it only be wetted.',
    );
  return null;
}

/** What to do at the arc because the metals are unlike, or stainless. */
export function mixTechnique(situation: Situation): string[] {
  const mix = settledMix(situation);
  if (!mix?.unlike) return [];
  const { job, joint, aim } = situation;
  const pair = mix.worst;
  const thinSide = (job.joint.thicknessA_mm ?? 0) < (job.joint.thicknessB_mm ?? 0) ? 'A' : 'B';
  const groups = groupsOf(pair);
  const favoured = sideToFavour(pair);
  const stainlessRod = rodClass(mix.rodClass).coating === 'stainless';
  const name = (side: 'A' | 'B') => midSentence(metalFamily(side === 'A' ? pair.a : pair.b).name);
  const covering = coveringOf(situation);
  const traits = jointTraits(joint.kind);
  const fillet = traits?.fillet && traits.run === 'line';
  return [
    ...(favoured
      ? [
          thinSide === favoured.side && aim.value !== 'bisect'
            ? `The ${name(favoured.side)} is the thin side: the arc stays on the thick one or it holes, and the pool is swept up onto it. ${favoured.why}`
            : `Hold the arc to the ${name(favoured.side)}. ${favoured.why}`,
        ]
      : []),
    ...(stainlessRod
      ? ['Stringers, no wide weave, short arc: a long one takes in nitrogen and lowers the ferrite.']
      : []),
    ...(mix.passes.length > 2 && fillet && favoured
      ? [
          `First pass in the root, the next over half of it on the ${name(favoured.side)}, the last on the ${name(favoured.side === 'A' ? 'B' : 'A')}; each covers half of the one before.`,
        ]
      : mix.passes.length > 1
        ? ['Each bead covers half of the one before: what it melts is then mostly weld.']
        : []),
    ...(covering !== null && covering !== USUAL_COVERING
      ? [`Covering ${STAINLESS_COVERINGS[covering].name}: ${STAINLESS_COVERINGS[covering].words}.`]
      : []),
    ...(groups[0] !== groups[1]
      ? [rodsBetween(pair.a, pair.b).why.replace(/^Joins the two metals\. ?/, '')]
      : []),
  ].filter((words) => words !== '');
}

/** Laying one side over first, with the rods for it; null where the job does not. */
export function butterStep(situation: Situation): Step | null {
  const { job, joint, length_mm, rod, kit, system, heat } = situation;
  const mix = settledMix(situation);
  const butter = mix?.butter;
  if (!mix || !butter?.planned || !rod) return null;
  const say = inWords(system);
  const family = butter.on === 'A' ? mix.worst.a : mix.worst.b;
  const thickness_mm =
    (butter.on === 'A' ? job.joint.thicknessA_mm : job.joint.thicknessB_mm) ??
    joint.thick_mm ??
    FACE_ASSUMED_mm;
  const tin = kit.tins.find((t) => t.rodClass === butter.rodClass && t.count !== 0) ?? null;
  const size = tin?.size ?? rod.value.size;
  const window = ampWindow(butter.rodClass, size, tin);
  const current_A = window
    ? Math.round((window.low_A + (window.high_A - window.low_A) * BUTTER_AMPS_AT) / 5) * 5
    : null;
  const beads =
    current_A === null
      ? null
      : planBeads({
          position: job.look.position,
          rod: { rodClass: butter.rodClass, size, current_A },
          area_mm2: thickness_mm * BUTTER_mm,
          length_mm,
          half: true,
        });
  const rods = beads ? Math.ceil(beads.passes.reduce((sum, { rods: n }) => sum + n, 0)) : null;
  return step(`Butter the ${midSentence(metalFamily(family).name)}`, {
    settings: [
      { label: 'Rod', value: `${butter.rodClass} ${ROD_SIZES[size].inches} in` },
      ...(current_A === null ? [] : [{ label: 'Amps', value: `${current_A} A` }]),
      ...(rods === null ? [] : [{ label: 'Rods', value: `about ${rods}` }]),
      { label: 'Layers', value: `2, ${say.size(BUTTER_mm)} in all` },
    ],
    actions: [
      'Lay the whole face of the joint, and a bead’s width round it, in stringers that cover half of one another.',
      `Low amps: about ${STICK_DILUTION_pct.overlay.nominal} % melts in with the first layer, less (${trimmed((STICK_DILUTION_pct.overlay.nominal * (LAYER_DILUTION_pct.layers[1] ?? 15)) / (LAYER_DILUTION_pct.layers[0] ?? 30), 0)} %) with the second.`,
      'Grind it back to the shape of the joint, look for cracks, then fit and weld.',
      ...(tin ? [] : [`No ${butter.rodClass} in the tins: buy it first.`]),
    ],
    holds:
      heat.preheat !== null
        ? [`The preheat of ${say.temperature(heat.preheat.value)} is for this step above all.`]
        : [],
    why: butter.why,
  });
}

/** Face that is buttered where nobody has measured it, mm. */
const FACE_ASSUMED_mm = 10;
/** What two layers come to once they are ground, mm. Common practice: 5 to 6. */
const BUTTER_mm = 5;
/** Place of the amps in the rod's range for a butter: near its low end. Common practice. */
const BUTTER_AMPS_AT = 0.25;
