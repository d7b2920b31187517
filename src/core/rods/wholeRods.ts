import { SPOIL_SHARE } from '../data/limits';

/** Rods the job takes, whole rods with spoil, at the careful and the spendthrift end. */
export const wholeRods = (exact: number) => ({
  low: Math.ceil(exact - 1e-9),
  nominal: Math.ceil(exact * (1 + SPOIL_SHARE) - 1e-9),
  high: Math.ceil(exact * (1 + 2 * SPOIL_SHARE) - 1e-9),
});
