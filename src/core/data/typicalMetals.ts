import type { FamilyId } from './families';
import { memoryOf, type Source } from '../units/sources';

/** A metal that stands for its family where nobody knows the grade, weight percent. */
export interface TypicalMetal {
  name: string;
  percent: Readonly<Record<string, number>>;
}

export const TYPICAL_SOURCE: Source = memoryOf('typical analyses, handbooks');

export const TYPICAL_METALS: Readonly<Record<FamilyId, TypicalMetal>> = {
  'low-carbon-steel': {
    name: 'A36',
    percent: {
      C: 0.18,
      Mn: 0.8,
      Si: 0.2,
      Cr: 0.05,
      Ni: 0.05,
      Mo: 0.02,
      N: 0.006,
      Cu: 0.2,
      P: 0.015,
      S: 0.02,
      Fe: 98.5,
    },
  },
  'medium-carbon-steel': {
    name: '1045',
    percent: {
      C: 0.45,
      Mn: 0.75,
      Si: 0.22,
      Cr: 0.05,
      Ni: 0.05,
      Mo: 0.02,
      N: 0.008,
      P: 0.015,
      S: 0.02,
      Fe: 98.4,
    },
  },
  'high-carbon-steel': {
    name: '1080',
    percent: { C: 0.8, Mn: 0.75, Si: 0.25, Cr: 0.05, Ni: 0.05, N: 0.008, P: 0.015, S: 0.02, Fe: 98 },
  },
  'low-alloy-steel': {
    name: '4140',
    percent: {
      C: 0.4,
      Mn: 0.88,
      Si: 0.25,
      Cr: 0.95,
      Ni: 0.1,
      Mo: 0.2,
      N: 0.008,
      P: 0.012,
      S: 0.015,
      Fe: 97.2,
    },
  },
  'quenched-tempered-wear-plate': {
    name: 'wear plate of 400 HB',
    percent: {
      C: 0.16,
      Mn: 1.3,
      Si: 0.4,
      Cr: 0.5,
      Ni: 0.15,
      Mo: 0.2,
      N: 0.005,
      B: 0.002,
      P: 0.012,
      S: 0.004,
      Fe: 97.3,
    },
  },
  'spring-steel': {
    name: '5160',
    percent: { C: 0.6, Mn: 0.87, Si: 0.25, Cr: 0.8, N: 0.008, P: 0.015, S: 0.015, Fe: 97.4 },
  },
  'tool-steel': {
    name: 'a cold-work die steel',
    percent: { C: 1, Mn: 0.9, Si: 0.3, Cr: 5, Mo: 1, V: 0.3, P: 0.02, S: 0.01, Fe: 91.5 },
  },
  'free-machining-steel': {
    name: '12L14',
    percent: { C: 0.09, Mn: 1.05, Si: 0.02, N: 0.01, P: 0.06, S: 0.31, Pb: 0.25, Fe: 98.2 },
  },
  'manganese-steel': {
    name: '12.8 % manganese steel',
    percent: { C: 1.15, Mn: 12.8, Si: 0.5, Cr: 0.3, Ni: 0.15, P: 0.035, S: 0.005, Fe: 85.1 },
  },
  'cast-steel': {
    name: 'a plain cast steel',
    percent: { C: 0.25, Mn: 0.7, Si: 0.4, Cr: 0.1, Ni: 0.1, Mo: 0.03, N: 0.008, P: 0.02, S: 0.02, Fe: 98.3 },
  },
  'wrought-iron': {
    name: 'wrought iron',
    percent: { C: 0.03, Mn: 0.05, Si: 0.15, P: 0.15, S: 0.03, Fe: 99.3 },
  },
  'gray-iron': {
    name: 'class 30 gray iron',
    percent: { C: 3.35, Mn: 0.65, Si: 2.1, Cr: 0.1, Cu: 0.2, P: 0.08, S: 0.08, Fe: 93.4 },
  },
  'ductile-iron': {
    name: '65-45-12 ductile iron',
    percent: { C: 3.6, Mn: 0.25, Si: 2.5, P: 0.03, S: 0.01, Mg: 0.04, Fe: 93.6 },
  },
  'malleable-iron': {
    name: 'ferritic malleable iron',
    percent: { C: 2.5, Mn: 0.4, Si: 1.2, P: 0.05, S: 0.1, Fe: 95.7 },
  },
  'white-iron': { name: 'plain white iron', percent: { C: 3, Mn: 0.5, Si: 0.9, P: 0.08, S: 0.1, Fe: 95.4 } },
  'austenitic-stainless': {
    name: '304',
    percent: {
      C: 0.05,
      Mn: 1.5,
      Si: 0.45,
      Cr: 18.2,
      Ni: 8.2,
      Mo: 0.25,
      N: 0.065,
      Cu: 0.3,
      P: 0.03,
      S: 0.005,
      Fe: 71,
    },
  },
  'free-machining-stainless': {
    name: '303',
    percent: {
      C: 0.07,
      Mn: 1.8,
      Si: 0.5,
      Cr: 17.4,
      Ni: 8.6,
      Mo: 0.3,
      N: 0.045,
      Cu: 0.4,
      P: 0.03,
      S: 0.3,
      Fe: 70.6,
    },
  },
  'ferritic-stainless': {
    name: '430',
    percent: { C: 0.05, Mn: 0.4, Si: 0.35, Cr: 16.4, Ni: 0.2, N: 0.03, P: 0.022, S: 0.003, Fe: 82.5 },
  },
  'martensitic-stainless': {
    name: '410',
    percent: { C: 0.12, Mn: 0.45, Si: 0.35, Cr: 12, Ni: 0.25, N: 0.025, P: 0.022, S: 0.004, Fe: 86.8 },
  },
  'duplex-stainless': {
    name: '2205',
    percent: {
      C: 0.02,
      Mn: 1.5,
      Si: 0.4,
      Cr: 22.4,
      Ni: 5.7,
      Mo: 3.15,
      N: 0.17,
      Cu: 0.2,
      P: 0.025,
      S: 0.001,
      Fe: 66.4,
    },
  },
  'al-1xxx-3xxx': { name: '3003', percent: { Mn: 1.2, Si: 0.25, Cu: 0.12, Fe: 0.45, Al: 98 } },
  'al-5xxx': {
    name: '5083',
    percent: { Mn: 0.7, Si: 0.15, Cr: 0.12, Mg: 4.4, Fe: 0.25, Ti: 0.02, Al: 94.4 },
  },
  'al-6xxx': {
    name: '6061',
    percent: { Mn: 0.08, Si: 0.6, Cr: 0.2, Cu: 0.28, Mg: 1, Fe: 0.35, Zn: 0.1, Ti: 0.03, Al: 97.4 },
  },
  'al-2xxx-7xxx': { name: '2024', percent: { Mn: 0.6, Si: 0.15, Cu: 4.4, Mg: 1.5, Fe: 0.25, Al: 93.1 } },
  'al-cast': { name: 'A356', percent: { Si: 7, Cu: 0.05, Mg: 0.35, Fe: 0.12, Ti: 0.12, Al: 92.4 } },
  'al-die-cast': {
    name: 'aluminium die casting with silicon and copper',
    percent: { Si: 9, Cu: 3.2, Mn: 0.3, Mg: 0.1, Fe: 1, Zn: 1, Al: 85 },
  },
  magnesium: { name: 'AZ91', percent: { Al: 9, Zn: 0.7, Mn: 0.2, Mg: 90 } },
  copper: { name: 'C110', percent: { Cu: 99.9 } },
  brass: { name: '70/30 brass', percent: { Cu: 70, Zn: 30 } },
  'leaded-brass': { name: 'C360', percent: { Cu: 61.5, Zn: 35.4, Pb: 3 } },
  'tin-bronze': { name: 'C905', percent: { Cu: 88, Sn: 10, Zn: 2 } },
  'aluminium-bronze': { name: 'C954', percent: { Cu: 85, Al: 10.8, Fe: 4 } },
  'silicon-bronze': { name: 'C655', percent: { Cu: 95.6, Si: 3.3, Mn: 1, Fe: 0.1 } },
  'copper-nickel': { name: 'C706', percent: { Cu: 88, Ni: 10, Fe: 1.4, Mn: 0.6 } },
  nickel: { name: 'alloy 200', percent: { Ni: 99.5, Fe: 0.15, Mn: 0.18, C: 0.06, Si: 0.1, Cu: 0.05 } },
  'nickel-copper': { name: 'alloy 400', percent: { Ni: 66, Cu: 31, Fe: 1.5, Mn: 1, C: 0.1, Si: 0.2 } },
  'nickel-chromium': {
    name: 'alloy 600',
    percent: { Ni: 74, Cr: 15.5, Fe: 9, Mn: 0.4, C: 0.07, Si: 0.2, Cu: 0.2 },
  },
  titanium: { name: 'grade 2', percent: { Ti: 99.6 } },
  'zinc-die-cast': { name: 'zinc alloy 3', percent: { Zn: 95.9, Al: 4 } },
  lead: { name: 'lead', percent: { Pb: 99.9 } },
  'beryllium-copper': { name: 'C172', percent: { Cu: 97.9 } },
  'sintered-metal': { name: 'iron powder part', percent: { C: 0.5, Cu: 2, Fe: 97 } },
  'leaded-red-brass': { name: 'C836', percent: { Cu: 85, Sn: 5, Pb: 5, Zn: 5 } },
  'leaded-tin-bronze': { name: 'C932', percent: { Cu: 83, Sn: 7, Pb: 7, Zn: 3 } },
  'manganese-brass': { name: 'C865', percent: { Cu: 58, Zn: 39, Fe: 1.2, Al: 1, Mn: 0.8 } },
  'nickel-silver': { name: 'C752', percent: { Cu: 65, Ni: 18, Zn: 17 } },
  'free-machining-stainless-magnetic': {
    name: '416',
    percent: { C: 0.12, Mn: 0.9, Si: 0.5, Cr: 13, S: 0.3, P: 0.03, N: 0.03, Fe: 85 },
  },
  'ph-stainless': {
    name: '17-4',
    percent: {
      C: 0.04,
      Mn: 0.6,
      Si: 0.5,
      Cr: 15.8,
      Ni: 4.4,
      Cu: 3.4,
      Nb: 0.3,
      N: 0.03,
      P: 0.02,
      S: 0.003,
      Fe: 75,
    },
  },
  'austenitic-iron': { name: 'type 2 nickel iron', percent: { C: 2.8, Si: 2, Mn: 1, Ni: 20, Cr: 2, Fe: 72 } },
  'overlay-plate': { name: 'mild steel behind an overlay', percent: { C: 0.18, Mn: 0.9, Si: 0.2, Fe: 98.5 } },
  'creep-steel': {
    name: '2¼Cr-1Mo',
    percent: { C: 0.12, Mn: 0.5, Si: 0.25, Cr: 2.25, Mo: 1, P: 0.015, S: 0.01, Fe: 95.8 },
  },
};
