import { lazy, Suspense, useState } from 'react';
import { jointTraits } from '@core/data/joints';
import { View } from 'react-native';
import Svg, { Circle, Path, Rect } from 'react-native-svg';
import type { PositionId } from '@core/data/words';
import {
  gripped,
  gripsOf,
  sectionOf,
  type Grip,
  type JointGeometry,
  type Point,
  type Section,
} from '@core/joint';
import type { Job } from '@core/formats/job';
import type { Bead } from '@core/rods';
import { numberField } from '@core/formats/fields';
import { inWords } from '@core/units/format';
import type { UnitSystem } from '@core/units/kinds';
import { PictureText } from './PictureText';
import { usePalette } from './theme/theme';
import { labelSpot } from './labelSpot';
import { useWidth } from './useWidth';

/** What drags is drawn first, and can be taken hold of once it is there. */
const Handles = lazy(async () => ({ default: (await import('./Handles')).Handles }));

const PLAIN_HEIGHT = 150;
const BEADS_HEIGHT = 240;
const MARGIN = 26;
const LABEL_ROOM = 20;

interface Props {
  joint: Job['joint'];
  geometry: JointGeometry;
  system: UnitSystem;
  /** Passes to be drawn in the weld, numbered in the order they are laid. */
  beads?: readonly Bead[];
  /** Position it is welded in: it is drawn as it lies to the hand. */
  position?: PositionId | null;
  /** The one that is marked, from 0. */
  marked?: number | null;
  /** Told where a size was dragged to; left out, none can be. */
  onGrip?: (size: Grip['size'], value: number) => void;
}

/** The joint cut across, to scale: its parts, the gap and the weld it asks for, pass by pass where they are given. */
export function SectionPicture({
  joint,
  geometry,
  system,
  beads = [],
  position = null,
  marked = null,
  onGrip,
}: Props) {
  const palette = usePalette();
  const [width, onLayout] = useWidth(320);
  const [moving, setMoving] = useState<{ size: Grip['size']; value: number } | null>(null);
  const flat = sectionOf(joint, geometry);
  if (!flat) return null;
  const turn = turnFor(joint.kind, position);
  const section = turned(flat, turn);
  const HEIGHT = beads.length > 0 ? BEADS_HEIGHT : PLAIN_HEIGHT;
  const bounds = beads.length > 0 ? closeTo(section.weld.flat(), section.bounds) : section.bounds;
  const scale = Math.min((width - 2 * MARGIN) / bounds.width, (HEIGHT - 2 * MARGIN) / bounds.height);
  const x = (mm: number) => (width - bounds.width * scale) / 2 + (mm - bounds.left) * scale;
  const y = (mm: number) => (HEIGHT - bounds.height * scale) / 2 + (mm - bounds.top) * scale;
  const path = (points: readonly (readonly [number, number])[]) =>
    `M ${points.map(([px, py]) => `${x(px)} ${y(py)}`).join(' L ')} Z`;
  const say = inWords(system).size;
  const ys = (part: (typeof section.parts)[number]) => part.outline.map(([, py]) => y(py));
  /** Inside a part that is tall enough; else just above the upper one and below the lower one. */
  const labelY = (part: (typeof section.parts)[number]) => {
    const [top, bottom] = [Math.min(...ys(part)), Math.max(...ys(part))];
    if (bottom - top >= LABEL_ROOM) return y(part.at[1]) + 5;
    return part.label === 'A' ? top - 6 : bottom + 18;
  };
  const back = (px: number, py: number): Point => [
    bounds.left + (px - (width - bounds.width * scale) / 2) / scale,
    bounds.top + (py - (HEIGHT - bounds.height * scale) / 2) / scale,
  ];
  const grips = onGrip && turn === asDrawn ? gripsOf(joint, geometry) : [];
  const told = (size: Grip['size'], value: number) =>
    `${numberField(`joint.${size}`).label} ${size === 'includedAngle_deg' ? `${value}°` : say(value)}`;
  const picture = (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={`Section to scale${beads.length > 0 ? `, ${beads.length} passes` : ''}: ${section.parts.map((part) => `${part.label} ${say(part.thickness_mm)}`).join(', ')}`}
    >
      <Svg width={width} height={HEIGHT}>
        <Rect x={0} y={0} width={width} height={HEIGHT} fill={palette.surface} />
        {section.parts.map((part) => (
          <Path
            key={part.label}
            d={path(part.outline)}
            fill={palette.line}
            stroke={palette.ink}
            strokeWidth={1.5}
          />
        ))}
        {beads.length === 0 &&
          section.weld.map((filled, n) => (
            <Path key={n} d={path(filled)} fill={palette.state.tight} stroke={palette.ink} strokeWidth={1} />
          ))}
        {/* The first bead lies uppermost, so that its face shows where later ones lie round it. */}
        {beads
          .map((bead, n) => ({ bead, n }))
          .reverse()
          .map(({ bead, n }) => (
            <Path
              key={`${bead.face} ${bead.layer} ${bead.place}`}
              d={path(bead.drawn.map(turn))}
              strokeLinejoin="round"
              fill={n === marked ? palette.act : n % 2 === 0 ? palette.state.tight : palette.state.snug}
              stroke={palette.ink}
              strokeWidth={1.5}
            />
          ))}
        {beads.map((bead, n) => {
          const spot = turn(
            labelSpot(
              bead.drawn,
              bead.at,
              beads.slice(0, n).map(({ drawn }) => drawn),
            ),
          );
          return (
            <PictureText
              key={`${bead.face} ${bead.layer} ${bead.place}`}
              x={x(spot[0])}
              y={y(spot[1]) + 5}
              bold
              color={n === marked ? palette.onAct : palette.onState}
            >
              {`${n + 1}`}
            </PictureText>
          );
        })}
        {section.parts.map((part) => (
          <PictureText key={part.label} x={x(part.at[0])} y={labelY(part)}>
            {`${part.label} ${say(part.thickness_mm)}`}
          </PictureText>
        ))}
        {moving && (
          <PictureText x={width / 2} y={18} size={16} bold>
            {told(moving.size, moving.value)}
          </PictureText>
        )}
      </Svg>
    </View>
  );
  if (grips.length === 0 || !onGrip) return picture;
  return (
    <View>
      {picture}
      <Suspense fallback={null}>
        <Handles
          held={grips.map((grip) => {
            const { size, at, only } = grip;
            const value = (px: number, py: number) => gripped(grip, back(px, py), geometry.thin_mm);
            return {
              testID: `grip-${size}`,
              label: `${told(size, gripped(grip, at, geometry.thin_mm))}.`,
              x: x(at[0]),
              y: y(at[1]),
              only,
              // Keys go by halves: a section is small.
              scale: scale / 2,
              onDrag: (px: number, py: number) => setMoving({ size, value: value(px, py) }),
              onDrop: (px: number, py: number) => {
                setMoving(null);
                onGrip(size, value(px, py));
              },
              mark: (
                <Svg width={20} height={20}>
                  <Circle cx={10} cy={10} r={8} fill={palette.act} stroke={palette.surface} strokeWidth={2} />
                </Svg>
              ),
            };
          })}
        />
      </Suspense>
    </View>
  );
}

