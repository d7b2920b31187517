/** The arc by its sound. This is what screens see of it. */
export { Ear, type Heard, type HeardArc } from './ear';
