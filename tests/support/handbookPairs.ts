import type { FamilyId } from '../../src/core/data/families';
import type { RodClassId } from '../../src/core/data/rods';

/** First and other choices by pair (welding handbooks and AWS usage notes, from memory). */
export const HANDBOOK_PAIRS: readonly [FamilyId, FamilyId, readonly RodClassId[], readonly RodClassId[]][] = [
  ['low-carbon-steel', 'austenitic-stainless', ['E309L-16'], ['E309LMo-16', 'ENiCrFe-3']],
  ['low-carbon-steel', 'ferritic-stainless', ['E309L-16'], ['ENiCrFe-3']],
  ['low-carbon-steel', 'martensitic-stainless', ['E309L-16'], ['ENiCrFe-3', 'E410NiMo-16']],
  ['low-carbon-steel', 'duplex-stainless', ['E309LMo-16'], ['E2209-16']],
  ['austenitic-stainless', 'duplex-stainless', ['E2209-16'], ['E309LMo-16']],
  ['low-carbon-steel', 'manganese-steel', ['E309L-16', 'E307-16'], ['E312-16']],
  ['low-carbon-steel', 'gray-iron', ['ENiFe-CI'], ['ENiFeMn-CI', 'ENi-CI', 'ESt']],
  ['austenitic-stainless', 'gray-iron', ['ENiFe-CI'], ['ENiCrFe-3']],
  ['gray-iron', 'aluminium-bronze', ['ECuAl-A2'], ['ECuSn-A']],
  ['austenitic-stainless', 'nickel-chromium', ['ENiCrFe-3'], ['ENiCrMo-3']],
  ['low-carbon-steel', 'nickel-chromium', ['ENiCrFe-3'], ['ENi-1']],
  ['low-carbon-steel', 'nickel', ['ENi-1'], ['ENiCrFe-3']],
  ['low-carbon-steel', 'nickel-copper', ['ENiCu-7'], ['ENi-1']],
  ['austenitic-stainless', 'nickel-copper', ['ENiCrFe-3'], ['ENi-1']],
  ['low-carbon-steel', 'copper', ['ECuAl-A2'], ['ENi-1', 'ENiCu-7']],
  ['low-carbon-steel', 'aluminium-bronze', ['ECuAl-A2'], ['ECuSn-A']],
  ['low-carbon-steel', 'silicon-bronze', ['ECuAl-A2'], ['ECuSi', 'ECuSn-A']],
  ['low-carbon-steel', 'tin-bronze', ['ECuSn-A', 'ECuSn-C'], ['ECuAl-A2']],
  ['low-carbon-steel', 'brass', ['ECuSn-A', 'ECuSn-C'], ['ECuAl-A2']],
  ['low-carbon-steel', 'copper-nickel', ['ENiCu-7'], ['ENi-1']],
  ['austenitic-stainless', 'copper', ['ENi-1'], ['ECuAl-A2']],
  ['medium-carbon-steel', 'low-alloy-steel', ['E7018', 'E7016', 'E312-16'], ['E309L-16']],
  ['copper', 'tin-bronze', ['ECuSn-C'], ['ECuAl-A2']],
];
