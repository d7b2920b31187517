import { SELF_SHIELDED_mm, SHORT_CIRCUIT_mm } from '../../data/processSettings';
import { inWords, trimmed } from '../../units/format';
import type { UnitSystem } from '../../units/kinds';
import { IEC_60974_1 } from '../../units/sources';
import type { Candidate } from '../rank';
import { onGun } from './gun';
import { onFiller, onGas, onTungsten, type Stock } from './stock';
import type { ArcBy, LimitBy, SetFor } from './arcBy';

/** What the machine gives an arc of a process on its supply. */
export interface MachineFor {
  name: string;
  min_A: number | null;
  /** Largest amps, at the ends of what is known. */
  max_A: { low: number; high: number } | null;
  /** Share of ten minutes at those amps; null where the plate says nothing. */
  duty: number | null;
  /** What it draws, A; null where the supply is not known, or it has none. */
  draw: { middle_A: number; high_A: number; holds: boolean; breaker_A: number | null } | null;
}

const TITLES: Readonly<Record<Candidate['points'][number]['about'], string>> = {
  metal: 'Metal',
  thickness: 'Thickness',
  surface: 'Surface',
  position: 'Position',
  wind: 'Wind',
  machine: 'Machine',
  pole: 'Pole',
  stock: 'What is here',
  work: 'The work',
};

/** Answers "does it hold?" for a process: what speaks against it, and what its own settings come up against; the worst first. */
export function limitsBy(
  { points }: Candidate,
  set: ArcBy,
  where: SetFor,
  machine: MachineFor | null,
  kit: Stock,
  system: UnitSystem,
): LimitBy[] {
  // What speaks against thick plate is the short-circuit.
  const forPlate = set.way === 'spray' || set.way === 'filled';
  const ofPlace = points
    .filter(({ about, mark }) => !(forPlate && about === 'thickness' && mark === 'poor'))
    .map(({ about, mark, words, source }): LimitBy => {
      // A metal that takes it badly carries no load by it.
      const badly = about === 'metal' && mark === 'poor' && where.carriesLoad;
      return {
        title: TITLES[about],
        state: mark === 'no' || badly ? 'none' : mark === 'poor' ? 'tight' : 'roomy',
        words: badly ? `${words}; not where it carries load` : words,
        source,
      };
    });
  const all = [
    ...ofPlace,
    ...onThickness(set, where, system),
    ...onTungsten(set, kit),
    ...onFiller(set, kit),
    ...onGas(set, where, kit),
    ...onGun(set, kit),
    ...onMachine(set, machine),
  ];
  return inTurn(all);
}

/** The worst first. */
export const inTurn = (limits: readonly LimitBy[]): LimitBy[] => {
  const rank = { none: 0, tight: 1, roomy: 2 };
  return [...limits].sort((a, b) => rank[a.state] - rank[b.state]);
};

/** Wire on plate: where short-circuit looks like a weld and is none, and where a self-shielded wire of all positions ends. */
function onThickness(
  { process, way }: ArcBy,
  { joint: { thin_mm }, carriesLoad }: SetFor,
  system: UnitSystem,
): LimitBy[] {
  if (thin_mm === null || process === 'tig' || (way !== null && way !== 'short')) return [];
  const { easyTo, closesFrom, source } = process === 'gas-wire' ? SHORT_CIRCUIT_mm : { ...SELF_SHIELDED_mm };
  if (thin_mm <= easyTo) return [];
  const say = inWords(system).size;
  const why =
    process === 'gas-wire'
      ? `Short-circuit wire on ${say(thin_mm)}: it lies on top and looks like a weld.`
      : `The wire of all positions is made to about ${say(easyTo)}.`;
  const shut = carriesLoad && thin_mm > closesFrom;
  const instead =
    process === 'gas-wire'
      ? 'Stick, wire in spray (flat, argon mix, 190 A and more), or a filled wire with gas.'
      : 'Stick, or a wire made for plate.';
  return [
    {
      title: 'Fusion',
      state: shut ? 'none' : 'tight',
      words: `${why} ${shut ? instead : 'Cut a coupon and etch it first.'}`,
      source,
    },
  ];
}

function onMachine(set: ArcBy, machine: MachineFor | null): LimitBy[] {
  if (!machine) return [];
  const { current_A, arc_min, arcShare } = set;
  const { name, min_A, max_A, duty, draw } = machine;
  const limit = (title: string, state: LimitBy['state'], words: string): LimitBy => ({
    title,
    state,
    words,
    source: IEC_60974_1,
  });
  const found: LimitBy[] = [];
  if (max_A && current_A.nominal > max_A.low) {
    const never = current_A.low > max_A.high;
    found.push(
      limit(
        'Machine range',
        never ? 'none' : 'tight',
        `${name} gives about ${trimmed(max_A.high, 0)} A at most.`,
      ),
    );
  }
  if (min_A !== null && current_A.nominal < min_A)
    found.push(
      limit(
        'Machine range',
        current_A.high < min_A ? 'none' : 'tight',
        `${name} begins at ${trimmed(min_A, 0)} A.`,
      ),
    );
  if (duty !== null && duty < arcShare && arc_min > TEN_min * duty)
    found.push(
      limit(
        'Duty',
        'tight',
        `At ${current_A.nominal} A it stands ${trimmed(TEN_min * duty, 1)} min of arc in ten: weld so long, rest the others.`,
      ),
    );
  if (draw && !draw.holds)
    found.push(limit('Supply', 'none', `On this cord there is no working point at ${current_A.nominal} A.`));
  else if (draw && draw.breaker_A !== null && draw.middle_A > draw.breaker_A)
    found.push(
      limit(
        'Supply',
        draw.middle_A > TRIPS * draw.breaker_A && arc_min > TRIP_min ? 'none' : 'tight',
        `It draws about ${trimmed(draw.middle_A, 0)} A while it burns, on a ${trimmed(draw.breaker_A, 0)} A breaker.`,
      ),
    );
  return found;
}
const TEN_min = 10;
/** A breaker surely trips within an hour at so many times its rating (IEC 60898), and well before at twice; arcs are short. */
const TRIPS = 2;
const TRIP_min = 1;
