import { View } from 'react-native';
import Svg, { Circle, ClipPath, Defs, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import {
  CELLS,
  SHOWN,
  diagramOf,
  type Cell,
  type Cloud,
  type DiagramId,
  type Mark,
  type MixPlan,
} from '@core/mix';
import { usePalette } from '@/ui/theme/theme';
import { FONTS } from '@/ui/theme/tokens';
import { useWidth } from '@/ui/useWidth';

const LEFT = 36;
const BOTTOM = 40;
const TOP = 10;
const RIGHT = 10;
/** Height over width. */
const SHAPE = 0.86;
const TICKS: Readonly<Record<DiagramId, { creq: readonly number[]; nieq: readonly number[] }>> = {
  schaeffler: { creq: [0, 10, 20, 30], nieq: [0, 10, 20, 30] },
  closer: { creq: [15, 20, 25, 30], nieq: [6, 10, 15, 20] },
  wrc: { creq: [15, 20, 25, 30], nieq: [6, 9, 12, 15, 18] },
};
const NAMES: Readonly<Record<Mark['id'], string>> = { rod: 'R', A: 'A', B: 'B', base: '', bead: '' };

/** A constitution diagram with the rod, both sides, the line between them, what the dilution covers, and where the bead may lie. */
export function DiagramPicture({ mix, id, cloud }: { mix: MixPlan; id: DiagramId; cloud: Cloud | null }) {
  const palette = usePalette();
  const [width, onLayout] = useWidth(320);
  const height = Math.min(430, width * SHAPE);
  const shown = SHOWN[id];
  const drawing = diagramOf(mix, id);
  const [plotWidth, plotHeight] = [width - LEFT - RIGHT, height - TOP - BOTTOM];
  const x = (creq: number) => LEFT + ((creq - shown.creq[0]) / (shown.creq[1] - shown.creq[0])) * plotWidth;
  const y = (nieq: number) =>
    TOP + plotHeight - ((nieq - shown.nieq[0]) / (shown.nieq[1] - shown.nieq[0])) * plotHeight;
  const path = (points: readonly (readonly [number, number])[]) =>
    `M ${points.map(([c, n]) => `${x(c)} ${y(n)}`).join(' L ')}`;
  const inside = (c: number, n: number) =>
    c >= shown.creq[0] && c <= shown.creq[1] && n >= shown.nieq[0] && n <= shown.nieq[1];
  const clip = `plot-${id}`;
  const strokes = {
    field: { colour: palette.ink, width: 2, dash: undefined },
    ferrite: { colour: palette.ink2, width: 1, dash: undefined },
    martensite: { colour: palette.state.none, width: 2.5, dash: '8 5' },
  };
  const shade = [palette.state.roomy, palette.state.roomy, palette.state.roomy];
  const squares = (cells: readonly Cell[], level: number) =>
    cells
      .filter((cell) => cell.level === level)
      .map(({ column, row }) => {
        const [w, h] = [plotWidth / CELLS.across, plotHeight / CELLS.up];
        return `M ${LEFT + column * w} ${TOP + plotHeight - (row + 1) * h} h ${w} v ${h} h ${-w} Z`;
      })
      .join(' ');
  const cells = cloud?.cells[id] ?? [];
  const bead = drawing.marks.find((mark) => mark.id === 'bead');
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={`${id === 'wrc' ? 'WRC-1992' : 'Schaeffler'} diagram: bead at chromium equivalent ${bead?.at.creq.toFixed(1) ?? '?'}, nickel equivalent ${bead?.at.nieq.toFixed(1) ?? '?'}.`}
    >
      <Svg width={width} height={height}>
        <Defs>
          <ClipPath id={clip}>
            <Rect x={LEFT} y={TOP} width={plotWidth} height={plotHeight} />
          </ClipPath>
        </Defs>
        <Rect x={LEFT} y={TOP} width={plotWidth} height={plotHeight} fill={palette.sunk} />
        <G clipPath={`url(#${clip})`}>
          {[1, 2, 3].map((level) => (
            <Path
              key={level}
              d={squares(cells, level)}
              fill={shade[level - 1] ?? palette.line}
              opacity={[0.2, 0.45, 0.8][level - 1]}
            />
          ))}
          {drawing.lines.map(({ id: line, kind, points }) => (
            <Path
              key={line}
              d={path(points)}
              fill="none"
              stroke={strokes[kind].colour}
              strokeWidth={strokes[kind].width}
              strokeDasharray={strokes[kind].dash}
            />
          ))}
          {drawing.fields.map(({ name, at }) => (
            <SvgText
              key={name}
              x={x(at[0])}
              y={y(at[1])}
              fill={palette.ink2}
              fontSize={17}
              fontFamily={FONTS.display}
              textAnchor="middle"
            >
              {name}
            </SvgText>
          ))}
          <Line
            x1={x(drawing.tie[0].creq)}
            y1={y(drawing.tie[0].nieq)}
            x2={x(drawing.tie[1].creq)}
            y2={y(drawing.tie[1].nieq)}
            stroke={palette.ink}
            strokeWidth={1.5}
            strokeDasharray="3 4"
          />
          {mix.sides.a !== mix.sides.b && <SidesLine drawing={drawing} x={x} y={y} colour={palette.ink} />}
          <Line
            x1={x(drawing.band[0].creq)}
            y1={y(drawing.band[0].nieq)}
            x2={x(drawing.band[1].creq)}
            y2={y(drawing.band[1].nieq)}
            stroke={palette.state.tight}
            strokeWidth={8}
          />
        </G>
        <Rect
          x={LEFT}
          y={TOP}
          width={plotWidth}
          height={plotHeight}
          fill="none"
          stroke={palette.ink}
          strokeWidth={1.5}
        />
        {drawing.lines
          .filter(({ name }) => name !== '')
          .map(({ id: line, name, points }) => {
            const end = endInside(points, shown);
            return end ? (
              <SvgText
                key={line}
                x={Math.min(x(end[0]), width - RIGHT - 12)}
                y={Math.max(y(end[1]) + 14, TOP + 14)}
                fill={palette.ink}
                fontSize={13}
                fontFamily={FONTS.text}
                textAnchor="end"
              >
                {name}
              </SvgText>
            ) : null;
          })}
        {TICKS[id].creq.map((tick) => (
          <SvgText
            key={`c${tick}`}
            x={x(tick)}
            y={TOP + plotHeight + 16}
            fill={palette.ink}
            fontSize={14}
            fontFamily={FONTS.text}
            textAnchor="middle"
          >
            {`${tick}`}
          </SvgText>
        ))}
        {TICKS[id].nieq.map((tick) => (
          <SvgText
            key={`n${tick}`}
            x={LEFT - 6}
            y={y(tick) + 5}
            fill={palette.ink}
            fontSize={14}
            fontFamily={FONTS.text}
            textAnchor="end"
          >
            {`${tick}`}
          </SvgText>
        ))}
        <SvgText
          x={LEFT + plotWidth / 2}
          y={height - 6}
          fill={palette.ink2}
          fontSize={14}
          fontFamily={FONTS.text}
          textAnchor="middle"
        >
          Cr equivalent, % across; Ni equivalent, % up
        </SvgText>
        {drawing.marks
          .filter(({ id: mark, at }) => mark !== 'base' && inside(at.creq, at.nieq))
          .map(({ id: mark, at }) => (
            <MarkShape key={mark} mark={mark} x={x(at.creq)} y={y(at.nieq)} />
          ))}
      </Svg>
    </View>
  );
}

