import { View } from 'react-native';
import { sourceWords } from '@core/units/sources';
import type { Decoded, RodWord } from '@core/rods/word';
import { Act } from './Act';
import { SPACE } from './theme/tokens';
import { Words } from './Words';

/** A word off a rod, taken apart; or what it may be; or what is wrong with it, with near words to press. */
export function RodWordView({
  decoded,
  onTake,
}: {
  decoded: Decoded;
  /** Takes one of the words that are offered. */
  onTake: (word: string) => void;
}) {
  switch (decoded.kind) {
    case 'word':
      return <Apart word={decoded.word} />;
    case 'faint':
      return (
        <View style={{ gap: SPACE.s }} testID="rod-faint">
          <Words as="bold">{`May be ${decoded.may.length === 1 ? 'only' : `one of ${decoded.may.length}`}`}</Words>
          <Offers words={decoded.may.map(({ canonical }) => canonical)} onTake={onTake} />
          <Words>{decoded.allows.words}</Words>
          <Words as="small">
            {decoded.allows.poles.length === 0
              ? 'No pole suits all of them.'
              : `All of them run on ${decoded.allows.poles.join(', ')}.`}
          </Words>
        </View>
      );
    case 'wrong':
      return (
        <View style={{ gap: SPACE.s }}>
          <Words tone="danger" testID="rod-wrong" live>
            {decoded.message}
          </Words>
          {decoded.near.length > 0 && <Offers words={decoded.near} onTake={onTake} />}
        </View>
      );
  }
}

const MOST = 12;

/** Words to take with one press. */
const Offers = ({ words, onTake }: { words: readonly string[]; onTake: (word: string) => void }) => (
  <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
    {words.slice(0, MOST).map((word) => (
      <Act key={word} title={word} testID={`take-${word}`} onPress={() => onTake(word)} />
    ))}
  </View>
);

/** Each part with what it says. */
function Apart({ word }: { word: RodWord }) {
  return (
    <View style={{ gap: SPACE.s }} testID="rod-word">
      <Words as="value" testID="rod-canonical">
        {word.canonical}
      </Words>
      {word.parts.map(({ text, about, means }) => (
        <View key={`${text} ${about}`} style={{ flexDirection: 'row', gap: SPACE.m }}>
          <Words as="head" style={{ minWidth: 64 }}>
            {text}
          </Words>
          <View style={{ flex: 1 }}>
            <Words>{means}</Words>
            <Words as="label" tone="quiet">
              {about}
            </Words>
          </View>
        </View>
      ))}
      <Words>
        {word.poles.length === 0
          ? 'Current: not in the word; the packet says it.'
          : `Runs on ${word.poles.join(', ')}. Positions: ${word.positions}.`}
      </Words>
      {word.remarks.map((remark) => (
        <Words key={remark} as="small">
          {remark}
        </Words>
      ))}
      <Words as="small">
        {word.plannedAs === null
          ? 'The tables here have no amps for it: plan with the packet in hand.'
          : `Planned here as ${word.plannedAs}.`}
      </Words>
      <Words as="label" tone="quiet">
        {sourceWords(word.source)}
      </Words>
    </View>
  );
}
