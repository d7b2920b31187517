import type { Reads } from '../../judge/situation';
import { fillersFor, type OtherArc, type SetFor } from './arcBy';
import { sizesOnHand } from './stock';

/** What the settings of a process beside the stick are worked out from; null while the length is not known. */
export function whereOf(
  { joint, wants, job, length_mm, kit }: Reads<'joint' | 'wants' | 'job' | 'length_mm' | 'kit'>,
  process: OtherArc,
): SetFor | null {
  const long_mm = length_mm ?? joint.length_mm;
  if (long_mm === null) return null;
  return {
    joint,
    wants,
    position: job.look.position,
    length_mm: long_mm,
    // What nobody says it carries, it carries.
    carriesLoad: job.rod.duty !== 'nothing',
    oneSided: job.look.access !== 'both',
    pipe_mm: job.joint.pipeDiameter_mm,
    onHand: sizesOnHand(process, fillersFor(process, wants), kit),
  };
}
