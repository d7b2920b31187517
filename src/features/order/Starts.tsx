import { View } from 'react-native';
import Svg, { Circle, G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { endsOnStartAt } from '@core/joint';
import type { OrderPlan } from '@core/order';
import { inWords } from '@core/units/format';
import type { UnitSystem } from '@core/units/kinds';
import { usePalette } from '@/ui/theme/theme';
import { FONTS, SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { useWidth } from '@/ui/useWidth';

/** As high as the warmest start and the nearest limit ask, px. */
const HEIGHT = { least: 66, most: 150, full_K: 60 } as const;
const FOOT = 26;
const HEAD = 18;
const SIDE = 8;

/** How warm the metal is where each run begins, in the order laid, under what it may be; and what each run ends on. */
export function Starts({ plan, done, system }: { plan: OrderPlan; done: number; system: UnitSystem }) {
  const palette = usePalette();
  const [width, onLayout] = useWidth(320);
  const say = inWords(system);
  const { judged } = plan.taken;
  const { ceiling_C, holesAt_C, joined, heat } = plan.question;
  const shown_C = holesAt_C === null ? judged.starts_C : judged.onSeam_C;
  const limits = [
    ...(ceiling_C === null ? [] : [{ at: ceiling_C, words: `at the most ${say.temperature(ceiling_C)}` }]),
    ...(holesAt_C === null ? [] : [{ at: holesAt_C, words: `holes from ${say.temperature(holesAt_C)}` }]),
  ];
  const least = heat.start_C - 2;
  const hottest = Math.max(...shown_C);
  const near = limits.filter(({ at }) => at < 2.5 * hottest + 50);
  const most = Math.max(hottest, heat.start_C + HEIGHT.full_K, ...near.map(({ at }) => at)) + 8;
  const share = near.length > 0 ? 1 : Math.min(1, (hottest - heat.start_C) / HEIGHT.full_K);
  const height = HEIGHT.least + share * (HEIGHT.most - HEIGHT.least);
  const y = (C: number) => HEAD + (height - HEAD - FOOT) * (1 - (C - least) / (most - least));
  const each = (width - 2 * SIDE) / shown_C.length;
  const waits = judged.waits_s.reduce((sum, wait) => sum + wait, 0);
  return (
    <View testID="starts" style={{ gap: SPACE.xs }} onLayout={onLayout}>
      <Svg width={width} height={height} role="img" aria-label="How warm the metal is where each run begins.">
        {shown_C.map((C, n) => {
          const over = limits.some(({ at }) => C > at);
          const bare = joined && !endsOnStartAt(judged.order, n);
          const x = SIDE + n * each;
          return (
            <G key={n} opacity={n < done ? 1 : 0.35}>
              <Rect
                x={x + 2}
                y={y(C)}
                width={Math.max(2, each - 4)}
                height={Math.max(1, height - FOOT - y(C))}
                fill={over ? palette.state.none : palette.state.snug}
              />
              {each > 26 && (
                <SvgText
                  x={x + each / 2}
                  y={y(C) - 4}
                  fontSize={12}
                  fontFamily={FONTS.text}
                  fill={palette.ink}
                  textAnchor="middle"
                >
                  {say.temperature(C).replace(/\s*°[CF]$/, '')}
                </SvgText>
              )}
              {bare && (
                <Circle
                  cx={x + each / 2}
                  cy={height - FOOT + 6}
                  r={3.5}
                  fill="none"
                  stroke={palette.ink}
                  strokeWidth={1.5}
                />
              )}
              {each > 13 && (
                <SvgText
                  x={x + each / 2}
                  y={height - 3}
                  fontSize={13}
                  fontFamily={FONTS.textBold}
                  fill={palette.ink}
                  textAnchor="middle"
                >
                  {`${(judged.order[n]?.index ?? 0) + 1}`}
                </SvgText>
              )}
            </G>
          );
        })}
        {near.map(({ at, words }) => (
          <G key={words}>
            <Line
              x1={SIDE}
              y1={y(at)}
              x2={width - SIDE}
              y2={y(at)}
              stroke={palette.ink}
              strokeWidth={2}
              strokeDasharray="6 4"
            />
            <SvgText
              x={width - SIDE}
              y={y(at) - 5}
              fontSize={12}
              fontFamily={FONTS.text}
              fill={palette.ink}
              textAnchor="end"
            >
              {words}
            </SvgText>
          </G>
        ))}
      </Svg>
      <Words as="label" tone="quiet">
        {`${say.temperature(0).includes('F') ? '°F' : '°C'} where each run begins, in the order laid; below, its ${joined ? 'segment, ringed where its end meets no start' : 'corner'}.`}
      </Words>
      {waits > 0 && (
        <Words testID="waits-say">{`Waits for it to cool, ${say.time(waits)} in all: ${judged.waits_s
          .flatMap((wait, n) => (wait > 0 ? [`before run ${n + 1} ${say.time(wait)}`] : []))
          .slice(0, 6)
          .join(', ')}.`}</Words>
      )}
      {judged.holes > 0 && (
        <Words tone="danger" testID="holes-say">
          {`${judged.holes} of these starts would hole the sheet: another order, a rest, or shorter runs.`}
        </Words>
      )}
      {plan.question.dutyRest_s > heat.between_s - 1e-6 && plan.question.dutyRest_s > 0 && (
        <Words as="small">{`The machine’s duty asks ${say.time(plan.question.dutyRest_s)} between runs; it is counted in.`}</Words>
      )}
      {judged.tieInsInside > 0 && (
        <Words as="small">{`A rod does not reach: ${judged.tieInsInside} tie-ins more, inside the segments.`}</Words>
      )}
    </View>
  );
}
