import { STOP_WORK_QUESTIONS } from '../data/stopWork';
import type { JobEdit } from '../formats/paths';
import { gaugeThickness_mm } from '../units/gauges';
import type { UnitSystem } from '../units/kinds';
import { readAmounts, readWind } from './amounts';
import { damageTraits } from '../data/damage';
import { JOINTS } from '../data/joints';
import { damageSaid } from './damage';
import { inFigures } from './numbers';
import { readMetals } from './metals';
import { readPipe } from './pipes';
import { readRod, rodsByWord } from './rods';
import { Sentence, type AddChip } from './sentence';
import { readSizes } from './sizes';
import { SAY_FILLERS, SAY_STOPS, SAY_WORDS } from './words';

/** One thing that was understood. */
export interface Chip {
  id: string;
  /** What it fills in, as it is told. */
  means: string;
  /** The words it was read from. */
  said: string;
  edits: readonly JobEdit[];
}

/** A question that stops work, called up by a word; it is asked at Look and never answered here. */
export interface Raised {
  id: string;
  said: string;
  ask: string;
}

/** Something that may mean two things: asked, with what each would fill in. */
export interface Ask {
  id: string;
  question: string;
  answers: readonly { words: string; edits: readonly JobEdit[] }[];
}

/** What a sentence was understood as. */
export interface Said {
  chips: readonly Chip[];
  asks: readonly Ask[];
  raised: readonly Raised[];
  /** Words that meant nothing to the reader. */
  unknown: readonly string[];
}

/**
 * Reads a sentence of the trade, typed or dictated, into the fields of a job: sizes with what they are of, rod and amps, position, place,
 * wind, metal by name, what broke. Deterministic and offline. What may mean two things is asked; what stops work is called up, never
 * answered; no word clears a metal.
 * @param system what a bare number is in
 */
