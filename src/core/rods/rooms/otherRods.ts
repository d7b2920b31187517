import { ROD_SIZES, type RodSizeId } from '../../data/rodSizes';
import { rodClass as classOf, type RodClassId } from '../../data/rods';
import { isSoftFiller } from '../../heat/softFiller';
import type { Tin } from '../../formats/kit';
import type { Assessor } from '../../judge/assessor';
import { yesNo } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import { PRACTICE, type Source } from '../../units/sources';
import { POSITIONS } from '../../data/words';
import { midSentence, trimmed } from '../../units/format';
import type { AmpWindow } from '../amps/amps';
import { rodHydrogen } from '../keeping/hydrogen';
import { stoodHydrogen } from '../keeping/stoodHydrogen';
import { tinVerdict } from '../keeping/verdict';
import { reaches } from '../rank';

/** A rod beside the main one: for the root, the top, or a butter. */
interface Beside {
  use: string;
  rodClass: RodClassId;
  size: RodSizeId;
  tin: Tin | null;
  window: AmpWindow | null;
  current_A: number | null;
}
type Asked = Reads<
  | 'root'
  | 'cap'
  | 'butter'
  | 'rod'
  | 'rootBy'
  | 'rodsWanted'
  | 'job'
  | 'wants'
  | 'joint'
  | 'at_ms'
  | 'machine'
>;

/** All rods of a job beside its main one. */
function besides({ root, cap, butter, rod, rootBy }: Asked): Beside[] {
  const main = rod?.value;
  const other = (use: string, of: Asked['root']): Beside[] =>
    of === null || (of.rod.rodClass === main?.rodClass && of.rod.size === main.size)
      ? []
      : [
          {
            use,
            rodClass: of.rod.rodClass,
            size: of.rod.size,
            tin: of.rod.tin,
            window: of.window,
            current_A: of.current_A,
          },
        ];
  return [
    ...(butter ? [{ use: 'butter', ...butter }] : []),
    ...(rootBy ? [] : other('root', root)),
    ...other('top', cap),
  ];
}

interface Finding {
  how: 'closed' | 'departure';
  gap: string;
  words: string;
  source: Source;
}

/** What speaks against a rod beside the main one; nothing where nothing does. */
function against({ use, rodClass, size, tin, window, current_A }: Beside, asked: Asked): Finding[] {
  const { job, at_ms, machine, wants, rodsWanted } = asked;
  const at = job.look.position;
  const name = `${rodClass} ${ROD_SIZES[size].inches}`;
  const stood = stoodHydrogen(asked);
  const brings = rodHydrogen(rodClass, tin, tin && at_ms !== null ? tinVerdict(tin, at_ms) : null);
  const most_A = machine?.value.max_A ?? null;
  const found: Finding[] = [];
  if (use !== 'butter' && wants.verdict === 'yes' && !rodsWanted.includes(rodClass))
    found.push({
      how: 'closed',
      gap: 'not for this metal',
      words: `${name} is not made for this metal.`,
      source: PRACTICE,
    });
  const poles = machine?.value.poles;
  if (poles && !classOf(rodClass).poles.some((pole) => poles.includes(pole)))
    found.push({
      how: 'closed',
      gap: 'no pole for it',
      words: `${name} runs on ${classOf(rodClass).poles.join(' or ')}; the machine gives ${poles.join(', ')}.`,
      source: PRACTICE,
    });
  if (at !== null && !reaches(rodClass, at))
    found.push({
      // What is buttered can mostly be laid down for it.
      how: use === 'butter' ? 'departure' : 'closed',
      gap: 'flat and horizontal only',
      words: `${name} does not stay up ${midSentence(POSITIONS[at])}.`,
      source: PRACTICE,
    });
  // Where it hardens the bad end counts, as for the main rod; soft weld metal keeps its hydrogen to itself.
  const ml = stood?.hardens ? brings.ml.high : brings.ml.low;
  if (stood && ml > stood.ml && !isSoftFiller(rodClass))
    found.push({
      how: stood.hardens ? 'closed' : 'departure',
      gap: 'more hydrogen than the metal stands',
      words: `${name} brings ${trimmed(brings.ml.low, 0)} to ${trimmed(brings.ml.high, 0)} ml in 100 g; ${stood.ml} are stood. ${stood.words}`,
      source: stood.source,
    });
  if (window === null || current_A === null)
    found.push({
      how: 'departure',
      gap: 'no range known',
      words: `${name} is not listed: type the range on its packet into the tin.`,
      source: PRACTICE,
    });
  else if (most_A !== null && window.low_A > most_A)
    found.push({
      how: 'closed',
      gap: 'more amps than the machine gives',
      words: `${name} begins at ${window.low_A} A; the machine gives ${most_A} A.`,
      source: window.source,
    });
  return found;
}

/** Rods beside the main one hold the same limits: hydrogen, position and amps. */
export const otherRods: Assessor = {
  title: 'The other rods in it',
  short: 'other rods',
  stop: 'rod',
  assess(asked: Asked) {
    const rods = besides(asked);
    if (rods.length === 0) return null;
    const found = rods.flatMap((rod) => against(rod, asked).map((one) => ({ ...one, rod })));
    const worst = found.find(({ how }) => how === 'closed') ?? found[0];
    const told = rods.map(
      ({ use, rodClass, size, current_A }) =>
        `${rodClass} ${ROD_SIZES[size].inches} for the ${use}${current_A === null ? '' : ` at ${current_A} A`}`,
    );
    return yesNo(worst?.how ?? 'open', {
      now: worst ? `${worst.rod.rodClass} for the ${worst.rod.use}` : told.join(', '),
      gap: worst?.gap ?? 'they hold the same limits',
      until: '',
      reasons: [
        ...found.map(({ words, source }) => ({ words, source })),
        { words: `${told.join('; ')}.`, source: PRACTICE },
      ],
      ask: worst ? 'Take another rod for it, or the main one for the whole.' : '',
    });
  },
};
