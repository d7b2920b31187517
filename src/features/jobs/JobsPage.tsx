import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { DEMO_IDS } from '@/demo/ids';
import { binOf, changeSettings, clearDemo, newJob, useApp } from '@/state/store';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Pick } from '@/ui/Pick';
import { usePalette, useWide } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { About } from './About';
import { AsideCard } from './AsideCard';
import { FilesCard } from './FilesCard';
import { JobCard } from './JobCard';
import { openBin, openJob, openNotes, openQuick, openSay, openTruck } from '@/ui/goTo';

/** So many jobs are judged and shown at a time. */
const AT_A_TIME = 40;

/** All jobs, newest first, each with its tightest room. */
export function JobsPage() {
  const palette = usePalette();
  const wide = useWide();
  const records = useApp((state) => state.jobs);
  const { system, theme } = useApp((state) => state.settings);
  const jobs = useMemo(
    () =>
      Object.values(records)
        .filter(({ deletedAt }) => deletedAt === null)
        .map(({ job }) => job)
        .sort((a, b) => b.createdAt.localeCompare(a.createdAt)),
    [records],
  );

  const [shown, setShown] = useState(AT_A_TIME);
  const binned = useMemo(() => binOf(records).length, [records]);

  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <View
        style={{
          backgroundColor: palette.bar,
          flexDirection: 'row',
          alignItems: 'center',
          flexWrap: 'wrap',
          minHeight: 56,
          paddingLeft: SPACE.l,
          paddingRight: SPACE.s,
        }}
      >
        <Words as="head" color={palette.onBar} style={{ flexGrow: 1 }}>
          Elbow Room
        </Words>
        <Act kind="bar" title="Truck" testID="to-truck" onPress={openTruck} />
        <Act kind="bar" title="Notes" testID="to-notes" onPress={openNotes} />
        <Act kind="bar" title="Kit" testID="to-kit" onPress={() => router.push('/kit')} />
      </View>
      <ScrollView
        role="main"
        style={{ flex: 1 }}
        contentContainerStyle={{ padding: wide ? SPACE.xl : SPACE.m, gap: SPACE.m, maxWidth: 1100 }}
      >
        <Words as="title">Jobs</Words>
        <AsideCard />
        {jobs.length > 0 && jobs.every(({ id }) => DEMO_IDS.includes(id)) && (
          <Card tone="sunk" testID="first-use">
            <Words as="bold">A made-up yard, to try things on</Words>
            <Words as="small">
              Open a job and press the number across its top. For your own: put your machine, supply and tins
              into the kit, then say what broke.
            </Words>
            <Act
              title="Clear it, start with an empty truck"
              testID="clear-demo"
              onPress={() => void clearDemo()}
            />
          </Card>
        )}
        {jobs.length === 0 && (
          <Card>
            <Words as="head">Nothing broken yet</Words>
            <Words>
              Start a job beside the broken thing: what it is, how thick, what you have on the truck. The room
              on every limit shows as you go.
            </Words>
          </Card>
        )}
        <View
          style={{ flexDirection: wide ? 'row' : 'column', flexWrap: wide ? 'wrap' : 'nowrap', gap: SPACE.m }}
        >
          {jobs.slice(0, shown).map((job) => (
            <JobCard key={job.id} job={job} wide={wide} />
          ))}
        </View>
        {jobs.length > shown && (
          <Act
            title={`Show more: ${jobs.length - shown} left`}
            testID="more-jobs"
            onPress={() => setShown(shown + AT_A_TIME)}
          />
        )}
        <FilesCard />
        {binned > 0 && (
          <Act
            align="left"
            title={`Bin: ${binned === 1 ? 'one deleted job' : `${binned} deleted jobs`}`}
            testID="to-bin"
            onPress={openBin}
          />
        )}
        <Card tone="sunk">
          <Pick
            label="Units"
            testID="units"
            options={[
              { id: 'metric', name: 'mm, °C' },
              { id: 'inch', name: 'inch, °F' },
            ]}
            value={system}
            onPick={(id: 'metric' | 'inch' | null) => changeSettings({ system: id ?? system })}
          />
          <Pick
            label="Light"
            testID="theme"
            options={[
              { id: 'daylight', name: 'Daylight' },
              { id: 'dark', name: 'Dark' },
            ]}
            value={theme}
            onPick={(id: 'daylight' | 'dark' | null) => changeSettings({ theme: id ?? theme })}
          />
        </Card>
        <About />
      </ScrollView>
      <View style={{ backgroundColor: palette.bar, padding: SPACE.s, flexDirection: 'row', gap: SPACE.s }}>
        <Act
          grow
          kind="main"
          title="Say it"
          label="Say what broke"
          testID="say-it"
          onPress={() => openSay(newJob())}
        />
        <Act grow kind="bar" title="Quick plan" testID="quick-plan" onPress={() => openQuick(newJob())} />
        <Act grow kind="main" title="New job" testID="new-job" onPress={() => openJob(newJob())} />
      </View>
    </View>
  );
}
