import { COATINGS } from '../../data/coatings';
import { metalFamily } from '../../data/metals';
import { PRACTICE } from '../../data/sources';
import { unknown, yesNo } from '../room';
import type { Situation } from '../situation';
import type { Assessor } from './assessor';

/** Coatings of both sides; null where nobody has said. */
export const coatingsOf = ({ job }: Situation) =>
  job.metal.sameBothSides ? [job.metal.sideA.coating] : [job.metal.sideA.coating, job.metal.sideB.coating];

/** Is the metal known, and may it be arc welded at all? */
export const metal: Assessor = {
  id: 'metal',
  title: 'Metal',
  short: 'metal',
  stop: 'metal',
  assess(situation) {
    const { wants } = situation;
    const names = [...new Set(wants.families.map((id) => metalFamily(id).name))].join(' to ');
    const coatings = coatingsOf(situation);
    if (coatings.includes('cadmium')) {
      return yesNo('closed', {
        now: 'cadmium',
        gap: 'never heat it',
        until: 'not by arc',
        reasons: [{ words: COATINGS.cadmium.words, source: PRACTICE }],
      });
    }
    switch (wants.verdict) {
      case 'never':
        return yesNo('closed', {
          now: names,
          gap: 'not by arc in the field',
          until: 'never',
          reasons: [{ words: `${wants.why} Instead: ${wants.instead}`, source: PRACTICE }],
        });
      case 'unknown':
        return unknown(
          {
            now: 'not known',
            gap: 'what is it?',
            until: 'planned as the worst',
            reasons: [{ words: `${wants.why} ${wants.instead}`, source: PRACTICE }],
            ask: 'Name the family of each side, or leave it and treat the sheet as a draft.',
          },
          true,
        );
      case 'last-resort':
        return yesNo('departure', {
          now: names,
          gap: 'last resort only',
          until: 'nothing critical',
          reasons: [{ words: `${wants.why} Better: ${wants.instead}`, source: PRACTICE }],
        });
      case 'yes':
        break;
    }
    if (coatings.includes(null)) {
      return unknown(
        {
          now: names,
          gap: 'what is on it?',
          until: 'zinc, lead, cadmium',
          reasons: [
            {
              words: 'Some coatings poison when heated; nobody has said what is on this metal.',
              source: PRACTICE,
            },
          ],
          ask: 'Say what coats it at Metal.',
        },
        true,
      );
    }
    return yesNo('open', {
      now: names,
      gap: 'can be arc welded',
      until: 'known',
      reasons: [{ words: `${names}: nothing against the arc. ${wants.rodWhy}`, source: wants.rodSource }],
    });
  },
};
