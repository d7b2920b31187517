/** Pieces of metal that tests are done on. */
export const METAL_PLACES = ['sideA', 'sideB', 'oldWeld'] as const;
export type MetalPlace = (typeof METAL_PLACES)[number];
