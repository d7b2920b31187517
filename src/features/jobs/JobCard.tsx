import { useState } from 'react';
import { Pressable, View } from 'react-native';
import type { Job } from '@core/formats/job';
import { deleteJob, duplicateJob, useApp } from '@/state/store';
import { useGlance } from '@/state/useGlance';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Jaws } from '@/ui/Jaws';
import { openingOf, shortRoom } from '@/ui/roomWords';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { openJob } from '@/ui/goTo';

/** Room kept for what is still being measured, so that nothing moves when it comes: two lines of small text, px. */
const TWO_LINES = 40;

/** One job of the list: its name, how it stands, and its tightest room. */
export function JobCard({ job, wide }: { job: Job; wide: boolean }) {
  const palette = usePalette();
  const kit = useApp((state) => state.kit.kit);
  const system = useApp((state) => state.settings.system);
  const glance = useGlance(job, kit, system);
  const tightest = glance?.tightest ?? null;
  const [more, setMore] = useState(false);
  const grave = glance?.verdict === 'stopped' || glance?.verdict === 'draft';
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
          <Words as="small" tone={grave ? 'danger' : 'quiet'} style={{ minHeight: TWO_LINES }}>
            {glance?.words ?? 'Measuring the room…'}
          </Words>
          <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s, minHeight: TWO_LINES }}>
            {tightest && (
              <>
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
              </>
            )}
          </View>
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
