import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Line, Rect } from 'react-native-svg';
import { trimmed } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

const HEIGHT = 44;

/** The job in time: arc on, arc off, against ten-minute marks. */
export function DutyWindow({ open }: { open: OpenJob }) {
  const palette = usePalette();
  const [width, setWidth] = useState(320);
  const { timeline } = open.assessment.situation;
  const duty = open.assessment.rooms.find(({ id }) => id === 'duty');
  if (!timeline)
    return <Words tone="quiet">Joint and thickness first: then the minutes of arc are counted here.</Words>;
  const shown_s = Math.max(timeline.elapsed_s, 600);
  const x = (s: number) => (s / shown_s) * width;
  const marks = Array.from({ length: Math.floor(shown_s / 600) + 1 }, (_, n) => n * 600);
  return (
    <View style={{ gap: SPACE.xs }}>
      <Words as="bold">{`${trimmed(timeline.arc_s / 60, 1)} min of arc in ${trimmed(timeline.elapsed_s / 60, 0)} min`}</Words>
      <View
        onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
        role="img"
        aria-label={`Arc on and off over ${trimmed(timeline.elapsed_s / 60, 0)} minutes`}
      >
        <Svg width={width} height={HEIGHT}>
          <Rect x={0} y={8} width={width} height={HEIGHT - 16} fill={palette.sunk} />
          {timeline.events
            .filter(({ current_A }) => current_A > 0)
            .map((event) => (
              <Rect
                key={event.start_s}
                x={x(event.start_s)}
                y={8}
                width={Math.max(1, x(event.duration_s))}
                height={HEIGHT - 16}
                fill={palette.state[duty?.state ?? 'unknown']}
              />
            ))}
          {marks.map((s) => (
            <Line key={s} x1={x(s)} x2={x(s)} y1={0} y2={HEIGHT} stroke={palette.ink} strokeWidth={1} />
          ))}
        </Svg>
      </View>
      <Words as="label" tone="quiet">
        {`Bars: arc burning. Lines: every ten minutes.${duty && duty.state !== 'unknown' ? ` ${duty.now}; ${duty.until}.` : ''}`}
      </Words>
    </View>
  );
}
