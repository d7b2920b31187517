import { metalFamily, type MetalGroup } from '../../data/metals';
import type { Situation } from '../../judge/situation';
import { trimmed } from '../../units/format';
import type { UnitSystem } from '../../units/kinds';
import { PRACTICE, type Source } from '../../units/sources';

/** When a check is made: while it is open, hot from the arc, cold, or days after. */
export type CheckWhen = 'open' | 'hot' | 'cold' | 'late' | 'use';
export const CHECK_WHEN: Readonly<Record<CheckWhen, string>> = {
  open: 'before you fill it',
  hot: 'pass by pass',
  cold: 'when it is cold',
  late: '24 to 48 hours later',
  use: 'after the first shift',
};

/** One check of a repair. */
export interface Check {
  id: string;
  name: string;
  when: CheckWhen;
  /** What is done, where, and what is looked for. */
  how: string;
  /** What is mostly allowed; empty where there is no figure. */
  limit: string;
  must: boolean;
  /** Who may do it, where not just anybody. */
  who: string;
  source: Source;
}

export const check = (
  id: string,
  name: string,
  when: CheckWhen,
  how: string,
  more: Partial<Omit<Check, 'id' | 'name' | 'when' | 'how'>> = {},
): Check => ({ id, name, when, how, limit: '', must: true, who: '', source: PRACTICE, ...more });

export const groupsOf = ({ wants }: Pick<Situation, 'wants'>): MetalGroup[] =>
  wants.families.map((id) => metalFamily(id).group);
export const carries = ({ job }: Pick<Situation, 'job'>): boolean => job.rod.duty !== 'nothing';
export const MAGNETIC: readonly MetalGroup[] = ['carbon', 'hardenable', 'cast-iron', 'ferritic'];

/** A figure finer than a tape reads. */
export const fine = (mm: number, system: UnitSystem): string =>
  system === 'metric' ? `${trimmed(mm, 2)} mm` : `${trimmed(mm / 25.4, 3)} in`;
