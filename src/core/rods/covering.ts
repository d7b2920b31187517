import { rodClass } from '../data/rods';
import { STAINLESS_COVERINGS, USUAL_COVERING, type StainlessCoveringId } from '../data/service';
import { idsOf } from '../data/words';
import type { Situation } from '../judge/situation';

/** The covering of a stainless rod: as the welder said, else as it is printed on the rods of the tin, else the usual one. Null on other rods. */
export function coveringOf({ job, rod }: Pick<Situation, 'job' | 'rod'>): StainlessCoveringId | null {
  if (!rod || rodClass(rod.value.rodClass).coating !== 'stainless') return null;
  const printed = rod.value.tin?.printed ?? '';
  const read = idsOf(STAINLESS_COVERINGS).find((id) => new RegExp(`-${id}\\b`).test(printed));
  return job.weld.covering ?? read ?? USUAL_COVERING;
}
