import { View } from 'react-native';
import Svg, { Circle, Line, Rect } from 'react-native-svg';
import { inWords } from '@core/units/format';
import type { UnitSystem } from '@core/units/kinds';
import { Handles } from '@/ui/Handles';
import { PictureText } from '@/ui/PictureText';
import { usePalette } from '@/ui/theme/theme';
import { useWidth } from '@/ui/useWidth';

/** What was found, where on the seam. */
export interface OnSeam {
  id: string;
  name: string;
  /** Its number in the picture. */
  n: number;
  at_mm: number;
  length_mm: number | null;
}

const HEIGHT = 92;
const MARGIN = 28;
const SEAM_y = 44;
const MARK = 13;
/** Clock hours round a pipe, as shares of its seam, from the top the way a clock goes. */
const HOURS = [12, 3, 6, 9, 12] as const;
const FIFTHS = [0, 0.25, 0.5, 0.75, 1] as const;

/** The seam from end to end, with what was found on it; that of a pipe is rolled out, by the clock. One of them may be dragged. */
export function SeamPicture({
  length_mm: asked_mm,
  round,
  marks,
  held,
  onMove,
  system,
}: {
  length_mm: number;
  round: boolean;
  marks: readonly OnSeam[];
  /** Which can be taken hold of. */
  held?: string;
  onMove?: (at_mm: number) => void;
  system: UnitSystem;
}) {
  const palette = usePalette();
  const [width, onLayout] = useWidth(320);
  const say = inWords(system).size;
  const length_mm = Math.max(asked_mm, ...marks.map(({ at_mm }) => at_mm));
  const scale = (width - 2 * MARGIN) / length_mm;
  const x = (mm: number) => MARGIN + mm * scale;
  const back = (px: number) => Math.round(Math.min(length_mm, Math.max(0, (px - MARGIN) / scale)));
  const own = marks.find(({ id }) => id === held);
  const mark = ({ n }: OnSeam, cx: number, cy: number) => (
    <>
      <Circle cx={cx} cy={cy} r={MARK} fill={palette.act} stroke={palette.surface} strokeWidth={2} />
      <PictureText x={cx} y={cy + 5} bold color={palette.onAct}>
        {`${n}`}
      </PictureText>
    </>
  );
  return (
    <View onLayout={onLayout} style={{ height: HEIGHT }}>
      <View
        role="img"
        aria-label={`The seam, ${say(length_mm)}${marks.map(({ n, name, at_mm }) => `; ${n}: ${name} at ${say(at_mm)}`).join('')}`}
      >
        <Svg width={width} height={HEIGHT}>
          <Rect x={0} y={0} width={width} height={HEIGHT} fill={palette.surface} />
          <Rect
            x={x(0)}
            y={SEAM_y - 6}
            width={length_mm * scale}
            height={12}
            rx={4}
            fill={palette.line}
            stroke={palette.ink}
          />
          {FIFTHS.map((share, n) => (
            <PictureText
              key={share}
              x={x(share * length_mm)}
              y={HEIGHT - 10}
              anchor={share === 0 ? 'start' : share === 1 ? 'end' : 'middle'}
            >
              {round ? `${HOURS[n]}` : share === 0 ? '0' : share === 1 ? say(length_mm) : ''}
            </PictureText>
          ))}
          {marks.map((one) => {
            const half = (one.length_mm ?? 0) / 2;
            return (
              <Line
                key={`${one.id} long`}
                x1={x(Math.max(0, one.at_mm - half))}
                x2={x(Math.min(length_mm, one.at_mm + half))}
                y1={SEAM_y}
                y2={SEAM_y}
                stroke={palette.danger}
                strokeWidth={8}
              />
            );
          })}
          {marks
            .filter(({ id }) => id !== held)
            .map((one) => (
              <Svg key={one.id}>{mark(one, x(one.at_mm), SEAM_y - 22)}</Svg>
            ))}
        </Svg>
      </View>
      {own && onMove && (
        <Handles
          held={[
            {
              testID: `mark-${own.id}`,
              label: `${own.name}, at ${say(own.at_mm)} from the left end.`,
              x: x(own.at_mm),
              y: SEAM_y - 16,
              only: 'x',
              scale,
              onDrag: () => undefined,
              onDrop: (px) => onMove(back(px)),
              mark: (
                <Svg width={2 * MARK + 4} height={2 * MARK + 4}>
                  {mark(own, MARK + 2, MARK + 2)}
                </Svg>
              ),
            },
          ]}
        />
      )}
    </View>
  );
}
