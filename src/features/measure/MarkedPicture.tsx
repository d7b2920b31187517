import { lazy, Suspense, useState } from 'react';
import { Image, View } from 'react-native';
import Svg, { Circle, Line, Polygon, Polyline } from 'react-native-svg';
import type { Spot } from '@core/bench';
import type { Measured } from '@core/formats/measured';
import { usePalette } from '@/ui/theme/theme';
import { CORNER } from '@/ui/theme/tokens';

const Handles = lazy(async () => ({ default: (await import('@/ui/Handles')).Handles }));

/** How much the glass magnifies, and how wide it is, px. */
const MAGNIFIES = 3;
const GLASS_px = 128;
const CORNER_NAMES = ['top left', 'top right', 'bottom right', 'bottom left'];

interface Props {
  url: string;
  measured: Measured;
  /** A mark was let go at a place, shares of width and height. */
  onMove: (list: 'corners' | 'along', index: number, to: Spot) => void;
}

/** The picture with its marks: dragged by finger under a glass, or moved by arrow keys. */
export function MarkedPicture({ url, measured, onMove }: Props) {
  const palette = usePalette();
  const [wide, setWide] = useState(0);
  const [held, setHeld] = useState<{ list: 'corners' | 'along'; index: number; at: Spot } | null>(null);
  const high = (wide * measured.height_px) / measured.width_px;
  const px = ([x, y]: Spot): Spot => [x * wide, y * high];
  const shown = (list: 'corners' | 'along'): Spot[] =>
    measured[list].map((at, n) => px(held?.list === list && held.index === n ? held.at : at));
  const [corners, along] = [shown('corners'), shown('along')];
  const share = (x: number, y: number): Spot => [kept(x / wide), kept(y / high)];
  const handle = (list: 'corners' | 'along', [x, y]: Spot, index: number) => ({
    testID: `mark-${list}-${index + 1}`,
    label:
      list === 'corners'
        ? `Scale, ${measured.corners.length === 4 ? (CORNER_NAMES[index] ?? '') : `point ${index + 1}`}.`
        : `Measured line, point ${index + 1}.`,
    x,
    y,
    scale: 1,
    onDrag: (toX: number, toY: number) => setHeld({ list, index, at: share(toX, toY) }),
    onDrop: (toX: number, toY: number) => {
      setHeld(null);
      onMove(list, index, share(toX, toY));
    },
    mark: <Mark colour={list === 'corners' ? palette.act : palette.danger} />,
  });
  const points = (spots: readonly Spot[]) => spots.map(([x, y]) => `${x},${y}`).join(' ');
  const at = held && px(held.at);
  return (
    <View
      testID="marked"
      onLayout={({ nativeEvent }) => setWide(nativeEvent.layout.width)}
      style={{ borderRadius: CORNER, backgroundColor: palette.sunk, minHeight: 200 }}
    >
      {wide > 0 && (
        <View style={{ width: wide, height: high }}>
          <Image
            source={{ uri: url }}
            accessibilityLabel="The picture that is measured on"
            style={{ width: wide, height: high }}
          />
          <View style={{ position: 'absolute', left: 0, top: 0, pointerEvents: 'none' }}>
            <Svg width={wide} height={high}>
              {corners.length === 4 ? (
                <Polygon points={points(corners)} fill="none" stroke={palette.act} strokeWidth={2} />
              ) : (
                <Polyline points={points(corners)} fill="none" stroke={palette.act} strokeWidth={2} />
              )}
              <Polyline points={points(along)} fill="none" stroke="#fff" strokeWidth={4} />
              <Polyline points={points(along)} fill="none" stroke={palette.danger} strokeWidth={2} />
            </Svg>
          </View>
          <Suspense fallback={null}>
            <Handles
              held={[
                ...measured.corners.map((spot, n) => handle('corners', px(spot), n)),
                ...measured.along.map((spot, n) => handle('along', px(spot), n)),
              ]}
            />
          </Suspense>
          {at && <Glass url={url} at={at} wide={wide} high={high} />}
        </View>
      )}
    </View>
  );
}

const kept = (share: number): number => Math.round(1e5 * Math.min(1, Math.max(0, share))) / 1e5;

/** A cross that leaves its middle free. */
function Mark({ colour }: { colour: string }) {
  return (
    <Svg width={32} height={32}>
      <Circle cx={16} cy={16} r={9} fill="none" stroke="#fff" strokeWidth={5} />
      <Circle cx={16} cy={16} r={9} fill="none" stroke={colour} strokeWidth={3} />
      <Circle cx={16} cy={16} r={1.5} fill={colour} />
    </Svg>
  );
}

/** What lies under the finger, larger, in the corner that the finger is not in. */
function Glass({ url, at: [x, y], wide, high }: { url: string; at: Spot; wide: number; high: number }) {
  const palette = usePalette();
  const half = GLASS_px / 2;
  return (
    <View
      testID="glass"
      style={{
        position: 'absolute',
        top: 8,
        ...(x < wide / 2 ? { right: 8 } : { left: 8 }),
        width: GLASS_px,
        height: GLASS_px,
        borderRadius: half,
        overflow: 'hidden',
        borderWidth: 3,
        borderColor: palette.act,
        backgroundColor: '#000',
        pointerEvents: 'none',
      }}
    >
      <Image
        source={{ uri: url }}
        accessibilityLabel=""
        style={{
          position: 'absolute',
          width: MAGNIFIES * wide,
          height: MAGNIFIES * high,
          left: half - 3 - MAGNIFIES * x,
          top: half - 3 - MAGNIFIES * y,
        }}
      />
      <View style={{ position: 'absolute', left: -3, top: -3 }}>
        <Svg width={GLASS_px} height={GLASS_px}>
          <Line x1={half} x2={half} y1={20} y2={GLASS_px - 20} stroke="#fff" strokeWidth={1} />
          <Line x1={20} x2={GLASS_px - 20} y1={half} y2={half} stroke="#fff" strokeWidth={1} />
        </Svg>
      </View>
    </View>
  );
}
