import { useMemo, useState } from 'react';
import { View } from 'react-native';
import type { Kit } from '@core/formats/kit';
import { readKitPath } from '@core/formats/kitEdits';
import { binOf, editKitAt, emptyBin, restoreJob, notify, takeOutOfBin, useApp } from '@/state/store';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { PageFrame } from '@/ui/PageFrame';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** Something taken out of the kit, that its history still holds. */
interface Gone {
  path: string;
  item: { id: string; name?: string; rodClass?: string; size?: string; tool?: string };
  at: string;
}

/** What was thrown away, and can be had back: jobs, and items of the kit. */
export function BinPage() {
  const jobs = useApp((state) => state.jobs);
  const { kit, history } = useApp((state) => state.kit);
  const [isSure, setSure] = useState(false);
  const bin = useMemo(() => binOf(jobs), [jobs]);
  const gone = useMemo(() => goneOf(kit, history), [kit, history]);
  return (
    <PageFrame title="Bin" backID="bin-back" onlyRead={bin.length + gone.length === 0}>
      <Words tone="quiet">
        {bin.length + gone.length === 0
          ? 'Nothing in it. Jobs that are deleted lie here until the bin is emptied.'
          : 'What was deleted stays here until the bin is emptied, or until storage is full.'}
      </Words>
      {bin.map(({ job, deletedAt }) => (
        <Card key={job.id} testID={`bin-${job.id}`}>
          <Words as="bold">{job.title || 'Untitled job'}</Words>
          <Words as="label" tone="quiet">{`Deleted ${whenOf(deletedAt ?? '')}`}</Words>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
            <Act grow title="Bring back" testID={`bin-back-${job.id}`} onPress={() => restoreJob(job.id)} />
            <Act
              grow
              kind="danger"
              title="Delete for good"
              testID={`bin-out-${job.id}`}
              onPress={() => void takeOutOfBin([job.id])}
            />
          </View>
        </Card>
      ))}
      {gone.length > 0 && <Words as="head">Out of the kit</Words>}
      {gone.map(({ path, item, at }) => (
        <Card key={path} testID={`bin-${item.id}`}>
          <Words as="bold">{calledOf(item)}</Words>
          <Words as="label" tone="quiet">{`Taken out ${whenOf(at)}`}</Words>
          <Act
            title="Put back"
            testID={`bin-back-${item.id}`}
            onPress={() => void editKitAt([{ path, value: item }], 'Put back')}
          />
        </Card>
      ))}
      {bin.length > 0 && (
        <Act
          kind="danger"
          title={isSure ? 'Yes: delete all of it for good' : 'Empty the bin'}
          testID={isSure ? 'bin-empty-sure' : 'bin-empty'}
          onPress={() => {
            if (!isSure) return setSure(true);
            setSure(false);
            void emptyBin().then((count) =>
              notify(count === 1 ? 'One job is gone for good' : `${count} jobs are gone for good`),
            );
          }}
        />
      )}
    </PageFrame>
  );
}

const whenOf = (at: string): string => new Date(at).toLocaleString();

const calledOf = ({ name, rodClass, size, tool, id }: Gone['item']): string =>
  name ?? (rodClass ? `${rodClass} ${size ?? ''}` : (tool ?? id));

const isItem = (value: unknown): value is Gone['item'] =>
  typeof value === 'object' && value !== null && !Array.isArray(value) && 'id' in value;

/** Items that the kit's history tells were taken out and that are not there now, the latest first. */
function goneOf(
  kit: Kit,
  history: readonly { at: string; changes: readonly { path: string; before?: unknown; after?: unknown }[] }[],
): Gone[] {
  const found = new Map<string, Gone>();
  for (const { at, changes } of [...history].reverse())
    for (const { path, before, after } of changes)
      if (isItem(before) && after === undefined && !found.has(path) && readKitPath(kit, path) === undefined)
        found.set(path, { path, item: before, at });
  return [...found.values()];
}
