import { Pressable, View } from 'react-native';
import type { StopId } from '@core/judge';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { openStop } from '@/ui/goTo';
import { STOPS } from './stops';

/** Wide: the stops with their keys. */
export function Rail({ id, stop }: { id: string; stop: StopId | null }) {
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
