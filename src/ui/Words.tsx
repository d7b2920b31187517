import type { ReactNode } from 'react';
import { Text, type StyleProp, type TextStyle } from 'react-native';
import { unparted } from '@core/units/format';
import { inUnitsOf } from '@core/units/inUnitsOf';
import { usePalette } from './theme/theme';
import { useUnits } from './theme/units';
import { FONTS } from './theme/tokens';

const SIZES = {
  title: { fontFamily: FONTS.display, fontSize: 30, lineHeight: 34 },
  head: { fontFamily: FONTS.display, fontSize: 22, lineHeight: 26 },
  value: { fontFamily: FONTS.display, fontSize: 26, lineHeight: 30, fontVariant: ['tabular-nums'] },
  body: { fontFamily: FONTS.text, fontSize: 17, lineHeight: 23 },
  bold: { fontFamily: FONTS.textBold, fontSize: 17, lineHeight: 23 },
  small: { fontFamily: FONTS.text, fontSize: 15, lineHeight: 20 },
  label: { fontFamily: FONTS.text, fontSize: 14, lineHeight: 18 },
} as const satisfies Record<string, TextStyle>;

/** A word longer than its line is broken rather than cut; the web's own word for it, unknown to the typings. */
const BREAKS = { overflowWrap: 'break-word' } as unknown as TextStyle;

const LEVELS: Partial<Record<keyof typeof SIZES, number>> = { title: 1, head: 2 };

interface Props {
  as?: keyof typeof SIZES;
  tone?: 'ink' | 'quiet' | 'act' | 'danger';
  color?: string;
  style?: StyleProp<TextStyle>;
  testID?: string;
  live?: boolean;
  /** Written in metric, and told in what the welder reads. */
  metric?: boolean;
  /** So many lines at most. */
  most?: number;
  children: ReactNode;
}

/** All text of the app: one of seven sizes, one of four tones. Titles and heads are headings to a screen reader. */
export function Words({
  as = 'body',
  tone = 'ink',
  color,
  style,
  testID,
  live = false,
  metric = false,
  most,
  children,
}: Props) {
  const palette = usePalette();
  const units = useUnits();
  const text = typeof children === 'string' && metric ? inUnitsOf(children, units) : children;
  const tones = { ink: palette.ink, quiet: palette.ink2, act: palette.act, danger: palette.danger };
  const level = LEVELS[as];
  return (
    <Text
      testID={testID}
      style={[SIZES[as], BREAKS, { color: color ?? tones[tone] }, style]}
      {...(level === undefined ? {} : { role: 'heading' as const, 'aria-level': level })}
      {...(most === undefined ? {} : { numberOfLines: most })}
      {...(live ? { 'aria-live': 'polite' as const } : {})}
    >
      {typeof text === 'string' ? unparted(text) : text}
    </Text>
  );
}
