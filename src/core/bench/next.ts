import type { RanId } from '../data/bench';
import type { Range } from '../units/range';
import { learnFrom, type Tried } from './learn';

/** What a few more beads on scrap would be worth. */
export interface BenchGain {
  beads: number;
  /** Half the width of what is right, as a share: now, and after so many more that ran as expected. */
  now: number;
  then: number;
}

const halfOf = ({ low, high }: Range): number => Math.sqrt(high / low) - 1;

/** Answers "is it worth a bead on scrap?": how much one and three more would narrow the amps of a machine with a tin. */
export function worthTrying(
  trials: readonly Tried[],
  { machineId, tinId, chart_A }: Pick<Tried, 'machineId' | 'tinId' | 'chart_A'>,
): BenchGain[] {
  const before = learnFrom(trials).together(machineId, tinId).share;
  // Nobody tried either: the whole of what charts leave open.
  const open = learnFrom([...trials, blind(machineId, tinId, chart_A)]).together(machineId, tinId).share;
  const now = Math.max(halfOf(before), halfOf(open));
  return [1, 3].map((beads) => {
    const more = Array.from({ length: beads }, () => expectedBead(machineId, tinId, chart_A, before.nominal));
    const { share } = learnFrom([...trials, ...more]).together(machineId, tinId);
    return { beads, now, then: halfOf(share) };
  });
}

const expectedBead = (
  machineId: string | null,
  tinId: string | null,
  chart_A: number,
  share: number,
  ran: RanId | null = 'right',
): Tried => ({ machineId, tinId, chart_A, set_A: chart_A * share, read_A: null, ran });

/** A bead that says nothing but that there is such a machine and such a tin. */
const blind = (machineId: string | null, tinId: string | null, chart_A: number): Tried =>
  expectedBead(machineId, tinId, chart_A, 1, null);
