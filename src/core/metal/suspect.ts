import { midSentence } from '../units/format';
import { metalTest } from '../data/metalTests';
import type { TestId } from '../data/testIds';
import type { Side } from '../formats/job';

/** What a test may have seen in place of the metal. Common practice. */
const SURFACE_STORIES: Readonly<Partial<Record<TestId, string>>> = {
  magnet: 'cold work, a weld or a plating',
  look: 'paint or filler over a cast skin',
  stain: 'paint, plating or rust run down from elsewhere',
  colour: 'a plating, paint or an oxide skin',
  file: 'a hardened case, a chilled skin or a flame-cut edge',
  chip: 'a hardened case, a chilled skin or a work-hardened face',
  hardness: 'a hardened case, a chilled skin or a burnt spot',
  spark: 'a hardened case or a dirty wheel',
  sulphate: 'a plating or oil',
  caustic: 'a plating or an oxide skin',
  conductivity: 'a plating or a thin wall',
  chemistry: 'a plating or paint',
};

/** What to do about a test that does not go with the rest: the likeliest story of its surface first. */
export function suspectWords(test: TestId): string {
  const story = SURFACE_STORIES[test];
  const name = midSentence(metalTest(test).name);
  return story
    ? `Likeliest: the ${name} test saw ${story}. Get below it on a fresh spot and do it again; or mark it doubtful, or undo it.`
    : `Likeliest wrong: ${name}. Do it again on a clean spot, mark it doubtful, or undo it.`;
}

/** The tests done, to be repeated where they speak against a name. */
export function repeatWords({ evidence }: Pick<Side, 'evidence'>): string {
  const names = [
    ...new Set(
      Object.values(evidence)
        .filter(({ standing }) => standing === 'sound')
        .map(({ test }) => midSentence(metalTest(test).name)),
    ),
  ];
  return names.length === 0 ? '' : `Repeat: ${names.join(', ')}.`;
}
