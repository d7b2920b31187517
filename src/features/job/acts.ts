import { hush, say, undoJob } from '@/state/store';
import type { OpenJob } from '@/state/useJob';

/** Takes the last change back, and offers it again. */
export function undoLast(open: OpenJob) {
  const last = open.history.at(-1);
  undoJob(open.job.id);
  if (last) say(`Undid: ${last.title}`, () => (undoJob(open.job.id), hush()));
}

/** Makes a lever's change, with a way back. */
export function pull(open: OpenJob, edits: Parameters<OpenJob['edit']>[0], title: string) {
  const typed = edits.map(({ path }) => ({ path: `typed.${path}`, value: undefined }));
  const stale = typed.filter(({ path }) => path.slice('typed.'.length) in open.job.typed);
  open.edit([...edits, ...stale], title);
  say(title, () => (undoJob(open.job.id), hush()));
}
