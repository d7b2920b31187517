import { router } from 'expo-router';
import { useMemo, useState, type ReactNode } from 'react';
import { Modal, Pressable, ScrollView, View } from 'react-native';
import { leversFor } from '@core/plan/levers/levers';
import type { StopId } from '@core/plan/room';
import { speakLeft } from '@core/plan/speak';
import { hush, say, undoJob } from '@/state/store';
import { useJob, useLevers, type OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { LeverRow } from '@/ui/Lever';
import { RoomList, RoomStrip } from '@/ui/RoomStrip';
import { usePalette, useWide } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { TightestBar } from '@/ui/TightestBar';
import { Words } from '@/ui/Words';
import { useKeys } from './useKeys';

export const STOPS: readonly { id: StopId; name: string; key: string }[] = [
  { id: 'look', name: 'Look', key: 'L' },
  { id: 'metal', name: 'Metal', key: 'M' },
  { id: 'joint', name: 'Joint', key: 'J' },
  { id: 'power', name: 'Power', key: 'P' },
  { id: 'rod', name: 'Rod', key: 'R' },
  { id: 'sheet', name: 'Sheet', key: 'S' },
];

const openStop = (id: string, stop: StopId) =>
  router.replace({ pathname: '/job/[id]/[...at]', params: { id, at: [stop] } });
const openRoom = (id: string, room: string) =>
  router.push({ pathname: '/job/[id]/[...at]', params: { id, at: ['room', room] } });

interface Props {
  id: string;
  /** The stop shown; null on a page that belongs to no stop. */
  stop: StopId | null;
  children: (open: OpenJob) => ReactNode;
}

/** What stands round every stop: title, tightest room, the work, the strip, the way on. Wide: rail, work, rooms side by side. */
export function JobFrame({ id, stop, children }: Props) {
  const open = useJob(id);
  const wide = useWide();
  const palette = usePalette();
  if (!open) return <NoSuchJob />;
  const { rooms, tightest } = open.assessment;
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <Shortcuts open={open} />
      <TitleBar open={open} stop={stop} />
      {tightest && (
        <TightestBar room={tightest} system={open.system} onPress={() => openRoom(id, tightest.id)} />
      )}
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
            <RoomStrip rooms={rooms} system={open.system} onOpen={(room) => openRoom(id, room)} />
            <WayOn id={id} stop={stop} />
          </View>
        </>
      )}
    </View>
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

function TitleBar({ open, stop }: { open: OpenJob; stop: StopId | null }) {
  const palette = usePalette();
  const at = STOPS.findIndex(({ id }) => id === stop);
  const canUndo = open.history.length > 0;
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
        <Words as="label" color={palette.onBar}>
          {`${at + 1} of ${STOPS.length}`}
        </Words>
      )}
    </View>
  );
}

/** Keys for the stops and the commonest acts, and the list of them under "?". */
function Shortcuts({ open }: { open: OpenJob }) {
  const palette = usePalette();
  const [listed, setListed] = useState(false);
  const { id } = open.job;
  const { tightest } = open.assessment;
  const acts = useMemo(
    () => [
      ...STOPS.map((s) => ({ key: s.key, words: s.name, act: () => openStop(id, s.id) })),
      { key: 'T', words: 'Open the tightest room', act: () => tightest && openRoom(id, tightest.id) },
      { key: 'Z', words: 'Undo the last change', act: () => undoLast(open) },
      { key: 'A', words: 'All jobs', act: () => router.replace('/') },
      { key: '?', words: 'These keys', act: () => setListed((was) => !was) },
    ],
    [id, open, tightest],
  );
  const keys = useMemo(
    () => ({
      ...Object.fromEntries(acts.map(({ key, act }) => [key.toLowerCase(), act])),
      Escape: () => setListed(false),
    }),
    [acts],
  );
  useKeys(keys);
  if (!listed) return null;
  return (
    <Modal visible transparent animationType="none" onRequestClose={() => setListed(false)}>
      <Pressable
        aria-label="Close"
        style={{ flex: 1, justifyContent: 'center', alignItems: 'center', backgroundColor: '#000A' }}
        onPress={() => setListed(false)}
      >
        <View
          testID="keys"
          style={{ backgroundColor: palette.surface, padding: SPACE.xl, gap: SPACE.s, minWidth: 320 }}
        >
          <Words as="title">Keys</Words>
          {acts.map(({ key, words }) => (
            <View key={key} style={{ flexDirection: 'row', gap: SPACE.l }}>
              <Words as="head" style={{ width: 28 }}>
                {key}
              </Words>
              <Words>{words}</Words>
            </View>
          ))}
        </View>
      </Pressable>
    </Modal>
  );
}

function undoLast(open: OpenJob) {
  const last = open.history.at(-1);
  undoJob(open.job.id);
  if (last) say(`Undid: ${last.title}`, () => (undoJob(open.job.id), hush()));
}

