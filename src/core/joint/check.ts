import { BACKED } from '../data/backing';
import { jointTraits } from '../data/joints';
import { ROD_SIZES, type RodSizeId } from '../data/rodSizes';
import type { Job } from '../formats/job';
import type { Problem } from '../formats/check';
import { numberField, type NumberPath } from '../formats/fields';
import { SIZE, type UnitSystem } from '../units/kinds';
import { formatQuantity } from '../units/format';
import { jointGeometry } from './geometry';

const LARGEST_GAP_OVER_ROD = 1.5;
const LARGEST_LEG_OVER_THIN = 2;

/** Holds a crack, and what is cut out for it, against the part. Each problem names one field. */
export function checkCut(
  { joint, repair, heat }: Pick<Job, 'joint' | 'repair' | 'heat'>,
  system: UnitSystem = 'metric',
): Problem[] {
  if (joint.kind !== 'gouge') return [];
  const show = (mm: number) => formatQuantity(mm, SIZE, system);
  const within = (path: NumberPath, value: number | null, part_mm: number | null, otherwise: string) =>
    value !== null && part_mm !== null && value > part_mm
      ? [
          {
            path,
            message: `${numberField(path).label}: ${show(value)} is more than the part has, ${show(part_mm)}. Type ${show(part_mm)} or less, or put the part’s size right${otherwise}.`,
          },
        ]
      : [];
  return [
    ...within('repair.crackLength_mm', repair.crackLength_mm, heat.pieceLength_mm, ' at Heat'),
    ...within('joint.length_mm', joint.length_mm, heat.pieceLength_mm, ' at Heat'),
    ...within('joint.topWidth_mm', joint.topWidth_mm, heat.pieceWidth_mm, ' at Heat'),
    ...within(
      'repair.crackDepth_mm',
      repair.crackDepth_mm,
      thinSide_mm(joint),
      '; what goes right through is a V butt',
    ),
  ];
}

/** The thinner side; null while no side is known. */
export function thinSide_mm(joint: Job['joint']): number | null {
  const sides = [joint.thicknessA_mm, joint.sameThickness ? null : joint.thicknessB_mm].filter(
    (t): t is number => t !== null,
  );
  return sides.length > 0 ? Math.min(...sides) : null;
}

/** Holds the sizes of a joint against one another. Each problem names one field. */
export function checkJoint(
  joint: Job['joint'],
  rodSize: RodSizeId | null,
  system: UnitSystem = 'metric',
): Problem[] {
  const show = (mm: number) => formatQuantity(mm, SIZE, system);
  const problems: Problem[] = [];
  const refuse = (path: NumberPath, words: string) =>
    problems.push({ path, message: `${numberField(path).label}: ${words}` });
  const thin = thinSide_mm(joint);
  const traits = jointTraits(joint.kind);

  if (
    traits?.fillet &&
    joint.leg_mm !== null &&
    thin !== null &&
    joint.leg_mm > LARGEST_LEG_OVER_THIN * thin
  ) {
    refuse(
      'joint.leg_mm',
      `${show(joint.leg_mm)} is over twice the thin side. Type ${show(LARGEST_LEG_OVER_THIN * thin)} or less, or leave it to the rule.`,
    );
  }
  if (
    traits?.sizes.includes('rootFace_mm') &&
    joint.rootFace_mm !== null &&
    thin !== null &&
    joint.rootFace_mm > thin
  ) {
    refuse(
      'joint.rootFace_mm',
      `${show(joint.rootFace_mm)} is over the thickness. Type ${show(thin)} or less.`,
    );
  }
  if (joint.kind === 'gouge' && joint.depth_mm !== null && thin !== null && joint.depth_mm > thin) {
    refuse(
      'joint.depth_mm',
      `${show(joint.depth_mm)} is deeper than the part. Type ${show(thin)} or less; a crack that goes right through is planned as a V butt.`,
    );
  }
  if (joint.gap_mm !== null && rodSize !== null) {
    const { backing } = jointGeometry(joint);
    const bridges = backing === null ? 1 : BACKED[backing].bridges;
    const most = ROD_SIZES[rodSize].diameter_mm * LARGEST_GAP_OVER_ROD * bridges;
    if (joint.gap_mm > most) {
      refuse(
        'joint.gap_mm',
        `${show(joint.gap_mm)} is over what this rod can bridge. Close it to ${show(most)} or less, or build the edges up first.`,
      );
    }
  }
  return problems;
}
