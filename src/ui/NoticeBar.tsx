import { View } from 'react-native';
import { Act } from './Act';
import { usePalette } from './theme/theme';
import { SPACE } from './theme/tokens';
import { Words } from './Words';

interface Props {
  words: string;
  onUndo?: () => void;
  onClose: () => void;
}

/** Something said once, with a way back where there is one. */
export function NoticeBar({ words, onUndo, onClose }: Props) {
  const palette = usePalette();
  return (
    <View
      testID="notice"
      role="status"
      style={{
        backgroundColor: palette.bar,
        flexDirection: 'row',
        alignItems: 'center',
        gap: SPACE.s,
        paddingHorizontal: SPACE.l,
        paddingVertical: SPACE.xs,
      }}
    >
      <Words color={palette.onBar} style={{ flex: 1 }}>
        {words}
      </Words>
      {onUndo && <Act kind="bar" title="Undo" testID="notice-undo" onPress={onUndo} />}
      <Act kind="bar" title="Close" testID="notice-close" onPress={onClose} />
    </View>
  );
}
