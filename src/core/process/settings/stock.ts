import { BARE_FILLERS, BARE_SOURCE, STANDS_FOR, type BareFillerId } from '../../data/bareFillers';
import { BOTTLE_KEEPS_bar, CO2_l_kg, GAS_SOURCE, GASES, TUNGSTEN_KINDS, type GasRow } from '../../data/gases';
import { metalFamily } from '../../data/metals';
import { TUNGSTEN_SOURCE } from '../../data/processSettings';
import type { Bottle, FillerItem, Kit } from '../../formats/kit';
import { span, trimmed } from '../../units/format';
import { PRACTICE } from '../../units/sources';
import type { ArcBy, LimitBy, OtherArc, SetFor, Sizes } from './arcBy';

/** Reels, bare rods, tungstens and bottles of the kit, held against what a process asks. */
export type Stock = Pick<Kit, 'fillers' | 'bottles' | 'tungstens' | 'tools'>;

/** Some of it is left, as far as anybody said. */
export const isLeft = ({ left_kg }: Pick<FillerItem, 'left_kg'>): boolean => left_kg !== 0;

/** Form and make-up in which a process takes its filler. */
const isOf = (process: OtherArc, { cls, as }: FillerItem): boolean => {
  const { form } = BARE_FILLERS[cls];
  if (process === 'cored-wire') return form === 'self-shielded';
  return process === 'tig' ? as === 'rods' : as === 'reel' && form !== 'self-shielded';
};

/** What is on hand of the classes that serve: those asked for first, then what stands for them. */
export function serving(
  process: OtherArc,
  asked: readonly BareFillerId[],
  { fillers }: Pick<Kit, 'fillers'>,
): FillerItem[] {
  const here = fillers.filter((item) => isOf(process, item) && isLeft(item));
  const exact = here.filter(({ cls }) => asked.includes(cls));
  const instead = asked.flatMap((id) => STANDS_FOR[id] ?? []);
  return exact.length > 0 ? exact : here.filter(({ cls }) => instead.includes(cls));
}

/** Sizes on hand that settings keep to. */
export const sizesOnHand = (process: OtherArc, asked: readonly BareFillerId[], kit: Stock): Sizes => ({
  fillers_mm: serving(process, asked, kit).map(({ size }) => Number(size)),
  tungstens_mm: kit.tungstens.filter(({ count }) => count !== 0).map(({ size }) => Number(size)),
});

/** Litres of gas a bottle still gives; null where its gauge or its weight is not known. */
export function gasIn_l({ gas, size_l, pressure_bar, left_kg }: Bottle): number | null {
  if (gas === 'co2') return left_kg === null ? null : left_kg * CO2_l_kg;
  if (size_l === null || pressure_bar === null) return null;
  return size_l * Math.max(0, pressure_bar - BOTTLE_KEEPS_bar);
}

/** What is wanted of a stock is known to so much either side, as a share. */
const NEED_DOUBT = 0.25;

/** How a stock stands against what is wanted: short only where the good end is. */
const standing = (left: number, wanted: number): LimitBy['state'] =>
  left < wanted * (1 - NEED_DOUBT) ? 'none' : left < wanted * (1 + NEED_DOUBT) ? 'tight' : 'roomy';

/** The right class on hand, in the right form, and enough of it. */
export function onFiller(set: ArcBy, kit: Stock): LimitBy[] {
  const here = kit.fillers.filter((item) => isOf(set.process, item) && isLeft(item));
  if (here.length === 0) return [];
  const limit = (state: LimitBy['state'], words: string): LimitBy => ({
    title: 'Filler',
    state,
    words,
    source: BARE_SOURCE,
  });
  const fits = serving(set.process, set.fillers, kit);
  const [first] = fits;
  if (!first)
    return [
      limit(
        'none',
        `It asks ${set.fillers.join(' or ')}; on the truck: ${[...new Set(here.map(({ cls }) => cls))].join(', ')}.`,
      ),
    ];
  const found = set.fillers.includes(first.cls)
    ? []
    : [limit('tight', `${first.cls} stands in for ${set.fillers[0]}: ${BARE_FILLERS[first.cls].what}.`)];
  const known = fits.flatMap(({ left_kg }) => (left_kg === null ? [] : [left_kg]));
  if (known.length < fits.length) return found;
  const left = known.reduce((a, b) => a + b, 0);
  const words = `${weight(left)} on hand, about ${weight(set.filler_kg)} goes in.`;
  return [...found, limit(standing(left, set.filler_kg), words)];
}

