import { useState } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { TROUBLES } from '@core/data/troubles';
import { VERDICT_WORDS } from '@core/plan';
import { OFF_THE_TINS, passSettings, rodsOffTins, whyNoRun, type Bite, type RunState } from '@core/run';
import { trimmed } from '@core/units/format';
import { useAwake } from '@/state/useAwake';
import { useDriver } from '@/state/useDriver';
import type { OpenJob } from '@/state/useJob';
import { editKitWithUndo, useApp } from '@/state/store';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { goBackOr, openReport, openTechnique, openWays } from '@/ui/goTo';
import { usePalette, useWide } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { Along } from './Along';
import { Forgotten } from './Forgotten';
import { Full } from './Full';
import { Items } from './Items';
import { Listen } from './Listen';
import { Meter } from './Meter';
import { More } from './More';
import { PermitOver } from './PermitOver';
import { Press } from './Press';
import { Troubles } from './Troubles';
import { useCalls } from './useCalls';
import { useRun, type OpenRun } from './useRun';

/** The work itself, hands full: what now, what next, the one number that is about to bite, one large press. */
export function RunPage({ open }: { open: OpenJob }) {
  const run = useRun(open);
  const { drives, takeOver } = useDriver(open.job.id);
  const why = whyNoRun(run.plan);
  const isHeld = open.assessment.withheld !== null;
  if (why !== null && (isHeld || run.state.seen.begun_ms === null)) return <NotYet open={open} why={why} />;
  return <Work run={run} drives={drives !== false} takeOver={takeOver} why={why} />;
}

/** What is not released is not run; the page says where to go. */
function NotYet({ open, why }: { open: OpenJob; why: string }) {
  return (
    <View role="main" style={{ padding: SPACE.m, gap: SPACE.m }} testID="no-run">
      <Words as="title">Not to be run yet</Words>
      <Words>{why}</Words>
      <Act
        kind="main"
        title="To the sheet"
        testID="run-to-sheet"
        onPress={() => goBackOr(open.job.id, 'sheet')}
      />
      <Act title="Look for a way through" onPress={() => openWays(open.job.id)} />
    </View>
  );
}

/** A phone that lies down is no higher, px. */
const LYING_px = 560;

interface WorkProps {
  run: OpenRun;
  drives: boolean;
  takeOver: () => void;
  /** Why the plan is not released any more; null where it is. */
  why: string | null;
}

function Work({ run, drives, takeOver, why }: WorkProps) {
  const palette = usePalette();
  const wide = useWide();
  const { width, height } = useWindowDimensions();
  // Lying down, the large press stands beside the work.
  const lying = width > height && height < LYING_px;
  const settings = useApp((app) => app.settings);
  const [asked, setAsking] = useState<number | null>(null);
  const [notYet, setNotYet] = useState('');
  const { state, open } = run;
  const { count, next, bite, seen } = state;
  // By what was burned it is laid: asked once for every arc.
  const due = dueOf(state);
  const asking = asked ?? (due !== null && notYet !== dueKey(state) ? due : null);
  const awake = useAwake(seen.begun_ms !== null && seen.finished_ms === null);
  useCalls(run, settings);
  const flash = settings.calls.colour && bite.how === 'now';
  return (
    <View
      style={{ flex: 1, flexDirection: lying ? 'row' : 'column', backgroundColor: palette.ground }}
      testID="run"
    >
      <ScrollView
        role="main"
        style={{ flex: 1 }}
        contentContainerStyle={{
          padding: SPACE.m,
          gap: SPACE.m,
          ...(wide ? { maxWidth: 820, width: '100%', alignSelf: 'center' as const } : {}),
        }}
      >
        {!drives && (
          <Card tone="danger" testID="watching">
            <Words>Another window runs this job: this one watches.</Words>
            <Act title="Take it over here" testID="take-over" onPress={takeOver} />
          </Card>
        )}
        {why !== null && (
          <Card tone="danger" testID="run-held">
            <Words>{`${why} Nothing more is struck until the sheet is released again.`}</Words>
            <Act title="To the sheet" onPress={() => goBackOr(open.job.id, 'sheet')} />
          </Card>
        )}
        <PermitOver run={run} />
        {run.plan.verdict === 'technique' && (
          <Card tone="danger" testID="run-technique">
            <Words as="bold">{VERDICT_WORDS.technique}</Words>
            <Words as="small">Only under a competent person’s procedure, signed on the sheet.</Words>
          </Card>
        )}
        <Now run={run} />
        <BiteBar bite={bite} flash={flash} />
        {count.on?.overdue && <Forgotten run={run} />}
        {asking !== null && (
          <Full
            run={run}
            pass={asking}
            onDone={() => {
              setAsking(null);
              setNotYet(dueKey(state));
            }}
          />
        )}
        <Along run={run} />
        {run.changed.map(({ what, why: because, shuts }) => (
          <Card key={what} tone={shuts ? 'danger' : 'plain'} testID="changed">
            <Words as="bold">{what}</Words>
            <Words as="small">{because}</Words>
          </Card>
        ))}
        {seen.troubles
          .filter(({ settled, what }) => !settled && !TROUBLES[what].stops)
          .slice(-1)
          .map(({ id, what }) => (
            <Card key={id} testID="trouble-first">
              <Words as="bold">{TROUBLES[what].name}</Words>
              <Words as="small">{TROUBLES[what].first}</Words>
              <Act
                title="Settled"
                testID="settle"
                onPress={() => run.tell({ kind: 'settled', of: id }, 'Settled')}
              />
            </Card>
          ))}
        {drives && <OffTheTins run={run} />}
        <Items run={run} drives={drives} />
        {drives && <Troubles run={run} />}
        {drives && why === null && <Meter run={run} />}
        {drives && why === null && <Listen run={run} />}
        {drives && <More run={run} awake={awake} />}
        <View style={{ gap: SPACE.s }}>
          {why === null && (
            <Act
              title="How the hand goes"
              testID="run-technique-cards"
              onPress={() => openTechnique(open.job.id)}
            />
          )}
          {seen.begun_ms !== null && (
            <Act title="The report" testID="to-report" onPress={() => openReport(open.job.id)} />
          )}
          <Act title="Back to the sheet" testID="run-back" onPress={() => goBackOr(open.job.id, 'sheet')} />
        </View>
      </ScrollView>
      {drives && why === null && (
        <Press
          run={run}
          onPassLaid={() => next?.pass != null && setAsking(next.pass)}
          asking={asking !== null}
          beside={lying}
        />
      )}
    </View>
  );
}

