import { router } from 'expo-router';
import type { ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { Act } from '@/ui/Act';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** What stands round every page of the notes. */
export function NotesFrame({ children }: { children: ReactNode }) {
  const palette = usePalette();
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <View
        style={{ backgroundColor: palette.bar, flexDirection: 'row', alignItems: 'center', minHeight: 56 }}
      >
        <Act
          kind="bar"
          title="‹ Back"
          testID="notes-back"
          onPress={() => (router.canGoBack() ? router.back() : router.replace('/'))}
        />
        <Words as="head" color={palette.onBar}>
          Notes
        </Words>
      </View>
      <ScrollView role="main" contentContainerStyle={{ padding: SPACE.m, gap: SPACE.m, maxWidth: 900 }}>
        {children}
      </ScrollView>
    </View>
  );
}
