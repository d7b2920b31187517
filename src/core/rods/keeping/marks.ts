import { TENSILE_ksi } from '../../data/rodChoice';
import { rodClass as rowOf, type RodClassId } from '../../data/rods';

/** What the word on a rod says of hydrogen and damp. */
export interface HydrogenMarks {
  /** The limit it was made to, ml in 100 g; null where it carries no mark. */
  limit_ml: number | null;
  /** Takes up little moisture. */
  resistant: boolean;
  /** Tensile strength in the word, ksi; null where the class has none. */
  ksi: number | null;
}

/** Reads the marks off what is printed, loosely typed; the class stands in for a word that was not typed. */
export function marksOf(printed: string, rodClass: RodClassId): HydrogenMarks {
  const text = printed.toUpperCase();
  const hydrogen = /H(16|4|8|5|10|15)(?![0-9])/.exec(text);
  const strength = /(?:^|[^0-9])E?(60|70|80|90|100|110|120)[0-9]{2}(?![0-9])/.exec(text);
  return {
    limit_ml: hydrogen ? Number(hydrogen[1]) : null,
    resistant: /(H(16|4|8)\s*R|[0-9]R)\b/.test(text),
    ksi: strength ? Number(strength[1]) : ownStrength(rodClass),
  };
}

/** A basic class's own strength, where its word tells no more. */
const ownStrength = (id: RodClassId): number | null =>
  rowOf(id).coating === 'basic' ? (TENSILE_ksi[id] ?? null) : null;
