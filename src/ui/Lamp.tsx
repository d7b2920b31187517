import { View } from 'react-native';
import { usePalette } from './theme/theme';

/** How an instrument or an ear stands: it reads; it is not to be trusted; nothing comes. */
export type LampState = 'live' | 'doubted' | 'quiet' | 'waiting' | 'off';

const COLOURS = { live: 'roomy', doubted: 'none', quiet: 'tight', waiting: 'tight' } as const;

/** A round light beside a name; what it says stands in words beside it. */
export function Lamp({ state }: { state: LampState }) {
  const palette = usePalette();
  return (
    <View
      aria-hidden
      style={{
        width: 18,
        height: 18,
        borderRadius: 9,
        backgroundColor: state === 'off' ? palette.line : palette.state[COLOURS[state]],
      }}
    />
  );
}
