/** What is printed on a rod or typed in a table of tins. This is what screens, workers and command line see of it. */
export { decodeRod, type Decoded } from './decode';
export type { RodWord } from './rodWord';
export { readTinsCsv, writeTinsCsv } from './tinsCsv';
