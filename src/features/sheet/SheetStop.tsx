import { counted, inWords, midSentence, trimmed } from '@core/units/format';
import { useMemo } from 'react';
import { View } from 'react-native';
import { writeJobFile } from '@core/formats/write';
import {
  DEFERENCE,
  HALT_TITLES,
  SIGN_LINE,
  VERDICT_WORDS,
  betterBy,
  makePlan,
  sheetMarkdown,
  type Plan,
} from '@core/plan';
import { speakRoom } from '@core/judge';
import { hasPermit, WITHHELD_WORDS } from '@core/repair';
import { whyNoRun } from '@core/run';
import type { Step } from '@core/judge';
import { saveFile } from '@/state/files';
import { sureInWords } from '@core/planner';
import type { OpenJob } from '@/state/useJob';
import { useSure } from '@/state/useSure';
import { Act } from '@/ui/Act';
import { OtherWays } from '@/ui/OtherWays';
import { openBy, openChecks, openCode, openHistory, openPermit, openRun, openWays } from '@/ui/goTo';
import { Card } from '@/ui/Card';
import { Fold } from '@/ui/Fold';
import { HaltCard } from '@/ui/HaltCard';
import { StepParts } from '@/ui/StepParts';
import { StepPicture } from '@/ui/StepPicture';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { Codes } from './Codes';
import { PermitPrinted } from './PermitPage';

/** Sheet: the plan to take to the work, or why there is none. */
export function SheetStop({ open }: { open: OpenJob }) {
  const palette = usePalette();
  const { assessment, job, system } = open;
  const plan = useMemo(() => makePlan(assessment), [assessment]);
  const better = useMemo(() => betterBy(assessment), [assessment]);
  const { tightest } = plan;
  const sure = useSure(open, plan.verdict === 'ready');
  return (
    <>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">{job.title || 'Untitled job'}</Words>
        <View
          testID="verdict"
          style={{
            backgroundColor:
              palette.state[
                { stopped: 'none', draft: 'none', 'no-room': 'tight', technique: 'tight', ready: 'roomy' }[
                  plan.verdict
                ] as 'none' | 'tight' | 'roomy'
              ],
            padding: SPACE.m,
          }}
        >
          <Words as="head" color={palette.onState}>
            {VERDICT_WORDS[plan.verdict]}
          </Words>
        </View>
        {plan.summary !== '' && <Words tone="quiet">{plan.summary}</Words>}
        {tightest && plan.verdict !== 'stopped' && (
          <Words>{`Tightest: ${midSentence(tightest.title)}, ${speakRoom(tightest, system)}`}</Words>
        )}
      </View>
      <Halts plan={plan} />
      {plan.verdict === 'technique' && (
        <Words as="small" testID="sign">
          {SIGN_LINE}
        </Words>
      )}
      {assessment.withheld !== null && <Words testID="withheld">{WITHHELD_WORDS[assessment.withheld]}</Words>}
      <OtherWays ways={plan.otherWays} />
      {better && (
        <Card testID="better-by">
          <Words>{`${better.name} would do this better: ${better.words}.`}</Words>
          <View dataSet={{ noprint: 'true' }}>
            <Act
              title={`How ${midSentence(better.name)} is set here`}
              testID="to-better"
              onPress={() => openBy(job.id, better.process)}
            />
          </View>
        </Card>
      )}
      {(whyNoRun(plan) === null || Object.keys(job.run.events).length > 0) && (
        <View dataSet={{ noprint: 'true' }} style={{ gap: SPACE.s }}>
          <Act
            kind="main"
            title={Object.keys(job.run.events).length === 0 ? 'Do it: take me along' : 'Back to the work'}
            testID="to-run"
            onPress={() => openRun(job.id)}
          />
        </View>
      )}
      {plan.totals && (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.l }}>
          <Figure value={`${plan.totals.beads}`} unit={plan.totals.beads === 1 ? 'pass' : 'passes'} />
          <Figure value={`${plan.totals.rods}`} unit={plan.totals.rods === 1 ? 'rod' : 'rods'} />
          <Figure value={trimmed(plan.totals.arc_min, 1)} unit="min of arc" />
          <Elapsed said={inWords(system).time(60 * plan.totals.elapsed_min)} />
        </View>
      )}
      {assessment.withheld === null && (
        <View dataSet={{ noprint: 'true' }}>
          <Act
            kind={plan.verdict === 'no-room' ? 'main' : 'plain'}
            title={
              plan.verdict === 'no-room' ? 'Look for a way through' : 'Other ways, and how sure this one is'
            }
            testID="to-ways"
            onPress={() => openWays(job.id)}
          />
        </View>
      )}
      {sure && <Words testID="sheet-sure">{sureInWords(sure)}</Words>}
      {plan.steps.map((step, index) => (
        <StepCard key={step.title} step={step} number={index + 1} />
      ))}
      {plan.steps.length > 0 && (
        <View dataSet={{ noprint: 'true' }}>
          <Act
            title="Look it over: note what the checks show"
            testID="to-checks"
            onPress={() => openChecks(job.id)}
          />
        </View>
      )}
      {assessment.withheld === null && (
        <View dataSet={{ noprint: 'true' }}>
          <Act title="Hot-work card and fire watch" testID="to-permit" onPress={() => openPermit(job.id)} />
        </View>
      )}
      <List title="Assumed" lines={plan.assumed} />
      <List title="Not understood" lines={plan.problems} />
      <Words as="small" tone="quiet">
        {DEFERENCE}
      </Words>
      {assessment.withheld === null && hasPermit(job) && (
        <View dataSet={{ printonly: 'true' }}>
          <PermitPrinted open={open} />
        </View>
      )}
      <View dataSet={{ printonly: 'true' }}>
        <Words as="small">The whole job, for a phone: “Read a code” at the list of jobs.</Words>
        <Codes open={open} wide={230} />
      </View>
      <View dataSet={{ noprint: 'true' }} style={{ gap: SPACE.s }}>
        <Act kind="main" title="Print the sheet" testID="print" onPress={() => window.print()} />
        <View style={{ flexDirection: 'row', gap: SPACE.s }}>
          <Act
            grow
            title="Save as text"
            label="Save the sheet as Markdown text"
            testID="save-markdown"
            onPress={() =>
              saveFile(`${job.title || job.id}.md`, 'text/markdown', sheetMarkdown(job, plan, assessment))
            }
          />
          <Act
            grow
            title="Save the job file"
            testID="export-job"
            onPress={() =>
              saveFile(
                `${job.title || job.id}.job.json`,
                'application/json',
                writeJobFile(job, assessment.situation.kit),
              )
            }
          />
        </View>
        <Act
          title="Save plan and rooms as data"
          testID="save-plan"
          onPress={() =>
            saveFile(
              `${job.title || job.id}.plan.json`,
              'application/json',
              `${JSON.stringify({ plan, rooms: assessment.rooms }, null, 2)}\n`,
            )
          }
        />
        <Act title="To another phone, by code" testID="to-code" onPress={() => openCode(job.id)} />
        <Act title="What was done to this job" testID="to-history" onPress={() => openHistory(job.id)} />
      </View>
    </>
  );
}

