import type { PatternId, PieceKind } from './orderIds';
import { CORNER_SHAPE, BUTT_SHAPE, ON_PLATE, TEE_SHAPE, type ShapeFactors } from './shapeFactors';

/** Sizes that some joints have and others have not. */
export type JointSize =
  | 'cornerRadius_mm'
  | 'depth_mm'
  | 'includedAngle_deg'
  | 'leg_mm'
  | 'padHeight_mm'
  | 'padWidth_mm'
  | 'pipeDiameter_mm'
  | 'plugCount'
  | 'plugDiameter_mm'
  | 'ramp_mm'
  | 'rootFace_mm'
  | 'rootRadius_mm'
  | 'slotLength_mm'
  | 'topWidth_mm'
  | 'tubeHeight_mm'
  | 'tubeWidth_mm';

/** What a kind of joint is: a row each, and nobody asks for a kind by its name. How it is shaped stands in `joint/shapes`. */
export interface JointTraits {
  name: string;
  /** Sizes of its own, asked after the thickness. */
  sizes: readonly JointSize[];
  /** A triangle in a corner, told by its leg. */
  fillet: boolean;
  /** The rod is leant between two faces. */
  corner: boolean;
  /** One plate lies on the other: an edge that melts away, over a face that does not. */
  lapped: boolean;
  /** The gap is an open root, before a bevel. */
  groove: boolean;
  /** Two parts meet, so that there is a gap at all; else it is laid in or on one plate, and holds by itself. */
  fitUp: boolean;
  /** Two edges face one another, and shrink towards one another. */
  butt: boolean;
  /** Filled between two edges up to the face, and turned with the work. */
  trench: boolean;
  /** The arc stands down between walls that gather the field. */
  walled: boolean;
  /** Laid from both faces in turn; of a groove the root is cut out from the second. */
  twoFaced: boolean;
  /** Its face may be left standing, ground or left flush. */
  capped: boolean;
  /** Laid over a plate's face, bead over half of a bead. */
  overlay: boolean;
  /** Upright on a flange: the shrinking lifts its edges and bows it. */
  lifts: boolean;
  /** What its root asks of the arc: through the plate, through the root face, past a corner; nothing of a face. */
  root: 'through' | 'face' | 'corner' | 'none';
  /** Where its first bead lies, as dilution goes. */
  place: 'root' | 'fill' | 'overlay';
  /** The run of its weld: along a line, in holes one by one, round and round, or side by side round a tube. */
  run: 'line' | 'holes' | 'round' | 'sides';
  /** What it mostly is seen from above, where the welder does not say what is before him. */
  piece: PieceKind;
  /** The order that is usual, where none is looked for. */
  usualOrder: PatternId | null;
  /** What the trade says before it is measured; lengths in mm, temperatures in °C. */
  advice: string | null;
  /** Of its cooling. */
  shape: ShapeFactors;
}

/** A row with what most joints are. */
const joint = (row: Pick<JointTraits, 'name' | 'shape'> & Partial<JointTraits>): JointTraits => ({
  sizes: [],
  fillet: false,
  corner: row.fillet ?? false,
  lapped: false,
  groove: false,
  fitUp: true,
  advice: null,
  butt: false,
  trench: false,
  walled: false,
  twoFaced: false,
  capped: false,
  overlay: false,
  lifts: false,
  root: 'corner',
  place: 'fill',
  run: 'line',
  piece: 'plate',
  usualOrder: null,
  ...row,
});
const fillet = (row: Pick<JointTraits, 'name' | 'shape'> & Partial<JointTraits>): JointTraits =>
  joint({ fillet: true, sizes: ['leg_mm'], ...row });
const butt = (row: Pick<JointTraits, 'name'> & Partial<JointTraits>): JointTraits =>
  joint({
    butt: true,
    trench: true,
    capped: true,
    place: 'root',
    piece: 'two-plates',
    shape: BUTT_SHAPE,
    ...row,
  });
const holes = (row: Pick<JointTraits, 'name' | 'sizes'> & Partial<JointTraits>): JointTraits =>
  joint({ run: 'holes', shape: CORNER_SHAPE, ...row });

/** Joint kinds of the app. Cooling shapes of those that no standard names are taken by likeness: our judgement. */
export const JOINTS = {
  lap: fillet({ name: 'Lap', lapped: true, shape: CORNER_SHAPE }),
  't-fillet': fillet({ name: 'T-fillet', lifts: true, piece: 'tee', shape: TEE_SHAPE }),
  'double-fillet': fillet({
    name: 'T-fillet, both sides',
    twoFaced: true,
    lifts: true,
    piece: 'tee',
    shape: TEE_SHAPE,
  }),
  'square-butt': butt({ name: 'Square butt', root: 'through' }),
  'v-butt': butt({
    name: 'V butt',
    groove: true,
    walled: true,
    root: 'face',
    sizes: ['rootFace_mm', 'includedAngle_deg'],
  }),
  'double-v': butt({
    name: 'Double V butt',
    groove: true,
    walled: true,
    twoFaced: true,
    root: 'none',
    sizes: ['rootFace_mm', 'includedAngle_deg'],
  }),
  'outside-corner': joint({ name: 'Outside corner', shape: CORNER_SHAPE }),
  'flare-bevel': joint({
    name: 'Flare bevel',
    corner: true,
    sizes: ['cornerRadius_mm'],
    shape: CORNER_SHAPE,
  }),
  plug: holes({ name: 'Plug', sizes: ['plugDiameter_mm', 'plugCount'] }),
  ring: fillet({
    name: 'Ring round a pipe',
    sizes: ['pipeDiameter_mm', 'leg_mm'],
    run: 'round',
    piece: 'ring',
    usualOrder: 'straight',
    shape: TEE_SHAPE,
  }),
  rectangle: fillet({
    name: 'Round a square tube',
    sizes: ['tubeWidth_mm', 'tubeHeight_mm', 'leg_mm'],
    run: 'sides',
    piece: 'ring',
    usualOrder: 'backstep',
    shape: TEE_SHAPE,
  }),
  gouge: joint({
    name: 'Ground-out crack',
    sizes: ['depth_mm', 'topWidth_mm', 'rootRadius_mm', 'ramp_mm'],
    advice:
      'All of the crack, and 50 mm of sound metal past each end. An open boat with ramped ends and sloped sides, not a slot. Look again with dye or powder before you fill it.',
    fitUp: false,
    trench: true,
    walled: true,
    capped: true,
    place: 'root',
    shape: BUTT_SHAPE,
  }),
  slot: holes({
    name: 'Slot',
    sizes: ['plugDiameter_mm', 'slotLength_mm', 'plugCount'],
    walled: true,
  }),
  pad: joint({
    name: 'Build-up pad',
    sizes: ['padWidth_mm', 'padHeight_mm'],
    fitUp: false,
    overlay: true,
    root: 'none',
    place: 'overlay',
    shape: ON_PLATE,
  }),
} as const satisfies Record<string, JointTraits>;
export type JointKind = keyof typeof JOINTS;

/** Traits of a joint; null while nobody has said what it is. */
export const jointTraits = (kind: JointKind | null): JointTraits | null =>
  kind === null ? null : JOINTS[kind];
