import { useState } from 'react';
import { Pressable, View, type GestureResponderEvent } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { blown } from '@core/field/sweep';
import type { BlowPlan } from '@core/plan/order/blowPlan';
import type { Laid, Segment } from '@core/order/segments';
import { usePalette } from '@/ui/theme/theme';
import { FONTS } from '@/ui/theme/tokens';

const MARGIN = 14;
/** Tallest the plate is drawn, px. */
const TALLEST = 260;
/** Arrows along the seam. */
const ARROWS = 6;
/** Length of an arrow whose field stands at its limit, px. */
const AT_LIMIT_px = 90;

interface Props {
  blow: BlowPlan;
  segments: readonly Segment[];
  /** Segments laid so far, in order. */
  order: readonly Laid[];
  /** How many of them are shown as done. */
  done: number;
  onClamp?: (along_mm: number, aside_mm: number) => void;
}

/** The piece from above: seam, segments in their order, clamps, and which way the arc is pushed. A press puts the clamp there. */
export function PlanPicture({ blow, segments, order, done, onClamp }: Props) {
  const palette = usePalette();
  const [width, setWidth] = useState(320);
  const { length_mm, width_mm } = blow.piece;
  const scale = Math.min((width - 2 * MARGIN) / length_mm, TALLEST / width_mm);
  const height = width_mm * scale + 2 * MARGIN + 6;
  const left = (width - length_mm * scale) / 2;
  const x = (mm: number) => left + mm * scale;
  const y = (mm: number) => MARGIN + (width_mm - mm) * scale;
  const seamY = y(blow.seam.from.y);
  const step = Math.max(1, Math.floor(blow.places.length / ARROWS));
  const shown = blow.places.filter((_, n) => n % step === 0);
  const press = ({ nativeEvent }: GestureResponderEvent) => {
    const along = (nativeEvent.locationX - left) / scale;
    const across = width_mm - (nativeEvent.locationY - MARGIN) / scale;
    if (along < 0 || along > length_mm || across < 0 || across > width_mm) return;
    onClamp?.(Math.round(along), Math.round(across - blow.seam.from.y));
  };
  const place = new Map(order.map(({ index }, n) => [index, n]));
  return (
    <Pressable
      testID="plan-picture"
      onPress={press}
      disabled={!onClamp}
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      role="img"
      aria-label="The piece from above. Press where the clamp sits, or type it below."
    >
      <View style={{ pointerEvents: 'none' }}>
        <Svg width={width} height={height}>
          <Rect
            x={x(0)}
            y={y(width_mm)}
            width={length_mm * scale}
            height={width_mm * scale}
            fill={palette.line}
            stroke={palette.ink}
            strokeWidth={1.5}
          />
          {segments.map((segment) => {
            const laid = order[place.get(segment.index) ?? -1];
            const nth = (place.get(segment.index) ?? 0) + 1;
            const [from, to] = [x(blow.seam.from.x + segment.from_mm), x(blow.seam.from.x + segment.to_mm)];
            const isDone = nth <= done;
            const head = laid?.travel === -1 ? from : to;
            const tail = laid?.travel === -1 ? to : from;
            const way = head > tail ? 1 : -1;
            return (
              <G key={segment.index}>
                <Line
                  x1={tail}
                  y1={seamY}
                  x2={head}
                  y2={seamY}
                  stroke={isDone ? palette.state.tight : palette.ink2}
                  strokeWidth={isDone ? 9 : 5}
                />
                <Line
                  x1={from}
                  y1={seamY - 9}
                  x2={from}
                  y2={seamY + 9}
                  stroke={palette.ink}
                  strokeWidth={1.5}
                />
                {Math.abs(head - tail) > 14 && (
                  <Path
                    d={`M ${head - way} ${seamY} l ${-8 * way} -6 v 12 Z`}
                    fill={isDone ? palette.onState : palette.surface}
                  />
                )}
                {Math.abs(head - tail) > 16 && (
                  <SvgText
                    x={(from + to) / 2}
                    y={seamY + 26}
                    fill={palette.ink}
                    fontSize={14}
                    fontFamily={FONTS.textBold}
                    textAnchor="middle"
                  >
                    {`${nth}`}
                  </SvgText>
                )}
              </G>
            );
          })}
          {shown.map((one) => {
            const { share } = blown(one, blow.judged.travel, blow.hold);
            const strength = Math.hypot(one.push.x, one.push.y) || 1;
            const length = Math.min(90, AT_LIMIT_px * share);
            const [dx, dy] = [(one.push.x / strength) * length, -(one.push.y / strength) * length];
            const [px, py] = [x(one.at.x), seamY - 18];
            const colour =
              share > 1 ? palette.state.none : share > 0.7 ? palette.state.tight : palette.state.roomy;
            return (
              <G key={one.along_mm}>
                <Line x1={px} y1={py} x2={px + dx} y2={py + dy} stroke={colour} strokeWidth={3} />
                <Circle cx={px} cy={py} r={3} fill={colour} />
                <Circle
                  cx={px + dx}
                  cy={py + dy}
                  r={share > 1 ? 5 : 0}
                  fill="none"
                  stroke={colour}
                  strokeWidth={2}
                />
              </G>
            );
          })}
          {blow.piece.clamps.map((clamp, n) => (
            <G key={n}>
              <Rect
                x={x(clamp.x) - 11}
                y={y(clamp.y) - 11}
                width={22}
                height={22}
                fill={palette.act}
                stroke={palette.surface}
                strokeWidth={2}
              />
              <SvgText
                x={x(clamp.x)}
                y={y(clamp.y) + 5}
                fill={palette.onAct}
                fontSize={14}
                fontFamily={FONTS.textBold}
                textAnchor="middle"
              >
                {blow.piece.clamps.length > 1 ? `C${n + 1}` : 'C'}
              </SvgText>
            </G>
          ))}
        </Svg>
      </View>
    </Pressable>
  );
}
