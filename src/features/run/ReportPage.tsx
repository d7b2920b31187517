import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { findingInWords, makePlan } from '@core/plan';
import { passLine, reportCsv, reportMarkdown, reportOf, runState } from '@core/run';
import { inWords, trimmed } from '@core/units/format';
import { thisMoment } from '@/state/clock';
import { saveFile } from '@/state/files';
import type { OpenJob } from '@/state/useJob';
import { usePhoto } from '@/state/usePhoto';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { goBackOr } from '@/ui/goTo';
import { PhotoList } from '@/ui/PhotoList';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

const clock = (iso: string): string =>
  new Date(iso).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short', hour12: false });

/** What was done, planned against what happened: to be printed, signed and handed on. */
export function ReportPage({ open }: { open: OpenJob }) {
  const { job, assessment, system } = open;
  const [now_ms] = useState(thisMoment);
  const report = useMemo(
    () => reportOf(assessment, runState(assessment, makePlan(assessment), job, now_ms)),
    [assessment, job, now_ms],
  );
  const { time, temperature } = inWords(system);
  const name = job.title || job.id;
  const at = (iso: string | null) => (iso === null ? 'not yet' : clock(iso));
  return (
    <View style={{ gap: SPACE.l }} testID="report">
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">{`Done: ${name}`}</Words>
        <Words testID="report-when">{`Begun ${at(report.begun)}, finished ${at(report.finished)}.`}</Words>
        {report.machine !== '' && (
          <Words
            as="small"
            tone="quiet"
          >{`${report.machine}${report.supply ? `, ${report.supply}` : ''}`}</Words>
        )}
      </View>
      <Lines title="Passes" lines={report.passes.map((one) => passLine(one, time))} testID="report-passes" />
      <Lines
        title="Rods"
        lines={report.rods.map(({ rodClass, size, count }) => `${trimmed(count, 1)} ${rodClass} ${size}`)}
      />
      <Lines
        title="Steps"
        lines={report.steps.map(
          ({ step, state, at: when, words }) =>
            `${step}: ${state === 'open' ? 'not ticked' : `${state} ${at(when)}`}${words ? `, ${words}` : ''}`,
        )}
      />
      <Lines
        title="Temperatures read"
        lines={report.readings.map(
          ({ at: when, temperature_C }) => `${at(when)}: ${temperature(temperature_C)}`,
        )}
      />
      <Lines
        title="By instruments"
        testID="report-measured"
        lines={report.measured.map(({ at: when, what, says, by }) => `${at(when)}: ${what} ${says}, ${by}`)}
      />
      <Lines
        title="What went wrong"
        testID="report-troubles"
        lines={report.troubles.map(
          ({ at: when, what, pass, settled }) =>
            `${at(when)}: ${what}${pass > 0 ? `, pass ${pass}` : ''}${settled ? ', settled' : ', open'}`,
        )}
      />
      <Lines
        title="Checks"
        lines={report.checks.map(
          ({ name: what, ...found }) =>
            `${what}: ${found.result === null ? 'not looked at' : found.result === 'good' ? 'good' : findingInWords(found, system)}`,
        )}
      />
      {Object.entries(job.checks).map(
        ([id, check]) =>
          check !== undefined &&
          check.photos.length > 0 && (
            <PhotoList key={id} ids={check.photos} useUrl={usePhoto} name={findingInWords(check, system)} />
          ),
      )}
      <Lines title="Notes" lines={report.notes.map(({ at: when, words }) => `${at(when)}: ${words}`)} />
      <Lines title="Does not agree" lines={report.odd} />
      <Words as="small">Welded by: ____________________ Tin and heat numbers: ____________________</Words>
      <Words as="small">
        Looked at by: ____________________ Signed: ____________________ Date: __________
      </Words>
      <View dataSet={{ noprint: 'true' }} style={{ gap: SPACE.s }}>
        <Act kind="main" title="Print the report" testID="print-report" onPress={() => window.print()} />
        <View style={{ flexDirection: 'row', gap: SPACE.s }}>
          <Act
            grow
            title="As text"
            label="Save the report as Markdown text"
            testID="report-text"
            onPress={() =>
              saveFile(`${name}.report.md`, 'text/markdown', reportMarkdown(report, system, clock))
            }
          />
          <Act
            grow
            title="As data"
            label="Save the report as data"
            testID="report-data"
            onPress={() =>
              saveFile(`${name}.report.json`, 'application/json', `${JSON.stringify(report, null, 2)}\n`)
            }
          />
          <Act
            grow
            title="As table"
            label="Save the passes as a table"
            testID="report-table"
            onPress={() => saveFile(`${name}.passes.csv`, 'text/csv', reportCsv(report))}
          />
        </View>
        <Act title="Back" testID="report-back" onPress={() => goBackOr(job.id, 'sheet')} />
      </View>
    </View>
  );
}

function Lines({ title, lines, testID }: { title: string; lines: readonly string[]; testID?: string }) {
  if (lines.length === 0) return null;
  return (
    <Card {...(testID === undefined ? {} : { testID })}>
      <Words as="head">{title}</Words>
      {lines.map((line) => (
        <Words key={line} as="small">
          {line}
        </Words>
      ))}
    </Card>
  );
}
