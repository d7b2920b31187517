import { type ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { Path, Rect, Text as SvgText } from 'react-native-svg';
import { usePalette } from '@/ui/theme/theme';
import { FONTS } from '@/ui/theme/tokens';
import { useWidth } from '@/ui/useWidth';

/** A pull as it is drawn, px. */
const DRAWN_px = 26;

/** A picture of a pull: what it was dashed, what it comes to filled, and how many times too big that is drawn. */
function Exaggerated({
  testID,
  what,
  moved_mm,
  shown_mm,
  height,
  children,
}: {
  testID: string;
  what: string;
  moved_mm: number;
  /** Length that the picture's width stands for. */
  shown_mm: number;
  height: number;
  children: (drawn: { width: number; scale: number; moved: number }) => ReactNode;
}) {
  const palette = usePalette();
  const [width, onLayout] = useWidth(320);
  const scale = (width - 60) / shown_mm;
  const times = Math.max(1, Math.round(DRAWN_px / Math.max(moved_mm * scale, 1e-6)));
  const says = times > 1 ? `${what} drawn ${times} times too big` : `${what} to scale`;
  return (
    <View onLayout={onLayout} role="img" aria-label={says} testID={testID}>
      <Svg width={width} height={height}>
        {children({ width, scale, moved: moved_mm * scale * times })}
        <SvgText
          x={width / 2}
          y={height - 6}
          fill={palette.ink}
          fontSize={14}
          fontFamily={FONTS.text}
          textAnchor="middle"
        >
          {says}
        </SvgText>
      </Svg>
    </View>
  );
}

/** A tee from its end: the flange as it was, and as its fillets lift it. */
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
  const height = 120;
  return (
    <Exaggerated testID="lift-picture" what="lift" moved_mm={lift_mm} shown_mm={width_mm} height={height}>
      {({ width, scale, moved }) => {
        const [middle, base] = [width / 2, height - 26];
        const half = (width_mm * scale) / 2;
        const thick = Math.max(5, flange_mm * scale);
        return (
          <>
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
              d={`M ${middle} ${base - thick} L ${middle + half} ${base - thick - moved} l 0 ${thick} L ${middle} ${base} L ${middle - half} ${base - moved} l 0 ${-thick} Z`}
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
          </>
        );
      }}
    </Exaggerated>
  );
}

/** A butt from above: both plates as they were, and drawn together across the seam. */
export function DrawnTogether({ pull_mm, width_mm }: { pull_mm: number; width_mm: number }) {
  const palette = usePalette();
  const height = 104;
  return (
    <Exaggerated
      testID="together-picture"
      what="pulled in"
      moved_mm={pull_mm}
      shown_mm={width_mm}
      height={height}
    >
      {({ width, scale, moved }) => {
        const half = (width_mm * scale) / 2;
        const middle = width / 2;
        return (
          <>
            <Rect
              x={middle - half}
              y={8}
              width={2 * half}
              height={64}
              fill="none"
              stroke={palette.ink2}
              strokeWidth={1}
              strokeDasharray="4 4"
            />
            <Rect
              x={middle - half + moved / 2}
              y={14}
              width={2 * half - moved}
              height={52}
              fill={palette.line}
              stroke={palette.ink}
              strokeWidth={1.5}
            />
            <Rect x={middle - 4} y={14} width={8} height={52} fill={palette.state.tight} />
          </>
        );
      }}
    </Exaggerated>
  );
}

/** A tee from its side, bent along its length. */
export function BowPicture({ bow_mm, length_mm }: { bow_mm: number; length_mm: number }) {
  const palette = usePalette();
  const height = 96;
  return (
    <Exaggerated testID="bow-picture" what="bow" moved_mm={bow_mm} shown_mm={length_mm} height={height}>
      {({ width, scale, moved }) => {
        const half = (length_mm * scale) / 2;
        const [middle, base] = [width / 2, 60];
        const curve = (y: number) =>
          `${middle - half} ${y} Q ${middle} ${y + 2 * moved} ${middle + half} ${y}`;
        return (
          <>
            <Path
              d={`M ${middle - half} ${base - 40} h ${2 * half}`}
              stroke={palette.ink2}
              strokeDasharray="4 4"
            />
            <Path d={`M ${curve(base - 40)}`} stroke={palette.ink} strokeWidth={7} fill="none" />
          </>
        );
      }}
    </Exaggerated>
  );
}

/** Waves in a buckled panel. */
const WAVES = 3;
/** How high they are drawn, px. */
const WAVE_px = 12;

/** A sheet seen on edge, with the waves that a weld along it leaves: how high they stand is not reckoned. */
export function WavesPicture() {
  const palette = usePalette();
  const [width, onLayout] = useWidth(320);
  const each = (width - 40) / (2 * WAVES);
  let d = `M 20 30`;
  for (let n = 0; n < 2 * WAVES; n++) d += ` q ${each / 2} ${(n % 2 === 0 ? -2 : 2) * WAVE_px} ${each} 0`;
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label="The sheet seen on edge, in waves. How high they stand is not reckoned."
      testID="waves-picture"
    >
      <Svg width={width} height={72}>
        <Path d={`M 20 30 H ${width - 20}`} stroke={palette.ink2} strokeDasharray="4 4" />
        <Path d={d} stroke={palette.ink} strokeWidth={4} fill="none" />
        <SvgText
          x={width / 2}
          y={66}
          fill={palette.ink}
          fontSize={14}
          fontFamily={FONTS.text}
          textAnchor="middle"
        >
          waves as they fall; their height is not reckoned
        </SvgText>
      </Svg>
    </View>
  );
}
