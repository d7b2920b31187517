/** Whether it may be welded at all, how a casting is mended, and the other ways. This is what screens, workers and command line see of it. */
export { otherWaysFor, type OtherWayHere } from './otherWays';
export { clashInWords, fireWatch_s, hasPermit, hotWork, type HotWork } from './permit';
export { asksForRepair, redoJob } from './redo';
export { WITHHELD_WORDS, type Withheld } from './withheld';
