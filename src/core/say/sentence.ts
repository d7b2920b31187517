import type { JobEdit } from '../formats/paths';

/** Adds what was understood: by what it is known, as it is told, the words it was read from, and what it fills in. */
export type AddChip = (id: string, means: string, said: string, edits: readonly JobEdit[]) => void;

/** Takes parts of a sentence out as they are understood: what is left at the end was not. */
export class Sentence {
  constructor(private left: string) {}

  /** The first match of a pattern, taken out; null where there is none. */
  take(pattern: RegExp): RegExpExecArray | null {
    const match = pattern.exec(this.left);
    if (match) this.cut(match);
    return match;
  }

  /** The same, but only where it makes sense. */
  takeIf<T>(pattern: RegExp, make: (match: RegExpExecArray) => T | null): T | null {
    for (const match of this.left.matchAll(new RegExp(pattern, `${pattern.flags.replace('g', '')}g`))) {
      const made = make(match as RegExpExecArray);
      if (made === null) continue;
      this.cut(match as RegExpExecArray);
      return made;
    }
    return null;
  }

  /** Every match that makes sense, taken out without a break, with the text before each back to the last one, and what stands behind them all. */
  takeAll<T>(
    pattern: RegExp,
    make: (match: RegExpExecArray) => T | null,
  ): { found: { made: T; said: string; before: string }[]; behind: string } {
    const found: { made: T; said: string; before: string }[] = [];
    let [left, from] = ['', 0];
    for (const match of this.left.matchAll(new RegExp(pattern, `${pattern.flags}g`))) {
      const made = make(match as RegExpExecArray);
      if (made === null) continue;
      const before = this.left.slice(from, match.index);
      found.push({ made, said: match[0], before });
      left += `${before} `;
      from = match.index + match[0].length;
    }
    const behind = this.left.slice(from);
    this.left = (left + behind).replace(/ +/g, ' ');
    return { found, behind };
  }

  /** Puts words back that were taken with something else: they may mean more. */
  give(words: string): void {
    this.left = `${this.left} ; ${words} ; `;
  }

  has = (pattern: RegExp): boolean => pattern.test(this.left);

  words = (): string[] => this.left.split(/[^\p{L}\d/.'-]+/u).filter((word) => word !== '' && word !== '-');

  private cut(match: RegExpExecArray): void {
    this.left = `${this.left.slice(0, match.index)} ; ${this.left.slice(match.index + match[0].length)}`;
  }
}
