import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Act } from '@/ui/Act';
import { FieldRow } from '@/ui/FieldRow';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

const SPEEDS_ms = { slow: 1200, quick: 450 } as const;

interface Props {
  count: number;
  done: number | null;
  onDone: (done: number | null) => void;
}

/** Steps through the order: by thumb, by the arrow keys, or by itself. */
export function Player({ count, done, onDone }: Props) {
  const [speed, setSpeed] = useState<keyof typeof SPEEDS_ms | null>(null);
  const at = done ?? count;
  useEffect(() => {
    if (speed === null) return;
    const timer = setInterval(() => onDone(at >= count ? 0 : at + 1), SPEEDS_ms[speed]);
    return () => clearInterval(timer);
  }, [speed, at, count, onDone]);
  const before = () => onDone(Math.max(0, at - 1));
  const after = () => onDone(at >= count ? 1 : at + 1);
  return (
    <View style={{ gap: SPACE.s }} {...stepKeys(before, after)}>
      <FieldRow>
        <Act grow title="Before" testID="step-before" disabled={at <= 0} onPress={before} />
        <Act grow title="After" testID="step-after" onPress={after} />
        <Act
          grow
          title={speed === null ? 'Play' : speed === 'slow' ? 'Quicker' : 'Stop'}
          testID="play"
          onPress={() => setSpeed(speed === null ? 'slow' : speed === 'slow' ? 'quick' : null)}
        />
      </FieldRow>
      <Words as="small" testID="step-says" live>
        {`${at} of ${count} laid`}
      </Words>
    </View>
  );
}

/** Arrow keys on the web while one of the buttons is in focus; the native platform knows no such property. */
const stepKeys = (before: () => void, after: () => void): object => ({
  onKeyDown: (event: { key: string; preventDefault(): void }) => {
    const { key } = event;
    if (key !== 'ArrowLeft' && key !== 'ArrowRight') return;
    event.preventDefault();
    if (key === 'ArrowLeft') before();
    else after();
  },
});
