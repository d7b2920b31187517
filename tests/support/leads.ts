import type { RodClassId } from '../../src/core/data/rods';
import type { RodSizeId } from '../../src/core/data/rodSizes';
import type { Machine, Supply } from '../../src/core/formats/kit';
import type { OtherArc } from '../../src/core/process/settings/arcBy';
import type { RoomId } from '../../src/core/plan/rooms';

/** What a practitioner calls a limit, with the rooms of the app that say it. */
export const LIMITS = {
  'burn-through': ['burn-through'],
  fusion: ['fusion-floor', 'penetration', 'bead-size'],
  hydrogen: ['hydrogen', 'cold-crack'],
  'preheat window': ['preheat', 'warmth-window', 'start-heat', 'interpass'],
  distortion: ['transverse', 'angular', 'bow', 'buckle', 'square'],
  'run-out': ['run-out', 'restart', 'rods'],
  reach: ['reach'],
  breaker: ['breaker'],
  cord: ['cord', 'cord-heat'],
  duty: ['duty'],
  ocv: ['ocv'],
  'damp rods': ['exposure'],
  wind: ['wind'],
  'metal unknown': ['metal', 'identification'],
} as const satisfies Record<string, readonly RoomId[]>;
export type Limit = keyof typeof LIMITS;

/** One of the situations: what it is about, which limit leads, and what is other than on a usual bench. */
export interface Leading {
  what: string;
  first: Limit;
  rod: readonly [RodClassId, RodSizeId];
  /** By another process than stick. */
  by?: OtherArc;
  /** Fields of the job, by path. */
  job: Readonly<Record<string, unknown>>;
  machine?: Partial<Machine>;
  supply?: Partial<Supply>;
  tin?: { count?: number; printed?: string; hoursOut?: number; wet?: true };
}

export const square = (mm: number) => ({ 'joint.thicknessA_mm': mm, 'joint.sameThickness': true });
export const uneven = (a: number, b: number) => ({
  'joint.thicknessA_mm': a,
  'joint.thicknessB_mm': b,
  'joint.sameThickness': false,
});
export const UNREAD = [{ volts_V: 230, phases: 1 as const, inputMax_A: null, inputEff_A: null, top_A: null }];
export const GOUGE = (deep: number, wide: number) => ({
  'joint.kind': 'gouge',
  'joint.depth_mm': deep,
  'joint.topWidth_mm': wide,
});

/**
 * Which limit leads: situations of everyday repair and the limit that a practitioner names first. Common practice; the supply rows follow
 * from efficiency 0.85 and power factor 0.7.
 */
