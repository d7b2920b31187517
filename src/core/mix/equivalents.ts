import { percentOf, type Chemistry, type MixElement } from './chemistry';

/** Alloy content told in two numbers, weight percent. */
export interface Equivalents {
  creq: number;
  nieq: number;
}

const of =
  (metal: Chemistry) =>
  (element: MixElement): number =>
    percentOf(metal, element);

/** Creq = Cr + Mo + 1.5 Si + 0.5 Nb; Nieq = Ni + 30 C + 0.5 Mn (Schaeffler 1949, from memory). No nitrogen in it. */
export function schaefflerEquivalents(metal: Chemistry): Equivalents {
  const p = of(metal);
  return {
    creq: p('Cr') + p('Mo') + 1.5 * p('Si') + 0.5 * p('Nb'),
    nieq: p('Ni') + 30 * p('C') + 0.5 * p('Mn'),
  };
}

/** Creq = Cr + Mo + 0.7 Nb; Nieq = Ni + 35 C + 20 N + 0.25 Cu (Kotecki and Siewert 1992, from memory). No silicon or manganese in it. */
export function wrcEquivalents(metal: Chemistry): Equivalents {
  const p = of(metal);
  return {
    creq: p('Cr') + p('Mo') + 0.7 * p('Nb'),
    nieq: p('Ni') + 35 * p('C') + 20 * p('N') + 0.25 * p('Cu'),
  };
}

/** Schaeffler's, with 30 N (DeLong 1973, from memory). */
export function deLongEquivalents(metal: Chemistry): Equivalents {
  const { creq, nieq } = schaefflerEquivalents(metal);
  return { creq, nieq: nieq + 30 * percentOf(metal, 'N') };
}

/** Creq = Cr + 1.37 Mo + 1.5 Si + 2 Nb + 3 Ti; Nieq = Ni + 0.31 Mn + 22 C + 14.2 N + Cu (Hammar and Svensson 1979, from memory). */
export function hammarSvenssonEquivalents(metal: Chemistry): Equivalents {
  const p = of(metal);
  return {
    creq: p('Cr') + 1.37 * p('Mo') + 1.5 * p('Si') + 2 * p('Nb') + 3 * p('Ti'),
    nieq: p('Ni') + 0.31 * p('Mn') + 22 * p('C') + 14.2 * p('N') + p('Cu'),
  };
}

/** Creq = Cr + 2 Mo + 10 (Al + Ti); Nieq = Ni + 35 C + 20 N (Balmforth and Lippold 2000, from memory). */
export function balmforthLippoldEquivalents(metal: Chemistry): Equivalents {
  const p = of(metal);
  return {
    creq: p('Cr') + 2 * p('Mo') + 10 * (p('Al') + p('Ti')),
    nieq: p('Ni') + 35 * p('C') + 20 * p('N'),
  };
}

/** Ferrite, %: 3 (Creq - 0.93 Nieq - 6.7) on Schaeffler's axes; for 0 to about 15 % (Seferian, from memory). Negative means none. */
export const seferianFerrite_pct = ({ creq, nieq }: Equivalents): number => 3 * (creq - 0.93 * nieq - 6.7);

/** Ferrite number: 3.34 Creq - 2.46 Nieq - 28.6 on DeLong's axes; for 0 to 18 FN (from memory). Negative means none. */
export const deLongFN = ({ creq, nieq }: Equivalents): number => 3.34 * creq - 2.46 * nieq - 28.6;

/** Start of martensite in austenitic steel, °C (Eichelman and Hull 1953, rounded form, from memory). */
export function eichelmanHullMs_C(metal: Chemistry): number {
  const p = of(metal);
  return 1302 - 42 * p('Cr') - 61 * p('Ni') - 33 * p('Mn') - 28 * p('Si') - 1667 * (p('C') + p('N'));
}

/** Start of martensite in low-alloy steel under 0.6 % carbon, °C (Andrews 1965, linear, from memory). */
export function andrewsMs_C(metal: Chemistry): number {
  const p = of(metal);
  return 539 - 423 * p('C') - 30.4 * p('Mn') - 17.7 * p('Ni') - 12.1 * p('Cr') - 7.5 * p('Mo');
}
