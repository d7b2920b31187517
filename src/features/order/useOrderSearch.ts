import { useCallback } from 'react';
import type { ChoicesState, OrderQuestion } from '@core/order';
import { useWorkerRun, type WorkerRunState } from '@/state/useWorkerRun';
import { coreWorker } from '@/workers/core';

/** How far a search for an order is, and what is found so far. */
export interface OrderSearch {
  state: WorkerRunState<ChoicesState>['state'];
  found: ChoicesState | null;
}

/** A search for a better order beside the page. */
export function useOrderSearch(): OrderSearch & { start(question: OrderQuestion): void; stop(): void } {
  const { state, steps, start, stop } = useWorkerRun<ChoicesState>();
  const begin = useCallback(
    (question: OrderQuestion) => start((id, onState) => coreWorker().orderRun(id, question, onState)),
    [start],
  );
  return { state, found: steps[steps.length - 1] ?? null, start: begin, stop };
}