/** A gas that suits metal and process, and enough of it. */
export function onGas(set: ArcBy, { wants }: Pick<SetFor, 'wants'>, { bottles }: Stock): LimitBy[] {
  const { process, gas_l, gas_l_min, purge_l_min } = set;
  if (process === 'cored-wire' || gas_l === null || gas_l_min === null || bottles.length === 0) return [];
  const groups = wants.families.map((family) => metalFamily(family).group);
  const suits = ({ gas }: Bottle) => {
    const row: GasRow = GASES[gas];
    return groups.every((group) => row.for[process]?.includes(group) ?? false);
  };
  const limit = (state: LimitBy['state'], words: string): LimitBy => ({
    title: 'Gas',
    state,
    words,
    source: GAS_SOURCE,
  });
  const right = bottles.filter(suits);
  const [wrong] = bottles;
  if (right.length === 0 && wrong) {
    const { name, wrong: why } = GASES[wrong.gas];
    return [limit('none', `On the truck: ${name}. Not for this: ${why}.`)];
  }
  const known = right.flatMap((bottle) => gasIn_l(bottle) ?? []);
  if (known.length < right.length || known.length === 0) return [];
  const left = known.reduce((a, b) => a + b, 0);
  const flow = gas_l_min.nominal + (purge_l_min?.nominal ?? 0);
  return [
    limit(
      standing(left, gas_l),
      `About ${litres(gas_l)} goes of ${litres(left)} in ${right.length === 1 ? 'the bottle' : `${right.length} bottles`}${left > 0 ? ` (${trimmed(Math.min(999, (100 * gas_l) / left), 0)} %), which lasts ${span(Math.floor(left / flow), Math.floor(left / flow), 0)} min of flow` : ''}.`,
    ),
  ];
}

/** Kinds of tungsten that hold a point on direct current. */
const HOLDS_POINT: readonly (keyof typeof TUNGSTEN_KINDS)[] = [
  'lanthanated',
  'ceriated',
  'thoriated',
  'mixed',
];

/** The tungsten that is set stands its amps, and is of a kind for its pole. */
export function onTungsten(set: ArcBy, { tungstens }: Stock): LimitBy[] {
  const { tungsten, current_A, pole } = set;
  if (!tungsten) return [];
  const { diameter_mm, most_A } = tungsten;
  const limit = (state: LimitBy['state'], words: string): LimitBy => ({
    title: 'Tungsten',
    state,
    words,
    source: TUNGSTEN_SOURCE,
  });
  const here = tungstens.filter(({ size, count }) => Number(size) === diameter_mm && count !== 0);
  const stands = limit(
    current_A.low > most_A ? 'none' : current_A.high > most_A ? 'tight' : 'roomy',
    `${trimmed(diameter_mm, 1)} mm stands about ${most_A} A on ${pole}.`,
  );
  if (here.length === 0) return [stands];
  const blunt = pole !== 'AC' && here.every(({ kind }) => !HOLDS_POINT.includes(kind));
  const dust = here.every(({ kind }) => kind === 'thoriated');
  return [
    stands,
    ...(blunt
      ? [limit('tight', `${TUNGSTEN_KINDS[here[0]?.kind ?? 'pure']} balls over on ${pole}: the arc wanders.`)]
      : []),
    ...(dust
      ? [
          {
            ...limit(
              'tight',
              'Thorium: never breathe the dust of its point; grind it wet or with extraction.',
            ),
            source: PRACTICE,
          },
        ]
      : []),
  ];
}

const litres = (l: number): string => `${trimmed(l < 100 ? l : Math.round(l / 10) * 10, 0)} l`;
const weight = (kg: number): string => (kg < 1 ? `${trimmed(1000 * kg, 0)} g` : `${trimmed(kg, 1)} kg`);
