import { View } from 'react-native';
import { goBackTo } from '@/state/store';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

const SHOWN = 60;

/** What was done to a job, newest first; any of it can be gone back to. */
export function HistoryPage({ open }: { open: OpenJob }) {
  const entries = open.history.map((entry, index) => ({ entry, index })).reverse();
  return (
    <View style={{ gap: SPACE.s }}>
      <Words as="title">What was done</Words>
      <Words tone="quiet">
        {entries.length === 0
          ? 'Nothing yet.'
          : 'Newest first. Going back is a change like any other, and can be undone.'}
      </Words>
      {entries.slice(0, SHOWN).map(({ entry, index }) => (
        <Card key={`${entry.at} ${index}`} testID={`history-${index}`}>
          <Words as="bold">{entry.title}</Words>
          <Words as="label" tone="quiet">
            {new Date(entry.at).toLocaleString()}
          </Words>
          {entry.changes
            .filter(({ path }) => !path.startsWith('typed.'))
            .map(({ path, before, after }) => (
              <Words key={path} as="small" tone="quiet">
                {`${path.replace(/^\w+\./, '').replace(/_/g, ' ')}: ${shown(before)} to ${shown(after)}`}
              </Words>
            ))}
          <Act
            title="Back to before this"
            testID={`back-to-${index}`}
            onPress={() => goBackTo(open.job.id, index)}
          />
        </Card>
      ))}
    </View>
  );
}

const shown = (value: unknown): string =>
  value === null || value === undefined || value === ''
    ? 'blank'
    : typeof value === 'object'
      ? 'other answers'
      : String(value).slice(0, 60);
