import type { InstrumentId } from '@core/data/instruments';
import { newId } from './ids';
import { useInstrument } from './useInstrument';

/** The trusted instrument of a kind, as a field wants it; null where there is none. */
export function useFieldReader(kind: InstrumentId) {
  const live = useInstrument(kind);
  if (!live) return null;
  const { instrument, link, standing, take } = live;
  return {
    kind,
    name: instrument.name,
    serial: instrument.serial,
    standing,
    latest: (what: string) => link?.heard.recent.at(-1)?.values[what]?.value ?? null,
    take,
    stamp: () => ({ id: newId(), at: new Date().toISOString() }),
  };
}
