import { router } from 'expo-router';
import type { ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { Act } from './Act';
import { usePalette } from './theme/theme';
import { SPACE } from './theme/tokens';
import { Words } from './Words';

interface Props {
  title: string;
  /** Test id of the way back. */
  backID: string;
  gap?: number;
  /** Nothing on it can be pressed: the page itself takes the focus, so that keys can roll it. */
  onlyRead?: boolean;
  children: ReactNode;
}

/** What stands round a page that belongs to no job: the way back, its name, and the work. */
export function PageFrame({ title, backID, gap = SPACE.l, onlyRead = false, children }: Props) {
  const palette = usePalette();
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <View
        style={{ backgroundColor: palette.bar, flexDirection: 'row', alignItems: 'center', minHeight: 56 }}
      >
        <Act
          kind="bar"
          title="‹ Back"
          testID={backID}
          onPress={() => (router.canGoBack() ? router.back() : router.replace('/'))}
        />
        <Words as="head" color={palette.onBar}>
          {title}
        </Words>
      </View>
      <ScrollView
        role="main"
        {...(onlyRead ? { tabIndex: 0 as const, 'aria-label': title } : {})}
        contentContainerStyle={{ padding: SPACE.m, gap, maxWidth: 900 }}
      >
        {children}
      </ScrollView>
    </View>
  );
}
