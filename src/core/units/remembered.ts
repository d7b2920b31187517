/**
 * A pure function of an immutable record that works a record out once: edits share what they do not touch, so a lever tried on the amps
 * finds the metal already judged.
 */
export function remembered<K extends object, V>(work: (record: K) => V): (record: K) => V {
  const known = new WeakMap<K, V>();
  return (record) => {
    const before = known.get(record);
    if (before !== undefined) return before;
    const value = work(record);
    known.set(record, value);
    return value;
  };
}

/** Answers kept for one record: more than these are forgotten, all at once. */
const MOST_KEPT = 200;

/** The same for what is also asked with a few plain figures: a lever that leaves them as they are finds the answer made. */
export function rememberedWith<K extends object, A, V>(
  work: (record: K, asked: A) => V,
): (record: K, asked: A) => V {
  const answersOf = remembered((_: K) => new Map<string, V>());
  return (record, asked) => {
    const answers = answersOf(record);
    const key = JSON.stringify(asked);
    const before = answers.get(key);
    if (before !== undefined) return before;
    if (answers.size >= MOST_KEPT) answers.clear();
    const value = work(record, asked);
    answers.set(key, value);
    return value;
  };
}
