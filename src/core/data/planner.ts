/**
 * What a change costs in minutes before the arc, by how its name begins; the first that fits counts. What is waited for or bought is told
 * by its own kind. Our judgement.
 */
export const FUSS_min: readonly (readonly [begins: string, minutes: number])[] = [
  ['amps', 0.2],
  ['pole', 0.5],
  ['aim', 0.2],
  ['arc', 0.2],
  ['travel', 0.2],
  ['pattern', 0.5],
  ['favour', 0.2],
  ['stringer', 0.2],
  ['wait', 1],
  ['rod', 1],
  ['root', 10],
  ['runs', 1],
  ['rest', 2],
  ['off-the-drum', 2],
  ['clamp', 3],
  ['cord', 5],
  ['leads', 5],
  ['use-', 5],
  ['supply', 8],
  ['machine', 8],
  ['shelter', 10],
  ['gap', 10],
  ['backing', 10],
  ['leg', 2],
  ['blow-out', 10],
  ['tabs', 10],
  ['demagnetise', 15],
  ['preheat', 15],
  ['bevel', 20],
  ['butter', 30],
  ['temper', 20],
  ['rebake', 90],
];
export const FUSS_OTHERWISE_min = 5;

/** What a thing costs that is not on the truck, and a day with less wind, in minutes of anybody's trouble: only to be set against the rest. */
export const FUSS_AWAY_min = { bring: 60, wait: 480 } as const;
