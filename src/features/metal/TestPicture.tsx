import Svg, { Circle, Line, Path, Rect } from 'react-native-svg';

/** What each is drawn on: sparks are looked at in the dark, the rest on the bench. */
const DARK = '#1A1412';
const BENCH = '#8F979A';
const WIDTH = 104;
const HEIGHT = 60;

interface Stream {
  colour: string;
  /** Length of the streams, as a share of the room there is. */
  length: number;
  streams: number;
  /** Little forks on each stream. */
  forks: number;
  /** Star bursts on each stream, and how far out they sit. */
  bursts: number;
  burstsFrom: number;
  spear?: boolean;
  width?: number;
  /** How far the streams spread. */
  fan: number;
}

const STRAW = '#EBC76A';
/** The shapes of grinder sparks. Common practice. */
const SPARKS: Readonly<Record<string, Stream>> = {
  'straw-long': { colour: STRAW, length: 1, streams: 6, forks: 1, bursts: 0, burstsFrom: 1, fan: 1 },
  'bursts-some': { colour: '#F2DC9A', length: 0.8, streams: 7, forks: 3, bursts: 1, burstsFrom: 0.7, fan: 1 },
  'bursts-many': {
    colour: '#F6E9BE',
    length: 0.62,
    streams: 9,
    forks: 4,
    bursts: 4,
    burstsFrom: 0.3,
    fan: 1.2,
  },
  spear: { colour: STRAW, length: 0.85, streams: 6, forks: 1, bursts: 0, burstsFrom: 1, spear: true, fan: 1 },
  'red-short': {
    colour: '#D2553A',
    length: 0.48,
    streams: 6,
    forks: 0,
    bursts: 2,
    burstsFrom: 0.8,
    fan: 0.8,
  },
  'straw-short': { colour: STRAW, length: 0.55, streams: 5, forks: 0, bursts: 0, burstsFrom: 1, fan: 0.8 },
  'white-fan': {
    colour: '#F7F5EC',
    length: 0.75,
    streams: 11,
    forks: 4,
    bursts: 4,
    burstsFrom: 0.35,
    fan: 2,
  },
  'orange-hug': { colour: '#E8893A', length: 0.3, streams: 5, forks: 0, bursts: 0, burstsFrom: 1, fan: 0.5 },
  'white-brilliant': {
    colour: '#FFFFFF',
    length: 0.9,
    streams: 9,
    forks: 3,
    bursts: 3,
    burstsFrom: 0.5,
    width: 2.4,
    fan: 1.4,
  },
  none: { colour: STRAW, length: 0, streams: 0, forks: 0, bursts: 0, burstsFrom: 1, fan: 1 },
};

/** The same scatter every time: nothing here is left to chance. */
const scatter = (n: number): number => {
  const x = Math.sin(n * 127.1 + 11.7) * 43758.5453;
  return x - Math.floor(x);
};

