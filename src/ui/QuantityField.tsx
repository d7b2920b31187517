import { useState } from 'react';
import { View } from 'react-native';
import { numberField, readField, steppedValue, type NumberPath } from '@core/formats/fields';
import { LONGEST } from '@core/formats/limits';
import { formatBoth, formatQuantity } from '@core/units/format';
import { SIZE, type UnitSystem } from '@core/units/kinds';
import { Act } from './Act';
import { Entry } from './Entry';
import { SPACE } from './theme/tokens';
import { Words } from './Words';

interface Props {
  path: NumberPath;
  label?: string | undefined;
  value: number | null;
  /** What was typed last, word for word. */
  typed: string | undefined;
  system: UnitSystem;
  onType: (text: string) => void;
  /** A message about the value from outside: it does not fit the others. */
  problem?: string;
  /** What the app takes while this is blank. */
  proposed?: string;
  testID?: string;
  /** Buttons beside it that step the value, for a glove; left out only where bigger ones stand near. */
  steppers?: boolean;
}

/** Never wider than what it stands in, however small the screen or large the type. */
const WITHIN = { flexShrink: 1, minWidth: 0, maxWidth: '100%' } as const;

/** Typed just as it was read, it is not said again; its line stays, so that nothing jumps. */
const NOTHING_NEW = '\u00A0';

/** Sizes up to here are spoken of in gauges and fractions too, and their example says so. */
const GAUGED_mm = 20;

/**
 * A number as spoken: any unit, fraction or gauge. What is typed is kept word for word at every key; below it stands how it
 * was read, or what to type instead.
 */
export function QuantityField({
  path,
  label,
  value,
  typed,
  system,
  onType,
  problem,
  proposed,
  testID = path,
  steppers = true,
}: Props) {
  const [editing, setEditing] = useState(false);
  const spec = numberField(path);
  const text = shownText(path, value, typed, system);
  const read = text.trim() === '' ? null : readField(path, text, system);
  const message = problem ?? (read && !read.ok ? read.message : null);
  const name = label ?? spec.label;
  const echo = value === null ? (proposed ?? 'blank: not known') : formatBoth(value, spec.kind, system);
  const step = (direction: 1 | -1) =>
    onType(formatQuantity(steppedValue(path, value, direction, system), spec.kind, system));
  return (
    <View style={{ ...WITHIN, flexGrow: 1, flexBasis: steppers ? 300 : 150, gap: SPACE.xs }}>
      <Words as="label" tone="quiet">
        {name}
      </Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        <View style={{ flexGrow: 1, flexShrink: 1, flexBasis: 120 }}>
          <Entry
            value={text}
            onChange={onType}
            label={name}
            most={LONGEST.typed}
            placeholder={
              spec.kind === SIZE && spec.usual < GAUGED_mm
                ? spec.kind.example[system].split(/,| or /)[0]
                : formatQuantity(spec.usual, spec.kind, system)
            }
            testID={testID}
            invalid={message !== null && !editing}
            onFocus={() => setEditing(true)}
            onBlur={() => setEditing(false)}
          />
        </View>
        {steppers && (
          <>
            <Act
              square
              title="−"
              label={`${name}, less`}
              testID={`${testID}-less`}
              onPress={() => step(-1)}
            />
            <Act square title="+" label={`${name}, more`} testID={`${testID}-more`} onPress={() => step(1)} />
          </>
        )}
      </View>
      <Words
        as="label"
        tone={message !== null && !editing ? 'danger' : 'quiet'}
        testID={`${testID}-says`}
        live
      >
        {message ?? (echo === text.trim() ? NOTHING_NEW : echo)}
      </Words>
    </View>
  );
}

/** Two readings nearer than this are the same entry: a gauge table rounds. */
const SAME_SHARE = 1e-4;

/** What was typed, word for word; but once it would be read as another value (the units were switched), the value in today's units. */
function shownText(
  path: NumberPath,
  value: number | null,
  typed: string | undefined,
  system: UnitSystem,
): string {
  if (value === null) return typed ?? '';
  const read = typed === undefined ? null : readField(path, typed, system);
  const stillMeansIt =
    read?.ok === true && Math.abs(read.value.value - value) <= SAME_SHARE * Math.max(1, Math.abs(value));
  return stillMeansIt && typed !== undefined ? typed : formatQuantity(value, numberField(path).kind, system);
}
