import { SETTINGS_KEY } from '../keys';
import type { Settings } from '../record';
import { edit } from './queue';

/** Changes how the app shows itself. */
export function changeSettings(to: Partial<Settings>): void {
  const edits = Object.entries(to).map(([path, value]) => ({ path, value }));
  void edit(SETTINGS_KEY, edits, 'How the app shows itself');
}
