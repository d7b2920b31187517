import { metalsOf } from '../metalsOf';
import { FERRITE_WANTED, SCHAEFFLER_SOURCE, WRC_SOURCE } from '../../data/constitution';
import { DILUTION_SOURCE } from '../../data/dilution';
import { CHOSEN, PRACTICE } from '../../units/sources';
import { austeniticByMake, type FerriteWanted } from '../wanted';
import { trimmed } from '../../units/format';
import { exactly, type Range } from '../../units/range';
import { over, ruled, under, yesNo, type Reason, type RoomState } from '../../judge/room';
import type { MixPair, MixPlan } from '../mixPlan';
import type { Reads } from '../../judge/situation';
import { settledMix } from '../settledMix';
import type { Assessor } from '../../judge/assessor';

/** The pair with the least ferrite, or the most, among those for which ferrite matters. */
function pairBy(mix: MixPlan | null, fn: (pair: MixPair) => number) {
  const asked = (mix?.pairs ?? []).flatMap((pair) =>
    pair.wanted && pair.judged.nominal.scope.id === 'chart' ? [{ ...pair, wanted: pair.wanted }] : [],
  );
  const [first, ...rest] = asked;
  return first ? rest.reduce((worst, pair) => (fn(pair) > fn(worst) ? pair : worst), first) : null;
}

/** Ferrite as the two diagrams read it: from the lower of them to the higher. */
function bothRead({ judged }: MixPair): Range {
  const { fn, ferrite_pct } = judged;
  return {
    low: Math.min(fn.low, ferrite_pct.low),
    nominal: (fn.nominal + ferrite_pct.nominal) / 2,
    high: Math.max(fn.high, ferrite_pct.high),
  };
}

const percent = (share: number): string => `${trimmed(100 * share, 0)} %`;

/** How the figure came about: both diagrams, and the dilution. */
export function mixReasons({ situation, pair }: { situation: Reads<'mix'>; pair: MixPair }): Reason[] {
  const { mix } = situation;
  if (!mix) return [];
  const { fn, ferrite_pct, far } = pair.judged;
  const span = ({ low, high }: Range) => `${trimmed(low, 0)} to ${trimmed(high, 0)}`;
  return [
    {
      words: `WRC-1992: ${trimmed(fn.nominal, 0)} FN, nineteen of twenty between ${span(fn)}.`,
      source: WRC_SOURCE,
    },
    {
      words: `Schaeffler: ${trimmed(ferrite_pct.nominal, 0)} %, between ${span(ferrite_pct)}.`,
      source: SCHAEFFLER_SOURCE,
    },
    {
      words: `${mix.rodClass} with ${percent(mix.dilution.nominal)} of ${metalsOf(pair)} melted in, ${percent(mix.dilution.low)} to ${percent(mix.dilution.high)}. At the far end ${trimmed(far.fn, 0)} FN and ${trimmed(far.ferrite_pct, 0)} %.`,
      source: mix.by === 'you' ? CHOSEN : DILUTION_SOURCE,
    },
  ];
}

const ASK = 'Name the grades at Heat, under "The mixed weld": the range closes in.';

