import { errorFunction } from 'simple-statistics';
import { Matrix } from 'ml-matrix';
import { DRIFT, DRIFTED, JUDGED, METERED, ODD, SPREAD, type RanId } from '../data/bench';
import type { Range } from '../units/range';

/** A bead on scrap as it is learned from. */
export interface Tried {
  machineId: string | null;
  tinId: string | null;
  /** What the dial was set to, what the chart says for the piece, and what an ammeter read (null: none on the lead), A. */
  set_A: number;
  chart_A: number;
  read_A: number | null;
  ran: RanId | null;
}

/** How far amps that run right lie off the chart, as a share of it. */
export interface Learned {
  /** Of the chart: 1.12 where it takes 12 % more. Nine in ten lie between the ends. */
  share: Range;
  trials: number;
}

/** All that the trials of a truck have taught. */
export interface Lessons {
  /** Of a machine's dial alone, of a tin alone; null where nobody tried it. */
  machine: (id: string) => Learned | null;
  tin: (id: string) => Learned | null;
  /** Of a machine with a tin in this hand. Only what the hand taught where neither was tried. */
  together: (machineId: string | null, tinId: string | null) => Learned;
  /** Trials, by their place in the list, that do not go with the rest. */
  odd: readonly number[];
  drifted: readonly string[];
}

/** Two-sided nine in ten of a normal spread. */
const NINETY = 1.6449;
const HAND = 'hand';
const machineKey = (id: string | null) => `machine ${id ?? ''}`;
const tinKey = (id: string | null) => `tin ${id ?? ''}`;

/**
 * Learns from trials in the order they were made: logarithms of amps over chart, of machine, tin and hand together, as one normal spread that
 * each trial narrows. A bead that ran right is a reading with a doubt; one that ran hot or cold says only on which side the right amps lie, and
 * is taken as the normal spread of the same middle and width (assumed density filtering).
 */
export function learnFrom(trials: readonly Tried[]): Lessons {
  const keys = [
    ...new Set([HAND, ...trials.flatMap((one) => [machineKey(one.machineId), tinKey(one.tinId)])]),
  ];
  const at = new Map(keys.map((key, n) => [key, n]));
  const sdOf = (key: string) =>
    key === HAND ? SPREAD.hand : key.startsWith('machine') ? SPREAD.machine : SPREAD.tin;
  let belief: Belief = {
    mean: Matrix.zeros(keys.length, 1),
    spread: Matrix.diag(keys.map((key) => sdOf(key) ** 2)),
  };
  const odd = new Set<number>();
  const off = new Map<string, number[]>();
  const seen = new Map<string, number>();
  const on = (...parts: string[]) => {
    const row = Matrix.zeros(1, keys.length);
    for (const key of parts) row.set(0, at.get(key) ?? 0, 1);
    return row;
  };
  trials.forEach((one, n) => {
    const [machine, tin] = [machineKey(one.machineId), tinKey(one.tinId)];
    for (const key of [machine, tin]) seen.set(key, (seen.get(key) ?? 0) + 1);
    if (one.machineId !== null) belief = wandered(belief, at.get(machine) ?? 0);
    if (one.read_A !== null) belief = read(belief, on(machine), Math.log(one.set_A / one.read_A), METERED.sd);
    if (one.ran === null) return;
    const all = on(machine, tin, HAND);
    const set = Math.log(one.set_A / one.chart_A);
    const gap = surprise(belief, all, set, one.ran);
    if (gap > ODD.from) odd.add(n);
    const sd = JUDGED.sd * (gap > ODD.from ? ODD.spread : 1);
    off.set(machine, [...(off.get(machine) ?? []), set]);
    belief =
      one.ran === 'right'
        ? read(belief, all, set, Math.hypot(sd, JUDGED.margin / Math.sqrt(3)))
        : sided(belief, all, one.ran === 'hot' ? set - JUDGED.margin : set + JUDGED.margin, sd, one.ran);
  });
  const told = (row: Matrix, count: number): Learned => {
    const mean = row.mmul(belief.mean).get(0, 0);
    const sd = Math.sqrt(row.mmul(belief.spread).mmul(row.transpose()).get(0, 0));
    return {
      share: {
        low: Math.exp(mean - NINETY * sd),
        nominal: Math.exp(mean),
        high: Math.exp(mean + NINETY * sd),
      },
      trials: count,
    };
  };
  const known = (key: string): boolean => at.has(key);
  const one = (key: string): Learned | null => (known(key) ? told(on(key), seen.get(key) ?? 0) : null);
  return {
    machine: (id) => one(machineKey(id)),
    tin: (id) => one(tinKey(id)),
    together: (machineId, tinId) => {
      const parts = [machineKey(machineId), tinKey(tinId)].filter(known);
      return told(on(HAND, ...parts), Math.max(0, ...parts.map((key) => seen.get(key) ?? 0)));
    },
    odd: [...odd],
    drifted: [...off].flatMap(([key, values]) => (hasDrifted(values) ? [key.replace('machine ', '')] : [])),
  };
}

