import type { RoomId } from '@core/plan';
import type { Shelf } from '@/state/shelf';

/** What may be on the truck and not yet in its list, by the limit that it would change. */
export const ADD_FROM: Readonly<Partial<Record<RoomId, readonly Shelf[]>>> = {
  filler: ['tins'],
  rods: ['tins'],
  'run-out': ['tins'],
  'rod-amps': ['tins'],
  'rod-diameter': ['tins'],
  exposure: ['tins'],
  'fusion-floor': ['tins'],
  'burn-through': ['tins'],
  'stick-machine': ['machines'],
  'machine-range': ['machines'],
  duty: ['machines'],
  pole: ['machines'],
  ocv: ['machines'],
  charge: ['machines'],
  'supply-fit': ['supplies', 'machines'],
  breaker: ['supplies'],
  plug: ['supplies'],
  inrush: ['supplies'],
  generator: ['supplies'],
  cord: ['cords'],
  'cord-heat': ['cords'],
  leads: ['leads'],
  'lead-heat': ['leads'],
  'root-by': ['tools', 'bottles', 'tungstens', 'fillers'],
  preheat: ['tools'],
  identification: ['tools'],
  'crack-ends': ['tools'],
};

/** How a press that adds one is called. */
export const ADD_WORDS: Readonly<Record<Shelf, string>> = {
  machines: 'A machine',
  supplies: 'A socket or generator',
  cords: 'A cord',
  leads: 'Weld leads',
  tins: 'Rods',
  tools: 'A tool',
  fillers: 'Wire or bare rods',
  bottles: 'A bottle of gas',
  tungstens: 'Tungstens',
  trials: 'A bead on scrap',
};
