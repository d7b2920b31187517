import { sameValue } from '@core/formats/changes';
import type { Edit } from '@core/formats/edits';
import type { Kit } from '@core/formats/kit';
import { kitChanges, readKitPath } from '@core/formats/kitEdits';
import { KIT_KEY } from '../keys';
import { get, dismissNotice, notify } from './app';
import { edit } from './queue';

/** Edits the kit, item by item: what another window did to other items, or other fields of one, stays. @returns whether it is on disk */
export const editKitAt = (edits: readonly Edit[], title: string): Promise<boolean> =>
  edit(KIT_KEY, edits, title);

/** Makes the kit what is given, as an act of its own. @returns whether it is on disk */
export const editKit = (kit: Kit, title: string): Promise<boolean> =>
  editKitAt(kitChanges(get().kit.kit, kit), title);

/** Edits the kit and offers to take just that back: what was done after it stays. */
export function editKitWithUndo(edits: readonly Edit[], title: string, words: string): void {
  const back = wayBack(edits);
  const { kit } = get().kit;
  void editKitAt(edits, title);
  // Refused, it has said why already.
  if (get().kit.kit === kit) return;
  notify(words, () => {
    takeKitBack(edits, back, `Undid: ${title}`);
    dismissNotice();
  });
}

/** What stands in the kit now where edits would put something else; the order of their shelves with it. */
export function wayBack(edits: readonly Edit[]): Edit[] {
  const { kit } = get().kit;
  const shelves = [...new Set(edits.map(({ path }) => path.split('.')[0] ?? ''))];
  return [
    ...edits.map(({ path }) => ({ path, value: readKitPath(kit, path) })),
    ...shelves.map((shelf) => ({ path: shelf, value: readKitPath(kit, shelf) })),
  ];
}

/** Puts back what stood in the kit before edits, wherever it has not been changed again since. */
export function takeKitBack(edits: readonly Edit[], back: readonly Edit[], title: string): void {
  const { kit } = get().kit;
  const still = (path: string) => {
    const made = edits.find((one) => one.path === path);
    return made === undefined || sameValue(readKitPath(kit, path), made.value);
  };
  void editKitAt(
    back.filter(({ path }) => still(path)),
    title,
  );
}
