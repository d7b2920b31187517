import { midSentence, sentence } from '../core/units/format';
import { Pressable, View } from 'react-native';
import { type Lever, type LeverEffect, type Room } from '@core/plan';
import { STATE_NAMES, speakAmount } from '@core/judge';
import type { UnitSystem } from '@core/units/kinds';
import { Jaws } from './Jaws';
import { usePalette } from './theme/theme';
import { CORNER, SPACE, STROKE } from './theme/tokens';
import { Words } from './Words';

interface Props {
  lever: Lever;
  room: Room;
  system: UnitSystem;
  onPull: () => void;
}

/** What a lever does to one room, in words: "+31 A", or from one state to another. */
function bought(effect: LeverEffect, room: Room, system: UnitSystem): string {
  if (effect.words !== undefined) return effect.words;
  if (effect.gain === null) return STATE_NAMES[effect.after];
  const amount = speakAmount(effect.gain, room.unit, system);
  return effect.gain > 0 ? `+${amount}` : amount;
}

/** What a lever does to another room: from one state to another, or how much it gives or takes. */
function moved({ title, before, after, gain, unit }: LeverEffect, system: UnitSystem): string {
  const name = midSentence(title);
  if (before !== after) return `${name}: ${STATE_NAMES[before]} to ${STATE_NAMES[after]}`;
  if (gain === null) return name;
  return `${name} ${gain > 0 ? '+' : '−'}${speakAmount(Math.abs(gain), unit, system)}`;
}

/** A change too small to be told in the digits it would be told in. */
const isNothing = ({ before, after, gain, unit }: LeverEffect, system: UnitSystem): boolean =>
  before === after && gain !== null && /^0(?![.\d])/.test(speakAmount(Math.abs(gain), unit, system));

/** How near its end a limit is by its state. */
const STATE_RANK: Record<LeverEffect['after'], number> = { none: 4, tight: 3, unknown: 2, snug: 1, roomy: 0 };

/** Less room than before: by its amount where it has one, else by its share; or nearer to its end. */
const isWorse = ({ before, after, gain, gainShare }: LeverEffect): boolean =>
  STATE_RANK[after] > STATE_RANK[before] || (gain === null ? gainShare < 0 : gain < 0);

/** Side effects told on a lever; the rest is only counted. */
const OTHERS_TOLD = 3;

/** What is told first: a room that changes its state, then what moves most. */
const weight = ({ before, after, gainShare }: LeverEffect): number =>
  (before === after ? 0 : 10) + Math.abs(gainShare);

/** Of what is made worse, first what is then nearest to its end. */
const urgency = (effect: LeverEffect): number => 100 * STATE_RANK[effect.after] + weight(effect);

/** One change the welder can make. The small jaws show the opening it gives, and in dots the opening there is now. */
export function LeverRow({ lever, room, system, onPull }: Props) {
  const palette = usePalette();
  const effect = lever.effects.find(({ roomId }) => roomId === room.id);
  if (!effect) return null;
  const now = room.fraction?.nominal ?? 0;
  const then =
    now +
    (effect.gain !== null && room.limit
      ? effect.gain / Math.max(room.limit.nominal, 1e-9)
      : effect.gainShare);
  const others = lever.effects
    .filter(
      (other) =>
        other.roomId !== room.id &&
        other.after !== 'none' &&
        other.words === undefined &&
        !isNothing(other, system),
    )
    .sort((a, b) => weight(b) - weight(a));
  // What is made worse is named, all of it, what is nearest to its end first; what it helps besides is told as far as there is room.
  const worse = others.filter(isWorse).sort((a, b) => urgency(b) - urgency(a));
  const better = others.filter((other) => !isWorse(other));
  const more = better.length - OTHERS_TOLD;
  const closes = lever.closes.filter((title) => title !== room.title);
  const deepens = lever.deepens.filter((title) => title !== room.title);
  const harms = [
    ...(closes.length > 0 ? [`closes ${midSentence(closes.join(', '))}`] : []),
    ...(deepens.length > 0 ? [`shuts further ${midSentence(deepens.join(', '))}`] : []),
  ];
  return (
    <Pressable
      testID={`lever-${lever.id}`}
      role="button"
      onPress={onPull}
      aria-label={`${lever.title}. ${bought(effect, room, system)} ${room.title}. ${lever.cost}. ${harms.map((harm) => `${sentence(harm)}.`).join(' ')}`}
      style={{
        minHeight: 64,
        backgroundColor: palette.surface,
        borderRadius: CORNER,
        borderWidth: STROKE,
        borderColor: harms.length > 0 ? palette.danger : palette.line,
        padding: SPACE.m,
        flexDirection: 'row',
        gap: SPACE.m,
        alignItems: 'center',
      }}
    >
      <View style={{ flex: 1 }}>
        <Words as="head">{lever.title}</Words>
        <Words as="label" tone="quiet">
          {lever.cost}
        </Words>
        {harms.map((harm) => (
          <Words key={harm} as="label" tone="danger">
            {harm}
          </Words>
        ))}
        {worse.length > 0 && (
          <Words as="label">{`takes: ${worse.map((other) => moved(other, system)).join('; ')}`}</Words>
        )}
        {better.length > 0 && (
          <Words as="label" tone="quiet">
            {[
              ...better.slice(0, OTHERS_TOLD).map((other) => moved(other, system)),
              ...(more > 0 ? [`${more} more a little`] : []),
            ].join('; ')}
          </Words>
        )}
      </View>
      <View style={{ alignItems: 'flex-end', gap: SPACE.xs }}>
        <Words as={effect.words === undefined ? 'value' : 'head'} tone="act">
          {bought(effect, room, system)}
        </Words>
        <Jaws
          id={`lever-${lever.id}`}
          fraction={then}
          was={now}
          state={effect.after}
          width={72}
          height={16}
        />
      </View>
    </Pressable>
  );
}
