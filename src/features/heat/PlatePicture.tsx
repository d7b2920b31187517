import { useState } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Path, Rect } from 'react-native-svg';
import type { PlateFrame } from '@core/heat/plate/run';
import type { FieldRun } from '@core/plan/heat/fieldRun';
import { inWords } from '@core/units/format';
import type { UnitSystem } from '@core/units/kinds';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

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

/** The plate from above: where it is over each temperature, and where the arc has been. */
export function PlatePicture({
  run,
  frame,
  system,
}: {
  run: FieldRun;
  frame: PlateFrame;
  system: UnitSystem;
}) {
  const palette = usePalette();
  const [width, setWidth] = useState(320);
  const { length_mm, width_mm } = run.plate;
  const height = Math.max(80, Math.min(260, (width * width_mm) / length_mm));
  const [sx, sy] = [width / run.columns, height / run.rows];
  const [mx, my] = [width / length_mm, height / width_mm];
  const say = inWords(system).temperature;
  const shown = run.levels_C.map((C, n) => ({ C, n, outline: frame.outlines[n] ?? '' }));
  const present = shown.filter(({ outline }) => outline !== '');
  const event = run.events[frame.event];
  return (
    <View style={{ gap: SPACE.s }}>
      <View
        onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
        role="img"
        aria-label={`The plate from above: hottest ${say(frame.hottest_C)}.`}
      >
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
          <G transform={`scale(${sx} ${sy})`}>
            {shown.map(({ C, n, outline }) =>
              outline === '' ? null : <Path key={C} d={outline} fill={shade(n)} fillRule="evenodd" />,
            )}
          </G>
          {event?.kind === 'weld' && (
            <Line
              x1={event.from.x_mm * mx}
              y1={event.from.y_mm * my}
              x2={event.to.x_mm * mx}
              y2={event.to.y_mm * my}
              stroke="#FFFFFF"
              strokeWidth={3}
            />
          )}
        </Svg>
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
