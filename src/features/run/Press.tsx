import { useMemo } from 'react';
import { Pressable, useWindowDimensions, View } from 'react-native';
import { TROUBLES } from '@core/data/troubles';
import { whyNoArc } from '@core/run';
import { Act } from '@/ui/Act';
import { usePalette } from '@/ui/theme/theme';
import { CORNER, SPACE } from '@/ui/theme/tokens';
import { useKeys } from '@/ui/useKeys';
import { Words } from '@/ui/Words';
import type { OpenRun } from './useRun';

interface Props {
  run: OpenRun;
  onPassLaid: () => void;
  /** How full the pass is, is being asked. */
  asking: boolean;
  /** It stands beside the work rather than under it. */
  beside: boolean;
}

/** Tall enough to be hit in a glove without looking; less where type is twice as large, px. */
const TALL = { usual: 112, short: 56 } as const;
const SHORT_px = 560;

/** The large press: ticks a step, starts and stops the arc; a key or a pedal does the same. */
export function Press({ run, onPassLaid, asking, beside }: Props) {
  const palette = usePalette();
  const isShort = useWindowDimensions().height < SHORT_px;
  const { state, tell } = run;
  const { count, next, seen } = state;
  const blocked = seen.troubles.find(({ settled, what }) => !settled && TROUBLES[what].stops);
  const isHeld = whyNoArc(state) !== null;
  const big = ((): { title: string; note: string; act: () => void; tone: 'act' | 'burning' } | null => {
    if (count.on)
      return {
        title: 'Arc burns: press when it stops',
        note: `${Math.floor(count.on.burned_s)} s`,
        act: () => tell({ kind: 'arc-off' }, 'Arc off'),
        tone: 'burning',
      };
    if (blocked)
      return {
        title: 'It is settled: go on',
        note: TROUBLES[blocked.what].name,
        act: () => tell({ kind: 'settled', of: blocked.id }, 'Settled'),
        tone: 'act',
      };
    if (next === null)
      return seen.finished_ms === null && seen.begun_ms !== null
        ? {
            title: 'Finish: the last arc is out',
            note: 'the fire watch begins with it',
            act: () => tell({ kind: 'finished' }, 'Finished'),
            tone: 'act',
          }
        : null;
    if (next.pass !== null)
      return {
        title: 'Arc on',
        note: 'press, or the space bar, or a pedal',
        act: () => run.strike(),
        tone: 'act',
      };
    return {
      title: next.holds ? 'All of it is so: done' : 'Done',
      note: next.title,
      act: () => tell({ kind: 'step', step: next.title, state: 'done', words: '' }, next.title),
      tone: 'act',
    };
  })();
  const act = big?.act;
  const keys = useMemo((): Record<string, () => void> => {
    if (!act || asking) return {};
    return { ' ': () => (focusedButton() ?? { click: act }).click(), PageDown: act, PageUp: act };
  }, [act, asking]);
  useKeys(keys);
  return (
    <View
      style={{
        padding: isShort ? SPACE.xs : SPACE.m,
        gap: isShort ? SPACE.xs : SPACE.s,
        borderTopWidth: beside ? 0 : 2,
        borderLeftWidth: beside ? 2 : 0,
        ...(beside ? { width: '40%' as const } : {}),
        borderColor: palette.line,
        backgroundColor: palette.surface,
      }}
    >
      {big && (
        <Pressable
          testID="press"
          role="button"
          aria-label={big.title}
          onPress={big.act}
          style={{
            minHeight: isShort ? TALL.short : TALL.usual,
            flexGrow: beside ? 1 : 0,
            borderRadius: CORNER,
            backgroundColor: big.tone === 'burning' ? palette.state.tight : palette.act,
            justifyContent: 'center',
            alignItems: 'center',
            padding: SPACE.s,
          }}
        >
          <Words
            as="title"
            color={big.tone === 'burning' ? palette.onState : palette.onAct}
            style={{ textAlign: 'center' }}
          >
            {big.title}
          </Words>
          {(!isShort || count.on) && (
            <Words
              color={big.tone === 'burning' ? palette.onState : palette.onAct}
              style={{ textAlign: 'center' }}
            >
              {big.note}
            </Words>
          )}
        </Pressable>
      )}
      {next?.pass != null && !blocked && (
        <View style={{ flexDirection: 'row', gap: SPACE.s }}>
          <Act grow title="New rod" testID="new-rod" onPress={() => tell({ kind: 'rod' }, 'New rod')} />
          <Act grow title="Pass is laid" testID="pass-laid" onPress={onPassLaid} />
        </View>
      )}
      {next !== null && next.pass === null && !count.on && !blocked && count.now !== null && !isHeld && (
        <Act title="Strike now, out of turn" testID="strike-now" onPress={() => run.strike()} />
      )}
    </View>
  );
}

/** A button that the keyboard stands on, other than the large one: the space bar is its own. */
function focusedButton(): HTMLElement | null {
  const at = document.activeElement;
  return at instanceof HTMLElement && at.getAttribute('role') === 'button' && at.dataset.testid !== 'press'
    ? at
    : null;
}
