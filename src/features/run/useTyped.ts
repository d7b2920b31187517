import type { OpenRun } from './useRun';

/** Text typed into a line of this page: kept with the job, word for word, until it is told. */
export function useTyped(run: OpenRun, name: string): [string, (text: string) => void] {
  const path = `run.${name}`;
  const text = run.open.job.typed[path] ?? '';
  const set = (to: string) =>
    run.open.edit([{ path: `typed.${path}`, value: to === '' ? undefined : to }], 'Typed at the work');
  return [text, set];
}
