/** Most characters of a text somebody types. */
export const LONGEST = {
  title: 120,
  name: 120,
  note: 200,
  printed: 40,
  part: 200,
  broke: 1000,
  /** What stands in a number field, word for word. */
  typed: 200,
} as const;

/** Most items on a shelf of the kit. */
export const MOST_ITEMS = {
  machines: 50,
  supplies: 50,
  tins: 200,
  cords: 50,
  leads: 50,
  tools: 100,
  fillers: 100,
  bottles: 50,
  tungstens: 50,
  trials: 500,
} as const;

/** Most points of a line that is measured on a picture, and most that is measured in a job. */
export const MOST_MARKS = 30;
export const MOST_MEASURED = 40;
/** Most that is written down of one tin. */
export const MOST_TIN_EVENTS = 100;
/** Most pictures, rated points and columns of one plate. */
export const MOST_PHOTOS = 6;
/** Most pictures of one finding. */
export const MOST_FINDING_PHOTOS = 4;
export const MOST_RATED = 16;
export const MOST_INPUTS = 4;

/** Most that is written down of one job's work: more than a day of it. */
export const MOST_RUN_EVENTS = 6000;
/** Hotter nothing is that can be welded on, °C. */
export const HOTTEST_READING_C = 1500;
