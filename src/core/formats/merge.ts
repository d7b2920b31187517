import type { Job } from './job';
import type { Kit } from './kit';

/** What any file of the app brings. */
export interface Brought {
  jobs: readonly Job[];
  kit: Kit;
}

/** What taking a file in would do, before it does it. */
export interface ImportPreview {
  adds: readonly string[];
  replaces: readonly string[];
  kitAdds: number;
}

const called = (job: Job): string => job.title || 'Untitled job';

/** Holds what a file brings against what is here: jobs of the same id are replaced, kit is only added to. */
export function previewImport(brought: Brought, here: { jobs: readonly Job[]; kit: Kit }): ImportPreview {
  const isHere = (job: Job) => here.jobs.some(({ id }) => id === job.id);
  const merged = mergeKit(here.kit, brought.kit);
  return {
    adds: brought.jobs.filter((job) => !isHere(job)).map(called),
    replaces: brought.jobs.filter(isHere).map(called),
    kitAdds: countItems(merged) - countItems(here.kit),
  };
}

const countItems = (kit: Kit): number => Object.values(kit).reduce((sum, shelf) => sum + shelf.length, 0);

/** A kit with what another brings and it lacks, by id; what is there already stays as it is. */
export function mergeKit(kit: Kit, extra: Kit): Kit {
  const add = <T extends { id: string }>(mine: readonly T[], theirs: readonly T[]): T[] => [
    ...mine,
    ...theirs.filter(({ id }) => !mine.some((item) => item.id === id)),
  ];
  return {
    machines: add(kit.machines, extra.machines),
    supplies: add(kit.supplies, extra.supplies),
    cords: add(kit.cords, extra.cords),
    leads: add(kit.leads, extra.leads),
    tins: add(kit.tins, extra.tins),
    tools: add(kit.tools, extra.tools),
  };
}