function Spark({ outcome }: { outcome: string }) {
  const spark = SPARKS[outcome];
  if (!spark) return null;
  const from = { x: 24, y: 30 };
  const reach = WIDTH - from.x - 6;
  const streams = Array.from({ length: spark.streams }, (_, n) => {
    const angle = ((n / Math.max(1, spark.streams - 1)) * 26 - 10) * spark.fan * (Math.PI / 180);
    const length = reach * spark.length * (0.75 + 0.25 * scatter(n));
    return { n, angle, end: at(angle, length), length };
  });
  function at(angle: number, r: number) {
    return { x: from.x + r * Math.cos(angle), y: from.y + r * Math.sin(angle) + 0.0006 * r * r };
  }
  const stroke = { stroke: spark.colour, strokeWidth: spark.width ?? 1.4, strokeLinecap: 'round' as const };
  return (
    <>
      <Rect width={WIDTH} height={HEIGHT} fill={DARK} />
      <Circle cx={4} cy={30} r={20} fill="#6B6460" />
      <Circle cx={4} cy={30} r={4} fill={DARK} />
      {streams.map(({ n, angle, end, length }) => (
        <Path
          key={n}
          d={`M ${from.x} ${from.y} Q ${at(angle, length / 2).x} ${at(angle, length / 2).y - 1} ${end.x} ${end.y}`}
          fill="none"
          {...stroke}
        />
      ))}
      {streams.flatMap(({ n, angle, length }) =>
        Array.from({ length: spark.forks }, (_, k) => {
          const p = at(angle, length * (0.45 + (0.5 * (k + scatter(n + k))) / spark.forks));
          const up = scatter(n * 7 + k) > 0.5 ? -1 : 1;
          return <Line key={`f${n}-${k}`} x1={p.x} y1={p.y} x2={p.x + 6} y2={p.y + 4 * up} {...stroke} />;
        }),
      )}
      {streams.flatMap(({ n, angle, length }) =>
        Array.from({ length: spark.bursts }, (_, k) => {
          const out = spark.burstsFrom + (1 - spark.burstsFrom) * ((k + scatter(n * 3 + k)) / spark.bursts);
          const p = at(angle, length * out);
          return [0, 60, 120].map((turn) => {
            const a = ((turn + 40 * scatter(n + k)) * Math.PI) / 180;
            const [dx, dy] = [3 * Math.cos(a), 3 * Math.sin(a)];
            return (
              <Line
                key={`b${n}-${k}-${turn}`}
                x1={p.x - dx}
                y1={p.y - dy}
                x2={p.x + dx}
                y2={p.y + dy}
                {...stroke}
                strokeWidth={1}
              />
            );
          });
        }),
      )}
      {spark.spear &&
        streams.map(({ n, angle, length }) => {
          const [a, b, c] = [at(angle, length + 3), at(angle, length + 9), at(angle, length + 4)];
          return (
            <Path
              key={`s${n}`}
              d={`M ${a.x} ${a.y - 2.4} L ${b.x} ${b.y} L ${c.x} ${c.y + 2.4} Z`}
              fill={spark.colour}
            />
          );
        })}
    </>
  );
}

const METAL = '#DCE1E2';
const EDGE = '#20282B';

function Chip({ outcome }: { outcome: string }) {
  const cut = { stroke: EDGE, strokeWidth: 1.5 };
  const bits = outcome === 'crumbles' ? 26 : 7;
  return (
    <>
      <Rect width={WIDTH} height={HEIGHT} fill={BENCH} />
      <Rect x={0} y={40} width={WIDTH} height={20} fill={METAL} {...cut} />
      {outcome === 'skates' ? (
        <>
          <Path d="M 58 38 L 92 8 L 100 14 L 68 40 Z" fill="#4B565B" {...cut} />
          <Path d="M 58 38 q -6 -3 -2 -8" fill="none" stroke={EDGE} strokeWidth={2.5} />
          <Line x1={18} y1={40} x2={58} y2={40} stroke={EDGE} strokeWidth={3} />
        </>
      ) : (
        <Path
          d={
            outcome === 'crumbles' ? 'M 30 40 l 6 5 l 5 -3 l 7 5 l 6 -4 l 8 4 l 6 -7' : 'M 30 40 q 20 8 44 0'
          }
          fill={BENCH}
          {...cut}
        />
      )}
      {outcome === 'curl' && (
        <Path
          d="M 34 40 C 20 30 26 14 42 14 C 58 14 62 30 50 34 C 40 37 36 26 44 23 C 50 21 53 27 48 29"
          fill="none"
          stroke={METAL}
          strokeWidth={5}
          strokeLinecap="round"
        />
      )}
      {(outcome === 'short' || outcome === 'crumbles') &&
        Array.from({ length: bits }, (_, n) => {
          const size = outcome === 'crumbles' ? 1.5 + 3 * scatter(n) : 8;
          return (
            <Rect
              key={n}
              x={14 + 76 * scatter(n + 3)}
              y={6 + 26 * scatter(n + 50)}
              width={size}
              height={size * 0.55}
              fill={outcome === 'crumbles' ? '#5B6265' : METAL}
              stroke={EDGE}
              strokeWidth={1}
            />
          );
        })}
    </>
  );
}

