import { STEEL_GRADE_IDS, STEEL_GRADES, type SteelGradeId } from '@core/data/steelGrades';
import { sourceWords } from '@core/units/sources';
import { baseMetalOf } from '@core/mix';
import { metalFamily } from '@core/data/metals';
import { isReckoned } from '@core/heat';
import type { OpenJob } from '@/state/useJob';
import { Card } from '@/ui/Card';
import { Pick } from '@/ui/Pick';
import { Words } from '@/ui/Words';

/** What each side is made of, as far as anybody knows, and its grade. */
export function Grades({ open }: { open: OpenJob }) {
  const { job } = open;
  const { wants } = open.assessment.situation;
  const sides = job.metal.sameBothSides ? (['sideA'] as const) : (['sideA', 'sideB'] as const);
  return (
    <>
      {sides.map((side, n) => {
        const families = (wants.sides[n] ?? []).map(({ family }) => family);
        const grades = STEEL_GRADE_IDS.filter((id) => families.includes(STEEL_GRADES[id].family));
        const letter = n === 0 ? 'A' : 'B';
        return (
          <Card key={side} testID={`mix-side-${letter}`}>
            <Words as="head">{sides.length > 1 ? `Side ${letter} brings in` : 'The metal brings in'}</Words>
            {families.slice(0, 4).map((family) => {
              const metal = baseMetalOf(job.metal[side], family);
              return (
                <Words key={family} as="small">
                  {`${metalFamily(family).name}: ${metal.words} ${sourceWords(metal.source)}.`}
                </Words>
              );
            })}
            {grades.length > 0 && (
              <Pick
                label="Grade, where a stamp, a drawing or the store says it"
                testID={`mix-grade-${letter}`}
                folds
                options={grades.map((id) => ({ id, name: STEEL_GRADES[id].name }))}
                value={grades.find((id) => id === job.metal[side].grade) ?? null}
                onPick={(id: SteelGradeId | null) => open.set(`metal.${side}.grade`, id, 'Grade')}
              />
            )}
            {families.some(isReckoned) && (
              <Words as="label" tone="quiet">
                The grade counts for the preheat too.
              </Words>
            )}
          </Card>
        );
      })}
    </>
  );
}
