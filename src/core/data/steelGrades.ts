import type { FamilyId } from './families';
import { memoryOf, type Source } from '../units/sources';

/** A grade of steel that a stamp, a drawing or a storeman may name, with the ends its standard sets, weight percent. */
export interface SteelGrade {
  name: string;
  family: FamilyId;
  percent: Readonly<Record<string, readonly [number, number]>>;
  /** Category of the prescriptive preheat table that lists it; null where no category does. */
  listed: 'A' | 'B' | 'C' | null;
  source: Source;
}

const AISI = memoryOf('AISI/SAE composition limits');
const ASTM = memoryOf('ASTM composition limits, with what mills usually give');
const EN = memoryOf('EN 10025 ladle limits, with what mills usually give');
const STAINLESS = memoryOf('ASTM A240 limits, with what mills usually give');
const MILLS = memoryOf('what mills usually print for plate of this hardness');

const grade = (
  name: string,
  family: FamilyId,
  source: Source,
  listed: SteelGrade['listed'],
  percent: SteelGrade['percent'],
): SteelGrade => ({ name, family, source, listed, percent });

/** Tramp elements that every plain steel carries. */
const TRAMP = { Cr: [0, 0.2], Ni: [0, 0.2], Cu: [0, 0.3], Mo: [0, 0.06] } as const;