/** The line between the two sides, on which the stirred base metal lies. */
function SidesLine({
  drawing,
  x,
  y,
  colour,
}: {
  drawing: ReturnType<typeof diagramOf>;
  x: (creq: number) => number;
  y: (nieq: number) => number;
  colour: string;
}) {
  const [a, b] = (['A', 'B'] as const).map((id) => drawing.marks.find((mark) => mark.id === id));
  if (!a || !b) return null;
  return (
    <Line
      x1={x(a.at.creq)}
      y1={y(a.at.nieq)}
      x2={x(b.at.creq)}
      y2={y(b.at.nieq)}
      stroke={colour}
      strokeWidth={1}
    />
  );
}

/** Rod a lozenge, sides squares with their letter, the bead a ring. */
function MarkShape({ mark, x, y }: { mark: Mark['id']; x: number; y: number }) {
  const palette = usePalette();
  if (mark === 'bead')
    return <Circle cx={x} cy={y} r={6} fill={palette.surface} stroke={palette.ink} strokeWidth={3} />;
  const half = 9;
  const shape =
    mark === 'rod'
      ? `M ${x} ${y - half - 2} L ${x + half + 2} ${y} L ${x} ${y + half + 2} L ${x - half - 2} ${y} Z`
      : `M ${x - half} ${y - half} h ${2 * half} v ${2 * half} h ${-2 * half} Z`;
  return (
    <>
      <Path
        d={shape}
        fill={mark === 'rod' ? palette.act : palette.steel}
        stroke={palette.surface}
        strokeWidth={1.5}
      />
      <SvgText
        x={x}
        y={y + 5}
        fill={mark === 'rod' ? palette.onAct : palette.onSteel}
        fontSize={14}
        fontFamily={FONTS.textBold}
        textAnchor="middle"
      >
        {NAMES[mark]}
      </SvgText>
    </>
  );
}

/** Where a line leaves the part that is shown, at its upper end. */
function endInside(
  points: readonly (readonly [number, number])[],
  { creq, nieq }: (typeof SHOWN)[DiagramId],
): readonly [number, number] | null {
  const [a, b] = [points[points.length - 2], points[points.length - 1]];
  if (!a || !b) return null;
  const share = Math.min(
    1,
    ...(b[0] > a[0] ? [(creq[1] - a[0]) / (b[0] - a[0])] : []),
    ...(b[1] > a[1] ? [(nieq[1] - a[1]) / (b[1] - a[1])] : []),
  );
  return share <= 0 ? null : [a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1])];
}
