import { useMemo } from 'react';
import { View } from 'react-native';
import { jointTraits } from '@core/data/joints';
import { CHECK_WHEN, checksFor, findingInWords, type Check, type CheckWhen } from '@core/plan';
import type { CheckResult } from '@core/formats/job';
import { UNSEEN } from '@core/formats/blankJob';
import { sourceWords } from '@core/units/sources';
import { sentence } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { goBackOr, openWhy } from '@/ui/goTo';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { Finding } from './Finding';
import { SeamPicture, type OnSeam } from './SeamPicture';

/** What the repair is looked at for, and what was found: kept with the job, printed on its sheet. */
export function ChecksPage({ open }: { open: OpenJob }) {
  const { job, assessment } = open;
  const checks = useMemo(() => checksFor(assessment.situation), [assessment]);
  const left = checks.filter(({ id, must }) => must && (job.checks[id]?.result ?? null) === null).length;
  const bad = Object.values(job.checks).filter(
    (one) => one?.result === 'found' && one.decided !== 'accepted',
  ).length;
  const marks = marksOf(open, checks);
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
      {marks.length > 0 && (
        <Card testID="found-on-seam">
          <SeamPicture
            length_mm={assessment.situation.length_mm}
            round={jointTraits(job.joint.kind)?.run === 'round'}
            marks={marks}
            system={open.system}
          />
          {marks.map(({ id, n, name }) => (
            <Words key={id} as="small">{`${n}  ${sentence(name)}`}</Words>
          ))}
        </Card>
      )}
      {times.map((when) => (
        <Group
          key={when}
          open={open}
          when={when}
          marks={marks}
          checks={checks.filter((one) => one.when === when)}
        />
      ))}
      <Words as="small" tone="quiet">
        These limits are usual ones: your code, and whoever answers for the part, decide.
      </Words>
      <Act title="It does something else: why?" testID="to-why" onPress={() => openWhy(job.id)} />
      <Act title="Back" testID="checks-back" onPress={() => goBackOr(job.id, 'sheet')} />
    </View>
  );
}

/** What was found and has a place on the seam, numbered in the order of the checks. */
function marksOf({ job, system }: OpenJob, checks: readonly Check[]): OnSeam[] {
  return checks
    .flatMap(({ id }) => {
      const kept = job.checks[id];
      return kept?.result === 'found' && kept.at_mm !== null ? [{ id, kept, at_mm: kept.at_mm }] : [];
    })
    .map(({ id, kept, at_mm }, index) => ({
      id,
      n: index + 1,
      name: findingInWords(kept, system),
      at_mm,
      length_mm: kept.length_mm,
    }));
}

interface Shown {
  open: OpenJob;
  marks: readonly OnSeam[];
}

function Group({ open, when, marks, checks }: Shown & { when: CheckWhen; checks: readonly Check[] }) {
  return (
    <View style={{ gap: SPACE.s }}>
      <Words as="head">{sentence(CHECK_WHEN[when])}</Words>
      {checks.map((one) => (
        <One key={one.id} open={open} marks={marks} check={one} />
      ))}
    </View>
  );
}

/** One check: what to do, and what it showed. */
function One({ open, marks, check }: Shown & { check: Check }) {
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
        <Finding
          open={open}
          id={id}
          kept={kept}
          marks={marks}
          put={put}
          again={() => put({ ...UNSEEN, redone: Math.min(9, kept.redone + 1) })}
        />
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
