import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { usePalette } from './theme/theme';
import { CORNER, FONTS, SPACE, TARGET } from './theme/tokens';
import { Words } from './Words';

interface Props {
  value: string;
  onChange: (text: string) => void;
  label: string;
  placeholder?: string;
  testID?: string;
  invalid?: boolean;
  /** Several lines of plain words rather than one short value. */
  prose?: boolean;
  /** Most characters that are kept; what is typed beyond stays on the page, with a word. */
  most?: number;
  /** It has to have a name: left empty, the one it had stays, with a word. */
  needed?: boolean;
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
  most,
  needed = false,
  onFocus,
  onBlur,
}: Props) {
  const palette = usePalette();
  // What cannot be kept as it stands is still shown, so that it can be mended rather than typed again.
  const [draft, setDraft] = useState<string | null>(null);
  const shown = draft ?? value;
  const problem = draft === null ? null : draftProblem(draft, value, most);
  const take = (text: string) => {
    const isLong = most !== undefined && text.length > most;
    const isEmpty = needed && text.trim() === '';
    setDraft(isLong || isEmpty ? text : null);
    if (!isEmpty) onChange(isLong ? text.slice(0, most) : text);
  };
  const isWrong = invalid === true || problem !== null;
  const entry = (
    <TextInput
      value={shown}
      onChangeText={take}
      aria-label={label}
      aria-invalid={isWrong}
      placeholder={placeholder === undefined ? undefined : `such as ${placeholder}`}
      placeholderTextColor={palette.ink2}
      testID={testID}
      onFocus={onFocus}
      onBlur={() => {
        if (needed && shown.trim() === '') setDraft(null);
        onBlur?.();
      }}
      multiline={prose}
      autoComplete="off"
      autoCorrect={prose}
      spellCheck={false}
      style={{
        minHeight: prose ? 76 : TARGET,
        minWidth: 0,
        width: '100%',
        paddingHorizontal: SPACE.m,
        paddingVertical: prose ? SPACE.s : 0,
        borderRadius: CORNER,
        borderWidth: isWrong ? 2.5 : 1.5,
        borderColor: isWrong ? palette.danger : palette.ink2,
        backgroundColor: palette.surface,
        color: palette.ink,
        fontFamily: prose ? FONTS.text : FONTS.display,
        fontSize: prose ? 17 : 22,
      }}
    />
  );
  if (most === undefined && !needed) return entry;
  return (
    <View style={{ gap: SPACE.xs }}>
      {entry}
      {problem !== null && (
        <Words as="label" tone="danger" testID={testID === undefined ? undefined : `${testID}-limit`} live>
          {problem}
        </Words>
      )}
    </View>
  );
}

/** What is wrong with a text that cannot be kept as it stands. */
const draftProblem = (draft: string, value: string, most: number | undefined): string =>
  draft.trim() === ''
    ? `Type a name. Until then it stays "${value}".`
    : `${most ?? 0} characters at most: ${draft.length - (most ?? 0)} too many. Shorten it; the first ${most ?? 0} are kept.`;
