import type { FamilyId } from '../../src/core/data/families';
import type { TestId } from '../../src/core/data/testIds';
import type { PartKindId } from '../../src/core/data/partKinds';

/** What somebody found, and what the metal was. */
export interface Story {
  name: string;
  part: PartKindId | null;
  age?: 'before-1900' | 'to-1945' | 'to-1980' | 'since';
  /** Tests by outcome, or by number: density g/cm3, hardness HB, conductivity % IACS, chemistry in %. */
  found: readonly (
    | readonly [TestId, string]
    | readonly ['density' | 'hardness' | 'conductivity', number]
    | readonly ['chemistry', Readonly<Record<string, number>>]
  )[];
  truth: FamilyId;
}

/**
 * Identifications from general metallurgy, written before the likelihoods and never after a look at what they give.
 * Even ones (from 0) were used while the likelihoods were set; odd ones were kept apart and only judge them.
 */
export const STORIES: readonly Story[] = [
  {
    name: 'trailer bracket',
    part: 'plate-bracket',
    found: [
      ['magnet', 'strong'],
      ['look', 'rolled'],
      ['spark', 'straw-long'],
    ],
    truth: 'low-carbon-steel',
  },
  {
    name: 'old lathe bed corner',
    part: 'machine-bed',
    found: [
      ['magnet', 'strong'],
      ['look', 'cast-sand'],
      ['fracture', 'sooty'],
      ['chip', 'crumbles'],
    ],
    truth: 'gray-iron',
  },
  {
    name: 'galley worktop',
    part: 'kitchen-sink',
    found: [
      ['magnet', 'none'],
      ['stain', 'tea'],
      ['sulphate', 'stays'],
    ],
    truth: 'austenitic-stainless',
  },
  {
    name: 'crusher jaw',
    part: 'crusher-jaw',
    found: [
      ['magnet', 'none'],
      ['spark', 'white-fan'],
      ['chip', 'skates'],
    ],
    truth: 'manganese-steel',
  },
  {
    name: 'light gearbox cover',
    part: 'gearbox-case',
    found: [
      ['magnet', 'none'],
      ['heft', 'very-light'],
      ['density', 1.8],
    ],
    truth: 'magnesium',
  },
  {
    name: 'work-boat hull plate',
    part: 'boat-hull',
    found: [
      ['magnet', 'none'],
      ['heft', 'light'],
      ['conductivity', 29],
    ],
    truth: 'al-5xxx',
  },
  {
    name: 'gangway rail',
    part: 'al-extrusion',
    found: [
      ['magnet', 'none'],
      ['look', 'extruded'],
      ['caustic', 'bright-fizz'],
    ],
    truth: 'al-6xxx',
  },
  {
    name: 'bracket from an aeroplane',
    part: null,
    found: [
      ['magnet', 'none'],
      ['heft', 'light'],
      ['caustic', 'black'],
      ['conductivity', 31],
      ['hardness', 125],
    ],
    truth: 'al-2xxx-7xxx',
  },
  {
    name: 'worn truck spring leaf',
    part: 'leaf-spring',
    found: [
      ['magnet', 'strong'],
      ['file', 'hard'],
      ['spark', 'bursts-many'],
    ],
    truth: 'spring-steel',
  },
  {
    name: 'threaded elbow',
    part: 'pipe-fitting',
    found: [
      ['magnet', 'strong'],
      ['look', 'cast-sand'],
      ['chip', 'curl'],
      ['ring', 'rings'],
    ],
    truth: 'malleable-iron',
  },
  {
    name: 'unknown bar from the scrap bin, turns out an axle',
    part: null,
    found: [
      ['magnet', 'strong'],
      ['spark', 'bursts-some'],
      ['file', 'hard'],
      ['look', 'forged'],
    ],
    truth: 'medium-carbon-steel',
  },
  {
    name: 'tap body',
    part: 'brass-fitting',
    found: [
      ['magnet', 'none'],
      ['colour', 'yellow'],
      ['chip', 'short'],
    ],
    truth: 'leaded-brass',
  },
  {
    name: 'condenser tube',
    part: 'sea-pipe',
    found: [
      ['magnet', 'none'],
      ['colour', 'pink-silver'],
      ['density', 8.92],
      ['conductivity', 9],
    ],
    truth: 'copper-nickel',
  },
  {
    name: 'earth bar',
    part: 'busbar',
    found: [
      ['magnet', 'none'],
      ['colour', 'red'],
      ['conductivity', 99],
    ],
    truth: 'copper',
  },
  {
    name: 'ship propeller blade',
    part: 'propeller',
    found: [
      ['magnet', 'weak'],
      ['colour', 'red-gold'],
      ['density', 7.6],
    ],
    truth: 'aluminium-bronze',
  },
  {
    name: 'keel bolt of an old launch',
    part: 'boat-fastening',
    found: [
      ['magnet', 'none'],
      ['colour', 'red-gold'],
      ['density', 8.55],
      ['conductivity', 7.5],
    ],
    truth: 'silicon-bronze',
  },
  {
    name: 'bearing bush',
    part: 'bush',
    found: [
      ['magnet', 'none'],
      ['colour', 'red-gold'],
      ['density', 8.75],
      ['chip', 'short'],
    ],
    truth: 'tin-bronze',
  },
  {
    name: 'chromed cupboard handle',
    part: 'zinc-fitting',
    found: [
      ['magnet', 'none'],
      ['heft', 'steel'],
      ['density', 6.65],
      ['torch', 'melts-low'],
    ],
    truth: 'zinc-die-cast',
  },
  {
    name: 'keel weight',
    part: 'lead-part',
    found: [
      ['magnet', 'none'],
      ['heft', 'heavier'],
      ['file', 'soft'],
      ['colour', 'blue-grey'],
    ],
    truth: 'lead',
  },
  {
    name: 'chemical heat exchanger plate',
    part: 'chem-pipe',
    found: [
      ['magnet', 'none'],
      ['heft', 'half'],
      ['density', 4.5],
      ['file', 'hard'],
    ],
    truth: 'titanium',
  },
  {
    name: 'pump shaft, chemical',
    part: null,
    found: [
      ['magnet', 'weak'],
      ['sulphate', 'stays'],
      ['stain', 'tea'],
      ['chemistry', { Fe: 67, Cr: 22.3, Ni: 5.4, Mo: 3.1, Mn: 1.4 }],
    ],
    truth: 'duplex-stainless',
  },
  {
    name: 'digger lip',
    part: 'bucket-edge',
    found: [
      ['magnet', 'strong'],
      ['look', 'rolled'],
      ['hardness', 420],
    ],
    truth: 'quenched-tempered-wear-plate',
  },
  {
    name: 'silencer',
    part: 'exhaust-pipe',
    found: [
      ['magnet', 'strong'],
      ['sulphate', 'stays'],
      ['stain', 'tea'],
    ],
    truth: 'ferritic-stainless',
  },
  {
    name: 'spade from a chest of blades',
    part: 'knife',
    found: [
      ['magnet', 'strong'],
      ['sulphate', 'stays'],
      ['file', 'skates'],
    ],
    truth: 'martensitic-stainless',
  },
  {
    name: 'slurry liner',
    part: 'slurry-pump',
    found: [
      ['magnet', 'strong'],
      ['file', 'skates'],
      ['fracture', 'white'],
      ['ring', 'rings'],
    ],
    truth: 'white-iron',
  },
  {
    name: 'churchyard gate',
    part: 'old-ironwork',
    age: 'before-1900',
    found: [
      ['magnet', 'strong'],
      ['fracture', 'fibrous'],
      ['spark', 'straw-long'],
    ],
    truth: 'wrought-iron',
  },
  {
    name: 'bollard of this century',
    part: 'manhole-cover',
    age: 'since',
    found: [
      ['magnet', 'strong'],
      ['look', 'cast-sand'],
      ['ring', 'rings'],
      ['fracture', 'bright-grey'],
      ['chip', 'curl'],
    ],
    truth: 'ductile-iron',
  },
  {
    name: 'fairlead',
    part: 'cast-bracket',
    found: [
      ['magnet', 'strong'],
      ['look', 'cast-sand'],
      ['spark', 'straw-long'],
      ['chip', 'curl'],
    ],
    truth: 'cast-steel',
  },
  {
    name: 'pickling hook',
    part: 'ni-vessel',
    found: [
      ['magnet', 'weak'],
      ['spark', 'orange-hug'],
      ['density', 8.8],
      ['colour', 'pink-silver'],
    ],
    truth: 'nickel-copper',
  },
  {
    name: 'furnace basket',
    part: 'furnace-part',
    found: [
      ['magnet', 'none'],
      ['spark', 'orange-hug'],
      ['chemistry', { Ni: 74, Cr: 16, Fe: 9 }],
    ],
    truth: 'nickel-chromium',
  },
  {
    name: 'cold chisel',
    part: 'hand-tool',
    found: [
      ['magnet', 'strong'],
      ['file', 'skates'],
      ['spark', 'bursts-many'],
    ],
    truth: 'tool-steel',
  },
  {
    name: 'turned spacer',
    part: 'turned-part',
    found: [
      ['magnet', 'strong'],
      ['chip', 'short'],
      ['chemistry', { Fe: 98.2, Mn: 1.0, S: 0.3, Pb: 0.25 }],
    ],
    truth: 'free-machining-steel',
  },
  {
    name: 'bike part',
    part: 'aircraft-part',
    found: [
      ['magnet', 'none'],
      ['density', 4.43],
      ['spark', 'white-brilliant'],
    ],
    truth: 'titanium',
  },
  {
    name: 'drive pinion shaft',
    part: 'shaft',
    found: [
      ['magnet', 'strong'],
      ['hardness', 300],
      ['chemistry', { Fe: 97.3, Cr: 1.0, Mo: 0.2, Mn: 0.85, Si: 0.25 }],
    ],
    truth: 'low-alloy-steel',
  },
  {
    name: 'die-cast handle',
    part: 'thin-casting',
    found: [
      ['magnet', 'none'],
      ['heft', 'light'],
      ['density', 2.72],
      ['look', 'cast-die'],
    ],
    truth: 'al-die-cast',
  },
  {
    name: 'sump, sand cast',
    part: 'al-casting',
    found: [
      ['magnet', 'none'],
      ['look', 'cast-sand'],
      ['density', 2.68],
      ['colour', 'white'],
    ],
    truth: 'al-cast',
  },
  {
    name: 'spring contact',
    part: 'small-spring',
    found: [
      ['magnet', 'none'],
      ['colour', 'red-gold'],
      ['conductivity', 24],
      ['hardness', 370],
    ],
    truth: 'beryllium-copper',
  },
  {
    name: 'caustic pot',
    part: 'ni-vessel',
    found: [
      ['magnet', 'strong'],
      ['spark', 'orange-hug'],
      ['density', 8.87],
    ],
    truth: 'nickel',
  },
];

/** Kept apart from every setting of a figure. */
export const UNSEEN = STORIES.filter((_, n) => n % 2 === 1);
