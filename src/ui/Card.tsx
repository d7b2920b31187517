import type { ReactNode } from 'react';
import { View, type StyleProp, type ViewStyle } from 'react-native';
import { usePalette } from './theme/theme';
import { CORNER, SPACE, STROKE } from './theme/tokens';

interface Props {
  children: ReactNode;
  tone?: 'plain' | 'danger' | 'sunk';
  style?: StyleProp<ViewStyle>;
  testID?: string;
}

/** A plate that holds one thing. */
export function Card({ children, tone = 'plain', style, testID }: Props) {
  const palette = usePalette();
  return (
    <View
      testID={testID}
      style={[
        {
          backgroundColor: tone === 'sunk' ? palette.sunk : palette.surface,
          borderColor: tone === 'danger' ? palette.danger : palette.line,
          borderWidth: STROKE,
          borderRadius: CORNER,
          padding: SPACE.m,
          gap: SPACE.s,
        },
        style,
      ]}
    >
      {children}
    </View>
  );
}
