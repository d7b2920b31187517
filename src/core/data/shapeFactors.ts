import type { JointKind } from './words';

/** Shape factors of cooling times: of a bead on plate, between runs of a butt, and of fillets (EN 1011-2 annex D, from memory). */
export interface ShapeFactors {
  thin: number;
  thick: number;
}

const BUTT: ShapeFactors = { thin: 0.9, thick: 0.9 };
/** Fillets are given a span for thin plate; its middle is taken. */
const CORNER: ShapeFactors = { thin: 0.785, thick: 0.67 };
const TEE: ShapeFactors = { thin: 0.56, thick: 0.67 };
/** A run on plate. */
export const ON_PLATE: ShapeFactors = { thin: 1, thick: 1 };

/** By kind of joint. */
export const SHAPE_FACTORS: Readonly<Record<JointKind, ShapeFactors>> = {
  lap: CORNER,
  't-fillet': TEE,
  'square-butt': BUTT,
  'v-butt': BUTT,
  'outside-corner': CORNER,
  'flare-bevel': CORNER,
  plug: CORNER,
  ring: TEE,
  rectangle: TEE,
  gouge: BUTT,
  slot: CORNER,
  pad: ON_PLATE,
};