/** Which question it was, so that it is not asked again. */
const dueKey = ({ count }: RunState): string => `${count.now} ${count.arcs.length}`;

/** The pass that has its bead from end to end by what was burned; null while the arc burns, or where none has. */
function dueOf({ count, next }: RunState): number | null {
  const pass = next?.pass == null ? null : count.passes[next.pass - 1];
  return pass && count.on === null && pass.of_mm > 0 && pass.laid_mm >= pass.of_mm - 1 ? pass.pass : null;
}

/** Rods that were burned are taken off their tins in one press. */
function OffTheTins({ run }: { run: OpenRun }) {
  const { state, open } = run;
  const off = rodsOffTins(state, open.assessment.situation);
  if (state.seen.finished_ms === null || off.length === 0) return null;
  return (
    <Act
      title={`Take them off: ${off.map(({ rodClass, size, had, left }) => `${had - left} ${rodClass} ${size}`).join(', ')}`}
      testID="off-the-tins"
      onPress={() => {
        editKitWithUndo(
          off.flatMap(({ id, left }) => [
            { path: `tins.${id}.count`, value: left },
            { path: `tins.${id}.typed.count`, value: undefined },
          ]),
          'Rods burned',
          'Taken off the tins.',
        );
        run.tell({ kind: 'step', step: OFF_THE_TINS, state: 'done', words: '' }, OFF_THE_TINS);
      }}
    />
  );
}

/** What is done now: the pass with what is set for it, or the step. */
function Now({ run }: { run: OpenRun }) {
  const { state, open } = run;
  const { next, count, current_A } = state;
  const pass = next?.pass == null ? null : count.passes[next.pass - 1];
  const settings = pass && current_A !== null ? passSettings(pass, open.assessment.situation, current_A) : [];
  return (
    <View style={{ gap: SPACE.s }} testID="run-now">
      <Words as="title" testID="run-title">
        {next?.title ?? (state.seen.finished_ms === null ? 'All of it is done' : 'Finished')}
      </Words>
      {settings.length > 0 && (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.l, rowGap: SPACE.s }}>
          {settings.map(({ label, value }) => (
            <View key={label} style={{ maxWidth: '100%' }}>
              <Words as="label" tone="quiet">
                {label}
              </Words>
              <Words as="value" testID={`set-${label}`}>
                {value}
              </Words>
            </View>
          ))}
        </View>
      )}
      {next?.step && (
        <View style={{ gap: SPACE.xs }}>
          {next.step.holds.map((hold) => (
            <Words key={hold} as="bold">
              {hold}
            </Words>
          ))}
          {next.step.settings.map(({ label, value }) => (
            <Words key={label}>{`${label}: ${value}`}</Words>
          ))}
          {next.step.actions.map((action) => (
            <Words key={action}>{action}</Words>
          ))}
          {next.step.cautions.map((caution) => (
            <Words key={caution} as="small" tone="quiet">
              {caution}
            </Words>
          ))}
        </View>
      )}
      {count.arcs.length > 0 && (
        <Words as="label" tone="quiet" testID="run-taken">
          {`So far ${trimmed(count.arc_s / 60, 1)} min of arc, ${count.rods
            .map(({ rodClass, size, count: n }) => `${trimmed(n, 0)} ${rodClass} ${size}`)
            .join(', ')}.`}
        </Words>
      )}
    </View>
  );
}

/** The one number. */
function BiteBar({ bite, flash }: { bite: Bite; flash: boolean }) {
  const palette = usePalette();
  if (bite.value === '') return null;
  const colour = { now: palette.state.none, soon: palette.state.tight, calm: palette.state.roomy }[bite.how];
  return (
    <View
      testID="bite"
      aria-live={bite.how === 'now' ? 'assertive' : 'off'}
      style={{
        backgroundColor: colour,
        padding: SPACE.m,
        ...(flash ? { borderWidth: 6, borderColor: palette.onState } : {}),
      }}
    >
      <Words as="title" color={palette.onState} style={{ fontSize: 44, lineHeight: 48 }} testID="bite-value">
        {bite.value}
      </Words>
      <Words color={palette.onState}>{bite.words}</Words>
    </View>
  );
}
