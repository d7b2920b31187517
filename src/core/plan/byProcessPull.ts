import { arcEfficiency } from '../heat/arcEnergy';
import type { Reads } from '../judge/situation';
import { angular, buckle, square, transverse } from '../order/pullLimits';
import { resolvePull } from '../order/pullPlan';
import { PRACTICE } from '../units/sources';
import type { ArcBy, LimitBy } from '../process/settings/arcBy';

/**
 * Answers "how does it pull by this process?": the same limits of distortion as for stick, with the heat of its own bead.
 * @returns one limit, of what pulls worst; none where nothing of it is near
 */
export function pullBy(
  { job, joint, system, wants }: Reads<'job' | 'joint' | 'system' | 'wants'>,
  { process, energy_kJ_mm, bead_mm2, passes }: ArcBy,
): LimitBy[] {
  const share = arcEfficiency(process);
  const pull = resolvePull({
    job,
    joint: { ...joint, area_mm2: bead_mm2 * passes },
    beads: null,
    input: {
      least_kJ_mm: share * energy_kJ_mm.low,
      most_kJ_mm: share * energy_kJ_mm.nominal,
      most_kJ_in: 25.4 * energy_kJ_mm.nominal,
    },
  });
  const reads = { pull, job, joint, system, wants };
  const near = [transverse, angular, buckle, square].flatMap(({ title, assess }) => {
    const body = assess(reads);
    return body && (body.state === 'none' || body.state === 'tight') ? [{ title, body }] : [];
  });
  const worst = near.find(({ body }) => body.state === 'none') ?? near[0];
  if (!worst) return [];
  const { title, body } = worst;
  return [
    {
      title: 'Distortion',
      state: body.state === 'none' ? 'none' : 'tight',
      words: `${title}: ${body.now}, ${body.until}. ${body.ask}`.trim(),
      source: body.reasons[0]?.source ?? PRACTICE,
    },
  ];
}
