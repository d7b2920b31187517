import { View } from 'react-native';
import Svg, { Circle, Line, Path, Text as SvgText } from 'react-native-svg';
import type { RodSettings } from '@core/rods';
import { usePalette } from '@/ui/theme/theme';
import { FONTS } from '@/ui/theme/tokens';
import { useWidth } from '@/ui/useWidth';

const HEIGHT = 168;
const GROUND = 132;
const ROD = 92;
const ARC = 46;

interface Props {
  settings: RodSettings;
  /** Two parts in a corner, or one face to weld on. */
  corner: boolean;
  /** Names of the part the angle is measured from, and of the other. */
  sides: readonly [string, string];
}

/** How the rod is held: seen along the joint, and seen from the side with the way it travels. */
export function HoldPicture({ settings, corner, sides }: Props) {
  const palette = usePalette();
  const [width, onLayout] = useWidth(320);
  const middle = width / 2;
  const travel = (settings.travel_deg[0] + settings.travel_deg[1]) / 2;
  const ink = palette.ink;
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={`Rod ${settings.work_deg} degrees ${settings.workWords}, ${settings.travel_deg.join(' to ')} degrees ${settings.travelWords}`}
    >
      <Svg width={width} height={HEIGHT}>
        <Along x={middle * 0.5} deg={settings.work_deg} corner={corner} sides={sides} />
        <Line x1={middle} x2={middle} y1={14} y2={HEIGHT - 14} stroke={palette.line} strokeWidth={1} />
        <Plate x={middle + 14} to={width - 8} />
        <Rod x={middle * 1.5} deg={90 + travel} />
        <Line
          x1={middle * 1.5}
          x2={middle * 1.5}
          y1={GROUND - ROD}
          y2={GROUND}
          stroke={ink}
          strokeWidth={1}
          strokeDasharray="4 4"
        />
        <Degrees
          x={middle * 1.5 + 34}
          y={GROUND - ROD + 8}
          words={`${settings.travel_deg[0]}–${settings.travel_deg[1]}°`}
        />
        <Path
          d={`M ${middle * 1.5 + 18} ${GROUND - 16} h 34 m -9 -7 l 9 7 l -9 7`}
          fill="none"
          stroke={palette.act}
          strokeWidth={3}
        />
        <Caption x={middle * 1.5} words="from the side" />
        <Caption x={middle * 0.5} words="along the joint" />
      </Svg>
    </View>
  );
}

function Plate({ x, to }: { x: number; to: number }) {
  const palette = usePalette();
  return <Path d={`M ${x} ${GROUND} H ${to} v 9 H ${x} Z`} fill={palette.line} stroke={palette.ink} />;
}

/** A rod with its tip in the joint, `deg` from the face on its left-hand side. */
function Rod({ x, deg }: { x: number; deg: number }) {
  const palette = usePalette();
  const turn = (deg * Math.PI) / 180;
  const [dx, dy] = [Math.cos(turn), -Math.sin(turn)];
  return (
    <>
      <Line
        x1={x + 5 * dx}
        y1={GROUND + 5 * dy}
        x2={x + ROD * dx}
        y2={GROUND + ROD * dy}
        stroke={palette.steel}
        strokeWidth={9}
      />
      <Line
        x1={x + ROD * dx}
        y1={GROUND + ROD * dy}
        x2={x + (ROD + 18) * dx}
        y2={GROUND + (ROD + 18) * dy}
        stroke={palette.ink}
        strokeWidth={4}
      />
      <Circle cx={x} cy={GROUND - 2} r={4} fill={palette.state.none} />
    </>
  );
}

function Degrees({ x, y, words }: { x: number; y: number; words: string }) {
  const palette = usePalette();
  return (
    <SvgText x={x} y={y} fill={palette.ink} fontFamily={FONTS.textBold} fontSize={16} textAnchor="middle">
      {words}
    </SvgText>
  );
}

/** Seen along the joint: the parts, the rod, and its angle from the part it is measured from. */
function Along({
  x,
  deg,
  corner,
  sides,
}: {
  x: number;
  deg: number;
  corner: boolean;
  sides: readonly [string, string];
}) {
  const palette = usePalette();
  const turn = (deg * Math.PI) / 180;
  const from = corner ? x - 46 : x;
  return (
    <>
      <Plate x={x - 62} to={x + 62} />
      {corner && (
        <Path d={`M ${from} ${GROUND} V 28 h -9 V ${GROUND} Z`} fill={palette.line} stroke={palette.ink} />
      )}
      <Rod x={from} deg={deg} />
      <Path
        d={`M ${from + ARC} ${GROUND} A ${ARC} ${ARC} 0 0 0 ${from + ARC * Math.cos(turn)} ${GROUND - ARC * Math.sin(turn)}`}
        fill="none"
        stroke={palette.act}
        strokeWidth={2}
      />
      <Degrees
        x={from + (ARC + 24) * Math.cos(turn / 2)}
        y={GROUND - (ARC + 18) * Math.sin(turn / 2) + 6}
        words={`${deg}°`}
      />
      {corner && (
        <>
          <SvgText
            x={x + 42}
            y={GROUND - 6}
            fill={palette.ink}
            fontFamily={FONTS.text}
            fontSize={12}
            textAnchor="middle"
          >
            {sides[0]}
          </SvgText>
          <SvgText
            x={from + 4}
            y={22}
            fill={palette.ink}
            fontFamily={FONTS.text}
            fontSize={12}
            textAnchor="middle"
          >
            {sides[1]}
          </SvgText>
        </>
      )}
    </>
  );
}

function Caption({ x, words }: { x: number; words: string }) {
  const palette = usePalette();
  return (
    <SvgText
      x={x}
      y={HEIGHT - 12}
      fill={palette.ink2}
      fontFamily={FONTS.text}
      fontSize={14}
      textAnchor="middle"
    >
      {words}
    </SvgText>
  );
}
