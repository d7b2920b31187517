import { View } from 'react-native';
import { LONGEST } from '@core/formats/limits';
import { parseWhen, sayWhen, type WallClock } from '@core/units/when';
import { Entry } from './Entry';
import { SPACE } from './theme/tokens';
import { Words } from './Words';

interface Props {
  label: string;
  testID: string;
  /** The moment as it is kept, ISO; null: none, or none that could be read. */
  value: string | null;
  /** What was typed last, word for word. */
  typed: string | undefined;
  placeholder: string;
  /** What is taken while it is blank. */
  blank: string;
  /** The clock on this wall, and as it stands when something is typed. */
  wall: WallClock;
  wallNow: () => WallClock;
  onTake: (value: string | null, typed: string | undefined) => void;
}

/** A moment as people say it; what is typed is kept word for word. */
export function WhenField({ label, testID, value, typed, placeholder, blank, wall, wallNow, onTake }: Props) {
  const text = typed ?? (value === null ? '' : sayWhen(Date.parse(value), wall));
  const read = text.trim() === '' || value !== null ? null : parseWhen(text, wall);
  const wrong = read !== null && !read.ok;
  const take = (said: string) => {
    const when = said.trim() === '' ? null : parseWhen(said, wallNow());
    onTake(when?.ok ? new Date(when.value).toISOString() : null, said === '' ? undefined : said);
  };
  return (
    <View
      style={{ flexGrow: 1, flexShrink: 1, flexBasis: 300, minWidth: 0, maxWidth: '100%', gap: SPACE.xs }}
    >
      <Words as="label" tone="quiet">
        {label}
      </Words>
      <Entry
        label={label}
        testID={testID}
        value={text}
        most={LONGEST.typed}
        onChange={take}
        placeholder={placeholder}
        invalid={wrong}
      />
      <Words as="label" tone={wrong ? 'danger' : 'quiet'} testID={`${testID}-says`} live>
        {wrong ? read.message : value === null ? blank : sayWhen(Date.parse(value), wall)}
      </Words>
    </View>
  );
}
