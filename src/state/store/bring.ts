import { mergeKit, withoutKit, type Brought } from '@core/formats/merge';
import { DEMO_IDS } from '@/demo/ids';
import { get, hush, now, say } from './app';
import { same } from './history';
import { putJob } from './jobs';
import { editKit } from './kit';

/** Throws the invented yard away, jobs and kit; what is your own stays, and all of it can be had back. */
export async function clearDemo(): Promise<void> {
  const { DEMO_KIT } = await import('@/demo/yard');
  const { jobs, kit } = get();
  const shown = DEMO_IDS.flatMap((id) => (jobs[id] && jobs[id].deletedAt === null ? [jobs[id]] : []));
  shown.forEach((record) => void putJob({ ...record, deletedAt: now() }));
  void editKit(withoutKit(kit.kit, DEMO_KIT), 'Cleared the demo yard');
  say('The demo yard is cleared', () => {
    shown.forEach((record) => void putJob(record));
    void editKit(kit.kit, 'Brought the demo yard back');
    hush();
  });
}

/** Takes in what a file brought: jobs of the same id are replaced, kit is added to. All of it can be had back at one press. */
export function takeInFile({ jobs, kit }: Brought): void {
  const before = jobs.map((job) => get().jobs[job.id] ?? null);
  const kitBefore = get().kit.kit;
  jobs.forEach((job, n) => void putJob({ job, history: before[n]?.history ?? [], deletedAt: null }));
  const merged = mergeKit(kitBefore, kit);
  if (!same(merged, kitBefore)) void editKit(merged, 'Took in kit from a file');
  const [first] = jobs;
  const words =
    jobs.length === 1 && first
      ? first.title || 'Untitled job'
      : jobs.length === 0
        ? 'kit'
        : `${jobs.length} jobs`;
  say(`Taken in: ${words}`, () => {
    jobs.forEach((job, n) => void putJob(before[n] ?? { job, history: [], deletedAt: now() }));
    void editKit(kitBefore, 'Undid taking in a file');
    hush();
  });
}
