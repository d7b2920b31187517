import { useEffect, useMemo } from 'react';
import type { Ground, Planned } from '@core/planner';
import type { OpenJob } from '@/state/useJob';
import { useWorkerRun, type WorkerRunState } from '@/state/useWorkerRun';
import { coreWorker } from '@/workers/core';

/** What is planned on: the job and the truck as they stand. */
export function useGround(open: OpenJob): Ground {
  const { entered, kit, system, now_ms } = open.assessment.situation;
  // The clock ticks; a plan is not looked for again with every minute.
  const hour = now_ms === null ? null : Math.floor(now_ms / HOUR_ms);
  return useMemo(
    () => ({ job: entered, kit, system, now_ms: hour === null ? null : hour * HOUR_ms }),
    [entered, kit, system, hour],
  );
}
const HOUR_ms = 3_600_000;

/** The planner beside the page: begun when it is opened, and again once the job or the truck has changed. */
export function usePlanner(ground: Ground): {
  state: WorkerRunState<Planned>['state'];
  planned: Planned | null;
  again(): void;
  stop(): void;
} {
  const { state, steps, start, stop } = useWorkerRun<Planned>();
  const again = useMemo(
    () => () => start((id, onState) => coreWorker().planRun(id, ground, onState)),
    [start, ground],
  );
  useEffect(again, [again]);
  return { state, planned: steps[steps.length - 1] ?? null, again, stop };
}
