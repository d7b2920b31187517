import type { Pole, RodClassId } from './rods';
import { memoryOf, type Source } from '../units/sources';

/** The words printed on covered rods by the AWS A5 specifications, part by part. */

export const A5_1 = memoryOf('AWS A5.1/A5.1M classification');
export const A5_5 = memoryOf('AWS A5.5/A5.5M classification');
export const A5_4 = memoryOf('AWS A5.4/A5.4M classification');
export const A5_3 = memoryOf('AWS A5.3/A5.3M classification');
export const A5_6 = memoryOf('AWS A5.6/A5.6M classification');
export const A5_11 = memoryOf('AWS A5.11/A5.11M classification');
export const A5_13 = memoryOf('AWS A5.13/A5.13M classification');
export const A5_15 = memoryOf('AWS A5.15 classification');

/** Tensile strength in ksi: those of carbon steel, and those with an alloy suffix. */
export const CARBON_KSI = ['60', '70'] as const;
export const ALLOY_KSI = ['70', '80', '90', '100', '110', '120'] as const;

/** What the position digit says. */
export const POSITION_DIGITS = {
  1: 'all positions',
  2: 'flat, and horizontal fillets',
  4: 'all positions, vertical downward too',
} as const;

/** What the last digit, with the one before it, says. */
export interface CoatingDigit {
  coating: string;
  poles: readonly Pole[];
  /** Made with little moisture in its covering. */
  lowHydrogen: boolean;
}

const row = (coating: string, poles: string, lowHydrogen = false): CoatingDigit => ({
  coating,
  poles: poles.split(' ') as Pole[],
  lowHydrogen,
});

/** By the last two digits: position and coating stand together. */
export const COATING_DIGITS: Readonly<Record<string, CoatingDigit>> = {
  10: row('cellulose, sodium', 'DCEP'),
  11: row('cellulose, potassium', 'DCEP AC'),
  12: row('titania, sodium', 'DCEN AC'),
  13: row('titania, potassium', 'DCEP DCEN AC'),
  14: row('titania with iron powder', 'DCEP DCEN AC'),
  15: row('basic, sodium', 'DCEP', true),
  16: row('basic, potassium', 'DCEP AC', true),
  18: row('basic with iron powder', 'DCEP AC', true),
  19: row('iron oxide and titania, potassium', 'DCEP DCEN AC'),
  20: row('iron oxide', 'DCEN AC'),
  22: row('iron oxide', 'DCEN AC'),
  24: row('titania with much iron powder', 'DCEP DCEN AC'),
  27: row('iron oxide with much iron powder', 'DCEP DCEN AC'),
  28: row('basic with much iron powder', 'DCEP AC', true),
  45: row('basic, for pipe', 'DCEP', true),
  48: row('basic with iron powder, made to go downward', 'DCEP AC', true),
};

/** The words of A5.1 without suffix. */
// prettier-ignore
export const A5_1_WORDS = [
  'E6010', 'E6011', 'E6012', 'E6013', 'E6018', 'E6019', 'E6020', 'E6022', 'E6027',
  'E7014', 'E7015', 'E7016', 'E7018', 'E7024', 'E7027', 'E7028', 'E7048',
] as const;
/** Those that may be made tougher: a 1 behind a dash. */
export const TOUGHER: Readonly<Record<string, string>> = {
  E7016: 'tough at -46 °C in place of -29 °C',
  E7018: 'tough at -46 °C in place of -29 °C',
  E7024: 'tough at -18 °C',
};
export const MILITARY = 'to a military specification: tighter strength, toughness and moisture';

/** Last two digits that an alloy suffix goes with. */
export const ALLOY_DIGITS = ['10', '11', '13', '15', '16', '18', '20', '27', '45'] as const;

