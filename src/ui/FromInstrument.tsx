import { createContext, useContext, useState } from 'react';
import { View } from 'react-native';
import { FILLED_BY, type InstrumentId } from '@core/data/instruments';
import { numberField, type NumberPath } from '@core/formats/fields';
import { editAt, type JobEdit } from '@core/formats/paths';
import { formatQuantity } from '@core/units/format';
import type { Result } from '@core/units/result';
import type { UnitSystem } from '@core/units/kinds';
import { Act } from './Act';
import { Lamp, type LampState } from './Lamp';
import { SPACE } from './theme/tokens';
import { Words } from './Words';

/** An instrument that answers now, as a field wants it. */
export interface FieldReader {
  kind: InstrumentId;
  name: string;
  serial: string;
  standing: { state: Exclude<LampState, 'off'>; words: string; age_ms: number | null };
  /** The latest of what it tells, in the app's own unit; null where it tells none. */
  latest(what: string): number | null;
  /** What goes into a field now, of so many readings. */
  take(what: string): Result<{ value: number; error: number | null; of: number }>;
  /** An id for what is written down, and this moment. */
  stamp(): { id: string; at: string };
}

/** How a page finds the instrument of a kind: a hook, given by what knows of instruments. Without it there are none. */
export const InstrumentsHere = createContext<(kind: InstrumentId) => FieldReader | null>(() => null);

/** What an instrument tells now, how old it is, and a press that takes it. Says why where it is not to be taken. */
export function LiveLine({
  reader,
  says,
  title,
  onTake,
  testID,
}: {
  reader: FieldReader;
  /** What it tells, with its unit. */
  says: string;
  title: string;
  onTake: () => string | null;
  testID: string;
}) {
  const [refused, setRefused] = useState<string | null>(null);
  const { state, words, age_ms } = reader.standing;
  return (
    <View style={{ gap: SPACE.xs, width: '100%' }} testID={testID}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s }}>
        <Lamp state={state} />
        <Words as="small" style={{ flex: 1 }} testID={`${testID}-says`}>
          {`${reader.name}: ${says}${age_ms === null ? '' : `, ${Math.round(age_ms / 1000)} s ago`}`}
        </Words>
        <Act
          title={title}
          testID={`${testID}-take`}
          disabled={state === 'waiting'}
          onPress={() => setRefused(onTake())}
        />
      </View>
      {(state === 'doubted' || state === 'quiet') && (
        <Words as="small" tone="danger" testID={`${testID}-problem`} live>
          {words}
        </Words>
      )}
      {refused !== null && refused !== words && (
        <Words as="small" tone="danger">
          {refused}
        </Words>
      )}
    </View>
  );
}

/** Below a field that an instrument fills: what it tells now, and a press that puts it in. Nothing where no such instrument is trusted. */
export function FromInstrument({
  path,
  into,
  system,
  onTake,
}: {
  /** The field in the table of fields, and where it stands in the job. */
  path: NumberPath;
  into: string;
  system: UnitSystem;
  /** The value in the field's own unit, how it is written there, and what is written down of where it came from. */
  onTake: (value: number, text: string, record: JobEdit) => void;
}) {
  const filled = FILLED_BY[path];
  return filled ? <Filled {...{ path, into, system, onTake }} by={filled} /> : null;
}

function Filled({
  path,
  into,
  system,
  onTake,
  by: [kind, what],
}: Parameters<typeof FromInstrument>[0] & { by: readonly [InstrumentId, string] }) {
  const useReader = useContext(InstrumentsHere);
  const reader = useReader(kind);
  if (!reader) return null;
  const spec = numberField(path);
  const latest = reader.latest(what);
  const told = (value: number) => formatQuantity(value, spec.kind, system);
  return (
    <LiveLine
      reader={reader}
      says={latest === null ? 'nothing yet' : told(latest)}
      title="Take it"
      testID={`from-${kind}`}
      onTake={() => {
        const taken = reader.take(what);
        if (!taken.ok) return taken.message;
        const { value, of } = taken.value;
        if (value < spec.min || value > spec.max) return `${told(value)} cannot stand in this field.`;
        onTake(value, told(value), recordOf(reader, told(value), of, into));
        return null;
      }}
    />
  );
}

/** What is written down of a reading that was taken: with what, when, and where it went. */
export function recordOf(reader: FieldReader, says: string, of: number, into: string): JobEdit {
  const { id, at } = reader.stamp();
  const { kind, name, serial } = reader;
  return editAt(`readings.${id}`, { at, name, serial, kind, says, of, into });
}
