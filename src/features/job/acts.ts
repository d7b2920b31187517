import { LONGEST } from '@core/formats/limits';
import type { Lever } from '@core/plan';
import { editWithUndo, layWithUndo } from '@/state/store';
import type { OpenJob } from '@/state/useJob';
import { openTest } from '@/ui/goTo';

/** Takes the last change back, and offers it again. */
export function undoLast(open: OpenJob) {
  const last = open.history.at(-1);
  if (!last) return;
  const edits = [...last.changes].reverse().map(({ path, before }) => ({ path, value: before }));
  const title = `Undid: ${last.title}`.slice(0, LONGEST.title);
  layWithUndo(open.job.id, edits, title, title);
}

/** Makes a lever's change, with a way back; a test of the metal is opened instead. */
export function pull(open: OpenJob, { edits, title, test }: Lever) {
  if (test) return openTest(open.job.id, test.place, test.test);
  const typed = edits.map(({ path }) => ({ path: `typed.${path}` as const, value: undefined }));
  const stale = typed.filter(({ path }) => path.slice('typed.'.length) in open.job.typed);
  editWithUndo(open.job.id, [...edits, ...stale], title, title);
}
