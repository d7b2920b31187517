import { Circle, G, Line } from 'react-native-svg';
import { asItLies, blown, type BlowAt } from '@core/field/sweep';
import type { BlowPlan } from '@core/plan/order/blowPlan';
import { usePalette } from '@/ui/theme/theme';
import type { View } from './view';

/** Arrows along a seam, and on a frame one at every corner. */
const ARROWS = 6;
/** Length of an arrow whose field stands at its limit, and the longest, px. */
const AT_LIMIT_px = 80;
const LONGEST_px = 84;
/** Arrows stand so far off the seam, px. */
const OFF_px = 18;

/** Which way the arc is pushed: longer is nearer to its limit, ringed is over it. */
export function Pushes({ blow, places, view }: { blow: BlowPlan; places: readonly BlowAt[]; view: View }) {
  const palette = usePalette();
  const arrows = blow.piece.kind === 'frame' ? 4 : ARROWS;
  const step = Math.max(1, Math.floor(places.length / arrows));
  const shown = places.filter((_, n) => n % step === Math.floor(step / 2)).slice(0, arrows + 1);
  const off = blow.piece.kind === 'frame' ? 0 : OFF_px;
  return (
    <G>
      {shown.map((one) => {
        const { share } = blown(one, blow.judged.travel, blow.hold);
        const push = asItLies(one);
        const strength = Math.hypot(push.x, push.y) || 1;
        const length = Math.min(LONGEST_px, AT_LIMIT_px * share);
        const [dx, dy] = [(push.x / strength) * length, -(push.y / strength) * length];
        const [px, py] = [view.x(one.at.x), view.y(one.at.y) - off];
        const colour =
          share > 1 ? palette.state.none : share > 0.7 ? palette.state.tight : palette.state.roomy;
        return (
          <G key={one.along_mm}>
            <Line x1={px} y1={py} x2={px + dx} y2={py + dy} stroke={colour} strokeWidth={3} />
            <Circle cx={px} cy={py} r={3} fill={colour} />
            <Circle
              cx={px + dx}
              cy={py + dy}
              r={share > 1 ? 5 : 0}
              fill="none"
              stroke={colour}
              strokeWidth={2}
            />
          </G>
        );
      })}
    </G>
  );
}
