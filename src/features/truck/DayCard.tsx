import { useMemo } from 'react';
import { View } from 'react-native';
import Svg, { Line, Rect } from 'react-native-svg';
import {
  clockOf,
  dayJob,
  fuelOf,
  ovenLoads,
  planDay,
  type Block,
  type Day,
  type DayTerms,
} from '@core/planner';
import { assess } from '@core/plan';
import { USUAL_DAY } from '@core/data/day';
import type { Job } from '@core/formats/job';
import type { Kit } from '@core/formats/kit';
import { inWords, trimmed } from '@core/units/format';
import { parseClock } from '@core/units/when';
import { changeSettings, useApp } from '@/state/store';
import { Card } from '@/ui/Card';
import { Entry } from '@/ui/Entry';
import { FieldRow } from '@/ui/FieldRow';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** Minutes of a way, as typed. */
const walkOf = (typed: string): number | null => {
  const walk = Number.parseFloat(typed.replace(',', '.'));
  return Number.isFinite(walk) && walk >= 0 && walk <= 240 ? walk : null;
};

/** The day as a whole: in what order, what is done while metal cools, and what does not go together. */
export function DayCard({ jobs, kit, now_ms }: { jobs: readonly Job[]; kit: Kit; now_ms: number }) {
  const { system, day: typed } = useApp((state) => state.settings);
  const begins = parseClock(typed.begins);
  const dark = typed.dark.trim() === '' ? null : parseClock(typed.dark);
  const walk_min = walkOf(typed.walk);
  const begins_min = begins.ok ? begins.value : USUAL_DAY.begins_min;
  const dark_min = dark?.ok ? dark.value : null;
  const work = useMemo(
    () => jobs.map((job) => dayJob(assess(job, kit, system, now_ms))),
    [jobs, kit, system, now_ms],
  );
  const terms: DayTerms = useMemo(
    () => ({ begins_min, dark_min, walk_min: walk_min ?? USUAL_DAY.walk_min }),
    [begins_min, dark_min, walk_min],
  );
  const day = useMemo(() => planDay(work, terms), [work, terms]);
  const nameOf = (id: string) => work.find((one) => one.id === id)?.title || 'without a name';
  const say = (s: number) => inWords(system).time(60 * Math.round(s / 60));
  const set = (to: Partial<typeof typed>) => changeSettings({ day: { ...typed, ...to } });
  if (day.order.length === 0) return null;
  return (
    <Card testID="day">
      <Words as="head">The day</Words>
      <FieldRow>
        <View style={{ flexGrow: 1, flexBasis: 150, gap: SPACE.xs }}>
          <Words as="label" tone="quiet">
            Begins at
          </Words>
          <Entry
            label="Begins at"
            testID="day-begins"
            value={typed.begins}
            invalid={!begins.ok}
            onChange={(text) => set({ begins: text })}
          />
        </View>
        <View style={{ flexGrow: 1, flexBasis: 150, gap: SPACE.xs }}>
          <Words as="label" tone="quiet">
            Dark at (blank: no matter)
          </Words>
          <Entry
            label="Dark at (blank: no matter)"
            testID="day-dark"
            value={typed.dark}
            placeholder="such as 17:30"
            invalid={dark !== null && !dark.ok}
            onChange={(text) => set({ dark: text })}
          />
        </View>
        <View style={{ flexGrow: 1, flexBasis: 150, gap: SPACE.xs }}>
          <Words as="label" tone="quiet">
            From job to job, minutes
          </Words>
          <Entry
            label="From job to job, minutes"
            testID="day-walk"
            value={typed.walk}
            invalid={walk_min === null}
            onChange={(text) => set({ walk: text })}
          />
        </View>
      </FieldRow>
      {(!begins.ok || (dark !== null && !dark.ok)) && (
        <Words tone="danger">Type an hour such as 7:00 or 17:30.</Words>
      )}
      {walk_min === null && <Words tone="danger">Type minutes from 0 to 240, such as 10.</Words>}
      <Words testID="day-says">
        {`Done at ${clockOf(begins_min, day.done_s)}.`}
        {day.filled_s > 0 ? ` ${say(day.filled_s)} of it is done while other metal cools.` : ''}
        {day.idle_s > 60 ? ` ${say(day.idle_s)} are waited for.` : ''}
      </Words>
      <DayPicture day={day} terms={terms} />
      {day.order.map((id) => (
        <Words key={id} testID={`day-${id}`}>{`${timesOf(day.blocks, id, begins_min)}  ${nameOf(id)}`}</Words>
      ))}
      {ovenLoads(day, work).map(({ rods, how, in_s, out_s }) => (
        <Words key={how} as="small" testID="oven">
          {`Into the oven at ${clockOf(begins_min, in_s)}: ${rods}, ${how}. Out at ${clockOf(begins_min, out_s)}.`}
        </Words>
      ))}
      {fuelOf(work).map(({ name, fuel_l }) => (
        <Words key={name} as="small" testID="fuel">
          {`${name}: up to ${trimmed(Math.max(0.1, fuel_l), fuel_l < 3 ? 1 : 0)} litres of fuel for these jobs.`}
        </Words>
      ))}
      {day.clashes.map(({ words }) => (
        <Words key={words} tone="danger" testID="clash">
          {words}
        </Words>
      ))}
    </Card>
  );
}

