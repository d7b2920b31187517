import { memoryOf, OUR_JUDGEMENT } from '../units/sources';

/**
 * Lines of the constitution diagrams, redrawn from memory and made to meet: four master curves on the Schaeffler diagram, straight
 * lines on WRC-1992. Points are [Cr equivalent, Ni equivalent]. Good for bands, not for single figures.
 */

export type DiagramPoint = readonly [creq: number, nieq: number];

export const SCHAEFFLER_SOURCE = memoryOf('Schaeffler 1949, lines redrawn');
export const WRC_SOURCE = memoryOf('WRC-1992 (Kotecki and Siewert), lines redrawn');
export const SEFERIAN_FERRITE = memoryOf('Seferian, ferrite on Schaeffler’s axes');
export const DELONG_SOURCE = memoryOf('DeLong 1973, linear form');
export const HAMMAR_SVENSSON = memoryOf('Hammar and Svensson 1979');
export const KUJANPAA = memoryOf('Kujanpää and others 1979');
export const BALMFORTH_LIPPOLD = memoryOf('Balmforth and Lippold 2000, lines redrawn');

/** Where three or more fields of the Schaeffler diagram meet. */
const P1: DiagramPoint = [17.86, 12];
const P2: DiagramPoint = [13.8, 8];
const Q1: DiagramPoint = [21, 3.5];
const Q2: DiagramPoint = [26.6, 5.8];

/** Under it there is martensite. */
export const NO_MARTENSITE: readonly DiagramPoint[] = [[0, 24.7], P1, Q2];
/** Over it there is austenite. */
export const NO_AUSTENITE: readonly DiagramPoint[] = [[0, 18], P2, Q1, Q2, [40, 11.2]];
/** Right of the last there is nothing but ferrite. */
export const ALL_FERRITE: readonly DiagramPoint[] = [[13.5, 0], Q1, Q2, [40, 11.2]];

/** Ends of the lines of equal ferrite. The part under the martensite line is a construct, so that a number exists there. */
export interface FerriteLine {
  percent: number;
  points: readonly DiagramPoint[];
  /** Share of the way from the first line to the last on the master curves. */
  share: number;
}

const along = (a: DiagramPoint, b: DiagramPoint, share: number): DiagramPoint => [
  a[0] + share * (b[0] - a[0]),
  a[1] + share * (b[1] - a[1]),
];
const FLOOR: readonly [DiagramPoint, DiagramPoint] = [
  [8, 0],
  [13.5, 0],
];
const line = (percent: number, share: number, end: DiagramPoint): FerriteLine => ({
  percent,
  share,
  points: [along(FLOOR[0], FLOOR[1], share), along(P2, Q1, share), along(P1, Q2, share), end],
});

export const FERRITE_LINES: readonly FerriteLine[] = [
  line(0, 0, [34.6, 30]),
  line(5, 0.115, [36.27, 30]),
  line(10, 0.23, [37.9, 30]),
  line(20, 0.43, [40, 27.8]),
  line(40, 0.62, [40, 21.5]),
  line(80, 0.86, [40, 14.7]),
  line(100, 1, [40, 11.2]),
];

/** Lines of equal ferrite number: Creq = at9 + slope (Nieq - 9). */
export interface FerriteNumberLine {
  fn: number;
  at9: number;
  slope: number;
}
const fnLine = (fn: number, at9: number, slope: number): FerriteNumberLine => ({ fn, at9, slope });

export const FN_LINES: readonly FerriteNumberLine[] = [
  fnLine(0, 14.2, 1),
  fnLine(10, 16.95, 0.985),
  fnLine(20, 18.9, 1),
  fnLine(30, 20.3, 1.02),
  fnLine(40, 21.4, 1.03),
  fnLine(50, 22.35, 1.05),
  fnLine(60, 23.2, 1.1),
  fnLine(70, 24, 1.15),
  fnLine(80, 24.8, 1.22),
  fnLine(90, 25.55, 1.3),
  fnLine(100, 26.25, 1.4),
];
/** What the printed WRC-1992 diagram covers. */
export const WRC_WINDOW = { creq: [17, 31], nieq: [9, 18] } as const;
/** Under Nieq = at0 + slope Creq + perMn (Mn - 1) a bead bent on its root cracks: martensite. */
export const WRC_MARTENSITE = {
  at0: 20.5,
  slope: -0.6,
  perMn: -0.5,
  source: memoryOf('Kotecki 1999 and 2000; the line is placed, and may lie 1.5 either way'),
} as const;
/** Straight fan of Balmforth and Lippold: no ferrite left of the first, nothing else right of the second. */
export const FAN = {
  none: { at0: 10.2, slope: 0.75 },
  all: { at0: 12, slope: 2.3 },
  source: BALMFORTH_LIPPOLD,
} as const;
/** Chromium and nickel between which that fan is meant, %. */
export const FAN_WINDOW = { cr: [10.5, 30], ni: [0, 3] } as const;

/** How far the line that answers may lie off, in equivalents. */
export const LINE_DOUBT = {
  schaeffler: 1,
  wrc: 0.5,
  source: memoryOf('scatter told with the diagrams'),
} as const;

/** When the diagrams have nothing to say, weight percent of the mixed weld. */
export const SCOPE = {
  aluminium: 50,
  copper: 30,
  nickel: 30,
  carbonIron: 2,
  plainSteel: 3,
  manganese: { mn: 8, c: 0.3 },
  fullAnswerFrom_Cr: 9,
  source: OUR_JUDGEMENT,
} as const;

/** Ferrite that a weld wants. FN and, on the Schaeffler diagram, percent. */
export const FERRITE_WANTED = {
  least: 3,
  /** Ordinary service. */
  most: 20,
  /** Far past it the weld is brittle in the cold and corrodes. */
  closed: 60,
  /** Long between 500 and 900 °C, or stress relieved: ferrite turns to sigma. */
  hotMost: 10,
  hotClosed: 12,
  source: memoryOf('handbook ferrite targets for austenitic weld metal'),
} as const;
/** Ferrite number that duplex weld metal wants. */
export const DUPLEX_FERRITE = {
  least: 30,
  most: 70,
  closed: 100,
  source: memoryOf('EN 1011-3 and practice, duplex'),
} as const;
/** Metal that runs over this in service lets ferrite turn to sigma, °C. */
export const SIGMA_FROM_C = { value: 500, to: 900, source: memoryOf('handbooks, sigma phase') } as const;

/** Primary austenite under the ratio, with more phosphorus and sulphur than this, cracks as it sets. */
export const HOT_CRACK = {
  ratio: 1.5,
  impurity: 0.02,
  /** This much sulphur cracks whatever the ratio. */
  sulphurAlways: 0.1,
  source: KUJANPAA,
} as const;
/** Nitrogen that an arc takes in, and what a long one adds, %. */
export const NITROGEN = {
  doubt: 0.015,
  longArc: 0.035,
  source: memoryOf('handbooks, nitrogen in stick deposits'),
} as const;
/** Concave beads of -17 rods pull apart along the middle sooner: that much more ferrite is wanted. */
export const CONCAVE_WANTS_FN = { value: 1, source: OUR_JUDGEMENT } as const;
