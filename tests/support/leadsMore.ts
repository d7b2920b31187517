import { GOUGE, square, UNREAD, type Leading } from './leads';

const WIRE = {
  processes: ['gas-wire', 'cored-wire', 'tig'] as const,
  poles: ['DCEP', 'DCEN', 'AC'] as const,
};
const wireOf = (current_A: number, duty_pct: number, process: 'gas-wire' | 'tig' = 'gas-wire') => ({
  ...WIRE,
  processes: [...WIRE.processes],
  poles: [...WIRE.poles],
  max_A: current_A,
  rated: [{ process, volts_V: null, current_A, duty_pct }],
});
const NOBODY_KNOWS = {
  'metal.sideA.family': null,
  'metal.sideA.part': null,
  'metal.sideB.family': null,
  'metal.sideB.part': null,
};

/**
 * The rest of the situations of everyday repair and the limit that a practitioner names first: thin walls, other processes, old machines,
 * metals that nobody knows. Common practice.
 */
export const LEADS_MORE: readonly Leading[] = [
  {
    what: 'square tube of 2 mm, a basic rod that begins at 70 A',
    first: 'burn-through',
    rod: ['E7018', '3/32'],
    job: { ...square(2), 'joint.length_mm': 50, 'look.position': 'horizontal', 'rod.current_A': 70 },
  },
  {
    what: 'old pipe worn to 3 mm, drained',
    first: 'burn-through',
    rod: ['E6010', '3/32'],
    job: { 'joint.kind': 'lap', ...square(3), 'look.access': 'one-side', 'rod.current_A': 65 },
  },
  {
    what: '6 mm tee by short-circuit wire at 18 V',
    first: 'fusion',
    rod: ['E7018', '1/8'],
    by: 'gas-wire',
    job: { ...square(6), 'rod.duty': 'carries' },
    machine: wireOf(200, 60),
  },
  {
    what: 'aluminium tee of 12 mm, cold, 110 A',
    first: 'fusion',
    rod: ['E4043', '1/8'],
    job: {
      'metal.sideA.family': 'al-6xxx',
      ...square(12),
      'rod.current_A': 110,
      'heat.preheat_C': 18,
      'rod.pole': 'DCEP',
      'look.position': 'horizontal',
    },
  },
  {
    what: 'door skin of 1.2 mm, 400 mm of butt by thin wire',
    first: 'distortion',
    rod: ['E6013', '1/16'],
    by: 'gas-wire',
    job: { 'joint.kind': 'square-butt', ...square(1.2), 'joint.length_mm': 400 },
    machine: wireOf(200, 60),
  },
  {
    what: 'light frame of square tube, 3 mm, to stay square',
    first: 'distortion',
    rod: ['E6013', '3/32'],
    job: {
      'joint.kind': 'rectangle',
      ...square(3),
      'joint.tubeWidth_mm': 50,
      'joint.tubeHeight_mm': 50,
      'joint.length_mm': null,
      'look.position': 'horizontal',
      'heat.pieceLength_mm': 1500,
      'order.tolerance_mm': 3,
    },
  },
  {
    what: 'aluminium strip, 300 mm wanted in one bead',
    first: 'run-out',
    rod: ['E4043', '1/8'],
    job: { 'metal.sideA.family': 'al-6xxx', 'joint.kind': 'lap', ...square(5), 'joint.length_mm': 300 },
  },
  {
    what: 'pipe 60 mm off a wall',
    first: 'reach',
    rod: ['E7018', '1/8'],
    job: { ...square(6), 'look.clearance_mm': 60 },
  },
  {
    what: 'under a trailer, between ribs, overhead',
    first: 'reach',
    rod: ['E7018', '1/8'],
    job: { ...square(10), 'look.position': 'overhead', 'look.clearance_mm': 120, 'rod.current_A': 112 },
  },
  {
    what: 'old transformer of 150 A on 16 A, kind B',
    first: 'breaker',
    rod: ['E6013', '1/8'],
    job: { ...square(6), 'rod.current_A': 115, 'rod.pole': 'AC' },
    machine: { type: 'transformer', max_A: 150, ocv_V: 60, poles: ['AC'], inputs: UNREAD },
    supply: { breaker_A: 16, breakerKind: 'B', plug_A: 16 },
  },
  {
    what: 'a hardfacing pad of 300 by 300 at 140 A',
    first: 'duty',
    rod: ['EFeCr-A1A', '5/32'],
    job: {
      'joint.kind': 'pad',
      ...square(12),
      'joint.length_mm': 300,
      'joint.padWidth_mm': 300,
      'joint.padHeight_mm': 3,
      'rod.current_A': 140,
    },
    machine: { max_A: 160, rated: [{ process: 'stick', volts_V: null, current_A: 160, duty_pct: 25 }] },
  },
  {
    what: 'wire at 150 A in a shop at 45 °C',
    first: 'duty',
    rod: ['E7018', '1/8'],
    by: 'gas-wire',
    job: { ...square(4), 'joint.length_mm': 3000, 'look.air_C': 45 },
    machine: wireOf(160, 20),
  },
  {
    what: 'a basic rod with a voltage reducer, many starts',
    first: 'ocv',
    rod: ['E7018', '1/8'],
    job: { ...square(8) },
    machine: { voltageReducer: true },
  },
  {
    what: 'a gate of 2 mm by gas wire in a breeze',
    first: 'wind',
    rod: ['E6013', '3/32'],
    by: 'gas-wire',
    job: { ...square(2), 'look.place': 'outdoors', 'look.wind_m_s': 4 },
    machine: wireOf(200, 60),
  },
  {
    what: 'a stainless rail by TIG beside an open door',
    first: 'wind',
    rod: ['E308L-16', '3/32'],
    by: 'tig',
    job: { 'metal.sideA.family': 'austenitic-stainless', ...square(2), 'look.wind_m_s': 2.5 },
    machine: wireOf(200, 60),
  },
  {
    what: 'self-shielded wire in gusts of 12 m/s',
    first: 'wind',
    rod: ['E7018', '1/8'],
    by: 'cored-wire',
    job: { ...square(6), 'look.place': 'outdoors', 'look.wind_m_s': 12 },
    machine: wireOf(220, 60),
  },
  {
    what: 'an aluminium casting, rods opened a year ago',
    first: 'damp rods',
    rod: ['E4043', '1/8'],
    job: { 'metal.sideA.family': 'al-cast', ...square(10), ...GOUGE(6, 12) },
    tin: { hoursOut: 8760 },
  },
  {
    what: 'an axle stub to mild, no papers',
    first: 'metal unknown',
    rod: ['E7018', '1/8'],
    job: {
      ...square(20),
      'metal.sameBothSides': false,
      ...NOBODY_KNOWS,
      'metal.sideB.family': 'low-carbon-steel',
    },
  },
  {
    what: 'a cast bracket: grey, ductile or steel?',
    first: 'metal unknown',
    rod: ['ENiFe-CI', '1/8'],
    job: { ...square(12), ...GOUGE(6, 12), ...NOBODY_KNOWS },
  },
  {
    what: 'plate that no magnet holds: stainless or manganese steel?',
    first: 'metal unknown',
    rod: ['E309L-16', '1/8'],
    job: { ...square(12), ...NOBODY_KNOWS },
  },
  {
    what: 'a white lever, plated and old',
    first: 'metal unknown',
    rod: ['E4043', '3/32'],
    job: { ...square(5), ...NOBODY_KNOWS, 'metal.sideA.coating': null },
  },
];
