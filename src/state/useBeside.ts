import { useEffect, useMemo, useState } from 'react';
import type { Ground } from '@core/planner';

/** So long nothing has changed before it is reckoned: nobody waits for it. */
const QUIET_ms = 700;

/** What was found last of each kind, so that going from stop to stop asks nothing twice. */
const kept = new Map<string, { of: string; found: unknown }>();

/**
 * Something of a job that is reckoned beside the page, once nothing has changed for a moment; null meanwhile.
 * @param what by what it is kept
 */
export function useBeside<T>(
  what: string,
  ground: Ground,
  wanted: boolean,
  ask: (ground: Ground) => Promise<T>,
): T | null {
  const of = useMemo(
    () => (wanted ? JSON.stringify([ground.job, ground.kit, ground.now_ms]) : ''),
    [wanted, ground],
  );
  const [last, setLast] = useState(() => kept.get(what) ?? null);
  useEffect(() => {
    if (of === '' || last?.of === of) return;
    let gone = false;
    const wait = setTimeout(() => {
      ask(ground)
        .then((found) => {
          kept.set(what, { of, found });
          if (!gone) setLast({ of, found });
        })
        // Without it the page is as it was.
        .catch(() => undefined);
    }, QUIET_ms);
    return () => {
      gone = true;
      clearTimeout(wait);
    };
  }, [of, ground, last, what, ask]);
  return last?.of === of ? (last.found as T) : null;
}
