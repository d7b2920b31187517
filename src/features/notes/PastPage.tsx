import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { findPast, totalsByMonth, type PastWork } from '@core/run';
import { inWords, trimmed } from '@core/units/format';
import { duplicateJob, notify, useApp } from '@/state/store';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Entry } from '@/ui/Entry';
import { openJob, openReport } from '@/ui/goTo';
import { PageFrame } from '@/ui/PageFrame';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** The month of a moment, by the clock on this wall. */
const month = (ms: number): string => {
  const day = new Date(ms);
  return `${day.getFullYear()}-${String(day.getMonth() + 1).padStart(2, '0')}`;
};

/** So many are shown at once. */
const MOST_SHOWN = 20;

/** What was run on this last time: jobs that were worked on, by any word in them, and what each month took. */
export function PastPage() {
  const jobs = useApp((state) => state.jobs);
  const kit = useApp((state) => state.kit.kit);
  const [asked, setAsked] = useState('');
  const all = useMemo(
    () => Object.values(jobs).flatMap(({ job, deletedAt }) => (deletedAt === null ? [job] : [])),
    [jobs],
  );
  const found = useMemo(() => findPast(all, kit, asked), [all, kit, asked]);
  const totals = useMemo(() => totalsByMonth(all, month), [all]);
  return (
    <PageFrame title="Past work" backID="past-back" gap={SPACE.m}>
      <Words as="title">What did I run last time?</Words>
      <Words as="label" tone="quiet">
        Metal, joint, thickness, rod, machine, or any word
      </Words>
      <Entry
        label="Metal, joint, thickness, rod, machine, or any word"
        testID="past-search"
        value={asked}
        onChange={setAsked}
        placeholder="8 mm bracket 7018"
      />
      <Words tone="quiet" testID="past-count">
        {found.length === 0
          ? 'None has all of these words: try fewer.'
          : `${found.length} ${found.length === 1 ? 'job' : 'jobs'}${found.length > MOST_SHOWN ? `, the last ${MOST_SHOWN} shown` : ''}.`}
      </Words>
      {found.slice(0, MOST_SHOWN).map((one) => (
        <Past key={one.id} past={one} />
      ))}
      {totals.length > 0 && (
        <Card testID="past-totals">
          <Words as="head">By month</Words>
          {totals.map(({ month: name, jobs: n, rods, arc_h, arc_kWh }) => (
            <Words key={name} as="small">
              {`${name}: ${n} ${n === 1 ? 'job' : 'jobs'}, ${trimmed(rods, 1)} rods, ${trimmed(arc_h, 2)} h of arc, ${trimmed(arc_kWh, 2)} kWh at the arc`}
            </Words>
          ))}
        </Card>
      )}
    </PageFrame>
  );
}

/** One of them: what was run, and how to go on from it. */
function Past({ past }: { past: PastWork }) {
  const { id, title, when_ms, ran, rods, arc_s, machine, troubles } = past;
  const { time } = inWords('metric');
  return (
    <Card testID={`past-${id}`}>
      <Words as="bold">{title || 'Untitled job'}</Words>
      <Words as="small">
        {when_ms === null
          ? 'Planned only: no arc was told.'
          : `${new Date(when_ms).toLocaleDateString([], { dateStyle: 'medium' })}: ${ran.join(', ')}. ${trimmed(rods, 1)} ${rods === 1 ? 'rod' : 'rods'}, ${time(arc_s)} of arc${machine ? `, ${machine}` : ''}${troubles > 0 ? `; ${troubles} ${troubles === 1 ? 'thing' : 'things'} went wrong` : ''}.`}
      </Words>
      <View style={{ flexDirection: 'row', gap: SPACE.s }}>
        <Act grow title="Open" testID={`past-open-${id}`} onPress={() => openJob(id, 'sheet')} />
        {when_ms !== null && (
          <Act grow title="Report" testID={`past-report-${id}`} onPress={() => openReport(id)} />
        )}
        <Act
          grow
          title="Copy"
          testID={`past-copy-${id}`}
          onPress={() => {
            const copy = duplicateJob(id, true);
            if (copy === null) return;
            notify('A copy, with nothing of the old work in it. What may kill is asked again.');
            openJob(copy);
          }}
        />
      </View>
    </Card>
  );
}
