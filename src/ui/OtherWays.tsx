import { View } from 'react-native';
import type { OtherWayHere } from '@core/repair';
import { sourceWords } from '@core/units/sources';
import { Card } from './Card';
import { SPACE } from './theme/tokens';
import { Words } from './Words';

/** How else it can be mended, what the job allows first. Nothing where the arc does it. */
export function OtherWays({ ways }: { ways: readonly OtherWayHere[] }) {
  if (ways.length === 0) return null;
  return (
    <Card testID="other-ways">
      <Words as="head">How else</Words>
      {ways.map(({ id, name, words, against, source }) => (
        <View key={id} testID={`other-${id}`} style={{ gap: 2, paddingVertical: SPACE.xs }}>
          <Words as="bold" tone={against === '' ? 'ink' : 'quiet'}>
            {against === '' ? name : `${name} (not here)`}
          </Words>
          <Words as="small">{against === '' ? words : `${against} ${words}`}</Words>
          <Words as="label" tone="quiet">
            {sourceWords(source)}
          </Words>
        </View>
      ))}
    </Card>
  );
}
