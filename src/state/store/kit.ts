import { EMPTY_KIT } from '@core/formats/blankKit';
import type { Kit } from '@core/formats/kit';
import { rebaseKit } from '@core/formats/merge';
import { KIT_KEY, writeRecord } from '../keys';
import { checks } from '../late';
import type { KitRecord } from '../record';
import { inTurn } from '../storage';
import { get, kept, now, saving, set } from './app';
import { remember, same } from './history';

const KIT_SHELVES = Object.keys(EMPTY_KIT) as (keyof Kit)[];
const KIT_HISTORY_LENGTH = 20;

/**
 * Puts a kit in place of the present one; what stood before stays in its history. What another window did to other items meanwhile
 * is kept.
 */
export function editKit(kit: Kit, title: string): Promise<void> {
  const { kit: before, history } = get().kit;
  const changes = KIT_SHELVES.filter((shelf) => !same(before[shelf], kit[shelf])).map((shelf) => ({
    path: shelf,
    before: before[shelf],
    after: kit[shelf],
  }));
  const record: KitRecord = {
    kit,
    history: remember(history, { at: now(), title, changes }, KIT_HISTORY_LENGTH),
  };
  set({ kit: record });
  // In turn rather than under a lock: a lock takes milliseconds in which a dying phone would lose the keystroke.
  return saving(() =>
    inTurn(KIT_KEY, async () => {
      const { readRecord, KitRecord: Checked } = await checks();
      const stored = await readRecord(kept.storage, KIT_KEY, Checked);
      const rebased = stored.kind === 'ok' ? rebaseKit(stored.data.kit, before, kit) : kit;
      await writeRecord(kept.storage, KIT_KEY, { ...record, kit: rebased });
      if (get().kit === record && !same(rebased, kit)) set({ kit: { ...record, kit: rebased } });
    }),
  );
}
