import { useMemo } from 'react';
import type { Ground } from '@core/planner';
import type { OpenJob } from './useJob';

/** What is planned on: the job and the truck as they stand. */
export function useGround(open: OpenJob): Ground {
  const { entered, kit, system, now_ms } = open.assessment.situation;
  // The clock ticks; a plan is not looked for again with every minute.
  const hour = now_ms === null ? null : Math.floor(now_ms / HOUR_ms);
  return useMemo(
    () => ({ job: entered, kit, system, now_ms: hour === null ? null : hour * HOUR_ms }),
    [entered, kit, system, hour],
  );
}
const HOUR_ms = 3_600_000;