/** Alloy suffixes of A5.5. */
export const ALLOYS: Readonly<Record<string, string>> = {
  A1: 'carbon steel with 0.5 % molybdenum',
  B1: '0.5 % chromium, 0.5 % molybdenum',
  B2: '1.25 % chromium, 0.5 % molybdenum',
  B2L: '1.25 % chromium, 0.5 % molybdenum, low carbon',
  B3: '2.25 % chromium, 1 % molybdenum',
  B3L: '2.25 % chromium, 1 % molybdenum, low carbon',
  B5: '0.5 % chromium, 1 % molybdenum',
  B6: '5 % chromium, 0.5 % molybdenum',
  B8: '9 % chromium, 1 % molybdenum',
  B9: '9 % chromium, 1 % molybdenum, vanadium',
  B91: '9 % chromium, 1 % molybdenum, vanadium: the newer name of B9',
  B92: '9 % chromium, tungsten, molybdenum, vanadium',
  C1: '2.5 % nickel',
  C1L: '2.5 % nickel, low carbon',
  C2: '3.5 % nickel',
  C2L: '3.5 % nickel, low carbon',
  C3: '1 % nickel',
  C3L: '1 % nickel, low carbon',
  C4: '1.5 % nickel',
  NM1: '1 % nickel, molybdenum',
  D1: 'manganese and molybdenum',
  D2: 'manganese and molybdenum, more manganese',
  D3: 'manganese and molybdenum',
  G: 'alloy as agreed: ask the maker',
  M: MILITARY,
  M1: MILITARY,
  P1: 'for pipe',
  P2: 'for pipe, low hydrogen',
  W1: 'weathering steel, some copper',
  W2: 'weathering steel, more copper',
};

/** Alloys that are also made with cellulose, titania or iron oxide; all others are made basic alone. */
export const NOT_ONLY_BASIC: readonly string[] = ['A1', 'G', 'P1', 'D1', 'D2', 'D3'];
/** Alloys that are written without a dash, and run on electrode positive alone. */
export const WITHOUT_DASH: readonly string[] = ['M', 'M1'];
/** Strength in ksi by tens of megapascals, as A5.1M and A5.5M print it: E4918 is E7018. */
export const SI_STRENGTH: Readonly<Record<string, string>> = {
  43: '60',
  49: '70',
  55: '80',
  62: '90',
  69: '100',
  76: '110',
  83: '120',
};

/** Hydrogen by the number behind the H, ml in 100 g of weld metal. */
export const HYDROGEN: Readonly<Record<string, number>> = { H4: 4, H8: 8, H16: 16 };
export const RESISTANT = 'takes up little moisture: held to its hydrogen after nine hours of damp air';

/** Alloy numbers of stainless rods. Nominal chromium and nickel, percent. */
export const STAINLESS: Readonly<Record<string, string>> = {
  '209': '22 Cr 11 Ni, manganese and nitrogen',
  '219': '20 Cr 6 Ni, manganese and nitrogen',
  '240': '18 Cr 5 Ni, manganese and nitrogen',
  '307': '19 Cr 10 Ni with manganese: tough between unlike steels',
  '308': '20 Cr 10 Ni, for 304',
  '308H': '20 Cr 10 Ni, more carbon for heat',
  '308L': '20 Cr 10 Ni, low carbon, for 304L',
  '308Mo': '20 Cr 10 Ni with molybdenum',
  '308LMo': '20 Cr 10 Ni with molybdenum, low carbon',
  '309': '23 Cr 13 Ni, for unlike metals',
  '309H': '23 Cr 13 Ni, more carbon for heat',
  '309L': '23 Cr 13 Ni, low carbon, for unlike metals',
  '309Nb': '23 Cr 13 Ni with niobium',
  '309Mo': '23 Cr 13 Ni with molybdenum',
  '309LMo': '23 Cr 13 Ni with molybdenum, low carbon',
  '310': '26 Cr 21 Ni, for heat: no ferrite, cracks hot',
  '310H': '26 Cr 21 Ni, more carbon, for castings in heat',
  '310Nb': '26 Cr 21 Ni with niobium',
  '310Mo': '26 Cr 21 Ni with molybdenum',
  '312': '30 Cr 9 Ni, much ferrite: for dirty, unknown and hardenable steel',
  '316': '18 Cr 12 Ni 2.5 Mo, for 316',
  '316H': '18 Cr 12 Ni 2.5 Mo, more carbon for heat',
  '316L': '18 Cr 12 Ni 2.5 Mo, low carbon, for 316L',
  '317': '19 Cr 13 Ni 3.5 Mo',
  '317L': '19 Cr 13 Ni 3.5 Mo, low carbon',
  '318': '18 Cr 12 Ni 2.5 Mo with niobium',
  '320': '20 Cr 34 Ni with molybdenum, copper and niobium',
  '320LR': '20 Cr 34 Ni with molybdenum, copper and niobium, low residuals',
  '330': '15 Cr 35 Ni, for heat',
  '330H': '15 Cr 35 Ni, more carbon',
  '347': '19 Cr 10 Ni with niobium, for 321 and 347',
  '349': '19 Cr 9 Ni with molybdenum, tungsten, niobium and titanium: strong in heat',
  '383': '28 Cr 32 Ni with molybdenum and copper',
  '385': '20 Cr 25 Ni with molybdenum and copper',
  '409Nb': '12 Cr with niobium',
  '410': '12 Cr, hardens: preheat',
  '410NiMo': '12 Cr 4.5 Ni with molybdenum',
  '430': '17 Cr',
  '430Nb': '17 Cr with niobium',
  '630': '16 Cr 5 Ni with copper: hardens by ageing',
  '16-8-2': '16 Cr 8 Ni 2 Mo, for heat',
  '2209': '22 Cr 9 Ni 3 Mo with nitrogen: duplex',
  '2553': '25 Cr 7 Ni 3 Mo with copper: duplex',
  '2594': '25 Cr 10 Ni 4 Mo with nitrogen: duplex',
};

