import { View } from 'react-native';
import { speakRoom } from '@core/judge';
import { WISHES, type Measures, type Way } from '@core/planner';
import { inWords, midSentence, trimmed } from '@core/units/format';
import { takeOptions } from '@/state/takeOptions';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** Another plan: what is done otherwise, what it comes to against the one that stands, and taking it over at one press. */
export function WayCard({ open, way, now }: { open: OpenJob; way: Way; now: Measures }) {
  const { options, wishes, measures } = way;
  const names = wishes.map((wish) => WISHES[wish].name);
  const away = options.filter(({ adds, reach }) => reach !== 'here' || adds.length > 0);
  const [first] = wishes;
  return (
    <Card testID={`way-${first}`}>
      <Words as="head">{[names[0], ...names.slice(1).map(midSentence)].join(', ')}</Words>
      <View style={{ gap: SPACE.xs }}>
        {options.map(({ id, title, cost }) => (
          <View key={id}>
            <Words as="bold">{title}</Words>
            <Words as="label" tone="quiet">
              {cost}
            </Words>
          </View>
        ))}
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.l, rowGap: SPACE.s }}>
        {comparisons(now, measures, open).map(({ name, was, is }) => (
          <View key={name}>
            <Words as="label" tone="quiet">
              {name}
            </Words>
            {was === is ? <Words tone="quiet">{is}</Words> : <Words as="bold">{`${was} → ${is}`}</Words>}
          </View>
        ))}
      </View>
      {measures.tightest && (
        <Words as="small" tone="quiet">
          {`Tightest then: ${midSentence(measures.tightest.title)}, ${speakRoom(measures.tightest, open.system)}.`}
        </Words>
      )}
      {away.some(({ reach }) => reach === 'wait') ? null : away.length > 0 ? (
        <Act
          kind="main"
          title={`It is on the truck: ${away.map(({ title }) => midSentence(title)).join(' and ')}`}
          testID={`take-way-${first}`}
          onPress={() => takeOptions(open, options)}
        />
      ) : (
        <Act
          kind="main"
          title="Take this plan"
          testID={`take-way-${first}`}
          onPress={() => takeOptions(open, options)}
        />
      )}
    </Card>
  );
}

interface Comparison {
  name: string;
  was: string;
  is: string;
}

/** What both come to, figure by figure; those that neither has are left out. */
function comparisons(now: Measures, then: Measures, { system }: OpenJob): Comparison[] {
  const say = inWords(system);
  const row = (
    name: string,
    of: (measures: Measures) => number | null,
    told: (value: number) => string,
  ): Comparison[] => {
    const [was, is] = [of(now), of(then)];
    return is === null ? [] : [{ name, was: was === null ? '?' : told(was), is: told(is) }];
  };
  return [
    ...row(
      'Room at the tightest',
      ({ room }) => room,
      (share) => `${trimmed(100 * share, 0)} %`,
    ),
    ...row(
      'Time',
      ({ minutes }) => minutes,
      (minutes) => say.time(60 * minutes),
    ),
    ...row(
      'Rods',
      ({ rods }) => rods,
      (rods) => trimmed(rods, 0),
    ),
    ...row(
      'Moves',
      ({ pull_mm }) => pull_mm,
      (mm) => say.size(Number(mm.toFixed(1))),
    ),
    ...row(
      'Hottest bead',
      ({ heat_kJ_mm }) => heat_kJ_mm,
      (heat) => `${trimmed(heat, 2)} kJ/mm`,
    ),
  ];
}
