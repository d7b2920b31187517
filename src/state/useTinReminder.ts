import { useMemo, useState } from 'react';
import { reminders } from '@core/rods/keeping';
import { useApp } from './store';
import { useClock } from './useClock';

/** A tin whose time in the air is nearly over, said while the app is open, until somebody closes it; null where none is. */
export function useTinReminder(): { words: string; close: () => void } | null {
  const tins = useApp((state) => state.kit.kit.tins);
  const now_ms = useClock();
  const [heard, setHeard] = useState<readonly string[]>([]);
  const due = useMemo(() => reminders(tins, now_ms), [tins, now_ms]);
  const next = due.find(({ id }) => !heard.includes(id));
  if (!next) return null;
  return { words: next.words, close: () => setHeard([...heard, next.id]) };
}
