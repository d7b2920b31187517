import { DEFAULT_LOSSES, FAILS_SHARE, HURTS_SHARE, PLAN_SHARE, type Losses } from '../data/losses';
import type { Job } from '../formats/job';
import { memoizeBy } from '../units/memoize';

/** Share of belief from which a family is planned for on this job. */
export const planShareOf = ({ metal }: Pick<Job, 'metal'>): number =>
  metal.doubt.share_pct === null ? PLAN_SHARE.value : metal.doubt.share_pct / 100;

/** Shares of belief from which a metal has to be reckoned with: any, one that burns or poisons, one that no weld holds on. */
export interface Shares {
  plan: number;
  hurts: number;
  fails: number;
}

export const USUAL_SHARES: Shares = {
  plan: PLAN_SHARE.value,
  hurts: HURTS_SHARE.value,
  fails: FAILS_SHARE.value,
};

/** The shares of this job. */
export const sharesOf = ({ metal: { doubt } }: Pick<Job, 'metal'>): Shares => ({
  plan: doubt.share_pct === null ? USUAL_SHARES.plan : doubt.share_pct / 100,
  hurts: doubt.hurts_pct === null ? USUAL_SHARES.hurts : doubt.hurts_pct / 100,
  fails: doubt.fails_pct === null ? USUAL_SHARES.fails : doubt.fails_pct / 100,
});

const lossesWith = memoizeBy(
  (set: Job['metal']['doubt']): Losses => ({
    wastedRods: set.wastedRods ?? DEFAULT_LOSSES.wastedRods,
    sentOut: set.sentOut ?? DEFAULT_LOSSES.sentOut,
    cracked: set.cracked ?? DEFAULT_LOSSES.cracked,
    partLost: set.partLost ?? DEFAULT_LOSSES.partLost,
    personHurt: set.personHurt ?? DEFAULT_LOSSES.personHurt,
  }),
  (set) => JSON.stringify({ ...set, share_pct: null, hurts_pct: null, fails_pct: null }),
);

/** What being wrong costs on this job: the table's, but for what somebody set. The same settings answer the same object. */
export const lossesOf = ({ metal }: Job): Losses => lossesWith(metal.doubt);
