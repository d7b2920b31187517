import { View } from 'react-native';
import { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import type { BlowPiece } from '@core/field/piece';
import { trimmed } from '@core/units/format';
import { usePalette } from '@/ui/theme/theme';
import { FONTS } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import type { View as Looked } from './view';

/** The clamp as a square with its letter; hollow where it sits on the upright. */
export function Mark({ name, upright }: { name: string; upright: boolean }) {
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

/** How the lead leaves a clamp: flat to the edge, or on end as a ring with a point (up) or a cross (down). */
export function Leads({ piece, view }: { piece: BlowPiece; view: Looked }) {
  const palette = usePalette();
  return (
    <G>
      {piece.clamps.map(({ x: along, y: across }, n) => {
        const [x, y] = [view.x(along), view.y(across)];
        if (piece.lead === 'flat')
          return (
            <Path
              key={n}
              d={`M ${x} ${y} q -26 4 -34 -12`}
              stroke={palette.ink}
              strokeWidth={4}
              fill="none"
            />
          );
        return (
          <G key={n}>
            <Circle cx={x - 24} cy={y} r={8} stroke={palette.ink} strokeWidth={2} fill={palette.surface} />
            {piece.lead === 'up' ? (
              <Circle cx={x - 24} cy={y} r={3} fill={palette.ink} />
            ) : (
              <Path
                d={`M ${x - 28} ${y - 4} l 8 8 m 0 -8 l -8 8`}
                stroke={palette.ink}
                strokeWidth={2}
                fill="none"
              />
            )}
          </G>
        );
      })}
    </G>
  );
}

/** A field that was there before the arc, as an arrow at the lower edge. */
export function Residual({ piece, view }: { piece: BlowPiece; view: Looked }) {
  const palette = usePalette();
  const G_along = piece.residual.x;
  if (G_along === 0) return null;
  const y = view.height - 9;
  const way = Math.sign(G_along);
  const [from, to] = [view.width / 2 - way * 40, view.width / 2 + way * 40];
  return (
    <G>
      <Line x1={from} y1={y} x2={to} y2={y} stroke={palette.ink} strokeWidth={2} />
      <Path d={`M ${to} ${y} l ${-9 * way} -5 v 10 Z`} fill={palette.ink} />
      <Rect x={view.width / 2 - 30} y={y - 9} width={60} height={16} fill={palette.surface} />
      <SvgText
        x={view.width / 2}
        y={y + 4}
        fontSize={13}
        fontFamily={FONTS.text}
        fill={palette.ink}
        textAnchor="middle"
      >
        {`${trimmed(Math.abs(G_along), 0)} G before`}
      </SvgText>
    </G>
  );
}
