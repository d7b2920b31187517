import { View } from 'react-native';
import { pushAt, type BlowPlan, type GridPlace } from '@core/field';
import { trimmed } from '@core/units/format';
import { useWorkerRun } from '@/state/useWorkerRun';
import { Act } from '@/ui/Act';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { coreWorker } from '@/workers/core';

/** Places, and the grid they are reckoned on. */
const PLACES = 100;
const GRID = { columns: 256, rows: 128 } as const;

/** The field reckoned a second way: the current on a grid, and the field of every bit of it summed at the arc. */
export function OtherWay({ blow }: { blow: BlowPlan }) {
  const { state, steps, start, stop } = useWorkerRun<readonly GridPlace[]>();
  const places = steps.flat();
  if (blow.piece.kind !== 'plate') return null;
  const { piece, arc, seam } = blow;
  const run = () =>
    start((id, onPlaces) =>
      coreWorker().gridSweep(id, { piece, arc, seam, places: PLACES, ...GRID }, onPlaces),
    );
  return (
    <View style={{ gap: SPACE.s }}>
      {state === 'running' ? (
        <>
          <Words live testID="grid-progress">{`Place ${places.length} of ${PLACES}`}</Words>
          <Act title="Call it off" testID="grid-stop" onPress={stop} />
        </>
      ) : (
        <Act title="Reckon the field a second way" testID="grid-start" onPress={run} />
      )}
      {state === 'done' && (
        <Words as="small" testID="grid-says">
          {`At ${places.length} places on a grid of ${GRID.columns} by ${GRID.rows}, every bit of current summed: the push differs by ${trimmed(apart(blow, places), 1)} G at the most from the one above.`}
        </Words>
      )}
      {state === 'stopped' && (
        <Words
          as="small"
          testID="grid-says"
        >{`Called off after ${places.length} of ${PLACES} places.`}</Words>
      )}
      {state === 'failed' && <Words tone="danger">It could not be worked out. Try again.</Words>}
    </View>
  );
}

/** Most that the two ways differ by, G: current and edges alone, at the same places. */
function apart({ piece, arc, seam }: BlowPlan, places: readonly GridPlace[]): number {
  const bare = { ...piece, lead: 'flat' as const, residual: { x: 0, y: 0 } };
  return places.reduce((most, { along_mm, push }) => {
    const here = pushAt(bare, { ...arc, ac: false }, { x: seam.from.x + along_mm, y: seam.from.y });
    return Math.max(most, Math.hypot(here.x - push.x, here.y - push.y));
  }, 0);
}
