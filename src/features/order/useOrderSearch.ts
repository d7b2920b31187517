import { proxy } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { SearchState } from '@core/order/search';
import type { OrderQuestion } from '@core/plan/order/orderPlan';
import { coreBeside } from '@/workers/core';

/** How far a search for an order is. */
export interface OrderSearch {
  state: 'idle' | 'running' | 'done' | 'stopped' | 'failed';
  found: SearchState | null;
}

let searches = 0;

/** A search beside the page: start it, watch the best so far, call it off. Leaving the page calls it off too. */
export function useOrderSearch(): OrderSearch & { start(question: OrderQuestion): void; stop(): void } {
  const [search, setSearch] = useState<OrderSearch>({ state: 'idle', found: null });
  const now = useRef<string | null>(null);
  const end = useCallback((state: OrderSearch['state']) => {
    now.current = null;
    setSearch(({ found }) => ({ state, found }));
  }, []);
  const stop = useCallback(() => {
    if (now.current === null) return;
    void coreBeside().callOff(now.current);
    end('stopped');
  }, [end]);
  const start = useCallback(
    (question: OrderQuestion) => {
      if (now.current !== null) void coreBeside().callOff(now.current);
      const id = `order-${++searches}`;
      now.current = id;
      setSearch({ state: 'running', found: null });
      coreBeside()
        .orderRun(
          id,
          question,
          proxy((found: SearchState) => {
            if (now.current === id) setSearch({ state: 'running', found });
          }),
        )
        .then(
          () => now.current === id && end('done'),
          () => now.current === id && end('failed'),
        );
    },
    [end],
  );
  useEffect(
    () => () => {
      if (now.current !== null) void coreBeside().callOff(now.current);
      now.current = null;
    },
    [],
  );
  return { ...search, start, stop };
}
