declare module 'periodic-table' {
  /** Facts of the elements, by symbol; densities in g/cm3. */
  const elements: { symbols: Record<string, { name: string; density?: number } | undefined> };
  export default elements;
}
