import { Redirect, useLocalSearchParams } from 'expo-router';
import type { ComponentType } from 'react';
import { HistoryPage } from '@/features/job/HistoryPage';
import { JobFrame } from '@/features/job/JobFrame';
import { STOPS } from '@/features/job/stops';
import { SayPage } from '@/features/job/SayPage';
import { RoomPage } from '@/features/job/RoomPage';
import { WithheldPage } from '@/features/job/WithheldPage';
import { ChecksPage } from '@/features/checks/ChecksPage';
import { WhyPage } from '@/features/checks/WhyPage';
import { FieldPage } from '@/features/heat/FieldPage';
import { HeatStop } from '@/features/heat/HeatStop';
import { JointStop } from '@/features/joint/JointStop';
import { LookStop } from '@/features/look/LookStop';
import { FamilyPage } from '@/features/metal/FamilyPage';
import { MetalStop } from '@/features/metal/MetalStop';
import { isFamily, isPlace, isTest } from '@/features/metal/places';
import { TestPage } from '@/features/metal/TestPage';
import { MixPage } from '@/features/mix/MixPage';
import { OrderStop } from '@/features/order/OrderStop';
import { MeasurePage } from '@/features/measure/MeasurePage';
import { NoArcPage } from '@/features/power/NoArcPage';
import { PowerStop } from '@/features/power/PowerStop';
import { ProcedurePage } from '@/features/procedure/ProcedurePage';
import { ByPage, isOtherArc } from '@/features/power/ByPage';
import { ProcessPage } from '@/features/power/ProcessPage';
import { QuickPage } from '@/features/quick/QuickPage';
import { BeadsPage } from '@/features/rod/BeadsPage';
import { RodsPage } from '@/features/rod/RodsPage';
import { RodStop } from '@/features/rod/RodStop';
import { TechniquePage } from '@/features/rod/TechniquePage';
import { RunsPage } from '@/features/rod/RunsPage';
import { ReportPage } from '@/features/run/ReportPage';
import { RunPage } from '@/features/run/RunPage';
import { PermitPage } from '@/features/sheet/PermitPage';
import { CodePage } from '@/features/sheet/CodePage';
import { SheetStop } from '@/features/sheet/SheetStop';
import { MetalNote } from '@/features/notes/MetalNote';
import { PastPage } from '@/features/notes/PastPage';
import { NotesPage } from '@/features/notes/NotesPage';
import { RodWordPage } from '@/features/notes/RodWordPage';
import { SchoolsPage } from '@/features/notes/SchoolsPage';
import { TruckPage } from '@/features/truck/TruckPage';
import { ComparePage } from '@/features/ways/ComparePage';
import { WaysPage } from '@/features/ways/WaysPage';
import type { OpenJob } from '@/state/useJob';
import { inJob } from '@/ui/goTo';
import { NotFound } from '@/ui/NotFound';

const PAGES: Record<(typeof STOPS)[number]['id'], ComponentType<{ open: OpenJob }>> = {
  look: LookStop,
  metal: MetalStop,
  joint: JointStop,
  power: PowerStop,
  rod: RodStop,
  heat: HeatStop,
  order: OrderStop,
  sheet: SheetStop,
};

/** Stops that say how it is set: nothing stands there under a stop, or on a metal that may hurt. */
const SETTING_STOPS: readonly string[] = ['rod', 'heat', 'order'];

/** Asides that tell no setting, or see to it themselves. */
const ALWAYS: readonly string[] = ['history', 'say', 'quick', 'measure', 'code'];

/** Pages of a job that are no stop on the way. */
const ASIDES: Readonly<Record<string, ComponentType<{ open: OpenJob }>>> = {
  history: HistoryPage,
  process: ProcessPage,
  'no-arc': NoArcPage,
  rods: RodsPage,
  beads: BeadsPage,
  runs: RunsPage,
  technique: TechniquePage,
  'heat-field': FieldPage,
  mix: MixPage,
  procedure: ProcedurePage,
  ways: WaysPage,
  say: SayPage,
  quick: QuickPage,
  checks: ChecksPage,
  permit: PermitPage,
  report: ReportPage,
  measure: MeasurePage,
  beside: ComparePage,
  code: CodePage,
};