/** Thumb row: the stop before, all stops, the stop after. */
function WayOn({ id, stop }: { id: string; stop: StopId | null }) {
  const palette = usePalette();
  const [listed, setListed] = useState(false);
  const at = STOPS.findIndex((s) => s.id === stop);
  const before = STOPS[at - 1];
  const after = STOPS[at + 1];
  return (
    <View style={{ backgroundColor: palette.bar, flexDirection: 'row', padding: SPACE.xs, gap: SPACE.xs }}>
      {at < 0 ? (
        <Act kind="bar" grow title="‹ Back" testID="back" onPress={() => goBack(id)} />
      ) : before ? (
        <Act
          kind="bar"
          grow
          title={`‹ ${before.name}`}
          testID="stop-before"
          onPress={() => openStop(id, before.id)}
        />
      ) : (
        <View style={{ flex: 1 }} />
      )}
      <Act kind="plain" title="All stops" testID="all-stops" onPress={() => setListed(true)} />
      {after && at >= 0 ? (
        <Act
          kind="bar"
          grow
          title={`${after.name} ›`}
          testID="stop-after"
          onPress={() => openStop(id, after.id)}
        />
      ) : (
        <View style={{ flex: 1 }} />
      )}
      <Modal visible={listed} transparent animationType="none" onRequestClose={() => setListed(false)}>
        <Pressable
          style={{ flex: 1, justifyContent: 'flex-end', backgroundColor: '#000A' }}
          onPress={() => setListed(false)}
        >
          <View style={{ backgroundColor: palette.ground, padding: SPACE.m, gap: SPACE.s }}>
            {STOPS.map((s) => (
              <Act
                key={s.id}
                title={s.name}
                kind={s.id === stop ? 'main' : 'plain'}
                testID={`stop-${s.id}`}
                onPress={() => {
                  setListed(false);
                  openStop(id, s.id);
                }}
              />
            ))}
          </View>
        </Pressable>
      </Modal>
    </View>
  );
}

/** Back where one came from; from a shared link, to the first stop. */
const goBack = (id: string) => (router.canGoBack() ? router.back() : openStop(id, 'look'));

/** Wide: the stops with their keys. */
function Rail({ id, stop }: { id: string; stop: StopId | null }) {
  const palette = usePalette();
  return (
    <View
      role="navigation"
      dataSet={{ noprint: 'true' }}
      style={{ width: 168, backgroundColor: palette.sunk, borderRightWidth: 1.5, borderColor: palette.line }}
    >
      {STOPS.map((s) => {
        const here = s.id === stop;
        return (
          <Pressable
            key={s.id}
            testID={`rail-${s.id}`}
            role="link"
            aria-current={here ? 'page' : undefined}
            onPress={() => openStop(id, s.id)}
            style={{
              minHeight: 52,
              paddingHorizontal: SPACE.l,
              flexDirection: 'row',
              alignItems: 'center',
              justifyContent: 'space-between',
              backgroundColor: here ? palette.bar : 'transparent',
            }}
          >
            <Words as="head" color={here ? palette.onBar : palette.ink}>
              {s.name}
            </Words>
            <Words as="label" color={here ? palette.onBar : palette.ink2}>
              {s.key}
            </Words>
          </Pressable>
        );
      })}
    </View>
  );
}

const LEVERS_SHOWN = 3;

/** Wide: the best levers of the tightest room, then every room. */
function Aside({ open }: { open: OpenJob }) {
  const palette = usePalette();
  const levers = useLevers(open);
  const { rooms, tightest } = open.assessment;
  const best = tightest ? leversFor(tightest.id, levers).slice(0, LEVERS_SHOWN) : [];
  return (
    <ScrollView
      role="complementary"
      dataSet={{ noprint: 'true' }}
      style={{
        flexGrow: 0,
        width: 380,
        backgroundColor: palette.sunk,
        borderLeftWidth: 1.5,
        borderColor: palette.line,
      }}
      contentContainerStyle={{ padding: SPACE.l, gap: SPACE.s }}
    >
      {tightest && best.length > 0 && (
        <>
          <Words as="head">{`What gives more room: ${tightest.title.toLowerCase()}`}</Words>
          {best.map((lever) => (
            <LeverRow
              key={lever.id}
              lever={lever}
              room={tightest}
              system={open.system}
              onPull={() => pull(open, lever.edits, lever.title)}
            />
          ))}
        </>
      )}
      {tightest && best.length === 0 && (
        <Words as="small" tone="quiet">
          {`Nothing in the kit gives ${tightest.title.toLowerCase()} more room${speakLeft(tightest, open.system) === null ? '' : ' than this'}.`}
        </Words>
      )}
      <Words as="head">Room</Words>
      <RoomList rooms={rooms} system={open.system} onOpen={(room) => openRoom(open.job.id, room)} />
    </ScrollView>
  );
}

/** Makes a lever's change, with a way back. */
export function pull(open: OpenJob, edits: Parameters<OpenJob['edit']>[0], title: string) {
  const typed = edits.map(({ path }) => ({ path: `typed.${path}`, value: undefined }));
  const stale = typed.filter(({ path }) => path.slice('typed.'.length) in open.job.typed);
  open.edit([...edits, ...stale], title);
  say(title, () => (undoJob(open.job.id), hush()));
}
