import { damageTraits } from '../../data/damage';
import { AWS_C5_3, CARBONS } from '../../data/gouging';
import type { Assessor } from '../../judge/assessor';
import { exactly } from '../../units/range';
import { over, yesNo } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import { gougingHere } from '../takeItOut';

const [thinnest] = CARBONS;

/** Gouging asks more of a machine than a rod does: direct current, and enough of it for the thinnest carbon. */
export const gougeAmps: Assessor = {
  title: 'Carbon arc on this machine',
  short: 'gouge',
  stop: 'power',
  bears: 'machine',
  assess(situation: Reads<'job' | 'machine' | 'plate' | 'dutyAt'>) {
    const { job, machine, plate } = situation;
    const most = plate?.max_A?.range;
    if (job.repair.remover !== 'gouge' || (damageTraits(job.look.damage)?.removal ?? 'nothing') === 'nothing')
      return null;
    if (!machine || !most || !thinnest) return null;
    const reasons = [
      {
        words: `The thinnest carbon, ${thinnest.inches} in, burns at ${thinnest.low_A} to ${thinnest.high_A} A of direct current, positive at the carbon.`,
        source: AWS_C5_3,
      },
    ];
    const ask = 'Take the grinder at Joint, or a stronger machine at Power.';
    if (!machine.value.poles.includes('DCEP'))
      return yesNo('closed', { now: 'no DC+', gap: 'the carbon wants DC+', until: 'DC+', reasons, ask });
    const carbon = gougingHere(situation)?.carbon ?? thinnest;
    return over('A', exactly(most.nominal), exactly(carbon.low_A), {
      now: `gives ${Math.round(most.nominal)} A`,
      gap: `over what a ${carbon.inches} in carbon begins at`,
      past: 'no carbon burns on it',
      until: `${carbon.low_A} A at the least`,
      reasons,
      ask,
    });
  },
};
