import { View } from 'react-native';
import { makePlan } from '@core/plan';
import { WITHHELD_WORDS, type Withheld } from '@core/repair';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { HaltCard } from '@/ui/HaltCard';
import { openStop } from '@/ui/goTo';
import { OtherWays } from '@/ui/OtherWays';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** In place of settings: why there are none, how to find out, and how it is left safe until then. */
export function WithheldPage({ open, withheld }: { open: OpenJob; withheld: Withheld }) {
  const { halts, otherWays } = makePlan(open.assessment);
  return (
    <View style={{ gap: SPACE.m }} testID="withheld-page">
      <Words as="title">{withheld === 'stopped' ? 'Stopped' : 'Not yet'}</Words>
      <Words>{WITHHELD_WORDS[withheld]}</Words>
      {halts.map((halt) => (
        <HaltCard key={halt.title} halt={halt} />
      ))}
      <OtherWays ways={otherWays} />
      <Act
        kind="main"
        title="To Metal"
        testID="withheld-metal"
        onPress={() => openStop(open.job.id, 'metal')}
      />
      <Act
        title="To the stop-work questions"
        testID="withheld-look"
        onPress={() => openStop(open.job.id, 'look')}
      />
    </View>
  );
}
