import { useRef, useState } from 'react';
import { ArcByAmps } from '@core/instruments';
import { ARC_BY_AMPS } from '@core/data/instruments';
import { trimmed } from '@core/units/format';
import type { Link } from '@/state/instruments';
import { useInstrument } from '@/state/useInstrument';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Words } from '@/ui/Words';
import type { OpenRun } from './useRun';

/** The ammeter drives: arc on, arc off and the amps that really flowed. Gone or doubted it drives nothing, and the press is left. */
export function Meter({ run }: { run: OpenRun }) {
  const [on, setOn] = useState(false);
  const { state, tell, strike } = run;
  const arcs = useRef(new ArcByAmps());
  const mine = useRef(false);
  const live = useInstrument('ammeter', (link: Link) => {
    const reading = link.heard.recent.at(-1);
    const amps = reading?.values.current?.value;
    if (!on || !reading || amps === undefined) return;
    const before = arcs.current.burning;
    const ended = arcs.current.take(amps, reading.at_ms, state.current_A);
    const since = arcs.current.burning;
    const by = link.about.serial;
    // Pressed already: the meter leaves that arc to whoever pressed it.
    if (before === null && since !== null && !state.count.on) {
      strike({ by, at_ms: since });
      mine.current = true;
    }
    if (!ended || !mine.current) return;
    mine.current = false;
    // Ended by hand while nothing came from the meter.
    if (state.count.on) {
      tell({ kind: 'arc-off' }, 'Arc off, by the ammeter', ended.to_ms);
      const { current_A } = ended;
      if (current_A !== null && Math.abs(current_A - (state.current_A ?? 0)) > ARC_BY_AMPS.same_A)
        tell(
          { kind: 'amps', current_A: Math.round(current_A), by },
          `${Math.round(current_A)} A in the lead`,
          ended.to_ms,
        );
    }
  });
  if (!live) return null;
  const standing = live.standing.state;
  const amps = live.link?.heard.recent.at(-1)?.values.current?.value;
  return (
    <Card testID="meter">
      <Words as="head">{live.instrument.name}</Words>
      <Words as="value" testID="meter-amps">
        {amps === undefined ? 'nothing yet' : `${trimmed(Math.abs(amps), 0)} A`}
      </Words>
      <Words as="small" tone={standing === 'live' ? 'quiet' : 'danger'} testID="meter-says" live>
        {standing === 'live'
          ? on
            ? 'It tells when the arc burns, and with how many amps.'
            : 'It reads. Let it tell arc on and arc off, or go on pressing.'
          : `${live.standing.words} Press arc on and arc off by hand till it is back.`}
      </Words>
      <Act
        title={on ? 'Leave it out' : 'Let it tell the arc'}
        kind={on ? 'main' : 'plain'}
        testID="meter-drives"
        onPress={() => {
          arcs.current = new ArcByAmps();
          mine.current = false;
          setOn(!on);
        }}
      />
    </Card>
  );
}
