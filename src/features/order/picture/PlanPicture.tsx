import { lazy, Suspense, useMemo, useState } from 'react';
import { Pressable, StyleSheet, View, type GestureResponderEvent } from 'react-native';
import Svg from 'react-native-svg';
import { sweep, type BlowPlan } from '@core/field';
import type { OrderPlan } from '@core/order';
import { inWords } from '@core/units/format';
import type { UnitSystem } from '@core/units/kinds';
import { Words } from '@/ui/Words';
import { clampsHeld, fieldHeld, gripsHeld } from './held';
import { FixedMark, Leads, nameOfClamp } from './Marks';
import { fieldInWords, pieceShown, saidWhile, type Moved } from './moves';
import { Piece } from './Piece';
import { Pushes } from './Pushes';
import { Runs } from './Runs';
import { trayOf, TRAY_px } from './tray';
import { FieldWords, TrayThings } from './TrayThings';
import { viewOf } from './view';
import { useWidth } from '@/ui/useWidth';

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
const Handles = lazy(async () => ({ default: (await import('@/ui/Handles')).Handles }));

/** Places that are reckoned again while something is dragged. */
const PLACES_DRAGGED = 16;

/**
 * The piece from above: plates, seam, runs in their order, clamps, and which way the arc is pushed. Clamps, seam and edges are dragged;
 * a press puts the clamp there; a second clamp, tabs, the lead and a field that was there before lie in the tray under it.
 */
export function PlanPicture({ blow, plan, done, system, clampFixed, onMove }: Props) {
  const [width, onLayout] = useWidth(320);
  const [dragged, setDragged] = useState<Moved | null>(null);
  const view = viewOf(blow, width);
  const tray = trayOf(blow, view, clampFixed);
  const piece = useMemo(() => pieceShown(blow.piece, dragged), [blow, dragged]);
  const places = useMemo(
    () => (piece === blow.piece ? blow.places : sweep(piece, blow.arc, blow.seam, PLACES_DRAGGED)),
    [blow, piece],
  );
  const say = inWords(system).size;
  const drop = (moved: Moved) => {
    setDragged(null);
    onMove(moved);
  };
  const press = ({ nativeEvent }: GestureResponderEvent) => {
    // A mouse says where on the element, a finger where on the view.
    const { offsetX, offsetY } = nativeEvent as unknown as { offsetX?: number; offsetY?: number };
    const at = view.toSpot(offsetX ?? nativeEvent.locationX, offsetY ?? nativeEvent.locationY);
    if (!Number.isFinite(at.x) || !Number.isFinite(at.y)) return;
    if (at.x < 0 || at.x > blow.piece.length_mm || at.y < 0 || at.y > blow.piece.width_mm) return;
    onMove({ what: 'clamp', nth: 0, at });
  };
  const holding = { blow, piece, view, tray, say, onDrag: setDragged, onDrop: drop };
  return (
    <>
      <View testID="plan-picture" onLayout={onLayout} style={{ height: view.height + TRAY_px }}>
        <Pressable
          testID="plan-plate"
          onPress={press}
          disabled={clampFixed}
          role="img"
          aria-label="The piece from above. Press where the clamp sits, or type it below."
          style={[StyleSheet.absoluteFill, { bottom: TRAY_px }]}
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
              <Leads piece={piece} view={view} />
            </Svg>
          </View>
        </Pressable>
        {clampFixed &&
          piece.clamps.map((clamp, n) => (
            <FixedMark
              key={n}
              x={view.x(clamp.x)}
              y={view.y(clamp.y)}
              name={nameOfClamp(n, piece.clamps.length)}
            />
          ))}
        <TrayThings tray={tray} piece={piece} width={width} onMove={drop} />
        <FieldWords tray={tray} says={fieldInWords(piece.residual.x)} />
        <Suspense fallback={null}>
          <Handles
            held={[...(clampFixed ? [] : clampsHeld(holding)), ...gripsHeld(holding), fieldHeld(holding)]}
          />
        </Suspense>
      </View>
      <Words as="small" tone="quiet" testID="drag-says" live>
        {dragged ? saidWhile(dragged, blow, say) : ''}
      </Words>
    </>
  );
}
