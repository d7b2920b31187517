import { proxy } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { PlateFrame, PlateRun } from '@core/heat/plate/run';
import { coreBeside } from '@/workers/core';

/** How far a run of the plate is. */
export interface FieldState {
  state: 'idle' | 'running' | 'done' | 'stopped' | 'failed';
  frames: readonly PlateFrame[];
}

const IDLE: FieldState = { state: 'idle', frames: [] };
let runs = 0;

/** A run of the plate beside the page: start it, watch its frames come in, call it off. Leaving the page calls it off too. */
export function useField(): FieldState & { start(run: PlateRun): void; stop(): void } {
  const [field, setField] = useState<FieldState>(IDLE);
  const now = useRef<string | null>(null);
  const stop = useCallback(() => {
    if (now.current === null) return;
    void coreBeside().callOff(now.current);
    now.current = null;
    setField(({ frames }) => ({ state: 'stopped', frames }));
  }, []);
  const start = useCallback((run: PlateRun) => {
    if (now.current !== null) void coreBeside().callOff(now.current);
    const id = `run-${++runs}`;
    now.current = id;
    setField({ state: 'running', frames: [] });
    coreBeside()
      .plateRun(
        id,
        run,
        proxy((frame: PlateFrame) => {
          if (now.current === id) setField(({ state, frames }) => ({ state, frames: [...frames, frame] }));
        }),
      )
      .then(
        () => {
          if (now.current !== id) return;
          now.current = null;
          setField(({ frames }) => ({ state: 'done', frames }));
        },
        () => {
          if (now.current !== id) return;
          now.current = null;
          setField(({ frames }) => ({ state: 'failed', frames }));
        },
      );
  }, []);
  useEffect(
    () => () => {
      if (now.current !== null) void coreBeside().callOff(now.current);
      now.current = null;
    },
    [],
  );
  return { ...field, start, stop };
}
