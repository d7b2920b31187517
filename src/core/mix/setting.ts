import { FAN, FAN_WINDOW, HOT_CRACK } from '../data/constitution';
import { percentOf, type Chemistry } from './chemistry';
import { balmforthLippoldEquivalents, hammarSvenssonEquivalents } from './equivalents';

/** How a weld sets: austenite first, ferrite first, or ferrite to the end. */
export type SettingMode = 'austenite' | 'ferrite-then-austenite' | 'ferrite';

/** Ratio over which it stays ferrite to the end (2.0, from memory). */
const ALL_FERRITE_RATIO = 2;

/** Creq over Nieq by Hammar and Svensson. */
export function settingRatio(weld: Chemistry): number {
  const { creq, nieq } = hammarSvenssonEquivalents(weld);
  return nieq <= 0 ? Infinity : creq / nieq;
}

export function settingMode(weld: Chemistry): SettingMode {
  const ratio = settingRatio(weld);
  if (ratio < HOT_CRACK.ratio) return 'austenite';
  return ratio <= ALL_FERRITE_RATIO ? 'ferrite-then-austenite' : 'ferrite';
}

/** Cracks as it sets: so much sulphur always, and dirt where austenite comes first. */
export function cracksHot(weld: Chemistry): boolean {
  const sulphur = percentOf(weld, 'S');
  const dirt = sulphur + percentOf(weld, 'P');
  return (
    sulphur > HOT_CRACK.sulphurAlways || (settingRatio(weld) < HOT_CRACK.ratio && dirt > HOT_CRACK.impurity)
  );
}

/** Stainless with hardly any nickel, in words: the fan of Balmforth and Lippold; null outside what it is meant for. */
export function lowNickelField(weld: Chemistry): 'martensite' | 'mixed' | 'ferrite' | null {
  const [cr, ni] = [percentOf(weld, 'Cr'), percentOf(weld, 'Ni')];
  if (cr < FAN_WINDOW.cr[0] || cr > FAN_WINDOW.cr[1] || ni > FAN_WINDOW.ni[1]) return null;
  const share = fanShare(weld);
  return share < 0.1 ? 'martensite' : share < 0.8 ? 'mixed' : 'ferrite';
}

/** Place between the two lines of the fan, 0 to 1. Never shown as a figure: three cases hold the lines. */
export function fanShare(weld: Chemistry): number {
  const { creq, nieq } = balmforthLippoldEquivalents(weld);
  const from = FAN.none.at0 + FAN.none.slope * nieq;
  const to = FAN.all.at0 + FAN.all.slope * nieq;
  return Math.min(1, Math.max(0, (creq - from) / (to - from)));
}
