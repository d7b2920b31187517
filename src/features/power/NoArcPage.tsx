import { midSentence } from '../../core/units/format';
import { View } from 'react-native';
import { FINDINGS, SYMPTOMS, type FindingId } from '@core/data/noArcIds';
import { searchArc, type ArcCheck } from '@core/plan';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { FieldRow } from '@/ui/FieldRow';
import { goBackOr } from '@/ui/goTo';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { QuantityField } from '@/ui/QuantityField';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** Why there is no arc: one place after another, with what this job should show there. */
export function NoArcPage({ open }: { open: OpenJob }) {
  const { job, edit, set } = open;
  const { checks, next, found } = searchArc(open.assessment);
  const looked = checks.filter((check) => check.found === 'fine');
  const answer = (check: ArcCheck, finding: FindingId) =>
    edit([{ path: `power.noArc.found.${check.id}`, value: finding }], `${check.name}: ${FINDINGS[finding]}`);
  return (
    <View style={{ gap: SPACE.l }}>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">No arc</Words>
        <Words tone="quiet">
          Machine off before a plug or a terminal is touched. The inside of a machine stays shut: its
          capacitors bite after the plug is out.
        </Words>
      </View>
      <Pick
        label="What does it do?"
        testID="symptom"
        options={optionsOf(SYMPTOMS)}
        value={job.power.noArc.symptom}
        onPick={(id) => set('power.noArc.symptom', id, 'What it does')}
      />
      {found && (
        <Card testID="arc-found">
          <Words as="head">{`It was: ${midSentence(found.name)}`}</Words>
          <Words>{found.mend}</Words>
        </Card>
      )}
      {next && (
        <Card testID="arc-next">
          <Words as="label" tone="quiet">{`Look here next, ${looked.length + 1} of ${checks.length}`}</Words>
          <Words as="head">{next.name}</Words>
          {next.suspect !== '' && (
            <Words tone="danger" testID="arc-suspect">{`The plan already says: ${next.suspect}`}</Words>
          )}
          <Words>{next.look}</Words>
          {next.expect.map((words) => (
            <Words key={words} as="bold">
              {words}
            </Words>
          ))}
          {next.id === 'clamp' && <ClampDrop open={open} />}
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
            <Act
              grow
              kind="main"
              title={FINDINGS.fine}
              testID="arc-fine"
              onPress={() => answer(next, 'fine')}
            />
            <Act grow title={FINDINGS.found} testID="arc-found-it" onPress={() => answer(next, 'found')} />
          </View>
        </Card>
      )}
      {!next && !found && (
        <Card tone="danger" testID="arc-none">
          <Words as="head">All of it was looked at</Words>
          <Words>
            What is left is inside the machine. Try another machine on the same clamp and leads; this one goes
            to somebody licensed to open it.
          </Words>
        </Card>
      )}
      {looked.length > 0 && (
        <View style={{ gap: SPACE.xs }}>
          <Words as="label" tone="quiet">
            {`Fine: ${looked.map(({ name }) => midSentence(name)).join(', ')}.`}
          </Words>
        </View>
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        {Object.keys(job.power.noArc.found).length > 0 && (
          <Act
            grow
            title="Start again"
            testID="arc-again"
            onPress={() =>
              edit([{ path: 'power.noArc', value: { symptom: null, found: {} } }], 'No arc: again')
            }
          />
        )}
        <Act grow title="Back to Power" testID="to-power" onPress={() => goBackOr(job.id, 'power')} />
      </View>
    </View>
  );
}

/** Volts across the clamp, where somebody has a meter. */
const ClampDrop = ({ open: { job, type, system } }: { open: OpenJob }) => (
  <FieldRow>
    <QuantityField
      path="power.clampDrop_V"
      value={job.power.clampDrop_V}
      typed={job.typed['power.clampDrop_V']}
      system={system}
      proposed="blank: not measured. Meter from clamp to bare metal while somebody welds."
      onType={(text) => type('power.clampDrop_V', text, 'Volts at the clamp')}
    />
  </FieldRow>
);
