import { ROD_SIZE_IDS, ROD_SIZES, type RodSizeId } from '../data/rodSizes';
import { STEEL_GRADE_IDS } from '../data/steelGrades';
import { decodeRod } from '../rods/word/decode';
import type { AddChip, Sentence } from './sentence';

const ROD_SIZE_WORDS = new RegExp(
  String.raw`(${ROD_SIZE_IDS.join('|')}|(?:1\.6|2\.4|2\.5|2\.6|2(?:\.0)?|3\.25|3\.2|4\.8|4(?:\.0)?|5(?:\.0)?)(?! ?(?:inch|in\b|")))`,
);
const METRIC_RODS: Readonly<Record<string, RodSizeId>> = {
  '1.6': '1/16',
  '2': '5/64',
  '2.0': '5/64',
  '2.4': '3/32',
  '2.5': '3/32',
  '2.6': '3/32',
  '3.2': '1/8',
  '3.25': '1/8',
  '4': '5/32',
  '4.0': '5/32',
  '4.8': '3/16',
  '5': '3/16',
  '5.0': '3/16',
};
const ROD_WORD = String.raw`(e?\d{4,5}-(?:1|[a-z]\d[a-z]?|nm1)|e?\d{4,5}m|e?\d{4}|e?3\d\d(?:l|lmo)?(?:-1[567])?(?= (?:rod|stick|electrode)|$| ;)|e?(?:307|308|309|310|312|316|317|347)l?(?:-1[567])?|eni(?:fe)?-?ci|efemn-a|e(?=[a-z-]*\d)[a-z0-9]+(?:-[a-z0-9]+)*)`;

/** What rods are called besides their word, from memory; with what makes them rods, or not at all. */
const CALLED: readonly [RegExp, string][] = [
  [
    /\b(?:nickel[- ]iron|ferro[- ]?nickel|ni ?55|55 ?%? ?(?:percent )?nickel)(?= (?:rod|stick|electrode))/g,
    'enife-ci',
  ],
  [/\b(?:pure nickel|nickel|ni ?99|99 ?%? ?(?:percent )?nickel)(?= (?:rod|stick|electrode))/g, 'eni-ci'],
  // By the covering alone, as the usual one of its strength.
  [/\be?8018(?![-\d])/g, '8018-c3'],
  [/\be?9018(?![-\dm])/g, '9018m'],
  [/\be?10018(?![-\dm])/g, '10018-d2'],
  [/\be?11018(?![-\dm])/g, '11018m'],
  [/\beni(?![-\w])/g, 'eni-ci'],
  [/\benife(?![-\w])/g, 'enife-ci'],
  [/\bmanganese(?= (?:rod|stick|electrode))/g, 'efemn-a'],
  [/\b(?:low[- ]hydrogen|low[- ]hy|lo[- ]?hy)\b(?: rods?| sticks?)?/g, '7018'],
];

/** A sentence with rods by their word. */
export const rodsByWord = (text: string): string =>
  CALLED.reduce((said, [pattern, word]) => said.replace(pattern, word), text);

/** Bare, these are plate. */
const ALSO_LIGHT_ALLOYS = /^(?:1100|3003)$/;

