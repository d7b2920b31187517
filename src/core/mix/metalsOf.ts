import { metalFamily } from '../data/metals';
import { midSentence } from '../units/format';
import type { MixPair } from './mixPlan';

/** The metals of a pair in words. */
export const metalsOf = ({ a, b }: MixPair): string =>
  a === b
    ? midSentence(metalFamily(a).name)
    : `${midSentence(metalFamily(a).name)} and ${midSentence(metalFamily(b).name)}`;