/** Coating of stainless rods, by the two digits behind the dash. */
export const STAINLESS_COATINGS: Readonly<Record<string, CoatingDigit & { positions: string }>> = {
  15: { ...row('lime: convex, quick to freeze, good out of position', 'DCEP'), positions: 'all positions' },
  16: { ...row('titania: slightly convex, easy slag', 'DCEP AC'), positions: 'all positions' },
  17: {
    ...row('silica and titania: flat to hollow bead, spray-like', 'DCEP AC'),
    positions: 'all positions',
  },
  25: {
    ...row('lime on a mild-steel core', 'DCEP'),
    positions: 'flat, and horizontal fillets',
  },
  26: {
    ...row('titania on a mild-steel core', 'DCEP AC'),
    positions: 'flat, and horizontal fillets',
  },
};

/** A word that is not built of digits: it stands for itself. */
export interface WholeWord {
  means: string;
  poles: readonly Pole[];
  source: Source;
}

const dc = (means: string, source: Source): WholeWord => ({ means, poles: ['DCEP'], source });
const either = (means: string, source: Source): WholeWord => ({ means, poles: ['DCEP', 'AC'], source });

export const WHOLE_WORDS: Readonly<Record<string, WholeWord>> = {
  E1100: dc('pure aluminium', A5_3),
  E3003: dc('aluminium with manganese', A5_3),
  E4043: dc('aluminium with 5 % silicon: most repairs and castings, not over 2.5 % magnesium', A5_3),
  ECu: dc('copper', A5_6),
  ECuSi: dc('silicon bronze', A5_6),
  'ECuSn-A': dc('phosphor bronze, 5 % tin', A5_6),
  'ECuSn-C': dc('phosphor bronze, 8 % tin', A5_6),
  ECuNi: dc('70 copper 30 nickel', A5_6),
  'ECuAl-A2': dc('aluminium bronze', A5_6),
  'ECuAl-B': dc('aluminium bronze, harder', A5_6),
  ECuNiAl: dc('nickel aluminium bronze, sea water', A5_6),
  ECuMnNiAl: dc('manganese nickel aluminium bronze, sea water', A5_6),
  'ENi-1': dc('nickel', A5_11),
  'ENiCu-7': dc('nickel-copper', A5_11),
  'ENiCrFe-1': dc('nickel-chromium-iron', A5_11),
  'ENiCrFe-2': dc('nickel-chromium-iron, unlike metals and cold service', A5_11),
  'ENiCrFe-3': dc('nickel-chromium-iron with manganese: unlike metals and heat', A5_11),
  'ENiCrFe-7': dc('nickel-chromium-iron, 30 % chromium', A5_11),
  'ENiCrMo-3': dc('nickel-chromium-molybdenum with niobium', A5_11),
  'ENiCrMo-4': dc('nickel-chromium-molybdenum with tungsten', A5_11),
  'ENiCrMo-10': dc('nickel-chromium-molybdenum with tungsten', A5_11),
  'ENiCrCoMo-1': dc('nickel-chromium-cobalt-molybdenum: strong in heat', A5_11),
  'ENiMo-7': dc('nickel-molybdenum', A5_11),
  EFe1: either('build-up of carbon and low-alloy steel', A5_13),
  EFe2: either('build-up, harder', A5_13),
  EFe3: either('hard, tool edges', A5_13),
  EFe5: either('cold-work tool steel', A5_13),
  EFe6: either('high-speed tool steel', A5_13),
  'EFeMn-A': either('manganese steel with nickel: build-up, hardens under blows', A5_13),
  'EFeMn-B': either('manganese steel with molybdenum: build-up, hardens under blows', A5_13),
  'EFeMn-C': either('manganese steel with more nickel: build-up, hardens under blows', A5_13),
  EFeMnCr: either('manganese-chromium: joins manganese steel, hardens under blows', A5_13),
  'EFeCr-A1A': either('chromium carbide: against grinding wear, cracks across the bead', A5_13),
  'EFeCr-E1': either('chromium carbide with molybdenum and others: hard grinding wear', A5_13),
  'ECoCr-A': dc('cobalt-chromium: valve seats, heat and wear', A5_13),
  'ECoCr-B': dc('cobalt-chromium, harder', A5_13),
  'ECoCr-C': dc('cobalt-chromium, hardest', A5_13),
  'ENiCr-C': dc('nickel-chromium-boron: wear with corrosion', A5_13),
  'ENi-CI': either('nickel for cast iron: soft to file', A5_15),
  'ENi-CI-A': either('nickel for cast iron, with aluminium', A5_15),
  'ENiFe-CI': either('nickel-iron for cast iron: stronger, for ductile and thick', A5_15),
  'ENiFe-CI-A': either('nickel-iron for cast iron, with aluminium', A5_15),
  'ENiFeMn-CI': either('nickel-iron-manganese for cast iron: strongest', A5_15),
  'ENiCu-A': either('nickel-copper for cast iron, less nickel', A5_15),
  'ENiCu-B': either('nickel-copper for cast iron', A5_15),
  ESt: either('steel for cast iron: cannot be filed afterwards', A5_15),
};

