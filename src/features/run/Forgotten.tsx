import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Words } from '@/ui/Words';
import type { OpenRun } from './useRun';

/** The arc was on when this was last seen, for longer than a rod can burn: when did it stop? */
export function Forgotten({ run }: { run: OpenRun }) {
  const { on, arcs } = run.state.count;
  const { clock_ms } = run.state.seen;
  const burning = arcs.find(({ to_ms }) => to_ms === null);
  if (!on || !burning) return null;
  return (
    <Card tone="danger" testID="forgotten">
      <Words as="bold">The arc was never said to stop, and no rod burns that long.</Words>
      <Words as="small">Until you say, it counts to the rod’s end.</Words>
      <Act
        kind="main"
        title="It stopped at the rod’s end"
        testID="stopped-rod"
        onPress={() =>
          run.tell(
            { kind: 'arc-off' },
            'Arc off, at the rod’s end',
            on.since_ms + 1000 * on.burned_s - clock_ms,
          )
        }
      />
      <Act
        title="It stopped just now"
        testID="stopped-now"
        onPress={() => run.tell({ kind: 'arc-off' }, 'Arc off')}
      />
      <Act
        title="It was no arc"
        testID="no-arc"
        onPress={() => run.tell({ kind: 'no-arc', of: burning.id }, 'It was no arc')}
      />
    </Card>
  );
}
