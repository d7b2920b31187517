import { useId } from 'react';
import Svg, { ClipPath, Defs, G, Line, Polygon, Rect, Text as SvgText } from 'react-native-svg';
import type { PlateFrame } from '@core/heat';
import type { FieldRun, UnrolledFrame } from '@core/order';
import { usePalette } from '@/ui/theme/theme';
import { FONTS } from '@/ui/theme/tokens';
import { frameFaces, mitreOf } from './frameFaces';
import { ARC, outlinesOf } from './outlines';

interface Props {
  run: FieldRun;
  frame: PlateFrame;
  tubes: UnrolledFrame;
  width: number;
}

const TALLEST_px = 300;
const EDGE_px = 2;

/** A frame: the unrolled plate laid on the faces of its tubes. */
export function TubesPicture({ run, frame, tubes, width }: Props) {
  const palette = usePalette();
  const id = useId();
  const { sides } = tubes;
  const scale = Math.min((width - 2 * EDGE_px) / sides.length_mm, TALLEST_px / sides.width_mm);
  const left = (width - sides.length_mm * scale) / 2;
  const height = sides.width_mm * scale + 2 * EDGE_px;
  const px = ({ x, y }: { x: number; y: number }) =>
    [left + x * scale, EDGE_px + (sides.width_mm - y) * scale] as const;
  const faces = frameFaces(tubes, run.plate).map(({ matrix: [a, b, c, d, e, f], outline }) => ({
    matrix: [scale * a, -scale * b, scale * c, -scale * d, ...px({ x: e, y: f })].join(' '),
    points: outline.map((spot) => px(spot).join(',')).join(' '),
  }));
  const cells = `scale(${run.plate.length_mm / run.columns} ${run.plate.width_mm / run.rows})`;
  const label = run.labels[frame.event];
  return (
    <Svg width={width} height={height}>
      <Defs>
        {faces.map(({ points }, n) => (
          <ClipPath key={n} id={`${id}${n}`}>
            <Polygon points={points} />
          </ClipPath>
        ))}
      </Defs>
      {faces.map(({ matrix, points }, n) => (
        <G key={n}>
          <Polygon points={points} fill={palette.sunk} />
          <G clipPath={`url(#${id}${n})`}>
            <G transform={`matrix(${matrix}) ${cells}`}>{outlinesOf({ run, frame })}</G>
          </G>
        </G>
      ))}
      {[0, sides.tube_mm].map((in_mm) => {
        const [x, y] = px({ x: in_mm, y: sides.width_mm - in_mm });
        return (
          <Rect
            key={in_mm}
            x={x}
            y={y}
            width={(sides.length_mm - 2 * in_mm) * scale}
            height={(sides.width_mm - 2 * in_mm) * scale}
            fill="none"
            stroke={palette.ink2}
            strokeWidth={2}
          />
        );
      })}
      {[0, 1, 2, 3].map((corner) => {
        const { from, to } = mitreOf(tubes, corner);
        const [[x1, y1], [x2, y2]] = [px(from), px(to)];
        const now = label?.kind === 'weld' && label.segment === corner + 1;
        return (
          <G key={corner}>
            <Line
              x1={x1}
              y1={y1}
              x2={x2}
              y2={y2}
              {...(now ? ARC : { stroke: palette.ink2, strokeWidth: 1 })}
            />
            <SvgText
              x={x1 + Math.sign(x1 - x2) * 8}
              y={y1 + (y1 > y2 ? 20 : -10)}
              fill={palette.ink}
              fontSize={14}
              fontFamily={now ? FONTS.textBold : FONTS.text}
              textAnchor={x1 > x2 ? 'start' : 'end'}
            >
              {`corner ${corner + 1}`}
            </SvgText>
          </G>
        );
      })}
    </Svg>
  );
}
