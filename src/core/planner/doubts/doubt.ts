import { applyEdits } from '../../formats/edits';
import type { Job } from '../../formats/job';
import type { Kit, Machine, Tin } from '../../formats/kit';
import type { JobEdit } from '../../formats/paths';
import type { StopId } from '../../judge/room';
import type { Situation } from '../../judge/situation';

/** One plausible state of what is not known: the job and the kit with it. */
export interface Supposed {
  /** As it is said: "nothing", "3 mm". */
  said: string;
  /** How often it is so against the others of its doubt; left out: 1. Our judgement. */
  odds?: number;
  on(job: Job, kit: Kit): { job: Job; kit: Kit };
}

/** Something that nobody entered or that is only taken to be so, with all that it may plausibly be. */
export interface Doubt {
  id: string;
  /** What it is, as a question's subject: "the gap". */
  name: string;
  stop: StopId;
  /** How it is found out, and in how many minutes. */
  find: string;
  find_min: number;
  /** From one end to the other; two or more. */
  supposed: readonly Supposed[];
}

export const edited = (said: string, edits: readonly JobEdit[]): Supposed => ({
  said,
  on: (job, kit) => ({ job: applyEdits(job, edits), kit }),
});

export const kitted = (said: string, change: (kit: Kit) => Kit): Supposed => ({
  said,
  on: (job, kit) => ({ job, kit: change(kit) }),
});

export const onMachine =
  (id: string, change: Partial<Machine>) =>
  (kit: Kit): Kit => ({
    ...kit,
    machines: kit.machines.map((machine) => (machine.id === id ? { ...machine, ...change } : machine)),
  });

export const onTin =
  (id: string, change: Partial<Tin>) =>
  (kit: Kit): Kit => ({
    ...kit,
    tins: kit.tins.map((tin) => (tin.id === id ? { ...tin, ...change } : tin)),
  });

/** A maker of doubts: none where it is known or has nothing to say here. */
export type Doubts = (situation: Situation) => Doubt[];

export const only = (isSo: boolean, doubt: Doubt): Doubt[] => (isSo ? [doubt] : []);

/** How likely one of a doubt is, 0 to 1. */
export const likely = ({ supposed }: Doubt, one: Supposed): number =>
  (one.odds ?? 1) / supposed.reduce((sum, { odds }) => sum + (odds ?? 1), 0);
