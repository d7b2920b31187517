import type { Reads } from '../judge/situation';
import type { MixPlan } from './mixPlan';

/** The mixed weld, where the metals are settled enough that its limits mean anything: a draft's rod is only the least bad one. */
export const settledMix = ({ mix, wants }: Reads<'mix' | 'wants'>): MixPlan | null =>
  wants.verdict === 'yes' || wants.verdict === 'last-resort' ? mix : null;
