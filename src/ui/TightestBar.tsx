import { Pressable, useWindowDimensions, View } from 'react-native';
import { type Room } from '@core/plan';
import { speakGap, speakLeft, speakState } from '@core/judge';
import type { UnitSystem } from '@core/units/kinds';
import { Jaws } from './Jaws';
import { openingOf, saidRoom } from './roomWords';
import { usePalette } from './theme/theme';
import { SPACE } from './theme/tokens';
import { Words } from './Words';

/** The tightest room of the job, across the top of every stop. Pressed, it opens its reasons and levers. */
export function TightestBar({
  room,
  system,
  onPress,
}: {
  room: Room;
  system: UnitSystem;
  onPress: () => void;
}) {
  const palette = usePalette();
  const { width } = useWindowDimensions();
  const color = palette.state[room.state];
  const left = speakLeft(room, system);
  return (
    <Pressable
      onPress={onPress}
      testID="tightest"
      role="button"
      aria-label={`Tightest. ${saidRoom(room, system)}`}
      style={{ backgroundColor: palette.surface, borderBottomWidth: 1.5, borderColor: palette.line }}
    >
      <Jaws id="tightest" fraction={openingOf(room)} state={room.state} width={width} height={30} />
      <View style={{ paddingHorizontal: SPACE.l, paddingTop: SPACE.xs, paddingBottom: SPACE.s }}>
        <View style={{ flexDirection: 'row', justifyContent: 'space-between', gap: SPACE.m }}>
          <Words as="label" tone="quiet" style={{ flexShrink: 1 }}>
            {room.now}
          </Words>
          <Words as="label" tone="quiet" style={{ flexShrink: 1, textAlign: 'right' }}>
            {room.until}
          </Words>
        </View>
        <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: SPACE.s, flexWrap: 'wrap' }}>
          <Words as="title" color={color} testID="tightest-left">
            {left ?? room.title}
          </Words>
          <Words as="body" color={color} style={{ flexShrink: 1 }}>
            {`${speakGap(room)} · ${speakState(room)}`}
          </Words>
        </View>
      </View>
    </Pressable>
  );
}
