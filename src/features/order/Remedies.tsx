import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { troubled } from '@core/order';
import { UNRECKONED, remediesFor } from '@core/plan';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** What helps against a wandering arc, in the order it is tried; what cannot be had here is struck out, with why. */
export function Remedies({ open }: { open: OpenJob }) {
  const [shown, setShown] = useState(false);
  const { situation } = open.assessment;
  if (!situation.blow) return null;
  return (
    <Card testID="remedies">
      <Words as="head">If the arc wanders</Words>
      <Words as="small" tone="quiet">
        Stop when it starts; do not fight on.
      </Words>
      <Act
        title={shown ? 'Hide what helps' : 'What helps, and how much'}
        testID="remedies-show"
        onPress={() => setShown(!shown)}
      />
      {shown && <List open={open} />}
    </Card>
  );
}

function List({ open }: { open: OpenJob }) {
  const { situation } = open.assessment;
  const remedies = useMemo(() => remediesFor(situation), [situation]);
  return (
    <>
      {!troubled(situation.blow) && (
        <Words>The field is far under what the arc stands: nothing to be done here.</Words>
      )}
      {remedies.map(({ title, buys, forbidden, lever }) => (
        <View
          key={title}
          testID={`remedy-${lever?.id ?? title.toLowerCase().replace(/[^a-z]+/g, '-')}`}
          style={{ flexDirection: 'row', gap: SPACE.s, alignItems: 'center' }}
        >
          <View style={{ flex: 1 }}>
            <Words
              as="bold"
              tone={forbidden === '' ? 'ink' : 'quiet'}
              style={forbidden === '' ? undefined : { textDecorationLine: 'line-through' }}
            >
              {title}
            </Words>
            {forbidden !== '' && <Words as="small">{forbidden}</Words>}
          </View>
          {lever && (
            <Act
              title={buys}
              label={`${title}: ${buys} of room`}
              testID={`pull-${lever.id}`}
              onPress={() => open.edit(lever.edits, title)}
            />
          )}
        </View>
      ))}
      <Words as="bold">Not reckoned</Words>
      {UNRECKONED.map((words) => (
        <Words key={words} as="small">
          {words}
        </Words>
      ))}
    </>
  );
}
