import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Path, Rect, Text as SvgText } from 'react-native-svg';
import { usePalette } from '@/ui/theme/theme';
import { FONTS } from '@/ui/theme/tokens';

const HEIGHT = 120;
/** Lift as it is drawn, px. */
const DRAWN_px = 26;

/** A tee from its end: the flange as it was, and as its fillets lift it, drawn so many times too big. */
export function LiftPicture({
  lift_mm,
  width_mm,
  flange_mm,
}: {
  lift_mm: number;
  width_mm: number;
  flange_mm: number;
}) {
  const palette = usePalette();
  const [width, setWidth] = useState(320);
  const scale = (width - 60) / width_mm;
  const times = Math.max(1, Math.round(DRAWN_px / Math.max(lift_mm * scale, 1e-6)));
  const lift = lift_mm * scale * times;
  const [middle, base] = [width / 2, HEIGHT - 26];
  const half = (width_mm * scale) / 2;
  const thick = Math.max(5, flange_mm * scale);
  return (
    <View
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      role="img"
      aria-label={`The flange lifted at both edges, drawn ${times} times too big.`}
      testID="lift-picture"
    >
      <Svg width={width} height={HEIGHT}>
        <Rect
          x={middle - half}
          y={base - thick}
          width={2 * half}
          height={thick}
          fill="none"
          stroke={palette.ink2}
          strokeWidth={1}
          strokeDasharray="4 4"
        />
        <Path
          d={`M ${middle} ${base - thick} L ${middle + half} ${base - thick - lift} l 0 ${thick} L ${middle} ${base} L ${middle - half} ${base - lift} l 0 ${-thick} Z`}
          fill={palette.line}
          stroke={palette.ink}
          strokeWidth={1.5}
        />
        <Rect
          x={middle - thick / 2}
          y={8}
          width={thick}
          height={base - thick - 8}
          fill={palette.line}
          stroke={palette.ink}
          strokeWidth={1.5}
        />
        <SvgText
          x={middle}
          y={HEIGHT - 6}
          fill={palette.ink}
          fontSize={14}
          fontFamily={FONTS.text}
          textAnchor="middle"
        >
          {times > 1 ? `lift drawn ${times} times too big` : 'lift to scale'}
        </SvgText>
      </Svg>
    </View>
  );
}
