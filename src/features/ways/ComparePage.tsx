import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { assess } from '@core/plan';
import { besideEachOther } from '@core/planner';
import { useApp } from '@/state/store';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** A job beside another: two versions of a repair, or two repairs, line by line. */
export function ComparePage({ open }: { open: OpenJob }) {
  const { job, assessment, system } = open;
  const records = useApp((state) => state.jobs);
  const { kit, now_ms } = assessment.situation;
  const others = Object.values(records).flatMap(({ job: other, deletedAt }) =>
    deletedAt === null && other.id !== job.id ? [other] : [],
  );
  const [chosen, setChosen] = useState<string | null>(null);
  const other = others.find(({ id }) => id === chosen);
  const lines = useMemo(
    () => (other ? besideEachOther(assessment, assess(other, kit, system, now_ms), system) : []),
    [other, assessment, kit, system, now_ms],
  );
  return (
    <View style={{ gap: SPACE.l }}>
      <Words as="title">Side by side</Words>
      {other ? (
        <>
          <Card testID="beside">
            <View style={{ flexDirection: 'row', gap: SPACE.m }}>
              {[job.title, other.title].map((title, n) => (
                <Words key={n} as="bold" style={{ flex: 1 }}>
                  {title || 'Without a name'}
                </Words>
              ))}
            </View>
            {lines.map(({ name, values, differs }) => (
              <View key={name}>
                <Words as="label" tone="quiet">
                  {name}
                </Words>
                <View style={{ flexDirection: 'row', gap: SPACE.m }}>
                  {values.map((value, n) => (
                    <Words
                      key={n}
                      as={differs ? 'bold' : undefined}
                      tone={differs ? 'ink' : 'quiet'}
                      style={{ flex: 1 }}
                    >
                      {value}
                    </Words>
                  ))}
                </View>
              </View>
            ))}
          </Card>
          <Act title="Another one" testID="beside-other" onPress={() => setChosen(null)} />
        </>
      ) : (
        <>
          <Words>
            {others.length === 0
              ? 'There is no other job. Copy this one on the list of jobs, change the copy, and set them side by side.'
              : 'Which job stands beside it? A copy of this one with something changed shows what the change does.'}
          </Words>
          {others.map(({ id, title }) => (
            <Act
              key={id}
              align="left"
              title={title || 'Without a name'}
              testID={`beside-${id}`}
              onPress={() => setChosen(id)}
            />
          ))}
        </>
      )}
    </View>
  );
}
