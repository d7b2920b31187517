import type { Pole, RodClassId } from '../../data/rods';
import type { Source } from '../../units/sources';

/** One piece of the word and what it says. */
export interface WordPart {
  text: string;
  /** What this place in the word tells of. */
  about: string;
  means: string;
}

/** A word off a rod, taken apart. */
export interface RodWord {
  /** As it should be printed. */
  canonical: string;
  source: Source;
  parts: readonly WordPart[];
  /** Poles it is classed for; empty where the word does not say. */
  poles: readonly Pole[];
  positions: string;
  lowHydrogen: boolean;
  /** Least tensile strength, MPa; null where the word does not say. */
  tensile_MPa: number | null;
  /** The class of the tables it is planned as; null where none stands for it. */
  plannedAs: RodClassId | null;
  /** What else is to be known of it. */
  remarks: readonly string[];
}

/** Read, or not a word that can be: what is wrong with it. Null: not of this kind at all. */
export type Reading = { ok: true; value: RodWord } | { ok: false; message: string } | null;

export const readAs = (value: RodWord): Reading => ({ ok: true, value });
export const wrong = (message: string): Reading => ({ ok: false, message });