const FACES: Readonly<Record<string, { ground: string; mark: string }>> = {
  sooty: { ground: '#4A4D4E', mark: '#242627' },
  'bright-grey': { ground: '#C3C9CB', mark: '#F4F7F7' },
  white: { ground: '#EEF2F2', mark: '#B5BFC2' },
  fibrous: { ground: '#9AA1A3', mark: '#5C6366' },
  coarse: { ground: '#A9B0B2', mark: '#E6EBEB' },
};

function Fracture({ outcome }: { outcome: string }) {
  const face = FACES[outcome];
  if (!face) return null;
  const marks = Array.from({ length: 90 }, (_, n) => ({
    n,
    x: 6 + 92 * scatter(n),
    y: 6 + 48 * scatter(n + 200),
    r: scatter(n + 400),
  }));
  return (
    <>
      <Rect width={WIDTH} height={HEIGHT} fill={BENCH} />
      <Path
        d="M 4 8 L 30 3 L 62 7 L 100 4 L 101 54 L 66 57 L 34 54 L 3 57 Z"
        fill={face.ground}
        stroke={EDGE}
        strokeWidth={1.5}
      />
      {outcome === 'fibrous' &&
        Array.from({ length: 11 }, (_, n) => (
          <Path
            key={n}
            d={`M 6 ${9 + 4.3 * n} q 24 ${6 * scatter(n) - 3} 46 ${3 * scatter(n + 9) - 1.5} t 46 ${4 * scatter(n + 5) - 2}`}
            fill="none"
            stroke={face.mark}
            strokeWidth={1.2}
          />
        ))}
      {outcome === 'white' &&
        marks
          .slice(0, 44)
          .map(({ n, x, r }) => (
            <Line
              key={n}
              x1={x}
              y1={8 + 8 * r}
              x2={x + 6 * (r - 0.5)}
              y2={50 - 10 * r}
              stroke={face.mark}
              strokeWidth={1.1}
            />
          ))}
      {(outcome === 'sooty' || outcome === 'bright-grey') &&
        marks.map(({ n, x, y, r }) => (
          <Circle
            key={n}
            cx={x}
            cy={y}
            r={outcome === 'sooty' ? 0.8 + 1.6 * r : 0.5 + 0.7 * r}
            fill={face.mark}
          />
        ))}
      {outcome === 'coarse' &&
        marks.slice(0, 26).map(({ n, x, y, r }) => {
          const s = 4 + 5 * r;
          return (
            <Path
              key={n}
              d={`M ${x} ${y} l ${s} ${s * 0.3} l ${-s * 0.3} ${s} l ${-s} ${-s * 0.4} Z`}
              fill={n % 3 === 0 ? face.mark : '#868E91'}
              stroke="#6B7376"
              strokeWidth={0.7}
            />
          );
        })}
    </>
  );
}

const PICTURES: Readonly<Record<string, (props: { outcome: string }) => React.ReactNode>> = {
  spark: Spark,
  chip: Chip,
  fracture: Fracture,
};

/** Whether an outcome of a test is better looked at than read. */
export const isDrawn = (test: string): boolean => Object.hasOwn(PICTURES, test);

/** What an outcome looks like, drawn. The words beside it say the same. */
export function TestPicture({ test, outcome }: { test: string; outcome: string }) {
  const Picture = PICTURES[test];
  if (!Picture) return null;
  return (
    <Svg width={WIDTH} height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden>
      <Picture outcome={outcome} />
    </Svg>
  );
}
