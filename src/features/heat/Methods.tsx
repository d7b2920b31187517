import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { sourceWords } from '@core/units/sources';
import type { MethodId } from '@core/data/heatIds';
import { PLAN_DRAWS, PREHEAT_METHODS, methodRows, type MethodRow, type SteelAsked } from '@core/preheat';
import { inWords } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { coreWorker } from '@/workers/core';

/** Draws taken beside the page. */
const MANY_DRAWS = 10_000;

/** Every way of reckoning the preheat, side by side; the governing one said, the others a press away. */
export function Methods({ open }: { open: OpenJob }) {
  const { heat } = open.assessment.situation;
  const steel = heat.asker ?? heat.steels[0];
  const [shown, setShown] = useState(false);
  if (!steel) return null;
  return (
    <Card testID="methods">
      <Words as="head">How it is reckoned</Words>
      <Words>{heat.askedBy}</Words>
      <Words as="small" tone="quiet">
        {whyThis(steel)}
      </Words>
      <Act
        title={shown ? 'Only the one that counts' : 'All five ways side by side'}
        testID="all-methods"
        onPress={() => setShown(!shown)}
      />
      {shown && <AllMethods open={open} steel={steel} />}
    </Card>
  );
}

/** Why that one counts here. */
function whyThis({ preheat: { by } }: SteelAsked): string {
  switch (by) {
    case 'cet':
      return 'It looks at chemistry, thickness, hydrogen and heat together, up to 0.32 % carbon; past that its last word is the least.';
    case 'square-root':
      return 'Over 0.32 % carbon the hydrogen methods end; this one goes on, and the family’s rule stands beside it.';
    case 'hydrogen-control':
      return 'It counts how fast the joint is held, and thin plate, which the others do not.';
    case 'family':
      return 'What practice asks of the family; the highest of all that count is taken.';
    case 'filler':
      return 'Austenitic and nickel weld metal keeps hydrogen out of the hard edge: about six tenths of the preheat does, and the edge stays as hard.';
    case 'cracking-parameter':
    case 'prescriptive':
      return 'You go by it, and it asks for more than the others.';
  }
}

function AllMethods({ open, steel }: { open: OpenJob; steel: SteelAsked }) {
  const say = inWords(open.system).temperature;
  const { rows, many } = useMethodRows(steel);
  const answer = (row: MethodRow): string => {
    if (row.preheat_C === null) return `not valid here: ${row.why}`;
    const { low, high } = row.preheat_C;
    if (high <= 0) return 'nothing above the air';
    return Math.round(low) === Math.round(high)
      ? say(high)
      : `${low <= 0 ? 'nothing' : say(low)} to ${say(high)}`;
  };
  const valid = rows.filter(({ preheat_C }) => preheat_C !== null);
  const invalid = rows.filter(({ preheat_C }) => preheat_C === null);
  return (
    <View style={{ gap: SPACE.m }}>
      <Pick
        label="Go by another where it asks for more; it never makes the answer less"
        testID="method"
        stacked
        options={valid.map((row) => ({
          id: row.id,
          name: `${PREHEAT_METHODS[row.id].name}: ${answer(row)}`,
          note: `${PREHEAT_METHODS[row.id].looksAt} ${sourceWords(PREHEAT_METHODS[row.id].source)}.`,
        }))}
        value={open.job.heat.method}
        onPick={(id: MethodId | null) => open.set('heat.method', id, 'How it is reckoned')}
      />
      {invalid.map((row) => (
        <View key={row.id} testID={`invalid-${row.id}`}>
          <Words as="small">{PREHEAT_METHODS[row.id].name}</Words>
          <Words as="small" tone="quiet">
            {`Not valid here. ${row.why}`}
          </Words>
        </View>
      ))}
      <Words as="label" tone="quiet" testID="draws">
        {`${many ? MANY_DRAWS : PLAN_DRAWS} ways it may be made of, with hydrogen and heat between their ends, drawn with a fixed seed: one in twenty lies past either end.`}
      </Words>
    </View>
  );
}

/** The rows at once from few draws, then from many, drawn beside the page. */
function useMethodRows(steel: SteelAsked): { rows: MethodRow[]; many: boolean } {
  const { question } = steel;
  const { composition } = steel.preheat;
  const [sharp, setSharp] = useState<{ of: SteelAsked['question']; rows: MethodRow[] } | null>(null);
  useEffect(() => {
    let overtaken = false;
    void coreWorker()
      .methodRows(composition, question, MANY_DRAWS)
      .then((rows) => {
        if (!overtaken) setSharp({ of: question, rows });
      });
    return () => {
      overtaken = true;
    };
  }, [composition, question]);
  return sharp?.of === question
    ? { rows: sharp.rows, many: true }
    : { rows: methodRows(composition, question), many: false };
}
