import { z } from 'zod';
import { SCALE_IDS } from '../data/measure';
import { MOST_MARKS } from './limits';
import { idText, optionalNumber, typedTexts } from './parts';

/** A place in a picture, as shares of its width and height; a mark may stand a little outside. */
const Mark = z.tuple([z.number().min(-0.5).max(1.5), z.number().min(-0.5).max(1.5)]);

/** Something measured on a picture: the picture by its id, what tells its scale, and the line that was measured. */
export const Measured = z.object({
  id: idText,
  at: z.iso.datetime(),
  photo: idText,
  width_px: z.number().int().min(1).max(20_000),
  height_px: z.number().int().min(1).max(20_000),
  scale: z.enum(SCALE_IDS),
  /** Corners of the known thing in turn, or two points. */
  corners: z.array(Mark).min(2).max(4),
  known_mm: optionalNumber('measured.known_mm'),
  along: z.array(Mark).min(2).max(MOST_MARKS),
  /** The field it went into; null: none yet. */
  into: z.string().max(60).nullable(),
  typed: typedTexts,
});
export type Measured = z.infer<typeof Measured>;
