import type { FamilyId } from './families';
import type { OtherWayId } from './otherWays';
import { HANDBOOK, type Source } from '../units/sources';

/** Metals that share their answer to "which rod?" when joined to something else. */
export type MetalGroup =
  | 'carbon'
  | 'hardenable'
  | 'manganese'
  | 'cast-iron'
  | 'austenitic'
  | 'ferritic'
  | 'duplex'
  | 'aluminium'
  | 'copper'
  | 'nickel'
  | 'nickel-copper'
  | 'nickel-chromium'
  | 'none';

/**
 * Whether the family may be arc welded on site at all. 'never' is kept in mind down to a trace of belief; 'no-rod' only says that
 * no stick rod suits.
 */
export type ArcVerdict = 'yes' | 'last-resort' | 'no-rod' | 'never';

export interface Thermal {
  density_g_cm3: number;
  heat_J_kgK: number;
  /** Lowest melting point, °C. */
  solidus_C: number;
  source: Source;
}

export interface MetalFamily {
  name: string;
  group: MetalGroup;
  arc: ArcVerdict;
  /** Why it is last resort or never, and what to do instead. Empty where arc is 'yes'. */
  why: string;
  instead: string;
  /** Other ways to mend it, best first; none where the arc does it. */
  ways?: readonly OtherWayId[];
  thermal: Thermal | null;
  /** Rod classes for the family joined to itself, best first. */
  rods: readonly string[];
  /** Cautions to show at the step they belong to. */
  cautions: readonly string[];
}

const thermal = (density_g_cm3: number, heat_J_kgK: number, solidus_C: number): Thermal => ({
  density_g_cm3,
  heat_J_kgK,
  solidus_C,
  source: HANDBOOK,
});

const LOW_HYDROGEN = ['E7018', 'E7016', 'E7015'] as const;
/** Stronger than plain ones, for steels that are; behind them, as a softer bead cracks less. */
const STRONG = ['E8018-C3', 'E9018M', 'E10018-D2', 'E11018M'] as const;
const CARBON_RODS = [
  'E7018',
  'E6013',
  'E6011',
  'E7014',
  'E6010',
  'E7016',
  'E6012',
  'E7024',
  'E7015',
  'E8018-C3',
  'E8018-W2',
] as const;
const CHROMIUM_FUME =
  'Chromium in the fume: extract it or stay upwind, and wear the respirator your site asks for.';
const ZINC_FUME = 'Zinc fume brings on fever: keep your head out of the plume, extract or stay upwind.';
const NICKEL_FUME = 'Nickel in the fume: extract it or stay upwind.';
const SLAG_JUMPS = 'Slag jumps off stainless as it cools: keep the glasses on under the hood.';
const FLUX_FUME = 'Fluoride in the flux fume: extract it or stay upwind, and wash the flux off afterwards.';
/** Cautions that hang on a rod's covering: a bare filler under gas has none. */
export const OF_COVERING: readonly string[] = [FLUX_FUME, SLAG_JUMPS];

/**
 * Every family of base metal the app tells apart, with the rule it sets for heat and rods.
 * Which families may be arc welded at all is said here and nowhere else.
 */
