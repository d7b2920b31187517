import type { Situation } from '../../judge/situation';
import { trimmed } from '../../units/format';
import { byEye, whileOpen } from './byEye';
import { CHECK_WHEN, type Check } from './check';
import { forCracks } from './forCracks';
import { ofService, ofShape } from './ofPart';
import { ofMetal, ofSize } from './ofWeld';

/** Answers "how do I know that it holds?": what a repair is looked at for, in the order of the work; must stands before may. */
export function checksFor(situation: Situation): Check[] {
  const found = [
    ...whileOpen(situation),
    ...byEye(situation),
    ...forCracks(situation),
    ...ofSize(situation),
    ...ofMetal(situation),
    ...ofShape(situation),
    ...ofService(situation),
  ];
  const order = Object.keys(CHECK_WHEN);
  return found.sort(
    (a, b) => order.indexOf(a.when) - order.indexOf(b.when) || Number(b.must) - Number(a.must),
  );
}

/** A check as one line of a sheet. */
export const checkInWords = ({ name, when, how, limit, who }: Check): string =>
  `${name}, ${CHECK_WHEN[when]}: ${how}${limit === '' ? '' : ` Usual limit: ${limit}.`}${who === '' ? '' : ` By: ${who}.`}`;

/** Attempts after which another way is taken. */
export const MOST_TRIES = 2;

/** What is said of a check that was done over: after two tries another way. */
export const triedInWords = (redone: number): string =>
  redone >= MOST_TRIES
    ? `Done over ${trimmed(redone, 0)} times: another way now, and another pair of eyes.`
    : 'Take it out, find out why, and weld it again.';
