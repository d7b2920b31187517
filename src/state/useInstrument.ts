import { useCallback, useEffect, useRef, useState, useSyncExternalStore } from 'react';
import type { InstrumentId } from '@core/data/instruments';
import type { Standing, Taken } from '@core/instruments';
import type { Result } from '@core/units/result';
import { linkOf, lookAt, type Instrument, type Link } from './instruments';
import { useApp } from './store';
import { useNow } from './useNow';

type Core = typeof import('@core/instruments');

/** An instrument as a screen wants it. */
export interface LiveInstrument {
  instrument: Instrument;
  link: Link | null;
  standing: Standing;
  /** What would go into a field now. */
  take(what: string): Result<Taken>;
}

const WAITING: Standing = { state: 'waiting', words: 'It is being asked.', age_ms: null };

/** The age of a reading is told by the second. */
const AGE_ms = 1000;

/** The instrument of a kind that this phone trusts, live while the screen stands; null where it trusts none. @param ear told of every reading */
export function useInstrument(kind: InstrumentId, ear?: (link: Link) => void): LiveInstrument | null {
  const instrument = useApp((app) => app.settings.instruments.find((one) => one.kind === kind) ?? null);
  return useLive(instrument, ear);
}

/** One instrument, live while the screen stands. */
export function useLive(instrument: Instrument | null, ear?: (link: Link) => void): LiveInstrument | null {
  const heard = useRef(ear);
  useEffect(() => {
    heard.current = ear;
  });
  const [core, setCore] = useState<Core | null>(null);
  useEffect(() => {
    if (instrument) void import('@core/instruments').then(setCore);
  }, [instrument]);
  const subscribe = useCallback(
    (look: () => void) =>
      instrument ? lookAt(instrument, look, (link) => heard.current?.(link)) : () => undefined,
    [instrument],
  );
  const link = useSyncExternalStore(subscribe, () => (instrument ? linkOf(instrument.id) : null));
  const now_ms = useNow(instrument ? AGE_ms : 60_000);
  if (!instrument) return null;
  const standing =
    core && link ? core.standingOf(link.heard, link.about, Math.max(now_ms, newest(link))) : WAITING;
  return {
    instrument,
    link,
    standing,
    take: (what) =>
      core && link
        ? core.takeReading(link.heard, link.about, what, Date.now())
        : { ok: false, message: WAITING.words },
  };
}

const newest = ({ heard }: Link): number => heard.recent.at(-1)?.came_ms ?? 0;
