import { memo, useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { RADIO_KEYS } from './radioKeys';
import { usePalette } from './theme/theme';
import { CORNER, SPACE, STROKE, TARGET } from './theme/tokens';
import { useStable } from './useStable';
import { Words } from './Words';

export interface Option<T extends string> {
  id: T;
  name: string;
  /** A second, smaller line. */
  note?: string;
  /** What it looks like, beside its name. */
  picture?: ReactNode;
}

interface Props<T extends string> {
  label: string;
  options: readonly Option<T>[];
  value: T | null;
  onPick: (id: T | null) => void;
  testID: string;
  /** One below the other instead of side by side. */
  stacked?: boolean;
  /** Three beside one another, each a picture over its name. */
  tiles?: boolean;
  /** Once picked or proposed, show only that, with a way to see the rest. */
  folds?: boolean;
  /** What the app would take, marked while nothing is picked. */
  proposed?: T | null;
}

/** One of a few. Pressing the picked one again clears it: blank is an answer too. */
export function Pick<T extends string>({
  label,
  options,
  value,
  onPick,
  testID,
  stacked = false,
  tiles = false,
  folds = false,
  proposed = null,
}: Props<T>) {
  const [unfolded, setUnfolded] = useState(false);
  const stands = value ?? (options.some(({ id }) => id === proposed) ? proposed : null);
  const folded = folds && stands !== null && !unfolded;
  const shown = folded ? options.filter(({ id }) => id === stands) : options;
  const pick = useStable((id: string) => {
    if (folded) return setUnfolded(true);
    setUnfolded(false);
    onPick(id === value ? null : (id as T));
  });
  return (
    <View
      style={{ gap: SPACE.xs }}
      role="radiogroup"
      aria-label={label}
      dataSet={folded ? { picked: testID } : undefined}
      {...RADIO_KEYS}
    >
      <Words as="label" tone="quiet">
        {label}
      </Words>
      <View
        style={{
          flexDirection: stacked ? 'column' : 'row',
          flexWrap: stacked ? 'nowrap' : 'wrap',
          gap: SPACE.s,
        }}
      >
        {shown.map((option) => (
          <Choice
            key={option.id}
            id={option.id}
            name={option.name}
            note={option.note}
            picture={option.picture}
            picked={option.id === value}
            hinted={value === null && option.id === proposed}
            folded={folded}
            tile={tiles && !folded}
            testID={`${testID}-${option.id}`}
            onPick={pick}
          />
        ))}
      </View>
    </View>
  );
}

interface ChoiceProps {
  id: string;
  name: string;
  note: string | undefined;
  picture: ReactNode;
  picked: boolean;
  hinted: boolean;
  folded: boolean;
  tile: boolean;
  testID: string;
  onPick: (id: string) => void;
}

/** One of them; drawn again only when what it shows has changed. */
const Choice = memo(function Choice({
  id,
  name,
  note,
  picture,
  picked,
  hinted,
  folded,
  tile,
  testID,
  onPick,
}: ChoiceProps) {
  const palette = usePalette();
  return (
    <Pressable
      testID={testID}
      role="radio"
      aria-checked={picked}
      onPress={() => onPick(id)}
      style={{
        minHeight: TARGET,
        minWidth: TARGET,
        maxWidth: '100%',
        justifyContent: 'center',
        ...(tile ? { width: '31%', flexGrow: 1 } : {}),
        paddingHorizontal: tile ? SPACE.xs : 14,
        paddingVertical: SPACE.xs,
        borderRadius: CORNER,
        borderWidth: STROKE,
        borderStyle: hinted ? 'dashed' : 'solid',
        borderColor: picked || hinted ? palette.ink : palette.line,
        backgroundColor: picked ? palette.ink : palette.surface,
      }}
    >
      <View
        style={{
          flexDirection: tile ? 'column' : 'row',
          alignItems: 'center',
          gap: tile ? SPACE.xs : SPACE.m,
        }}
      >
        {picture !== undefined && <View style={{ flexShrink: 0 }}>{picture}</View>}
        <View style={{ flexShrink: 1 }}>
          <Words
            as={tile ? 'small' : undefined}
            color={picked ? palette.ground : palette.ink}
            style={tile ? { textAlign: 'center' } : undefined}
          >
            {hinted ? `${name} (proposed)` : name}
          </Words>
          {folded && (
            <Words as="label" color={picked ? palette.line : palette.ink2}>
              press to change
            </Words>
          )}
          {note !== undefined && !tile && (
            <Words as="label" color={picked ? palette.line : palette.ink2}>
              {note}
            </Words>
          )}
        </View>
      </View>
    </Pressable>
  );
});
