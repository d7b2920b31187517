import type { FamilyId } from './families';
import { metalFamily, type MetalGroup } from './metals';
import { memoryOf } from '../units/sources';

/** A metal of a pair: one family, or all of a group. */
export type PairEnd = MetalGroup | FamilyId;

/** One side is first laid over with a rod that both put up with; then it is joined. */
export interface Buttering {
  on: PairEnd;
  rod: string;
  /** Rods for the joint once that is done, best first. */
  then: readonly string[];
  why: string;
}

/** Two unlike metals: the rods that join them, best first, and what to watch. */
export interface Pair {
  between: readonly [PairEnd, PairEnd];
  rods: readonly string[];
  note: string;
  /** Where it is the better way, or the only one. */
  butter?: Buttering;
}

export const PAIRS_SOURCE = memoryOf('AWS A5.4, A5.6, A5.11 and A5.15 usage notes');

const HEAT_SERVICE = 'Over about 315 °C in service, or where it heats and cools: nickel-chromium.';
const COPPER_IN_STEEL =
  'Copper runs into hot steel along its grain and cracks it: low amps, arc on the copper.';

/** Butter a side that hardens, or that spoils the bead, so that the joint itself is an easy one. */
const butter = (on: PairEnd, rod: string, then: readonly string[], why: string): Buttering => ({
  on,
  rod,
  then,
  why,
});

const NICKEL_ON_STEEL = butter(
  'carbon',
  'ENi-1',
  ['ECuAl-A2', 'ECuSn-C', 'ENi-1'],
  'Nickel on the steel first keeps the copper out of its grain.',
);

