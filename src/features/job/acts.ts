import type { Lever } from '@core/plan/levers/lever';
import { hush, say, undoJob } from '@/state/store';
import type { OpenJob } from '@/state/useJob';
import { openTest } from '@/ui/goTo';

/** Takes the last change back, and offers it again. */
export function undoLast(open: OpenJob) {
  const last = open.history.at(-1);
  undoJob(open.job.id);
  if (last) say(`Undid: ${last.title}`, () => (undoJob(open.job.id), hush()));
}

/** Makes a lever's change, with a way back; a test of the metal is opened instead. */
export function pull(open: OpenJob, { edits, title, test }: Lever) {
  if (test) return openTest(open.job.id, test.place, test.test);
  const typed = edits.map(({ path }) => ({ path: `typed.${path}`, value: undefined }));
  const stale = typed.filter(({ path }) => path.slice('typed.'.length) in open.job.typed);
  open.edit([...edits, ...stale], title);
  say(title, () => (undoJob(open.job.id), hush()));
}
