import { View } from 'react-native';
import Svg, { Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { inWords } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { usePalette } from '@/ui/theme/theme';
import { FONTS } from '@/ui/theme/tokens';
import { useWidth } from '@/ui/useWidth';

const HEIGHT = 112;
const TOP = 30;
const BODY = 46;
/** Room that words need at an edge, px. */
const EDGE = 104;

/**
 * The window of temperature: a jaw from below for what is asked, one from above for the ceiling, and between them where the plan stands.
 * What is asked between two ends is hatched: beyond the jaw, what only an unlucky piece would ask.
 */
export function WarmthPicture({ open }: { open: OpenJob }) {
  const palette = usePalette();
  const [width, onLayout] = useWidth(320);
  const { heat } = open.assessment.situation;
  const say = inWords(open.system).temperature;
  const plan_C = heat.preheat?.value ?? heat.metal_C;
  const { low, high } = heat.asked_C;
  const ceiling_C = heat.ceiling?.value_C ?? null;
  const from_C = Math.min(heat.metal_C, 0) - 10;
  const to_C = Math.max((ceiling_C ?? 0) * 1.18, plan_C * 1.25, high * 1.2, 100);
  const x = (C: number) => ((C - from_C) / (to_C - from_C)) * width;
  const room = open.assessment.rooms.find(({ id }) => id === 'preheat');
  const colour = palette.state[room?.state ?? 'roomy'];
  const hatch = Array.from(
    { length: Math.max(0, Math.floor((x(high) - x(Math.max(low, from_C))) / 8)) },
    (_, n) => n,
  );
  const planAt = x(plan_C);
  const middle = (at: number) => (at < EDGE ? 'start' : at > width - EDGE ? 'end' : 'middle');
  const asked = heat.aim_C > heat.metal_C ? x(heat.aim_C) : null;
  const most = ceiling_C === null ? null : x(ceiling_C);
  // Below, each keeps to the side of its own jaw, so that a narrow gap never has one over the other.
  const words: { at: number; text: string; below: boolean; anchor: 'start' | 'middle' | 'end' }[] = [
    {
      at: planAt,
      text: `${say(plan_C)} ${heat.preheat ? 'plan' : 'as it lies'}`,
      below: false,
      anchor: middle(planAt),
    },
    ...(asked === null
      ? []
      : [
          {
            at: Math.max(asked, EDGE),
            text: `${say(heat.aim_C)} asked`,
            below: true,
            anchor: 'end' as const,
          },
        ]),
    ...(most === null || ceiling_C === null
      ? []
      : [
          {
            at: Math.min(most, width - EDGE),
            text: `${say(ceiling_C)} ceiling`,
            below: true,
            anchor: 'start' as const,
          },
        ]),
  ];
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={`Metal temperature: ${words.map(({ text }) => text).join(', ')}.`}
    >
      <Svg width={width} height={HEIGHT}>
        <Rect x={0} y={TOP} width={width} height={BODY} fill={palette.sunk} />
        {asked !== null && (
          <Path
            d={`M 0 ${TOP} H ${asked - 7} L ${asked} ${TOP + 8} V ${TOP + BODY - 8} L ${asked - 7} ${TOP + BODY} H 0 Z`}
            fill={palette.steel}
          />
        )}
        {hatch.map((n) => {
          const from = x(Math.max(low, from_C)) + n * 8;
          return (
            <Line
              key={n}
              x1={from}
              x2={from + 8}
              y1={TOP + BODY}
              y2={TOP}
              stroke={from < (asked ?? 0) - 8 ? palette.onSteel : palette.steel}
              strokeOpacity={0.45}
              strokeWidth={2}
            />
          );
        })}
        {ceiling_C !== null && (
          <Path
            d={`M ${width} ${TOP} H ${x(ceiling_C) + 7} L ${x(ceiling_C)} ${TOP + 8} V ${TOP + BODY - 8} L ${x(ceiling_C) + 7} ${TOP + BODY} H ${width} Z`}
            fill={palette.steel}
          />
        )}
        <Line x1={planAt} x2={planAt} y1={TOP - 8} y2={TOP + BODY + 8} stroke={colour} strokeWidth={5} />
        {words.map(({ at, text, below, anchor }) => (
          <SvgText
            key={text}
            x={Math.min(Math.max(at, 4), width - 4)}
            y={below ? HEIGHT - 12 : 16}
            fill={palette.ink}
            fontFamily={FONTS.text}
            fontSize={14}
            textAnchor={anchor}
          >
            {text}
          </SvgText>
        ))}
      </Svg>
    </View>
  );
}
