import { useEffect, useMemo, useState } from 'react';
import type { Cloud, CloudPair, MixPlan } from '@core/mix';
import { coreWorker } from '@/workers/core';

/** Beads drawn for the picture. */
const DRAWS = 10_000;

/** Where the bead may come to lie, drawn beside the page; the last answer stays up until the next is there. */
export function useCloud(mix: MixPlan | null): { cloud: Cloud | null; failed: boolean } {
  const [answer, setAnswer] = useState<{ cloud: Cloud | null; failed: boolean }>({
    cloud: null,
    failed: false,
  });
  const pairs = useMemo(
    () => mix?.pairs.map(({ judged, share }): CloudPair => ({ question: judged.question, share })) ?? [],
    [mix],
  );
  const asked = JSON.stringify(pairs);
  useEffect(() => {
    const now = JSON.parse(asked) as CloudPair[];
    if (now.length === 0) return;
    let wanted = true;
    coreWorker()
      .cloudOf(now, DRAWS)
      .then(
        (cloud) => wanted && setAnswer({ cloud, failed: false }),
        () => wanted && setAnswer({ cloud: null, failed: true }),
      );
    return () => {
      wanted = false;
    };
  }, [asked]);
  return answer;
}
