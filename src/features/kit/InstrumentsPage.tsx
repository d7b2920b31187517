import { useState } from 'react';
import { View } from 'react-native';
import { instrumentKind, INSTRUMENT_IDS } from '@core/data/instruments';
import type { About } from '@core/formats/instrument';
import { formatQuantity, midSentence, trimmed } from '@core/units/format';
import type { UnitSystem } from '@core/units/kinds';
import { addressOf, forget, meet, trust, type Instrument } from '@/state/instruments';
import { choosePhoto } from '@/state/photos';
import { codeIn } from '@/state/readCode';
import { useApp } from '@/state/store';
import { useLive, type LiveInstrument } from '@/state/useInstrument';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Entry } from '@/ui/Entry';
import { Lamp } from '@/ui/Lamp';
import { PageFrame } from '@/ui/PageFrame';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** Where the app's own server has its stand-ins. */
const STAND_IN = '/instruments';

/** What answers at an address, before it is trusted. */
interface Met {
  address: string;
  about: About;
}

/** Instruments that tell what they read by themselves: those that are trusted, live, and a way to one more. */
export function InstrumentsPage() {
  const { instruments } = useApp((app) => app.settings);
  return (
    <PageFrame title="Instruments" backID="instruments-back">
      <Words tone="quiet">
        What measures by itself and can be heard over the network here. Its readings go into a field at a
        press; everything can always be typed by hand.
      </Words>
      {instruments.length === 0 && <Words testID="no-instruments">None is trusted yet.</Words>}
      {instruments.map((instrument) => (
        <Trusted key={instrument.id} instrument={instrument} />
      ))}
      <AddOne known={instruments} />
    </PageFrame>
  );
}

/** All that one instrument tells now, the largest first where it is many. */
function tellings({ instrument, link }: LiveInstrument, system: UnitSystem): string {
  const { tells } = instrumentKind(instrument.kind);
  const values = Object.entries(link?.heard.recent.at(-1)?.values ?? {});
  if (instrument.kind === 'analyser')
    return values
      .sort(([, a], [, b]) => b.value - a.value)
      .slice(0, 6)
      .map(([element, { value }]) => `${element} ${trimmed(value, value < 1 ? 2 : 1)} %`)
      .join(', ');
  return values
    .flatMap(([what, { value }]) => {
      const row = tells[what];
      return row ? [formatQuantity(value, row.kind, system)] : [];
    })
    .join(', ');
}

function Trusted({ instrument }: { instrument: Instrument }) {
  const system = useApp((app) => app.settings.system);
  const live = useLive(instrument);
  if (!live) return null;
  const { standing, link } = live;
  const { restarts = 0, refused = 0 } = link?.heard ?? {};
  return (
    <Card testID={`instrument-${instrument.kind}`}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s }}>
        <Lamp state={standing.state} />
        <Words as="head" style={{ flex: 1 }}>
          {instrument.name}
        </Words>
        <Act title="Take it out" testID={`forget-${instrument.kind}`} onPress={() => forget(instrument.id)} />
      </View>
      <Words as="value" testID="live-value">
        {tellings(live, system) || 'nothing yet'}
      </Words>
      <Words as="label" tone="quiet" testID="live-age">
        {[
          standing.age_ms === null ? '' : `${Math.round(standing.age_ms / 1000)} s ago`,
          `number ${instrument.serial}`,
          instrument.address,
          refused > 0 ? `${refused} not believed` : '',
          restarts > 0 ? `switched off and on ${restarts === 1 ? 'once' : `${restarts} times`}` : '',
        ]
          .filter((words) => words !== '')
          .join(' · ')}
      </Words>
      {standing.words !== '' && (
        <Words as="small" tone={standing.state === 'doubted' ? 'danger' : 'ink'} testID="live-problem" live>
          {standing.words}
        </Words>
      )}
      <Words as="small" tone="quiet">
        {instrumentKind(instrument.kind).words}
      </Words>
    </Card>
  );
}

/** By an address, typed or read off a printed code; one that answers is shown and asked about before it is trusted. */
function AddOne({ known }: { known: readonly Instrument[] }) {
  const [text, setText] = useState('');
  const [met, setMet] = useState<Met | null>(null);
  const [says, setSays] = useState<string | null>(null);
  const ask = async (typed: string) => {
    setMet(null);
    const address = addressOf(typed);
    if (!address.ok) return setSays(address.message);
    setSays('Asking who answers there.');
    const about = await meet(address.value);
    if (!about.ok) return setSays(about.message);
    if (known.some(({ serial, address: at }) => serial === about.value.serial && at === address.value))
      return setSays(`${about.value.name} is trusted already.`);
    setSays(null);
    setMet({ address: address.value, about: about.value });
  };
  const scan = async () => {
    const picture = await choosePhoto();
    if (!picture) return;
    const code = await codeIn(picture);
    if (!code.ok) return setSays(code.message);
    setText(code.value);
    await ask(code.value);
  };
  const missing = INSTRUMENT_IDS.filter((kind) => !known.some((one) => one.kind === kind));
  return (
    <Card tone="sunk">
      <Words as="head">One more</Words>
      <Entry
        label="Its address, as its label says"
        value={text}
        onChange={setText}
        placeholder="192.168.1.20:8090"
        most={300}
        testID="instrument-address"
      />
      <View style={{ flexDirection: 'row', gap: SPACE.s }}>
        <Act grow title="Ask who answers" testID="instrument-ask" onPress={() => void ask(text)} />
        <Act grow title="Read its code" testID="instrument-scan" onPress={() => void scan()} />
      </View>
      {says !== null && (
        <Words as="small" testID="instrument-says" live>
          {says}
        </Words>
      )}
      {met && (
        <Card tone="plain" testID="instrument-met">
          <Words as="bold">{`${met.about.name}, number ${met.about.serial}`}</Words>
          <Words as="small">{`It says it is ${aOrAn(midSentence(instrumentKind(met.about.kind).name))}. Does that number stand on the one in your hand?`}</Words>
          <View style={{ flexDirection: 'row', gap: SPACE.s }}>
            <Act
              grow
              kind="main"
              title="Yes, trust it"
              testID="instrument-trust"
              onPress={() => {
                trust(met.address, met.about);
                setMet(null);
                setText('');
              }}
            />
            <Act grow title="No" testID="instrument-no" onPress={() => setMet(null)} />
          </View>
        </Card>
      )}
      {missing.length > 0 && (
        <View style={{ gap: SPACE.s }}>
          <Words as="small" tone="quiet">
            Without one at hand, try what the yard’s own server plays: it reads a job of the yard as a real
            one would.
          </Words>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
            {missing.map((kind) => (
              <Act
                key={kind}
                title={instrumentKind(kind).name}
                testID={`stand-in-${kind}`}
                onPress={() => void ask(`${STAND_IN}/${kind}`)}
              />
            ))}
          </View>
        </View>
      )}
    </Card>
  );
}

const aOrAn = (name: string): string => `${/^[aeiou]/i.test(name) ? 'an' : 'a'} ${name}`;
