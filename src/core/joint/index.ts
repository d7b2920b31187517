/** The joint: its kind, sizes, section and line. This is what screens, workers and command line see of it. */
export { canBeBacked, type JointGeometry } from './geometry';
export { excavationFor } from './excavation';
export type { Point } from './region';
export { gripped, gripsOf, sectionOf, type Section } from './section';
export type { Grip } from './shapes/shape';
export { asKept, endsOnStartAt, type Laid } from './segments';
export { ASSUMED_ROOT_FACE_mm, ASSUMED_V_ANGLE_deg } from './shapes/butt';
export { ASSUMED_GOUGE_RADIUS_mm } from './shapes/gouge';
