import { View } from 'react-native';
import Svg, { G, Line, Rect } from 'react-native-svg';
import type { PlateFrame } from '@core/heat';
import type { FieldRun } from '@core/order';
import { inWords } from '@core/units/format';
import type { UnitSystem } from '@core/units/kinds';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { ARC, outlinesOf, shade } from './outlines';
import { TubesPicture } from './TubesPicture';
import { useWidth } from '@/ui/useWidth';

interface Props {
  run: FieldRun;
  frame: PlateFrame;
}

/** The plate, or the frame, from above: where it is over each temperature, and where the arc has been. */
export function PlatePicture({ run, frame, system }: Props & { system: UnitSystem }) {
  const palette = usePalette();
  const [width, onLayout] = useWidth(320);
  const say = inWords(system).temperature;
  const present = run.levels_C.flatMap((C, n) => ((frame.outlines[n] ?? '') === '' ? [] : [{ C, n }]));
  return (
    <View style={{ gap: SPACE.s }}>
      <View
        onLayout={onLayout}
        role="img"
        aria-label={`The ${run.frame ? 'frame' : 'plate'} from above: hottest ${say(frame.hottest_C)}.`}
        testID={run.frame ? 'frame-heats' : 'plate-heats'}
      >
        {run.frame ? (
          <TubesPicture run={run} frame={frame} tubes={run.frame} width={width} />
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

/** A plate with the weld along it. */
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
