import { Text } from 'react-native-svg';
import { usePalette } from './theme/theme';
import { FONTS } from './theme/tokens';

/** Words in a picture, about their middle unless said otherwise. */
export function PictureText({
  x,
  y,
  children,
  size = 15,
  bold = false,
  color,
  anchor = 'middle',
}: {
  x: number;
  y: number;
  children: string;
  size?: number;
  bold?: boolean;
  /** Ink where it is left out. */
  color?: string;
  anchor?: 'start' | 'middle' | 'end';
}) {
  const palette = usePalette();
  return (
    <Text
      x={x}
      y={y}
      fill={color ?? palette.ink}
      fontSize={size}
      fontFamily={bold ? FONTS.textBold : FONTS.text}
      textAnchor={anchor}
    >
      {children}
    </Text>
  );
}
