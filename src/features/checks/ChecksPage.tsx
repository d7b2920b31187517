import { useMemo } from 'react';
import { View } from 'react-native';
import { CHECK_WHEN, checksFor, triedInWords, type Check, type CheckWhen } from '@core/plan';
import type { CheckResult } from '@core/formats/job';
import { LONGEST } from '@core/formats/limits';
import { sourceWords } from '@core/units/sources';
import { sentence } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Entry } from '@/ui/Entry';
import { goBackOr, openWhy } from '@/ui/goTo';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

const UNSEEN: CheckResult = { result: null, words: '', decided: null, redone: 0 };

/** What the repair is looked at for, and what was found: kept with the job, printed on its sheet. */
export function ChecksPage({ open }: { open: OpenJob }) {
  const { job, assessment } = open;
  const checks = useMemo(() => checksFor(assessment.situation), [assessment]);
  const left = checks.filter(({ id, must }) => must && (job.checks[id]?.result ?? null) === null).length;
  const bad = Object.values(job.checks).filter(
    (one) => one?.result === 'found' && one.decided !== 'accepted',
  ).length;
  const times = [...new Set(checks.map(({ when }) => when))];
  return (
    <View style={{ gap: SPACE.l }} testID="checks">
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">Check it</Words>
        <Words tone="quiet" testID="checks-say">
          {bad > 0
            ? `${bad === 1 ? 'One finding is' : `${bad} findings are`} not settled.`
            : left === 0
              ? 'All that must be looked at has been.'
              : `${left} to go that must be looked at.`}
        </Words>
      </View>
      {times.map((when) => (
        <Group key={when} open={open} when={when} checks={checks.filter((one) => one.when === when)} />
      ))}
      <Words as="small" tone="quiet">
        These limits are usual ones: your code, and whoever answers for the part, decide.
      </Words>
      <Act title="It does something else: why?" testID="to-why" onPress={() => openWhy(job.id)} />
      <Act title="Back" testID="checks-back" onPress={() => goBackOr(job.id, 'sheet')} />
    </View>
  );
}

function Group({ open, when, checks }: { open: OpenJob; when: CheckWhen; checks: readonly Check[] }) {
  return (
    <View style={{ gap: SPACE.s }}>
      <Words as="head">{sentence(CHECK_WHEN[when])}</Words>
      {checks.map((one) => (
        <One key={one.id} open={open} check={one} />
      ))}
    </View>
  );
}

/** One check: what to do, and what it showed. */
function One({ open, check }: { open: OpenJob; check: Check }) {
  const { id, name, how, limit, who, must, source } = check;
  const kept = open.job.checks[id];
  const put = (change: Partial<CheckResult>) =>
    open.set(`checks.${id}`, { ...(kept ?? UNSEEN), ...change }, name);
  return (
    <Card testID={`check-${id}`}>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between', gap: SPACE.s }}>
        <Words as="bold" style={{ flex: 1 }}>
          {name}
        </Words>
        <Words as="label" tone="quiet">
          {must ? 'must' : 'where you can'}
        </Words>
      </View>
      <Words as="small">{how}</Words>
      {limit !== '' && <Words as="small">{`Usual limit: ${limit}.`}</Words>}
      {who !== '' && <Words as="small" tone="quiet">{`By: ${who}.`}</Words>}
      <Words as="label" tone="quiet">
        {sourceWords(source)}
      </Words>
      <Pick
        label="It showed"
        testID={`showed-${id}`}
        options={[
          { id: 'good', name: 'Good' },
          { id: 'found', name: 'Something' },
        ]}
        value={kept?.result ?? null}
        onPick={(result: CheckResult['result']) => put({ result, decided: null })}
      />
      {kept?.result === 'found' && (
        <>
          <Entry
            label="What, where, how long"
            testID={`found-${id}`}
            value={kept.words}
            most={LONGEST.note}
            placeholder="line 12 mm at the upper toe, looks like a crack, not confirmed"
            onChange={(words) => put({ words })}
          />
          <Pick
            label="So"
            testID={`decided-${id}`}
            options={[
              { id: 'accepted', name: 'Accepted' },
              { id: 'redo', name: 'To be done over' },
            ]}
            value={kept.decided}
            onPick={(decided: CheckResult['decided']) => put({ decided })}
          />
          {kept.decided === 'redo' && (
            <>
              <Words as="small" tone="danger" testID={`tried-${id}`}>
                {triedInWords(kept.redone)}
              </Words>
              <Act
                title="It is done over: look again"
                testID={`again-${id}`}
                onPress={() => put({ ...UNSEEN, redone: Math.min(9, kept.redone + 1) })}
              />
            </>
          )}
        </>
      )}
      {(kept?.redone ?? 0) > 0 && (
        <Words
          as="small"
          tone="quiet"
        >{`Done over ${kept?.redone === 1 ? 'once' : `${kept?.redone} times`}.`}</Words>
      )}
    </Card>
  );
}
