import { STEPS } from './upgrades';

/** Version of jobs and kits, stored or in files. */
export const DATA_VERSION = 17;

/** Brings a job of an earlier version up to this one, or to the one that is named. */
export const upgradeJob = (job: unknown, from: number, to = DATA_VERSION): unknown =>
  steps(from, to).reduce((at, step) => step.job(at), job);

/** Brings a kit of an earlier version up to this one, or to the one that is named. */
export const upgradeKit = (kit: unknown, from: number, to = DATA_VERSION): unknown =>
  steps(from, to).reduce((at, step) => step.kit(at), kit);

const steps = (from: number, to: number) => STEPS.slice(Math.max(0, from - 1), to - 1);
