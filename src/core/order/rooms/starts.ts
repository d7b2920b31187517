import type { Reads } from '../../judge/situation';
import { MANY_BARE } from '../../data/orderGoals';
import { RECKONED_DOUBT } from '../../data/heatLimits';
import { BURN_THROUGH_FIT, OUR_JUDGEMENT, PRACTICE } from '../../units/sources';
import { counted, inWords } from '../../units/format';
import { exactly, mapRange } from '../../units/range';
import { startHolesAt_C } from '../orderQuestion';
import { guessed, ofThumb, ruled, under } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';

/** Degrees under what the metal may have where the runs of the first pass begin, in the order they are laid. */
export const startHeat: Assessor = {
  title: 'Heat where runs begin',
  short: 'starts',
  stop: 'order',
  assess({
    order,
    wants,
    system,
    heat,
    meltFitted,
    holesAt_A,
    current_A,
    melt,
  }: Reads<'order' | 'wants' | 'system' | 'heat' | 'meltFitted' | 'holesAt_A' | 'current_A' | 'melt'>) {
    // Where the first run already holes, that is what there is to say.
    if (holesAt_A && current_A && holesAt_A.nominal <= current_A.value) return null;
    if (!order || order.question.heat.segments.length < 2 || wants.verdict === 'never') return null;
    const { question, taken } = order;
    const { ceiling_C, holesAt_C } = question;
    const say = inWords(system).temperature;
    const { judged } = taken;
    const onSeam_C = Math.max(...judged.onSeam_C);
    const ceilingLeft = ceiling_C === null ? Infinity : ceiling_C - judged.hottest_C;
    const holesLeft = holesAt_C === null ? Infinity : holesAt_C - onSeam_C;
    if (ceilingLeft === Infinity && holesLeft === Infinity) return null;
    const holes = holesLeft < ceilingLeft;
    const [most_C, limit_C] = holes ? [onSeam_C, holesAt_C ?? 0] : [judged.hottest_C, ceiling_C ?? 0];
    const waited_s = judged.waits_s.reduce((sum, wait) => sum + wait, 0);
    const waits = waited_s > 0 && !holes;
    const doubt = RECKONED_DOUBT.share * Math.max(0, most_C - heat.metal_C);
    const nominal = waits ? Math.min(most_C, limit_C) : most_C;
    const nth = 1 + (holes ? judged.onSeam_C : judged.starts_C).indexOf(holes ? onSeam_C : judged.hottest_C);
    const body = under(
      '°C',
      // Waited for by thermometer, a run is begun no hotter than it may.
      { low: nominal - doubt, nominal, high: waits ? nominal : nominal + doubt },
      // How soon it holes is a fit of its own.
      holes && holesAt_A && current_A
        ? mapRange(holesAt_A, (amps) => startHolesAt_C(current_A.value, amps, melt))
        : exactly(limit_C),
      {
        now: `${say(nominal)} where run ${nth} begins${waits ? ', waited for' : ''}`,
        gap: holes ? 'before a start holes' : 'under the ceiling',
        past: holes ? 'over: the start holes' : 'over the ceiling',
        until: holes ? `holes at ${say(limit_C)}` : `${say(limit_C)} at the most`,
        reasons: [
          {
            words: `${counted(judged.order.length, 'run')} in the order taken: what each has left of its heat where the next begins, in a piece of ${inWords(system).size(Math.round(question.heat.piece.length_mm))} by ${inWords(system).size(Math.round(question.heat.piece.width_mm))}.`,
            source: OUR_JUDGEMENT,
          },
          ...(waits
            ? [
                {
                  words: `Without waiting it stands at ${say(most_C)}; waits of ${inWords(system).time(waited_s)} in all bring it under.`,
                  source: OUR_JUDGEMENT,
                },
              ]
            : []),
          ...(question.dutyRest_s > 0
            ? [
                {
                  words: `The duty window’s rest of ${inWords(system).time(question.dutyRest_s)} after each run is counted in.`,
                  source: OUR_JUDGEMENT,
                },
              ]
            : []),
          ...(holes
            ? [
                {
                  words: 'On metal that warm the sheet melts through where the rod is struck, as at Rod.',
                  source: BURN_THROUGH_FIT,
                },
              ]
            : []),
        ],
        ask: 'Another order, shorter segments, or a rest between.',
      },
    );
    if (!holes) return ofThumb(body, 'measure before each run');
    return meltFitted
      ? ofThumb(body, 'likely holes at a start: let it cool between')
      : guessed(body, 'may hole at a start');
  },
};

/** Starts that no run ends on: each is ground before the next pass, and that is where cracks begin. */
export const tieIns: Assessor = {
  title: 'Tie-ins',
  short: 'tie-ins',
  stop: 'order',
  bears: 'hand',
  assess({ order, wants, joint }: Reads<'order' | 'wants' | 'joint'>) {
    if (!order || !order.question.joined || wants.verdict === 'never' || joint.length_mm === null)
      return null;
    const { judged } = order.taken;
    const runs = judged.order.length;
    if (runs < 2) return null;
    const bare = judged.bareStarts;
    // One start has to be bare: the first.
    const more = (bare - 1) / (runs - 1);
    return ruled(
      under('starts', exactly(bare), exactly(runs), {
        now: `${bare} of ${runs} starts bare`,
        gap: 'starts that a run ends on',
        past: 'every start is bare',
        until: counted(runs, 'run'),
        reasons: [
          {
            words:
              'A run that ends on the start before it melts it again; a start that stays bare is ground to sound metal.',
            source: PRACTICE,
          },
          ...(judged.tieInsInside > 0
            ? [
                {
                  words: `Segments are longer than a rod goes: ${judged.tieInsInside} more tie-ins, inside them.`,
                  source: OUR_JUDGEMENT,
                },
              ]
            : []),
        ],
        ask: 'Back-step ends each run on the start before.',
      }),
      more <= 0 ? 'roomy' : more <= MANY_BARE.share ? 'snug' : 'tight',
    );
  },
};
