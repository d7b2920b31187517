import { useState } from 'react';
import { View } from 'react-native';
import { SIGNS, type SignId } from '@core/data/diagnosis';
import { PROCESSES, type ArcProcess } from '@core/data/processIds';
import { LONGEST } from '@core/formats/limits';
import { diagnose, signsOf, signsSaid, type Diagnosis } from '@core/plan';
import { sentence, trimmed } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Entry } from '@/ui/Entry';
import { goBackOr, openNoArc } from '@/ui/goTo';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

const choice = (id: SignId) => ({ id, name: SIGNS[id].name, note: SIGNS[id].looks });

/** What the weld shows, and what that mostly comes from in such a plan. */
export function WhyPage({ open, shows = '' }: { open: OpenJob; shows?: string }) {
  const { job, assessment } = open;
  const [sign, setSign] = useState<SignId | null>(Object.hasOwn(SIGNS, shows) ? (shows as SignId) : null);
  const can = processesOf(open);
  const [picked, setBy] = useState<ArcProcess | null>(null);
  const by = picked ?? can[0] ?? 'stick';
  const [said, setSaid] = useState('');
  const heard = signsSaid(said, by);
  const found = sign === null ? [] : diagnose(assessment, sign, by);
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
      {can.length > 1 && (
        <Pick
          label="Done with"
          testID="why-by"
          folds
          options={can.map((id) => ({ id, name: PROCESSES[id] }))}
          value={by}
          onPick={(id: ArcProcess | null) => {
            setBy(id);
            if (id !== null && sign !== null && !signsOf(id).includes(sign)) setSign(null);
          }}
        />
      )}
      <View style={{ gap: SPACE.xs }}>
        <Words as="label" tone="quiet">
          Say it
        </Words>
        <Entry
          label="What it does, in words"
          testID="why-said"
          value={said}
          most={LONGEST.note}
          placeholder="slag won’t come off; cracked next morning"
          onChange={(text) => {
            setSaid(text);
            setSign(signsSaid(text, by)[0] ?? null);
          }}
        />
        {said.trim() !== '' && heard.length === 0 && (
          <Words as="small" tone="quiet" testID="why-not-heard">
            Nothing in it says what the weld shows: pick it below.
          </Words>
        )}
      </View>
      {heard.length > 1 && (
        <Pick
          label="It may be"
          testID="heard"
          stacked
          options={heard.map(choice)}
          value={sign}
          onPick={setSign}
        />
      )}
      <Pick
        label="It shows"
        testID="sign"
        folds
        stacked
        options={signsOf(by).map(choice)}
        value={sign}
        onPick={setSign}
      />
      {found.map((one) => (
        <Reason key={one.id} open={open} one={one} />
      ))}
      <Act title="No arc at all" testID="why-no-arc" onPress={() => openNoArc(job.id)} />
      <Act title="Back" testID="why-back" onPress={() => goBackOr(job.id, 'rod')} />
    </View>
  );
}

/** What the machine of this job can have done it with; stick where nothing says. */
function processesOf({ assessment }: OpenJob): readonly ArcProcess[] {
  const can = assessment.situation.machine?.value.processes ?? [];
  return can.length === 0
    ? ['stick']
    : [...can].sort((a, b) => Number(b === 'stick') - Number(a === 'stick'));
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
