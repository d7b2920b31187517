import type { InstrumentId } from '@core/data/instruments';

/** How the app shows itself until it is told otherwise. */
export const DEFAULT_SETTINGS = {
  system: 'metric',
  theme: 'daylight',
  day: { begins: '7:00', dark: '', walk: '10', left: [] as string[] },
  instruments: [] as { id: string; address: string; kind: InstrumentId; name: string; serial: string }[],
  /** No tones between these hours; blank: none. */
  quiet: { from: '', till: '' },
  calls: { buzz: true, tone: false, colour: true, pace: false },
} as const;