export function readSentence(text: string, system: UnitSystem): Said {
  const sentence = new Sentence(` ${rodsByWord(gaugesBeside(inFigures(text))).replace(/[,;]/g, ' ; ')} `);
  const chips: Chip[] = [];
  const asks: Ask[] = [];
  const chip: AddChip = (id, means, said, edits) => {
    // The first that is said of a thing counts; a second would only overwrite it.
    const taken = new Set(chips.flatMap((one) => one.edits.map(({ path }) => path)));
    if (edits.every(({ path }) => taken.has(path))) return;
    chips.push({ id, means, said: said.trim(), edits });
  };

  const raised = raisedBy(text);
  const broken = damageSaid(text);
  if (broken) {
    chip('damage', broken.means, broken.said, broken.edits);
    // A crack in a lug is no weld of a lug: the nouns beside it name the part, not the joint.
    if (broken.edits.some(({ value }) => value === 'cracked-metal')) addUsualJoint(broken.edits, chip, chips);
  }
  readRod(sentence, chip);
  readMetals(sentence, chip);
  readPipe(sentence, chip);
  readWind(sentence, system, chip);
  readSizes(sentence, system, chip);
  readAmounts(sentence, system, chip);
  if (sentence.has(/\bcast(?:ing)?\b/) && !sentence.has(/cast iron|cast steel/)) {
    sentence.take(/\bcast(?:ing)?\b/);
    asks.push({
      id: 'cast',
      question: 'Cast: of what?',
      answers: [
        { words: 'I do not know: test it', edits: [{ path: 'metal.sideA.part', value: 'cast-bracket' }] },
        { words: 'Grey iron, by its papers', edits: [{ path: 'metal.sideA.family', value: 'gray-iron' }] },
        { words: 'Cast steel, by its papers', edits: [{ path: 'metal.sideA.family', value: 'cast-steel' }] },
        { words: 'Aluminium casting: test it', edits: [{ path: 'metal.sideA.part', value: 'al-casting' }] },
      ],
    });
  }
  if (sentence.has(/\balumini?um\b|\bally\b|\bal[lu]oy\b/)) {
    sentence.take(/\balumini?um\b|\bally\b|\bal[lu]oy\b/);
    asks.push({
      id: 'light',
      question: 'Light metal: what is it?',
      answers: [
        { words: 'Plate of a boat', edits: [{ path: 'metal.sideA.part', value: 'boat-hull' }] },
        { words: 'A drawn section', edits: [{ path: 'metal.sideA.part', value: 'al-extrusion' }] },
        { words: 'A casting', edits: [{ path: 'metal.sideA.part', value: 'al-casting' }] },
        { words: 'I do not know: test it', edits: [{ path: 'metal.sideA.part', value: 'al-plate' }] },
      ],
    });
  }
  for (const { said, means, edits } of SAY_WORDS) {
    const pattern = new RegExp(String.raw`(?<![\p{L}\d])(?:${said})(?![\p{L}\d])`, 'u');
    // Said twice over, as "lap patch", it is one thing.
    for (let match = sentence.take(pattern); match; match = sentence.take(pattern))
      chip(`word-${means}`, means, match[0], edits);
  }
  const onPlate = TUBE_ON_PLATE.exec(inFigures(text));
  if (onPlate) {
    const kind = /\b(?:square|box|rect\w*|shs|rhs)\b/.test(inFigures(text)) ? 'rectangle' : 'ring';
    chip('ring', JOINTS[kind].name, onPlate[0], [{ path: 'joint.kind', value: kind }]);
  }
  addUsualJoint(broken?.edits ?? [], chip, chips);
  addWhatFollows(chip, chips);
  const thickness = chips.some(({ edits }) => edits.some(({ path }) => path === 'joint.thicknessA_mm'));
  const isPipe = /\b(?:pipe|tube)\b/.test(text.toLowerCase());
  if (isPipe && !chips.some(({ edits }) => edits.some(({ path }) => path === 'joint.kind')))
    asks.push({
      id: 'pipe',
      question: 'How does the pipe or tube join?',
      answers: [
        { words: 'Round, onto a plate or flange', edits: [{ path: 'joint.kind', value: 'ring' }] },
        { words: 'Square, all round onto a plate', edits: [{ path: 'joint.kind', value: 'rectangle' }] },
        { words: 'End to end', edits: [{ path: 'joint.kind', value: thickness ? 'square-butt' : 'v-butt' }] },
      ],
    });
  const stops = new RegExp(String.raw`^(?:${SAY_STOPS.map(({ said }) => said).join('|')})s?$`);
  const fillers = new Set(SAY_FILLERS.split(' '));
  const unknown = [...new Set(sentence.words())].filter(
    (word) => !fillers.has(word) && !stops.test(word) && word.length > 1,
  );
  return { chips, asks, raised, unknown };
}

/** A gauge beside another size is told in millimetres, so that the two are read as a pair. */
const gaugesBeside = (text: string): string =>
  text.replace(
    /\b(\d+) ?(?:ga|gauge|swg)\b(?=(?: [a-z]+){0,3} (?:to|on|onto|over|against) )/g,
    (said, number: string) => {
      const mm = gaugeThickness_mm('steel', Number(number));
      return mm === null ? said : `${Number(mm.toFixed(2))} mm`;
    },
  );

/** The joint that mostly mends what broke, where the sentence names none; how a pipe joins is asked. */
function addUsualJoint(edits: readonly JobEdit[], chip: AddChip, chips: readonly Chip[]): void {
  const kind = edits.flatMap((edit) => (edit.path === 'look.damage' ? [edit.value] : []))[0] ?? null;
  const [usual] = damageTraits(kind)?.joints ?? [];
  const isNamed = chips.some((one) => one.edits.some(({ path }) => path === 'joint.kind'));
  if (usual && !isNamed && damageTraits(kind)?.removal !== 'weld')
    chip('usual-joint', `${JOINTS[usual].name}, as is usual for it`, '', [
      { path: 'joint.kind', value: usual },
    ]);
}

/** A tube that stands on something flat. */
const TUBE_ON_PLATE =
  /\b(?:pipe|tube|post|spigot|pin)s?\b(?: [^;,]*?)?\b(?:to|onto|on|into)\b[^;,]*?\b(?:plate|flange|base|deck|sole)\b|\bring (?:fillet|weld|joint)\b/;

/** What is filled in at a path, by chips so far. */
const saidAt = <T>(chips: readonly Chip[], path: string): T | null =>
  chips
    .flatMap(({ edits }) => [...edits])
    .flatMap((edit) => (edit.path === path ? [edit.value as T] : []))[0] ?? null;