/** What is shown where the passes matter: the weld with a little of the parts beside it. */
function closeTo(
  weld: readonly (readonly [number, number])[],
  whole: { left: number; top: number; width: number; height: number },
) {
  const xs = weld.map(([px]) => px);
  const ys = weld.map(([, py]) => py);
  const span = Math.max(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys));
  const left = Math.max(whole.left, Math.min(...xs) - span * 0.25);
  const top = Math.max(whole.top, Math.min(...ys) - span * 0.2);
  return {
    left,
    top,
    width: Math.min(whole.left + whole.width, Math.max(...xs) + span * 0.25) - left,
    height: Math.min(whole.top + whole.height, Math.max(...ys) + span * 0.2) - top,
  };
}

type Turn = (point: Point) => Point;
const asDrawn: Turn = (point) => point;

/** A horizontal groove faces the welder with its lower edge first; overhead the face looks down. */
function turnFor(kind: Job['joint']['kind'], position: PositionId | null): Turn {
  if (!jointTraits(kind)?.trench) return asDrawn;
  if (position === 'horizontal') return ([x, y]) => [-y, -x];
  return position === 'overhead' ? ([x, y]) => [x, -y] : asDrawn;
}

/** A section turned to how it lies. */
function turned(section: Section, turn: Turn): Section {
  if (turn === asDrawn) return section;
  const parts = section.parts.map((part) => ({
    ...part,
    outline: part.outline.map(turn),
    at: turn(part.at),
  }));
  const weld = section.weld.map((filled) => filled.map(turn));
  const points = [...parts.flatMap(({ outline }) => outline), ...weld.flat()];
  const xs = points.map(([px]) => px);
  const ys = points.map(([, py]) => py);
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  return { parts, weld, bounds: { left, top, width: Math.max(...xs) - left, height: Math.max(...ys) - top } };
}
