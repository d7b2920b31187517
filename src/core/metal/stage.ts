import { beliefOf, type MetalBelief } from './belief';
import { sharesOf } from './doubt';
import { whatJointWants, type JointWants } from './wants';
import type { Reads } from '../judge/situation';

declare module '../judge/situation' {
  interface Situation {
    /** What each side may be; one where both are the same metal. */
    readonly beliefs: readonly MetalBelief[];
    readonly wants: JointWants;
  }
}

/** What each side may be; one where both are the same metal. */
export function beliefs({ entered }: Reads<'entered'>): readonly MetalBelief[] {
  const { sideA, sideB, sameBothSides } = entered.metal;
  return sameBothSides ? [beliefOf(sideA)] : [beliefOf(sideA), beliefOf(sideB)];
}

/** What the joint of both sides asks. */
export function wants({ beliefs: [a, b], entered }: Reads<'beliefs' | 'entered'>): JointWants {
  const { metal } = entered;
  const sideA = a ?? beliefOf(metal.sideA);
  return whatJointWants(sideA, b ?? sideA, sharesOf({ metal }));
}