/** Named grades. A further one is a line here. */
export const STEEL_GRADES = {
  '1018': grade('1018', 'low-carbon-steel', AISI, null, {
    C: [0.15, 0.2],
    Mn: [0.6, 0.9],
    Si: [0.1, 0.3],
    ...TRAMP,
  }),
  '1020': grade('1020', 'low-carbon-steel', AISI, null, {
    C: [0.18, 0.23],
    Mn: [0.3, 0.6],
    Si: [0.1, 0.3],
    ...TRAMP,
  }),
  a36: grade('A36 structural', 'low-carbon-steel', ASTM, 'A', {
    C: [0.12, 0.25],
    Mn: [0.6, 1.2],
    Si: [0.1, 0.4],
    ...TRAMP,
  }),
  a572: grade('A572 grade 50', 'low-carbon-steel', ASTM, 'B', {
    C: [0.1, 0.23],
    Mn: [0.9, 1.35],
    Si: [0.15, 0.4],
    V: [0, 0.06],
    ...TRAMP,
  }),
  a588: grade('A588 weathering', 'low-carbon-steel', ASTM, 'B', {
    C: [0.1, 0.19],
    Mn: [0.8, 1.25],
    Si: [0.3, 0.65],
    Cr: [0.4, 0.65],
    Ni: [0.1, 0.4],
    Cu: [0.25, 0.4],
    V: [0.02, 0.1],
  }),
  s235: grade('S235', 'low-carbon-steel', EN, null, {
    C: [0.08, 0.17],
    Mn: [0.4, 1.2],
    Si: [0, 0.35],
    ...TRAMP,
  }),
  s355: grade('S355', 'low-carbon-steel', EN, null, {
    C: [0.12, 0.22],
    Mn: [1.1, 1.6],
    Si: [0.2, 0.55],
    ...TRAMP,
  }),
  s275: grade('S275', 'low-carbon-steel', EN, null, {
    C: [0.1, 0.2],
    Mn: [0.5, 1.4],
    Si: [0.1, 0.4],
    ...TRAMP,
  }),
  a516: grade('A516 grade 70', 'low-carbon-steel', ASTM, 'B', {
    C: [0.15, 0.26],
    Mn: [0.85, 1.2],
    Si: [0.15, 0.4],
    ...TRAMP,
  }),
  a106: grade('A106 or A53 grade B pipe', 'low-carbon-steel', ASTM, 'A', {
    C: [0.12, 0.25],
    Mn: [0.3, 1.06],
    Si: [0.1, 0.4],
    ...TRAMP,
  }),
  '1030': grade('1030', 'medium-carbon-steel', AISI, null, {
    C: [0.28, 0.34],
    Mn: [0.6, 0.9],
    Si: [0.15, 0.35],
    ...TRAMP,
  }),
  '1035': grade('1035', 'medium-carbon-steel', AISI, null, {
    C: [0.32, 0.38],
    Mn: [0.6, 0.9],
    Si: [0.15, 0.35],
    ...TRAMP,
  }),
  '1045': grade('1045', 'medium-carbon-steel', AISI, null, {
    C: [0.43, 0.5],
    Mn: [0.6, 0.9],
    Si: [0.15, 0.35],
    ...TRAMP,
  }),
  '1060': grade('1060', 'high-carbon-steel', AISI, null, {
    C: [0.55, 0.65],
    Mn: [0.6, 0.9],
    Si: [0.15, 0.35],
    ...TRAMP,
  }),
  '1080': grade('1080', 'high-carbon-steel', AISI, null, {
    C: [0.75, 0.88],
    Mn: [0.6, 0.9],
    Si: [0.15, 0.35],
    ...TRAMP,
  }),
  '1095': grade('1095', 'high-carbon-steel', AISI, null, {
    C: [0.9, 1.03],
    Mn: [0.3, 0.5],
    Si: [0.15, 0.35],
    ...TRAMP,
  }),
  '4130': grade('4130', 'low-alloy-steel', AISI, null, {
    C: [0.28, 0.33],
    Mn: [0.4, 0.6],
    Si: [0.15, 0.35],
    Cr: [0.8, 1.1],
    Mo: [0.15, 0.25],
    Ni: [0, 0.25],
    Cu: [0, 0.35],
  }),
  '4140': grade('4140', 'low-alloy-steel', AISI, null, {
    C: [0.38, 0.43],
    Mn: [0.75, 1],
    Si: [0.15, 0.35],
    Cr: [0.8, 1.1],
    Mo: [0.15, 0.25],
    Ni: [0, 0.25],
    Cu: [0, 0.35],
  }),
  '4340': grade('4340', 'low-alloy-steel', AISI, null, {
    C: [0.38, 0.43],
    Mn: [0.6, 0.8],
    Si: [0.15, 0.35],
    Cr: [0.7, 0.9],
    Mo: [0.2, 0.3],
    Ni: [1.65, 2],
    Cu: [0, 0.35],
  }),
  '5160': grade('5160', 'spring-steel', AISI, null, {
    C: [0.56, 0.64],
    Mn: [0.75, 1],
    Si: [0.15, 0.35],
    Cr: [0.7, 0.9],
    Ni: [0, 0.25],
    Cu: [0, 0.35],
  }),
  '8620': grade('8620', 'low-alloy-steel', AISI, null, {
    C: [0.18, 0.23],
    Mn: [0.7, 0.9],
    Si: [0.15, 0.35],
    Cr: [0.4, 0.6],
    Mo: [0.15, 0.25],
    Ni: [0.4, 0.7],
    Cu: [0, 0.35],
  }),
  a514: grade('A514 kind, 690 MPa', 'quenched-tempered-wear-plate', ASTM, null, {
    C: [0.12, 0.21],
    Mn: [0.7, 1.4],
    Si: [0.2, 0.5],
    Cr: [0.4, 0.8],
    Mo: [0.15, 0.35],
    Ni: [0, 0.5],
    Cu: [0, 0.3],
    V: [0, 0.06],
    B: [0.0005, 0.004],
  }),
  s690: grade('S690Q', 'quenched-tempered-wear-plate', EN, null, {
    C: [0.12, 0.18],
    Mn: [0.9, 1.5],
    Si: [0.2, 0.6],
    Cr: [0.1, 0.7],
    Mo: [0.1, 0.4],
    Ni: [0, 1],
    Cu: [0, 0.3],
    V: [0, 0.06],
    B: [0.0005, 0.004],
  }),
  wear400: grade('Wear plate, 400 HB', 'quenched-tempered-wear-plate', MILLS, null, {
    C: [0.11, 0.2],
    Mn: [0.9, 1.6],
    Si: [0.2, 0.7],
    Cr: [0.1, 0.8],
    Mo: [0.02, 0.25],
    Ni: [0, 0.3],
    Cu: [0, 0.3],
    B: [0.0005, 0.004],
  }),
  wear500: grade('Wear plate, 500 HB', 'quenched-tempered-wear-plate', MILLS, null, {
    C: [0.24, 0.3],
    Mn: [0.7, 1.6],
    Si: [0.2, 0.7],
    Cr: [0.3, 1],
    Mo: [0.1, 0.35],
    Ni: [0, 0.5],
    Cu: [0, 0.3],
    B: [0.0005, 0.004],
  }),
  '304': grade('304', 'austenitic-stainless', STAINLESS, null, {
    C: [0.03, 0.08],
    Mn: [1, 2],
    Si: [0.3, 0.75],
    Cr: [18, 19.5],
    Ni: [8, 10],
    Mo: [0, 0.5],
    N: [0.03, 0.1],
    Cu: [0, 0.6],
    P: [0.02, 0.045],
    S: [0, 0.03],
  }),
  '304l': grade('304L', 'austenitic-stainless', STAINLESS, null, {
    C: [0.01, 0.03],
    Mn: [1, 2],
    Si: [0.3, 0.75],
    Cr: [18, 19.5],
    Ni: [8, 10],
    Mo: [0, 0.5],
    N: [0.03, 0.1],
    Cu: [0, 0.6],
    P: [0.02, 0.045],
    S: [0, 0.03],
  }),
  '316l': grade('316L', 'austenitic-stainless', STAINLESS, null, {
    C: [0.01, 0.03],
    Mn: [1, 2],
    Si: [0.3, 0.75],
    Cr: [16, 18],
    Ni: [10, 12],
    Mo: [2, 2.5],
    N: [0.02, 0.1],
    Cu: [0, 0.6],
    P: [0.02, 0.045],
    S: [0, 0.03],
  }),
  '321': grade('321', 'austenitic-stainless', STAINLESS, null, {
    C: [0.02, 0.08],
    Mn: [1, 2],
    Si: [0.3, 0.75],
    Cr: [17, 19],
    Ni: [9, 12],
    Mo: [0, 0.5],
    N: [0.01, 0.05],
    Ti: [0.2, 0.6],
    Cu: [0, 0.6],
    P: [0.02, 0.045],
    S: [0, 0.03],
  }),
  '303': grade('303', 'free-machining-stainless', STAINLESS, null, {
    C: [0.03, 0.12],
    Mn: [1, 2],
    Si: [0.3, 1],
    Cr: [17, 18.5],
    Ni: [8, 10],
    Mo: [0, 0.6],
    N: [0.02, 0.08],
    Cu: [0, 0.8],
    P: [0.02, 0.1],
    S: [0.15, 0.35],
  }),
  '409': grade('409', 'ferritic-stainless', STAINLESS, null, {
    C: [0.005, 0.03],
    Mn: [0.2, 0.8],
    Si: [0.3, 1],
    Cr: [10.5, 11.75],
    Ni: [0, 0.5],
    N: [0.005, 0.03],
    Ti: [0.1, 0.5],
    Al: [0, 0.1],
    P: [0.01, 0.04],
    S: [0, 0.02],
  }),
  '430': grade('430', 'ferritic-stainless', STAINLESS, null, {
    C: [0.02, 0.1],
    Mn: [0.2, 0.8],
    Si: [0.2, 0.6],
    Cr: [16, 17.5],
    Ni: [0, 0.5],
    N: [0.02, 0.05],
    P: [0.01, 0.04],
    S: [0, 0.02],
  }),
  '410': grade('410', 'martensitic-stainless', STAINLESS, null, {
    C: [0.08, 0.15],
    Mn: [0.2, 0.8],
    Si: [0.2, 0.6],
    Cr: [11.5, 13],
    Ni: [0, 0.6],
    N: [0.01, 0.04],
    P: [0.01, 0.04],
    S: [0, 0.02],
  }),
  '2205': grade('2205', 'duplex-stainless', STAINLESS, null, {
    C: [0.01, 0.03],
    Mn: [0.8, 2],
    Si: [0.2, 0.7],
    Cr: [22, 23],
    Ni: [5, 6.5],
    Mo: [3, 3.4],
    N: [0.14, 0.2],
    Cu: [0, 0.4],
    P: [0.01, 0.03],
    S: [0, 0.01],
  }),
} as const satisfies Record<string, SteelGrade>;

export type SteelGradeId = keyof typeof STEEL_GRADES;
export const STEEL_GRADE_IDS = Object.keys(STEEL_GRADES) as [SteelGradeId, ...SteelGradeId[]];

/** The row of a grade; null for one this app does not know. */
export const steelGrade = (id: string | null): SteelGrade | null =>
  id !== null && Object.hasOwn(STEEL_GRADES, id) ? STEEL_GRADES[id as SteelGradeId] : null;
