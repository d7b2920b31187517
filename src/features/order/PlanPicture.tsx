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
  const shownPart = partShown(blow);
  const [partLength, partWidth] = [shownPart.right - shownPart.left, shownPart.top - shownPart.bottom];
  const scale = Math.min((width - 2 * MARGIN) / partLength, TALLEST / partWidth);
  const height = partWidth * scale + 2 * MARGIN + 6;
  const left = (width - partLength * scale) / 2;
  const x = (mm: number) => left + (mm - shownPart.left) * scale;
  const y = (mm: number) => MARGIN + (shownPart.top - mm) * scale;
  const edges = [
    {
      at: shownPart.left,
      end: 0,
      line: [x(shownPart.left), y(shownPart.bottom), x(shownPart.left), y(shownPart.top)],
    },
    {
      at: shownPart.right,
      end: length_mm,
      line: [x(shownPart.right), y(shownPart.bottom), x(shownPart.right), y(shownPart.top)],
    },
    {
      at: shownPart.bottom,
      end: 0,
      line: [x(shownPart.left), y(shownPart.bottom), x(shownPart.right), y(shownPart.bottom)],
    },
    {
      at: shownPart.top,
      end: width_mm,
      line: [x(shownPart.left), y(shownPart.top), x(shownPart.right), y(shownPart.top)],
    },
  ] as const;
  const seamY = y(blow.seam.from.y);
  const step = Math.max(1, Math.floor(blow.places.length / ARROWS));
  const shown = blow.places.filter((_, n) => n % step === 0);
  const press = ({ nativeEvent }: GestureResponderEvent) => {
    const along = shownPart.left + (nativeEvent.locationX - left) / scale;
    const across = shownPart.top - (nativeEvent.locationY - MARGIN) / scale;
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
            x={x(shownPart.left)}
            y={y(shownPart.top)}
            width={partLength * scale}
            height={partWidth * scale}
            fill={palette.line}
          />
          {edges.map(({ at, end, line: [x1, y1, x2, y2] }, n) => (
            <Line
              key={n}
              x1={x1}
              y1={y1}
              x2={x2}
              y2={y2}
              stroke={palette.ink}
              strokeWidth={Math.abs(at - end) < 1 ? 2.5 : 1}
              strokeDasharray={Math.abs(at - end) < 1 ? undefined : '5 5'}
            />
          ))}
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

/** Metal shown round seam and clamps where the piece is much bigger, as a share of the seam. */
const ROUND = 0.35;

/** The part of the piece that is drawn: seam and clamps with some metal round them; a side that goes on is dashed. */
function partShown({ piece, seam }: BlowPlan): { left: number; right: number; bottom: number; top: number } {
  const spots = [seam.from, seam.to, ...piece.clamps];
  const weld = seam.to.x - seam.from.x;
  const round = Math.max(ROUND * weld, 60);
  const [xs, ys] = [spots.map(({ x }) => x), spots.map(({ y }) => y)];
  return {
    left: Math.max(0, Math.min(...xs) - round),
    right: Math.min(piece.length_mm, Math.max(...xs) + round),
    bottom: Math.max(0, Math.min(...ys) - round),
    top: Math.min(piece.width_mm, Math.max(...ys) + round),
  };
}
