import type { Settings } from './record';

/** How the app shows itself until it is told otherwise. */
export const DEFAULT_SETTINGS: Settings = { system: 'metric', theme: 'daylight' };
