import { View } from 'react-native';
import { STEEL_GRADE_IDS, STEEL_GRADES, type SteelGradeId } from '@core/data/steelGrades';
import { sourceWords } from '@core/units/sources';
import { metalFamily } from '@core/data/metals';
import { steelRanges, type SteelAsked } from '@core/preheat';
import { trimmed } from '@core/units/format';
import type { Range } from '@core/units/range';
import type { OpenJob } from '@/state/useJob';
import { Card } from '@/ui/Card';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** What the steel is made of, as far as anybody knows, side by side, and the grade where somebody knows it. */
export function Made({ open }: { open: OpenJob }) {
  const { steels } = open.assessment.situation.heat;
  if (steels.length === 0) return null;
  const sides = [...new Set(steels.map(({ side }) => side))];
  return (
    <>
      {sides.map((side) => (
        <SideMade key={side} open={open} side={side} several={sides.length > 1} />
      ))}
    </>
  );
}

function SideMade({ open, side, several }: { open: OpenJob; side: 'A' | 'B'; several: boolean }) {
  const { job } = open;
  const steels = open.assessment.situation.heat.steels.filter((steel) => steel.side === side);
  const record = side === 'A' ? job.metal.sideA : job.metal.sideB;
  const path = side === 'A' ? 'metal.sideA.grade' : 'metal.sideB.grade';
  const families = steels.map(({ family }) => family);
  const grades = STEEL_GRADE_IDS.filter((id) => families.includes(STEEL_GRADES[id].family));
  const value = grades.find((id) => id === record.grade) ?? null;
  return (
    <Card testID={`made-${side}`}>
      <Words as="head">{several ? `Side ${side} is made of` : 'It is made of'}</Words>
      {steels.map((steel) => (
        <Numbers key={steel.family} steel={steel} />
      ))}
      {grades.length > 0 && (
        <Pick
          label="Grade, where a stamp, a drawing or the store says it"
          testID={`grade-${side}`}
          folds
          options={grades.map((id) => ({ id, name: STEEL_GRADES[id].name }))}
          value={value}
          onPick={(id: SteelGradeId | null) => open.set(path, id, 'Grade')}
        />
      )}
      <Words as="label" tone="quiet">
        Numbers off a certificate or an analyser: type them at Metal, test “Alloy analyser”. They count before
        the grade.
      </Words>
    </Card>
  );
}

/** Carbon and equivalents between their ends. */
function Numbers({ steel }: { steel: SteelAsked }) {
  const { composition } = steel.preheat;
  const { carbon, cet, ce, pcm } = steelRanges(composition);
  const rows: [string, Range][] = [
    ['Carbon', carbon],
    ['CET', cet],
    ['CE', ce],
    ['Pcm', pcm],
  ];
  return (
    <View style={{ gap: SPACE.xs }}>
      <Words as="small" tone="quiet">
        {`${metalFamily(steel.family).name}. ${composition.words}`}
      </Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m }}>
        {rows.map(([name, { low, high }]) => (
          <View key={name} style={{ minWidth: 70 }}>
            <Words as="label" tone="quiet">
              {name}
            </Words>
            <Words as="bold">{`${trimmed(low, 2)}–${trimmed(high, 2)} %`}</Words>
          </View>
        ))}
      </View>
      <Words as="label" tone="quiet">
        {sourceWords(composition.source)}
      </Words>
    </View>
  );
}
