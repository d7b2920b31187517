import { useEffect, useState } from 'react';
import type { Ground, Sureness } from '@core/planner';
import { coreWorker } from '@/workers/core';

/** How sure the plans of several jobs are, by their ids: reckoned beside the page, one after another. */
export function useSures(grounds: readonly Ground[]): ReadonlyMap<string, Sureness> {
  const [found, setFound] = useState<ReadonlyMap<string, Sureness>>(new Map());
  useEffect(() => {
    let gone = false;
    const all = new Map<string, Sureness>();
    void (async () => {
      for (const ground of grounds) {
        const sure = await coreWorker()
          .surenessOn(ground)
          .catch(() => null);
        if (gone) return;
        if (sure) all.set(ground.job.id, sure);
        setFound(new Map(all));
      }
    })();
    return () => {
      gone = true;
    };
  }, [grounds]);
  return found;
}
