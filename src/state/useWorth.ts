import { useEffect, useMemo, useState } from 'react';
import type { Ground, Worth } from '@core/planner';
import { useGround } from './useGround';
import type { OpenJob } from './useJob';
import { coreWorker } from '@/workers/core';

/** So long nothing has changed before it is reckoned: nobody waits for it. */
const QUIET_ms = 700;

/** What was found last, so that going from stop to stop asks nothing twice. */
let last: { of: string; worth: readonly Worth[] } | null = null;

/** What is worth finding out of an open job; null while it is reckoned, undefined where nothing may be told. */
export function useWorth(open: OpenJob): readonly Worth[] | null | undefined {
  const told = open.assessment.withheld === null;
  const worth = useWorthOf(useGround(open), told);
  return told ? worth : undefined;
}

/** Reckoned beside the page, once nothing has changed for a moment. */
function useWorthOf(ground: Ground, wanted: boolean): readonly Worth[] | null {
  const of = useMemo(
    () => (wanted ? JSON.stringify([ground.job, ground.kit, ground.now_ms]) : ''),
    [wanted, ground],
  );
  const [found, setFound] = useState<typeof last>(() => last);
  useEffect(() => {
    if (of === '' || found?.of === of) return;
    let gone = false;
    const wait = setTimeout(() => {
      coreWorker()
        .worthOn(ground)
        .then((worth) => {
          last = { of, worth };
          if (!gone) setFound(last);
        })
        // Without it the page is as it was.
        .catch(() => undefined);
    }, QUIET_ms);
    return () => {
      gone = true;
      clearTimeout(wait);
    };
  }, [of, ground, found]);
  return found?.of === of ? found.worth : null;
}
