import { memo } from 'react';
import Svg, { Defs, Line, Path, Pattern, Rect } from 'react-native-svg';
import type { RoomState } from '@core/judge';
import { usePalette } from './theme/theme';

interface Props {
  /** Share of the limit left: 1 wide open, 0 touching, below 0 overlapping. Null: not known. */
  fraction: number | null;
  state: RoomState;
  width: number;
  height: number;
  /** Opening it had before, drawn behind in outline. */
  was?: number | null;
  id: string;
}

/** Widest opening, as a share of the whole width. */
const WIDEST = 0.62;
/** Deepest overlap, as a share of the whole width. */
const DEEPEST = 0.16;

/** Half the opening in drawing units: positive open, negative overlapped. */
function halfGap(fraction: number, width: number): number {
  const held = Math.max(-1, Math.min(1, fraction));
  return held >= 0 ? (held * WIDEST * width) / 2 : (held * DEEPEST * width) / 2;
}

/** Inner face of a jaw: three shallow teeth, as cut on a vice. */
function jawPath(outer: number, inner: number, height: number, tooth: number): string {
  const step = height / 3;
  const bites = [0, 1, 2]
    .map((n) => `L ${inner} ${n * step} L ${inner + tooth} ${(n + 0.5) * step} L ${inner} ${(n + 1) * step}`)
    .join(' ');
  return `M ${outer} 0 ${bites} L ${outer} ${height} Z`;
}

/**
 * The mark of the app: two steel jaws and the room between them. Open as wide as the room, touching at none, overlapped and
 * hatched beyond it, dashed and empty where nobody knows. Shape and words carry the state; colour only helps.
 */
export const Jaws = memo(function Jaws({ fraction, state, width, height, was = null, id }: Props) {
  const palette = usePalette();
  const mid = width / 2;
  const tooth = Math.min(height * 0.14, 5);
  const isUnknown = fraction === null;
  const half = isUnknown ? (WIDEST * width) / 4 : halfGap(fraction, width);
  const [left, right] = [mid - half, mid + half];
  const fill = palette.state[state];
  return (
    <Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden>
      <Defs>
        <Pattern
          id={`hatch-${id}`}
          width={6}
          height={6}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <Line x1={0} y1={0} x2={0} y2={6} stroke={palette.surface} strokeWidth={2.5} />
        </Pattern>
      </Defs>
      {isUnknown ? (
        <Rect
          x={1}
          y={1}
          width={width - 2}
          height={height - 2}
          fill="none"
          stroke={fill}
          strokeWidth={1.5}
          strokeDasharray="5 4"
        />
      ) : (
        <>
          {half > 0 && (
            <Rect x={left} y={height * 0.36} width={2 * half} height={height * 0.28} fill={fill} />
          )}
          <Path d={jawPath(0, left, height, -tooth)} fill={palette.steel} />
          <Path d={jawPath(width, right, height, tooth)} fill={palette.steel} />
          {half <= 0 && (
            <>
              <Rect
                x={Math.min(left, right) - 2}
                y={0}
                width={Math.abs(2 * half) + 4}
                height={height}
                fill={fill}
              />
              {half < 0 && (
                <Rect
                  x={Math.min(left, right)}
                  y={0}
                  width={-2 * half}
                  height={height}
                  fill={`url(#hatch-${id})`}
                />
              )}
            </>
          )}
        </>
      )}
      {was !== null && (
        <Path
          d={`M ${mid - halfGap(was, width)} 0 V ${height} M ${mid + halfGap(was, width)} 0 V ${height}`}
          stroke={palette.ink}
          strokeWidth={1.5}
          strokeDasharray="2 2"
        />
      )}
    </Svg>
  );
});
