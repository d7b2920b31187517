import { JOINTS } from '../../data/joints';
import { gapOf_mm } from '../../joint/shapes/shape';
import { inWords } from '../../units/format';
import { ASSUMED_LENGTH_mm } from '../../joint/stage';
import type { Reads } from '../../judge/situation';

declare module '../../judge/situation' {
  interface Situation {
    /** What was put in for a blank, in words. */
    readonly assumed: readonly string[];
  }
}

/** What was put in for a blank, in words. */
export function assumed({
  beads,
  joint,
  entered,
  rod,
  system,
}: Reads<'beads' | 'joint' | 'entered' | 'rod' | 'system'>): readonly string[] {
  const say = inWords(system);
  return [
    ...(beads && joint.length_mm === null
      ? [`Weld length blank: counted as ${say.size(ASSUMED_LENGTH_mm)}.`]
      : []),
    ...(joint.area_mm2 !== null && joint.gap_mm === null && joint.kind !== null && JOINTS[joint.kind].fitUp
      ? [
          gapOf_mm(entered.joint) === 0
            ? 'Gap blank: weld metal counted for a joint that sits tight.'
            : `Gap blank: weld metal counted for a ${say.size(gapOf_mm(entered.joint))} gap.`,
        ]
      : []),
    ...(entered.look.position === null && rod ? ['Position blank: amps as for flat.'] : []),
  ];
}
