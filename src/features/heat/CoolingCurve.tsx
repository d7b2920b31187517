import { View } from 'react-native';
import Svg, { Circle, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { fallsAfter_s } from '@core/heat';
import { inWords, trimmed } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { usePalette } from '@/ui/theme/theme';
import { FONTS, SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { useWidth } from '@/ui/useWidth';

const HEIGHT = 150;
const TOP = 10;
const FOOT = 22;
const POINTS = 60;
/** Height of a line of words, px. */
const LINE = 18;
/** The curve begins so long after the arc: before, the thermometer would burn. */
const FROM_s = 10;

/** How the metal beside the first pass cools, with the ceiling, the preheat and what the thermometer said. */
export function CoolingCurve({ open }: { open: OpenJob }) {
  const palette = usePalette();
  const [width, onLayout] = useWidth(320);
  const { heat } = open.assessment.situation;
  const { curve, cooling, ceiling, correction } = heat;
  if (!curve) return null;
  const { temperature: say, time } = inWords(open.system);
  const { reading_C, readingAfter_s } = open.job.heat;
  const floor_C = heat.aim_C > heat.metal_C ? heat.aim_C : null;
  const corrected = (after_s: number) => curve(after_s * cooling.faster);
  const first_C = curve(FROM_s);
  // As long as it takes to lose most of its heat, and the thermometer reading in any case.
  const gone_C = heat.metal_C + Math.max(8, 0.15 * (first_C - heat.metal_C));
  const end_s = Math.min(4 * 3600, Math.max(300, fallsAfter_s(curve, gone_C), 1.15 * (readingAfter_s ?? 0)));
  const most =
    Math.max(first_C, reading_C ?? 0, ceiling && ceiling.value_C < 1.3 * first_C ? ceiling.value_C : 0) *
    1.08;
  const least = Math.min(heat.metal_C, 0);
  const x = (s: number) => (s / end_s) * width;
  const y = (C: number) => TOP + (1 - (C - least) / (most - least)) * (HEIGHT - TOP - FOOT);
  const path = (of: (s: number) => number) =>
    Array.from({ length: POINTS + 1 }, (_, n) => FROM_s + (n / POINTS) * (end_s - FROM_s))
      .map((s, n) => `${n === 0 ? 'M' : 'L'} ${x(s).toFixed(1)} ${y(of(s)).toFixed(1)}`)
      .join(' ');
  const limits = [
    ...(ceiling && ceiling.value_C < most ? [{ C: ceiling.value_C, words: 'ceiling' }] : []),
    ...(floor_C !== null && floor_C < most ? [{ C: floor_C, words: 'asked' }] : []),
  ];
  const said = limits.map(({ C, words }) => ({ C, words: `${say(C)} ${words}` }));
  const [upper, lower] = said;
  // Two lines that lie on one another share their words.
  const labels =
    upper && lower && Math.abs(y(upper.C) - y(lower.C)) < LINE
      ? [{ C: Math.max(upper.C, lower.C), words: `${upper.words}, ${lower.words}` }]
      : said;
  const step_min = [1, 2, 5, 10, 20, 30, 60].find((min) => end_s / 60 / min <= 6) ?? 60;
  const marks = Array.from({ length: Math.floor(end_s / 60 / step_min) }, (_, n) => (n + 1) * step_min);
  const falls = (to_C: number) => FROM_s + fallsAfter_s((s) => corrected(FROM_s + s), to_C);
  const under = ceiling && first_C > ceiling.value_C ? falls(ceiling.value_C) : null;
  const keeps = floor_C !== null && corrected(FROM_s) > floor_C ? falls(floor_C) : null;
  return (
    <View style={{ gap: SPACE.xs }}>
      <View
        onLayout={onLayout}
        role="img"
        aria-label={`Cooling beside the first pass: ${say(first_C)} after ${FROM_s} seconds, ${say(corrected(end_s))} after ${trimmed(end_s / 60, 0)} minutes.`}
      >
        <Svg width={width} height={HEIGHT}>
          <Rect x={0} y={TOP} width={width} height={HEIGHT - TOP - FOOT} fill={palette.sunk} />
          {marks.map((min) => (
            <SvgText
              key={min}
              x={x(min * 60)}
              y={HEIGHT - 4}
              fill={palette.ink2}
              fontFamily={FONTS.text}
              fontSize={13}
              textAnchor={x(min * 60) > width - 24 ? 'end' : 'middle'}
            >
              {`${min} min`}
            </SvgText>
          ))}
          {limits.map(({ C, words }) => (
            <Line
              key={words}
              x1={0}
              x2={width}
              y1={y(C)}
              y2={y(C)}
              stroke={palette.danger}
              strokeWidth={2}
              strokeDasharray="6 4"
            />
          ))}
          {labels.map(({ C, words }) => (
            <SvgText
              key={words}
              x={width - 4}
              y={y(C) + (y(C) < TOP + 20 ? 16 : -5)}
              fill={palette.ink}
              fontFamily={FONTS.text}
              fontSize={13}
              textAnchor="end"
            >
              {words}
            </SvgText>
          ))}
          {correction?.kind === 'corrected' && (
            <Path d={path(curve)} fill="none" stroke={palette.ink2} strokeWidth={2} strokeDasharray="3 5" />
          )}
          <Path d={path(corrected)} fill="none" stroke={palette.act} strokeWidth={3} />
          {reading_C !== null && readingAfter_s !== null && (
            <Circle
              cx={x(readingAfter_s)}
              cy={y(reading_C)}
              r={6}
              fill={palette.surface}
              stroke={palette.ink}
              strokeWidth={3}
            />
          )}
        </Svg>
      </View>
      <Words as="label" tone="quiet" testID="curve-says" metric>
        {[
          `Beside the first pass, 10 mm from it: ${say(first_C)} ten seconds after the arc.`,
          under === null ? '' : `Under the ceiling after ${time(under)}.`,
          keeps === null ? '' : `Stays over what is asked for ${time(keeps)}.`,
          correction?.kind === 'corrected' ? 'Dotted: as reckoned. Ring: your reading.' : '',
        ]
          .filter((words) => words !== '')
          .join(' ')}
      </Words>
    </View>
  );
}
