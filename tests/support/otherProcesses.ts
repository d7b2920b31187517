import type { FamilyId } from '../../src/core/data/families';
import type { JointKind } from '../../src/core/data/joints';
import type { WireWayId } from '../../src/core/data/processSettings';
import type { RodClassId } from '../../src/core/data/rods';
import type { PositionId } from '../../src/core/data/words';
import type { OtherArc } from '../../src/core/process/settings/arcBy';

/** Everyday settings of wire and TIG: common practice, with what each was recalculated from. Ends are what is usual. */
export interface EverydayArc {
  process: OtherArc;
  thin_mm: number;
  kind: JointKind;
  position?: PositionId;
  gap_mm?: number;
  /** Reachable from one side only. */
  oneSided?: boolean;
  pipe?: boolean;
  families?: readonly FamilyId[];
  rods?: readonly RodClassId[];
  /** How wire with gas is run; else in short-circuit, on light metal as that asks. */
  way?: WireWayId;
  /** It carries load; else it only closes. */
  carries?: boolean;
  /** Wire, or tungsten of TIG. */
  size_mm: number;
  amps: readonly [low: number, middle: number, high: number];
  volts?: readonly [number, number];
  feed_m_min?: number;
  pace?: readonly [number, number];
  energy?: readonly [number, number];
  gas?: readonly [number, number];
}

const gas = (row: Omit<EverydayArc, 'process'>): EverydayArc => ({ process: 'gas-wire', ...row });
const cored = (row: Omit<EverydayArc, 'process'>): EverydayArc => ({ process: 'cored-wire', ...row });
const tig = (row: Omit<EverydayArc, 'process'>): EverydayArc => ({ process: 'tig', ...row });
const STAINLESS = { families: ['austenitic-stainless'], rods: ['E308L-16'] } as const;
const LIGHT = { families: ['al-6xxx'], rods: ['E4043'] } as const;

