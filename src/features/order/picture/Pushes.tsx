import { Circle, G, Line, Path } from 'react-native-svg';
import { asItLies, blown, type BlowAt, type BlowPlan } from '@core/field';
import { usePalette } from '@/ui/theme/theme';
import type { View } from './view';
import { pieceTraits } from '@core/data/pieces';

/** Arrows along a seam stand so far apart, px, and are never more than so many; on a frame there is one at every corner. */
const APART_px = 46;
const ARROWS = 7;
/** Length of an arrow whose field stands at its limit, and the longest, as shares of the room between two; room on a frame, px. */
const AT_LIMIT = 0.7;
const LONGEST = 0.8;
const ROOM_px = 110;
const HEAD_px = 8;
/** Arrows stand so far off the seam, px. */
const OFF_px = 18;

/** Which way the arc is pushed: longer is nearer to its limit, ringed is over it. */
export function Pushes({ blow, places, view }: { blow: BlowPlan; places: readonly BlowAt[]; view: View }) {
  const palette = usePalette();
  const frame = pieceTraits(blow.piece.kind).cornered;
  const seam_px = (blow.seam.to.x - blow.seam.from.x) * view.scale;
  const arrows = frame ? 4 : Math.max(2, Math.min(ARROWS, Math.floor(seam_px / APART_px)));
  const room = frame ? ROOM_px : seam_px / arrows;
  const shown = Array.from(
    { length: arrows },
    (_, n) => places[Math.floor(((n + 0.5) / arrows) * places.length)],
  ).filter((one) => one !== undefined);
  const off = frame ? 0 : OFF_px;
  return (
    <G>
      {shown.map((one) => {
        const { share } = blown(one, blow.judged.travel, blow.hold);
        const push = asItLies(one);
        const strength = Math.hypot(push.x, push.y) || 1;
        const length = Math.min(LONGEST, AT_LIMIT * share) * room;
        const [dx, dy] = [(push.x / strength) * length, -(push.y / strength) * length];
        const [px, py] = [view.x(one.at.x), view.y(one.at.y) - off];
        const head = Math.min(HEAD_px, length);
        const colour =
          share > 1 ? palette.state.none : share > 0.7 ? palette.state.tight : palette.state.roomy;
        return (
          <G key={one.along_mm}>
            <Line x1={px} y1={py} x2={px + dx} y2={py + dy} stroke={colour} strokeWidth={3} />
            <Path
              transform={`translate(${px + dx} ${py + dy}) rotate(${(180 / Math.PI) * Math.atan2(dy, dx)})`}
              d={`M 2 0 L ${-head} ${-head * 0.6} V ${head * 0.6} Z`}
              fill={colour}
            />
            {share > 1 && <Circle cx={px} cy={py} r={5} fill="none" stroke={colour} strokeWidth={2} />}
          </G>
        );
      })}
    </G>
  );
}
