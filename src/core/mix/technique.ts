import { jointTraits } from '../data/joints';
import { metalFamily, type MetalGroup } from '../data/metals';
import { rodClass } from '../data/rods';
import { STAINLESS_COVERINGS, USUAL_COVERING } from '../data/service';
import { rodsBetween } from '../metal/rodsBetween';
import { midSentence } from '../units/format';
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
