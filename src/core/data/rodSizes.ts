/**
 * A rod diameter as sold, with its usual length: AWS A5.1, from memory. Core wire and length decide what one rod lays. 3/32 is sold as 300
 * and as 350 mm; most tins hold the longer (common practice), and a tin's own length counts where it is typed.
 */
export interface RodSize {
  /** Core wire, mm. */
  diameter_mm: number;
  /** As spoken, inches. */
  inches: string;
  length_mm: number;
}

export const ROD_SIZES = {
  '1/16': { diameter_mm: 1.6, inches: '1/16', length_mm: 250 },
  '5/64': { diameter_mm: 2.0, inches: '5/64', length_mm: 300 },
  '3/32': { diameter_mm: 2.4, inches: '3/32', length_mm: 350 },
  '1/8': { diameter_mm: 3.2, inches: '1/8', length_mm: 350 },
  '5/32': { diameter_mm: 4.0, inches: '5/32', length_mm: 350 },
  '3/16': { diameter_mm: 4.8, inches: '3/16', length_mm: 350 },
} as const satisfies Record<string, RodSize>;

export type RodSizeId = keyof typeof ROD_SIZES;
export const ROD_SIZE_IDS = Object.keys(ROD_SIZES) as [RodSizeId, ...RodSizeId[]];

/** The bare end that stays in the holder, mm: below it the printed code is reached. Common practice. */
export const STUB_mm = 50;
