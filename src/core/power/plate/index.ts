/** What stands on a machine’s plate. This is what screens, workers and command line see of it. */
export { readPlate, type Figure } from './nameplate';
