import { beliefOf, type MetalBelief } from '../../metal/belief';
import { sharesOf } from '../../metal/doubt';
import { whatJointWants, type JointWants } from '../../metal/wants';
import { whyWithheld } from '../withheld';
import type { Reads, Withheld } from '../situation';

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

/** Why no setting is told; null where all are. */
export function withheld({ entered, wants: asked }: Reads<'entered' | 'wants'>): Withheld | null {
  return whyWithheld({ job: entered, wants: asked });
}
