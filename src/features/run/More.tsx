import { useContext } from 'react';
import { View } from 'react-native';
import { readField } from '@core/formats/fields';
import { LONGEST } from '@core/formats/limits';
import { TEMPERATURE } from '@core/units/kinds';
import { parseClock } from '@core/units/when';
import { formatQuantity, inWords, trimmed } from '@core/units/format';
import { changeSettings, useApp } from '@/state/store';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Entry } from '@/ui/Entry';
import { InstrumentsHere, LiveLine } from '@/ui/FromInstrument';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { Later } from './Later';
import type { OpenRun } from './useRun';
import { useTyped } from './useTyped';

interface Props {
  run: OpenRun;
  awake: 'off' | 'awake' | 'refused';
}

/** What else is told at the work: temperature, amps, rods burned meanwhile, a step or a note; and how it calls. */
export function More({ run, awake }: Props) {
  return (
    <View style={{ gap: SPACE.m }}>
      <Reading run={run} />
      <Amps run={run} />
      <Later run={run} />
      <Note run={run} />
      <Calls awake={awake} />
    </View>
  );
}

function Reading({ run }: { run: OpenRun }) {
  const [text, setText] = useTyped(run, 'reading');
  const { system, heat } = run.open.assessment.situation;
  const { heat: live } = run.state;
  const useReader = useContext(InstrumentsHere);
  const reader = useReader('thermometer');
  const latest = reader ? reader.latest('temperature') : null;
  const say = inWords(system);
  const read =
    text.trim() === '' ? null : readTemperature(text, system, Math.min(heat.metal_C, heat.cooling.air_C));
  return (
    <Card testID="reading-card">
      <Words as="head">Beside the weld</Words>
      {live && (
        <Words as="small" testID="run-heat">
          {`Reckoned ${say.temperature(Math.round(live.now_C.low))} to ${say.temperature(Math.round(live.now_C.high))}${live.faster === null ? '' : `; cools ${trimmed(live.faster, 1)} times as fast as reckoned, by the thermometer`}.`}
          {live.doubted
            ? ' The last reading goes with no pace of cooling: read again, 25 mm beside the weld.'
            : ''}
        </Words>
      )}
      <View style={{ flexDirection: 'row', gap: SPACE.s }}>
        <View style={{ flex: 1 }}>
          <Entry
            label="Thermometer or crayon says"
            testID="run-reading"
            value={text}
            most={LONGEST.typed}
            placeholder={formatQuantity(120, TEMPERATURE, system)}
            invalid={read !== null && !read.ok}
            onChange={setText}
          />
        </View>
        <Act
          title="Read"
          testID="tell-reading"
          disabled={!read?.ok}
          onPress={() => {
            if (!read?.ok) return;
            run.tell({ kind: 'reading', temperature_C: read.value }, 'Temperature read');
            setText('');
          }}
        />
      </View>
      {reader && (
        <LiveLine
          reader={reader}
          says={latest === null ? 'nothing yet' : say.temperature(Math.round(latest ?? 0))}
          title="Take it"
          testID="from-thermometer"
          onTake={() => {
            const taken = reader.take('temperature');
            if (!taken.ok) return taken.message;
            const { value } = taken.value;
            const fits = readTemperature(
              formatQuantity(value, TEMPERATURE, system),
              system,
              Math.min(heat.metal_C, heat.cooling.air_C),
            );
            if (!fits.ok) return fits.message;
            run.tell(
              { kind: 'reading', temperature_C: value, by: reader.serial },
              'Temperature, by the thermometer',
            );
            return null;
          }}
        />
      )}
      {read && !read.ok && (
        <Words as="label" tone="danger" testID="reading-problem">
          {read.message}
        </Words>
      )}
    </Card>
  );
}

type Read = { ok: true; value: number } | { ok: false; message: string };

/** A temperature as it is typed, between the air and what nothing is welded at. */
function readTemperature(text: string, system: 'metric' | 'inch', air_C: number): Read {
  const say = inWords(system).temperature;
  const read = readField('heat.reading_C', text, system);
  if (!read.ok) return { ok: false, message: read.message };
  const { value } = read.value;
  if (value < air_C - 5)
    return {
      ok: false,
      message: `The air is ${say(Math.round(air_C))}: metal is not colder. Read it again.`,
    };
  return { ok: true, value };
}

const STEP_A = 5;