/** Enough ferrite that the bead does not crack as it sets. */
export const ferriteLow: Assessor = {
  title: 'Ferrite, enough',
  short: 'ferrite',
  stop: 'rod',
  assess(situation: Reads<'mix' | 'wants'>) {
    const mix = settledMix(situation);
    const pair = pairBy(mix, ({ judged }) => -judged.nominal.fn);
    if (!mix || !pair) return null;
    if (austeniticByMake(mix.rodClass))
      return yesNo('departure', {
        now: mix.rodClass,
        gap: 'no ferrite by make',
        until: 'clean, small, convex beads',
        reasons: [
          {
            words: `${mix.rodClass} is austenite throughout: nothing soaks up dirt as it sets. Spotless metal, short arc, small convex beads, every crater filled.`,
            source: PRACTICE,
          },
        ],
      });
    const { nominal, far } = pair.judged;
    const { least } = pair.wanted;
    const read = bothRead(pair);
    const body = over('FN', read, exactly(least), {
      now: `${trimmed(read.nominal, 1)} FN in the bead`,
      gap: 'before it may crack',
      past: 'short of ferrite: it cracks as it sets',
      until: `${least} FN at least`,
      reasons: [
        ...mixReasons({ situation, pair }),
        { words: wantedWords(pair.wanted), source: pair.wanted.source },
        ...(nominal.fn < least !== nominal.ferrite_pct < least
          ? [
              {
                words: 'The two diagrams do not agree: WRC-1992 may read 1 to 2 FN low here.',
                source: WRC_SOURCE,
              },
            ]
          : []),
      ],
      ask:
        pair.judged.question.sideA.by === 'family' || pair.judged.question.sideB.by === 'family' ? ASK : '',
    });
    return ruled(
      body,
      lowState(pair, nominal.fn, nominal.ferrite_pct, far.fn === 0 && far.ferrite_pct === 0),
    );
  },
};

/**
 * None only where both diagrams read nothing at the far end of the dilution; tight where either reads under the least at the usual one.
 */
function lowState(
  { wanted, judged }: MixPair & { wanted: FerriteWanted },
  fn: number,
  ferrite_pct: number,
  dry: boolean,
): Exclude<RoomState, 'unknown'> {
  if (dry) return 'none';
  if (fn < wanted.least || ferrite_pct < wanted.least) return 'tight';
  return judged.fn.low < wanted.least ? 'snug' : 'roomy';
}

function wantedWords({ kind, least, most, closed }: FerriteWanted): string {
  switch (kind) {
    case 'duplex':
      return `Duplex weld metal wants ${least} to ${most} FN: less is weak, more is brittle.`;
    case 'hot':
      return `In hot service ${least} to ${most} FN: over ${closed} it turns to sigma and goes brittle.`;
    case 'austenitic':
      return `${least} to 8 FN keeps a bead from cracking as it sets; up to about ${most} does no harm cold.`;
  }
}

/** Not so much ferrite that it turns brittle, in heat or in the cold. */
export const ferriteHigh: Assessor = {
  title: 'Ferrite, not too much',
  short: 'ferrite +',
  stop: 'rod',
  assess(situation: Reads<'mix' | 'wants'>) {
    const mix = settledMix(situation);
    const pair = pairBy(mix, ({ judged }) => judged.nominal.fn);
    if (!mix || !pair) return null;
    const { wanted, judged } = pair;
    const fn = judged.fn;
    const sigma = wanted.kind === 'hot' && mix.rodClass === 'E312-16';
    const body = under('FN', fn, exactly(wanted.kind === 'hot' ? wanted.closed : wanted.most), {
      now: `${trimmed(fn.nominal, 0)} FN in the bead`,
      gap: wanted.kind === 'hot' ? 'before sigma' : 'before it is too much',
      past: wanted.kind === 'hot' ? 'over: sigma in the heat' : 'over what is usual',
      until: `${wanted.kind === 'hot' ? wanted.closed : wanted.most} FN at the most`,
      reasons: [
        ...mixReasons({ situation, pair }),
        { words: wantedWords(wanted), source: wanted.source },
        ...(sigma
          ? [
              {
                words: '312 goes brittle in hot service whatever it is mixed with.',
                source: FERRITE_WANTED.source,
              },
            ]
          : []),
      ],
    });
    return ruled(body, sigma ? 'none' : highState(wanted, fn));
  },
};

function highState(
  { kind, most, closed }: FerriteWanted,
  { nominal, high }: Range,
): Exclude<RoomState, 'unknown'> {
  if (nominal > closed) return 'none';
  if (nominal > most) return 'tight';
  if (high > closed && kind === 'hot') return 'tight';
  return high > most ? 'snug' : 'roomy';
}