/** The class of the app's own tables that a word is planned as, by its canonical stem. */
export const PLANNED_AS: Readonly<Record<string, RodClassId>> = {
  // Alloyed words by the class that is run and alloyed alike, never by a stronger one.
  'E7010-A1': 'E6010',
  'E7010-P1': 'E6010',
  'E8010-P1': 'E6010',
  'E7011-A1': 'E6011',
  'E7016-A1': 'E7016',
  'E7018-A1': 'E7018',
  'E8016-C1': 'E8018-C3',
  'E8018-C1': 'E8018-C3',
  'E8016-C2': 'E8018-C3',
  'E8018-C2': 'E8018-C3',
  'E8016-C3': 'E8018-C3',
  'E8018-C4': 'E8018-C3',
  'E8018-NM1': 'E8018-C3',
  'E8018-W1': 'E8018-W2',
  'E8016-B2': 'E8018-B2',
  'E8018-B2L': 'E8018-B2',
  'E9016-B3': 'E9018-B3',
  'E9018-B3L': 'E9018-B3',
  'E10016-D2': 'E10018-D2',
  E10018M: 'E9018M',
  E12018M: 'E11018M',
  'ENi-CI-A': 'ENi-CI',
  'ENiFe-CI-A': 'ENiFe-CI',
  'E308-16': 'E308L-16',
  'E316-16': 'E316L-16',
  'E309-16': 'E309L-16',
};
