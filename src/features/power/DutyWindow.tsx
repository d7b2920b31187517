import { useMemo } from 'react';
import { View } from 'react-native';
import Svg, { Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { dutyPlan, type DutyPlan } from '@core/power';
import { formatQuantity, trimmed } from '@core/units/format';
import { DURATION } from '@core/units/kinds';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { usePalette } from '@/ui/theme/theme';
import { FONTS, SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { useWidth } from '@/ui/useWidth';

const HEIGHT = 132;
/** Where the bars of arc lie, under the course of the window. */
const BARS = 14;
const TOP = 8;

const say = (s: number): string => formatQuantity(Math.round(s), DURATION, 'metric');

/** The rhythm of the rods as it is said. */
function rhythmInWords({ rhythm, steady_A }: DutyPlan): string {
  const never = steady_A === null ? '' : ` At ${Math.floor(steady_A)} A or less it never has to rest.`;
  if (rhythm === null) return `Rod after rod: changing rods is rest enough.${never}`;
  if (rhythm.rods === 0) return `Not one whole rod fits in ten minutes.${never}`;
  const rods = rhythm.rods === 1 ? 'One rod' : `${rhythm.rods} rods`;
  return `${rods}, then ${say(rhythm.pause_s)} of rest.${never}`;
}

/** The job in time: arc on and off, and how full the machine's ten-minute window stands. */
export function DutyWindow({ open }: { open: OpenJob }) {
  const { situation } = open.assessment;
  const { timeline, hurried } = situation;
  const plan = useMemo(() => dutyPlan(situation), [situation]);
  if (!timeline || !hurried)
    return <Words tone="quiet">Joint and thickness first: then the minutes of arc are counted here.</Words>;
  return (
    <View style={{ gap: SPACE.s }}>
      <Words as="bold">{`${trimmed(timeline.arc_s / 60, 1)} min of arc in ${trimmed(timeline.elapsed_s / 60, 0)} min`}</Words>
      {hurried.elapsed_s < 0.95 * timeline.elapsed_s && (
        <Words tone="quiet">
          {`Each rod is chipped and looked at. The machine is judged by a hand in a hurry, rod on rod: ${trimmed(hurried.elapsed_s / 60, 0)} min.`}
        </Words>
      )}
      {plan === null ? (
        <Words tone="quiet">
          Type a rated point of the machine, at Kit: then it is seen when it must rest.
        </Words>
      ) : (
        <>
          <Course open={open} plan={plan} />
          <Words testID="rhythm">{rhythmInWords(plan)}</Words>
          <Rest open={open} plan={plan} />
        </>
      )}
    </View>
  );
}

/** Whether it cuts out on this job, and the rest that keeps it from it. */
function Rest({ open, plan }: { open: OpenJob; plan: DutyPlan }) {
  const { over_s, rest_s } = plan;
  if (over_s === null) return null;
  return (
    <View style={{ gap: SPACE.s }}>
      <Words tone="danger" testID="runs-over">
        {`Reckon with the thermal cut-out ${say(over_s)} into the job.`}
      </Words>
      {rest_s === null ? (
        <Words tone="danger">No rest is long enough: fewer amps, or a bigger machine.</Words>
      ) : (
        <Act
          title={`Rest ${say(rest_s)} after each rod`}
          testID="insert-rest"
          onPress={() =>
            open.edit(
              [
                { path: 'rod.rest_s', value: rest_s },
                { path: 'typed.rod.rest_s', value: undefined },
              ],
              'Rest put in',
            )
          }
        />
      )}
    </View>
  );
}

/** The window filling and emptying, with the arc beneath it. */
function Course({ open, plan }: { open: OpenJob; plan: DutyPlan }) {
  const palette = usePalette();
  const [width, onLayout] = useWidth(320);
  const { hurried: timeline } = open.assessment.situation;
  const duty = open.assessment.rooms.find(({ id }) => id === 'duty');
  if (!timeline) return null;
  const shown_s = Math.max(timeline.elapsed_s, 600);
  const most = Math.max(1.15, ...plan.course.map(({ fill }) => fill));
  const x = (s: number) => (Math.min(s, shown_s) / shown_s) * width;
  const floor = HEIGHT - BARS - 4;
  const y = (fill: number) => floor - (fill / most) * (floor - TOP);
  const corners = plan.course.filter(({ at_s }) => at_s <= shown_s);
  const line = corners.map(({ at_s, fill }) => `L ${x(at_s)} ${y(fill)}`).join(' ');
  const end = corners.at(-1)?.at_s ?? 0;
  const colour = palette.state[duty?.state ?? 'unknown'];
  const marks = Array.from({ length: Math.floor(shown_s / 600) + 1 }, (_, n) => n * 600);
  const peak = Math.max(0, ...corners.map(({ fill }) => fill));
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={`How full the machine's ten minutes stand along the job: at most ${Math.round(100 * peak)} percent of what the plate allows. Arc on and off beneath.`}
    >
      <Svg width={width} height={HEIGHT}>
        <Rect x={0} y={TOP} width={width} height={floor - TOP} fill={palette.sunk} />
        <Path d={`M 0 ${floor} ${line} L ${x(end)} ${floor} Z`} fill={colour} fillOpacity={0.35} />
        <Path d={`M 0 ${floor} ${line}`} fill="none" stroke={colour} strokeWidth={2} />
        {marks.map((s) => (
          <Line key={s} x1={x(s)} x2={x(s)} y1={TOP} y2={HEIGHT} stroke={palette.line} strokeWidth={1} />
        ))}
        <Line
          x1={0}
          x2={width}
          y1={y(1)}
          y2={y(1)}
          stroke={palette.danger}
          strokeWidth={2}
          strokeDasharray="6 4"
        />
        <SvgText x={6} y={y(1) - 4} fill={palette.danger} fontFamily={FONTS.text} fontSize={13}>
          full: all the plate allows
        </SvgText>
        {timeline.events
          .filter(({ current_A }) => current_A > 0)
          .map((event) => (
            <Rect
              key={event.start_s}
              x={x(event.start_s)}
              y={HEIGHT - BARS}
              width={Math.max(1, x(event.duration_s))}
              height={BARS}
              fill={palette.steel}
            />
          ))}
      </Svg>
      <Words as="label" tone="quiet">
        {`Curve: how full the last ten minutes stand. Bars: arc burning. Lines: every ten minutes.${duty && duty.state !== 'unknown' ? ` ${duty.now}; ${duty.until}.` : ''}`}
      </Words>
    </View>
  );
}