export const LEADS: readonly Leading[] = [
  {
    what: '1.5 mm lap, thin rod',
    first: 'burn-through',
    rod: ['E6013', '1/16'],
    job: {
      'joint.kind': 'lap',
      ...square(1.5),
      'joint.length_mm': 300,
      'rod.current_A': 25,
      'rod.pole': 'DCEP',
    },
  },
  {
    what: '1.5 to 6 mm tee',
    first: 'burn-through',
    rod: ['E6013', '5/64'],
    job: { ...uneven(1.5, 6), 'look.position': 'horizontal', 'rod.pole': 'DCEP' },
  },
  {
    what: '2 mm butt, 2 mm gap, nothing behind',
    first: 'burn-through',
    rod: ['E6013', '3/32'],
    job: { 'joint.kind': 'square-butt', ...square(2), 'joint.gap_mm': 2, 'look.access': 'one-side' },
  },
  {
    what: '12 mm tee at 90 A on a small box',
    first: 'fusion',
    rod: ['E6013', '1/8'],
    job: { ...square(12), 'rod.current_A': 90 },
    machine: { max_A: 140 },
  },
  {
    what: '5 to 16 mm tee with a thin basic rod',
    first: 'fusion',
    rod: ['E7018', '3/32'],
    job: { ...uneven(5, 16), 'rod.current_A': 85 },
  },
  {
    what: '25 mm S355 held fast',
    first: 'hydrogen',
    rod: ['E7018', '1/8'],
    job: { 'metal.sideA.grade': 's355', ...square(25), 'heat.restraint': 'high' },
    tin: { printed: 'E7018-H8' },
  },
  {
    what: '40 mm plate with a rutile rod, cold shop',
    first: 'hydrogen',
    rod: ['E6013', '3/16'],
    job: { ...square(40), 'rod.current_A': 200, 'look.air_C': 15 },
  },
  {
    what: 'wear plate to mild, held fast',
    first: 'hydrogen',
    rod: ['E7018', '1/8'],
    job: {
      'metal.sameBothSides': false,
      'metal.sideA.family': 'quenched-tempered-wear-plate',
      'metal.sideA.grade': 'wear400',
      'metal.sideB.family': 'low-carbon-steel',
      ...square(20),
      'heat.restraint': 'high',
    },
    tin: { printed: 'E7018-H8' },
  },
  {
    what: '60 mm shaft of 4140, small torch',
    first: 'preheat window',
    rod: ['E7018', '1/8'],
    job: {
      'metal.sideA.family': 'low-alloy-steel',
      'metal.sideA.grade': '4140',
      ...square(60),
      ...GOUGE(8, 15),
      'heat.torch_kW': 5,
    },
    tin: { printed: 'E7018-H4R' },
  },
  {
    what: '25 mm wear plate of 500 HB',
    first: 'preheat window',
    rod: ['E7018', '1/8'],
    job: {
      'metal.sideA.family': 'quenched-tempered-wear-plate',
      'metal.sideA.grade': 'wear500',
      ...square(25),
    },
    tin: { printed: 'E7018-H4R' },
  },
  {
    what: 'grey pump housing, nickel rod',
    first: 'preheat window',
    rod: ['ENi-CI', '3/32'],
    job: { 'metal.sideA.family': 'gray-iron', ...square(12), ...GOUGE(8, 14) },
  },
  {
    what: 'manganese jaw, one hour',
    first: 'preheat window',
    rod: ['E307-16', '1/8'],
    job: {
      'metal.sideA.family': 'manganese-steel',
      ...square(25),
      ...GOUGE(12, 20),
      'look.timeWindow_s': 3600,
    },
  },
  {
    what: '6 mm plate, 2 m of fillet on one side',
    first: 'distortion',
    rod: ['E7018', '1/8'],
    job: { ...square(6), 'joint.length_mm': 2000, 'look.position': 'horizontal' },
  },
  {
    what: '2 mm stainless lap, 600 mm',
    first: 'distortion',
    rod: ['E308L-16', '5/64'],
    job: {
      'metal.sideA.family': 'austenitic-stainless',
      'joint.kind': 'lap',
      ...square(2),
      'joint.length_mm': 600,
    },
  },
  {
    what: 'square tube 100 by 5, all round',
    first: 'run-out',
    rod: ['E7018', '1/8'],
    job: {
      'joint.kind': 'rectangle',
      ...square(5),
      'joint.leg_mm': 5,
      'joint.tubeWidth_mm': 100,
      'joint.tubeHeight_mm': 100,
      'joint.length_mm': null,
    },
  },
  {
    what: '1.2 m of 8 mm leg, four rods left',
    first: 'run-out',
    rod: ['E7018', '1/8'],
    job: { ...square(12), 'joint.leg_mm': 8, 'joint.length_mm': 1200 },
    tin: { count: 4 },
  },
  {
    what: 'inside a box, 150 mm free',
    first: 'reach',
    rod: ['E7018', '1/8'],
    job: { ...square(8), 'look.clearance_mm': 150 },
  },
  {
    what: '8 mm tee on a 120 V socket of 20 A',
    first: 'breaker',
    rod: ['E7018', '1/8'],
    job: { ...square(8), 'rod.current_A': 125 },
    machine: { inputs: [] },
    supply: { volts_V: 120, breaker_A: 20, plug_A: 20 },
  },
  {
    what: '10 mm with a thick rod on 16 A, kind B',
    first: 'breaker',
    rod: ['E7018', '5/32'],
    job: { ...square(10), 'rod.current_A': 165 },
    machine: { inputs: UNREAD },
    supply: { breaker_A: 16, breakerKind: 'B', plug_A: 16 },
  },
  {
    what: '85 A over 30 m of 14 AWG on 120 V',
    first: 'cord',
    rod: ['E7018', '3/32'],
    job: { ...square(5), 'rod.current_A': 85 },
    machine: { inputs: [] },
    supply: { volts_V: 120, breaker_A: 20, plug_A: 20, cordLength_m: 30, cordSize: 'awg14' },
  },
  {
    what: '125 A over 60 m of 1.5 mm2',
    first: 'cord',
    rod: ['E7018', '1/8'],
    job: { ...square(8), 'rod.current_A': 125 },
    machine: { inputs: UNREAD },
    supply: { cordLength_m: 60, cordSize: 'mm2-1.5' },
  },
  {
    what: '25 m of 1.5 mm2 left on its drum',
    first: 'cord',
    rod: ['E7018', '1/8'],
    job: { ...square(8), 'rod.current_A': 110, 'joint.length_mm': 2000 },
    machine: { inputs: UNREAD },
    supply: { cordLength_m: 25, cordSize: 'mm2-1.5', cordLie: 'drum' },
  },
  {
    what: '12 mm V at 160 A on a box of 170 at 20 %',
    first: 'duty',
    rod: ['E7018', '5/32'],
    job: {
      'joint.kind': 'v-butt',
      ...square(12),
      'joint.gap_mm': 3,
      'joint.length_mm': 400,
      'rod.current_A': 160,
    },
    machine: { max_A: 170, rated: [{ process: 'stick', volts_V: null, current_A: 170, duty_pct: 20 }] },
  },
  {
    what: 'a cellulosic root on 60 V',
    first: 'ocv',
    rod: ['E6010', '1/8'],
    job: { 'joint.kind': 'v-butt', ...square(8), 'joint.gap_mm': 2.5 },
    machine: { ocv_V: 60 },
  },
  {
    what: 'a basic rod on 55 V AC',
    first: 'ocv',
    rod: ['E7018', '1/8'],
    job: { ...square(8), 'rod.pole': 'AC' },
    machine: { type: 'transformer', ocv_V: 55, poles: ['AC'] },
  },
  {
    what: '20 mm S355, a tin open for a week',
    first: 'damp rods',
    rod: ['E7018', '1/8'],
    job: { 'metal.sideA.grade': 's355', ...square(20) },
    tin: { hoursOut: 168 },
  },
  {
    what: 'a bracket, rods from a wet box',
    first: 'damp rods',
    rod: ['E7018', '1/8'],
    job: { ...square(8), 'joint.leg_mm': 6 },
    tin: { wet: true },
  },
];
