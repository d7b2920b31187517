import type { CableId } from '../data/cables';
import { machineType } from '../data/machines';
import { soundMachine } from '../formats/checkKit';
import type { LeadSet, Machine, Supply } from '../formats/kit';
import { permittedDuty } from './duty';
import { pointsHere, readPlate, type Plate } from './plate/nameplate';
import { supplyDraw, type Cord, type DrawQuestion, type SupplyDraw } from './supply';
import { memoizeBy } from '../units/memoize';
import type { DrawAt } from './arcs';
import type { Choice } from '../judge/choice';
import type { Reads, Situation } from '../judge/situation';

declare module '../judge/situation' {
  interface Situation {
    readonly machine: Choice<Machine> | null;
    /** Null also where the machine makes its own power. */
    readonly supply: Choice<Supply> | null;
    /** The machine's plate on this supply, every blank filled. */
    readonly plate: Plate | null;
    /** Share of ten minutes that the machine stands at so many amps; null where its plate does not tell. */
    readonly dutyAt: (current_A: number) => number | null;
    /** Weld leads, where named. */
    readonly leads: Choice<LeadSet> | null;
    /** Cords from the socket on; none where it is plugged straight in; null where not known. */
    readonly cords: Choice<readonly Cord[]> | null;
    /** The most that any arc of the job burns at, A. */
    readonly strongest_A: number | null;
    /** What an arc draws from the supply at its amps; null while the supply is not known. */
    readonly drawAt: DrawAt | null;
    /** What the strongest arc draws. */
    readonly draw: SupplyDraw | null;
  }
}

/** The thing the job names; else the first of its kind, as a proposal; null where the kit has none. */
function chosen<T extends { id: string }>(
  items: readonly T[],
  id: string | null,
  why: string,
): Choice<T> | null {
  const named = id === null ? undefined : items.find((item) => item.id === id);
  if (named) return { value: named, by: 'you', why: 'You chose it.' };
  const first = items[0];
  return first ? { value: first, by: 'app', why } : null;
}

/** The welding machine; null where none is in the kit, or where the iron is brazed: that strikes no arc. */
export const machine = ({
  brazed,
  kit,
  entered,
}: Reads<'brazed' | 'kit' | 'entered'>): Choice<Machine> | null =>
  brazed ? null : chosen(sticksFirst(kit.machines), entered.power.machineId, 'The first machine in the kit.');

/** One without stick is proposed only where there is no other. */
const sticksFirst = (machines: readonly Machine[]): readonly Machine[] => [
  ...machines.filter(({ processes }) => processes.includes('stick')),
  ...machines.filter(({ processes }) => !processes.includes('stick')),
];

/** What feeds it; null also where the machine makes its own power. */
export const supply = ({
  brazed,
  kit,
  entered,
  machine: by,
}: Reads<'brazed' | 'kit' | 'entered' | 'machine'>): Choice<Supply> | null =>
  brazed || (by && machineType(by.value.type).feeds !== 'mains')
    ? null
    : chosen(kit.supplies, entered.power.supplyId, 'The first supply in the kit.');

/** The machine's plate on this supply, every blank filled. */
export const plate = ({
  machine: by,
  supply: from,
  entered: { look, power },
  system,
}: Reads<'machine' | 'supply' | 'entered' | 'system'>): Plate | null =>
  by &&
  readPlate(soundMachine(by.value, system), from?.value ?? null, {
    air_C: look.air_C,
    cooling: power.cooling,
    altitude_m: look.altitude_m,
  });

/** Share of ten minutes that the machine stands at so many amps. */
export const dutyAt =
  ({ plate: of }: Reads<'plate'>): Situation['dutyAt'] =>
  (current_A) =>
    of && permittedDuty(pointsHere(of), current_A);

/** Weld leads, where named. */
export const leads = ({ entered, kit }: Reads<'entered' | 'kit'>): Choice<LeadSet> | null =>
  entered.power.leadsId === null ? null : chosen(kit.leads, entered.power.leadsId, '');

/**
 * Cords from the socket on: the one that hangs on the supply, or what the job says in its place, and those plugged into it. None where it
 * is plugged straight in; null where not known.
 */
export function cords({
  entered,
  supply: from,
}: Reads<'entered' | 'supply'>): Choice<readonly Cord[]> | null {
  const named = from?.value;
  if (!named) return null;
  const { cordLength_m, cordSize, cordLie, cord2, cord3 } = entered.power;
  const own = cordLength_m !== null || cordSize !== null || cordLie !== null;
  const why = own ? 'You set it.' : 'The cord that hangs on this supply.';
  const choice = (value: readonly Cord[]): Choice<readonly Cord[]> => ({
    value,
    by: own ? 'you' : 'app',
    why,
  });
  const lie = cordLie ?? named.cordLie ?? 'straight';
  const first =
    lie === 'none' ? [] : laid(cordLength_m ?? named.cordLength_m, cordSize ?? named.cordSize, lie);
  if (first === null) return null;
  const further = [cord2, cord3].flatMap((next) =>
    next.lie === 'none' ? [] : (laid(next.length_m, next.size ?? first[0]?.size ?? null, next.lie) ?? []),
  );
  return choice([...first, ...further]);
}

/** A cord as it lies; null while its length or size is not known. */
const laid = (length_m: number | null, size: CableId | null, lie: Cord['lie'] | null): Cord[] | null =>
  length_m === null || size === null ? null : [{ length_m, size, lie: lie ?? 'straight' }];

/** The strongest arc: a root may burn hotter than the fill. */
export const strongest_A = ({ beads, current_A }: Reads<'beads' | 'current_A'>): number | null =>
  current_A && (beads?.passes.reduce((most, { rod }) => Math.max(most, rod.current_A), 0) || current_A.value);

/** What arcs draw from the supply, each at its own amps. */
export const drawAt = (reads: Reads<'plate' | 'supply' | 'cords'>): DrawAt | null => {
  const question = chainOf(reads);
  return (
    question &&
    memoizeBy((current_A: number) => supplyDraw({ ...question, process: 'stick', current_A }), String)
  );
};

/** Plate, supply and cords as a chain; null while the supply is not known. */
export function chainOf({
  plate: of,
  supply: from,
  cords: along,
}: Reads<'plate' | 'supply' | 'cords'>): Omit<DrawQuestion, 'process' | 'current_A'> | null {
  const named = from?.value;
  if (!of || !named || named.volts_V === null) return null;
  return {
    plate: of,
    volts_V: named.volts_V,
    phases: named.phases,
    cords: along?.value ?? [],
    source_ohm: named.source_ohm ?? 0,
  };
}

/** What the strongest arc draws from the supply. */
export const draw = ({
  drawAt: at,
  strongest_A: most_A,
}: Reads<'drawAt' | 'strongest_A'>): SupplyDraw | null => (at && most_A !== null ? at(most_A) : null);
