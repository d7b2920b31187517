import type { Plan } from '../plan/plan';
import { PASS_NAMES, weld } from '../plan/weldStep';
import { inWords, trimmed } from '../units/format';
import { rodClass, type Pole, type RodClassId } from '../data/rods';
import { ROD_SIZES } from '../data/rodSizes';
import type { Situation } from '../judge/situation';
import type { Step } from '../judge/step';
import type { Count, PassCount } from './count';
import type { Happened } from './happened';

/** One thing on the way through the work: a step of the plan, a pass, or what was added at the work. */
export interface RunItem {
  id: string;
  title: string;
  /** The step's own words; null for a pass. */
  step: Step | null;
  /** Its pass, from 1; null for a step. */
  pass: number | null;
  state: 'open' | 'done' | 'skipped';
  /** Why it was skipped, or what was written of it. */
  words: string;
  at_ms: number | null;
  /** Not gone past before it is ticked. */
  holds: boolean;
}

/** The pole a pass is laid on: the plan's, or its rod's own where that does not run on it. */
const poleOf = (id: RodClassId, plan: Pole): Pole => {
  const { poles } = rodClass(id);
  return poles.includes(plan) ? plan : (poles[0] ?? plan);
};

/** What a pass is called: "Pass 2, fill". */
export function passTitle({ pass, planned }: PassCount, of: number): string {
  if (planned === null) return `Pass ${pass}, as it was not full`;
  if (of === 1) return 'The pass';
  if (planned.role === 'single') return `Pass ${pass} of ${of}`;
  return `Pass ${pass} of ${of}, ${PASS_NAMES[planned.role].toLowerCase()}`;
}

/** The steps of a plan with its passes in the place of the step at the arc, and how far each is. */
export function runItems(plan: Plan, situation: Situation, seen: Happened, count: Count): RunItem[] {
  const atTheArc = new Set(weld(situation).map(({ title }) => title));
  const stepItem = (step: Step): RunItem => itemOf(step.title, step, seen);
  const passes = count.passes.map((one): RunItem => ({
    id: `pass-${one.pass}`,
    title: passTitle(one, count.passes.length),
    step: null,
    pass: one.pass,
    state: one.done_ms === null ? 'open' : 'done',
    words: '',
    at_ms: one.done_ms,
    holds: false,
  }));
  const first = plan.steps.findIndex(({ title }) => atTheArc.has(title));
  const before = first < 0 ? plan.steps : plan.steps.slice(0, first);
  const after = first < 0 ? [] : plan.steps.slice(first).filter(({ title }) => !atTheArc.has(title));
  return [
    ...before.map(stepItem),
    ...passes,
    ...seen.added.map((title) => itemOf(title, null, seen)),
    ...after.map(stepItem),
  ];
}

function itemOf(title: string, step: Step | null, { steps }: Happened): RunItem {
  const kept = steps.get(title);
  return {
    id: title,
    title,
    step,
    pass: null,
    state: kept?.state ?? 'open',
    words: kept?.words ?? '',
    at_ms: kept?.at_ms ?? null,
    holds: (step?.holds.length ?? 0) > 0,
  };
}

/** What the welder sets for a pass, in a few words each: rod, amps, angle, pace. */
export function passSettings(
  one: PassCount,
  { settings, pole, system }: Pick<Situation, 'settings' | 'pole' | 'system'>,
  current_A: number,
): { label: string; value: string }[] {
  const { like } = one;
  if (!like) return [];
  const say = inWords(system);
  const { rod } = like;
  if (rod.by)
    return [
      { label: 'By', value: rod.by.words },
      { label: 'Amps', value: `${trimmed(current_A, 0)} A` },
      { label: 'Pace', value: `${say.size(Math.round(like.travel_mm_s * 60))} a minute` },
    ];
  return [
    { label: 'Rod', value: `${rod.rodClass} ${ROD_SIZES[rod.size].inches}` },
    {
      label: 'Amps',
      value: `${trimmed(current_A, 0)} A${pole ? ` ${poleOf(rod.rodClass, pole.value)}` : ''}`,
    },
    ...(settings
      ? [
          { label: 'Angle', value: `${settings.work_deg}°` },
          { label: 'Lean', value: `${settings.travel_deg.join(' to ')}°, ${settings.travelWords}` },
        ]
      : []),
    { label: 'Pace', value: `${say.size(Math.round(like.travel_mm_s * 60))} a minute` },
    { label: 'A rod lays', value: say.size(Math.round(like.beadPerRod_mm)) },
  ];
}
