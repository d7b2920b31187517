import { useCallback } from 'react';
import type { ChoicesState, OrderQuestion } from '@core/order';
import { useBeside, type BesideState } from '@/state/useBeside';
import { coreBeside } from '@/workers/core';

/** How far a search for an order is, and what is found so far. */
export interface OrderSearch {
  state: BesideState<ChoicesState>['state'];
  found: ChoicesState | null;
}

/** A search for a better order beside the page. */
export function useOrderSearch(): OrderSearch & { start(question: OrderQuestion): void; stop(): void } {
  const { state, steps, start, stop } = useBeside<ChoicesState>();
  const begin = useCallback(
    (question: OrderQuestion) => start((id, onState) => coreBeside().orderRun(id, question, onState)),
    [start],
  );
  return { state, found: steps[steps.length - 1] ?? null, start: begin, stop };
}
