import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import type { Job } from '@core/formats/job';
import { assess } from '@core/plan/assess';
import { makePlan } from '@core/plan/plan';
import { VERDICT_WORDS } from '@core/plan/sheet';
import { DEMO_IDS } from '@/demo/ids';
import { saveFile } from '@/state/files';
import { changeSettings, clearDemo, deleteJob, duplicateJob, letGo, newJob, useApp } from '@/state/store';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Jaws } from '@/ui/Jaws';
import { Pick } from '@/ui/Pick';
import { openingOf, shortRoom } from '@/ui/roomWords';
import { usePalette, useWide } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { About } from './About';
import { FilesCard } from './FilesCard';

const openJob = (id: string, stop: 'look' | 'sheet' = 'look') =>
  router.push({ pathname: '/job/[id]/[...at]', params: { id, at: [stop] } });

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

  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <View
        style={{
          backgroundColor: palette.bar,
          flexDirection: 'row',
          alignItems: 'center',
          minHeight: 56,
          paddingLeft: SPACE.l,
          paddingRight: SPACE.s,
        }}
      >
        <Words as="head" color={palette.onBar} style={{ flex: 1 }}>
          Elbow Room
        </Words>
        <Act kind="bar" title="Kit" testID="to-kit" onPress={() => router.push('/kit')} />
      </View>
      <ScrollView
        role="main"
        style={{ flex: 1 }}
        contentContainerStyle={{ padding: wide ? SPACE.xl : SPACE.m, gap: SPACE.m, maxWidth: 1100 }}
      >
        <Words as="title">Jobs</Words>
        <Damage />
        {jobs.length > 0 && jobs.every(({ id }) => DEMO_IDS.includes(id)) && (
          <Card tone="sunk" testID="first-use">
            <Words as="bold">This yard is invented, to look around in</Words>
            <Words as="small">
              Open a job and press the number across its top. For your own: New job, and put your machine,
              supply and tins into the kit.
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
          {jobs.map((job) => (
            <JobCard key={job.id} job={job} wide={wide} />
          ))}
        </View>
        <FilesCard />
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
      <View style={{ backgroundColor: palette.bar, padding: SPACE.s }}>
        <Act kind="main" title="New job" testID="new-job" onPress={() => openJob(newJob())} />
      </View>
    </View>
  );
}

function JobCard({ job, wide }: { job: Job; wide: boolean }) {
  const palette = usePalette();
  const kit = useApp((state) => state.kit.kit);
  const system = useApp((state) => state.settings.system);
  const { tightest, plan } = useMemo(() => {
    const assessment = assess(job, kit, system);
    return { tightest: assessment.tightest, plan: makePlan(assessment) };
  }, [job, kit, system]);
  const [more, setMore] = useState(false);
  const grave = plan.verdict === 'stopped' || plan.verdict === 'draft';
  return (
    <Card style={{ padding: 0, gap: 0, width: wide ? '48.5%' : undefined }} testID={`job-${job.id}`}>
      <View style={{ flexDirection: 'row' }}>
        <Pressable
          role="button"
          testID={`open-${job.id}`}
          onPress={() => openJob(job.id)}
          style={{ flex: 1, padding: SPACE.m, gap: SPACE.xs }}
        >
          <Words as="head">{job.title || 'Untitled job'}</Words>
          <Words as="small" tone={grave ? 'danger' : 'quiet'}>
            {plan.verdict === 'ready' ? plan.summary : VERDICT_WORDS[plan.verdict]}
          </Words>
          {tightest && (
            <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s }}>
              <Jaws
                id={`job-${job.id}`}
                fraction={openingOf(tightest)}
                state={tightest.state}
                width={72}
                height={16}
              />
              <Words as="small" color={palette.state[tightest.state]} style={{ flexShrink: 1 }}>
                {`${tightest.title}: ${shortRoom(tightest, system)}`}
              </Words>
            </View>
          )}
        </Pressable>
        <Pressable
          role="button"
          aria-label={`More for ${job.title || 'untitled job'}`}
          aria-expanded={more}
          testID={`more-${job.id}`}
          onPress={() => setMore(!more)}
          style={{
            width: 56,
            alignItems: 'center',
            justifyContent: 'center',
            borderLeftWidth: 1,
            borderColor: palette.line,
          }}
        >
          <Words as="head">{more ? '×' : '···'}</Words>
        </Pressable>
      </View>
      {more && (
        <View
          style={{
            flexDirection: 'row',
            gap: SPACE.s,
            padding: SPACE.m,
            borderTopWidth: 1,
            borderColor: palette.line,
          }}
        >
          <Act grow title="Sheet" testID={`sheet-${job.id}`} onPress={() => openJob(job.id, 'sheet')} />
          <Act
            grow
            title="Copy"
            testID={`copy-${job.id}`}
            onPress={() => (duplicateJob(job.id), setMore(false))}
          />
          <Act
            grow
            kind="danger"
            title="Delete"
            testID={`delete-${job.id}`}
            onPress={() => deleteJob(job.id)}
          />
        </View>
      )}
    </Card>
  );
}

/** Records that could not be read: said, and to be had as a file. */
function Damage() {
  const damaged = useApp((state) => state.damaged);
  if (damaged.length === 0) return null;
  return (
    <Card tone="danger" testID="damaged">
      <Words as="bold">{`${damaged.length === 1 ? 'One record' : `${damaged.length} records`} could not be read and ${damaged.length === 1 ? 'was' : 'were'} set aside`}</Words>
      {damaged.map((record) => (
        <View key={record.heldAt} style={{ gap: SPACE.xs }}>
          <Words as="small">{`${record.key}: ${record.reason}. Everything else opened.`}</Words>
          <View style={{ flexDirection: 'row', gap: SPACE.s }}>
            <Act
              grow
              title="Save what is left"
              testID="damaged-save"
              onPress={() => saveFile(`${record.key.replace(/\//g, '-')}.txt`, 'text/plain', record.text)}
            />
            <Act
              grow
              kind="danger"
              title="Let it go"
              testID="damaged-let-go"
              onPress={() => void letGo(record)}
            />
          </View>
        </View>
      ))}
    </Card>
  );
}
