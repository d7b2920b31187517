import { counted } from '@core/units/format';
import { useState } from 'react';
import { View } from 'react-native';
import { FAILS_SHARE, HURTS_SHARE, LOSSES, PLAN_SHARE } from '@core/data/losses';
import { GRADE_WORDS } from '@core/units/sources';
import type { JobNumberPath } from '@core/formats/paths';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { QuantityField } from '@/ui/QuantityField';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** How careful to be while the metal is in doubt: from which share a metal is planned for, and what being wrong costs. */
export function DoubtCard({ open }: { open: OpenJob }) {
  const { job, type, system } = open;
  const [shown, setShown] = useState(false);
  const field = (path: JobNumberPath, value: number | null, usual: string) => (
    <QuantityField
      key={path}
      path={path}
      value={value}
      typed={job.typed[path]}
      system={system}
      proposed={`blank: ${usual}`}
      onType={(text) => type(path, text, 'How careful')}
    />
  );
  const { doubt } = job.metal;
  return (
    <View style={{ gap: SPACE.s }}>
      <Act
        title={shown ? 'Close how careful' : 'How careful to be'}
        testID="doubt"
        onPress={() => setShown(!shown)}
      />
      {shown && (
        <Card>
          <Words as="small">
            The plan has to suit every metal over these shares. A metal that burns or poisons is left out only
            by a test of its own.
          </Words>
          {field('metal.doubt.share_pct', doubt.share_pct, `${100 * PLAN_SHARE.value} %`)}
          {field('metal.doubt.hurts_pct', doubt.hurts_pct, `${100 * HURTS_SHARE.value} %`)}
          {field('metal.doubt.fails_pct', doubt.fails_pct, `${100 * FAILS_SHARE.value} %`)}
          <Words as="small">What being wrong costs, told in rods wasted: it ranks the tests.</Words>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m }}>
            {(Object.keys(LOSSES) as (keyof typeof LOSSES)[]).map((id) =>
              field(
                `metal.doubt.${id}`,
                doubt[id],
                `${counted(LOSSES[id].value, 'rod')}, ${GRADE_WORDS[LOSSES[id].source.grade]}`,
              ),
            )}
          </View>
        </Card>
      )}
    </View>
  );
}
