import { BRAZE_MOST_C, HOT_MOST_kg } from '../data/castIron';
import { HOT_IRON_FROM_C } from '../data/heatRules';
import { IRON_WAYS, type IronWay } from '../data/ironIds';
import { metalFamily } from '../data/metals';
import { PRACTICE, type Source } from '../units/sources';
import { idsOf } from '../data/words';
import type { Job } from '../formats/job';
import type { JointGeometry } from '../joint/geometry';
import type { JointWants } from '../metal/wants';
import { inWords, trimmed } from '../units/format';
import type { UnitSystem } from '../units/kinds';

/** A way of mending a casting, weighed on this one. */
export interface IronWayHere {
  id: IronWay;
  name: string;
  for: readonly { words: string; source: Source }[];
  against: readonly { words: string; source: Source }[];
  /** Why it cannot be done at all; empty where it can. */
  shut: string;
}

/** The way taken, and all of them, best first. */
export interface IronChoice {
  way: { value: IronWay; by: 'you' | 'app'; why: string };
  ways: readonly IronWayHere[];
  /** Weight of the piece, where its sizes are known, kg. */
  weight_kg: number | null;
}

/** Weight of iron in the piece, kg; null while a size of it is not known. */
function weightOf({ heat }: Job, { thick_mm }: JointGeometry): number | null {
  const { pieceLength_mm, pieceWidth_mm } = heat;
  if (pieceLength_mm === null || pieceWidth_mm === null || thick_mm === null) return null;
  return pieceLength_mm * pieceWidth_mm * thick_mm * IRON_kg_mm3;
}
/** Gray iron, 7.15 g/cm3 (handbook). */
const IRON_kg_mm3 = 7.15e-6;

/** Answers "cold, hot or brazed?" for a joint with iron in it; null where there is none. */
export function ironWayOf(
  job: Job,
  wants: JointWants,
  joint: JointGeometry,
  system: UnitSystem,
): IronChoice | null {
  const irons = wants.families.filter((id) => metalFamily(id).group === 'cast-iron');
  if (irons.length === 0 || wants.verdict === 'never') return null;
  const weight_kg = weightOf(job, joint);
  const other = wants.families.some((id) => metalFamily(id).group !== 'cast-iron');
  const say = inWords(system);
  const malleable = irons.includes('malleable-iron');
  const { machined, movable } = job.casting;
  const { service_C } = job.look;
  const heavy = weight_kg !== null && weight_kg > HOT_MOST_kg.value;
  const note = (words: string, source: Source = PRACTICE) => ({ words, source });
  const hotService = service_C !== null && service_C > BRAZE_MOST_C.value;

  const weigh: Record<IronWay, () => Omit<IronWayHere, 'id' | 'name'>> = {
    cold: () => ({
      shut: '',
      for: [
        ...(movable === false ? [note('It stays where it is.')] : []),
        ...(heavy
          ? [note(`${trimmed(weight_kg ?? 0, 0)} kg: too much to warm whole.`, HOT_MOST_kg.source)]
          : []),
        note('Little pull, little heat, no furnace.'),
      ],
      against: [
        ...(machined ? [note('A hard line beside the weld takes the edge off a tool.')] : []),
        ...(malleable ? [note('Malleable iron turns white where it melts.')] : []),
      ],
    }),
    hot: () => ({
      shut:
        movable === false
          ? 'It cannot be taken out and warmed whole.'
          : malleable
            ? 'Malleable iron loses what made it malleable.'
            : other
              ? 'One side is not iron: it would be held red hot with it.'
              : '',
      for: [
        ...(machined ? [note('Soft enough to be machined afterwards.')] : []),
        note('Fully fused, one metal, no hard line.'),
      ],
      against: [
        ...(heavy
          ? [
              note(
                `${trimmed(weight_kg ?? 0, 0)} kg to be held at red heat: a furnace job.`,
                HOT_MOST_kg.source,
              ),
            ]
          : []),
        ...(movable === null ? [note('It has to come out and be warmed whole: say whether it can.')] : []),
        note('A day or more, and the whole casting out.'),
      ],
    }),
    braze: () => ({
      shut: hotService
        ? `It gets ${say.temperature(service_C ?? 0)} in service: bronze lets go over about ${say.temperature(BRAZE_MOST_C.value)}.`
        : '',
      for: [
        ...(malleable ? [note('The one way that leaves malleable iron as it is.')] : []),
        note('Nothing of the iron melts: no hard line, and it can be filed.'),
      ],
      against: [
        ...(job.look.surface === 'oil' ? [note('Oil in the iron keeps the bronze from wetting.')] : []),
        ...(service_C === null
          ? [note('Not where it gets hot: say how hot, at Look.', BRAZE_MOST_C.source)]
          : []),
        note('Another colour, and it cannot be welded afterwards.'),
      ],
    }),
  };
  const ways = idsOf(IRON_WAYS).map((id): IronWayHere => ({ id, name: IRON_WAYS[id], ...weigh[id]() }));
  const open = (id: IronWay) => ways.find((way) => way.id === id)?.shut === '';
  const proposed: { value: IronWay; why: string } =
    malleable && open('braze')
      ? { value: 'braze', why: 'Malleable iron is brazed: it turns white where it melts.' }
      : machined && movable === true && !heavy && open('hot')
        ? { value: 'hot', why: 'It can be taken out, is light enough, and is to be machined.' }
        : {
            value: 'cold',
            why: machined
              ? 'Cold in place; it would be machined easier after the hot way, if it can be taken out and warmed whole.'
              : 'Castings mostly stay where they are: cold, short beads.',
          };
  return { way: taken(job) ?? { ...proposed, by: 'app' }, ways: inOrder(ways, proposed.value), weight_kg };
}

/** The way the welder has taken: by name, or by a preheat that only one of them has. */
function taken({ casting, heat }: Job): IronChoice['way'] | null {
  if (casting.way !== null) return { value: casting.way, by: 'you', why: 'You chose it.' };
  if (heat.preheat_C !== null && heat.preheat_C >= HOT_IRON_FROM_C)
    return { value: 'hot', by: 'you', why: 'You set a preheat that only the hot way has.' };
  return null;
}

const inOrder = (ways: readonly IronWayHere[], first: IronWay): IronWayHere[] => {
  const at = ({ id, shut, against }: IronWayHere) =>
    (id === first ? -10 : 0) + (shut === '' ? 0 : 10) + against.length;
  return [...ways].sort((a, b) => at(a) - at(b));
};
