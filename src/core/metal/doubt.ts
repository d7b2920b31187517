import { DEFAULT_LOSSES, PLAN_SHARE, type Losses } from '../data/losses';
import type { Job } from '../formats/job';

/** Share of belief from which a family is planned for on this job. */
export const planShareOf = ({ metal }: Pick<Job, 'metal'>): number =>
  metal.doubt.share_pct === null ? PLAN_SHARE.value : metal.doubt.share_pct / 100;

const known = new Map<string, Losses>();

/** What being wrong costs on this job: the table's, but for what somebody set. The same settings answer the same object. */
export function lossesOf({ metal }: Job): Losses {
  const set = metal.doubt;
  const key = JSON.stringify({ ...set, share_pct: null });
  const losses = known.get(key) ?? {
    wastedRods: set.wastedRods ?? DEFAULT_LOSSES.wastedRods,
    sentOut: set.sentOut ?? DEFAULT_LOSSES.sentOut,
    cracked: set.cracked ?? DEFAULT_LOSSES.cracked,
    partLost: set.partLost ?? DEFAULT_LOSSES.partLost,
    personHurt: set.personHurt ?? DEFAULT_LOSSES.personHurt,
  };
  known.set(key, losses);
  return losses;
}
