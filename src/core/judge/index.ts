/** What a judgement is made of: stages, limits, choices, changes. This is what screens, workers and command line see of it. */
export type { RoomState, StopId } from './room';
export type { Drawing } from './drawing';
export type { Step } from './step';
export { STATE_NAMES, speakAmount, speakGap, speakLeft, speakRoom, speakState } from './speak';
