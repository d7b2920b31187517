import { Pressable, ScrollView, View } from 'react-native';
import type { Room } from '@core/plan/room';
import { speakState } from '@core/plan/speak';
import type { UnitSystem } from '@core/units/kinds';
import { Jaws } from './Jaws';
import { openingOf, saidRoom, shortRoom } from './roomWords';
import { usePalette } from './theme/theme';
import { SPACE } from './theme/tokens';
import { Words } from './Words';

interface Props {
  rooms: readonly Room[];
  system: UnitSystem;
  onOpen: (roomId: string) => void;
}

/** Every room as a small pair of jaws at the thumb, tightest first. */
export function RoomStrip({ rooms, system, onOpen }: Props) {
  const palette = usePalette();
  return (
    <ScrollView
      horizontal
      showsHorizontalScrollIndicator={false}
      style={{ flexGrow: 0, backgroundColor: palette.sunk, borderTopWidth: 1.5, borderColor: palette.line }}
      contentContainerStyle={{ paddingHorizontal: SPACE.s }}
    >
      {rooms.map((room) => (
        <Pressable
          key={room.id}
          testID={`strip-${room.id}`}
          role="button"
          aria-label={saidRoom(room, system)}
          onPress={() => onOpen(room.id)}
          style={{ width: 84, height: 72, paddingHorizontal: 6, justifyContent: 'center', gap: 2 }}
        >
          <Words as="label">{room.short}</Words>
          <Jaws
            id={`strip-${room.id}`}
            fraction={openingOf(room)}
            state={room.state}
            width={72}
            height={16}
          />
          <Words as="label" color={palette.state[room.state]} style={{ fontVariant: ['tabular-nums'] }}>
            {shortRoom(room, system)}
          </Words>
        </Pressable>
      ))}
    </ScrollView>
  );
}

/** The same rooms as a list, for a wide screen. */
export function RoomList({ rooms, system, onOpen }: Props) {
  const palette = usePalette();
  return (
    <View>
      {rooms.map((room) => (
        <Pressable
          key={room.id}
          testID={`list-${room.id}`}
          role="button"
          aria-label={saidRoom(room, system)}
          onPress={() => onOpen(room.id)}
          style={{
            minHeight: 48,
            flexDirection: 'row',
            alignItems: 'center',
            gap: SPACE.m,
            borderBottomWidth: 1,
            borderColor: palette.line,
          }}
        >
          <Words as="small" style={{ width: 104 }}>
            {room.title}
          </Words>
          <Jaws id={`list-${room.id}`} fraction={openingOf(room)} state={room.state} width={96} height={18} />
          <View style={{ flex: 1, alignItems: 'flex-end' }}>
            <Words as="bold" color={palette.state[room.state]}>
              {shortRoom(room, system)}
            </Words>
            <Words as="label" tone="quiet">
              {speakState(room)}
            </Words>
          </View>
        </Pressable>
      ))}
    </View>
  );
}