/**
 * The work: a job or the notes it is looked up in (`notes/metals`, `notes/<metal>`, `notes/rod`, `notes/past`,
 * `notes/schools`), or what to load for
 * several jobs (`truck/list`). One route, so that one chunk carries what they
 * share and the list of jobs does not wait for it.
 */
export default function WorkRoute() {
  const { place, at } = useLocalSearchParams<{ place: string; at: string[] }>();
  const [first = '', ...rest] = at;
  switch (place) {
    case 'job':
      return <JobPages id={first} at={rest} />;
    case 'notes':
      return <Note name={first} />;
    case 'truck':
      return <TruckPage />;
    default:
      return <NotFound />;
  }
}

/** The notes: the metals, one of them, a rod's word, past work, or where welders disagree. */
function Note({ name }: { name: string }) {
  switch (name) {
    case 'metals':
      return <NotesPage />;
    case 'rod':
      return <RodWordPage />;
    case 'past':
      return <PastPage />;
    case 'schools':
      return <SchoolsPage />;
    default:
      return <MetalNote metal={name} />;
  }
}

/**
 * A job: one of its stops, a room of it opened (`room/<id>`), a test of a piece (`test/<piece>/<test>`), what a piece may be
 * (`family/<piece>/<metal>`), how a process is set for it (`process/<process>`), what a weld shows
 * (`why/<sign>`), the work itself (`run`), or one of its asides.
 */
function JobPages({ id, at }: { id: string; at: readonly string[] }) {
  const [where = '', what = '', which = ''] = at;
  if (where === 'room') {
    return (
      <JobFrame id={id} stop={null}>
        {(open) => <RoomPage open={open} roomId={what} />}
      </JobFrame>
    );
  }
  if (where === 'test' && isPlace(what) && isTest(which)) {
    return (
      <JobFrame key={`${id} ${what} ${which}`} id={id} stop={null}>
        {(open) => <TestPage open={open} place={what} test={which} />}
      </JobFrame>
    );
  }
  if (where === 'family' && isPlace(what) && isFamily(which)) {
    return (
      <JobFrame id={id} stop={null}>
        {(open) => <FamilyPage open={open} place={what} family={which} />}
      </JobFrame>
    );
  }
  if (where === 'process' && isOtherArc(what)) {
    return (
      <JobFrame key={`${id} ${what}`} id={id} stop={null}>
        {(open) => <ByPage open={open} process={what} />}
      </JobFrame>
    );
  }
  if (where === 'run') {
    return (
      <JobFrame id={id} stop={null} bare>
        {(open) => <RunPage open={open} />}
      </JobFrame>
    );
  }
  if (where === 'why') {
    return (
      <JobFrame id={id} stop={null}>
        {(open) =>
          open.assessment.withheld === null ? (
            <WhyPage key={what} open={open} shows={what} />
          ) : (
            <WithheldPage open={open} withheld={open.assessment.withheld} />
          )
        }
      </JobFrame>
    );
  }
  const Aside = ASIDES[where];
  if (Aside) {
    return (
      <JobFrame id={id} stop={null}>
        {(open) =>
          open.assessment.withheld !== null && !ALWAYS.includes(where) ? (
            <WithheldPage open={open} withheld={open.assessment.withheld} />
          ) : (
            <Aside open={open} />
          )
        }
      </JobFrame>
    );
  }
  const stop = STOPS.find((s) => s.id === where);
  if (!stop) return <Redirect href={inJob(id, 'look')} />;
  const Page = PAGES[stop.id];
  return (
    <JobFrame key={`${id} ${stop.id}`} id={id} stop={stop.id}>
      {(open) =>
        open.assessment.withheld !== null && SETTING_STOPS.includes(stop.id) ? (
          <WithheldPage open={open} withheld={open.assessment.withheld} />
        ) : (
          <Page open={open} />
        )
      }
    </JobFrame>
  );
}
