/**
 * Pure functions that work an answer out once. What is asked about are immutable records: edits share what they do not touch, so a lever
 * tried on the amps finds the metal already judged.
 */

/** Answers kept where it is also asked with plain figures: at so many all are forgotten at once. */
const MOST_KEPT = 300;

/** A function of a record; its answer is kept for as long as the record. */
export function memoize<K extends object, V>(work: (record: K) => V): (record: K) => V {
  const known = new WeakMap<K, V>();
  return (record) => {
    const before = known.get(record);
    if (before !== undefined) return before;
    const value = work(record);
    known.set(record, value);
    return value;
  };
}

/**
 * A function of plain figures and words.
 * @param keyOf two questions with one key have one answer
 */
export function memoizeBy<A, V>(work: (asked: A) => V, keyOf: (asked: A) => string): (asked: A) => V {
  const known = new Map<string, V>();
  return (asked) => {
    const key = keyOf(asked);
    const before = known.get(key);
    if (before !== undefined) return before;
    if (known.size >= MOST_KEPT) known.clear();
    const value = work(asked);
    known.set(key, value);
    return value;
  };
}

/** A function of a record that is also asked with a few plain figures. */
export function memoizeWith<K extends object, A, V>(
  work: (record: K, asked: A) => V,
  keyOf: (asked: A) => string = (asked) => JSON.stringify(asked),
): (record: K, asked: A) => V {
  const answersOf = memoize((record: K) => memoizeBy((asked: A) => work(record, asked), keyOf));
  return (record, asked) => answersOf(record)(asked);
}
