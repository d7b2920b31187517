import type { ReactNode } from 'react';
import { View } from 'react-native';
import { SPACE } from './theme/tokens';

/** Fields side by side where there is room. */
export const FieldRow = ({ children }: { children: ReactNode }) => (
  <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m }}>{children}</View>
);