/** Every pair of groups that is joined by rod; where a family differs from its group it has a row of its own. */
export const PAIRS: readonly Pair[] = [
  // Carbon and low-alloy steel to one another
  {
    between: ['carbon', 'hardenable'],
    rods: ['E7018', 'E7016', 'E309L-16', 'E312-16'],
    note: 'Match the weaker, preheat for the stronger.',
    butter: butter(
      'hardenable',
      'E312-16',
      ['E7018', 'E309L-16'],
      'The hard side gets its preheat for the butter alone; the joint is then an easy one.',
    ),
  },
  {
    between: ['carbon', 'manganese'],
    rods: ['E309L-16', 'E307-16', 'E312-16'],
    note: 'Manganese steel stays cool. A manganese rod is for build-up: steel thins it out.',
  },
  { between: ['hardenable', 'manganese'], rods: ['E312-16', 'E309L-16', 'E307-16'], note: '' },

  // Steel to stainless
  {
    between: ['carbon', 'austenitic'],
    rods: ['E309L-16', 'E309LMo-16', 'E312-16', 'ENiCrFe-3'],
    note: HEAT_SERVICE,
    butter: butter(
      'carbon',
      'E309L-16',
      ['E308L-16', 'E316L-16', 'E309L-16'],
      'Two layers of 309L on the steel, then the joint is stainless to stainless.',
    ),
  },
  {
    between: ['hardenable', 'austenitic'],
    rods: ['E312-16', 'E309L-16', 'ENiCrFe-3'],
    note: 'Preheat for the steel side only.',
    butter: butter(
      'hardenable',
      'E309L-16',
      ['E308L-16', 'E316L-16', 'E309L-16'],
      'The steel gets its preheat for the butter alone.',
    ),
  },
  { between: ['manganese', 'austenitic'], rods: ['E309L-16', 'E307-16', 'E312-16'], note: '' },
  { between: ['carbon', 'ferritic'], rods: ['E309L-16', 'ENiCrFe-3', 'E312-16'], note: '' },
  {
    between: ['carbon', 'martensitic-stainless'],
    rods: ['E309L-16', 'ENiCrFe-3', 'E410NiMo-16'],
    note: 'A matching rod only with preheat, and tempered afterwards.',
  },
  { between: ['hardenable', 'ferritic'], rods: ['E309L-16', 'E312-16', 'ENiCrFe-3'], note: '' },
  { between: ['manganese', 'ferritic'], rods: ['E309L-16', 'E312-16'], note: '' },
  { between: ['austenitic', 'ferritic'], rods: ['E309L-16', 'E308L-16', 'E316L-16'], note: '' },
  { between: ['carbon', 'duplex'], rods: ['E309LMo-16', 'E2209-16', 'E309L-16'], note: '' },
  {
    between: ['hardenable', 'duplex'],
    rods: ['E309LMo-16', 'E2209-16'],
    note: 'Preheat for the steel side only.',
  },
  { between: ['austenitic', 'duplex'], rods: ['E2209-16', 'E309LMo-16'], note: '' },
  { between: ['ferritic', 'duplex'], rods: ['E309LMo-16', 'E2209-16'], note: '' },

  // Cast iron to the rest
  {
    between: ['carbon', 'cast-iron'],
    rods: ['ENiFe-CI', 'ENiFeMn-CI', 'ENi-CI', 'ESt'],
    note: 'Cold: short beads, peen each, keep the iron hand-warm. Plain nickel where it is thin or has to be filed.',
    butter: butter(
      'cast-iron',
      'ENi-CI',
      ['ENiFe-CI', 'ENi-CI'],
      'Short peened beads on the iron alone first: it pulls on nothing while it is hard.',
    ),
  },
  {
    between: ['hardenable', 'cast-iron'],
    rods: ['ENiFe-CI', 'ENiFeMn-CI', 'ENi-CI'],
    note: 'Cold: short beads, peen each.',
  },
  {
    between: ['austenitic', 'cast-iron'],
    rods: ['ENiFe-CI', 'ENiFeMn-CI', 'ENiCrFe-3'],
    note: '',
    butter: butter(
      'cast-iron',
      'ENi-CI',
      ['ENiCrFe-3', 'ENiFe-CI'],
      'Nickel on the iron keeps its carbon away from the chromium.',
    ),
  },
  { between: ['ferritic', 'cast-iron'], rods: ['ENiFe-CI', 'ENiCrFe-3'], note: '' },
  { between: ['duplex', 'cast-iron'], rods: ['ENiFe-CI', 'ENiCrFe-3'], note: '' },
  { between: ['manganese', 'cast-iron'], rods: ['ENiFe-CI', 'ENiFeMn-CI'], note: 'Both stay cool.' },
  {
    between: ['cast-iron', 'copper'],
    rods: ['ECuAl-A2', 'ECuSn-A', 'ECuSn-C'],
    note: '',
    butter: butter(
      'cast-iron',
      'ENi-CI',
      ['ECuAl-A2', 'ECuSn-C'],
      'Nickel on the iron wets, and keeps it soft.',
    ),
  },
  { between: ['cast-iron', 'nickel-copper'], rods: ['ENi-CI', 'ENi-1', 'ENiCu-7'], note: '' },
  { between: ['cast-iron', 'nickel-chromium'], rods: ['ENiCrFe-3', 'ENi-CI'], note: '' },

  // Steel and stainless to copper and its alloys
  {
    between: ['carbon', 'copper'],
    rods: ['ECuAl-A2', 'ENi-1', 'ENiCu-7'],
    note: COPPER_IN_STEEL,
    butter: NICKEL_ON_STEEL,
  },
  {
    between: ['carbon', 'aluminium-bronze'],
    rods: ['ECuAl-A2', 'ECuSn-A'],
    note: COPPER_IN_STEEL,
    butter: NICKEL_ON_STEEL,
  },
  {
    between: ['carbon', 'silicon-bronze'],
    rods: ['ECuAl-A2', 'ECuSi', 'ECuSn-A'],
    note: COPPER_IN_STEEL,
    butter: NICKEL_ON_STEEL,
  },
  {
    between: ['carbon', 'tin-bronze'],
    rods: ['ECuSn-A', 'ECuSn-C', 'ECuAl-A2'],
    note: COPPER_IN_STEEL,
    butter: NICKEL_ON_STEEL,
  },
  {
    between: ['carbon', 'brass'],
    rods: ['ECuSn-A', 'ECuSn-C', 'ECuAl-A2'],
    note: `Braze it where you can: the zinc boils. ${COPPER_IN_STEEL}`,
    butter: NICKEL_ON_STEEL,
  },
  {
    between: ['carbon', 'copper-nickel'],
    rods: ['ENiCu-7', 'ENi-1'],
    note: 'A copper-nickel rod cracks on the iron it picks up.',
  },
  {
    between: ['hardenable', 'copper'],
    rods: ['ECuAl-A2', 'ENi-1'],
    note: `Preheat for the steel side. ${COPPER_IN_STEEL}`,
    butter: butter(
      'hardenable',
      'ENi-1',
      ['ECuAl-A2', 'ENi-1'],
      'The steel gets its preheat for the butter alone.',
    ),
  },
  { between: ['hardenable', 'copper-nickel'], rods: ['ENiCu-7', 'ENi-1'], note: '' },
  {
    between: ['austenitic', 'copper'],
    rods: ['ENi-1', 'ECuAl-A2'],
    note: 'Molten copper cracks stainless along its grain.',
    butter: butter(
      'copper',
      'ENi-1',
      ['ENiCrFe-3', 'E309L-16', 'ENi-1'],
      'Nickel on the copper side first: then no copper meets the hot stainless.',
    ),
  },
  {
    between: ['austenitic', 'copper-nickel'],
    rods: ['ENiCu-7', 'ENi-1'],
    note: 'Keep the arc off the stainless.',
  },
  { between: ['ferritic', 'copper'], rods: ['ENi-1', 'ECuAl-A2'], note: COPPER_IN_STEEL },
  { between: ['duplex', 'copper'], rods: ['ENi-1', 'ECuAl-A2'], note: COPPER_IN_STEEL },
  { between: ['duplex', 'copper-nickel'], rods: ['ENi-1'], note: '' },

  // Copper alloys to one another
  { between: ['copper', 'copper'], rods: ['ECuSn-C', 'ECuAl-A2', 'ECuSn-A', 'ECuSi'], note: '' },
  { between: ['copper', 'silicon-bronze'], rods: ['ECuAl-A2', 'ECuSi', 'ECuSn-C'], note: '' },
  { between: ['copper', 'copper-nickel'], rods: ['ENiCu-7', 'ECuNi', 'ECuAl-A2'], note: '' },

  // Nickel and its alloys
  {
    between: ['carbon', 'nickel'],
    rods: ['ENi-1', 'ENiCrFe-3'],
    note: 'Arc on the nickel: the steel thins the bead.',
  },
  {
    between: ['hardenable', 'nickel'],
    rods: ['ENi-1', 'ENiCrFe-3'],
    note: 'Preheat for the steel side only.',
  },
  { between: ['austenitic', 'nickel'], rods: ['ENiCrFe-3', 'ENi-1'], note: '' },
  { between: ['ferritic', 'nickel'], rods: ['ENiCrFe-3', 'ENi-1'], note: '' },
  { between: ['duplex', 'nickel'], rods: ['ENiCrFe-3', 'ENi-1'], note: '' },
  { between: ['manganese', 'nickel'], rods: ['ENiCrFe-3'], note: '' },
  { between: ['cast-iron', 'nickel'], rods: ['ENi-CI', 'ENi-1'], note: '' },
  { between: ['copper', 'nickel'], rods: ['ENi-1', 'ENiCu-7'], note: '' },
  { between: ['nickel', 'nickel-copper'], rods: ['ENi-1', 'ENiCu-7'], note: '' },
  { between: ['nickel', 'nickel-chromium'], rods: ['ENiCrFe-3', 'ENi-1'], note: '' },
  { between: ['carbon', 'nickel-copper'], rods: ['ENiCu-7', 'ENi-1'], note: '' },
  {
    between: ['hardenable', 'nickel-copper'],
    rods: ['ENiCu-7', 'ENi-1'],
    note: 'Preheat for the steel side only.',
  },
  {
    between: ['austenitic', 'nickel-copper'],
    rods: ['ENiCrFe-3', 'ENi-1'],
    note: 'Not ENiCu-7: it cracks hot with chromium.',
  },
  { between: ['ferritic', 'nickel-copper'], rods: ['ENi-1', 'ENiCrFe-3'], note: '' },
  { between: ['duplex', 'nickel-copper'], rods: ['ENi-1', 'ENiCrFe-3'], note: '' },
  { between: ['carbon', 'nickel-chromium'], rods: ['ENiCrFe-3', 'ENiCrMo-3', 'ENi-1'], note: '' },
  {
    between: ['hardenable', 'nickel-chromium'],
    rods: ['ENiCrFe-3', 'ENiCrMo-3', 'ENi-1'],
    note: 'Preheat for the steel side only.',
  },
  { between: ['austenitic', 'nickel-chromium'], rods: ['ENiCrFe-3', 'ENiCrMo-3'], note: '' },
  { between: ['ferritic', 'nickel-chromium'], rods: ['ENiCrFe-3', 'ENiCrFe-2'], note: '' },
  { between: ['duplex', 'nickel-chromium'], rods: ['ENiCrMo-3', 'ENiCrFe-3'], note: '' },
  { between: ['manganese', 'nickel-chromium'], rods: ['ENiCrFe-3'], note: '' },
  { between: ['copper', 'nickel-copper'], rods: ['ENiCu-7', 'ENi-1'], note: '' },
  { between: ['copper', 'nickel-chromium'], rods: ['ENi-1', 'ENiCrFe-3'], note: '' },
  { between: ['nickel-copper', 'nickel-chromium'], rods: ['ENiCrFe-3', 'ENi-1'], note: '' },
];

