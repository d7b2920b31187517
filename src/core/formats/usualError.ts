/** Error taken where the instrument gives none: a share of the reading, and a least one, %. Common practice for handheld X-ray. */
const USUAL_ERROR_SHARE = 0.03;
export const USUAL_ERROR = 0.02;

/** The error taken for a reading that came without one, %. */
export const usualError = (percent: number): number =>
  Math.max(USUAL_ERROR, Number((USUAL_ERROR_SHARE * percent).toPrecision(2)));
