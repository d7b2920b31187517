import { memo } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import type { RoomState } from '@core/judge';
import { type Room } from '@core/plan';
import { speakState } from '@core/judge';
import type { UnitSystem } from '@core/units/kinds';
import { Jaws } from './Jaws';
import { openingOf, saidRoom, shortRoom } from './roomWords';
import { usePalette } from './theme/theme';
import { SPACE } from './theme/tokens';
import { useStable } from './useStable';
import { Words } from './Words';

interface Props {
  rooms: readonly Room[];
  system: UnitSystem;
  onOpen: (roomId: string) => void;
}

/** Every room as a small pair of jaws at the thumb, tightest first. */
export function RoomStrip({ rooms, system, onOpen }: Props) {
  const palette = usePalette();
  const open = useStable(onOpen);
  return (
    <ScrollView
      horizontal
      showsHorizontalScrollIndicator={false}
      style={{ flexGrow: 0, backgroundColor: palette.sunk, borderTopWidth: 1.5, borderColor: palette.line }}
      contentContainerStyle={{ paddingHorizontal: SPACE.s }}
    >
      {rooms.map((room) => (
        <StripItem
          key={room.id}
          id={room.id}
          short={room.short}
          said={saidRoom(room, system)}
          left={shortRoom(room, system)}
          opening={openingOf(room)}
          state={room.state}
          onOpen={open}
        />
      ))}
    </ScrollView>
  );
}

interface ItemProps {
  id: string;
  short: string;
  said: string;
  left: string;
  opening: number | null;
  state: RoomState;
  onOpen: (roomId: string) => void;
}

/** One room of the strip; drawn again only when what it shows has changed. */
const StripItem = memo(function StripItem({ id, short, said, left, opening, state, onOpen }: ItemProps) {
  const palette = usePalette();
  return (
    <Pressable
      testID={`strip-${id}`}
      role="button"
      aria-label={said}
      onPress={() => onOpen(id)}
      style={{ width: 94, height: 72, paddingHorizontal: 6, justifyContent: 'center', gap: 2 }}
    >
      <Words as="label">{short}</Words>
      <Jaws id={`strip-${id}`} fraction={opening} state={state} width={72} height={16} />
      <Words as="label" color={palette.state[state]} style={TABULAR}>
        {left}
      </Words>
    </Pressable>
  );
});

const TABULAR = { fontVariant: ['tabular-nums' as const] };

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
            {shortRoom(room, system) !== speakState(room) && (
              <Words as="label" tone="quiet">
                {speakState(room)}
              </Words>
            )}
          </View>
        </Pressable>
      ))}
    </View>
  );
}
