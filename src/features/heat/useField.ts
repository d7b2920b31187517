import { useCallback } from 'react';
import type { PlateFrame, PlateRun } from '@core/heat';
import { useWorkerRun, type WorkerRunState } from '@/state/useWorkerRun';
import { coreWorker } from '@/workers/core';

/** How far a run of the plate is. */
export interface FieldState {
  state: WorkerRunState<PlateFrame>['state'];
  frames: readonly PlateFrame[];
}

/** A run of the plate beside the page. */
export function useField(): FieldState & { start(run: PlateRun): void; stop(): void } {
  const { state, steps, start, stop } = useWorkerRun<PlateFrame>();
  const begin = useCallback(
    (run: PlateRun) => start((id, onFrame) => coreWorker().plateRun(id, run, onFrame)),
    [start],
  );
  return { state, frames: steps, start: begin, stop };
}
