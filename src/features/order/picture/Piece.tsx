import { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import type { BlowPlan } from '@core/field';
import { usePalette } from '@/ui/theme/theme';
import { FONTS } from '@/ui/theme/tokens';
import type { View } from './view';
import { pieceTraits } from '@core/data/pieces';

/** Nearest two lines that are one edge, mm. */
const SAME_mm = 1;
/** A gap is drawn so wide, whatever it is, px. */
const GAP_px = 4;

/** The metal: plates with their edges, the gap and the tacks between them, an upright seen on edge, a frame of tube. */
export function Piece({ blow, view }: { blow: BlowPlan; view: View }) {
  const palette = usePalette();
  const { piece } = blow;
  if (pieceTraits(piece.kind).cornered) return <Frame blow={blow} view={view} />;
  const { part, x, y } = view;
  const seamY = y(piece.seam_mm);
  const edges = [
    { open: Math.abs(part.left) < SAME_mm, line: [part.left, part.bottom, part.left, part.top] },
    {
      open: Math.abs(part.right - piece.length_mm) < SAME_mm,
      line: [part.right, part.bottom, part.right, part.top],
    },
    { open: Math.abs(part.bottom) < SAME_mm, line: [part.left, part.bottom, part.right, part.bottom] },
    {
      open: Math.abs(part.top - piece.width_mm) < SAME_mm,
      line: [part.left, part.top, part.right, part.top],
    },
  ] as const;
  return (
    <G>
      <Rect
        x={x(part.left)}
        y={y(part.top)}
        width={(part.right - part.left) * view.scale}
        height={(part.top - part.bottom) * view.scale}
        fill={palette.line}
      />
      {edges.map(({ open, line: [x1, y1, x2, y2] }, n) => (
        <Line
          key={n}
          x1={x(x1)}
          y1={y(y1)}
          x2={x(x2)}
          y2={y(y2)}
          stroke={palette.ink}
          strokeWidth={open ? 2.5 : 1}
          strokeDasharray={open ? undefined : '5 5'}
        />
      ))}
      {pieceTraits(piece.kind).joins === 'edges' && (
        <Rect
          x={x(part.left)}
          y={seamY - GAP_px / 2}
          width={(part.right - part.left) * view.scale}
          height={GAP_px}
          fill={palette.ink}
        />
      )}
      {pieceTraits(piece.kind).joins === 'upright' && (
        <Rect
          x={x(part.left)}
          y={seamY + 3}
          width={(part.right - part.left) * view.scale}
          height={9}
          fill={palette.ink2}
        />
      )}
      {piece.tacks.map((tack) => (
        <Rect key={tack} x={x(tack) - 3} y={seamY - 7} width={6} height={14} rx={3} fill={palette.ink} />
      ))}
      {piece.tabs &&
        [blow.seam.from, blow.seam.to].map((end, n) => (
          <Rect
            key={n}
            x={x(end.x) + (n === 0 ? -16 : 2)}
            y={seamY - 12}
            width={14}
            height={24}
            fill="none"
            stroke={palette.ink}
            strokeWidth={2}
          />
        ))}
    </G>
  );
}

/** Four tubes and their mitres, the corners numbered. */
function Frame({ blow: { piece }, view }: { blow: BlowPlan; view: View }) {
  const palette = usePalette();
  const { x, y, scale } = view;
  const { length_mm: long, width_mm: wide, tube_mm: tube } = piece;
  const corners = [
    [0, 0, tube, tube],
    [long, 0, long - tube, tube],
    [long, wide, long - tube, wide - tube],
    [0, wide, tube, wide - tube],
  ] as const;
  const middle = long / 2;
  return (
    <G>
      <Rect
        x={x(0)}
        y={y(wide)}
        width={long * scale}
        height={wide * scale}
        fill={palette.line}
        stroke={palette.ink}
        strokeWidth={2.5}
      />
      <Rect
        x={x(tube)}
        y={y(wide - tube)}
        width={(long - 2 * tube) * scale}
        height={(wide - 2 * tube) * scale}
        fill={palette.surface}
        stroke={palette.ink}
        strokeWidth={2.5}
      />
      {corners.map(([ox, oy, ix, iy], n) => (
        <G key={n}>
          <Line x1={x(ox)} y1={y(oy)} x2={x(ix)} y2={y(iy)} stroke={palette.ink} strokeWidth={1.5} />
          <SvgText
            x={x(ix) + (ix < middle ? 8 : -8)}
            y={y(iy) + (oy === 0 ? -10 : 20)}
            fill={palette.ink2}
            fontSize={13}
            fontFamily={FONTS.text}
            textAnchor={ix < middle ? 'start' : 'end'}
          >
            {`corner ${n + 1}`}
          </SvgText>
        </G>
      ))}
    </G>
  );
}
