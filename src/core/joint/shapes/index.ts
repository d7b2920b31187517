import type { JointKind } from '../../data/joints';
import { DOUBLE_V, SQUARE_BUTT, V_BUTT } from './butt';
import { DOUBLE_TEE, LAP, RECTANGLE, RING, TEE } from './fillet';
import { FLARE_BEVEL } from './flare';
import { GOUGE } from './gouge';
import { PLUG, SLOT } from './hole';
import { OUTSIDE_CORNER } from './outsideCorner';
import { PAD } from './pad';
import type { JointShape } from './shape';

/** How each kind of joint is shaped. */
export const JOINT_SHAPES: Readonly<Record<JointKind, JointShape>> = {
  lap: LAP,
  't-fillet': TEE,
  'double-fillet': DOUBLE_TEE,
  'square-butt': SQUARE_BUTT,
  'v-butt': V_BUTT,
  'double-v': DOUBLE_V,
  'outside-corner': OUTSIDE_CORNER,
  'flare-bevel': FLARE_BEVEL,
  plug: PLUG,
  ring: RING,
  rectangle: RECTANGLE,
  gouge: GOUGE,
  slot: SLOT,
  pad: PAD,
};
