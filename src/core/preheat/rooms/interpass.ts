import type { Reads } from '../../judge/situation';
import { INTERPASS_AT_mm, INTERPASS_MARGIN, RECKONED_DOUBT, WAITING_IS_TIGHT } from '../../data/heatLimits';
import { AIR_LOSS } from '../../data/heatProperties';
import { OUR_JUDGEMENT } from '../../units/sources';
import { inWords } from '../../units/format';
import { neverFalls } from '../../heat/holds';
import { ruled, under } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';

/** Degrees under the ceiling where the hottest bead begins, waits and all. */
export const interpass: Assessor = {
  title: 'Between beads',
  short: 'interpass',
  stop: 'heat',
  assess({ heat, timeline, wants, system, job }: Reads<'heat' | 'timeline' | 'wants' | 'system' | 'job'>) {
    const { ceiling } = heat;
    if (!ceiling || !timeline || wants.verdict === 'never' || timeline.starts.length === 0) return null;
    const say = inWords(system).temperature;
    const hottest = timeline.starts.reduce((a, b) => (b.started_C > a.started_C ? b : a));
    // A preheat over the ceiling harms the metal before any bead is laid.
    const preheated = heat.start_C > hottest.started_C;
    const most_C = preheated ? heat.start_C : hottest.started_C;
    const rise = Math.max(0, most_C - heat.metal_C);
    // A bead that was waited for begins at what a thermometer shows.
    const measured =
      preheated || hottest.wait_s > 0 || heat.correction?.kind === 'corrected' || hottest.pass <= 1;
    const doubt = measured ? 0 : RECKONED_DOUBT.share * rise;
    const value = {
      low: most_C - doubt,
      nominal: most_C,
      // Held by thermometer, a bead is begun no hotter than it is waited for.
      high: job.heat.goStraightOn
        ? most_C + doubt
        : Math.max(most_C, Math.min(most_C + doubt, ceiling.value_C * (1 - INTERPASS_MARGIN.share))),
    };
    const waits = timeline.starts.filter(({ wait_s }) => wait_s > 0);
    const longest = Math.max(0, ...waits.map(({ wait_s }) => wait_s));
    const stuck = timeline.starts.some(neverFalls);
    const room = under(
      '°C',
      value,
      { low: ceiling.value_C, nominal: ceiling.value_C, high: ceiling.value_C },
      {
        now: preheated ? `${say(most_C)} of preheat` : `${say(most_C)} where pass ${hottest.pass} begins`,
        gap: 'under the ceiling',
        past: 'over the ceiling',
        until: `${say(ceiling.value_C)} at the most`,
        reasons: [
          { words: ceiling.words, source: ceiling.source },
          {
            words: `Reckoned ${INTERPASS_AT_mm.value} mm from the weld on a piece of ${inWords(system).size(Math.round(heat.piece.length_mm))} by ${inWords(system).size(Math.round(heat.piece.width_mm))}, ${inWords(system).wind(heat.piece.wind_m_s)} of wind.`,
            source: AIR_LOSS.source,
          },
          ...(waits.length > 0
            ? [
                {
                  words: stuck
                    ? 'It does not fall that far by itself in a day: the ceiling lies at or under the air.'
                    : `${waits.length} ${waits.length === 1 ? 'wait' : 'waits'}, the longest ${inWords(system).time(longest)}, are in the time of the job.`,
                  source: OUR_JUDGEMENT,
                },
              ]
            : []),
        ],
        ask: measured ? '' : 'A thermometer reading at Heat says how this piece really cools.',
      },
    );
    const waited_s = waits.reduce((sum, { wait_s }) => sum + wait_s, 0);
    // What is only held by waits that were planned is as tight as it gets: gone straight on, it is over.
    const isHeld = waited_s >= WAITING_IS_TIGHT.share * timeline.elapsed_s && room.state !== 'none';
    return isHeld
      ? { ...ruled(room, 'tight'), gap: `held by ${inWords(system).time(waited_s)} of waiting` }
      : room;
  },
};
