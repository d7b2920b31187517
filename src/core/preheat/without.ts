import { ANY_FLAME_C, MORE_HEAT } from '../data/heatLimits';
import { isSoftFiller } from '../heat/softFiller';
import { rodClass, type Coating } from '../data/rods';
import { ROD_SIZES } from '../data/rodSizes';
import { preheatOf } from './preheat';
import { torchWork } from '../heat/torch';
import { inWords, trimmed } from '../units/format';
import type { Range } from '../units/range';
import type { Reads, Situation } from '../judge/situation';

/** A way round a preheat that cannot be had, and what it is worth here. */
export interface WayRound {
  id: 'soft-filler' | 'drier-rod' | 'more-heat' | 'temper' | 'more-flame' | 'refuse';
  title: string;
  words: string;
  /** Whether it can be done with what is here. */
  here: boolean;
}

/** Coverings of rods that lay austenitic or nickel weld metal on steel. */
const SOFT_ON_STEEL: readonly Coating[] = ['stainless', 'nickel'];
/** A rod marked for four millilitres. */
const DRY_ROD: Range = { low: 2, nominal: 3.2, high: 4 };

/** Answers "what if I cannot get it that warm?": every way round, judged with this job's numbers. Empty where no preheat is planned. */
export function withoutPreheat(situation: Situation): WayRound[] {
  const { heat, kit, rod, hydrogen, system, job } = situation;
  const { asker, preheat, torch } = heat;
  if (!preheat || heat.aim_C < ANY_FLAME_C.value) return [];
  const say = inWords(system).temperature;
  const asked = (change: Partial<NonNullable<typeof asker>['question']>): string => {
    if (!asker) return '';
    const { asked_C } = preheatOf(asker.preheat.composition, { ...asker.question, ...change });
    const then = asker.question.rule.forUsual ? asked_C.nominal : asked_C.high;
    return then <= heat.metal_C
      ? 'Then nothing above the air is asked.'
      : then < heat.aim_C - 2
        ? `Then ${say(then)} is asked in place of ${say(heat.aim_C)}.`
        : 'Here it changes nothing: something else sets the preheat.';
  };
  const soft = kit.tins.filter(
    (tin) => tin.count !== 0 && SOFT_ON_STEEL.includes(rodClass(tin.rodClass).coating),
  );
  const isSoft = rod !== null && isSoftFiller(rod.value.rodClass);
  const ways: (WayRound | false)[] = [
    asker !== null &&
      !isSoft && {
        id: 'soft-filler',
        title: 'A rod that keeps its hydrogen',
        words: soft[0]
          ? `${soft[0].rodClass} ${ROD_SIZES[soft[0].size].inches} is in the tins. ${asked({ softFiller: true })} The edge beside the weld still hardens.`
          : 'Stainless 312 or 309 kind, or nickel-chromium: none in the tins here.',
        here: soft.length > 0,
      },
    asker !== null &&
      hydrogen !== null &&
      hydrogen.ml.high > DRY_ROD.high && {
        id: 'drier-rod',
        title: 'A rod marked H4, dry',
        words: asked({ hydrogen_ml: DRY_ROD, lowHydrogen: true }),
        here: kit.tins.some((tin) => rodClass(tin.rodClass).coating === 'basic' && tin.count !== 0),
      },
    asker !== null && {
      id: 'more-heat',
      title: 'Bigger, hotter beads',
      words: asked({
        heat_kJ_mm: {
          low: asker.question.heat_kJ_mm.low * MORE_HEAT.times,
          nominal: asker.question.heat_kJ_mm.nominal * MORE_HEAT.times,
          high: asker.question.heat_kJ_mm.high * MORE_HEAT.times,
        },
      }),
      here: true,
    },
    asker !== null && {
      id: 'temper',
      title: 'A second layer that tempers the first',
      words: job.heat.temperBead
        ? 'Planned. It softens the hard edge; it does not take the hydrogen out.'
        : 'Softens the hard edge; it does not take the hydrogen out. Beside another way, not instead.',
      here: true,
    },
    torch !== null &&
      torch.work.time_s === null && {
        id: 'more-flame',
        title: 'A second torch, a wind break, a blanket',
        words: twoTorches(situation, preheat.value),
        here: true,
      },
    {
      id: 'refuse',
      title: 'Leave it cold and unwelded',
      words:
        'Take it to where it can be warmed, bolt it, or clamp a plate over. Nothing holds a weld whose edge has cracked.',
      here: true,
    },
  ];
  return ways.filter((way) => way !== false);
}

function twoTorches({ heat, system }: Reads<'heat' | 'system'>, to_C: number): string {
  const { torch, piece } = heat;
  if (!torch) return '';
  const work = torchWork({ ...piece, wind_m_s: 0, soaked_s: 0 }, to_C, 2 * torch.kW);
  const say = inWords(system).temperature;
  return work.time_s
    ? `Two of ${trimmed(torch.kW, 1)} kW out of the wind: about ${inWords(system).time(work.time_s.nominal)}.`
    : `Even two of ${trimmed(torch.kW, 1)} kW out of the wind come to ${say(work.reaches_C)} only.`;
}
