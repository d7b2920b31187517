import { G, Line, Path, Text as SvgText } from 'react-native-svg';
import { headingOf, type BlowPlan } from '@core/field';
import type { Laid } from '@core/joint';
import type { OrderQuestion } from '@core/order';
import { usePalette } from '@/ui/theme/theme';
import { FONTS } from '@/ui/theme/tokens';
import type { View } from './view';
import { pieceTraits } from '@core/data/pieces';

/** Shortest run whose number and head are drawn, px. */
const READABLE_px = 16;
/** A number stands so far off its run, px. */
const NUMBER_OFF_px = 17;
/** Share of a mitre that is drawn, so that it ends inside its tube. */
const MITRE_SHOWN = 0.8;

interface Props {
  blow: BlowPlan;
  view: View;
  question: OrderQuestion;
  order: readonly Laid[];
  /** How many are shown as laid. */
  done: number;
}

/** The runs in their order, each with its number and its way; those laid are filled. */
export function Runs({ blow, view, question, order, done }: Props) {
  const palette = usePalette();
  const frame = pieceTraits(blow.piece.kind).cornered;
  return (
    <G>
      {order.map(({ index, travel }, n) => {
        const [from, to] = endsOf(blow, question, index);
        const [tail, head] = travel === 1 ? [from, to] : [to, from];
        const [x1, y1, x2, y2] = [view.x(tail.x), view.y(tail.y), view.x(head.x), view.y(head.y)];
        const length = Math.hypot(x2 - x1, y2 - y1);
        const [ux, uy] = length > 0 ? [(x2 - x1) / length, (y2 - y1) / length] : [1, 0];
        const isDone = n < done;
        const out = frame ? headingOf(index) : { x: 0, y: -1 };
        const off = frame ? length / 2 + NUMBER_OFF_px : 2 * NUMBER_OFF_px;
        return (
          <G key={index}>
            <Line
              x1={x1}
              y1={y1}
              x2={x2}
              y2={y2}
              stroke={isDone ? palette.state.tight : palette.ink2}
              strokeWidth={isDone ? 9 : 5}
            />
            <Line
              x1={x1 - 9 * uy}
              y1={y1 + 9 * ux}
              x2={x1 + 9 * uy}
              y2={y1 - 9 * ux}
              stroke={palette.ink}
              strokeWidth={1.5}
            />
            {length > READABLE_px && (
              <Path
                d={`M ${x2 - ux} ${y2 - uy} L ${x2 - 9 * ux - 6 * uy} ${y2 - 9 * uy + 6 * ux} L ${x2 - 9 * ux + 6 * uy} ${y2 - 9 * uy - 6 * ux} Z`}
                fill={isDone ? palette.onState : palette.surface}
              />
            )}
            {(length > READABLE_px || frame) && (
              <SvgText
                x={(x1 + x2) / 2 + out.x * off}
                y={(y1 + y2) / 2 - out.y * off + (frame ? 5 : 0)}
                fill={palette.ink}
                fontSize={14}
                fontFamily={FONTS.textBold}
                textAnchor="middle"
              >
                {`${n + 1}`}
              </SvgText>
            )}
          </G>
        );
      })}
    </G>
  );
}

/** Where a segment begins and ends on the piece. */
function endsOf({ piece, seam }: BlowPlan, { heat, middles }: OrderQuestion, index: number) {
  if (pieceTraits(piece.kind).cornered) {
    const middle = middles[index] ?? { x: 0, y: 0 };
    const heading = headingOf(index);
    const half = (MITRE_SHOWN * piece.tube_mm) / Math.SQRT2;
    const at = (share: number) => ({
      x: middle.x + share * half * heading.x,
      y: middle.y + share * half * heading.y,
    });
    return [at(-1), at(1)] as const;
  }
  const segment = heat.segments[index];
  return [
    { x: seam.from.x + (segment?.from_mm ?? 0), y: seam.from.y },
    { x: seam.from.x + (segment?.to_mm ?? 0), y: seam.from.y },
  ] as const;
}
