import { useMemo, useRef, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Gesture, GestureDetector, GestureHandlerRootView } from 'react-native-gesture-handler';
import { useStable } from '@/ui/useStable';
import { usePalette } from '@/ui/theme/theme';
import { TARGET } from '@/ui/theme/tokens';

/** A step of an arrow key, mm; with Shift a small one. */
const STEP_mm = 5;
const SMALL_mm = 1;

/** Something in a picture that can be taken hold of. */
export interface Held {
  testID: string;
  /** What it is and where it stands. */
  label: string;
  /** Its middle in the picture, px. */
  x: number;
  y: number;
  /** Moves on one line only. */
  only?: 'x' | 'y';
  /** While it is dragged, and when it is let go: where its middle is, px. */
  onDrag: (x: number, y: number) => void;
  onDrop: (x: number, y: number) => void;
  /** A short press; the gestures make one of Enter and Space too. */
  onPress?: () => void;
  /** The Delete key. */
  onRemove?: () => void;
  /** What it is told to do, where that is not only moving. */
  hint?: string;
  /** px for a millimetre, or for what an arrow key moves it by five of. */
  scale: number;
  mark: ReactNode;
}

/** Only what is taken hold of takes room: presses beside it go to the picture. */
const NO_ROOM = { position: 'absolute', left: 0, top: 0, width: 0, height: 0 } as const;

/** Everything that can be taken hold of, over the picture. */
export function Handles({ held }: { held: readonly Held[] }) {
  return (
    <GestureHandlerRootView style={NO_ROOM}>
      {held.map((one) => (
        <Handle key={one.testID} {...one} />
      ))}
    </GestureHandlerRootView>
  );
}

/** Dragged by finger or mouse, and moved by arrow keys: as big as a glove needs. */
function Handle({ testID, label, x, y, scale, only, onDrag, onDrop, onPress, onRemove, hint, mark }: Held) {
  const palette = usePalette();
  const [moved, setMoved] = useState<{ x: number; y: number } | null>(null);
  const to = (dx: number, dy: number) => ({
    x: x + (only === 'y' ? 0 : dx),
    y: y + (only === 'x' ? 0 : dy),
  });
  // From where the finger went down: a quick pull counts whole.
  const from = useRef({ x: 0, y: 0 });
  const begin = useStable((px: number, py: number) => {
    from.current = { x: px, y: py };
  });
  const drag = useStable((px: number, py: number) => {
    const at = to(px - from.current.x, py - from.current.y);
    setMoved(at);
    onDrag(at.x, at.y);
  });
  const move = useStable((dx: number, dy: number) => {
    setMoved(null);
    const at = to(dx, dy);
    onDrop(at.x, at.y);
  });
  const drop = useStable((px: number, py: number) => move(px - from.current.x, py - from.current.y));
  const press = useStable(() => onPress?.());
  const gesture = useMemo(
    () =>
      Gesture.Race(
        Gesture.Pan()
          .runOnJS(true)
          .minDistance(3)
          .onBegin(({ absoluteX, absoluteY }) => begin(absoluteX, absoluteY))
          .onUpdate(({ absoluteX, absoluteY }) => drag(absoluteX, absoluteY))
          .onEnd(({ absoluteX, absoluteY }) => drop(absoluteX, absoluteY)),
        Gesture.Tap()
          .runOnJS(true)
          .onEnd(() => press()),
      ),
    [begin, drag, drop, press],
  );
  const at = moved ?? { x, y };
  return (
    <GestureDetector gesture={gesture} touchAction="none">
      <View
        testID={testID}
        role="button"
        tabIndex={0}
        aria-label={`${label} ${hint ?? 'Drag it, or move it with the arrow keys.'}`}
        {...keys({ move, scale, onRemove })}
        style={{
          position: 'absolute',
          left: at.x - TARGET / 2,
          top: at.y - TARGET / 2,
          width: TARGET,
          height: TARGET,
          alignItems: 'center',
          justifyContent: 'center',
          cursor: 'pointer',
          borderRadius: TARGET / 2,
          borderWidth: moved ? 2 : 0,
          borderColor: palette.act,
        }}
      >
        {mark}
      </View>
    </GestureDetector>
  );
}

const WAYS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

interface KeyPress {
  key: string;
  shiftKey: boolean;
  preventDefault(): void;
}

interface Keys {
  move: (dx: number, dy: number) => void;
  scale: number;
  onRemove: (() => void) | undefined;
}

/** Arrow keys and Delete on the web; the native platform knows no such property. */
const keys = ({ move, scale, onRemove }: Keys): object => ({
  onKeyDown: (event: KeyPress) => {
    const way = WAYS[event.key];
    const done = event.key === 'Delete' ? onRemove : undefined;
    if (!way && !done) return;
    event.preventDefault();
    if (!way) return done?.();
    const step = scale * (event.shiftKey ? SMALL_mm : STEP_mm);
    move(way[0] * step, way[1] * step);
  },
});
