import { useMemo } from 'react';
import type { MetalPlace } from '@core/metal';
import { testsFor } from '@core/plan';
import type { OpenJob } from '@/state/useJob';

/** The tests of a piece, best first, with what each is worth now. */
export function useTests({ assessment }: OpenJob, place: MetalPlace) {
  const { situation } = assessment;
  return useMemo(() => testsFor(situation, place), [situation, place]);
}