/** Sides that are reached, not welded. */
const REACHED = /reach|access|get|see/;

/** Over this the edges of a butt are bevelled. Common practice. */
const BEVELLED_FROM_mm = { pipe: 3.2, plate: 6.5 } as const;

/** Sizes that may be said of the joint and meant of its crack. */
type SizePath = 'joint.length_mm' | 'joint.depth_mm' | 'repair.crackLength_mm' | 'repair.crackDepth_mm';

/** Puts a size that was said of one thing where it belongs to another. */
function retell(
  chips: Chip[],
  id: string,
  [was, is]: readonly [string, string],
  [from, to]: readonly [SizePath, SizePath],
): void {
  chips.forEach((one, n) => {
    const mm = one.id === id ? saidAt<number>([one], from) : null;
    if (mm !== null)
      chips[n] = { ...one, means: one.means.replace(was, is), edits: [{ path: to, value: mm }] };
  });
}

/** What goes without saying: a leg is a fillet's, and a pipe that is butted is welded all round. */
function addWhatFollows(chip: AddChip, chips: Chip[]): void {
  const kind = saidAt<string>(chips, 'joint.kind');
  if (kind === null && saidAt(chips, 'joint.leg_mm') !== null)
    chip('fillet', 'T-fillet, as it has a leg', '', [{ path: 'joint.kind', value: 't-fillet' }]);
  // How long a crack is said to be, is how long the crack is; and how deep: the cut goes deeper.
  if (kind === 'gouge' && saidAt(chips, 'repair.crackLength_mm') === null)
    retell(chips, 'length', ['Length', 'Crack'], ['joint.length_mm', 'repair.crackLength_mm']);
  if (kind === 'gouge' && saidAt(chips, 'repair.crackLength_mm') !== null)
    retell(chips, 'depth', ['Depth', 'Crack, deep'], ['joint.depth_mm', 'repair.crackDepth_mm']);
  const bothSides = chips.some(
    ({ edits, said }) =>
      edits.some((edit) => edit.path === 'look.access' && edit.value === 'both') && !REACHED.test(said),
  );
  const tee = chips.findIndex(({ edits }) => edits.some(({ value }) => value === 't-fillet'));
  const one = chips[tee];
  if (one && bothSides)
    chips[tee] = {
      ...one,
      means: JOINTS['double-fillet'].name,
      edits: [{ path: 'joint.kind', value: 'double-fillet' }],
    };
  const wall_mm = saidAt<number>(chips, 'joint.thicknessA_mm');
  const butt = chips.findIndex(({ edits }) => edits.some(({ value }) => value === 'square-butt'));
  const said = chips[butt];
  const outside_mm = saidAt<number>(chips, 'joint.pipeDiameter_mm');
  const bevelledFrom_mm = outside_mm === null ? BEVELLED_FROM_mm.plate : BEVELLED_FROM_mm.pipe;
  if (said && !/square/.test(said.said) && (wall_mm ?? 0) > bevelledFrom_mm)
    chips[butt] = {
      ...said,
      means: `V butt, as so thick a ${outside_mm === null ? 'plate' : 'wall'} is bevelled`,
      edits: [{ path: 'joint.kind', value: 'v-butt' }],
    };
  if (outside_mm === null || (kind !== 'square-butt' && kind !== 'v-butt')) return;
  const round_mm = Math.round(Math.PI * outside_mm);
  chip('round', `All round: ${round_mm} mm`, '', [{ path: 'joint.length_mm', value: round_mm }]);
}

/** Questions that stop work, by the words that call them up. */
function raisedBy(text: string): Raised[] {
  const said = text.toLowerCase();
  return SAY_STOPS.flatMap(({ said: words, asks }) => {
    const match = new RegExp(String.raw`(?<![\p{L}])(?:${words})s?(?![\p{L}])`, 'u').exec(said);
    const question = STOP_WORK_QUESTIONS.find(({ id }) => id === asks);
    return match && question ? [{ id: asks, said: match[0], ask: question.question.ask }] : [];
  });
}

/** Everything that chips and answers fill in, one after another. */
export const editsOf = (chips: readonly Chip[]): JobEdit[] => chips.flatMap(({ edits }) => [...edits]);