export const EVERYDAY_ARCS: readonly EverydayArc[] = [
  // Spray on plate, argon with 8 to 20 % CO2 (wire tables of handbooks, from memory)
  gas({
    way: 'spray',
    thin_mm: 6,
    kind: 't-fillet',
    size_mm: 1,
    amps: [190, 215, 240],
    volts: [25, 28],
    feed_m_min: 9.3,
    gas: [14, 18],
  }),
  gas({
    way: 'spray',
    thin_mm: 10,
    kind: 't-fillet',
    position: 'horizontal',
    size_mm: 1.2,
    amps: [240, 262, 290],
    volts: [27, 29.5],
    feed_m_min: 7.9,
    gas: [14, 18],
  }),
  // Filled wire with gas, E71T-1 of 1.2 mm (parameter tables of the class, from memory)
  gas({
    way: 'filled',
    thin_mm: 6,
    kind: 't-fillet',
    position: 'vertical',
    carries: true,
    size_mm: 1.2,
    amps: [150, 172, 195],
    volts: [22.5, 25],
    feed_m_min: 6.4,
    gas: [15, 20],
  }),
  gas({
    way: 'filled',
    thin_mm: 10,
    kind: 't-fillet',
    size_mm: 1.2,
    amps: [200, 222, 250],
    volts: [24, 26.5],
    feed_m_min: 9,
    gas: [15, 20],
  }),
  // Aluminium wire, argon (tables for aluminium, from memory)
  gas({
    ...LIGHT,
    thin_mm: 3,
    kind: 't-fillet',
    size_mm: 1,
    amps: [110, 130, 150],
    volts: [19, 23],
    feed_m_min: 8.5,
    gas: [14, 20],
  }),
  gas({
    ...LIGHT,
    thin_mm: 6,
    kind: 't-fillet',
    position: 'horizontal',
    size_mm: 1.2,
    amps: [180, 203, 225],
    volts: [22, 25.5],
    feed_m_min: 9,
    gas: [14, 20],
  }),
  // Solid wire in short-circuit, argon with 18 to 25 % CO2
  gas({
    thin_mm: 0.8,
    kind: 'lap',
    size_mm: 0.6,
    amps: [30, 38, 45],
    volts: [14, 15],
    feed_m_min: 3.4,
    pace: [400, 525],
    energy: [0.06, 0.08],
  }),
  gas({
    thin_mm: 1,
    kind: 't-fillet',
    size_mm: 0.6,
    amps: [42, 50, 58],
    volts: [14.5, 16],
    feed_m_min: 4.5,
    pace: [355, 470],
    energy: [0.1, 0.13],
  }),
  gas({
    thin_mm: 1.5,
    kind: 't-fillet',
    size_mm: 0.8,
    amps: [60, 74, 88],
    volts: [16, 17],
    feed_m_min: 3.8,
    pace: [365, 480],
    energy: [0.15, 0.2],
  }),
  gas({
    thin_mm: 1.5,
    kind: 'square-butt',
    gap_mm: 1,
    oneSided: true,
    size_mm: 0.8,
    amps: [50, 62, 72],
    volts: [15.5, 16.5],
    feed_m_min: 3.2,
  }),
  gas({
    thin_mm: 2,
    kind: 't-fillet',
    position: 'vertical',
    size_mm: 0.8,
    amps: [80, 92, 105],
    volts: [17, 18],
    feed_m_min: 4.7,
    pace: [395, 520],
    energy: [0.19, 0.24],
  }),
  gas({
    thin_mm: 3,
    kind: 't-fillet',
    size_mm: 0.9,
    amps: [110, 128, 142],
    volts: [18, 19.5],
    feed_m_min: 5.2,
    pace: [315, 415],
    energy: [0.35, 0.46],
  }),
  gas({
    thin_mm: 3,
    kind: 'square-butt',
    gap_mm: 1.5,
    oneSided: true,
    size_mm: 0.9,
    amps: [90, 105, 118],
    volts: [17, 18.5],
    feed_m_min: 4.3,
  }),
  gas({
    thin_mm: 5,
    kind: 't-fillet',
    position: 'vertical',
    carries: true,
    size_mm: 0.9,
    amps: [98, 110, 124],
    volts: [17, 18.5],
    feed_m_min: 4.5,
  }),
  gas({
    thin_mm: 5,
    kind: 't-fillet',
    size_mm: 1,
    amps: [150, 165, 182],
    volts: [19.5, 21],
    feed_m_min: 5.4,
  }),
  gas({
    thin_mm: 6,
    kind: 't-fillet',
    size_mm: 1.2,
    amps: [170, 185, 205],
    volts: [20, 22],
    feed_m_min: 4.7,
  }),
  // Self-shielded wire
  cored({
    thin_mm: 1,
    kind: 'lap',
    size_mm: 0.8,
    amps: [34, 44, 54],
    volts: [13.5, 14.5],
    feed_m_min: 1.3,
    pace: [215, 280],
    energy: [0.13, 0.17],
  }),
  cored({
    thin_mm: 1.5,
    kind: 'lap',
    size_mm: 0.8,
    amps: [50, 60, 72],
    volts: [14, 15],
    feed_m_min: 1.8,
    pace: [195, 255],
    energy: [0.2, 0.27],
  }),
  cored({
    thin_mm: 2,
    kind: 't-fillet',
    size_mm: 0.9,
    amps: [70, 84, 98],
    volts: [15, 16],
    feed_m_min: 2.1,
    pace: [180, 240],
    energy: [0.33, 0.43],
  }),
  cored({
    thin_mm: 3,
    kind: 't-fillet',
    size_mm: 0.9,
    amps: [95, 110, 124],
    volts: [16, 17],
    feed_m_min: 2.8,
    pace: [150, 200],
    energy: [0.54, 0.73],
  }),
  cored({
    thin_mm: 5,
    kind: 't-fillet',
    size_mm: 1.2,
    amps: [135, 150, 165],
    volts: [16.5, 17.5],
    feed_m_min: 2.4,
  }),
  cored({
    thin_mm: 6,
    kind: 't-fillet',
    position: 'vertical',
    carries: true,
    size_mm: 1.2,
    amps: [120, 130, 142],
    volts: [16, 17],
    feed_m_min: 2.1,
  }),
  cored({
    thin_mm: 6,
    kind: 't-fillet',
    size_mm: 1.2,
    amps: [148, 162, 178],
    volts: [17, 18],
    feed_m_min: 2.6,
  }),
  // TIG
  tig({
    thin_mm: 1,
    kind: 'square-butt',
    gap_mm: 0,
    oneSided: true,
    size_mm: 1.6,
    amps: [25, 34, 42],
    pace: [100, 140],
    energy: [0.17, 0.23],
    gas: [6, 8],
  }),
  tig({
    thin_mm: 2,
    kind: 't-fillet',
    size_mm: 1.6,
    amps: [60, 74, 88],
    pace: [80, 120],
    energy: [0.48, 0.72],
    gas: [7, 9],
  }),
  tig({
    thin_mm: 3,
    kind: 'square-butt',
    gap_mm: 1.5,
    oneSided: true,
    size_mm: 2.4,
    amps: [80, 95, 110],
    pace: [70, 110],
    energy: [0.72, 1.12],
    gas: [8, 10],
  }),
  tig({
    thin_mm: 6,
    kind: 't-fillet',
    size_mm: 2.4,
    amps: [140, 160, 180],
    pace: [70, 110],
    energy: [1.43, 2.25],
    gas: [8, 12],
  }),
  tig({
    ...STAINLESS,
    thin_mm: 1.5,
    kind: 'square-butt',
    gap_mm: 0,
    oneSided: true,
    size_mm: 1.6,
    amps: [35, 44, 55],
    pace: [90, 140],
    energy: [0.22, 0.34],
    gas: [7, 9],
  }),
  tig({
    ...STAINLESS,
    thin_mm: 3,
    kind: 't-fillet',
    size_mm: 2.4,
    amps: [75, 90, 105],
    pace: [80, 120],
    energy: [0.61, 0.92],
    gas: [8, 10],
  }),
  tig({
    ...LIGHT,
    thin_mm: 1.5,
    kind: 't-fillet',
    size_mm: 2.4,
    amps: [50, 62, 75],
    pace: [140, 220],
    energy: [0.21, 0.33],
    gas: [7, 9],
  }),
  tig({
    ...LIGHT,
    thin_mm: 3,
    kind: 't-fillet',
    size_mm: 2.4,
    amps: [105, 122, 140],
    pace: [120, 180],
    energy: [0.61, 0.91],
    gas: [8, 10],
  }),
  tig({
    ...LIGHT,
    thin_mm: 6,
    kind: 'v-butt',
    gap_mm: 1.5,
    size_mm: 3.2,
    amps: [190, 220, 250],
    pace: [110, 170],
    energy: [1.46, 2.26],
    gas: [10, 13],
  }),
  tig({
    thin_mm: 3.5,
    kind: 'v-butt',
    gap_mm: 2.4,
    oneSided: true,
    pipe: true,
    position: 'overhead',
    size_mm: 2.4,
    amps: [65, 76, 90],
    pace: [50, 80],
    energy: [0.74, 1.19],
    gas: [8, 10],
  }),
  tig({
    thin_mm: 7,
    kind: 'v-butt',
    gap_mm: 3,
    oneSided: true,
    pipe: true,
    position: 'overhead',
    size_mm: 2.4,
    amps: [85, 100, 118],
    pace: [50, 80],
    energy: [1.05, 1.68],
    gas: [8, 12],
  }),
  tig({
    ...STAINLESS,
    rods: ['E316L-16'],
    thin_mm: 3,
    kind: 'square-butt',
    gap_mm: 2,
    oneSided: true,
    pipe: true,
    position: 'overhead',
    size_mm: 2.4,
    amps: [58, 70, 82],
    pace: [50, 80],
    energy: [0.67, 1.08],
    gas: [8, 10],
  }),
];
