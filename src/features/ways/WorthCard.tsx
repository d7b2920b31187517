import { View } from 'react-native';
import type { Worth } from '@core/planner';
import { sentence } from '@core/units/format';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { openStop } from '@/ui/goTo';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** So many are told; the rest is named. */
const TOLD = 5;

/** What is worth finding out, and what would come out otherwise. */
export function WorthCard({ worth, jobId }: { worth: readonly Worth[]; jobId: string }) {
  const changing = worth.filter(({ grade }) => grade > 0);
  const rest = [...changing.slice(TOLD), ...worth.filter(({ grade }) => grade === 0)];
  return (
    <Card testID="worth">
      <Words as="head">Worth finding out</Words>
      {changing.length === 0 && <Words>Nothing that is left open would change this plan.</Words>}
      {changing.slice(0, TOLD).map(({ id, name, find, find_min, changes, stop }) => (
        <View key={id} style={{ gap: SPACE.xs }} testID={`worth-${id}`}>
          <Words as="bold">{sentence(name)}</Words>
          <Words as="small">{`${sentence(changes[0] ?? '')}.`}</Words>
          <Act
            align="left"
            title={`${find} About ${find_min} min`}
            testID={`find-${id}`}
            onPress={() => openStop(jobId, stop)}
          />
        </View>
      ))}
      {rest.length > 0 && (
        <Words as="small" tone="quiet">
          {`Changes little or nothing here: ${rest.map(({ name }) => name).join(', ')}.`}
        </Words>
      )}
    </Card>
  );
}
