import type { Reads } from '../../judge/situation';
import { CHOSEN } from '../../units/sources';
import { yesNo } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';

/** Volts and phases that the plate is written for. Not shown where they agree, or where nothing is known of the plate. */
export const supplyFit: Assessor = {
  title: 'Volts and phases',
  short: 'volts',
  stop: 'power',
  assess({ machine, supply, plate }: Reads<'machine' | 'supply' | 'plate'>) {
    if (!machine || !supply || !plate || plate.misfit === '') return null;
    return yesNo('closed', {
      now: machine.value.name,
      gap: 'not made for this supply',
      until: supply.value.name,
      reasons: [
        {
          words: `${machine.value.name} ${plate.misfit}. Another plug does not change that; wiring a supply is for somebody licensed.`,
          source: CHOSEN,
        },
      ],
      ask: 'Choose another supply at Power, or correct the plate at Kit.',
    });
  },
};
