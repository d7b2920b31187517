import { counted, midSentence, trimmed } from '@core/units/format';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { HARMS, metalTest } from '@core/data/metalTests';
import { TOOLS } from '@core/data/tools';
import type { MetalPlace, TestWorth } from '@core/metal';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { openTest } from '@/ui/goTo';
import { usePalette } from '@/ui/theme/theme';
import { SPACE, STROKE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { whatItShowed } from './evidenceWords';
import { useTests } from './useTests';

/** What a test costs: minutes and what it does to the piece. */
export function costOf(test: TestWorth['test']): string {
  const { minutes, harm } = metalTest(test);
  return `${minutes < 1 ? 'under a minute' : `${minutes} min`}, ${harm === 0 ? 'no mark' : HARMS[harm]}`;
}

/** What a test is worth: how often it changes the plan, what it saves, the doubt it takes away. */
export function worthOf({ changes, saves, clears }: TestWorth): string {
  const often = Math.round(10 * changes);
  return [
    often === 0 ? 'seldom changes the plan' : `changes the plan about ${often} times in 10`,
    `settles ${trimmed(100 * clears, 0)} % of what is open`,
    ...(saves >= 0.5 ? [`spares about ${counted(Math.round(saves), 'rod')}`] : []),
  ].join(' · ');
}

/** The test to do next, and all the others in the order of their worth. */
export function NextTest({ open, place }: { open: OpenJob; place: MetalPlace }) {
  const { best, words, tests } = useTests(open, place);
  const [all, setAll] = useState(false);
  const go = (test: string) => openTest(open.job.id, place, test);
  return (
    <View style={{ gap: SPACE.s }}>
      <Card tone="sunk" testID={`${place}-next`}>
        <Words as="bold">{best ? 'Next test' : 'Enough tested'}</Words>
        <Words as="small">{words}</Words>
        {best && (
          <>
            <Words as="label" tone="quiet">
              {`${costOf(best.test)} · ${worthOf(best)}`}
            </Words>
            <Act
              kind="main"
              title={metalTest(best.test).name}
              testID={`${place}-do-next`}
              onPress={() => go(best.test)}
            />
          </>
        )}
      </Card>
      <Act
        title={all ? 'Fewer tests' : `All ${tests.length} tests`}
        testID={`${place}-tests`}
        onPress={() => setAll(!all)}
      />
      {all && <TestTable open={open} place={place} tests={tests} onOpen={go} />}
    </View>
  );
}

interface TableProps {
  open: OpenJob;
  place: MetalPlace;
  tests: readonly TestWorth[];
  onOpen: (test: string) => void;
}

function TestTable({ open, place, tests, onOpen }: TableProps) {
  const palette = usePalette();
  const found = Object.values(open.job.metal[place].evidence);
  return (
    <Card style={{ padding: 0, gap: 0 }}>
      {tests.map((row, n) => {
        const shown = found.filter(({ test }) => test === row.test).map(whatItShowed);
        const state =
          shown.length > 0
            ? shown.join('; ')
            : row.lacks.length > 0
              ? `no ${row.lacks.map((tool) => midSentence(TOOLS[tool])).join(', ')} in the kit`
              : row.lock
                ? `locked: ${row.lock.why}`
                : worthOf(row);
        return (
          <Pressable
            key={row.test}
            role="button"
            testID={`${place}-test-${row.test}`}
            onPress={() => onOpen(row.test)}
            style={{
              minHeight: 60,
              padding: SPACE.m,
              justifyContent: 'center',
              borderTopWidth: n === 0 ? 0 : STROKE,
              borderColor: palette.line,
            }}
          >
            <View style={{ flexDirection: 'row', gap: SPACE.s, alignItems: 'baseline' }}>
              <Words as="bold" style={{ flex: 1 }}>
                {metalTest(row.test).name}
              </Words>
              <Words as="label" tone="quiet">
                {row.done ? 'done' : costOf(row.test)}
              </Words>
            </View>
            <Words as="label" tone={row.lock && !row.done ? 'danger' : 'quiet'}>
              {state}
            </Words>
          </Pressable>
        );
      })}
    </Card>
  );
}
