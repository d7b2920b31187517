import { View } from 'react-native';
import Svg, { Line, Rect, Text as SvgText } from 'react-native-svg';
import { inWords } from '@core/units/format';
import { usePalette } from '@/ui/theme/theme';
import { FONTS } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import type { OpenRun } from './useRun';
import { useWidth } from '@/ui/useWidth';

const ROW = 26;
const TOP = 22;
/** Where the numbers of the passes stand. */
const LEFT = 22;

/** The joint from end to end, a row a pass: what is laid, where the rod runs out, and the mark that goes at the planned pace. */
export function Along({ run }: { run: OpenRun }) {
  const palette = usePalette();
  const [width, onLayout] = useWidth(320);
  const { count } = run.state;
  const { system } = run.open.assessment.situation;
  const say = inWords(system).size;
  const shown = count.passes.slice(
    Math.max(0, (count.now ?? count.passes.length) - 3),
    (count.now ?? count.passes.length) + 1,
  );
  if (shown.length === 0 || (count.arcs.length === 0 && run.state.next?.pass == null)) return null;
  const length_mm = Math.max(1, ...shown.map(({ of_mm }) => of_mm));
  const x = (mm: number) => LEFT + (Math.min(mm, length_mm) / length_mm) * (width - LEFT);
  const height = TOP + ROW * shown.length;
  const burning = count.on && count.arcs.find(({ to_ms }) => to_ms === null);
  const now = count.passes[(count.now ?? 0) - 1];
  return (
    <View
      onLayout={onLayout}
      role="img"
      testID="along"
      aria-label={
        now
          ? `Pass ${now.pass}: ${say(Math.round(now.laid_mm))} of ${say(Math.round(now.of_mm))} laid.`
          : 'Every pass is laid.'
      }
    >
      <Svg width={width} height={height}>
        {shown.map((one, row) => {
          const y = TOP + row * ROW;
          const isNow = one.pass === count.now;
          return [
            <Rect
              key={`b${one.pass}`}
              x={LEFT}
              y={y}
              width={width - LEFT}
              height={ROW - 6}
              fill={palette.sunk}
              stroke={palette.line}
            />,
            <Rect
              key={`l${one.pass}`}
              x={LEFT}
              y={y}
              width={x(one.laid_mm) - LEFT}
              height={ROW - 6}
              fill={one.done_ms === null ? palette.act : palette.steel}
            />,
            <SvgText
              key={`t${one.pass}`}
              x={4}
              y={y + 15}
              fill={palette.ink}
              fontFamily={FONTS.text}
              fontSize={14}
            >
              {`${one.pass}`}
            </SvgText>,
            ...(isNow && burning && count.on
              ? [
                  <Line
                    key="end"
                    x1={x(one.laid_mm + count.on.left_mm)}
                    x2={x(one.laid_mm + count.on.left_mm)}
                    y1={y - 4}
                    y2={y + ROW - 4}
                    stroke={palette.danger}
                    strokeWidth={3}
                  />,
                ]
              : []),
          ];
        })}
        <SvgText x={LEFT} y={14} fill={palette.ink2} fontFamily={FONTS.text} fontSize={13}>
          start
        </SvgText>
        <SvgText x={width} y={14} textAnchor="end" fill={palette.ink2} fontFamily={FONTS.text} fontSize={13}>
          {say(Math.round(length_mm))}
        </SvgText>
      </Svg>
      {now && (
        <Words as="label" tone="quiet">
          {count.on
            ? 'The bar goes at the planned pace; the red line is where this rod runs out.'
            : now.laid_mm === 0
              ? 'Nothing is laid of this pass yet.'
              : now.laid_mm < now.of_mm - 1
                ? `Next run begins about ${say(Math.round(now.laid_mm))} from the start, by what was burned.`
                : 'By what was burned this pass is laid: say so, or go on.'}
        </Words>
      )}
    </View>
  );
}
