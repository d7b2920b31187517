/** What a metal is made of, weight percent by element; one that is left out counts as none. */
export type Chemistry = Readonly<Record<string, number>>;

/** Elements that any of the diagrams, or the limits beside them, read. */
export const MIX_ELEMENTS = [
  'C',
  'Mn',
  'Si',
  'Cr',
  'Ni',
  'Mo',
  'Nb',
  'N',
  'Cu',
  'Ti',
  'Al',
  'V',
  'B',
  'S',
  'P',
  'Pb',
  'Fe',
  'Mg',
  'Zn',
  'Sn',
] as const;
export type MixElement = (typeof MIX_ELEMENTS)[number];

export const percentOf = (metal: Chemistry, element: MixElement): number => metal[element] ?? 0;

/** How two base metals and a rod are stirred together. */
export interface Stirred {
  /** Share of the bead that is melted base metal, 0 to 1. */
  dilution: number;
  /** Share of that which comes from side A, 0 to 1. */
  shareA: number;
}

/**
 * Answers "what is the bead made of?": (1 - D) of the rod's own deposit and D of the two sides. Fully stirred; the edge beside the base
 * metal never is.
 */
export function mixed(
  deposit: Chemistry,
  sideA: Chemistry,
  sideB: Chemistry,
  { dilution, shareA }: Stirred,
): Chemistry {
  const bead: Record<string, number> = {};
  for (const element of MIX_ELEMENTS) {
    const base = shareA * percentOf(sideA, element) + (1 - shareA) * percentOf(sideB, element);
    const value = (1 - dilution) * percentOf(deposit, element) + dilution * base;
    if (value !== 0) bead[element] = value;
  }
  return bead;
}
