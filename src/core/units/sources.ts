/** How far a number may be trusted. */
export type Grade =
  /** read from a named standard, handbook or paper */
  | 'published'
  /** common practice of the trade, no single source */
  | 'practice'
  /** recalled, source named, not checked against the document */
  | 'memory'
  /** fitted so that a model agrees with facts of the trade: compare choices with it, not absolute values */
  | 'calibrated';

/** Where a fact comes from. Every row of every table and every constant of a formula carries one. */
export interface Source {
  name: string;
  grade: Grade;
}

/** What each grade means to the reader of a reason. */
export const GRADE_WORDS: Record<Grade, string> = {
  published: 'published',
  practice: 'common practice',
  memory: 'from memory, unchecked',
  calibrated: 'fitted, for comparing only',
};

/** A source as it is shown: its name, and how far to trust it where the name does not already say. */
export const sourceWords = ({ name, grade }: Source): string =>
  name === GRADE_WORDS[grade] ? name : `${name} · ${GRADE_WORDS[grade]}`;

/** A named document as remembered: right in form, unchecked in figure. */
export const memoryOf = (name: string): Source => ({ name, grade: 'memory' });

export const PRACTICE: Source = { name: 'common practice', grade: 'practice' };
export const CHOSEN: Source = { name: 'what you chose or entered', grade: 'practice' };
export const BURN_THROUGH_FIT: Source = {
  name: 'thin-plate melt width, fitted to jobs that held and jobs that holed',
  grade: 'calibrated',
};
export const OUR_JUDGEMENT: Source = {
  name: 'our judgement, to be corrected by your trials',
  grade: 'calibrated',
};
export const AWS_A5_1 = memoryOf('AWS A5.1 annex, typical amperage ranges');
export const AWS_A5_1_CURRENT = memoryOf('AWS A5.1 classification');
export const AWS_A5_4 = memoryOf('AWS A5.4 annex and handbooks');
export const AWS_A5_5 = memoryOf('AWS A5.5 annex: as A5.1');
export const AWS_A5_15 = memoryOf('AWS A5.15 annex and handbooks');
export const AWS_A5_3 = memoryOf('AWS A5.3 and handbooks');
export const AWS_A5_6 = memoryOf('AWS A5.6 and handbooks');
export const AWS_A5_13 = memoryOf('AWS A5.13 and practice; varies with the core');
export const AWS_A5_11 = memoryOf('AWS A5.11 and handbooks');
export const AWS_D1_1 = memoryOf('AWS D1.1');
export const ASTM_B258: Source = { name: 'ASTM B258', grade: 'published' };
export const IACS: Source = { name: 'IACS copper, 0.017241 ohm mm2/m at 20 °C', grade: 'published' };
export const IEC_60974_1 = memoryOf('IEC 60974-1');
export const IEC_60898 = memoryOf('IEC 60898 time and current bands');
export const UL_489 = memoryOf('North American molded-case breaker bands');
export const FILLER_HANDBOOK = memoryOf('filler-metal handbook, deposition tables');
export const MSG: Source = { name: "Manufacturers' Standard Gauge for sheet steel", grade: 'memory' };
export const HANDBOOK = memoryOf('metals handbook');
export const EN_1011_2_B = memoryOf('EN 1011-2, method B');
export const EN_1011_1 = memoryOf('EN 1011-1');
export const EN_1011_2_D = memoryOf('EN 1011-2, annex D');
export const IIW_CE = memoryOf('IIW carbon equivalent, EN 1011-2');
export const ITO_BESSYO = memoryOf('Ito and Bessyo, 1968');
export const SEFERIAN = memoryOf('Seferian, square root of carbon');
export const HARDNESS_1981 = memoryOf('hardness of the hardened zone, published 1981');
export const ROSENTHAL = memoryOf('Rosenthal, 1941');
