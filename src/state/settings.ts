/** How the app shows itself until it is told otherwise. */
export const DEFAULT_SETTINGS = {
  system: 'metric',
  theme: 'daylight',
  day: { begins: '7:00', dark: '', walk: '10', left: [] as string[] },
  calls: { buzz: true, tone: false, colour: true, pace: false },
} as const;