/** Groups that no arc joins to any other: brittle in the seam, or not to be melted at all. */
const NOT_BY_ARC: readonly MetalGroup[] = ['aluminium', 'none'];

/** How closely a row speaks of two families: 2 names both, 1 one of them, 0 their groups; null not at all. */
function closeness([x, y]: Pair['between'], a: FamilyId, b: FamilyId): number | null {
  const meets = (end: PairEnd, family: FamilyId) =>
    end === family ? 1 : end === metalFamily(family).group ? 0 : null;
  const [xa, yb] = [meets(x, a), meets(y, b)];
  return xa === null || yb === null ? null : xa + yb;
}

/**
 * What joins two families: the row that speaks of them most closely, 'not by arc', or null where no rod is listed. The order of the
 * two does not matter.
 */
export function findPair(a: FamilyId, b: FamilyId): Pair | 'not by arc' | null {
  const [groupA, groupB] = [metalFamily(a).group, metalFamily(b).group];
  if (groupA !== groupB && [groupA, groupB].some((group) => NOT_BY_ARC.includes(group))) return 'not by arc';
  let best: { pair: Pair; close: number } | null = null;
  for (const pair of PAIRS) {
    const close = Math.max(closeness(pair.between, a, b) ?? -1, closeness(pair.between, b, a) ?? -1);
    if (close >= 0 && (best === null || close > best.close)) best = { pair, close };
  }
  return best?.pair ?? null;
}

/** Which of two families a buttering lies on; null where neither is meant. */
export const butteredSide = ({ on }: Buttering, a: FamilyId, b: FamilyId): 'A' | 'B' | null => {
  const is = (family: FamilyId) => on === family || on === metalFamily(family).group;
  return is(a) ? 'A' : is(b) ? 'B' : null;
};
