import { View } from 'react-native';
import { trimmed } from '@core/units/format';
import { thisMoment } from '@/state/clock';
import { useEar, type EarState } from '@/state/useEar';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Lamp } from '@/ui/Lamp';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import type { OpenRun } from './useRun';

const SAYS: Record<EarState, string> = {
  off: 'Off. The phone may hear the arc from a pocket or the bench; nothing of the sound is kept.',
  asking: 'Waiting for the microphone.',
  learning: 'Learning how quiet it is: a few seconds without arc or grinder.',
  quiet: 'Listening. No arc.',
  arc: 'Listening. It hears the arc.',
  refused: 'No microphone was given: press, key or pedal do as well.',
};

/** The ear: hears the arc begin and end, says how sure it is, and is put right in a press. */
export function Listen({ run }: { run: OpenRun }) {
  const { state, tell, strike } = run;
  const { seen, count } = state;
  const ear = useEar({
    began: (ago_ms, sure) => {
      // Pressed already, or not to be struck yet: nothing is told over that.
      if (!count.on) strike({ heard: Math.round(100 * sure) / 100, at_ms: thisMoment() - ago_ms });
    },
    ended: (ago_ms) => tell({ kind: 'arc-off' }, 'Arc off, heard', thisMoment() - ago_ms),
  });
  const listens = !['off', 'refused'].includes(ear.state);
  const last = seen.arcs.at(-1);
  return (
    <Card testID="ear">
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s }}>
        <Lamp state={ear.state === 'arc' ? 'quiet' : listens ? 'live' : 'off'} />
        <Words as="head" style={{ flex: 1 }}>
          Hear the arc
        </Words>
      </View>
      <Words as="small" testID="ear-says" live>
        {SAYS[ear.state]}
      </Words>
      <Act
        title={listens ? 'Stop listening' : 'Listen'}
        testID="listen"
        kind={listens ? 'main' : 'plain'}
        onPress={listens ? ear.stop : ear.listen}
      />
      {last?.heard != null && (
        <>
          <Words as="small" testID="heard">
            {`The last arc was heard, ${trimmed(100 * last.heard, 0)} % sure.`}
          </Words>
          <Act
            title="That was no arc"
            testID="heard-wrong"
            onPress={() => tell({ kind: 'no-arc', of: last.id }, 'That was no arc')}
          />
        </>
      )}
    </Card>
  );
}