function Amps({ run }: { run: OpenRun }) {
  const { current_A } = run.state;
  if (current_A === null) return null;
  const to = (amps: number) => run.tell({ kind: 'amps', current_A: amps }, `${amps} A on the dial`);
  return (
    <Card>
      <Words as="head">On the dial</Words>
      <View style={{ flexDirection: 'row', gap: SPACE.s, alignItems: 'center' }}>
        <Act
          square
          title="−"
          label={`${STEP_A} A less`}
          testID="amps-less"
          onPress={() => to(Math.max(5, current_A - STEP_A))}
        />
        <Words as="value" style={{ flex: 1, textAlign: 'center' }} testID="run-amps">
          {`${trimmed(current_A, 0)} A`}
        </Words>
        <Act
          square
          title="+"
          label={`${STEP_A} A more`}
          testID="amps-more"
          onPress={() => to(current_A + STEP_A)}
        />
      </View>
    </Card>
  );
}

function Note({ run }: { run: OpenRun }) {
  const [text, setText] = useTyped(run, 'note');
  const words = text.trim().slice(0, LONGEST.name);
  return (
    <Card>
      <Words as="head">Write down</Words>
      <Entry
        label="A note, or a step to add"
        testID="run-note"
        value={text}
        most={LONGEST.name}
        placeholder="moved the clamp to the far end"
        onChange={setText}
      />
      <View style={{ flexDirection: 'row', gap: SPACE.s }}>
        <Act
          grow
          title="As a note"
          testID="tell-note"
          disabled={words === ''}
          onPress={() => {
            run.tell({ kind: 'note', words }, 'Note');
            setText('');
          }}
        />
        <Act
          grow
          title="As a step"
          testID="tell-step"
          disabled={words === ''}
          onPress={() => {
            run.tell({ kind: 'added', step: words }, 'Step added');
            setText('');
          }}
        />
      </View>
    </Card>
  );
}

const CALL_NAMES = { buzz: 'Buzz', tone: 'Tone', colour: 'Colour', pace: 'Beat the pace' } as const;
const AWAKE_WORDS = {
  off: '',
  awake: 'The screen stays on.',
  refused:
    'This browser does not keep the screen on: set it longer yourself. Nothing is lost while it is off.',
} as const;

/** How it calls when something is about to bite. */
function Calls({ awake }: { awake: Props['awake'] }) {
  const { calls, quiet, system } = useApp((app) => app.settings);
  const [from, till] = [parseClock(quiet.from), parseClock(quiet.till)];
  const typed = quiet.from.trim() !== '' || quiet.till.trim() !== '';
  return (
    <Card>
      <Words as="head">Calls me by</Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        {(Object.keys(CALL_NAMES) as (keyof typeof CALL_NAMES)[]).map((one) => (
          <Act
            key={one}
            title={`${CALL_NAMES[one]}: ${calls[one] ? 'on' : 'off'}`}
            kind={calls[one] ? 'main' : 'plain'}
            testID={`call-${one}`}
            onPress={() => changeSettings({ calls: { ...calls, [one]: !calls[one] } })}
          />
        ))}
      </View>
      <View style={{ flexDirection: 'row', gap: SPACE.s }}>
        {(['from', 'till'] as const).map((one) => (
          <View key={one} style={{ flex: 1 }}>
            <Words as="label" tone="quiet">
              {one === 'from' ? 'No tones from' : 'till'}
            </Words>
            <Entry
              label={one === 'from' ? 'No tones from' : 'No tones till'}
              testID={`quiet-${one}`}
              value={quiet[one]}
              most={20}
              placeholder={one === 'from' ? '22:00' : '6:00'}
              invalid={quiet[one].trim() !== '' && !(one === 'from' ? from : till).ok}
              onChange={(text) => changeSettings({ quiet: { ...quiet, [one]: text } })}
            />
          </View>
        ))}
      </View>
      {typed && (
        <Words as="small" tone={from.ok && till.ok ? 'quiet' : 'danger'} testID="quiet-says">
          {!from.ok ? from.message : !till.ok ? till.message : 'Then it buzzes and shows colour only.'}
        </Words>
      )}
      <Words as="label" tone="quiet">
        {`A beat is ${inWords(system).size(10)} of bead at the planned pace, or one whip of a rod that is whipped. With the screen off there is no promise of sound.`}
      </Words>
      {awake !== 'off' && (
        <Words as="label" tone="quiet" testID="awake">
          {AWAKE_WORDS[awake]}
        </Words>
      )}
    </Card>
  );
}
