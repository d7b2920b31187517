import { useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { usePalette } from './theme/theme';
import { CORNER, SPACE, STROKE, TARGET } from './theme/tokens';
import { Words } from './Words';

interface Props {
  /** By what it is known on its page. */
  id: string;
  title: string;
  /** What stands in it, while it is shut: what was assumed, or what it comes to. */
  says?: string;
  /** Open from the start: something in it was said, or comes near a limit. Whoever presses it decides from then on. */
  open?: boolean;
  children: ReactNode;
}

/** What would not change this plan, under one line. It is there all the while: nothing is lost in it, and paper shows it. */
export function Fold({ id, title, says, open = false, children }: Props) {
  const palette = usePalette();
  const [unfolded, setUnfolded] = useState(open);
  return (
    <View style={{ gap: SPACE.m }}>
      <Pressable
        testID={`fold-${id}`}
        role="button"
        aria-expanded={unfolded}
        onPress={() => setUnfolded(!unfolded)}
        style={{
          minHeight: TARGET,
          flexDirection: 'row',
          alignItems: 'center',
          gap: SPACE.m,
          paddingHorizontal: 14,
          paddingVertical: SPACE.s,
          borderRadius: CORNER,
          borderWidth: STROKE,
          borderColor: palette.line,
          backgroundColor: palette.sunk,
        }}
      >
        <View style={{ flex: 1 }}>
          <Words as="bold">{title}</Words>
          {!unfolded && says !== undefined && says !== '' && (
            <Words as="small" tone="quiet" metric>
              {says}
            </Words>
          )}
        </View>
        <View aria-hidden>
          <Words as="title" tone="quiet" style={{ minWidth: SPACE.l, textAlign: 'center' }}>
            {unfolded ? '−' : '+'}
          </Words>
        </View>
      </Pressable>
      <View
        dataSet={{ fold: id, folded: String(!unfolded) }}
        style={{ gap: SPACE.m, display: unfolded ? 'flex' : 'none' }}
      >
        {children}
      </View>
    </View>
  );
}
