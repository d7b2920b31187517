import { SINGLE_PASS_WIRE, WIRE_WAYS } from '../data/processSettings';
import { OF_COVERING } from '../data/metals';
import type { ArcBy } from '../process/settings/arcBy';
import { counted, inWords, span, trimmed } from '../units/format';
import type { UnitSystem } from '../units/kinds';
import type { Range } from '../units/range';
import { step, type Step } from '../judge/step';
import type { Reads } from '../judge/situation';

/** What to do and to set, in order, for a process beside the stick. */
export function stepsBy(
  situation: Reads<'job' | 'heat' | 'wants' | 'system' | 'length_mm' | 'joint'>,
  set: ArcBy,
  setup: string,
): Step[] {
  const { heat, wants, system } = situation;
  const say = inWords(system);
  const warm = heat.preheat?.value ?? null;
  const gas = set.gas_l_min !== null;
  return [
    step('Before the arc', {
      actions: [
        cleaning(set),
        'Fit up and tack as the joint asks; tacks by the same settings, ground to a feather where they are welded over.',
        ...(set.purge_l_min
          ? [
              `Close the back off and let argon through: ${flow(set.purge_l_min, system)}, six changes of what is in there, first.`,
            ]
          : []),
      ],
      holds: warm === null ? [] : [`At ${say.temperature(warm)} before the first arc.`],
      cautions: [
        ...(gas || set.purge_l_min
          ? [
              'Shielding gas lies in pits, tanks and bilges and takes the air: nobody breathes there without air measured and moved, and somebody outside.',
            ]
          : ['Self-shielded wire fumes heavily: outdoors or with extraction.']),
        ...wants.cautions.filter((words) => !gas || !OF_COVERING.includes(words)),
      ],
    }),
    step('Set it', {
      actions: [setup],
      settings: settingsOf(set, system),
      why: `${set.source.name}. Try it on scrap of the same thickness.`,
    }),
    step(`Weld: ${counted(set.passes, 'pass', 'passes')}`, {
      actions: set.how,
      settings: [
        ...(set.leg_mm === null ? [] : [{ label: 'Leg', value: say.size(set.leg_mm) }]),
        { label: 'Pace', value: pace(set.pace_mm_min, system) },
        { label: 'Arc energy', value: energy(set.energy_kJ_mm, system) },
        { label: 'Arc time', value: say.time(60 * set.arc_min) },
        ...(set.gas_l === null ? [] : [{ label: 'Gas', value: `about ${trimmed(set.gas_l, 0)} l` }]),
        {
          label: set.process === 'tig' ? 'Filler rod' : 'Wire',
          value:
            system === 'metric'
              ? `${trimmed(1000 * set.filler_kg, 0)} g`
              : `${trimmed(set.filler_kg / 0.4536, 2)} lb`,
        },
      ],
      holds:
        heat.ceiling && set.passes > 1
          ? [`Not over ${say.temperature(heat.ceiling.value_C)} between passes.`]
          : [],
    }),
    step('After', {
      actions: [
        set.process === 'cored-wire' || set.way === 'filled'
          ? 'Chip and brush it; look at the toes and the end.'
          : 'Brush it; look at the toes and the end.',
        ...(set.way === 'short'
          ? ['Short-circuit wire can lie on top and look well: bend or etch a coupon where it counts.']
          : []),
      ],
    }),
  ];
}

const cleaning = ({ process, pole, way }: ArcBy): string =>
  pole === 'AC' || way === 'aluminium'
    ? 'Degrease, then a stainless brush kept for light metal; weld the same hour.'
    : process === 'cored-wire' || way === 'filled'
      ? 'Scale and rust off the joint: it has little to clean with.'
      : 'Bright metal 25 mm either side, back too; no oil, no scale: nothing in it cleans.';

