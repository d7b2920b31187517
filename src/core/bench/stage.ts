import type { Kit, Machine, Tin } from '../formats/kit';
import type { Range } from '../units/range';
import { exactly } from '../units/range';
import { memoize } from '../units/memoize';
import type { Reads } from '../judge/situation';
import { learnFrom, type Lessons, type Tried } from './learn';

declare module '../judge/situation' {
  interface Situation {
    /** How amps on this machine lie off chart and packet, with a tin. */
    readonly bias: (tin: Pick<Tin, 'id'> | null) => Bias;
  }
}

/** How far the amps that run right lie off chart or packet. */
export interface Bias {
  /** Share of the chart: 1 where nobody has tried. */
  share: number;
  /** What the dial alone stands at over what the arc gets: heat goes by that. */
  dial: number;
  range: Range;
  by: 'you' | 'trials' | 'nobody';
  /** Beads on scrap behind it. */
  trials: number;
  /** As it is said; empty where nobody has tried. */
  words: string;
}

/** Nobody has tried: as the chart says. */
export const NOT_TRIED: Bias = { share: 1, dial: 1, range: exactly(1), by: 'nobody', trials: 0, words: '' };
/** A share that is no more off than this is not worth saying. */
const WORTH_SAYING = 0.015;

/** Beads on scrap that count, the oldest first. */
export const countedTrials = ({ trials }: Pick<Kit, 'trials'>): (Tried & { id: string })[] =>
  [...trials]
    .filter(
      ({ process, leftOut, ran, read_A }) =>
        process === 'stick' && !leftOut && (ran !== null || read_A !== null),
    )
    .sort((a, b) => a.at.localeCompare(b.at))
    .flatMap(({ id, machineId, tinId, set_A, chart_A, read_A, ran }) =>
      set_A === null || chart_A === null ? [] : [{ id, machineId, tinId, set_A, chart_A, read_A, ran }],
    );

/** What the beads of a kit have taught: worked out once for each list of them. */
export const lessonsOf = memoize((trials: Kit['trials']): Lessons => learnFrom(countedTrials({ trials })));

/** How amps on this machine lie off chart and packet: as the welder says, else as beads on scrap have shown. */
export function bias({ machine, kit }: Reads<'machine' | 'kit'>): (tin: Pick<Tin, 'id'> | null) => Bias {
  const own = machine?.value ?? null;
  return (tin) => biasOf(kit, own, tin);
}

/** The same of any machine of a kit. */
export function biasOf(
  kit: Pick<Kit, 'trials'>,
  machine: Pick<Machine, 'id' | 'name' | 'bias_pct'> | null,
  tin: Pick<Tin, 'id'> | null,
): Bias {
  if (machine?.bias_pct != null) {
    const share = machine.bias_pct / 100;
    const words = `times the ${machine.bias_pct} % this machine runs right at`;
    return { share, dial: share, range: exactly(share), by: 'you', trials: 0, words };
  }
  if (kit.trials.length === 0) return NOT_TRIED;
  const lessons = lessonsOf(kit.trials);
  const { share, trials } = lessons.together(machine?.id ?? null, tin?.id ?? null);
  if (trials === 0) return NOT_TRIED;
  const dial = (machine && lessons.machine(machine.id)?.share.nominal) ?? 1;
  const off = share.nominal - 1;
  const words =
    Math.abs(off) < WORTH_SAYING
      ? ''
      : `${Math.round(100 * Math.abs(off))} % ${off > 0 ? 'more' : 'less'}, as ${trials === 1 ? 'a bead' : `${trials} beads`} on scrap showed`;
  return { share: share.nominal, dial, range: share, by: 'trials', trials, words };
}
