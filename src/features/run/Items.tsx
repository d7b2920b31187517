import { useState } from 'react';
import { View } from 'react-native';
import type { RunItem } from '@core/run';
import { LONGEST } from '@core/formats/limits';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Entry } from '@/ui/Entry';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import type { OpenRun } from './useRun';

const clock = (ms: number): string =>
  new Date(ms).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hour12: false });

/** The whole way, with what is done and when; any of it can be taken out of turn, skipped with a reason, or opened again. */
export function Items({ run, drives }: { run: OpenRun; drives: boolean }) {
  const { items, next } = run.state;
  const [open, setOpen] = useState<string | null>(null);
  const [all, setAll] = useState(false);
  const left = items.filter(({ state }) => state === 'open').length;
  const done = items.length - left;
  const shown = all || left === 0 ? items : items.filter(({ state }) => state === 'open');
  return (
    <Card testID="items">
      <Words as="head">{left === 0 ? 'Nothing to go' : `${left} to go`}</Words>
      {shown.map((item) => (
        <View key={item.id} style={{ gap: SPACE.s }}>
          <Act
            align="left"
            title={`${item.state === 'done' ? '✓ ' : item.state === 'skipped' ? '– ' : ''}${item.title}${item.at_ms === null ? '' : `, ${clock(item.at_ms)}`}`}
            label={`${item.title}: ${item.state}`}
            kind={item.id === next?.id ? 'main' : 'plain'}
            testID={`item-${item.id}`}
            onPress={() => setOpen(open === item.id ? null : item.id)}
          />
          {item.words !== '' && <Words as="small" tone="quiet">{`Skipped: ${item.words}`}</Words>}
          {open === item.id && drives && <Turn run={run} item={item} onDone={() => setOpen(null)} />}
        </View>
      ))}
      {done > 0 && left > 0 && (
        <Act
          title={all ? 'Only what is to go' : `${done} done: show them`}
          testID="items-done"
          onPress={() => setAll(!all)}
        />
      )}
    </Card>
  );
}

/** What may be done about one of them out of turn. */
function Turn({ run, item, onDone }: { run: OpenRun; item: RunItem; onDone: () => void }) {
  const [words, setWords] = useState('');
  const told = (act: () => void) => () => {
    act();
    onDone();
  };
  if (item.pass !== null) {
    const { pass } = item;
    return item.state === 'done' ? (
      <Act
        title="Take this pass up again"
        testID="pass-again"
        onPress={told(() => run.tell({ kind: 'pass-again', pass }, `Pass ${pass} taken up again`))}
      />
    ) : (
      <Words as="small">Passes are laid in their order: say at the large press when one is laid.</Words>
    );
  }
  const step = (state: 'done' | 'skipped' | 'open') =>
    told(() =>
      run.tell(
        { kind: 'step', step: item.title, state, words: state === 'skipped' ? words.trim() : '' },
        item.title,
      ),
    );
  return (
    <View style={{ gap: SPACE.s }}>
      {item.state === 'open' ? (
        <>
          <Act title="It is done" testID="turn-done" onPress={step('done')} />
          <Entry
            label="Why it is skipped"
            testID="skip-why"
            value={words}
            most={LONGEST.note}
            placeholder="coating was off already"
            onChange={setWords}
          />
          <Act
            title={words.trim() === '' ? 'To skip it, say why' : 'Skip it'}
            testID="turn-skip"
            disabled={words.trim() === ''}
            onPress={step('skipped')}
          />
        </>
      ) : (
        <Act title="Open it again" testID="turn-open" onPress={step('open')} />
      )}
    </View>
  );
}
