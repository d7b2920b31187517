import { useId, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { ClipPath, Defs, G, Line, Path, Polygon, Rect, Text as SvgText } from 'react-native-svg';
import type { PlateFrame } from '@core/heat/plate/run';
import type { FieldRun, UnrolledFrame } from '@core/plan/heat/fieldRun';
import { inWords } from '@core/units/format';
import type { UnitSystem } from '@core/units/kinds';
import { usePalette } from '@/ui/theme/theme';
import { FONTS, SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { frameFaces, mitreOf } from './frameFaces';

/** Shades from hand-warm to molten: steel going through its own colours, darker outline for every step. */
const SHADES = [
  '#E3DCC8',
  '#E0C68F',
  '#D9A45B',
  '#CC7A3C',
  '#B4502E',
  '#8E2F2A',
  '#5E1F2B',
  '#2E1420',
  '#140A12',
];

const shade = (n: number): string => SHADES[Math.min(n, SHADES.length - 1)] ?? '#000000';

interface Props {
  run: FieldRun;
  frame: PlateFrame;
}

/** The plate, or the frame, from above: where it is over each temperature, and where the arc has been. */
export function PlatePicture({ run, frame, system }: Props & { system: UnitSystem }) {
  const palette = usePalette();
  const [width, setWidth] = useState(320);
  const say = inWords(system).temperature;
  const present = run.levels_C.flatMap((C, n) => ((frame.outlines[n] ?? '') === '' ? [] : [{ C, n }]));
  return (
    <View style={{ gap: SPACE.s }}>
      <View
        onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
        role="img"
        aria-label={`The ${run.frame ? 'frame' : 'plate'} from above: hottest ${say(frame.hottest_C)}.`}
        testID={run.frame ? 'frame-heats' : 'plate-heats'}
      >
        {run.frame ? (
          <Tubes run={run} frame={frame} tubes={run.frame} width={width} />
        ) : (
          <Flat run={run} frame={frame} width={width} />
        )}
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m }} testID="plate-key">
        {present.map(({ C, n }) => (
          <View key={C} style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.xs }}>
            <View
              style={{
                width: 18,
                height: 18,
                backgroundColor: shade(n),
                borderWidth: 1,
                borderColor: palette.ink2,
              }}
            />
            <Words as="label">{`over ${say(C)}`}</Words>
          </View>
        ))}
        {present.length === 0 && <Words as="label">Nowhere over hand-warm.</Words>}
      </View>
    </View>
  );
}

/** What is over each temperature, in cells of the grid. */
const outlinesOf = ({ run, frame }: Props): ReactNode =>
  run.levels_C.map((C, n) => {
    const outline = frame.outlines[n] ?? '';
    return outline === '' ? null : <Path key={C} d={outline} fill={shade(n)} fillRule="evenodd" />;
  });

/** The arc that ends at this moment. */
const ARC = { stroke: '#FFFFFF', strokeWidth: 3 } as const;

function Flat({ run, frame, width }: Props & { width: number }) {
  const palette = usePalette();
  const { length_mm, width_mm } = run.plate;
  const height = Math.max(80, Math.min(260, (width * width_mm) / length_mm));
  const [mx, my] = [width / length_mm, height / width_mm];
  const event = run.events[frame.event];
  return (
    <Svg width={width} height={height}>
      <Rect
        x={0}
        y={0}
        width={width}
        height={height}
        fill={palette.sunk}
        stroke={palette.ink2}
        strokeWidth={2}
      />
      <G transform={`scale(${width / run.columns} ${height / run.rows})`}>{outlinesOf({ run, frame })}</G>
      {event?.kind === 'weld' && (
        <Line
          x1={event.from.x_mm * mx}
          y1={event.from.y_mm * my}
          x2={event.to.x_mm * mx}
          y2={event.to.y_mm * my}
          {...ARC}
        />
      )}
    </Svg>
  );
}

const TALLEST_px = 300;
const EDGE_px = 2;

/** A frame: the unrolled plate laid on the faces of its tubes. */
function Tubes({ run, frame, tubes, width }: Props & { tubes: UnrolledFrame; width: number }) {
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
