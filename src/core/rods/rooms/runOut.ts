import { stickPass } from '../counts';
import type { Reads } from '../../judge/situation';
import { OFF_CORNER, ROD_REACH_DOUBT } from '../../data/limits';
import { OUR_JUDGEMENT, PRACTICE } from '../../units/sources';
import { inWords } from '../../units/format';
import { exactly, within } from '../../units/range';
import { over, yesNo } from '../../judge/room';
import { tieInsInWords } from '../along';
import type { Assessor } from '../../judge/assessor';

/** Does the rod last to where the run is to end? */
export const runOut: Assessor = {
  title: 'Where rods run out',
  short: 'run-out',
  stop: 'rod',
  bears: 'hand',
  assess({ beads, runs, system, joint }: Reads<'beads' | 'runs' | 'system' | 'joint'>) {
    const pass = stickPass(beads);
    if (!pass || !runs || joint.length_mm === null) return null;
    const say = inWords(system).size;
    const lays = `A rod lays ${say(Math.round(pass.beadPerRod_mm))} of this bead`;
    const reasons = [
      {
        words: `${lays}; the longest run is ${say(Math.round(runs.longest_mm))}, ${runs.runs.length} in all.`,
        source: OUR_JUDGEMENT,
      },
    ];
    const backstep = runs.order === 'backstep';
    // Each stretch in one run: the rod has to last. In more, it may end anywhere but at a corner.
    const stretches = runs.path.closed && !backstep ? 1 : runs.path.sides_mm.length;
    if (runs.runs.length <= stretches)
      return over('mm', within(pass.beadPerRod_mm, ROD_REACH_DOUBT.share), exactly(runs.longest_mm), {
        now: `${say(Math.round(pass.beadPerRod_mm))} a rod`,
        gap: 'of bead left at the end of the run',
        past: 'of run left when the rod is gone',
        until: `run of ${say(Math.round(runs.longest_mm))}`,
        reasons,
      });
    const nearest = Math.min(Infinity, ...runs.tieIns.map(({ toCorner_mm }) => toCorner_mm));
    const tight = !backstep && nearest < OFF_CORNER.mm;
    return yesNo(tight ? 'departure' : 'open', {
      now: tieInsInWords(runs.tieIns.length),
      gap: tight ? 'a tie-in at a corner' : backstep ? 'each onto a hot start' : 'clear of corners and ends',
      until: `${say(Math.round(pass.beadPerRod_mm))} a rod`,
      reasons: [
        ...reasons,
        {
          words: `Tie-ins at ${runs.tieIns.map(({ at_mm }) => say(Math.round(at_mm))).join(', ')} from the beginning. Clean the crater, light ahead, and draw back over it.`,
          source: PRACTICE,
        },
      ],
    });
  },
};
