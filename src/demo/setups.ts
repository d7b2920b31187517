import type { ToolId } from '@core/data/tools';
import { blankMachine, blankSupply, blankTool, EMPTY_KIT } from '@core/formats/blankKit';
import type { Kit, Machine, Supply } from '@core/formats/kit';
import type { UnitSystem } from '@core/units/kinds';
import { bareRods, point, tin } from './items';

/** A truck to begin with: invented, to be changed to what really stands there. */
export interface Setup {
  id: string;
  name: string;
  /** What is on it. */
  note: string;
  kit: Kit;
}

const tools = (...ids: ToolId[]): Kit['tools'] => ids.map((tool) => blankTool(`tool-${tool}`, tool));
const HAND = ['magnet', 'file', 'grinder', 'wire-brush'] as const;
const LEADS: Kit['leads'] = [{ id: 'leads-4', name: 'Leads, 4 m', length_m: 4, size: 'mm2-25', typed: {} }];
const EVERYDAY: Kit['tins'] = [
  tin('6013-332', 'E6013', '3/32', 40, null),
  tin('6013-18', 'E6013', '1/8', 40, null),
  tin('7018-332', 'E7018', '3/32', 30, null),
  tin('7018-18', 'E7018', '1/8', 30, null),
  tin('6011-332', 'E6011', '3/32', 30, null),
];

/** A household socket as it is mostly met where the reader works. */
const household = (system: UnitSystem): Supply => ({
  ...blankSupply('household', 'Household socket'),
  ...(system === 'inch'
    ? { volts_V: 120, plug_A: 20, breaker_A: 20, cordSize: 'awg12' as const }
    : { volts_V: 230, plug_A: 16, breaker_A: 16, breakerKind: 'B' as const, cordSize: 'mm2-2.5' as const }),
  cordLength_m: 15,
  cordLie: 'straight',
});
const workshop: Supply = {
  ...blankSupply('workshop', 'Workshop socket'),
  volts_V: 230,
  plug_A: 32,
  breaker_A: 32,
  breakerKind: 'C',
  cordLength_m: 10,
  cordSize: 'mm2-6',
  cordLie: 'straight',
};
const inverter = (change: Partial<Machine>): Machine => ({
  ...blankMachine('inverter', 'Inverter'),
  min_A: 10,
  max_A: 160,
  ocv_V: 70,
  rated: [point(160, 25), point(100, 60), point(80, 100)],
  hotStart: 'fixed',
  arcForce: 'fixed',
  ...change,
});
const kitOf = (kit: Partial<Kit>): Kit => ({
  ...EMPTY_KIT,
  leads: LEADS,
  tins: EVERYDAY,
  tools: tools(...HAND),
  ...kit,
});

/** Six trucks to begin with. */
export const setupsFor = (system: UnitSystem): readonly Setup[] => [
  {
    id: 'household',
    name: 'Small inverter, household socket',
    note: '160 A, stick; 15 m of cord',
    kit: kitOf({ machines: [inverter({})], supplies: [household(system)] }),
  },
  {
    id: 'ac-box',
    name: 'AC box',
    note: 'transformer, 50 to 180 A, AC alone',
    kit: kitOf({
      machines: [
        {
          ...blankMachine('ac-box', 'AC box'),
          type: 'transformer',
          dial: 'scale',
          poles: ['AC'],
          min_A: 50,
          max_A: 180,
          ocv_V: 56,
          rated: [point(180, 20), point(100, 60)],
          hotStart: 'none',
          arcForce: 'none',
        },
      ],
      supplies: [workshop],
    }),
  },
  {
    id: 'engine',
    name: 'Engine drive',
    note: '30 to 250 A from its own diesel, far from any socket',
    kit: kitOf({
      machines: [
        {
          ...blankMachine('engine', 'Engine drive'),
          type: 'engine',
          fuel: 'diesel',
          min_A: 30,
          max_A: 250,
          ocv_V: 75,
          rated: [point(250, 40), point(200, 100)],
        },
      ],
      tins: [
        ...EVERYDAY,
        tin('6010-18', 'E6010', '1/8', 40, null),
        tin('7018-532', 'E7018', '5/32', 40, null),
      ],
      tools: tools(...HAND, 'torch', 'crayons', 'oven'),
    }),
  },
  {
    id: 'wire',
    name: 'Wire and stick shop',
    note: 'one machine for gas wire and stick, a bottle of mix, a reel',
    kit: kitOf({
      machines: [
        inverter({
          id: 'wire-200',
          name: 'Wire and stick inverter',
          processes: ['stick', 'gas-wire', 'cored-wire'],
          min_A: 20,
          max_A: 200,
          rated: [point(200, 25), point(140, 60), point(200, 30, 'gas-wire'), point(140, 60, 'gas-wire')],
        }),
      ],
      supplies: [workshop],
      tools: tools(...HAND, 'shield-gas', 'solid-wire', 'torch'),
      fillers: [
        { id: 'reel', cls: 'ER70S-6', as: 'reel', size: '0.8', printed: '', left_kg: 5, note: '', typed: {} },
      ],
      bottles: [
        { id: 'mix', gas: 'mix-20', size_l: 20, pressure_bar: 150, left_kg: null, note: '', typed: {} },
      ],
    }),
  },
  {
    id: 'battery',
    name: 'Battery machine',
    note: '10 to 120 A, no socket at all',
    kit: kitOf({
      machines: [
        {
          ...blankMachine('battery', 'Battery machine'),
          type: 'battery',
          min_A: 10,
          max_A: 120,
          ocv_V: 65,
          rated: [point(120, 20), point(60, 60)],
          battery_Wh: 1200,
          hotStart: 'fixed',
        },
      ],
    }),
  },
  {
    id: 'stainless',
    name: 'Stainless kit',
    note: 'stick and TIG, argon, 308L, 309L and 316L',
    kit: kitOf({
      machines: [
        inverter({
          name: 'TIG and stick inverter',
          processes: ['stick', 'tig'],
          rated: [point(160, 25), point(100, 60), point(160, 30, 'tig'), point(110, 100, 'tig')],
        }),
      ],
      supplies: [household(system)],
      tins: [
        tin('308l-332', 'E308L-16', '3/32', 30, null),
        tin('309l-332', 'E309L-16', '3/32', 20, null),
        tin('316l-332', 'E316L-16', '3/32', 30, null),
      ],
      tools: tools('magnet', 'grinder', 'stainless-brush', 'tig-torch', 'shield-gas'),
      fillers: [bareRods('er308', 'ER308L', '1.6', 1), bareRods('er316', 'ER316L', '1.6', 1)],
      bottles: [
        { id: 'argon', gas: 'argon', size_l: 10, pressure_bar: 150, left_kg: null, note: '', typed: {} },
      ],
      tungstens: [{ id: 'gold-16', kind: 'lanthanated', size: '1.6', count: 5, note: '', typed: {} }],
    }),
  },
];
