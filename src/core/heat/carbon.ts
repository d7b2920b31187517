/** Chemistry told in one number. Every element in weight percent; one that is left out counts as none. */

export const STEEL_ELEMENTS = ['C', 'Si', 'Mn', 'Cr', 'Mo', 'V', 'Ni', 'Cu', 'B'] as const;
export type SteelElement = (typeof STEEL_ELEMENTS)[number];
export type Percent = Readonly<Partial<Record<SteelElement, number>>>;

const of =
  (percent: Percent) =>
  (element: SteelElement): number =>
    percent[element] ?? 0;

/** CE of the IIW, %: C + Mn/6 + (Cr+Mo+V)/5 + (Ni+Cu)/15 (EN 1011-2, from memory). */
export function carbonEquivalent(percent: Percent): number {
  const p = of(percent);
  return p('C') + p('Mn') / 6 + (p('Cr') + p('Mo') + p('V')) / 5 + (p('Ni') + p('Cu')) / 15;
}

/** Cracking parameter Pcm, %: C + Si/30 + (Mn+Cu+Cr)/20 + Ni/60 + Mo/15 + V/10 + 5B (Ito and Bessyo 1968, from memory). */
export function crackingParameter(percent: Percent): number {
  const p = of(percent);
  return (
    p('C') +
    p('Si') / 30 +
    (p('Mn') + p('Cu') + p('Cr')) / 20 +
    p('Ni') / 60 +
    p('Mo') / 15 +
    p('V') / 10 +
    5 * p('B')
  );
}

/** CET, %: C + (Mn+Mo)/10 + (Cr+Cu)/20 + Ni/40 (EN 1011-2 method B, from memory). */
export function cet(percent: Percent): number {
  const p = of(percent);
  return p('C') + (p('Mn') + p('Mo')) / 10 + (p('Cr') + p('Cu')) / 20 + p('Ni') / 40;
}

/** Equivalent of the bainite hardness, %: C + Si/11 + Mn/8 + Cu/9 + Cr/5 + Ni/17 + Mo/6 + V/3 (published 1981, from memory). */
export function bainiteEquivalent(percent: Percent): number {
  const p = of(percent);
  return (
    p('C') + p('Si') / 11 + p('Mn') / 8 + p('Cu') / 9 + p('Cr') / 5 + p('Ni') / 17 + p('Mo') / 6 + p('V') / 3
  );
}

/** Chemical carbon of the square-root formula, %: 360[C] = 360C + 40(Mn+Cr) + 20Ni + 28Mo (Seferian, from memory). */
export function chemicalCarbon(percent: Percent): number {
  const p = of(percent);
  return p('C') + (40 * (p('Mn') + p('Cr')) + 20 * p('Ni') + 28 * p('Mo')) / 360;
}
