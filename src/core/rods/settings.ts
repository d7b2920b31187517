import { EVEN_deg, HOLDS, LAP_LEAN_deg, SAG_deg } from '../data/rodAngles';
import { isSheet } from '../data/limits';
import { rodClass, type RodClassId } from '../data/rods';
import { ROD_SIZES, type RodSizeId } from '../data/rodSizes';
import { jointTraits, type JointKind } from '../data/joints';
import { AIMS, type AimId, type PositionId } from '../data/words';
import type { Source } from '../units/sources';
import { isUneven } from '../joint/geometry';

/** How a rod is held and moved in a joint. */
export interface RodSettings {
  /** Arc length from tip to pool, mm. */
  arc_mm: readonly [number, number];
  /** Lean along the travel, degrees from square; `up` where the tip points up the joint. */
  travel_deg: readonly [number, number];
  travelWords: string;
  /** Angle between rod and the thicker, or lower, or only part, degrees. */
  work_deg: number;
  workWords: string;
  /** Share of the arc's heat that the thin (or upper) part takes. */
  thinShare: number;
  moves: readonly string[];
  arcForce: 'low' | 'middle' | 'high';
  hotStart: string;
  source: Source;
}

/** Share of heat that goes to the part the rod leans away from, by its angle from the other: half at 45°, a quarter at 60°. */
export const shareAt = (work_deg: number): number => Math.cos((work_deg * Math.PI) / 180) ** 2;

/** The angle at which that share is reached. */
export const angleFor_deg = (thinShare: number): number =>
  (Math.acos(Math.sqrt(Math.min(1, Math.max(0, thinShare)))) * 180) / Math.PI;

/** Share of heat to the thin side: by the angle where one is given, else by the aim. */
export const heatShare = (aim: AimId, workAngle_deg: number | null): number =>
  workAngle_deg === null ? AIMS[aim].thinShare : shareAt(workAngle_deg);

export interface SettingsQuestion {
  rodClass: RodClassId;
  size: RodSizeId;
  kind: JointKind | null;
  position: PositionId | null;
  aim: AimId;
  workAngle_deg: number | null;
  /** Thick over thin. */
  ratio: number;
  thin_mm: number | null;
}

/** Nobody leans a rod to a part of a degree. */
const whole = (deg: number | null): number | null => (deg === null ? null : Math.round(deg));

/** Answers "how do I hold it?": arc, angles and moves for a rod in a joint. */
export function settingsFor(question: SettingsQuestion): RodSettings {
  const { kind, position, aim, workAngle_deg, ratio, thin_mm } = question;
  const row = rodClass(question.rodClass);
  const hold = HOLDS[row.coating];
  const core = ROD_SIZES[question.size].diameter_mm;
  const upward = position === 'vertical' && !isSheet(thin_mm);
  const corner = jointTraits(kind)?.corner ?? false;
  const uneven = isUneven({ ratio });
  const lapOnSheet = jointTraits(kind)?.lapped === true && isSheet(thin_mm) && !uneven;
  const byAim = Math.round(angleFor_deg(AIMS[aim].thinShare));
  const work_deg = corner
    ? (whole(workAngle_deg) ?? (uneven ? byAim : lapOnSheet ? LAP_LEAN_deg.value : EVEN_deg.value))
    : position === 'horizontal'
      ? 90 + SAG_deg.value
      : 90;
  return {
    arc_mm: [hold.arc_cores[0] * core, hold.arc_cores[1] * core],
    travel_deg: upward ? hold.upward_deg : hold.drag_deg,
    travelWords: upward
      ? 'tip pointing up, from the bottom to the top'
      : position === 'vertical'
        ? 'sheet may go downward: tip pointing up at the pool, fast'
        : 'leaned the way you travel',
    work_deg,
    workWords: workInWords(question, corner, uneven, lapOnSheet),
    thinShare: corner ? shareAt(work_deg) : 0.5,
    moves: [
      ...hold.moves,
      ...(position === 'vertical' || position === 'overhead' ? ['never dwell: the pool falls'] : []),
    ],
    arcForce: position === 'overhead' && row.arcForce === 'low' ? 'middle' : row.arcForce,
    hotStart: isSheet(thin_mm) ? 'down, on sheet' : 'up if it sticks',
    source: hold.source,
  };
}

function workInWords(
  { position }: SettingsQuestion,
  corner: boolean,
  uneven: boolean,
  lapOnSheet: boolean,
): string {
  if (!corner)
    return position === 'horizontal' ? 'from the lower part: a little upward' : 'square to the plate';
  if (uneven) return 'from the thick side';
  return lapOnSheet ? 'from the lower plate: its upper edge melts away' : 'down the middle of the corner';
}
