import type { FamilyId } from './families';
import { OUR_JUDGEMENT, type Source } from '../units/sources';

/** All of this is our reading of common practice: it starts the belief and is soon outweighed by tests. */
export const PRIORS_SOURCE: Source = OUR_JUDGEMENT;

/** Share of the belief that a kind of part leaves to the common background: nothing is ruled out by a name. */
export const BACKGROUND_SHARE = 0.08;

/** How often each family comes to a repair bench, by weight, where nothing is said of the part. */
export const BACKGROUND: Readonly<Record<FamilyId, number>> = {
  'low-carbon-steel': 40,
  'medium-carbon-steel': 6,
  'high-carbon-steel': 1.5,
  'low-alloy-steel': 5,
  'quenched-tempered-wear-plate': 2.5,
  'spring-steel': 1.5,
  'tool-steel': 1,
  'free-machining-steel': 1.5,
  'manganese-steel': 0.8,
  'cast-steel': 3,
  'wrought-iron': 0.7,
  'gray-iron': 6,
  'ductile-iron': 3,
  'malleable-iron': 1,
  'white-iron': 0.4,
  'austenitic-stainless': 9,
  'free-machining-stainless': 0.7,
  'ferritic-stainless': 1.2,
  'martensitic-stainless': 1.2,
  'duplex-stainless': 0.6,
  'al-1xxx-3xxx': 1.5,
  'al-5xxx': 2,
  'al-6xxx': 4,
  'al-2xxx-7xxx': 0.5,
  'al-cast': 2,
  'al-die-cast': 0.8,
  magnesium: 0.25,
  copper: 1,
  brass: 1.5,
  'leaded-brass': 0.8,
  'tin-bronze': 1,
  'aluminium-bronze': 0.6,
  'silicon-bronze': 0.15,
  'copper-nickel': 0.4,
  nickel: 0.05,
  'nickel-copper': 0.2,
  'nickel-chromium': 0.2,
  titanium: 0.15,
  'zinc-die-cast': 0.4,
  lead: 0.25,
  'beryllium-copper': 0.02,
  'sintered-metal': 0.6,
  'leaded-red-brass': 0.6,
  'leaded-tin-bronze': 0.7,
  'manganese-brass': 0.4,
  'nickel-silver': 0.15,
  'free-machining-stainless-magnetic': 0.3,
  'ph-stainless': 0.25,
  'austenitic-iron': 0.1,
  'overlay-plate': 0.2,
  'creep-steel': 0.25,
};

type Factors = Readonly<Partial<Record<FamilyId, number>>>;
interface Circumstance {
  name: string;
  factors: Factors;
}

/** When it was made: what was not yet made, or no longer. */
export const AGES = {
  'before-1900': {
    name: 'Before 1900',
    factors: {
      'wrought-iron': 25,
      'gray-iron': 2,
      'low-carbon-steel': 0.4,
      'ductile-iron': 0.01,
      'austenitic-stainless': 0.02,
      'ferritic-stainless': 0.02,
      'martensitic-stainless': 0.02,
      'free-machining-stainless': 0.02,
      'duplex-stainless': 0.02,
      'quenched-tempered-wear-plate': 0.02,
      titanium: 0.02,
      'al-6xxx': 0.05,
      'al-5xxx': 0.05,
      'al-die-cast': 0.05,
      'beryllium-copper': 0.05,
    },
  },
  'to-1945': {
    name: '1900 to 1945',
    factors: {
      'wrought-iron': 5,
      'ductile-iron': 0.05,
      'duplex-stainless': 0.05,
      'quenched-tempered-wear-plate': 0.1,
      titanium: 0.05,
      'al-5xxx': 0.4,
    },
  },
  'to-1980': { name: '1945 to 1980', factors: { 'wrought-iron': 0.5, 'duplex-stainless': 0.2 } },
  since: { name: 'Since 1980', factors: { 'wrought-iron': 0.05, 'malleable-iron': 0.7 } },
} as const satisfies Record<string, Circumstance>;

export type AgeId = keyof typeof AGES;

/** Where it works: what is chosen for there. */
export const SETTINGS = {
  marine: {
    name: 'Sea and harbour',
    factors: {
      'al-5xxx': 3,
      'copper-nickel': 3,
      'aluminium-bronze': 3,
      'silicon-bronze': 4,
      'tin-bronze': 2,
      'leaded-tin-bronze': 2,
      'leaded-red-brass': 2,
      'manganese-brass': 3,
      'duplex-stainless': 2,
      'nickel-copper': 2,
    },
  },
  food: { name: 'Food and drink', factors: { 'austenitic-stainless': 6, 'ferritic-stainless': 1.5 } },
  farm: { name: 'Farm', factors: { 'malleable-iron': 2, 'high-carbon-steel': 2 } },
  earth: {
    name: 'Digging and quarry',
    factors: {
      'quenched-tempered-wear-plate': 4,
      'manganese-steel': 4,
      'white-iron': 3,
      'low-alloy-steel': 2,
      'cast-steel': 2,
      'overlay-plate': 6,
    },
  },
  vehicle: {
    name: 'Vehicle',
    factors: { 'spring-steel': 2, 'ferritic-stainless': 2, 'al-cast': 2, 'al-die-cast': 2, magnesium: 2 },
  },
  chemical: {
    name: 'Chemical plant',
    factors: {
      'austenitic-stainless': 3,
      'duplex-stainless': 4,
      nickel: 6,
      'nickel-copper': 4,
      'nickel-chromium': 4,
      titanium: 5,
      lead: 2,
      'creep-steel': 4,
      'austenitic-iron': 4,
    },
  },
  electrical: {
    name: 'Electrical',
    factors: { copper: 6, 'al-1xxx-3xxx': 3, brass: 2, 'beryllium-copper': 4 },
  },
  building: {
    name: 'Building',
    factors: { 'low-carbon-steel': 1.3, 'al-6xxx': 1.5, 'gray-iron': 1.2 },
  },
} as const satisfies Record<string, Circumstance>;

export type SettingId = keyof typeof SETTINGS;

/** The factors of an age and a setting, typed as the general shape. */
export const ageFactors = (id: AgeId | null): Factors => (id === null ? {} : AGES[id].factors);
export const settingFactors = (id: SettingId | null): Factors => (id === null ? {} : SETTINGS[id].factors);
