import { View } from 'react-native';
import { school, type SchoolId } from '@core/data/schools';
import { sourceWords } from '@core/units/sources';
import { Card } from './Card';
import { SPACE } from './theme/tokens';
import { Words } from './Words';

/** A disagreement of the trade: each way with its price, and the one taken here with the reason. */
export function SchoolCard({ id, taken }: { id: SchoolId; taken?: string }) {
  const { question, ways, byDefault, why, source } = school(id);
  const here = taken ?? byDefault;
  const order = Object.entries(ways).sort(([a], [b]) => Number(b === here) - Number(a === here));
  return (
    <Card testID={`school-${id}`}>
      <Words as="head">{question}</Words>
      {order.map(([key, { name, buys, costs }]) => (
        <View key={key} style={{ gap: 2, paddingTop: SPACE.xs }}>
          <Words as="bold">
            {key === here
              ? `${name}: ${taken === undefined ? 'taken where nobody says' : 'this plan'}`
              : name}
          </Words>
          <Words as="small" metric>{`Buys: ${buys}.`}</Words>
          <Words as="small" metric>{`Costs: ${costs}.`}</Words>
        </View>
      ))}
      <Words metric>{why}</Words>
      <Words as="label" tone="quiet">
        {sourceWords(source)}
      </Words>
    </Card>
  );
}
