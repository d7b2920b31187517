import { FILLED_FROM_mm, SPRAY_FROM_mm, WIRE_WAYS, type WireWayId } from '../../data/processSettings';
import { jointTraits } from '../../data/joints';
import { metalFamily } from '../../data/metals';
import { alongRows } from '../../units/rows';
import type { Reads } from '../../judge/situation';
import { fillersFor, filledFor, type OtherArc, type SetFor } from './arcBy';
import { serving, sizesOnHand } from './stock';

/**
 * What the settings of a process beside the stick are worked out from; null while the length is not known.
 * @param way how wire with gas is run
 */
export function whereOf(
  { joint, wants, job, length_mm, kit }: Reads<'joint' | 'wants' | 'job' | 'length_mm' | 'kit'>,
  process: OtherArc,
  way?: WireWayId,
): SetFor | null {
  const long_mm = length_mm ?? joint.length_mm;
  if (long_mm === null) return null;
  const asked = way === 'filled' ? filledFor(wants, job.look.position) : fillersFor(process, wants);
  return {
    joint,
    wants,
    position: job.look.position,
    length_mm: long_mm,
    // What nobody says it carries, it carries.
    carriesLoad: job.rod.duty !== 'nothing',
    oneSided: job.look.access !== 'both',
    pipe_mm: job.joint.pipeDiameter_mm,
    ...(way === undefined ? {} : { way }),
    onHand: sizesOnHand(process, asked, kit),
  };
}

/**
 * Answers "how is wire with gas run here?" Light metal in spray; a filled reel where it is what is on hand, or the plate is thick; spray on
 * plate that lies flat, where the machine gives the amps and a bottle that sprays is there or none is entered; else short-circuit.
 */
export function wayOf({
  joint,
  wants,
  job,
  kit,
  machine,
}: Reads<'joint' | 'wants' | 'job' | 'kit' | 'machine'>): WireWayId {
  const thin_mm = joint.thin_mm ?? 0;
  const { position } = job.look;
  if (wants.families.some((family) => metalFamily(family).group === 'aluminium')) return 'aluminium';
  const solid = serving('gas-wire', fillersFor('gas-wire', wants), kit);
  const filled = serving('gas-wire', filledFor(wants, position), kit);
  if (filled.length > 0 && (solid.length === 0 || thin_mm >= FILLED_FROM_mm.value)) return 'filled';
  const liesFlat = position === 'flat' || position === 'horizontal';
  const sprays =
    kit.bottles.length === 0 || kit.bottles.some(({ gas }) => gas !== 'co2' && gas !== 'forming');
  const wanted_A =
    alongRows(WIRE_WAYS.spray.fillet_A, thin_mm) *
    (jointTraits(joint.kind)?.butt ? WIRE_WAYS.spray.buttShare : 1);
  const enough = (machine?.value.max_A ?? 0) >= NEAR_ENOUGH * wanted_A;
  return thin_mm > SPRAY_FROM_mm.value && liesFlat && sprays && enough ? 'spray' : 'short';
}

/** A machine that gives so much of what the plate asks sprays on it: near its end it drops back into short circuits. */
const NEAR_ENOUGH = 1;
