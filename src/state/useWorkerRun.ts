import { proxy } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import { coreWorker } from '@/workers/core';

/** How far a run beside the page is, and what it has handed over so far. */
export interface WorkerRunState<Step> {
  state: 'idle' | 'running' | 'done' | 'stopped' | 'failed';
  steps: readonly Step[];
}

/** Starts a run: by what it may be called off, and where it hands its steps. */
export type WorkerRun<Step> = (id: string, onStep: (step: Step) => void) => Promise<boolean>;

let runs = 0;

/** A long run beside the page: start it, watch its steps come in, call it off. Leaving the page calls it off too. */
export function useWorkerRun<Step>(): WorkerRunState<Step> & {
  start(run: WorkerRun<Step>): void;
  stop(): void;
} {
  const [held, setHeld] = useState<WorkerRunState<Step>>({ state: 'idle', steps: [] });
  const now = useRef<string | null>(null);
  const end = useCallback((state: WorkerRunState<Step>['state']) => {
    now.current = null;
    setHeld(({ steps }) => ({ state, steps }));
  }, []);
  const cancel = useCallback(() => {
    if (now.current !== null) void coreWorker().cancel(now.current);
  }, []);
  const stop = useCallback(() => {
    if (now.current === null) return;
    cancel();
    end('stopped');
  }, [cancel, end]);
  const start = useCallback(
    (run: WorkerRun<Step>) => {
      cancel();
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
    [cancel, end],
  );
  useEffect(
    () => () => {
      cancel();
      now.current = null;
    },
    [cancel],
  );
  return { ...held, start, stop };
}
