import { View } from 'react-native';
import Svg, { Circle, Path, Polyline } from 'react-native-svg';
import type { Drawing } from '@core/judge';
import { PictureText } from './PictureText';
import { usePalette } from './theme/theme';
import { useWidth } from './useWidth';
import { Words } from './Words';

/** As high as it may be; a long flat thing takes no more than it needs. */
const MOST_HIGH = 150;
const MARGIN = 30;
/** Room under it. */
const FOOT = 14;
const BUTTON = 12;
const HEAD = 9;

const SEEN: Readonly<Record<Drawing['seen'], string>> = {
  side: 'from the side',
  above: 'from above',
  face: 'facing it',
  cut: 'cut across',
};

type Px = readonly [number, number];

/** What a step looks like, to scale: what lies there, and each move an arrow. */
export function StepPicture({ drawing, title }: { drawing: Drawing; title: string }) {
  const palette = usePalette();
  const [width, onLayout] = useWidth(320);
  const { metal, beads, moves, holes, labels, numbered, says } = drawing;
  const all = [...metal, ...beads, ...moves].flat();
  const xs = all.map(([x]) => x);
  const ys = all.map(([, y]) => y);
  const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const scale = Math.min((width - 2 * MARGIN) / (right - left), (MOST_HIGH - 2 * MARGIN) / (high - low));
  const tall = scale * (high - low) + MARGIN + FOOT;
  const put = ([x, y]: Px): Px => [
    (width - scale * (right - left)) / 2 + scale * (x - left),
    tall - FOOT - scale * (y - low),
  ];
  const path = (points: readonly Px[]) => `M ${points.map((one) => put(one).join(' ')).join(' L ')} Z`;
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={[title, SEEN[drawing.seen], says].filter((words) => words !== '').join(', ')}
    >
      <Svg width={width} height={tall}>
        {metal.map((points, n) => (
          <Path key={n} d={path(points)} fill={palette.line} stroke={palette.ink} />
        ))}
        {beads.map((points, n) => (
          <Path key={n} d={path(points)} fill={palette.state.tight} stroke={palette.ink} />
        ))}
        {holes.map(({ at, across_mm }, n) => {
          const [cx, cy] = put(at);
          return (
            <Circle
              key={n}
              cx={cx}
              cy={cy}
              r={(scale * across_mm) / 2}
              fill={palette.surface}
              stroke={palette.danger}
              strokeWidth={3}
            />
          );
        })}
        {moves.map((points, n) => (
          <Move key={n} points={points.map(put)} />
        ))}
        {numbered &&
          moves.map((points, n) => {
            const [[x0, y0], [x1, y1]] = [put(points[0] ?? [0, 0]), put(points[1] ?? [0, 0])];
            // Beside the beginning of its move, never on it.
            const upright = Math.abs(y1 - y0) > Math.abs(x1 - x0);
            const [x, y] = [x0 + 0.2 * (x1 - x0), y0 + 0.2 * (y1 - y0)];
            return (
              <PictureText key={n} x={upright ? x + BUTTON : x} y={upright ? y + 5 : y - 6} size={16} bold>
                {`${n + 1}`}
              </PictureText>
            );
          })}
        {labels.map(({ at, words }) => {
          const [x, y] = put(at);
          return (
            <PictureText key={`${words} ${x}`} x={x} y={y}>
              {words}
            </PictureText>
          );
        })}
        <PictureText x={width - 4} y={14} size={14} color={palette.ink2} anchor="end">
          {SEEN[drawing.seen]}
        </PictureText>
      </Svg>
      {says !== '' && <Words as="small">{says}</Words>}
    </View>
  );
}

/** A move of the tip, with a head at its end. */
function Move({ points }: { points: readonly Px[] }) {
  const palette = usePalette();
  const end = points.at(-1);
  const before = points.at(-2);
  if (!end || !before) return null;
  const turn = Math.atan2(end[1] - before[1], end[0] - before[0]);
  const side = (by: number): Px => [end[0] - HEAD * Math.cos(turn + by), end[1] - HEAD * Math.sin(turn + by)];
  const list = (some: readonly Px[]) => some.map((one) => one.join(',')).join(' ');
  return (
    <>
      <Polyline points={list(points)} fill="none" stroke={palette.act} strokeWidth={3} />
      <Polyline
        points={list([side(0.5), end, side(-0.5)])}
        fill="none"
        stroke={palette.act}
        strokeWidth={3}
      />
    </>
  );
}
