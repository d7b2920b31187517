import type { Ground, WaysOut } from '@core/planner';
import { coreWorker } from '@/workers/core';
import { useBeside } from './useBeside';
import { useGround } from './useGround';
import type { OpenJob } from './useJob';

const ask = (ground: Ground): Promise<WaysOut> => coreWorker().waysOutOn(ground);

/** The smallest sets of changes that open a job; null while they are looked for, or where none is wanted. */
export const useWaysOut = (open: OpenJob, wanted: boolean): WaysOut | null =>
  useBeside('out', useGround(open), wanted, ask);
