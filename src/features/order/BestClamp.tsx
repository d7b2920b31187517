import { useState } from 'react';
import { View } from 'react-native';
import type { ClampChoice } from '@core/field/bestClamps';
import { inWords } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { coreBeside } from '@/workers/core';

/** Choices shown. */
const SHOWN = 3;

/** Where the clamp would do best, every place and both ways tried beside the page. */
export function BestClamp({ open }: { open: OpenJob }) {
  const { blow } = open.assessment.situation;
  const [found, setFound] = useState<{ for: string; choices: readonly ClampChoice[] } | null>(null);
  if (!blow || open.job.order.clampFixed) return null;
  const say = inWords(open.system).size;
  const asked = JSON.stringify([blow.piece, blow.seam, blow.hold]);
  const choices = found?.for === asked ? found.choices : [];
  const find = () =>
    void coreBeside()
      .bestClamps(blow.piece, blow.seam, blow.hold)
      .then((all) => setFound({ for: asked, choices: all.slice(0, SHOWN) }));
  const put = ({ clamp, travel }: ClampChoice) =>
    open.edit(
      [
        { path: 'order.clampAlong_mm', value: Math.round(clamp.x) },
        { path: 'order.clampAside_mm', value: Math.round(clamp.y - blow.seam.from.y) },
        { path: 'order.clamp2Along_mm', value: null },
        {
          path: 'order.travel',
          value: clamp.x <= blow.piece.length_mm / 2 === (travel === 1) ? 'away' : 'towards',
        },
        { path: 'typed.order.clampAlong_mm', value: undefined },
        { path: 'typed.order.clampAside_mm', value: undefined },
        { path: 'typed.order.clamp2Along_mm', value: undefined },
      ],
      'Best clamp',
    );
  return (
    <View style={{ gap: SPACE.s }}>
      <Act title="Where would the clamp do best?" testID="best-clamp" onPress={find} />
      {choices.map((choice, n) => (
        <View
          key={`${choice.clamp.x} ${choice.clamp.y} ${choice.travel}`}
          testID={`best-clamp-${n + 1}`}
          style={{ flexDirection: 'row', gap: SPACE.s, alignItems: 'center' }}
        >
          <Words style={{ flex: 1 }}>
            {`${say(Math.round(choice.clamp.x))} along, ${say(Math.round(Math.abs(choice.clamp.y - blow.seam.from.y)))} to side ${choice.clamp.y >= blow.seam.from.y ? 'A' : 'B'}, welding to the ${choice.travel === 1 ? 'right' : 'left'}: ${Math.round(100 * choice.worst)} % of what the arc stands`}
          </Words>
          <Act title="Put it there" testID={`put-clamp-${n + 1}`} onPress={() => put(choice)} />
        </View>
      ))}
    </View>
  );
}
