import type { JobEdit } from '../formats/paths';
import { midSentence } from '../units/format';
import { FAVOURED_SHARE } from '../data/dilution';
import { FAVOURS, type FavourId } from '../data/ironIds';
import { idsOf } from '../data/words';
import { STAINLESS_COVERINGS } from '../data/service';
import { metalFamily } from '../data/metals';
import { coveringOf } from '../rods/covering';
import { settledMix } from './settledMix';
import { rodsAfterButter } from './resolveMix';
import { rodsBetween } from '../metal/rodsBetween';
import type { Change, ChangeMaker } from '../judge/change';

/** What can be changed about how rod and sides are stirred together. */

const PERCENT = 100;

/** Hold the arc to the other side. */
export const favourChanges: ChangeMaker = (situation) => {
  const mix = settledMix(situation);
  const { job } = situation;
  if (!mix?.unlike || job.metal.sameBothSides) return [];
  return idsOf(FAVOURS)
    .filter((id) => job.weld.favour !== id)
    .map((id: FavourId): Change => ({
      id: `favour-${id}`,
      title: `Hold the arc to the ${midSentence(metalFamily(id === 'A' ? mix.worst.a : mix.worst.b).name)}`,
      cost: `${Math.round(PERCENT * FAVOURED_SHARE.value)} % of what melts in comes from that side`,
      edits: [{ path: 'weld.favour', value: id }],
    }));
};

/** Narrow beads in place of a weave. */
export const stringerChange: ChangeMaker = (situation) =>
  settledMix(situation)?.unlike && situation.job.rod.move === 'weave'
    ? [
        {
          id: 'stringers',
          title: 'Stringers, no weave',
          cost: 'more beads',
          edits: [{ path: 'rod.move', value: 'stringer' }],
        },
      ]
    : [];

/** One side laid over first, or not. */
export const butterChange: ChangeMaker = (situation) => {
  const mix = settledMix(situation);
  const { butter } = mix ?? {};
  if (!mix || !butter) return [];
  const clearRod: readonly JobEdit[] = [
    { path: 'rod.rodClass', value: null },
    { path: 'rod.size', value: null },
    { path: 'rod.current_A', value: null },
  ];
  if (butter.planned)
    return [
      {
        id: 'no-butter',
        title: 'Join them in one go, no butter',
        cost: 'both metals in every bead',
        edits: [{ path: 'weld.butter', value: false }, ...clearRod],
      },
    ];
  const offered = rodsBetween(mix.worst.a, mix.worst.b).butter;
  const name = midSentence(metalFamily(butter.on === 'A' ? mix.worst.a : mix.worst.b).name);
  return [
    {
      id: 'butter',
      title: `Butter the ${name} with ${butter.rodClass} first`,
      cost: `two layers, ground back; then ${offered ? rodsAfterButter(offered).slice(0, 2).join(' or ') : butter.rodClass}`,
      edits: [{ path: 'weld.butter', value: true }, ...clearRod],
    },
  ];
};

/** Another covering of the same stainless rod. */
export const coveringChanges: ChangeMaker = (situation) => {
  const now = coveringOf(situation);
  if (now === null) return [];
  return idsOf(STAINLESS_COVERINGS)
    .filter((id) => id !== now)
    .map((id) => ({
      id: `covering-${id}`,
      title: `The same rod with covering ${STAINLESS_COVERINGS[id].name}`,
      cost: STAINLESS_COVERINGS[id].words,
      edits: [{ path: 'weld.covering', value: id }],
    }));
};

/** A rod that is not in the tins, where those that are do not make a sound bead here: the first that the metals ask for. */
export const buyChange: ChangeMaker = (situation) => {
  const { kit, rod, rodsWanted, mix } = situation;
  if (!rod || !settledMix(situation)?.unlike || !mix) return [];
  const held = new Set(kit.tins.filter(({ count }) => count !== 0).map((tin) => tin.rodClass));
  return rodsWanted
    .filter((id) => !held.has(id) && id !== rod.value.rodClass)
    .slice(0, 2)
    .map((id) => ({
      id: `buy-${id}`,
      title: `${id}, bought`,
      cost: 'none in the tins',
      away: true as const,
      edits: [
        { path: 'rod.rodClass', value: id },
        { path: 'rod.current_A', value: null },
        { path: 'rod.pole', value: null },
      ],
    }));
};
