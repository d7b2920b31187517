import { NITROGEN } from '../data/constitution';
import { DEPOSIT_SCATTER } from '../data/deposits';
import { fixedChance, triangular } from '../units/chance';
import type { Range } from '../units/range';
import type { BaseMetal } from './baseMetal';
import { MIX_ELEMENTS, percentOf, type Chemistry, type Stirred } from './chemistry';

/** Everything that goes into a bead, with how well each is known. */
export interface MixQuestion {
  deposit: Chemistry;
  sideA: BaseMetal;
  sideB: BaseMetal;
  /** Share of melted base metal, 0 to 1. */
  dilution: Range;
  shareA: number;
}

/** Percent by element, in the order of MIX_ELEMENTS. */
type Row = Float64Array;
/** What of a metal is drawn. */
type Drawn = readonly { at: number; range: Range }[];

const placeOf = (element: string): number => (MIX_ELEMENTS as readonly string[]).indexOf(element);

/** The elements of a base metal. */
const drawnOfBase = ({ elements }: BaseMetal): Drawn =>
  Object.entries(elements).map(([element, range]) => ({ at: placeOf(element), range }));

/** How a rod differs from tin to tin, and the nitrogen of a longer or a shorter arc. */
const drawnOfDeposit = (deposit: Chemistry): Drawn =>
  Object.entries(DEPOSIT_SCATTER).flatMap(([element, half]) => {
    const nominal = deposit[element] ?? 0;
    if (nominal <= 0) return [];
    const spread = element === 'N' ? NITROGEN.doubt : Math.min(half, nominal / 2);
    return [{ at: placeOf(element), range: { low: nominal - spread, nominal, high: nominal + spread } }];
  });

/** One way that a metal may be; an element no diagram reads is drawn for nothing. */
function draw(row: Row, drawn: Drawn, chance: () => number): void {
  for (const { at, range } of drawn) {
    const value = triangular(range, chance());
    if (at >= 0) row[at] = value;
  }
}

/**
 * Draws beads of a fixed seed, one after another, so that the same question always gives the same cloud.
 * @param same both sides are one piece of metal: drawn once for both
 */
export function* drawBeads(question: MixQuestion, count: number, same: boolean): Generator<Chemistry> {
  const { deposit, sideA, sideB, dilution, shareA } = question;
  const chance = fixedChance();
  const rod = Float64Array.from(MIX_ELEMENTS, (element) => percentOf(deposit, element));
  const a = new Float64Array(MIX_ELEMENTS.length);
  const b = same ? a : new Float64Array(MIX_ELEMENTS.length);
  const [ofRod, ofA, ofB] = [drawnOfDeposit(deposit), drawnOfBase(sideA), same ? [] : drawnOfBase(sideB)];
  for (let n = 0; n < count; n++) {
    draw(a, ofA, chance);
    draw(b, ofB, chance);
    draw(rod, ofRod, chance);
    yield stirred(rod, a, b, { dilution: triangular(dilution, chance()), shareA });
  }
}

/** As `mixed`, by rows. */
function stirred(rod: Row, a: Row, b: Row, { dilution, shareA }: Stirred): Chemistry {
  const bead: Record<string, number> = {};
  for (const [at, element] of MIX_ELEMENTS.entries()) {
    const base = shareA * (a[at] ?? 0) + (1 - shareA) * (b[at] ?? 0);
    bead[element] = (1 - dilution) * (rod[at] ?? 0) + dilution * base;
  }
  return bead;
}
