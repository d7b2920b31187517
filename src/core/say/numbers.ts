/** Numbers as they are said and dictated, brought to figures: "three sixteenths" to "3/16", "seventy eighteen" to "7018". */

const UNITS: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
};
const TENS: Readonly<Record<string, number>> = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
};
const PARTS: readonly (readonly [word: string, below: number])[] = [
  ['half', 2],
  ['halves', 2],
  ['quarters?', 4],
  ['eighths?', 8],
  ['sixteenths?', 16],
  ['thirty[- ]seconds?', 32],
  ['thirty[- ]two(?:nd|nds|s)?', 32],
  ['sixty[- ]fourths?', 64],
];

const SMALL = Object.keys(UNITS).join('|');
const BIG = Object.keys(TENS).join('|');
const small = (word: string): number => UNITS[word] ?? 0;
const big = (word: string): number => TENS[word] ?? 0;

/** What a bare "quarter" or "eighth" is of. */
const OF_A_SIZE = 'plate|sheet|wall|steel|thick|inch|in\\b|rods?\\b';

/** Rods are named by two numbers: "seventy eighteen", "sixty ten", "three oh eight". */
const RODS: readonly [RegExp, (match: RegExpMatchArray) => string][] = [
  [
    new RegExp(
      `\\b(sixty|seventy|eighty|ninety)[- ](ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|eighteen|twenty[- ]four)\\b`,
      'g',
    ),
    ([, ksi = '', last = '']) => `${big(ksi)}${last.startsWith('twenty') ? 24 : small(last)}`,
  ],
  [
    new RegExp(`\\bthree[- ](?:oh?|zero)[- ](seven|eight|nine|four)\\b`, 'g'),
    ([, last = '']) => `30${small(last)}`,
  ],
  [
    new RegExp(`\\bthree[- ](ten|twelve|sixteen)\\b(?![- ](?:inch|mil|mm))`, 'g'),
    ([, last = '']) => `3${small(last)}`,
  ],
];

/**
 * A text with its numbers in figures, lower case, one space between words and signs kept. What stands behind a number as its unit is
 * left as it was said.
 */
export function inFigures(text: string): string {
  let said = ` ${text
    .toLowerCase()
    .replace(/[“”″]/g, '"')
    .replace(/[’‘′]/g, "'")
    .replace(/½/g, ' 1/2')
    .replace(/¼/g, ' 1/4')
    .replace(/¾/g, ' 3/4')
    .replace(/⅛/g, ' 1/8')
    .replace(/⅜/g, ' 3/8')
    .replace(/[–—]/g, ' ')
    .replace(/\s+/g, ' ')} `;
  for (const [pattern, to] of RODS)
    said = said.replace(pattern, (...match) => to(match as unknown as RegExpMatchArray));
  // Fractions first: "three thirty-seconds" is no thirty.
  for (const [word, below] of PARTS) {
    said = said.replace(
      new RegExp(`\\b(?:(${SMALL}|an?|\\d{1,2})[- ])${word}\\b`, 'g'),
      (_, top: string) => `${top === 'a' || top === 'an' ? 1 : (UNITS[top] ?? top)}/${below}`,
    );
    if (/^(half|quarters|eighths)/.test(word))
      said = said.replace(new RegExp(`\\b${word}[- ](?=inch|in\\b|")`, 'g'), `1/${below} `);
  }
  said = said
    .replace(new RegExp(`\\bquarter (?=${OF_A_SIZE})`, 'g'), '1/4 ')
    .replace(new RegExp(`\\beighth (?=${OF_A_SIZE})`, 'g'), '1/8 ')
    // Rods go by the size alone: "7018 eighth".
    .replace(/(\b\d{4}s?|\brods?|\bsticks?) (?:in )?(?:an? )?eighth\b/g, '$1 1/8');
  said = said
    .replace(
      new RegExp(`\\b(${BIG})[- ](${SMALL})\\b`, 'g'),
      (_, ten: string, one: string) => `${big(ten) + small(one)}`,
    )
    .replace(new RegExp(`\\b(${BIG})\\b`, 'g'), (_, ten: string) => `${big(ten)}`)
    .replace(new RegExp(`\\b(${SMALL})\\b`, 'g'), (_, one: string) => `${small(one)}`)
    .replace(
      /\b(?:(\d+|a) )?hundred(?: and)?(?: (\d{1,2}))?\b/g,
      (_, hundreds?: string, rest?: string) =>
        `${100 * (hundreds === undefined || hundreds === 'a' ? 1 : Number(hundreds)) + Number(rest ?? 0)}`,
    )
    .replace(/\b(\d+) point (\d+)\b/g, '$1.$2');
  // An inch and a half; one and a half inches; 2 and 1/2.
  said = said
    .replace(/\b(?:an?|1) inch and (?:a half|1\/2)\b/g, '1 1/2 inch')
    .replace(/\b(?:an?|1) inch and (?:a quarter|1\/4)\b/g, '1 1/4 inch')
    .replace(/\b(\d+) and (\d\/\d+)\b/g, '$1 $2')
    .replace(/\b(?:an?|half an) inch\b/g, (words) => (words.startsWith('half') ? '1/2 inch' : '1 inch'))
    .replace(/\b(?:an?) hour\b/g, '1 hour')
    .replace(/\bhalf an hour\b/g, '30 minutes');
  said = said.replace(/\b(3(?:04|07|08|09|10|12|16|17|47)) l\b/g, '$1l');
  return said.trim().replace(/\s+/g, ' ');
}
