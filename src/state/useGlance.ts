import { useEffect, useState } from 'react';
import type { Job } from '@core/formats/job';
import type { Kit } from '@core/formats/kit';
import type { Glance } from '@core/plan';
import type { UnitSystem } from '@core/units/kinds';
import { coreWorker } from '@/workers/core';

/** How a job stands, judged beside the page; null until the answer is there. An older answer never replaces a newer one. */
export function useGlance(job: Job, kit: Kit, system: UnitSystem): Glance | null {
  const [glance, setGlance] = useState<Glance | null>(null);
  useEffect(() => {
    let overtaken = false;
    void coreWorker()
      .glanceAt(job, kit, system, Date.now())
      .then((answer) => {
        if (!overtaken) setGlance(answer);
      });
    return () => {
      overtaken = true;
    };
  }, [job, kit, system]);
  return glance;
}
