import { useState } from 'react';
import { Modal, Pressable, ScrollView, View } from 'react-native';
import type { StopId } from '@core/judge';
import { Act } from '@/ui/Act';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { goBackOr, openStop } from '@/ui/goTo';
import { STOPS } from './stops';

/** Thumb row: the stop before, all stops, the stop after. */
export function WayOn({ id, stop }: { id: string; stop: StopId | null }) {
  const palette = usePalette();
  const [listed, setListed] = useState(false);
  const at = STOPS.findIndex((s) => s.id === stop);
  const before = STOPS[at - 1];
  const after = STOPS[at + 1];
  return (
    <View
      style={{
        backgroundColor: palette.bar,
        flexDirection: 'row',
        flexWrap: 'wrap',
        justifyContent: 'space-between',
        padding: SPACE.xs,
        gap: SPACE.xs,
      }}
    >
      {at < 0 ? (
        <Act kind="bar" grow title="‹ Back" testID="back" onPress={() => goBackOr(id, 'look')} />
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
          <ScrollView
            style={{ flexGrow: 0, backgroundColor: palette.ground }}
            contentContainerStyle={{ padding: SPACE.m, gap: SPACE.s }}
          >
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
          </ScrollView>
        </Pressable>
      </Modal>
    </View>
  );
}
