import { memo } from 'react';
import { RneButton } from './kit';
import { usePalette } from './theme/theme';
import { FONTS, TARGET } from './theme/tokens';
import { useStable } from './useStable';

interface Props {
  title: string;
  onPress: () => void;
  kind?: 'main' | 'plain' | 'danger' | 'bar';
  /** Said by a screen reader in place of the title. */
  label?: string;
  disabled?: boolean;
  testID?: string;
  grow?: boolean;
  square?: boolean;
  align?: 'center' | 'left';
}

/** Something to press: never smaller than a glove needs. */
export function Act({ onPress, ...looks }: Props) {
  return <Button {...looks} onPress={useStable(onPress)} />;
}

const Button = memo(function Button({
  title,
  onPress,
  kind = 'plain',
  label,
  disabled,
  testID,
  grow,
  square,
  align = 'center',
}: Props) {
  const palette = usePalette();
  const looks = {
    main: { back: palette.act, edge: palette.act, text: palette.onAct },
    plain: { back: palette.surface, edge: palette.ink, text: palette.ink },
    danger: { back: palette.surface, edge: palette.danger, text: palette.danger },
    bar: { back: palette.bar, edge: palette.bar, text: palette.onBar },
  }[kind];
  return (
    <RneButton
      title={title}
      onPress={onPress}
      disabled={disabled}
      testID={testID}
      accessibilityLabel={label}
      containerStyle={grow ? { flexGrow: 1, flexShrink: 1, flexBasis: 0 } : undefined}
      buttonStyle={{
        backgroundColor: looks.back,
        borderColor: looks.edge,
        justifyContent: align === 'left' ? 'flex-start' : 'center',
        ...(square ? { width: TARGET, paddingHorizontal: 0 } : {}),
      }}
      titleStyle={{ color: looks.text, fontFamily: FONTS.display, fontSize: 20, textAlign: align }}
      disabledStyle={{ backgroundColor: palette.sunk, borderColor: palette.line }}
      disabledTitleStyle={{ color: palette.ink2 }}
    />
  );
});
