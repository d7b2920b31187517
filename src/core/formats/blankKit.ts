import type { Input, Kit, Machine, Supply, Tin, Tool } from './kit';

/** Nothing on the truck. */
export const EMPTY_KIT: Kit = {
  machines: [],
  supplies: [],
  tins: [],
  cords: [],
  leads: [],
  tools: [],
  fillers: [],
  bottles: [],
  tungstens: [],
  trials: [],
};

/** A machine of which nothing but the kind is known. */
export const blankMachine = (id: string, name: string): Machine => ({
  id,
  name,
  type: 'inverter',
  dial: 'digital',
  poles: ['DCEP', 'DCEN'],
  processes: ['stick'],
  min_A: null,
  max_A: null,
  ocv_V: null,
  rated: [],
  inputs: [],
  idle_A: null,
  powerFactor: null,
  efficiency_pct: null,
  hotStart: null,
  arcForce: null,
  battery_Wh: null,
  bias_pct: null,
  fuel: null,
  photos: [],
  typed: {},
});

/** A rated point still to be read off the plate. */
export const BLANK_POINT: Machine['rated'][number] = {
  process: 'stick',
  volts_V: null,
  current_A: null,
  duty_pct: null,
};

/** A column of the plate still to be read. */
export const BLANK_INPUT: Input = {
  volts_V: null,
  phases: 1,
  inputMax_A: null,
  inputEff_A: null,
  top_A: null,
};

/** A socket of which nothing is known. */
export const blankSupply = (id: string, name: string): Supply => ({
  id,
  name,
  kind: 'socket',
  volts_V: null,
  phases: 1,
  rating_kW: null,
  rating_kVA: null,
  surge_kVA: null,
  fuel: null,
  altitude_m: null,
  others_A: null,
  price: null,
  plug_A: null,
  source_ohm: null,
  breaker_A: null,
  breakerKind: 'B',
  cordLength_m: null,
  cordSize: null,
  cordLie: null,
  typed: {},
});

/** A tool of which nothing is known but what it is. */
export const blankTool = (id: string, tool: Tool['tool'], note = ''): Tool => ({
  id,
  tool,
  rated_A: null,
  duty_pct: null,
  note,
  typed: {},
});

/** A tin of which nothing is known but its rod. */
export const blankTin = (id: string, rodClass: Tin['rodClass'], size: Tin['size']): Tin => ({
  id,
  rodClass,
  size,
  printed: '',
  events: [],
  count: null,
  low_A: null,
  high_A: null,
  length_mm: null,
  note: '',
  typed: {},
});
