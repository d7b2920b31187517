import type { Drawing } from './drawing';

/** One thing to do, with what to set, what to wait for and what to beware of. */
export interface Step {
  title: string;
  /** What to do, in order. */
  actions: readonly string[];
  /** Settings as label and value. */
  settings: readonly { label: string; value: string }[];
  /** Not past here until it is so. */
  holds: readonly string[];
  cautions: readonly string[];
  why: string;
  /** What it looks like; null where words do. */
  drawing: Drawing | null;
}

/** A step with what it has to say; the rest empty. */
export const step = (title: string, parts: Partial<Omit<Step, 'title'>>): Step => ({
  title,
  actions: [],
  settings: [],
  holds: [],
  cautions: [],
  why: '',
  drawing: null,
  ...parts,
});
