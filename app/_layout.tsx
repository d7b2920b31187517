import { AtkinsonHyperlegible_400Regular } from '@expo-google-fonts/atkinson-hyperlegible/400Regular';
import { AtkinsonHyperlegible_700Bold } from '@expo-google-fonts/atkinson-hyperlegible/700Bold';
import { BarlowCondensed_600SemiBold } from '@expo-google-fonts/barlow-condensed/600SemiBold';
import { useFonts } from 'expo-font';
import { Slot } from 'expo-router';
import { useEffect } from 'react';
import { View } from 'react-native';
import { askToStay, saveEverything } from '@/state/files';
import { keepOffline } from '@/state/offline';
import { boot, followOtherTabs, dismissNotice, isOwing, useApp } from '@/state/store';
import { useTinReminder } from '@/state/useTinReminder';
import { NoticeBar } from '@/ui/NoticeBar';
import { Theme } from '@/ui/theme/theme';
import { Units } from '@/ui/theme/units';

/** What stands under every route: fonts, stored data, theme, and what has to be said. */
export default function RootLayout() {
  const [fontsReady] = useFonts({
    AtkinsonHyperlegible_400Regular,
    AtkinsonHyperlegible_700Bold,
    BarlowCondensed_600SemiBold,
  });
  const ready = useApp((state) => state.ready);
  const notice = useApp((state) => state.notice);
  const saveProblem = useApp((state) => state.saveProblem);
  const { theme, system } = useApp((state) => state.settings);
  const reminder = useTinReminder();
  useEffect(() => {
    void boot().then(askToStay);
    void keepOffline();
    const stopFollowing = followOtherTabs();
    // Closed while something is not on disk yet, the browser asks first.
    const ask = (event: BeforeUnloadEvent) => {
      if (isOwing() && useApp.getState().saveProblem !== null) event.preventDefault();
    };
    window.addEventListener?.('beforeunload', ask);
    return () => {
      stopFollowing();
      window.removeEventListener?.('beforeunload', ask);
    };
  }, []);
  if (!ready || !fontsReady) return null;
  return (
    <Theme name={theme}>
      <View style={{ flex: 1 }}>
        <Units value={system}>
          <Slot />
        </Units>
        {saveProblem !== null && (
          <NoticeBar words={saveProblem} act={{ title: 'Export', onPress: saveEverything }} />
        )}
        {reminder && <NoticeBar words={reminder.words} onClose={reminder.close} />}
        {notice !== null && (
          <NoticeBar
            words={notice.words}
            act={notice.undo && { title: 'Undo', onPress: notice.undo }}
            onClose={dismissNotice}
          />
        )}
      </View>
    </Theme>
  );
}
