import { clashInWords, hotWork } from '@core/repair';
import { arcsOver } from '@core/run';
import { sayWhen } from '@core/units/when';
import { wallAt } from '@/state/clock';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { openPermit } from '@/ui/goTo';
import { Words } from '@/ui/Words';
import type { OpenRun } from './useRun';

/** A permit that has not begun, or ran out: told where the arc would be struck. */
export function PermitOver({ run: { state, open } }: { run: OpenRun }) {
  const { situation } = open.assessment;
  const { now_ms } = state;
  const { clashes } = hotWork(
    situation,
    situation.timeline?.elapsed_s ?? null,
    now_ms,
    arcsOver(open.job.run.events, now_ms),
  );
  const clash = clashes.find(({ kind }) => kind === 'over' || kind === 'before');
  if (!clash || state.seen.finished_ms !== null) return null;
  return (
    <Card tone="danger" testID="run-permit">
      <Words as="bold">Hot-work permit</Words>
      <Words as="small">{clashInWords(clash, now_ms, (ms) => sayWhen(ms, wallAt(now_ms)))}</Words>
      <Act title="The hot-work card" testID="run-to-permit" onPress={() => openPermit(open.job.id)} />
    </Card>
  );
}
