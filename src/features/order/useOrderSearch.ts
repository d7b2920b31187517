import { useCallback } from 'react';
import type { SearchState } from '@core/order/search';
import type { OrderQuestion } from '@core/plan/order/orderPlan';
import { useBeside, type BesideState } from '@/state/useBeside';
import { coreBeside } from '@/workers/core';

/** How far a search for an order is, and the best so far. */
export interface OrderSearch {
  state: BesideState<SearchState>['state'];
  found: SearchState | null;
}

/** A search for a better order beside the page. */
export function useOrderSearch(): OrderSearch & { start(question: OrderQuestion): void; stop(): void } {
  const { state, steps, start, stop } = useBeside<SearchState>();
  const begin = useCallback(
    (question: OrderQuestion) => start((id, onState) => coreBeside().orderRun(id, question, onState)),
    [start],
  );
  return { state, found: steps[steps.length - 1] ?? null, start: begin, stop };
}