/** "7:00 to 8:20, 9:05 to 9:30" */
function timesOf(blocks: readonly Block[], id: string, begins_min: number): string {
  const own = blocks.filter(({ jobId, kind }) => jobId === id && kind !== 'walk');
  const joined: { from_s: number; to_s: number }[] = [];
  for (const { from_s, to_s } of own) {
    const last = joined.at(-1);
    if (last && from_s - last.to_s < 1) last.to_s = to_s;
    else joined.push({ from_s, to_s });
  }
  return joined
    .map(({ from_s, to_s }) => `${clockOf(begins_min, from_s)} to ${clockOf(begins_min, to_s)}`)
    .join(', ');
}

const ROW = 26;
const WIDE = 600;
const HEAD = 22;

/** A row for each job: full where it is worked on, hollow where its metal cools, a line where one walks. */
function DayPicture({ day, terms }: { day: Day; terms: DayTerms }) {
  const palette = usePalette();
  const { order, blocks, done_s } = day;
  const span_s = Math.max(done_s, 60);
  const x = (s: number) => (WIDE * s) / span_s;
  const high = HEAD + ROW * order.length;
  const first = Math.ceil(terms.begins_min / 60);
  const every = Math.max(1, Math.ceil(span_s / 3600 / 6));
  const hours = Array.from({ length: 25 }, (_, n) => first + n * every)
    .map((hour) => ({ hour, at: 60 * (60 * hour - terms.begins_min) }))
    .filter(({ at }) => at <= span_s);
  const dark_s = terms.dark_min === null ? null : 60 * (terms.dark_min - terms.begins_min);
  return (
    <View style={{ marginVertical: SPACE.xs }}>
      <Svg
        width="100%"
        height={high}
        viewBox={`0 0 ${WIDE} ${high}`}
        preserveAspectRatio="none"
        role="img"
        aria-label={`The day drawn: ${order.length} jobs, done at ${clockOf(terms.begins_min, done_s)}.`}
      >
        {dark_s !== null && dark_s < span_s && (
          <Rect x={x(dark_s)} y={HEAD} width={WIDE - x(dark_s)} height={high - HEAD} fill={palette.sunk} />
        )}
        {hours.map(({ hour, at }) => (
          <Line key={hour} x1={x(at)} x2={x(at)} y1={HEAD} y2={high} stroke={palette.line} strokeWidth={1} />
        ))}
        {blocks.map(({ jobId, kind, from_s, to_s }) => {
          const y = HEAD + ROW * order.indexOf(jobId);
          const place = { x: x(from_s), width: Math.max(1, x(to_s) - x(from_s)) };
          const key = `${from_s} ${kind}`;
          if (kind === 'walk')
            return <Rect key={key} {...place} y={y + ROW / 2 - 1} height={2} fill={palette.ink2} />;
          return kind === 'work' ? (
            <Rect key={key} {...place} y={y + 4} height={ROW - 8} fill={palette.act} />
          ) : (
            <Rect
              key={key}
              {...place}
              y={y + 4}
              height={ROW - 8}
              fill="none"
              stroke={palette.act}
              strokeWidth={2}
              strokeDasharray="4 3"
            />
          );
        })}
      </Svg>
      <View style={{ position: 'absolute', left: 0, right: 0, top: 0, height: HEAD, pointerEvents: 'none' }}>
        {hours
          .filter(({ at }) => at < 0.9 * span_s)
          .map(({ hour, at }) => (
            <Words
              key={hour}
              as="small"
              tone="quiet"
              style={{ position: 'absolute', left: `${(100 * at) / span_s}%` }}
            >
              {`${hour % 24}:00`}
            </Words>
          ))}
      </View>
    </View>
  );
}
