import { View } from 'react-native';
import { sourceWords } from '@core/units/sources';
import type { IronWay } from '@core/data/ironIds';
import type { OpenJob } from '@/state/useJob';
import { Card } from '@/ui/Card';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

const YES_NO = [
  { id: 'yes', name: 'Yes' },
  { id: 'no', name: 'No' },
] as const;
type YesNo = (typeof YES_NO)[number]['id'];
const asId = (value: boolean | null): YesNo | null => (value === null ? null : value ? 'yes' : 'no');

/** Cold, hot or brazed, and what decides it. */
export function IronWays({ open }: { open: OpenJob }) {
  const { job, set } = open;
  const { iron } = open.assessment.situation;
  if (!iron) return null;
  const { way, ways } = iron;
  return (
    <>
      <Words testID="iron-says">{`${ways.find(({ id }) => id === way.value)?.name ?? ''}. ${way.why}`}</Words>
      <Pick
        label="Can it be taken out and warmed whole?"
        testID="movable"
        options={YES_NO}
        value={asId(job.casting.movable)}
        onPick={(id: YesNo | null) =>
          set('casting.movable', id === null ? null : id === 'yes', 'Can be taken out')
        }
      />
      <Pick
        label="Is the weld to be machined?"
        testID="machined"
        options={YES_NO}
        value={asId(job.casting.machined)}
        onPick={(id: YesNo | null) => set('casting.machined', id === null ? null : id === 'yes', 'Machined')}
      />
      <Pick
        label="The way"
        testID="iron-way"
        options={ways.map(({ id, name }) => ({ id, name }))}
        value={job.casting.way}
        proposed={way.value}
        onPick={(id: IronWay | null) => set('casting.way', id, 'Way of mending')}
      />
    </>
  );
}

/** What speaks for and against each way on this casting. */
export function IronReasons({ open }: { open: OpenJob }) {
  const { iron } = open.assessment.situation;
  if (!iron) return null;
  const { way, ways } = iron;
  return (
    <>
      <Words as="head">Why this way, and the others</Words>
      <View style={{ gap: SPACE.s }}>
        {ways.map(({ id, name, for: good, against, shut }) => (
          <Card key={id} testID={`iron-${id}`} tone={shut === '' ? 'plain' : 'sunk'}>
            <Words as="bold">{id === way.value ? `${name}: planned` : name}</Words>
            {shut !== '' && <Words tone="danger">{`Not here: ${shut}`}</Words>}
            {good.map(({ words }) => (
              <Words key={words} as="small">{`For: ${words}`}</Words>
            ))}
            {against.map(({ words }) => (
              <Words key={words} as="small" tone="danger">{`Against: ${words}`}</Words>
            ))}
            <Words as="label" tone="quiet">
              {[...new Set([...good, ...against].map(({ source }) => sourceWords(source)))].join('; ')}
            </Words>
          </Card>
        ))}
      </View>
    </>
  );
}
