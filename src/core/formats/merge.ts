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

/** A kit with each shelf changed in the same way. */
function mapShelves(
  kit: Kit,
  change: <T extends { id: string }>(items: readonly T[], shelf: keyof Kit) => T[],
): Kit {
  return {
    machines: change(kit.machines, 'machines'),
    supplies: change(kit.supplies, 'supplies'),
    cords: change(kit.cords, 'cords'),
    leads: change(kit.leads, 'leads'),
    tins: change(kit.tins, 'tins'),
    tools: change(kit.tools, 'tools'),
    fillers: change(kit.fillers, 'fillers'),
    bottles: change(kit.bottles, 'bottles'),
    tungstens: change(kit.tungstens, 'tungstens'),
    trials: change(kit.trials, 'trials'),
  };
}

const holds = (kit: Kit, shelf: keyof Kit, id: string): boolean => kit[shelf].some((item) => item.id === id);

/** A kit with what another brings and it lacks, by id; what is there already stays as it is. */
export function mergeKit(kit: Kit, extra: Kit): Kit {
  const lacking = mapShelves(extra, (items, shelf) => items.filter(({ id }) => !holds(kit, shelf, id)));
  return mapShelves(kit, (items, shelf) => [...items, ...(lacking[shelf] as unknown as typeof items)]);
}

/** A kit without the items of another, by id. */
export const withoutKit = (kit: Kit, other: Kit): Kit =>
  mapShelves(kit, (items, shelf) => items.filter(({ id }) => !holds(other, shelf, id)));
