import { useMemo } from 'react';
import { makePlan, type Plan } from '@core/plan';
import { changedBy, nextNumber, runState, type Changed, type RunState } from '@core/run';
import { editAt } from '@core/formats/paths';
import type { RunEvent } from '@core/formats/run';
import { newId } from '@/state/ids';
import { thisMoment } from '@/state/clock';
import { useApp } from '@/state/store';
import type { OpenJob } from '@/state/useJob';
import { useNow } from '@/state/useNow';

/** What is told at the work, without its number and time. */
export type Told = RunEvent extends infer E ? (E extends RunEvent ? Omit<E, 'n' | 'at'> : never) : never;

/** The work as a screen wants it. */
export interface OpenRun {
  open: OpenJob;
  plan: Plan;
  state: RunState;
  changed: readonly Changed[];
  /** Writes down what happened, now or at a moment. */
  tell(event: Told, title: string, at_ms?: number): void;
}

/** While the arc burns a second is long; else it is short enough. */
const TICK_ms = { burning: 200, still: 1000 } as const;

export function useRun(open: OpenJob): OpenRun {
  const { job, assessment } = open;
  const kit = useApp((app) => app.kit.kit);
  const { events } = job.run;
  const burns = useMemo(() => isBurning(events), [events]);
  const now_ms = useNow(burns ? TICK_ms.burning : TICK_ms.still);
  const plan = useMemo(() => makePlan(assessment), [assessment]);
  const state = useMemo(() => runState(assessment, plan, job, now_ms), [assessment, plan, job, now_ms]);
  const settled = `${state.seen.current_A} ${state.seen.passes.size} ${state.count.passes.length}`;
  const changed = useMemo(
    () => changedBy(job, kit, assessment, state),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- looked at again only where amps or passes are others
    [assessment, kit, settled],
  );
  const tell = (event: Told, title: string, at_ms = thisMoment()) =>
    open.edit(
      [
        editAt(`run.events.${newId()}`, {
          ...event,
          n: nextNumber(events),
          at: Math.round(at_ms),
        } as RunEvent),
      ],
      title,
    );
  return { open, plan, state, changed, tell };
}

/** Whether the last word on the arc was that it burns. */
function isBurning(events: Readonly<Record<string, RunEvent>>): boolean {
  let last: RunEvent | null = null;
  for (const event of Object.values(events))
    if (ARC_WORDS.includes(event.kind) && (last === null || event.n >= last.n)) last = event;
  return last?.kind === 'arc-on';
}
const ARC_WORDS: readonly RunEvent['kind'][] = [
  'arc-on',
  'arc-off',
  'rod',
  'pass-done',
  'trouble',
  'finished',
];
