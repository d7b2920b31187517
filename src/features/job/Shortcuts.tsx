import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { Modal, Pressable, View } from 'react-native';
import type { OpenJob } from '@/state/useJob';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { openRoom, openStop } from '@/ui/goTo';
import { undoLast } from './acts';
import { STOPS } from './stops';
import { useKeys } from '@/ui/useKeys';

/** Keys for the stops and the commonest acts, and the list of them under "?". */
export function Shortcuts({ open }: { open: OpenJob }) {
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