/** A rod by its word, with its size before or behind it: "3/32 7018", "7018 in 2.5", "1/8 sixty eleven". */
export function readRod(sentence: Sentence, chip: AddChip): void {
  const sizeId = (said: string | undefined): RodSizeId | null =>
    said === undefined ? null : said in ROD_SIZES ? (said as RodSizeId) : (METRIC_RODS[said] ?? null);
  const size = ROD_SIZE_WORDS.source;
  readPlace('root', sentence, chip, sizeId);
  readPlace('cap', sentence, chip, sizeId);
  const patterns: [RegExp, word: number, size: number][] = [
    [
      new RegExp(
        String.raw`(?<![\d/.])${size}(?: ?(?:mm|inch|in|"))? (?:inch )?(?:(?:rod|stick|electrode)s? )?${ROD_WORD}\b`,
      ),
      2,
      1,
    ],
    [
      new RegExp(
        String.raw`\b${ROD_WORD}s? (?:rods? )?(?:in |of )?${size}(?: ?(?:mm|inch|in|"))?(?![\d/.])(?! ?(?:amp|a\b|long|thick|plate|wall))`,
      ),
      1,
      2,
    ],
    [new RegExp(String.raw`(?<![\d/.])${ROD_WORD}\b(?: (?:rod|stick|electrode)s?)?`), 1, 0],
  ];
  for (const [pattern, wordAt, sizeAt] of patterns) {
    const found = sentence.takeIf(pattern, (match) => {
      const word = match[wordAt] ?? '';
      // "316L" with neither size nor rods is what the piece is made of.
      if (
        sizeAt === 0 &&
        (STEEL_GRADE_IDS.some((id) => id === word) || ALSO_LIGHT_ALLOYS.test(word)) &&
        !/ (?:rod|stick|electrode)/.test(match[0])
      )
        return null;
      // A bare number beside "stainless" is what it is made of: "stainless 316", "347 stainless".
      if (sizeAt === 0 && /^3\d\d$/.test(word) && sentence.has(besideStainless(word))) return null;
      const decoded = decodeRod(word);
      const rodClass = decoded.kind === 'word' ? decoded.word.plannedAs : null;
      return rodClass === null
        ? null
        : { said: match[0], rodClass, size: sizeAt > 0 ? sizeId(match[sizeAt]) : null };
    });
    if (!found) continue;
    chip('rod', `${found.rodClass}${found.size ? ` ${ROD_SIZES[found.size].inches}` : ''}`, found.said, [
      { path: 'rod.rodClass', value: found.rodClass },
      ...(found.size ? [{ path: 'rod.size' as const, value: found.size }] : []),
    ]);
    return;
  }
}

/** A grade, told apart from a rod by the word beside it. */
const besideStainless = (grade: string): RegExp =>
  new RegExp(String.raw`\bstainless(?: steel)? ${grade}\b|\b${grade} stainless\b`);

/** What a root is mostly laid with, where no size of it is said. */
const USUAL_ROOT: RodSizeId = '1/8';

/** Places in a weld that may have a rod of their own, as they are said. */
const ROD_PLACES = {
  root: { word: String.raw`root\b(?! ?(?:face|gap|opening))`, behind: 'root', said: 'Root' },
  cap: {
    word: String.raw`(?:cap|top)(?:ping)?(?: pass| layers?)?\b`,
    behind: '(?:cap(?:ped)?|top(?:ped)?(?: layer)?)',
    said: 'Top',
  },
} as const;

/** Another rod for the root or the top: "6010 root, 7018 fill", "root with 3/32 6010", "cap with 7014". */
function readPlace(
  at: keyof typeof ROD_PLACES,
  sentence: Sentence,
  chip: AddChip,
  sizeId: (said: string | undefined) => RodSizeId | null,
): void {
  const size = String.raw`(?:${ROD_SIZE_WORDS.source}(?: ?(?:mm|inch|in|"))? )?`;
  const after = String.raw`(?: (?:in )?${ROD_SIZE_WORDS.source}(?: ?(?:mm|inch|in|"))?)?`;
  const place = ROD_PLACES[at].word;
  const before = new RegExp(
    String.raw`(?<![\d/.])${size}${ROD_WORD}${after}(?: rods?)? (?:for the |in the |on the |on )?${place}`,
  );
  const behind = new RegExp(
    String.raw`\b${ROD_PLACES[at].behind} (?:with |in |by |of )?(?:an? )?${size}${ROD_WORD}\b`,
  );
  const found = [before, behind]
    .map((pattern) =>
      sentence.takeIf(pattern, (match) => {
        const decoded = decodeRod(match[2] ?? '');
        const rodClass = decoded.kind === 'word' ? decoded.word.plannedAs : null;
        return rodClass && { said: match[0], rodClass, size: sizeId(match[1] ?? match[3]) ?? USUAL_ROOT };
      }),
    )
    .find((one) => one !== null);
  if (found)
    chip(at, `${ROD_PLACES[at].said} with ${found.rodClass} ${ROD_SIZES[found.size].inches}`, found.said, [
      { path: `rod.${at}`, value: { rodClass: found.rodClass, size: found.size } },
    ]);
}