/** What an arc without a covered rod is set to, in lines of a sheet. */
export function settingsOf(set: ArcBy, system: UnitSystem): Step['settings'] {
  const { current_A, volts_V, feed_m_min, stickOut_mm, tungsten } = set;
  return [
    ...(set.way ? [{ label: 'Transfer', value: WIRE_WAYS[set.way].name }] : []),
    { label: 'Pole', value: POLE[set.pole] },
    { label: 'Amps', value: `${span(current_A.low, current_A.high, 0)} A, begin at ${current_A.nominal} A` },
    ...(volts_V ? [{ label: 'Volts', value: `${span(volts_V.low, volts_V.high, 1)} V` }] : []),
    ...(feed_m_min ? [{ label: 'Wire feed', value: feed(feed_m_min, system) }] : []),
    {
      label: set.process === 'tig' ? 'Filler' : 'Wire',
      value: `${fillersInWords(set.fillers)}, ${thin(set.filler_mm, set.process, system)}`,
    },
    ...(tungsten ? [{ label: 'Tungsten', value: thin(tungsten.diameter_mm, 'tig', system) }] : []),
    ...(stickOut_mm ? [{ label: 'Tip to work', value: reach(stickOut_mm, system) }] : []),
    ...(set.gas_l_min
      ? [{ label: set.process === 'tig' ? 'Argon' : 'Gas', value: flow(set.gas_l_min, system) }]
      : []),
    ...(set.purge_l_min ? [{ label: 'Argon behind', value: flow(set.purge_l_min, system) }] : []),
    ...(set.upright ? [{ label: 'Way', value: set.upright === 'up' ? 'upwards' : 'downwards' }] : []),
  ];
}

/** Fillers that serve, the usual first; a single-pass wire is called so. */
const fillersInWords = (fillers: ArcBy['fillers']): string =>
  fillers.map((id) => (id === SINGLE_PASS_WIRE ? `${id}, single pass,` : id)).join(' or ');

const POLE: Readonly<Record<ArcBy['pole'], string>> = {
  DCEP: 'electrode positive (DCEP)',
  DCEN: 'electrode negative (DCEN)',
  AC: 'AC',
};
const IN = 25.4;
const CFH = 2.1189;
/** Wires and tungstens as they are called. */
const WIRE_in: Readonly<Record<string, string>> = {
  0.6: '0.023',
  0.8: '0.030',
  0.9: '0.035',
  1: '0.040',
  1.2: '0.045',
};
const ROD_in: Readonly<Record<string, string>> = {
  1: '0.040',
  1.6: '1/16',
  2.4: '3/32',
  3.2: '1/8',
  4: '5/32',
};
const thin = (mm: number, process: ArcBy['process'], system: UnitSystem): string =>
  system === 'metric'
    ? `${trimmed(mm, 1)} mm`
    : `${(process === 'tig' ? ROD_in : WIRE_in)[mm] ?? trimmed(mm / IN, 3)} in`;
const reach = ([low, high]: readonly [number, number], system: UnitSystem): string =>
  system === 'metric' ? `${low} to ${high} mm` : `${span(low / IN, high / IN, 2)} in`;
const pace = ({ low, high }: Range, system: UnitSystem): string =>
  system === 'metric'
    ? `${span(Math.round(low / 5) * 5, Math.round(high / 5) * 5, 0)} mm/min`
    : `${span(low / IN, high / IN, 0)} in/min`;
const feed = ({ low, nominal, high }: Range, system: UnitSystem): string =>
  system === 'metric'
    ? `${span(low, high, 1)} m/min, begin at ${trimmed(nominal, 1)} m/min`
    : `${span((1000 * low) / IN, (1000 * high) / IN, 0)} in/min`;
const flow = ({ low, high }: Range, system: UnitSystem): string =>
  system === 'metric' ? `${span(low, high, 0)} l/min` : `${span(low * CFH, high * CFH, 0)} cfh`;
const energy = ({ low, high }: Range, system: UnitSystem): string =>
  system === 'metric' ? `${span(low, high, 2)} kJ/mm` : `${span(low * IN, high * IN, 0)} kJ/in`;
