import { useEffect, useMemo } from 'react';
import type { Ground, Planned } from '@core/planner';
import { useWorkerRun, type WorkerRunState } from '@/state/useWorkerRun';
import { coreWorker } from '@/workers/core';

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
