import { DUPLEX_FERRITE, FERRITE_WANTED, SIGMA_FROM_C } from '../data/constitution';
import { depositOf } from '../data/deposits';
import type { FamilyId } from '../data/families';
import { metalFamily } from '../data/metals';
import type { RodClassId } from '../data/rods';
import type { Source } from '../units/sources';
import { judgeWeld } from './weld';

/** Ferrite that a bead is to keep, FN; null where ferrite is not what keeps it sound. */
export interface FerriteWanted {
  least: number;
  most: number;
  /** Past it: none. */
  closed: number;
  kind: 'austenitic' | 'duplex' | 'hot';
  source: Source;
}

/** Answers "how much ferrite does this bead want?" by rod, metals and how hot it gets in service. */
export function ferriteWanted(
  rodClass: RodClassId,
  families: readonly FamilyId[],
  service_C: number | null,
): FerriteWanted | null {
  const groups = families.map((family) => metalFamily(family).group);
  const deposit = judgeWeld(depositOf(rodClass).percent);
  // Austenitic by manganese, by make, or no stainless at all: nothing to be gained from ferrite.
  if (groups.includes('manganese') || deposit.scope.id !== 'chart' || deposit.martensite === 'much')
    return null;
  if (rodClass === 'E2209-16') return { ...DUPLEX_FERRITE, kind: 'duplex' };
  const hot = service_C !== null && service_C >= SIGMA_FROM_C.value;
  const { least, most, closed, hotMost, hotClosed, source } = FERRITE_WANTED;
  return hot
    ? { least, most: hotMost, closed: hotClosed, kind: 'hot', source }
    : { least, most, closed, kind: 'austenitic', source };
}

/** Rods whose own deposit has no ferrite: fully austenitic by make. */
export const austeniticByMake = (rodClass: RodClassId): boolean =>
  judgeWeld(depositOf(rodClass).percent).fn === 0;
