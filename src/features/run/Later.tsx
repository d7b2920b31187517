import { View } from 'react-native';
import { LONGEST } from '@core/formats/limits';
import { rodsLeft } from '@core/run';
import { trimmed } from '@core/units/format';
import { thisMoment } from '@/state/clock';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Entry } from '@/ui/Entry';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import type { OpenRun } from './useRun';
import { useTyped } from './useTyped';

/** "Three rods since nine": told afterwards. */
export function Later({ run }: { run: OpenRun }) {
  const [text, setText] = useTyped(run, 'later');
  const [since, setSince] = useTyped(run, 'since');
  const { state, tell } = run;
  const { count, current_A, next } = state;
  const pass = next?.pass ?? count.now ?? count.passes.length;
  const rod = (count.passes[pass - 1]?.like ?? run.open.assessment.situation.beads?.passes[0])?.rod;
  if (!rod || current_A === null) return null;
  const read = readLater(text, since, rodsLeft(count, run.open.assessment.situation)?.have ?? null);
  return (
    <Card>
      <Words as="head">Burned meanwhile</Words>
      <View style={{ flexDirection: 'row', gap: SPACE.s }}>
        <Line
          name="Rods"
          label="Rods burned"
          testID="later-rods"
          value={text}
          placeholder="3"
          onChange={setText}
        />
        <Line
          name="Since"
          label="Since what time"
          testID="later-since"
          value={since}
          placeholder="9:00"
          onChange={setSince}
        />
        <View style={{ justifyContent: 'flex-end' }}>
          <Act
            title="Count"
            testID="tell-later"
            disabled={!read?.ok}
            onPress={() => {
              if (!read?.ok) return;
              tell(
                {
                  kind: 'later',
                  from: read.from_ms,
                  rods: read.rods,
                  pass,
                  current_A,
                  rodClass: rod.rodClass,
                  size: rod.size,
                },
                'Rods told afterwards',
              );
              setText('');
              setSince('');
            }}
          />
        </View>
      </View>
      {read && !read.ok && (
        <Words as="label" tone="danger" testID="later-problem">
          {read.message}
        </Words>
      )}
    </Card>
  );
}

type LaterRead = { ok: true; rods: number; from_ms: number } | { ok: false; message: string } | null;

/** Rods and a time of this day as they are typed. @param have rods left of the tin; null where nobody counted */
function readLater(text: string, since: string, have: number | null): LaterRead {
  if (text.trim() === '' && since.trim() === '') return null;
  const rods = Number(text.replace(',', '.'));
  if (text.trim() === '' || !Number.isFinite(rods) || rods <= 0 || rods > 500)
    return { ok: false, message: 'Type how many rods, such as 3 or 2.5.' };
  if (have !== null && rods > have)
    return {
      ok: false,
      message: `The tin had ${trimmed(Math.max(0, have), 0)} left: count again, or put the tin right at Kit.`,
    };
  const time = /^(\d{1,2})(?:[:.h ]?(\d{2}))?$/.exec(since.trim());
  const [hours, minutes] = [Number(time?.[1]), Number(time?.[2] ?? 0)];
  if (!time || hours > 23 || minutes > 59)
    return { ok: false, message: 'Type since when, such as 9:00 or 14:30.' };
  const from = new Date(thisMoment());
  from.setHours(hours, minutes, 0, 0);
  if (from.getTime() > thisMoment())
    return { ok: false, message: 'That is still to come: type a time of today that has been.' };
  return { ok: true, rods, from_ms: from.getTime() };
}

interface LineProps {
  name: string;
  label: string;
  testID: string;
  value: string;
  placeholder: string;
  onChange: (text: string) => void;
}

/** A line to type on under its name. */
function Line({ name, ...entry }: LineProps) {
  return (
    <View style={{ flex: 1 }}>
      <Words as="label" tone="quiet">
        {name}
      </Words>
      <Entry {...entry} most={LONGEST.typed} />
    </View>
  );
}
