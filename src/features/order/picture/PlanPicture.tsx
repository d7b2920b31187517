import { lazy, Suspense, useMemo, useState } from 'react';
import { Pressable, StyleSheet, View, type GestureResponderEvent } from 'react-native';
import Svg from 'react-native-svg';
import { sweep } from '@core/field/sweep';
import type { BlowPlan } from '@core/plan/order/blowPlan';
import type { OrderPlan } from '@core/plan/order/orderPlan';
import { inWords } from '@core/units/format';
import type { UnitSystem } from '@core/units/kinds';
import { Words } from '@/ui/Words';
import type { Held } from './Handles';
import { FixedMark, Grip, Leads, Mark, Residual } from './Marks';
import { clampsShown, gripsOf, saidWhile, type Moved } from './moves';
import { Piece } from './Piece';
import { Pushes } from './Pushes';
import { Runs } from './Runs';
import { viewOf } from './view';

interface Props {
  blow: BlowPlan;
  plan: OrderPlan | null;
  /** How many runs are shown as laid. */
  done: number;
  system: UnitSystem;
  clampFixed: boolean;
  onMove: (moved: Moved) => void;
}

/** What is taken hold of comes with its gestures, when the picture is first asked for. */
const Handles = lazy(async () => ({ default: (await import('./Handles')).Handles }));

/** Places that are reckoned again while a clamp is dragged. */
const PLACES_DRAGGED = 16;

/**
 * The piece from above: plates, seam, runs in their order, clamps, and which way the arc is pushed. Clamps, seam and edges are dragged;
 * a press puts the clamp there.
 */
export function PlanPicture({ blow, plan, done, system, clampFixed, onMove }: Props) {
  const [width, setWidth] = useState(320);
  const [dragged, setDragged] = useState<Moved | null>(null);
  const view = viewOf(blow, width);
  const clamps = clampsShown(blow.piece, dragged);
  const places = useMemo(
    () =>
      clamps === blow.piece.clamps
        ? blow.places
        : sweep({ ...blow.piece, clamps }, blow.arc, blow.seam, PLACES_DRAGGED),
    [blow, clamps],
  );
  const say = inWords(system).size;
  const drop = (moved: Moved) => {
    setDragged(null);
    onMove(moved);
  };
  const press = ({ nativeEvent }: GestureResponderEvent) => {
    const at = view.toSpot(nativeEvent.locationX, nativeEvent.locationY);
    if (at.x < 0 || at.x > blow.piece.length_mm || at.y < 0 || at.y > blow.piece.width_mm) return;
    onMove({ what: 'clamp', nth: 0, at });
  };
  const held: Held[] = [
    ...(clampFixed ? [] : clamps).map((clamp, n): Held => {
      const nth = n === 0 ? 0 : 1;
      const here = blow.piece.clamps[n] ?? clamp;
      const name = nameOf(n, clamps.length);
      return {
        testID: `handle-clamp-${n + 1}`,
        label: `Clamp ${name}, ${say(Math.round(clamp.x))} along, ${say(Math.round(Math.abs(clamp.y - blow.seam.from.y)))} from the seam.`,
        x: view.x(here.x),
        y: view.y(here.y),
        onDrag: (x, y) => setDragged({ what: 'clamp', nth, at: view.toSpot(x, y) }),
        onDrop: (x, y) => drop({ what: 'clamp', nth, at: view.toSpot(x, y) }),
        mark: <Mark name={name} upright={clamp.upright ?? false} />,
      };
    }),
    ...gripsOf(blow, view).map(({ what, x, y, only, toMm, label }): Held => ({
      testID: `handle-${what}`,
      label: `${label}.`,
      x,
      y,
      only,
      onDrag: (px, py) => setDragged({ what, mm: toMm(px, py) }),
      onDrop: (px, py) => drop({ what, mm: toMm(px, py) }),
      mark: <Grip only={only} />,
    })),
  ];
  return (
    <>
      <View
        testID="plan-picture"
        onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
        style={{ height: view.height }}
      >
        <Pressable
          testID="plan-plate"
          onPress={press}
          disabled={clampFixed}
          role="img"
          aria-label="The piece from above. Press where the clamp sits, or type it below."
          style={StyleSheet.absoluteFill}
        >
          <View style={{ pointerEvents: 'none' }}>
            <Svg width={width} height={view.height}>
              <Piece blow={blow} view={view} />
              {plan && (
                <Runs
                  blow={blow}
                  view={view}
                  question={plan.question}
                  order={plan.taken.judged.order}
                  done={done}
                />
              )}
              <Pushes blow={blow} places={places} view={view} />
              <Leads piece={{ ...blow.piece, clamps }} view={view} />
              <Residual piece={blow.piece} view={view} />
            </Svg>
          </View>
        </Pressable>
        {clampFixed &&
          clamps.map((clamp, n) => (
            <FixedMark key={n} x={view.x(clamp.x)} y={view.y(clamp.y)} name={nameOf(n, clamps.length)} />
          ))}
        <Suspense fallback={null}>
          <Handles held={held} scale={view.scale} />
        </Suspense>
      </View>
      <Words as="small" tone="quiet" testID="drag-says" live>
        {dragged ? saidWhile(dragged, blow, say) : ''}
      </Words>
    </>
  );
}

const nameOf = (n: number, of: number): string => (of > 1 ? `C${n + 1}` : 'C');
