import { midSentence } from '../core/units/format';
import { View } from 'react-native';
import { Act } from './Act';
import { usePalette } from './theme/theme';
import { SPACE } from './theme/tokens';
import { Words } from './Words';

interface Props {
  words: string;
  /** What can be done about it: an undo, an export. */
  act?: { title: string; onPress: () => void } | undefined;
  /** None where it has to be seen until it is mended. */
  onClose?: () => void;
}

/** Something said once, with a way back where there is one. */
export function NoticeBar({ words, act, onClose }: Props) {
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
      {act && (
        <Act kind="bar" title={act.title} testID={`notice-${midSentence(act.title)}`} onPress={act.onPress} />
      )}
      {onClose && <Act kind="bar" title="Close" testID="notice-close" onPress={onClose} />}
    </View>
  );
}
