/** Every test of a base metal, by id, from free to costly. What each is stands in the table keyed by it. */
export const TEST_IDS = [
  'magnet',
  'look',
  'stain',
  'heft',
  'density',
  'colour',
  'file',
  'ring',
  'chip',
  'fracture',
  'nick-bend',
  'spark',
  'torch',
  'sulphate',
  'caustic',
  'hardness',
  'conductivity',
  'chemistry',
] as const;

export type TestId = (typeof TEST_IDS)[number];
