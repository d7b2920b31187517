import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { SIGNS, type SignId } from '@core/data/diagnosis';
import { idsOf } from '@core/data/words';
import { diagnose, type Diagnosis } from '@core/plan';
import { sentence, trimmed } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { goBackOr } from '@/ui/goTo';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

const CHOICES = idsOf(SIGNS).map((id) => ({ id, name: SIGNS[id].name, note: SIGNS[id].looks }));

/** What the weld shows, and what that mostly comes from in such a plan. */
export function WhyPage({ open, shows = '' }: { open: OpenJob; shows?: string }) {
  const { job, assessment } = open;
  const [sign, setSign] = useState<SignId | null>(Object.hasOwn(SIGNS, shows) ? (shows as SignId) : null);
  const found = useMemo(() => (sign === null ? [] : diagnose(assessment, sign)), [assessment, sign]);
  return (
    <View style={{ gap: SPACE.l }} testID="why">
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">What does it do?</Words>
        <Words tone="quiet">
          {found[0]
            ? `${found[0].name}: ${found[0].said}.`
            : 'Pick what it shows: at most three reasons, the test that tells them apart first.'}
        </Words>
      </View>
      <Pick label="It shows" testID="sign" folds stacked options={CHOICES} value={sign} onPick={setSign} />
      {found.map((one) => (
        <Reason key={one.id} open={open} one={one} />
      ))}
      <Act title="Back" testID="why-back" onPress={() => goBackOr(job.id, 'rod')} />
    </View>
  );
}

/** One reason: how likely, what speaks for it, how it is told, and what mends it. */
function Reason({ open, one }: { open: OpenJob; one: Diagnosis }) {
  const { id, name, said, because, test, minutes, fix, edits } = one;
  const [edit] = edits;
  return (
    <Card testID={`reason-${id}`}>
      <Words as="label" tone="quiet">
        {sentence(said)}
      </Words>
      <Words as="bold">{name}</Words>
      {because !== '' && <Words as="small">{because}</Words>}
      <Words as="small">{`To tell: ${test} About ${trimmed(minutes, 0)} min.`}</Words>
      <Words as="small">{`Then: ${fix}`}</Words>
      {edit?.path === 'rod.current_A' && typeof edit.value === 'number' && (
        <Act
          title={`Set ${edit.value} A`}
          testID={`mend-${id}`}
          onPress={() => open.edit([...edits], 'Amps, by what it showed')}
        />
      )}
    </Card>
  );
}
