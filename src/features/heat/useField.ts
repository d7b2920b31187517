import { useCallback } from 'react';
import type { PlateFrame, PlateRun } from '@core/heat';
import { useBeside, type BesideState } from '@/state/useBeside';
import { coreBeside } from '@/workers/core';

/** How far a run of the plate is. */
export interface FieldState {
  state: BesideState<PlateFrame>['state'];
  frames: readonly PlateFrame[];
}

/** A run of the plate beside the page. */
export function useField(): FieldState & { start(run: PlateRun): void; stop(): void } {
  const { state, steps, start, stop } = useBeside<PlateFrame>();
  const begin = useCallback(
    (run: PlateRun) => start((id, onFrame) => coreBeside().plateRun(id, run, onFrame)),
    [start],
  );
  return { state, frames: steps, start: begin, stop };
}
