import { View } from 'react-native';
import { TROUBLES } from '@core/data/troubles';
import { idsOf } from '@core/data/words';
import { Act } from '@/ui/Act';
import { openWhyOf } from '@/ui/goTo';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import type { OpenRun } from './useRun';

/** What goes wrong, one press each: it is written down, what is done first is told, and the reasons are a press away. */
export function Troubles({ run }: { run: OpenRun }) {
  const { seen, next } = run.state;
  const last = seen.troubles.filter(({ settled }) => !settled).at(-1);
  const sign = last ? TROUBLES[last.what].sign : null;
  return (
    <View style={{ gap: SPACE.s }}>
      <Words as="head">Something is wrong</Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        {idsOf(TROUBLES).map((what) => (
          <View key={what} style={{ flexGrow: 1, flexBasis: 150 }}>
            <Act
              title={TROUBLES[what].name}
              testID={`wrong-${what}`}
              onPress={() =>
                run.tell({ kind: 'trouble', what, pass: next?.pass ?? 0, words: '' }, TROUBLES[what].name)
              }
            />
          </View>
        ))}
      </View>
      {last && (
        <Act
          title={`${TROUBLES[last.what].name}: why?`}
          testID="run-why"
          onPress={() => openWhyOf(run.open.job.id, sign)}
        />
      )}
    </View>
  );
}
