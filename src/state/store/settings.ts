import { SETTINGS_KEY } from '../keys';
import type { Settings } from '../record';
import { change } from './queue';

/** Changes how the app shows itself. */
export function changeSettings(to: Partial<Settings>): void {
  void change<Settings>(SETTINGS_KEY, (settings) => ({ ...settings, ...to }));
}
