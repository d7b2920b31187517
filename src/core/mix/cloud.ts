import { depositOf } from '../data/deposits';
import { percentile, QUANTILES } from '../units/chance';
import type { Range } from '../units/range';
import type { PairQuestion } from './pair';
import { drawBeads } from './samples';
import { fieldName } from './schaeffler';
import type { Equivalents } from './equivalents';
import { judgeWeld, type MartensiteState } from './weld';

/** Part of a diagram that is shown. */
export interface Window {
  creq: readonly [number, number];
  nieq: readonly [number, number];
}

export type DiagramId = 'schaeffler' | 'closer' | 'wrc';

/** Schaeffler whole, the part of it where stainless beads lie, and WRC-1992 with a margin round its printed window. */
export const SHOWN: Readonly<Record<DiagramId, Window>> = {
  schaeffler: { creq: [0, 36], nieq: [0, 30] },
  closer: { creq: [12, 32], nieq: [6, 20] },
  wrc: { creq: [13, 31], nieq: [6, 19] },
};

/** Squares a diagram is counted in, across and up. */
export const CELLS = { across: 72, up: 60 } as const;

/** A square with beads in it: where, and how thickly they lie, 1 the thinnest to 3. */
export interface Cell {
  column: number;
  row: number;
  level: 1 | 2 | 3;
}

/** Beads drawn of all that is plausible, counted. */
export interface Cloud {
  count: number;
  cells: Readonly<Record<DiagramId, readonly Cell[]>>;
  /** Shares of the beads by field and by martensite, most first. */
  fields: readonly { name: string; share: number }[];
  martensite: Readonly<Record<MartensiteState, number>>;
  fn: Range;
  ferrite_pct: Range;
  cracksHot: number;
}

/** One pair of metals with the belief in it. */
export interface CloudPair {
  question: PairQuestion;
  share: number;
}

/** Shares of the fullest square over which a square counts as thick, and as middling. */
const THICK = { third: 0.4, second: 0.1 };

/**
 * Answers "where may this bead come to lie?": beads drawn over grades, tins, arc length and dilution, pair by pair as far as each is
 * believed. Fixed seed.
 */
export function cloudOf(pairs: readonly CloudPair[], count: number): Cloud {
  const total = pairs.reduce((sum, { share }) => sum + share, 0);
  const counted = {
    schaeffler: new Grid(SHOWN.schaeffler),
    closer: new Grid(SHOWN.closer),
    wrc: new Grid(SHOWN.wrc),
  };
  const fields = new Map<string, number>();
  const martensite = { none: 0, some: 0, much: 0 };
  const fn: number[] = [];
  const ferrite: number[] = [];
  let cracksHot = 0;
  for (const { question, share } of pairs) {
    const { rodClass, sideA, sideB, dilution, shareA } = question;
    const deposit = depositOf(rodClass).percent;
    const own = Math.max(1, Math.round((count * share) / Math.max(total, 1e-9)));
    for (const bead of drawBeads({ deposit, sideA, sideB, dilution, shareA }, own, sideA === sideB)) {
      const weld = judgeWeld(bead);
      counted.schaeffler.add(weld.schaeffler);
      counted.closer.add(weld.schaeffler);
      counted.wrc.add(weld.wrc);
      const name = fieldName(weld.field);
      fields.set(name, (fields.get(name) ?? 0) + 1);
      martensite[weld.martensite] += 1;
      cracksHot += Number(weld.cracksHot);
      fn.push(weld.fn);
      ferrite.push(weld.ferrite_pct);
    }
  }
  const drawn = Math.max(1, fn.length);
  return {
    count: fn.length,
    cells: {
      schaeffler: counted.schaeffler.cells(),
      closer: counted.closer.cells(),
      wrc: counted.wrc.cells(),
    },
    fields: [...fields]
      .map(([name, number]) => ({ name, share: number / drawn }))
      .sort((a, b) => b.share - a.share),
    martensite: {
      none: martensite.none / drawn,
      some: martensite.some / drawn,
      much: martensite.much / drawn,
    },
    fn: spanOf(fn),
    ferrite_pct: spanOf(ferrite),
    cracksHot: cracksHot / drawn,
  };
}

/** Nineteen of twenty, and the middle one. */
function spanOf(values: number[]): Range {
  const sorted = Float64Array.from(values).sort();
  return {
    low: percentile(sorted, QUANTILES.low),
    nominal: percentile(sorted, 0.5),
    high: percentile(sorted, QUANTILES.high),
  };
}

/** Counts points in the squares of a diagram. */
class Grid {
  private readonly counts = new Int32Array(CELLS.across * CELLS.up);

  constructor(private readonly shown: Window) {}

  add({ creq, nieq }: Equivalents): void {
    const {
      creq: [left, right],
      nieq: [bottom, top],
    } = this.shown;
    const column = Math.floor(((creq - left) / (right - left)) * CELLS.across);
    const row = Math.floor(((nieq - bottom) / (top - bottom)) * CELLS.up);
    if (column < 0 || row < 0 || column >= CELLS.across || row >= CELLS.up) return;
    const at = row * CELLS.across + column;
    this.counts[at] = (this.counts[at] ?? 0) + 1;
  }

  cells(): Cell[] {
    const most = this.counts.reduce((a, b) => Math.max(a, b), 1);
    const cells: Cell[] = [];
    this.counts.forEach((number, at) => {
      if (number === 0) return;
      const share = number / most;
      cells.push({
        column: at % CELLS.across,
        row: Math.floor(at / CELLS.across),
        level: share >= THICK.third ? 3 : share >= THICK.second ? 2 : 1,
      });
    });
    return cells;
  }
}