export const METALS = {
  'low-carbon-steel': {
    name: 'Low-carbon steel',
    group: 'carbon',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(7.87, 486, 1480),
    rods: CARBON_RODS,
    cautions: [],
  },
  'medium-carbon-steel': {
    name: 'Medium-carbon steel',
    group: 'hardenable',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(7.85, 486, 1420),
    rods: [...LOW_HYDROGEN, 'E309L-16', 'E312-16'],
    cautions: [],
  },
  'high-carbon-steel': {
    name: 'High-carbon steel',
    group: 'hardenable',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(7.84, 485, 1340),
    rods: ['E312-16', 'E309L-16', ...LOW_HYDROGEN, 'ENiCrFe-3'],
    cautions: [],
  },
  'low-alloy-steel': {
    name: 'Low-alloy steel (4140 kind)',
    group: 'hardenable',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(7.85, 473, 1416),
    rods: ['E312-16', 'E309L-16', ...LOW_HYDROGEN, 'ENiCrFe-3', 'E8018-B2', 'E9018-B3', ...STRONG],
    cautions: [],
  },
  'quenched-tempered-wear-plate': {
    name: 'Quenched and tempered wear plate',
    group: 'hardenable',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(7.85, 480, 1450),
    rods: [...LOW_HYDROGEN, 'E309L-16', ...STRONG],
    cautions: [],
  },
  'spring-steel': {
    name: 'Spring steel',
    group: 'hardenable',
    arc: 'last-resort',
    why: 'The heat takes the spring out of it and leaves a brittle edge beside the weld.',
    instead: 'Replace the spring, or have it welded and heat treated in a shop.',
    ways: ['replace', 'send-out'],
    thermal: thermal(7.84, 480, 1400),
    rods: ['E312-16', 'E309L-16', 'ENiCrFe-3'],
    cautions: [],
  },
  'tool-steel': {
    name: 'Tool steel',
    group: 'hardenable',
    arc: 'last-resort',
    why: 'It hardens and cracks beside the weld unless heated and tempered to its own chart.',
    instead: 'Replace it, or send it to a shop that can heat treat it.',
    ways: ['replace', 'send-out'],
    thermal: null,
    rods: ['E312-16', 'E309L-16', 'ENiCrFe-3'],
    cautions: [],
  },
  'free-machining-steel': {
    name: 'Free-machining steel',
    group: 'hardenable',
    arc: 'last-resort',
    why: 'Its sulphur or lead makes the weld crack as it sets; lead fume too.',
    instead: 'Remake the part in plain steel, or bolt it.',
    ways: ['bolt', 'braze', 'replace'],
    thermal: thermal(7.87, 486, 1480),
    rods: [...LOW_HYDROGEN],
    cautions: ['Lead may be in the fume: respirator and extraction.'],
  },
  'manganese-steel': {
    name: 'Manganese steel (11 to 14 %)',
    group: 'manganese',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(7.88, 510, 1340),
    rods: ['E309L-16', 'E312-16', 'E307-16', 'EFeMn-A'],
    cautions: ['Manganese in the fume: extract it or stay upwind.'],
  },
  'cast-steel': {
    name: 'Cast steel',
    group: 'carbon',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(7.85, 486, 1450),
    rods: [...LOW_HYDROGEN, 'E8018-C3'],
    cautions: [],
  },
  'wrought-iron': {
    name: 'Wrought iron',
    group: 'carbon',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(7.7, 486, 1480),
    rods: ['E6011', 'E6010', 'E7018'],
    cautions: [],
  },
  'gray-iron': {
    name: 'Gray cast iron',
    group: 'cast-iron',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(7.15, 500, 1140),
    rods: ['ENiFe-CI', 'ENi-CI', 'ENiFeMn-CI'],
    cautions: [NICKEL_FUME],
  },
  'ductile-iron': {
    name: 'Ductile iron',
    group: 'cast-iron',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(7.15, 490, 1120),
    rods: ['ENiFe-CI', 'ENiFeMn-CI', 'ENi-CI'],
    cautions: [NICKEL_FUME],
  },
  'malleable-iron': {
    name: 'Malleable iron',
    group: 'cast-iron',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(7.3, 510, 1140),
    rods: ['ENiFe-CI', 'ENi-CI'],
    cautions: [NICKEL_FUME],
  },
  'white-iron': {
    name: 'White iron',
    group: 'none',
    arc: 'never',
    why: 'It cracks beside any weld, whatever is done.',
    instead: 'Replace it, or bolt a plate over.',
    ways: ['bolt', 'replace', 'glue'],
    thermal: thermal(7.7, 540, 1140),
    rods: [],
    cautions: [],
  },
  'austenitic-stainless': {
    name: 'Austenitic stainless',
    group: 'austenitic',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(7.98, 500, 1400),
    rods: ['E316L-16', 'E308L-16', 'E347-16', 'E309L-16', 'E312-16'],
    cautions: [CHROMIUM_FUME, SLAG_JUMPS],
  },
  'free-machining-stainless': {
    name: 'Free-machining stainless (303)',
    group: 'austenitic',
    arc: 'last-resort',
    why: 'Its sulphur cracks the weld as it sets.',
    instead: 'Remake it in 304 or 316, or bolt it.',
    ways: ['bolt', 'braze', 'replace'],
    thermal: thermal(7.98, 500, 1400),
    rods: ['E312-16', 'E309L-16'],
    cautions: [CHROMIUM_FUME],
  },
  'ferritic-stainless': {
    name: 'Ferritic stainless',
    group: 'ferritic',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(7.72, 460, 1425),
    rods: ['E309L-16', 'E308L-16'],
    cautions: [CHROMIUM_FUME],
  },
  'martensitic-stainless': {
    name: 'Martensitic stainless (410 kind)',
    group: 'ferritic',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(7.74, 460, 1480),
    rods: ['E309L-16', 'E312-16', 'E410NiMo-16'],
    cautions: [CHROMIUM_FUME],
  },
  'duplex-stainless': {
    name: 'Duplex stainless',
    group: 'duplex',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(7.8, 490, 1385),
    rods: ['E2209-16', 'E309LMo-16'],
    cautions: [CHROMIUM_FUME],
  },
  'al-1xxx-3xxx': {
    name: 'Aluminium, soft (1xxx, 3xxx)',
    group: 'aluminium',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(2.72, 900, 643),
    rods: ['E4043', 'E3003', 'E1100'],
    cautions: [FLUX_FUME],
  },
  'al-5xxx': {
    name: 'Aluminium-magnesium (5xxx)',
    group: 'aluminium',
    arc: 'no-rod',
    why: 'With over 2.5 % magnesium no stick rod suits: 4043 leaves it brittle.',
    instead: 'TIG or wire with 5356 filler, in a shop.',
    ways: ['send-out', 'bolt', 'rivet'],
    thermal: thermal(2.67, 890, 591),
    rods: [],
    cautions: [],
  },
  'al-6xxx': {
    name: 'Aluminium, structural (6xxx)',
    group: 'aluminium',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(2.7, 896, 582),
    rods: ['E4043'],
    cautions: [FLUX_FUME],
  },
  'al-2xxx-7xxx': {
    name: 'Aluminium, high strength (2xxx, 7xxx)',
    group: 'aluminium',
    arc: 'last-resort',
    why: 'It cracks hot and loses its strength.',
    instead: 'Rivet or bolt a repair plate; replace.',
    ways: ['rivet', 'bolt', 'replace'],
    thermal: thermal(2.8, 900, 477),
    rods: ['E4043'],
    cautions: [FLUX_FUME],
  },
  'al-cast': {
    name: 'Cast aluminium',
    group: 'aluminium',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(2.68, 963, 557),
    rods: ['E4043'],
    cautions: [FLUX_FUME],
  },
  'al-die-cast': {
    name: 'Die-cast aluminium',
    group: 'aluminium',
    arc: 'last-resort',
    why: 'Gas and oil shut in the casting boil out through the weld.',
    instead: 'Epoxy, bolt a plate, replace.',
    ways: ['glue', 'bolt', 'replace'],
    thermal: thermal(2.73, 963, 516),
    rods: ['E4043'],
    cautions: [FLUX_FUME],
  },
  magnesium: {
    name: 'Magnesium',
    group: 'none',
    arc: 'never',
    why: 'Chips and swarf burn, and no stick rod exists for it.',
    instead: 'TIG in a shop that handles magnesium; replace.',
    ways: ['send-out', 'bolt', 'replace'],
    thermal: thermal(1.78, 1030, 468),
    rods: [],
    cautions: [],
  },
  copper: {
    name: 'Copper',
    group: 'copper',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(8.92, 385, 1065),
    rods: ['ECuSn-C', 'ECuAl-A2', 'ECuSn-A', 'ECuSi'],
    cautions: ['Copper fume: extract it or stay upwind.'],
  },
  brass: {
    name: 'Brass',
    group: 'copper',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(8.53, 375, 915),
    rods: ['ECuSn-C', 'ECuSn-A', 'ECuAl-A2'],
    cautions: [ZINC_FUME],
  },
  'leaded-brass': {
    name: 'Leaded brass',
    group: 'none',
    arc: 'never',
    why: 'The lead cracks it hot and fumes.',
    instead: 'Silver braze with extraction, or replace.',
    ways: ['braze', 'bolt', 'replace'],
    thermal: thermal(8.5, 380, 885),
    rods: [],
    cautions: [],
  },
  'tin-bronze': {
    name: 'Tin bronze',
    group: 'copper',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(8.8, 378, 854),
    rods: ['ECuSn-C', 'ECuSn-A', 'ECuAl-A2'],
    cautions: ['Copper fume: extract it or stay upwind.'],
  },
  'aluminium-bronze': {
    name: 'Aluminium bronze',
    group: 'copper',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(7.5, 419, 1027),
    rods: ['ECuAl-A2'],
    cautions: ['Copper fume: extract it or stay upwind.'],
  },
  'silicon-bronze': {
    name: 'Silicon bronze',
    group: 'copper',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(8.53, 377, 971),
    rods: ['ECuSi', 'ECuAl-A2', 'ECuSn-C'],
    cautions: ['Copper fume: extract it or stay upwind.'],
  },
  'copper-nickel': {
    name: 'Copper-nickel',
    group: 'copper',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(8.94, 378, 1100),
    rods: ['ECuNi', 'ENiCu-7', 'ENi-1'],
    cautions: [NICKEL_FUME],
  },
  nickel: {
    name: 'Nickel, commercially pure',
    group: 'nickel',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(8.89, 456, 1435),
    rods: ['ENi-1'],
    cautions: [NICKEL_FUME],
  },
  'nickel-copper': {
    name: 'Nickel-copper',
    group: 'nickel-copper',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(8.8, 427, 1300),
    rods: ['ENiCu-7', 'ENi-1'],
    cautions: [NICKEL_FUME],
  },
  'nickel-chromium': {
    name: 'Nickel-chromium',
    group: 'nickel-chromium',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(8.45, 444, 1354),
    rods: ['ENiCrFe-3', 'ENiCrMo-3', 'ENiCrFe-2'],
    cautions: [CHROMIUM_FUME, NICKEL_FUME],
  },
  titanium: {
    name: 'Titanium',
    group: 'none',
    arc: 'never',
    why: 'Air makes the hot metal brittle, and no stick rod exists for it.',
    instead: 'TIG under full inert cover, in a shop.',
    ways: ['send-out', 'bolt', 'replace'],
    thermal: thermal(4.51, 523, 1660),
    rods: [],
    cautions: [],
  },
  'zinc-die-cast': {
    name: 'Zinc die cast',
    group: 'none',
    arc: 'never',
    why: 'It melts at 380 °C and fumes zinc.',
    instead: 'Epoxy, low-temperature solder, replace.',
    ways: ['solder', 'glue', 'replace'],
    thermal: thermal(6.65, 419, 381),
    rods: [],
    cautions: [],
  },
  lead: {
    name: 'Lead',
    group: 'none',
    arc: 'never',
    why: 'It melts at 327 °C; its fume poisons.',
    instead: 'Gas burning by someone who does lead work.',
    ways: ['send-out', 'replace'],
    thermal: thermal(11.34, 129, 327),
    rods: [],
    cautions: [],
  },
  'beryllium-copper': {
    name: 'Beryllium copper',
    group: 'none',
    arc: 'never',
    why: 'Beryllium dust and fume kill. Do not weld, grind or file it.',
    instead: 'Replace the part. Bag it and report it.',
    ways: ['replace'],
    thermal: null,
    rods: [],
    cautions: [],
  },
  'sintered-metal': {
    name: 'Sintered metal',
    group: 'none',
    arc: 'never',
    why: 'Oil in its pores boils out and it crumbles.',
    instead: 'Replace it.',
    ways: ['replace', 'glue'],
    thermal: null,
    rods: [],
    cautions: [],
  },
  'leaded-red-brass': {
    name: 'Leaded red brass',
    group: 'none',
    arc: 'never',
    why: 'The lead cracks it hot and fumes, and its zinc boils.',
    instead: 'Silver braze with extraction, or replace.',
    ways: ['braze', 'bolt', 'replace'],
    thermal: thermal(8.83, 377, 854),
    rods: [],
    cautions: [],
  },
  'leaded-tin-bronze': {
    name: 'Leaded tin bronze or gunmetal',
    group: 'none',
    arc: 'never',
    why: 'Its lead sweats out and fumes long before the bronze melts, and cracks it hot.',
    instead: 'Replace the bush or valve; silver braze with extraction where nothing else will do.',
    ways: ['replace', 'braze', 'bolt'],
    thermal: thermal(8.95, 377, 762),
    rods: [],
    cautions: [],
  },
  'manganese-brass': {
    name: 'High-tensile (manganese) brass',
    group: 'copper',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(8.2, 375, 865),
    rods: ['ECuAl-A2', 'ECuSn-C', 'ECuSn-A'],
    cautions: [ZINC_FUME],
  },
  'nickel-silver': {
    name: 'Nickel silver',
    group: 'copper',
    arc: 'no-rod',
    why: 'Its zinc boils under the arc and no stick rod matches it.',
    instead: 'Silver braze it: it takes that well.',
    ways: ['braze', 'replace'],
    thermal: thermal(8.7, 377, 1020),
    rods: [],
    cautions: [ZINC_FUME],
  },
  'free-machining-stainless-magnetic': {
    name: 'Free-machining stainless, magnetic (430F, 416)',
    group: 'ferritic',
    arc: 'last-resort',
    why: 'Its sulphur cracks the weld as it sets.',
    instead: 'Remake it in a stainless without sulphur, or bolt it.',
    ways: ['bolt', 'braze', 'replace'],
    thermal: thermal(7.75, 460, 1425),
    rods: ['E312-16', 'E309L-16'],
    cautions: [CHROMIUM_FUME],
  },
  'ph-stainless': {
    name: 'Precipitation-hardening stainless (17-4)',
    group: 'ferritic',
    arc: 'last-resort',
    why: 'The heat takes its strength beside the weld; only ageing it again in a furnace gives it back.',
    instead: 'Send it to a shop that welds it with its own filler and ages it again.',
    ways: ['send-out', 'bolt', 'replace'],
    thermal: thermal(7.78, 460, 1404),
    rods: ['E309L-16', 'E308L-16'],
    cautions: [CHROMIUM_FUME],
  },
  'austenitic-iron': {
    name: 'Austenitic nickel cast iron',
    group: 'cast-iron',
    arc: 'yes',
    why: '',
    instead: '',
    thermal: thermal(7.35, 500, 1230),
    rods: ['ENi-CI', 'ENiFe-CI'],
    cautions: [NICKEL_FUME],
  },
  'overlay-plate': {
    name: 'Chromium-carbide overlay plate',
    group: 'hardenable',
    arc: 'last-resort',
    why: 'Only the steel behind the overlay is joined; a joint run into the overlay cracks.',
    instead: 'Grind the overlay back from the joint, weld the steel behind it, cover with the same overlay.',
    ways: ['bolt', 'replace'],
    thermal: null,
    rods: [...LOW_HYDROGEN, 'E309L-16', ...STRONG],
    cautions: [CHROMIUM_FUME],
  },
  'creep-steel': {
    name: 'Creep-resisting chromium-molybdenum steel (1¼ to 9 % Cr)',
    group: 'hardenable',
    arc: 'never',
    why: 'It holds heat and pressure by its heat treatment: it is welded to a written procedure with heat treatment after, or not at all.',
    instead:
      'A written procedure with preheat, matching filler and heat treatment after, by people qualified for it.',
    ways: ['send-out', 'replace'],
    thermal: thermal(7.83, 470, 1450),
    rods: [],
    cautions: [],
  },
} as const satisfies Record<FamilyId, MetalFamily>;

/** The family's row, typed as the general shape. */
export const metalFamily = (id: FamilyId): MetalFamily => METALS[id];

/**
 * Rods that a group puts up with where it may be something else: dearer or weaker than its own, and sound. Common practice: 309 and
 * 312 kinds on steel that may be hardenable or stainless, nickel-iron on iron that may be steel.
 */
export const TOLERATES: Readonly<Partial<Record<MetalGroup, readonly string[]>>> = {
  carbon: ['E309L-16', 'E312-16', 'ENiFe-CI'],
  hardenable: ['E309L-16', 'E312-16'],
  austenitic: ['E309L-16', 'E312-16'],
  ferritic: ['E309L-16', 'E312-16'],
  duplex: ['E309LMo-16', 'E309L-16'],
  nickel: ['ENiCrFe-3'],
  'nickel-copper': ['ENi-1'],
  'nickel-chromium': ['ENiCrFe-3'],
};
