import type { MetalGroup } from './metals';
import { memoryOf } from './sources';

/** Two unlike metals: the rods that join them, best first, and what to watch. An empty list is "not by arc". */
export interface Pair {
  between: readonly [MetalGroup, MetalGroup];
  rods: readonly string[];
  note: string;
}

export const PAIRS_SOURCE = memoryOf('AWS A5.4, A5.6, A5.11 and A5.15 usage notes');

export const PAIRS: readonly Pair[] = [
  {
    between: ['carbon', 'hardenable'],
    rods: ['E7018', 'E7016', 'E309L-16', 'E312-16'],
    note: 'Match the weaker, preheat for the stronger.',
  },
  { between: ['carbon', 'manganese'], rods: ['E309L-16', 'E312-16'], note: '' },
  { between: ['hardenable', 'manganese'], rods: ['E312-16', 'E309L-16'], note: '' },
  {
    between: ['carbon', 'austenitic'],
    rods: ['E309L-16', 'E309LMo-16', 'E312-16', 'ENiCrFe-3'],
    note: 'Favour the stainless side; it wets less readily. Heat service wants nickel-chromium.',
  },
  {
    between: ['hardenable', 'austenitic'],
    rods: ['E312-16', 'E309L-16', 'ENiCrFe-3'],
    note: 'Preheat for the steel side only.',
  },
  { between: ['manganese', 'austenitic'], rods: ['E309L-16', 'E312-16'], note: '' },
  { between: ['carbon', 'ferritic'], rods: ['E309L-16', 'ENiCrFe-3'], note: '' },
  { between: ['hardenable', 'ferritic'], rods: ['E309L-16', 'E312-16', 'ENiCrFe-3'], note: '' },
  { between: ['austenitic', 'ferritic'], rods: ['E309L-16', 'E308L-16'], note: '' },
  { between: ['carbon', 'duplex'], rods: ['E309LMo-16', 'E2209-16'], note: '' },
  { between: ['austenitic', 'duplex'], rods: ['E2209-16', 'E309LMo-16'], note: '' },
  {
    between: ['carbon', 'cast-iron'],
    rods: ['ENiFe-CI', 'ENi-CI'],
    note: 'Cold: short beads, peen each, keep the iron hand-warm.',
  },
  {
    between: ['hardenable', 'cast-iron'],
    rods: ['ENiFe-CI', 'ENi-CI'],
    note: 'Cold: short beads, peen each.',
  },
  { between: ['austenitic', 'cast-iron'], rods: ['ENiFe-CI', 'ENiCrFe-3'], note: '' },
  { between: ['cast-iron', 'copper'], rods: ['ECuAl-A2', 'ECuSn-C'], note: '' },
  {
    between: ['carbon', 'copper'],
    rods: ['ECuAl-A2', 'ENi-1'],
    note: 'Copper can crack steel along its grain: butter the steel first.',
  },
  {
    between: ['austenitic', 'copper'],
    rods: ['ENi-1', 'ECuAl-A2'],
    note: 'Butter the copper side with nickel.',
  },
  { between: ['carbon', 'nickel-copper'], rods: ['ENiCu-7', 'ENi-1'], note: '' },
  {
    between: ['austenitic', 'nickel-copper'],
    rods: ['ENiCrFe-3', 'ENi-1'],
    note: 'Not ENiCu-7: it cracks hot with chromium.',
  },
  { between: ['carbon', 'nickel-chromium'], rods: ['ENiCrFe-3', 'ENiCrMo-3', 'ENi-1'], note: '' },
  { between: ['austenitic', 'nickel-chromium'], rods: ['ENiCrFe-3', 'ENiCrMo-3'], note: '' },
  { between: ['copper', 'nickel-copper'], rods: ['ENiCu-7', 'ENi-1'], note: '' },
];

const NOT_BY_ARC: readonly MetalGroup[] = ['aluminium', 'none'];

/** What joins two groups: a pair, 'not by arc', or null where no rod is listed. The order of the two does not matter. */
export function findPair(a: MetalGroup, b: MetalGroup): Pair | 'not by arc' | null {
  if (NOT_BY_ARC.includes(a) || NOT_BY_ARC.includes(b)) return 'not by arc';
  return (
    PAIRS.find(
      (pair) =>
        (pair.between[0] === a && pair.between[1] === b) || (pair.between[0] === b && pair.between[1] === a),
    ) ?? null
  );
}
