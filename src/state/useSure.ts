import type { Ground, Sureness } from '@core/planner';
import { coreWorker } from '@/workers/core';
import { useBeside } from './useBeside';
import { useGround } from './useGround';
import type { OpenJob } from './useJob';

const ask = (ground: Ground): Promise<Sureness> => coreWorker().surenessOn(ground);

/** How sure the plan of an open job is; null while it is reckoned, or where it is not wanted. */
export const useSure = (open: OpenJob, wanted: boolean): Sureness | null =>
  useBeside('sure', useGround(open), wanted, ask);
