import type { Source } from '../units/sources';
import type { Step } from '../judge/step';
import type { BeadRow } from '../preheat/beadByBead';

/** Something to do, with where it comes from. */
export interface Note {
  words: string;
  source: Source;
}

/** Where in the job a part of a procedure belongs. */
export type PartId = 'prepare' | 'warm' | 'weld' | 'after';

/** What a metal adds to one step of the job. */
export interface Part {
  actions: readonly Note[];
  holds: readonly Note[];
  settings: readonly { label: string; value: string }[];
  cautions: readonly string[];
}

/** How a metal is welded here: put together from data, the joint and the heat of it. */
export interface Procedure {
  id: string;
  title: string;
  /** The answer in a line. */
  answer: string;
  parts: Readonly<Record<PartId, Part>>;
  /** Bead after bead, where they are short or their amps fall; empty where every bead is like the last. */
  beads: readonly BeadRow[];
}

/** A part with what it has to say; the rest empty. */
export const part = (says: Partial<Part>): Part => ({
  actions: [],
  holds: [],
  settings: [],
  cautions: [],
  ...says,
});

export const NOTHING = part({});

export const note = (words: string, source: Source): Note => ({ words, source });

/** The words of notes, each once. */
const words = (notes: readonly Note[]): string[] => [...new Set(notes.map((one) => one.words))];

/** A step of the plan with what the procedures add to it. */
export function withParts(step: Step, procedures: readonly Procedure[], id: PartId): Step {
  const parts = procedures.map(({ parts: all }) => all[id]);
  return {
    ...step,
    actions: [...step.actions, ...words(parts.flatMap(({ actions }) => actions))],
    holds: [...step.holds, ...words(parts.flatMap(({ holds }) => holds))],
    settings: [...step.settings, ...parts.flatMap(({ settings }) => settings)],
    cautions: [...new Set([...step.cautions, ...parts.flatMap(({ cautions }) => cautions)])],
  };
}
