import { useMemo } from 'react';
import { makePlan, type Plan } from '@core/plan';
import { changedBy, nextNumber, runState, whyNoArc, type Changed, type RunState } from '@core/run';
import { editAt } from '@core/formats/paths';
import type { RunEvent, Told } from '@core/formats/run';
import { newId } from '@/state/ids';
import { thisMoment } from '@/state/clock';
import { useApp } from '@/state/store';
import type { OpenJob } from '@/state/useJob';
import { useNow } from '@/state/useNow';

/** The work as a screen wants it. */
export interface OpenRun {
  open: OpenJob;
  plan: Plan;
  state: RunState;
  changed: readonly Changed[];
  /** Writes down what happened, now or at a moment. */
  tell(event: Told, title: string, at_ms?: number): void;
  /** The arc burns, in the pass that is next; before the first pass it is a tack. Nothing is told while something must be settled first. */
  strike(how?: { heard?: number; by?: string; at_ms?: number }): void;
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
  const strike: OpenRun['strike'] = ({ heard, by, at_ms } = {}) => {
    const { count, current_A, next } = state;
    const rod = (count.passes[(count.now ?? 1) - 1]?.like ?? assessment.situation.beads?.passes[0])?.rod;
    if (!rod || current_A === null || whyNoArc(state) !== null) return;
    const first = count.passes.every(({ arc_s, done_ms }) => arc_s === 0 && done_ms === null);
    const pass = next?.pass ?? (first ? 0 : (count.now ?? 0));
    tell(
      {
        kind: 'arc-on',
        pass,
        current_A,
        rodClass: rod.rodClass,
        size: rod.size,
        ...(heard === undefined ? {} : { heard }),
        ...(by === undefined ? {} : { by }),
      },
      by !== undefined ? 'Arc on, by the ammeter' : heard === undefined ? 'Arc on' : 'Arc on, heard',
      at_ms,
    );
  };
  return { open, plan, state, changed, tell, strike };
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
