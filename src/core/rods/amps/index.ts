/** How many amps a rod takes. This is what screens, workers and command line see of it. */
export { ampWindow } from './amps';
export { chartAmps } from '../stages/amps';
