import { useState } from 'react';
import { View } from 'react-native';
import { numberField, readField, type NumberPath } from '@core/formats/fields';
import { formatBoth, formatQuantity } from '@core/units/format';
import type { UnitSystem } from '@core/units/kinds';
import { Entry } from './Entry';
import { SPACE } from './theme/tokens';
import { Words } from './Words';

interface Props {
  path: NumberPath;
  label?: string;
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
}

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
}: Props) {
  const [editing, setEditing] = useState(false);
  const spec = numberField(path);
  const text = typed ?? (value === null ? '' : formatQuantity(value, spec.kind, system));
  const read = text.trim() === '' ? null : readField(path, text, system);
  const message = problem ?? (read && !read.ok ? read.message : null);
  const name = label ?? spec.label;
  const echo = value === null ? (proposed ?? 'blank: not known') : formatBoth(value, spec.kind, system);
  return (
    <View style={{ flexGrow: 1, flexBasis: 150, gap: SPACE.xs }}>
      <Words as="label" tone="quiet">
        {name}
      </Words>
      <Entry
        value={text}
        onChange={onType}
        label={name}
        placeholder={spec.kind.example[system].split(/,| or /)[0]}
        testID={testID}
        invalid={message !== null && !editing}
        onFocus={() => setEditing(true)}
        onBlur={() => setEditing(false)}
      />
      <Words
        as="label"
        tone={message !== null && !editing ? 'danger' : 'quiet'}
        testID={`${testID}-says`}
        live
      >
        {message ?? echo}
      </Words>
    </View>
  );
}
