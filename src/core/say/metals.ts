import type { FamilyId } from '../data/families';
import { STEEL_GRADE_IDS, steelGrade, type SteelGradeId } from '../data/steelGrades';
import { editAt, type JobEdit } from '../formats/paths';
import type { AddChip, Sentence } from './sentence';

/** A metal by its name, as it is said: a pattern in lower case. */
interface MetalWord {
  said: string;
  means: string;
  family: FamilyId;
  grade?: SteelGradeId;
  part?: string;
}

const metal = (said: string, means: string, family: FamilyId, more: Partial<MetalWord> = {}): MetalWord => ({
  said,
  means,
  family,
  ...more,
});

/** How a grade is said besides its name. */
const GRADE_SAID: Partial<Record<SteelGradeId, string>> = {
  wear400: String.raw`wear ?400|ar ?400f?|400 (?:hb|brinell)`,
  wear500: String.raw`wear ?500|ar ?(?:450|500)|(?:450|500) (?:hb|brinell)`,
  a572: String.raw`a572(?: (?:grade|gr\.?) ?50)?|grade 50`,
  a516: String.raw`a516(?: (?:grade|gr\.?) ?70)?`,
  a106: String.raw`a106(?: (?:grade|gr\.?) ?b)?|a53(?: (?:grade|gr\.?) ?b)?`,
  a36: String.raw`a ?36(?: structural)?`,
  s690: String.raw`s690(?:q|ql)?`,
  a588: String.raw`(?:a588|s355j[02]w)(?: weathering)?|weathering|weather[- ]?resist(?:ing|ant)`,
  s355: String.raw`s355(?:j2|jr|mc?|n)?`,
  s275: String.raw`s275(?:j2|jr|m|n)?`,
  s235: String.raw`s235(?:j2|jr)?`,
};

/** Metals by name, from memory, a longer phrase before a shorter one in it. */
const FAMILY_WORDS: readonly MetalWord[] = [
  metal(
    'mild steel|black steel|black iron|plain steel|structural steel|carbon plate|mild',
    'Mild steel',
    'low-carbon-steel',
  ),
  metal('duplex(?: stainless)?', 'Duplex stainless', 'duplex-stainless'),
  metal('stainless(?: steel)?|inox', 'Stainless', 'austenitic-stainless'),
  metal('ductile(?: cast)?(?: iron)?|nodular(?: iron)?|sg iron', 'Ductile iron', 'ductile-iron'),
  metal('malleable(?: iron)?', 'Malleable iron', 'malleable-iron'),
  metal('gr[ae]y(?: cast)? iron|cast iron', 'Grey iron', 'gray-iron'),
  metal('cast steel|steel casting', 'Cast steel', 'cast-steel'),
  metal('spring steel|leaf spring', 'Spring steel', 'spring-steel', { part: 'leaf-spring' }),
  metal(
    'tool steel|chrome[- ]vanadium|high[- ]speed steel|(?:d2|h13|o1|a2) (?:steel|die|tool)',
    'Tool steel',
    'tool-steel',
  ),
  metal('manganese steel|manganese(?! bronze| brass)', 'Manganese steel', 'manganese-steel'),
  metal('wear plate|abrasion plate', 'Wear plate', 'quenched-tempered-wear-plate'),
  metal('wrought iron', 'Wrought iron', 'wrought-iron'),
  metal('(?:aa ?)?(?:6005|6060|6061|6063|6082)', '6000 aluminium', 'al-6xxx'),
  metal('(?:aa ?)?(?:5052|5083|5086|5251|5454|5754)', '5000 aluminium', 'al-5xxx'),
  metal('(?:aa ?)?(?:1050|1100|3003|3103|3105)', '1000 or 3000 aluminium', 'al-1xxx-3xxx'),
  metal('(?:aa ?)?(?:2014|2017|2024|7020|7050|7075)', '2000 or 7000 aluminium', 'al-2xxx-7xxx'),
  metal('alumini?um bronze', 'Aluminium bronze', 'aluminium-bronze'),
  metal('silicon bronze', 'Silicon bronze', 'silicon-bronze'),
  metal('phosphor bronze|tin bronze', 'Tin bronze', 'tin-bronze'),
  metal('copper[- ]nickel|cupro[- ]?nickel', 'Copper nickel', 'copper-nickel'),
  metal('nickel[- ]copper', 'Nickel copper', 'nickel-copper'),
  metal('titanium', 'Titanium', 'titanium'),
  metal('magnesium', 'Magnesium', 'magnesium'),
];

const WORDS: readonly MetalWord[] = [
  ...STEEL_GRADE_IDS.flatMap((id) => {
    const grade = steelGrade(id);
    return grade ? [metal(GRADE_SAID[id] ?? id, grade.name, grade.family, { grade: id })] : [];
  }),
  ...FAMILY_WORDS,
];

/** One pattern for all: which of them it was is told by its group. A number with a unit is no grade. */
const ALL = new RegExp(
  String.raw`(?<![\p{L}\d/.])(?:${WORDS.map(({ said }) => `(${said})`).join('|')})(?![\p{L}\d/]| ?(?:mm|inch|in\b|amps?\b|long\b|deep\b|rods?\b|"))(?: (?:steel|stainless|alumini?um|ally)\b)*`,
  'u',
);

/** What stands between the names of two sides. */
const JOINS = /\b(?:to|onto|on|with|against|into|and)\b/;

/** The other side, of which no more is said than what it is roughly. */
const BARE =
  /\b(?:to|onto|on|against) (?:an? |the )?(?:\d\S* ?(?:mm|in|inch)? )?(?:steel|iron|alumini?um|brass|bronze|copper)\b/;

const namedOn = (side: 'sideA' | 'sideB', { family, grade, part }: MetalWord): JobEdit[] => [
  editAt(`metal.${side}.family`, family),
  ...(grade ? [editAt(`metal.${side}.grade`, grade)] : []),
  ...(part ? [editAt(`metal.${side}.part`, part)] : []),
];

/**
 * Metals by name: "4140", "S355", "ductile iron", "6061". Two that are joined, as in "wear plate to mild steel", are one a side; steel of
 * which nothing more is said, against a named metal, is left to be found out. A name is what papers say: it clears nothing.
 */
export function readMetals(sentence: Sentence, chip: AddChip): void {
  const { found, behind } = sentence.takeAll(ALL, (match) => {
    const at = match.slice(1).findIndex((group) => group !== undefined);
    return WORDS[at] ?? null;
  });
  const other = found.findIndex(({ before }, n) => n > 0 && JOINS.test(before));
  // Of one side, the grade says more than the family: "stainless, 410".
  const named = (from: number, to?: number) => {
    const words = found.slice(from, to);
    return words.find(({ made }) => made.grade !== undefined) ?? words[0];
  };
  const a = named(0, other < 0 ? undefined : other);
  if (!a) return;
  chip('metal', a.made.means, a.said, namedOn('sideA', a.made));
  const b = other < 0 ? undefined : named(other);
  if (b && b.made !== a.made)
    chip('metal-b', `Other side: ${b.made.means}`, b.said, [
      { path: 'metal.sameBothSides', value: false },
      ...namedOn('sideB', b.made),
    ]);
  const bare = b ? null : BARE.exec(behind);
  if (bare)
    chip('metal-b', 'Other side: to be found out', bare[0], [{ path: 'metal.sameBothSides', value: false }]);
}
