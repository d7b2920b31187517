import { NITROGEN } from '../data/constitution';
import { DEPOSIT_SCATTER } from '../data/deposits';
import { fixedChance, triangular } from '../heat/samples';
import type { Range } from '../units/range';
import type { BaseMetal } from './baseMetal';
import { mixed, type Chemistry } from './chemistry';

/** Everything that goes into a bead, with how well each is known. */
export interface MixQuestion {
  deposit: Chemistry;
  sideA: BaseMetal;
  sideB: BaseMetal;
  /** Share of melted base metal, 0 to 1. */
  dilution: Range;
  shareA: number;
}

/** One way the base metal may be. */
function drawBase({ elements }: BaseMetal, chance: () => number): Chemistry {
  return Object.fromEntries(
    Object.entries(elements).map(([element, range]) => [element, triangular(range, chance())]),
  );
}

/** One way the rod may be: tin from tin, and the nitrogen of a longer or a shorter arc. */
function drawDeposit(deposit: Chemistry, chance: () => number): Chemistry {
  const drawn: Record<string, number> = { ...deposit };
  for (const [element, half] of Object.entries(DEPOSIT_SCATTER)) {
    const nominal = deposit[element] ?? 0;
    if (nominal <= 0) continue;
    const spread = element === 'N' ? NITROGEN.doubt : Math.min(half, nominal / 2);
    drawn[element] = triangular({ low: nominal - spread, nominal, high: nominal + spread }, chance());
  }
  return drawn;
}

/**
 * Draws beads of a fixed seed, one after another, so that the same question always gives the same cloud.
 * @param same both sides are one piece of metal: drawn once for both
 */
export function* drawBeads(question: MixQuestion, count: number, same: boolean): Generator<Chemistry> {
  const { deposit, sideA, sideB, dilution, shareA } = question;
  const chance = fixedChance();
  for (let n = 0; n < count; n++) {
    const a = drawBase(sideA, chance);
    const b = same ? a : drawBase(sideB, chance);
    yield mixed(drawDeposit(deposit, chance), a, b, { dilution: triangular(dilution, chance()), shareA });
  }
}
