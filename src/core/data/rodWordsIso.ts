import type { Pole } from './rods';
import { memoryOf } from '../units/sources';

/** The words printed on covered rods by ISO 2560-A (unalloyed and fine-grain steel) and ISO 3581-A (stainless), part by part. */

export const ISO_2560_A = memoryOf('ISO 2560-A classification');
export const ISO_3581_A = memoryOf('ISO 3581-A classification');

/** Least yield strength in MPa, and tensile with it, by the number. */
export const ISO_STRENGTH: Readonly<Record<string, string>> = {
  35: 'yield 355 MPa or more, tensile 440 to 570',
  38: 'yield 380 MPa or more, tensile 470 to 600',
  42: 'yield 420 MPa or more, tensile 500 to 640',
  46: 'yield 460 MPa or more, tensile 530 to 680',
  50: 'yield 500 MPa or more, tensile 560 to 720',
};

/** Lowest temperature at which it keeps 47 J. */
export const ISO_TOUGHNESS: Readonly<Record<string, string>> = {
  Z: 'no toughness asked',
  A: '47 J at +20 °C',
  0: '47 J at 0 °C',
  2: '47 J at -20 °C',
  3: '47 J at -30 °C',
  4: '47 J at -40 °C',
  5: '47 J at -50 °C',
  6: '47 J at -60 °C',
};

export const ISO_ALLOYS: Readonly<Record<string, string>> = {
  Mo: '0.5 % molybdenum',
  MnMo: 'manganese and 0.5 % molybdenum',
  '1Ni': '1 % nickel',
  Mn1Ni: 'manganese and 1 % nickel',
  '2Ni': '2 % nickel',
  Mn2Ni: 'manganese and 2 % nickel',
  '3Ni': '3 % nickel',
  '1NiMo': '1 % nickel, molybdenum',
};

export const ISO_COVERINGS: Readonly<Record<string, { means: string; lowHydrogen: boolean }>> = {
  A: { means: 'acid', lowHydrogen: false },
  C: { means: 'cellulose', lowHydrogen: false },
  R: { means: 'rutile', lowHydrogen: false },
  RR: { means: 'thick rutile', lowHydrogen: false },
  RC: { means: 'rutile and cellulose', lowHydrogen: false },
  RA: { means: 'rutile and acid', lowHydrogen: false },
  RB: { means: 'rutile and basic', lowHydrogen: false },
  B: { means: 'basic', lowHydrogen: true },
};

/** Recovery and current, by the digit behind the covering. */
export const ISO_RECOVERY: Readonly<Record<string, { recovery: string; poles: readonly Pole[] }>> = {
  1: { recovery: 'recovery to 105 %', poles: ['DCEP', 'DCEN', 'AC'] },
  2: { recovery: 'recovery to 105 %', poles: ['DCEP', 'DCEN'] },
  3: { recovery: 'recovery 105 to 125 %', poles: ['DCEP', 'DCEN', 'AC'] },
  4: { recovery: 'recovery 105 to 125 %', poles: ['DCEP', 'DCEN'] },
  5: { recovery: 'recovery 125 to 160 %', poles: ['DCEP', 'DCEN', 'AC'] },
  6: { recovery: 'recovery 125 to 160 %', poles: ['DCEP', 'DCEN'] },
  7: { recovery: 'recovery over 160 %', poles: ['DCEP', 'DCEN', 'AC'] },
  8: { recovery: 'recovery over 160 %', poles: ['DCEP', 'DCEN'] },
};

export const ISO_POSITIONS: Readonly<Record<string, string>> = {
  1: 'all positions',
  2: 'all positions but vertical downward',
  3: 'flat butts and fillets, horizontal fillets',
  4: 'flat butts and fillets',
  5: 'vertical downward, flat butts and fillets, horizontal fillets',
};

export const ISO_HYDROGEN: Readonly<Record<string, number>> = { H5: 5, H10: 10, H15: 15 };

/** Stainless alloys: chromium, nickel, molybdenum in percent, with the alloy number they answer to. */
export const ISO_STAINLESS: Readonly<Record<string, string>> = {
  '13': '12 Cr (410)',
  '13 4': '12 Cr 4.5 Ni (410NiMo)',
  '17': '17 Cr (430)',
  '19 9': '20 Cr 10 Ni (308)',
  '19 9 H': '20 Cr 10 Ni, more carbon (308H)',
  '19 9 L': '20 Cr 10 Ni, low carbon (308L)',
  '19 9 Nb': '19 Cr 10 Ni with niobium (347)',
  '19 12 2': '18 Cr 12 Ni 2.5 Mo (316)',
  '19 12 3 L': '18 Cr 12 Ni 2.5 Mo, low carbon (316L)',
  '19 12 3 Nb': '18 Cr 12 Ni 2.5 Mo with niobium (318)',
  '19 13 4 N L': '19 Cr 13 Ni 3.5 Mo, low carbon (317L)',
  '22 9 3 N L': '22 Cr 9 Ni 3 Mo with nitrogen: duplex (2209)',
  '25 9 4 N L': '25 Cr 10 Ni 4 Mo with nitrogen: duplex (2594)',
  '20 25 5 Cu N L': '20 Cr 25 Ni with molybdenum and copper (385)',
  '18 8 Mn': '19 Cr 9 Ni with manganese (307)',
  '20 10 3': '20 Cr 10 Ni 3 Mo',
  '23 12 L': '23 Cr 13 Ni, low carbon (309L)',
  '23 12 2 L': '23 Cr 13 Ni with molybdenum, low carbon (309LMo)',
  '23 12 Nb': '23 Cr 13 Ni with niobium (309Nb)',
  '29 9': '30 Cr 9 Ni (312)',
  '25 20': '26 Cr 21 Ni (310)',
  '25 20 H': '26 Cr 21 Ni, more carbon (310H)',
  '18 36': '18 Cr 36 Ni (330)',
};
