import { memoryOf, OUR_JUDGEMENT, PRACTICE, type Source } from '../../units/sources';

/** A figure of a metal between two ends. */
export interface Span {
  low: number;
  high: number;
}

/** One cell of the library: what is said, and where it comes from. Null: nothing worth printing is known to us. */
export interface Cell<T> {
  value: T;
  source: Source;
}

/** Weight percent by element, each between two ends; the base metal is written as it usually falls out. */
export type Chemistry = Readonly<Partial<Record<string, Span>>>;

/** Always strongly, never to speak of, or some pieces so and some not. */
export type MagnetPull = 'strong' | 'hardly' | 'either';

/** What a family of metals is like, near 20 °C. */
export interface LibraryRow {
  density_g_cm3: Cell<Span>;
  /** Solidus to liquidus, °C. */
  melting_C: Cell<Span>;
  conductivity_W_mK: Cell<Span>;
  /** 20 to 100 °C, millionths per K. */
  expansion_um_mK: Cell<Span>;
  hardness_HB: Cell<Span>;
  /** Per cent of annealed copper. */
  iacs_pct: Cell<Span>;
  magnet: Cell<string>;
  /** How a magnet takes it, as the arc and the current in the plate see it. */
  pull: MagnetPull;
  colour: Cell<string>;
  spark: Cell<string>;
  chip: Cell<string>;
  fracture: Cell<string>;
  chemistry: Cell<Chemistry>;
  /** What most pieces that are welded have of it, where the family reaches further. */
  usual: Chemistry;
  /** What it takes from the other processes, in a line. */
  otherProcesses: Cell<string>;
}

const HANDBOOK_FIGURES = memoryOf('metals handbooks, property tables');
const HANDBOOK_CHEMISTRY = memoryOf('metals handbooks, composition limits');
const THIN = memoryOf('metals handbooks; few figures recalled, wide on purpose');
const TELL_TALES = PRACTICE;
const OTHER = memoryOf('welding handbooks, process choice');

const span = ([low, high]: readonly [number, number], source: Source): Cell<Span> => ({
  value: { low, high },
  source,
});
const said = (value: string, source: Source = TELL_TALES): Cell<string> => ({ value, source });

type Pair = readonly [number, number];
interface Short {
  rho: Pair;
  melt: Pair;
  k: Pair;
  cte: Pair;
  hb: Pair;
  iacs: Pair;
  magnet: string;
  pull: MagnetPull;
  colour: string;
  spark: string;
  chip: string;
  fracture: string;
  chem: Readonly<Record<string, Pair>>;
  usual?: Readonly<Record<string, Pair>>;
  other: string;
  /** Where the figures are thinner than the rest. */
  thin?: true;
}

const spans = (of: Readonly<Record<string, Pair>>): Chemistry =>
  Object.fromEntries(Object.entries(of).map(([element, [low, high]]) => [element, { low, high }]));

/** A row from its figures, each cell with its source. */
export function row(s: Short): LibraryRow {
  const figures = s.thin ? THIN : HANDBOOK_FIGURES;
  return {
    density_g_cm3: span(s.rho, figures),
    melting_C: span(s.melt, figures),
    conductivity_W_mK: span(s.k, figures),
    expansion_um_mK: span(s.cte, figures),
    hardness_HB: span(s.hb, figures),
    iacs_pct: span(s.iacs, figures),
    magnet: said(s.magnet),
    pull: s.pull,
    colour: said(s.colour),
    spark: said(s.spark),
    chip: said(s.chip),
    fracture: said(s.fracture),
    usual: spans(s.usual ?? {}),
    chemistry: {
      value: spans(s.chem),
      source: s.thin ? OUR_JUDGEMENT : HANDBOOK_CHEMISTRY,
    },
    otherProcesses: said(s.other, OTHER),
  };
}
