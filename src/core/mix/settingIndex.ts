import { HAND_BEAD_DEPTH, SETTING_CRACK } from '../data/setting';
import { percentOf, type Chemistry } from './chemistry';

/**
 * UCS, units of crack susceptibility of a bead of plain steel, from its own composition in weight percent: the higher, the more it tears
 * as it sets. Carbon under 0.08 % counts as 0.08 %. Source: with the table.
 */
export function settingIndex(bead: Chemistry): number {
  const { of, carbonFrom_pct, less } = SETTING_CRACK;
  const carbon = Math.max(carbonFrom_pct, percentOf(bead, 'C'));
  return (
    of.C * carbon +
    of.S * percentOf(bead, 'S') +
    of.P * percentOf(bead, 'P') +
    of.Nb * percentOf(bead, 'Nb') +
    of.Si * percentOf(bead, 'Si') +
    of.Mn * percentOf(bead, 'Mn') -
    less
  );
}

/** The most of it that a bead by hand stands. Source: with the table. */
export function handStands(): number {
  const { deep, shallower } = SETTING_CRACK;
  return deep + (shallower.more * (1 - HAND_BEAD_DEPTH.ratio)) / shallower.ratio;
}
