import { midSentence } from '../../core/units/format';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { FAILS_SHARE } from '@core/data/losses';
import { metalFamily } from '@core/data/metals';
import { isForbidden, isGrave, type MetalBelief } from '@core/metal';
import { Act } from '@/ui/Act';
import { usePalette } from '@/ui/theme/theme';
import { CORNER, SPACE, TARGET } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { sayShare } from './evidenceWords';

/** Bars shown at once; the rest are one press away. */
const SHOWN = 5;
interface Props {
  belief: MetalBelief;
  /** Share from which a family is planned for. */
  share: number;
  onOpen: (family: string) => void;
}

/** What a piece may be: a bar a family, likeliest first. Filled: the plan has to suit it. Open: left out. */
export function BeliefBars({ belief, share, onOpen }: Props) {
  const palette = usePalette();
  const [all, setAll] = useState(false);
  const rows = belief.shares.filter(
    (row, n) =>
      all || (n < SHOWN && row.share >= 0.003) || (isGrave(row.family) && row.share >= FAILS_SHARE.value),
  );
  return (
    <View style={{ gap: SPACE.xs }}>
      {rows.map(({ family, share: held }) => {
        const planned =
          held >= share ||
          belief.uncleared.includes(family) ||
          (isGrave(family) && held >= FAILS_SHARE.value);
        const note = isForbidden(family) ? 'not by arc' : planned ? '' : 'left out';
        const colour = isForbidden(family) ? palette.danger : palette.steel;
        return (
          <Pressable
            key={family}
            role="button"
            testID={`may-be-${family}`}
            aria-label={`${metalFamily(family).name}, ${sayShare(held)}${note ? `, ${note}` : ''}. Why, and the plan if it is that.`}
            onPress={() => onOpen(family)}
            style={{ minHeight: TARGET, justifyContent: 'center', gap: 3 }}
          >
            <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: SPACE.s }}>
              <Words as={planned ? 'bold' : 'body'} style={{ flexShrink: 1 }}>
                {metalFamily(family).name}
              </Words>
              <Words as="label" tone={isForbidden(family) ? 'danger' : 'quiet'} style={{ flexGrow: 1 }}>
                {note}
              </Words>
              <Words as="head">{sayShare(held)}</Words>
            </View>
            <View style={{ height: 10, borderRadius: CORNER, backgroundColor: palette.sunk }}>
              <View
                style={{
                  height: 10,
                  borderRadius: CORNER,
                  width: `${Math.max(1.5, 100 * held)}%`,
                  borderWidth: 1.5,
                  borderColor: colour,
                  backgroundColor: planned ? colour : 'transparent',
                }}
              />
            </View>
          </Pressable>
        );
      })}
      {belief.uncleared.length > 0 && belief.tested && (
        <Words as="small" tone="danger" testID="uncleared">
          {`Not cleared by a test of its own: ${belief.uncleared.map((id) => midSentence(metalFamily(id).name)).join(', ')}.`}
        </Words>
      )}
      <Act
        title={all ? 'The likeliest only' : `All ${belief.shares.length} metals`}
        testID="may-be-all"
        onPress={() => setAll(!all)}
      />
    </View>
  );
}
