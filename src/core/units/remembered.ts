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
