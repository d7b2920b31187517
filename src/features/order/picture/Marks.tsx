import { View } from 'react-native';
import { G } from 'react-native-svg';
import type { BlowPiece } from '@core/field';
import { usePalette } from '@/ui/theme/theme';
import { Words } from '@/ui/Words';
import { LeadMark } from './TrayThings';
import type { View as Looked } from './view';

/** A clamp's letter, and its number where there are two. */
export const nameOfClamp = (n: number, of: number): string => (of > 1 ? `C${n + 1}` : 'C');

interface MarkProps {
  name: string;
  upright: boolean;
  /** It is not here but on the piece. */
  spare?: boolean;
}

/** The clamp as a square with its letter; hollow where it sits on the upright or in the tray. */
export function Mark({ name, upright, spare = false }: MarkProps) {
  const palette = usePalette();
  return (
    <View
      style={{
        width: 26,
        height: 26,
        alignItems: 'center',
        justifyContent: 'center',
        backgroundColor: upright ? palette.surface : palette.act,
        borderWidth: 2,
        borderColor: upright ? palette.act : palette.surface,
        borderStyle: spare ? 'dashed' : 'solid',
      }}
    >
      <Words as="label" color={upright ? palette.ink : palette.onAct}>
        {name}
      </Words>
    </View>
  );
}

/** A clamp that stays where it is. */
export function FixedMark({ x, y, name }: { x: number; y: number; name: string }) {
  return (
    <View style={{ position: 'absolute', left: x - 13, top: y - 13, pointerEvents: 'none' }}>
      <Mark name={name} upright={false} />
    </View>
  );
}

/** Two strokes to take hold of. */
export function Grip({ only }: { only: 'x' | 'y' }) {
  const palette = usePalette();
  const across = only === 'y';
  return (
    <View
      style={{
        flexDirection: across ? 'column' : 'row',
        gap: 3,
        padding: 4,
        borderRadius: 6,
        borderWidth: 1.5,
        borderColor: palette.ink,
        backgroundColor: palette.surface,
      }}
    >
      {[0, 1].map((n) => (
        <View
          key={n}
          style={{ width: across ? 16 : 2.5, height: across ? 2.5 : 16, backgroundColor: palette.ink }}
        />
      ))}
    </View>
  );
}

/** How the lead leaves every clamp. */
export function Leads({ piece, view }: { piece: BlowPiece; view: Looked }) {
  return (
    <G>
      {piece.clamps.map(({ x, y }, n) => (
        <G key={n} transform={`translate(${view.x(x)} ${view.y(y)})`}>
          <LeadMark lead={piece.lead} />
        </G>
      ))}
    </G>
  );
}
