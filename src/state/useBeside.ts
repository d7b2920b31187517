import { proxy } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import { coreBeside } from '@/workers/core';

/** How far a run beside the page is, and what it has handed over so far. */
export interface BesideState<Step> {
  state: 'idle' | 'running' | 'done' | 'stopped' | 'failed';
  steps: readonly Step[];
}

/** Starts a run: by what it may be called off, and where it hands its steps. */
export type BesideRun<Step> = (id: string, onStep: (step: Step) => void) => Promise<boolean>;

let runs = 0;

/** A long run beside the page: start it, watch its steps come in, call it off. Leaving the page calls it off too. */
export function useBeside<Step>(): BesideState<Step> & { start(run: BesideRun<Step>): void; stop(): void } {
  const [held, setHeld] = useState<BesideState<Step>>({ state: 'idle', steps: [] });
  const now = useRef<string | null>(null);
  const end = useCallback((state: BesideState<Step>['state']) => {
    now.current = null;
    setHeld(({ steps }) => ({ state, steps }));
  }, []);
  const callOff = useCallback(() => {
    if (now.current !== null) void coreBeside().callOff(now.current);
  }, []);
  const stop = useCallback(() => {
    if (now.current === null) return;
    callOff();
    end('stopped');
  }, [callOff, end]);
  const start = useCallback(
    (run: BesideRun<Step>) => {
      callOff();
      const id = `run-${++runs}`;
      now.current = id;
      setHeld({ state: 'running', steps: [] });
      run(
        id,
        proxy((step: Step) => {
          if (now.current === id) setHeld(({ state, steps }) => ({ state, steps: [...steps, step] }));
        }),
      ).then(
        () => now.current === id && end('done'),
        () => now.current === id && end('failed'),
      );
    },
    [callOff, end],
  );
  useEffect(
    () => () => {
      callOff();
      now.current = null;
    },
    [callOff],
  );
  return { ...held, start, stop };
}
