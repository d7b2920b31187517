import type { RodClassId } from '@core/data/rods';
import type { RodSizeId } from '@core/data/rodSizes';
import type { Kit, Tin } from '@core/formats/kit';

const tin = (
  id: string,
  rodClass: RodClassId,
  size: RodSizeId,
  count: number,
  packet: [number, number] | null,
  note = '',
): Tin => ({
  id,
  rodClass,
  size,
  count,
  low_A: packet?.[0] ?? null,
  high_A: packet?.[1] ?? null,
  note,
  typed: {},
});

/** What stands in the welding shed of Tern Basin, an invented harbour and ferry yard. */
export const DEMO_KIT: Kit = {
  machines: [
    {
      id: 'inverter-160',
      name: 'Small DC inverter',
      type: 'inverter',
      dial: 'digital',
      poles: ['DCEP', 'DCEN'],
      min_A: 10,
      max_A: 160,
      ocv_V: 72,
      rated: [
        { current_A: 160, duty_pct: 25 },
        { current_A: 100, duty_pct: 60 },
        { current_A: 80, duty_pct: 100 },
      ],
      inputMax_A: 36,
      typed: {},
    },
    {
      id: 'transformer-180',
      name: 'Old AC transformer',
      type: 'transformer',
      dial: 'scale',
      poles: ['AC'],
      min_A: 45,
      max_A: 180,
      ocv_V: 56,
      rated: [
        { current_A: 180, duty_pct: 20 },
        { current_A: 110, duty_pct: 60 },
      ],
      inputMax_A: null,
      typed: {},
    },
  ],
  supplies: [
    {
      id: 'workshop-32',
      name: 'Workshop 32 A socket',
      volts_V: 230,
      phases: 1,
      breaker_A: 32,
      breakerKind: 'D',
      cordLength_m: 10,
      cordSize: 'mm2-6',
      typed: {},
    },
    {
      id: 'slip-16',
      name: 'Slip 2 wall socket',
      volts_V: 230,
      phases: 1,
      breaker_A: 16,
      breakerKind: 'B',
      cordLength_m: 20,
      cordSize: 'mm2-2.5',
      typed: {},
    },
    {
      id: 'far-pier',
      name: 'Far pier pillar',
      volts_V: 230,
      phases: 1,
      breaker_A: 16,
      breakerKind: 'C',
      cordLength_m: 80,
      cordSize: 'mm2-1.5',
      typed: {},
    },
  ],
  tins: [
    tin('6013-116', 'E6013', '1/16', 60, [20, 40]),
    tin('6013-564', 'E6013', '5/64', 70, [25, 60]),
    tin('6013-18', 'E6013', '1/8', 45, null),
    tin('6011-332', 'E6011', '3/32', 35, null),
    tin('7018-332', 'E7018', '3/32', 18, [70, 110], 'opened Monday'),
    tin('7018-18', 'E7018', '1/8', 30, [90, 140], 'sealed'),
    tin('309l-332', 'E309L-16', '3/32', 12, [50, 85]),
    tin('nife-332', 'ENiFe-CI', '3/32', 6, null),
  ],
};
