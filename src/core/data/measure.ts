import { memoryOf, OUR_JUDGEMENT, type Source } from '../units/sources';

/** What lies in a picture to tell its scale by. Flat things of a known size put right how the camera was tilted; two points do not. */
export interface ScaleThing {
  name: string;
  words: string;
  /** Width and height, mm; null where two points of a known distance are marked. */
  size_mm: readonly [number, number] | null;
  source: Source;
}

export const SCALES = {
  card: {
    name: 'A bank or pass card',
    words: 'Press its four corners: top left, top right, bottom right, bottom left.',
    size_mm: [85.6, 53.98],
    source: memoryOf('ISO/IEC 7810, ID-1'),
  },
  sheet: {
    name: 'A sheet of A4',
    words:
      'Press its four corners: top left, top right, bottom right, bottom left, the long side along the top.',
    size_mm: [297, 210],
    source: memoryOf('ISO 216'),
  },
  letter: {
    name: 'A sheet of US letter',
    words:
      'Press its four corners: top left, top right, bottom right, bottom left, the long side along the top.',
    size_mm: [279.4, 215.9],
    source: memoryOf('ANSI/ASME Y14.1, size A'),
  },
  points: {
    name: 'Two points I know',
    words: 'A rod, a tape: mark two points and type how far apart they are. Hold the camera square to it.',
    size_mm: null,
    source: OUR_JUDGEMENT,
  },
} as const satisfies Record<string, ScaleThing>;
export type ScaleId = keyof typeof SCALES;
export const SCALE_IDS = Object.keys(SCALES) as [ScaleId, ...ScaleId[]];
export const scaleThing = (id: ScaleId): ScaleThing => SCALES[id];

/** How far a mark under the magnifier is off, as a share of the picture's longer side, and what a phone's lens bends, as a share of a length. */
export const MARK_DOUBT = { finger: 0.0012, lens: 0.012, tilt: 0.03, source: OUR_JUDGEMENT } as const;