function Halts({ plan }: { plan: Plan }) {
  if (plan.halts.length === 0) return null;
  return (
    <View style={{ gap: SPACE.s }} testID="halts">
      <Words as="head">{HALT_TITLES[plan.verdict]}</Words>
      {plan.halts.map((halt) => (
        <HaltCard key={halt.title} halt={halt} />
      ))}
    </View>
  );
}

function Figure({ value, unit }: { value: string; unit: string }) {
  return (
    <View>
      <Words as="title">{value}</Words>
      <Words as="label" tone="quiet">
        {unit}
      </Words>
    </View>
  );
}

/** So much is read at a glance, signs; what is longer folds under its first line. Boxes, settings and cautions never do. */
const AT_A_GLANCE = 240;

function StepCard({ step, number }: { step: Step; number: number }) {
  const { actions, why } = step;
  const [first = '', ...more] = actions;
  const long = [...more, why].join(' ').length > AT_A_GLANCE;
  const shown = long ? [first] : actions;
  return (
    <Card testID={`step-${number}`}>
      <Words as="head">{`${number}  ${step.title}`}</Words>
      {step.drawing && <StepPicture drawing={step.drawing} title={step.title} />}
      <StepParts {...step} actions={first === '' ? [] : shown} size="small" />
      {long && (
        <Fold id={`how-${number}`} title={`How: ${counted(more.length + (why === '' ? 0 : 1), 'more line')}`}>
          <StepParts holds={[]} settings={[]} cautions={[]} actions={more} size="small" />
          <Why words={why} />
        </Fold>
      )}
      {!long && <Why words={why} />}
    </Card>
  );
}

const Why = ({ words }: { words: string }) =>
  words === '' ? null : (
    <Words as="label" tone="quiet">
      {words}
    </Words>
  );

function List({ title, lines }: { title: string; lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <View style={{ gap: SPACE.xs }}>
      <Words as="head">{title}</Words>
      {lines.map((line) => (
        <Words key={line} as="small">
          {line}
        </Words>
      ))}
    </View>
  );
}

/** The time of the whole job, as it is said: seconds, minutes or hours. */
function Elapsed({ said }: { said: string }) {
  const [value = said, unit = ''] = said.split(' ');
  return <Figure value={value} unit={`${unit} in all`} />;
}