interface Belief {
  mean: Matrix;
  spread: Matrix;
}

/** A machine is not quite what it was. */
function wandered({ mean, spread }: Belief, n: number): Belief {
  const wider = spread.clone();
  wider.set(n, n, wider.get(n, n) + DRIFT.sd ** 2);
  return { mean, spread: wider };
}

/** Middle and spread of what a trial is expected to show. */
function expected({ mean, spread }: Belief, row: Matrix, sd: number): { middle: number; total: number } {
  const own = row.mmul(spread).mmul(row.transpose()).get(0, 0);
  return { middle: row.mmul(mean).get(0, 0), total: Math.sqrt(own + sd * sd) };
}

/** How many standard deviations a trial lies off what was expected of it; 0 on the side it was expected on. */
function surprise(belief: Belief, row: Matrix, set: number, ran: RanId): number {
  const { middle, total } = expected(belief, row, JUDGED.sd);
  const off = (middle - set) / total;
  return ran === 'right' ? Math.abs(off) : Math.max(0, ran === 'hot' ? off : -off);
}

/** Narrowed by a reading with a normal doubt. */
function read(belief: Belief, row: Matrix, value: number, sd: number): Belief {
  const { middle, total } = expected(belief, row, sd);
  return moved(belief, row, total, (value - middle) / total, 1);
}

/** Narrowed by knowing on which side of a value it lies. */
function sided(belief: Belief, row: Matrix, value: number, sd: number, ran: RanId): Belief {
  const { middle, total } = expected(belief, row, sd);
  const sign = ran === 'hot' ? -1 : 1;
  // How far the side that it was found on lies off the middle.
  const edge = (sign * (value - middle)) / total;
  const ratio = hazard(edge);
  return moved(belief, row, total, sign * ratio, ratio * (ratio - edge));
}

/** The normal spread after its shadow along a row moved by so many of its own widths and narrowed by a share. */
function moved({ mean, spread }: Belief, row: Matrix, total: number, by: number, less: number): Belief {
  const lever = spread.mmul(row.transpose());
  return {
    mean: Matrix.add(mean, Matrix.mul(lever, by / total)),
    spread: Matrix.sub(spread, Matrix.mul(lever.mmul(lever.transpose()), less / (total * total))),
  };
}

/** Density over what lies above, of a standard normal spread. Far out it is as good as the edge itself. */
function hazard(edge: number): number {
  if (edge > 5) return edge + 1 / edge;
  const above = 0.5 - 0.5 * errorFunction(edge / Math.SQRT2);
  return Math.exp((-edge * edge) / 2) / Math.sqrt(2 * Math.PI) / above;
}

/** Whether the later half of what a machine was set to lies clear of the earlier. */
function hasDrifted(values: readonly number[]): boolean {
  if (values.length < DRIFTED.least) return false;
  const half = Math.floor(values.length / 2);
  const mean = (part: readonly number[]) => part.reduce((sum, value) => sum + value, 0) / part.length;
  const doubt = JUDGED.sd * Math.sqrt(2 / half);
  return Math.abs(mean(values.slice(-half)) - mean(values.slice(0, half))) > DRIFTED.from * doubt;
}
