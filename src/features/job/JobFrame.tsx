import { router } from 'expo-router';
import type { ReactNode } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import type { StopId } from '@core/judge';
import { useJob, type OpenJob } from '@/state/useJob';
import { jobKey } from '@/state/keys';
import { useApp } from '@/state/store';
import { useFieldReader } from '@/state/useFieldReader';
import { useWorth } from '@/state/useWorth';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { InstrumentsHere } from '@/ui/FromInstrument';
import { RoomStrip } from '@/ui/RoomStrip';
import { usePalette, useWide } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { TightestBar } from '@/ui/TightestBar';
import { Words } from '@/ui/Words';
import { openRoom } from '@/ui/goTo';
import { undoLast } from './acts';
import { Aside } from './Aside';
import { Rail } from './Rail';
import { Shortcuts } from './Shortcuts';
import { STOPS } from './stops';
import { WayOn } from './WayOn';

interface Props {
  id: string;
  /** The stop shown; null on a page that belongs to no stop. */
  stop: StopId | null;
  /** Nothing round it but the title: the page fills the rest. */
  bare?: boolean;
  children: (open: OpenJob) => ReactNode;
}

/** Below so much height, as on a small phone lying down or with type twice as large, the bars roll with the work. */
const SHORT_px = 560;

/** What stands round every stop: title, tightest room, the work, the strip, the way on. Wide: rail, work, rooms side by side. */
export function JobFrame(props: Props) {
  return (
    <InstrumentsHere.Provider value={useFieldReader}>
      <Framed {...props} />
    </InstrumentsHere.Provider>
  );
}

function Framed(props: Props) {
  const { id, stop, bare = false, children } = props;
  const open = useJob(id);
  const palette = usePalette();
  if (!open) return <NoSuchJob />;
  if (!bare) return <WithRooms {...props} judged={open} />;
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <TitleBar open={open} stop={stop} undoes={false} />
      {children(open)}
    </View>
  );
}

function WithRooms({ id, stop, children, judged }: Props & { judged: OpenJob }) {
  const wide = useWide();
  const palette = usePalette();
  const { height } = useWindowDimensions();
  const worth = useWorth(judged, stop !== null && stop !== 'sheet' && stop !== 'metal');
  const open = { ...judged, worth };
  const { rooms, tightest } = open.assessment;
  const top = (
    <>
      <TitleBar open={open} stop={stop} />
      <ReadOnly id={id} />
      {tightest && (
        <TightestBar room={tightest} system={open.system} onPress={() => openRoom(id, tightest.id)} />
      )}
    </>
  );
  const strip = <RoomStrip rooms={rooms} system={open.system} onOpen={(room) => openRoom(id, room)} />;
  if (height < SHORT_px && !wide)
    return (
      <View style={{ flex: 1, backgroundColor: palette.ground }}>
        <Shortcuts open={open} />
        <ScrollView style={{ flex: 1 }}>
          {top}
          <View role="main" style={{ padding: SPACE.m, gap: SPACE.l }}>
            {children(open)}
          </View>
          <View dataSet={{ noprint: 'true' }}>{strip}</View>
        </ScrollView>
        <View dataSet={{ noprint: 'true' }}>
          <WayOn id={id} stop={stop} />
        </View>
      </View>
    );
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <Shortcuts open={open} />
      {top}
      {wide ? (
        <View style={{ flex: 1, flexDirection: 'row' }}>
          <Rail id={id} stop={stop} />
          <ScrollView
            role="main"
            style={{ flex: 1 }}
            contentContainerStyle={{ padding: SPACE.xl, gap: SPACE.l, maxWidth: 820 }}
          >
            {children(open)}
          </ScrollView>
          <Aside open={open} />
        </View>
      ) : (
        <>
          <ScrollView
            role="main"
            style={{ flex: 1 }}
            contentContainerStyle={{ padding: SPACE.m, gap: SPACE.l, paddingBottom: 40 }}
          >
            {children(open)}
          </ScrollView>
          <View dataSet={{ noprint: 'true' }}>
            {strip}
            <WayOn id={id} stop={stop} />
          </View>
        </>
      )}
    </View>
  );
}

/** A job of a newer app is read here, not changed. */
function ReadOnly({ id }: { id: string }) {
  const isNewer = useApp((state) => Object.hasOwn(state.newer, jobKey(id)));
  if (!isNewer) return null;
  return (
    <Card tone="danger" testID="read-only">
      <Words as="small">
        A newer version of this app wrote this job: it can be read here, not changed. Load the page again for
        the newer version.
      </Words>
    </Card>
  );
}

function NoSuchJob() {
  return (
    <View style={{ flex: 1, padding: SPACE.xl, gap: SPACE.l }}>
      <Words as="title">No such job here</Words>
      <Words>
        It may have been deleted, or the link is from another phone. Jobs stay on the phone they were made on
        until exported.
      </Words>
      <Act kind="main" title="All jobs" onPress={() => router.replace('/')} />
    </View>
  );
}

interface TitleProps {
  open: OpenJob;
  stop: StopId | null;
  /** Not at the work: a slip of a glove would take back something of the plan. */
  undoes?: boolean;
}

function TitleBar({ open, stop, undoes = true }: TitleProps) {
  const palette = usePalette();
  const at = STOPS.findIndex(({ id }) => id === stop);
  const canUndo = undoes && open.history.length > 0;
  return (
    <View
      dataSet={{ noprint: 'true' }}
      style={{
        backgroundColor: palette.bar,
        flexDirection: 'row',
        alignItems: 'center',
        minHeight: 52,
        paddingRight: SPACE.s,
      }}
    >
      <Act kind="bar" title="Jobs" testID="to-jobs" label="All jobs" onPress={() => router.replace('/')} />
      <Words color={palette.onBar} style={{ flex: 1 }}>
        {open.job.title || 'Untitled job'}
      </Words>
      {canUndo && (
        <Act
          kind="bar"
          title="Undo"
          testID="undo"
          label="Undo the last change"
          onPress={() => undoLast(open)}
        />
      )}
      {at >= 0 && (
        <Words as="label" color={palette.onBar} style={{ marginLeft: SPACE.s }}>
          {`${at + 1} of ${STOPS.length}`}
        </Words>
      )}
    </View>
  );
}
