import type { Ground, Worth } from '@core/planner';
import { coreWorker } from '@/workers/core';
import { useBeside } from './useBeside';
import { useGround } from './useGround';
import type { OpenJob } from './useJob';

const ask = (ground: Ground): Promise<readonly Worth[]> => coreWorker().worthOn(ground);

/** What is worth finding out of an open job; null while it is reckoned, undefined where nothing may be told. */
export function useWorth(open: OpenJob, wanted: boolean): readonly Worth[] | null | undefined {
  const told = wanted && open.assessment.withheld === null;
  const worth = useBeside('worth', useGround(open), told, ask);
  return told ? worth : undefined;
}
