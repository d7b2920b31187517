import { damageTraits } from '../../data/damage';
import { jointTraits } from '../../data/joints';
import { VISUAL } from '../../data/patterns';
import type { Situation } from '../../judge/situation';
import { inWords } from '../../units/format';
import { AWS_D1_1 } from '../../units/sources';
import { check, fine, groupsOf, MAGNETIC, type Check } from './check';

/** What is looked at before anything is laid. */
export function whileOpen(situation: Situation): Check[] {
  const { job, joint, system } = situation;
  const traits = damageTraits(job.look.damage);
  const say = inWords(system).size;
  const cracked = traits?.removal === 'crack' || job.look.damage === 'cracked-weld';
  const magnetic = groupsOf(situation).every((group) => MAGNETIC.includes(group));
  return [
    ...(cracked
      ? [
          check(
            'clear',
            'Nothing is left of it',
            'open',
            `${magnetic ? 'Dye or magnetic powder' : 'Dye'} over the whole cut and ${say(50)} past each end.`,
            { limit: 'no line at all', source: AWS_D1_1 },
          ),
        ]
      : []),
    ...(traits?.removal === 'thin'
      ? [
          check(
            'thickness',
            'Thick enough round the cut',
            'open',
            'Measured or tapped every 50 mm round the edge.',
            {
              limit:
                joint.thin_mm === null
                  ? 'two thirds of what it was'
                  : `${say((2 / 3) * joint.thin_mm)} at the least`,
            },
          ),
        ]
      : []),
    ...(jointTraits(job.joint.kind)?.fitUp
      ? [
          check(
            'fit',
            'Fit-up',
            'open',
            'Gap, offset of the faces and angle at both ends and the middle, before the first pass.',
            { must: false },
          ),
        ]
      : []),
  ];
}

/** What eye, light and fingers tell. */
export function byEye(situation: Situation): Check[] {
  const { job, joint, system, beads } = situation;
  const say = inWords(system).size;
  const thin = joint.thin_mm;
  const across = job.look.cause === 'fatigue';
  const most = undercutOf(thin, across);
  const pores =
    across || job.look.cause === 'brittle'
      ? `one pore of ${say(VISUAL.poresMoving_mm)} in ${say(VISUAL.poresEvery_mm)} at most`
      : `pores together ${say(VISUAL.poresSum_mm)} in ${say(VISUAL.poresIn_mm)} at most`;
  return [
    ...((beads?.passes.length ?? 1) > 1
      ? [
          check(
            'between',
            'Each pass',
            'hot',
            'Slag off, toes washed in, no hole, no crack down the middle or in the crater: what is left under the next bead stays.',
          ),
        ]
      : []),
    check(
      'eye',
      'Look at all of it',
      'cold',
      'All slag and spatter off; light from the side, then change the light and feel it: glare looks like undercut. Toes, starts, craters and both ends.',
      {
        limit: `cracks none; craters full; undercut ${fine(most, system)} at most; ${pores}`,
        source: VISUAL.source,
      },
    ),
  ];
}

/** Undercut that is mostly allowed, mm: by thickness, and hardly any across a load that comes and goes. */
export function undercutOf(thin_mm: number | null, loadComesAndGoes: boolean): number {
  if (loadComesAndGoes) return VISUAL.undercutAcross_mm;
  const byPlate = (thin_mm ?? 10) >= VISUAL.thickFrom_mm ? VISUAL.undercutThick_mm : VISUAL.undercut_mm;
  return thin_mm === null ? byPlate : Math.min(byPlate, VISUAL.undercutOfSheet * thin_mm);
}
