/** Shape factors of cooling times: of a bead on plate, between runs of a butt, and of fillets (EN 1011-2 annex D, from memory). */
export interface ShapeFactors {
  thin: number;
  thick: number;
}

export const BUTT_SHAPE: ShapeFactors = { thin: 0.9, thick: 0.9 };
/** Fillets are given a span for thin plate; its middle is taken. */
export const CORNER_SHAPE: ShapeFactors = { thin: 0.785, thick: 0.67 };
export const TEE_SHAPE: ShapeFactors = { thin: 0.56, thick: 0.67 };
/** A run on plate. */
export const ON_PLATE: ShapeFactors = { thin: 1, thick: 1 };
