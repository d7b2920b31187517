import type { Chemistry } from './chemistry';
import { percentOf } from './chemistry';
import { schaefflerEquivalents, wrcEquivalents, type Equivalents } from './equivalents';
import { overMartensite, schaefflerFerrite_pct, schaefflerField, type Field } from './schaeffler';
import { scopeOf, type Scope } from './scope';
import { cracksHot, lowNickelField, settingMode, settingRatio, type SettingMode } from './setting';
import { overWrcMartensite, wrcFN } from './wrc';

/** Martensite by both lines: over both none, between them some, under both much. */
export type MartensiteState = 'none' | 'some' | 'much';

/** A bead of one composition, judged. */
export interface JudgedWeld {
  percent: Chemistry;
  scope: Scope;
  schaeffler: Equivalents;
  wrc: Equivalents;
  field: Field;
  /** Schaeffler, %. */
  ferrite_pct: number;
  /** WRC-1992. */
  fn: number;
  martensite: MartensiteState;
  /** Ni equivalents over the line of Schaeffler, and over that of WRC-1992; below zero: martensite. */
  overSchaeffler: number;
  overWrc: number;
  ratio: number;
  mode: SettingMode;
  cracksHot: boolean;
}

/** Answers "what will this bead be once it is cold?" Ask `scope` first: outside it the figures mean nothing. */
export function judgeWeld(percent: Chemistry): JudgedWeld {
  const schaeffler = schaefflerEquivalents(percent);
  const wrc = wrcEquivalents(percent);
  const overSchaeffler = overMartensite(schaeffler);
  const overWrc = overWrcMartensite(wrc, percentOf(percent, 'Mn'));
  return {
    percent,
    scope: scopeOf(percent),
    schaeffler,
    wrc,
    field: schaefflerField(schaeffler),
    ferrite_pct: schaefflerFerrite_pct(schaeffler),
    fn: wrcFN(wrc),
    martensite: martensiteOf(percent, overSchaeffler, overWrc),
    overSchaeffler,
    overWrc,
    ratio: settingRatio(percent),
    mode: settingMode(percent),
    cracksHot: cracksHot(percent),
  };
}

function martensiteOf(percent: Chemistry, overSchaeffler: number, overWrc: number): MartensiteState {
  // Hardly any nickel: the two lines were not drawn for it, the fan was.
  const fan = lowNickelField(percent);
  if (fan !== null) return { martensite: 'much', mixed: 'some', ferrite: 'none' }[fan] as MartensiteState;
  if (overSchaeffler >= 0 && overWrc >= 0) return 'none';
  return overSchaeffler < 0 && overWrc < 0 ? 'much' : 'some';
}
