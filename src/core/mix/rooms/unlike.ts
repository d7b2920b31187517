import type { Reads } from '../../judge/situation';
import { libraryRow } from '../../data/library';
import {
  GALVANIC_LIMIT_SOURCE,
  GALVANIC_LIMIT_V,
  SEA_POTENTIAL_V,
  SEA_SOURCE,
  seriesOfFamily,
  seriesOfRod,
  WELD_EATEN_V,
} from '../../data/galvanic';
import { metalFamily } from '../../data/metals';
import { rodClass } from '../../data/rods';
import {
  ASSUMED_SERVICE_C,
  CARBON_MOVES_FROM_C,
  SAME_GROWTH_um_mK,
  WELDED_AT_C,
  WETS,
  YIELD_STRAIN_pct,
  type WetId,
} from '../../data/service';
import { CHOSEN, HANDBOOK } from '../../units/sources';
import type { FamilyId } from '../../data/families';
import { inWords, trimmed, midSentence } from '../../units/format';
import { exactly } from '../../units/range';
import { ruled, under } from '../../judge/room';
import { settledMix } from '../settledMix';
import type { Assessor } from '../../judge/assessor';

/** What unlike metals do to one another once the weld is done. */

const middle = (family: FamilyId): number => {
  const { low, high } = libraryRow(family).expansion_um_mK.value;
  return (low + high) / 2;
};

/** Sides that grow differently with heat strain the weld between them. */
export const expansion: Assessor = {
  title: 'Growth in heat',
  short: 'growth',
  stop: 'rod',
  assess(situation: Reads<'job' | 'system' | 'mix' | 'wants'>) {
    const { job, system } = situation;
    const mix = settledMix(situation);
    const pair = mix?.worst;
    if (!pair || pair.a === pair.b) return null;
    const [a, b] = [middle(pair.a), middle(pair.b)];
    const differ = Math.abs(a - b);
    if (differ < SAME_GROWTH_um_mK.value) return null;
    const say = inWords(system).temperature;
    const asked = job.look.service_C;
    const service_C = asked ?? ASSUMED_SERVICE_C.value;
    const strain_pct = (differ * Math.abs(service_C - WELDED_AT_C)) / 1e4;
    const limit = YIELD_STRAIN_pct.value;
    const steelBeside = [pair.a, pair.b].some((id) =>
      ['carbon', 'hardenable'].includes(metalFamily(id).group),
    );
    return under(
      '%',
      { low: strain_pct * 0.8, nominal: strain_pct, high: strain_pct * 1.2 },
      exactly(limit),
      {
        now: `${trimmed(strain_pct, 2)} % strain at ${say(service_C)}`,
        gap: 'before steel yields',
        past: 'strained past yield each time it heats',
        until: `${limit} % yields`,
        reasons: [
          {
            words: `${metalFamily(pair.a).name} grows ${trimmed(a, 1)}, ${midSentence(metalFamily(pair.b).name)} ${trimmed(b, 1)} millionths per degree.`,
            source: HANDBOOK,
          },
          {
            words:
              asked === null
                ? `Nobody said how hot it gets: counted to ${say(service_C)}.`
                : `From ${say(WELDED_AT_C)} to ${say(service_C)} and back in service.`,
            source: asked === null ? ASSUMED_SERVICE_C.source : CHOSEN,
          },
          { words: `Plain steel yields at about ${limit} %.`, source: YIELD_STRAIN_pct.source },
          ...(steelBeside && service_C >= CARBON_MOVES_FROM_C.value
            ? [
                {
                  words: `Over ${say(CARBON_MOVES_FROM_C.value)} carbon leaves the steel for a stainless weld: nickel-chromium rod keeps it, and grows as steel does.`,
                  source: CARBON_MOVES_FROM_C.source,
                },
              ]
            : []),
        ],
        ask: asked === null ? 'Type how hot it gets in service, at Look.' : '',
      },
    );
  },
};

/** Unlike metals in the wet: the less noble wastes away beside the other. */
export const galvanic: Assessor = {
  title: 'Unlike metals in the wet',
  short: 'galvanic',
  stop: 'rod',
  assess(situation: Reads<'job' | 'mix' | 'wants'>) {
    const { job } = situation;
    const mix = settledMix(situation);
    const pair = mix?.worst;
    if (!mix || !pair) return null;
    const weld = seriesOfRod(mix.rodClass, rodClass(mix.rodClass).coating);
    const sides = [pair.a, pair.b].flatMap((family) => {
      const series = seriesOfFamily(family, metalFamily(family).group);
      return series ? [{ name: midSentence(metalFamily(family).name), volts: SEA_POTENTIAL_V[series] }] : [];
    });
    const all = [...sides, { name: 'the weld', volts: SEA_POTENTIAL_V[weld] }];
    const noblest = all.reduce((a, b) => (b.volts > a.volts ? b : a));
    const wasted = all.reduce((a, b) => (b.volts < a.volts ? b : a));
    const apart_V = noblest.volts - wasted.volts;
    if (apart_V < 0.05) return null;
    const wet: WetId = job.look.wet ?? (job.look.place === 'indoors' ? 'dry' : 'weather');
    if (wet === 'dry') return null;
    const limit = GALVANIC_LIMIT_V[wet];
    const eaten =
      wasted.name === 'the weld' && sides.every(({ volts }) => volts - wasted.volts > WELD_EATEN_V.value);
    const body = under('V', exactly(apart_V), exactly(limit), {
      now: `${trimmed(apart_V, 2)} V apart`,
      gap: apart_V > limit ? 'paint both sides, seal it' : 'before it matters here',
      past: eaten ? 'the weld itself is eaten' : 'paint over both, and seal it',
      until: `${limit} V, ${midSentence(WETS[wet])}`,
      reasons: [
        {
          words: `In sea water ${wasted.name} lies ${trimmed(apart_V, 2)} V under ${noblest.name}: where both are wet, ${wasted.name} wastes away.`,
          source: SEA_SOURCE,
        },
        {
          words: `${WETS[wet]}${job.look.wet === null ? ', as nobody said otherwise' : ''}: up to ${limit} V is let stand.`,
          source: GALVANIC_LIMIT_SOURCE,
        },
        ...(eaten
          ? [
              {
                words: 'A small weld less noble than both sides feeds them: a nobler rod, never a plain one.',
                source: WELD_EATEN_V.source,
              },
            ]
          : [
              {
                words:
                  'Paint the nobler side too: a scratch on the other alone drives all of it into one pit.',
                source: GALVANIC_LIMIT_SOURCE,
              },
            ]),
      ],
      ask: job.look.wet === null ? 'Say how wet it is in service, at Look.' : '',
    });
    if (body.state !== 'none') return body;
    // Paint cures it, unless the weld itself is what wastes away.
    const state = { weather: eaten ? 'tight' : 'snug', sea: eaten ? 'none' : 'tight' } as const;
    return ruled(body, state[wet]);
  },
};
