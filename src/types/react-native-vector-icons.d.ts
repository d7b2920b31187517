// React Native Elements types its icons by a package the app leaves out: an icon font would cost a megabyte.
declare module 'react-native-vector-icons/Icon' {
  import type { PressableProps, StyleProp, TextProps, TextStyle } from 'react-native';

  export interface IconProps extends TextProps {
    name: string;
    size?: number;
    color?: string;
  }
  export interface IconButtonProps extends Omit<PressableProps, 'style' | 'children'> {
    name: string;
    size?: number;
    color?: string;
    iconStyle?: StyleProp<TextStyle>;
    backgroundColor?: string;
    borderRadius?: number;
  }
}
