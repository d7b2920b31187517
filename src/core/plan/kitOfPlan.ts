import { EMPTY_KIT } from '../formats/blankKit';
import type { Kit } from '../formats/kit';
import type { Reads } from '../judge/situation';

/** Of a kit only what the plan of a job is made with: a code has no room for the truck. */
export function kitOfPlan({
  kit,
  machine,
  supply,
  leads,
  rod,
}: Reads<'kit' | 'machine' | 'supply' | 'leads' | 'rod'>): Kit {
  const tin = rod?.value.tin;
  return {
    ...EMPTY_KIT,
    machines: machine ? [{ ...machine.value, photos: [] }] : [],
    supplies: supply ? [supply.value] : [],
    leads: leads ? [leads.value] : [],
    tins: tin ? kit.tins.filter(({ id }) => id === tin.id) : [],
  };
}
