import { coatingsOf, metalsInWords } from '../sides';
import { COATINGS } from '../../data/coatings';
import { metalFamily } from '../../data/metals';
import { repeatWords, suspectWords } from '../suspect';
import { PRACTICE, type Source } from '../../units/sources';
import { trimmed, midSentence, sentence } from '../../units/format';
import { unknown, yesNo } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import type { Assessor } from '../../judge/assessor';

const percent = (share: number): string => `${trimmed(100 * share, share < 0.01 ? 2 : 0)} %`;

/** What each side may be, with its share, in words. */
const sharesInWords = ({ wants }: Reads<'wants'>): { words: string; source: Source }[] =>
  wants.sides
    .filter((side) => side.length > 1)
    .map((side) => ({
      words: side.map(({ family, share }) => `${metalFamily(family).name} ${percent(share)}`).join(', '),
      source: PRACTICE,
    }));

/** The test likeliest to be wrong, where the evidence does not go together. */
function conflictInWords({ beliefs, job }: Reads<'beliefs' | 'job'>): string {
  const at = beliefs.findIndex(({ conflict }) => conflict !== null);
  const conflict = beliefs[at]?.conflict;
  if (!conflict) return '';
  const side = at === 1 ? job.metal.sideB : job.metal.sideA;
  const suspect = conflict.suspect === null ? undefined : side.evidence[conflict.suspect];
  if (!suspect)
    return `The tests speak against the metal it is said to be. ${repeatWords(side)} Check the papers, or take the name out.`;
  return suspectWords(suspect.test);
}

/** Is the metal known, and may it be arc welded at all? */
export const metal: Assessor = {
  title: 'Metal',
  short: 'metal',
  stop: 'metal',
  assess(situation: Reads<'wants' | 'job' | 'beliefs'>) {
    const { wants } = situation;
    const named = metalsInWords(situation);
    const doubtful = wants.sides.some((side) => side.length > 1);
    const conflict = conflictInWords(situation);
    switch (wants.verdict) {
      case 'never':
        // What is refused is named, not all that it might be.
        return yesNo('closed', {
          now:
            sentence(wants.refused.map((family) => midSentence(metalFamily(family).name)).join(' to ')) ||
            named,
          gap: wants.unjoinable ? 'no arc joins them' : 'not by arc in the field',
          until: 'never',
          reasons: [{ words: `${wants.why} Instead: ${wants.instead}`, source: PRACTICE }],
        });
      case 'unknown':
        return unknown(
          {
            now: named || 'not known',
            gap: conflict ? 'the tests disagree' : wants.apart ? 'which of these?' : 'what is it?',
            until: conflict ? 'one of them is wrong' : 'no plan until then',
            reasons: [
              { words: `${wants.why} ${conflict || wants.instead}`, source: PRACTICE },
              ...sharesInWords(situation),
            ],
            ask:
              wants.apart || conflict
                ? 'Do the next test, at Metal.'
                : 'Say what the part is and try the magnet, at Metal. Or name the metal.',
          },
          true,
        );
      case 'last-resort':
        return yesNo('departure', {
          now: named,
          gap: 'last resort only',
          until: 'nothing critical',
          reasons: [{ words: `${wants.why} Better: ${wants.instead}`, source: PRACTICE }],
        });
      case 'yes':
        return yesNo('open', {
          now: named,
          gap: 'can be arc welded',
          until: doubtful ? 'planned for all' : 'known',
          reasons: [
            { words: `${named}: nothing against the arc. ${wants.rodWhy}`, source: wants.rodSource },
            ...sharesInWords(situation),
          ],
        });
    }
  },
};

/** What lies on it: judged by itself, whatever the metal is. */
export const coating: Assessor = {
  title: 'Coating',
  short: 'coating',
  stop: 'metal',
  assess(situation: Reads<'wants' | 'job'>) {
    if (situation.wants.verdict === 'never') return null;
    const sides = coatingsOf(situation);
    const all = [...new Set(sides.flatMap((side) => side ?? []))];
    const deadly = sides.find((side) => side?.includes('cadmium'));
    if (deadly) {
      const sure = deadly.length === 1;
      const words = {
        reasons: [{ words: COATINGS.cadmium.words, source: PRACTICE }],
        now: sure ? 'cadmium' : 'may be cadmium',
        until: 'not by arc',
      };
      return sure
        ? yesNo('closed', { ...words, gap: 'never heat it' })
        : unknown(
            {
              ...words,
              gap: 'rule cadmium out',
              ask: 'Find out what the plating is, or have it stripped. Do not heat or grind it.',
            },
            true,
          );
    }
    if (sides.includes(null)) {
      return unknown(
        {
          now: 'not looked at',
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
    const toStrip = all.filter((id) => COATINGS[id].verdict === 'strip');
    if (toStrip.length === 0) return null;
    return yesNo('departure', {
      now: toStrip.map((id) => midSentence(COATINGS[id].name)).join(', '),
      gap: 'off before the arc',
      until: 'fume',
      reasons: toStrip.map((id) => ({ words: COATINGS[id].words, source: PRACTICE })),
    });
  },
};
