import { TextInput } from 'react-native';
import { usePalette } from './theme/theme';
import { CORNER, FONTS, SPACE, TARGET } from './theme/tokens';

interface Props {
  value: string;
  onChange: (text: string) => void;
  label: string;
  placeholder?: string;
  testID?: string;
  invalid?: boolean;
  /** Several lines of plain words rather than one short value. */
  prose?: boolean;
  onFocus?: () => void;
  onBlur?: () => void;
}

/** A line to type on. */
export function Entry({
  value,
  onChange,
  label,
  placeholder,
  testID,
  invalid,
  prose,
  onFocus,
  onBlur,
}: Props) {
  const palette = usePalette();
  return (
    <TextInput
      value={value}
      onChangeText={onChange}
      aria-label={label}
      aria-invalid={invalid}
      placeholder={placeholder === undefined ? undefined : `such as ${placeholder}`}
      placeholderTextColor={palette.ink2}
      testID={testID}
      onFocus={onFocus}
      onBlur={onBlur}
      multiline={prose}
      autoComplete="off"
      autoCorrect={prose}
      spellCheck={false}
      style={{
        minHeight: prose ? 76 : TARGET,
        paddingHorizontal: SPACE.m,
        paddingVertical: prose ? SPACE.s : 0,
        borderRadius: CORNER,
        borderWidth: invalid ? 2.5 : 1.5,
        borderColor: invalid ? palette.danger : palette.ink2,
        backgroundColor: palette.surface,
        color: palette.ink,
        fontFamily: prose ? FONTS.text : FONTS.display,
        fontSize: prose ? 17 : 22,
      }}
    />
  );
}
