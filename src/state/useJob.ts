import { useDeferredValue, useMemo } from 'react';
import { assess, findLevers, type Assessment, type Lever } from '@core/plan';
import { editAt, type JobEdit, type JobNumberPath, type JobPath, type ValueAt } from '@core/formats/paths';
import type { Job } from '@core/formats/job';
import type { Worth } from '@core/planner';
import { readField } from '@core/formats/fields';
import type { UnitSystem } from '@core/units/kinds';
import { editJob, useApp } from './store';
import { useClock } from './useClock';
import type { HistoryEntry } from './record';

/** A job as a screen wants it: the job, what the core makes of it, and how to change it. */
export interface OpenJob {
  job: Job;
  history: readonly HistoryEntry[];
  assessment: Assessment;
  system: UnitSystem;
  /** Sets one path. */
  set<P extends JobPath>(path: P, value: ValueAt<Job, P>, title: string): void;
  edit(edits: readonly JobEdit[], title: string): void;
  /** What is worth finding out; null while it is reckoned, undefined where nothing may be told or nobody asked. */
  worth?: readonly Worth[] | null | undefined;
  /** Takes what was typed into a number field: kept word for word, and as a number where it can be read. */
  type(path: JobNumberPath, text: string, title: string): void;
}

/** Null where there is no such job. */
export function useJob(id: string): OpenJob | null {
  const record = useApp((state) => state.jobs[id]);
  const kit = useApp((state) => state.kit.kit);
  const system = useApp((state) => state.settings.system);
  const job = record?.job;
  const now_ms = useClock();
  // What is typed is judged at once beside the proposal that stands; whether another would be better is looked for after it is drawn.
  const settled = useDeferredValue(job);
  const preferred = useMemo(
    () => (settled ? assess(settled, kit, system, now_ms).situation.preferred : null),
    [settled, kit, system, now_ms],
  );
  const assessment = useMemo(
    () => (job ? assess(job, kit, system, now_ms, preferred) : null),
    [job, kit, system, now_ms, preferred],
  );
  if (!record || !job || !assessment || record.deletedAt !== null) return null;
  const edit = (edits: readonly JobEdit[], title: string) => void editJob(id, edits, title);
  return {
    job,
    history: record.history,
    assessment,
    system,
    edit,
    set: (path, value, title) => edit([editAt(path, value)], title),
    type: (path, text, title) => edit(typedEdits(path, text, system), title),
  };
}

/** The edits that typing a text into a number field comes to. Cleared: nothing known. Unreadable: the text alone is kept. */
export function typedEdits(path: JobNumberPath, text: string, system: UnitSystem): JobEdit[] {
  const read = text.trim() === '' ? null : readField(path, text, system);
  return [
    { path, value: read?.ok ? read.value.value : null } as JobEdit,
    { path: `typed.${path}`, value: text === '' ? undefined : text },
  ];
}

/** Levers of a job; reckoned only where they are shown, and after what was pressed has been drawn. */
export function useLevers(open: OpenJob): Lever[] {
  const kit = useApp((state) => state.kit.kit);
  const { job, assessment, system } = open;
  const now = useMemo(() => ({ job, kit, assessment, system }), [job, kit, assessment, system]);
  const shown = useDeferredValue(now);
  return useMemo(() => findLevers(shown.job, shown.kit, shown.assessment, shown.system), [shown]);
}
