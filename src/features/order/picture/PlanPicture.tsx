import { useMemo, useState } from 'react';
import { Pressable, StyleSheet, View, type GestureResponderEvent } from 'react-native';
import { GestureHandlerRootView } from 'react-native-gesture-handler';
import Svg from 'react-native-svg';
import { sweep } from '@core/field/sweep';
import type { BlowPlan } from '@core/plan/order/blowPlan';
import type { OrderPlan } from '@core/plan/order/orderPlan';
import { inWords } from '@core/units/format';
import type { UnitSystem } from '@core/units/kinds';
import { Words } from '@/ui/Words';
import { Handle } from './Handle';
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
  return (
    <GestureHandlerRootView style={{ width: '100%' }}>
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
        {clamps.map((clamp, n) => {
          const nth = n === 0 ? 0 : 1;
          const here = blow.piece.clamps[n] ?? clamp;
          return clampFixed ? (
            <FixedMark key={n} x={view.x(clamp.x)} y={view.y(clamp.y)} name={nameOf(n, clamps.length)} />
          ) : (
            <Handle
              key={n}
              testID={`handle-clamp-${n + 1}`}
              label={`Clamp ${nameOf(n, clamps.length)}, ${say(Math.round(clamp.x))} along, ${say(Math.round(Math.abs(clamp.y - blow.seam.from.y)))} from the seam. Drag it, or move it with the arrow keys.`}
              x={view.x(here.x)}
              y={view.y(here.y)}
              scale={view.scale}
              onDrag={(x, y) => setDragged({ what: 'clamp', nth, at: view.toSpot(x, y) })}
              onDrop={(x, y) => drop({ what: 'clamp', nth, at: view.toSpot(x, y) })}
            >
              <Mark name={nameOf(n, clamps.length)} upright={clamp.upright ?? false} />
            </Handle>
          );
        })}
        {gripsOf(blow, view).map(({ what, x, y, only, toMm, label }) => (
          <Handle
            key={what}
            testID={`handle-${what}`}
            label={`${label}. Drag it, or move it with the arrow keys.`}
            x={x}
            y={y}
            only={only}
            scale={view.scale}
            onDrag={(px, py) => setDragged({ what, mm: toMm(px, py) })}
            onDrop={(px, py) => drop({ what, mm: toMm(px, py) })}
          >
            <Grip only={only} />
          </Handle>
        ))}
      </View>
      <Words as="small" tone="quiet" testID="drag-says" live>
        {dragged ? saidWhile(dragged, blow, say) : ''}
      </Words>
    </GestureHandlerRootView>
  );
}

const nameOf = (n: number, of: number): string => (of > 1 ? `C${n + 1}` : 'C');
