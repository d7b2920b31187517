import { counted } from '@core/units/format';
import { View } from 'react-native';
import Svg, { Circle, Path, Text as SvgText } from 'react-native-svg';
import type { RunPlan } from '@core/rods';
import { usePalette } from '@/ui/theme/theme';
import { FONTS } from '@/ui/theme/tokens';
import { useWidth } from '@/ui/useWidth';

const HEIGHT = 250;
const STRAIGHT_HEIGHT = 96;
const MARGIN = 34;
/** Points that stand for a bend in a run. */
const STEPS = 24;

interface Props {
  runs: RunPlan;
  /** A pipe is drawn round. */
  round: boolean;
  say: (mm: number) => string;
}

/** The joint seen from above: every run with its number and its direction, and where one ties into another. */
export function RunsPicture({ runs, round, say }: Props) {
  const palette = usePalette();
  const [width, onLayout] = useWidth(320);
  const { sides_mm, closed } = runs.path;
  const height = closed ? HEIGHT : STRAIGHT_HEIGHT;
  const at = placer(runs, round, width, height);
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={`From above: ${counted(runs.runs.length, 'run')} on ${say(runs.total_mm)}, ${counted(runs.tieIns.length, 'tie-in')}.`}
    >
      <Svg width={width} height={height}>
        {closed && !round && (
          <Path
            d={`${pathThrough(at, 0, runs.total_mm, 0.82)} Z`}
            fill={palette.sunk}
            stroke={palette.line}
            strokeWidth={1}
          />
        )}
        {runs.runs.map(({ number, start_mm, end_mm }) => {
          const colour = number % 2 === 0 ? palette.state.snug : palette.state.tight;
          const toward = Math.sign(end_mm - start_mm);
          // Ends a little short, so that two runs do not look like one.
          const short = Math.min(Math.abs(end_mm - start_mm) * 0.04, runs.total_mm * 0.006) * toward;
          const [tipX, tipY] = at(end_mm - short, 1);
          const [backX, backY] = at(
            end_mm - toward * Math.min(runs.total_mm * 0.02, Math.abs(end_mm - start_mm) / 2),
            1,
          );
          const [mx, my] = at((start_mm + end_mm) / 2, closed ? 1.22 : 1);
          return [
            <Path
              key={`run ${number}`}
              d={pathThrough(at, start_mm + short, end_mm - short, 1)}
              fill="none"
              stroke={colour}
              strokeWidth={10}
            />,
            <Path key={`head ${number}`} d={head(backX, backY, tipX, tipY)} fill={colour} stroke={colour} />,
            <SvgText
              key={`number ${number}`}
              x={mx}
              y={closed ? my + 6 : my - 20}
              fill={palette.ink}
              fontFamily={FONTS.textBold}
              fontSize={16}
              textAnchor="middle"
            >
              {`${number}`}
            </SvgText>,
          ];
        })}
        {runs.tieIns.map(({ at_mm }) => {
          const [x, y] = at(at_mm, 1);
          return (
            <Circle
              key={at_mm}
              cx={x}
              cy={y}
              r={6}
              fill={palette.surface}
              stroke={palette.ink}
              strokeWidth={2.5}
            />
          );
        })}
        {!closed &&
          [0, ...sides_mm.map((_, n) => sides_mm.slice(0, n + 1).reduce((a, b) => a + b, 0))].map(
            (mm, n, all) => {
              if (n !== 0 && n !== all.length - 1) return null;
              const [x, y] = at(mm, 1);
              return (
                <SvgText
                  key={mm}
                  x={x}
                  y={y + 34}
                  fill={palette.ink2}
                  fontFamily={FONTS.text}
                  fontSize={14}
                  textAnchor={n === 0 ? 'start' : 'end'}
                >
                  {say(mm)}
                </SvgText>
              );
            },
          )}
      </Svg>
    </View>
  );
}

type Place = (mm: number, out: number) => readonly [number, number];

/** Where a place along the joint is drawn; `out` 1 is on the line, more is outside it. */
function placer({ path, total_mm }: RunPlan, round: boolean, width: number, height: number): Place {
  const [cx, cy] = [width / 2, height / 2];
  if (!path.closed) return (mm) => [MARGIN / 2 + (mm / Math.max(total_mm, 1e-9)) * (width - MARGIN), cy - 4];
  if (round || path.sides_mm.length < 4) {
    const radius = height / 2 - MARGIN;
    return (mm, out) => {
      const turn = (mm / total_mm) * 2 * Math.PI - Math.PI / 2;
      return [cx + radius * out * Math.cos(turn), cy + radius * out * Math.sin(turn)];
    };
  }
  const [w = 1, h = 1] = path.sides_mm;
  const scale = Math.min((width - 2.6 * MARGIN) / w, (height - 2.2 * MARGIN) / h);
  const [halfW, halfH] = [(w * scale) / 2, (h * scale) / 2];
  return (mm, out) => {
    let left = ((mm % total_mm) + total_mm) % total_mm;
    const corners = [
      [-halfW, -halfH],
      [halfW, -halfH],
      [halfW, halfH],
      [-halfW, halfH],
    ] as const;
    let side = 0;
    while (side < 3 && left > (path.sides_mm[side] ?? 0)) left -= path.sides_mm[side++] ?? 0;
    const [ax, ay] = corners[side] ?? [0, 0];
    const [bx, by] = corners[(side + 1) % 4] ?? [0, 0];
    const share = left / Math.max(path.sides_mm[side] ?? 1, 1e-9);
    const push = (out - 1) * Math.min(halfW, halfH);
    const across: readonly [number, number] = [Math.sign(by - ay) * push, -Math.sign(bx - ax) * push];
    return [cx + ax + (bx - ax) * share + across[0], cy + ay + (by - ay) * share + across[1]];
  };
}

const pathThrough = (at: Place, from: number, to: number, out: number): string =>
  `M ${Array.from({ length: STEPS + 1 }, (_, n) => at(from + ((to - from) * n) / STEPS, out).join(' ')).join(' L ')}`;

/** An arrow head from one point to the next. */
function head(x0: number, y0: number, x1: number, y1: number): string {
  const long = Math.hypot(x1 - x0, y1 - y0) || 1;
  const [dx, dy] = [(x1 - x0) / long, (y1 - y0) / long];
  const [bx, by] = [x1 - 14 * dx, y1 - 14 * dy];
  return `M ${x1} ${y1} L ${bx - 10 * dy} ${by + 10 * dx} L ${bx + 10 * dy} ${by - 10 * dx} Z`;
}
