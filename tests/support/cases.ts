import type { CoatingLookId } from '../../src/core/data/coatings';
import type { FamilyId } from '../../src/core/data/families';
import type { PartKindId } from '../../src/core/data/partKinds';
import type { TestId } from '../../src/core/data/testIds';
import type { Story } from './stories';

/**
 * Pieces as they come into a yard, written down from general metallurgy before anybody looked at what the app says of them: common
 * practice throughout.
 */
export interface Case extends Pick<Story, 'name' | 'part' | 'age' | 'found'> {
  coat?: CoatingLookId;
  /** Said on papers or by a stamp. */
  named?: FamilyId;
}

type Finding = Story['found'][number];
/** "magnet strong" or "density 2.7". */
type Said = `${TestId} ${string}`;
const finding = (said: Said): Finding => {
  const [test, seen = ''] = said.split(' ');
  return (Number.isNaN(Number(seen)) ? [test, seen] : [test, Number(seen)]) as Finding;
};
const piece = (
  name: string,
  part: PartKindId | null,
  found: readonly (Said | Finding)[],
  more: Partial<Case> = {},
): Case => ({
  name,
  part,
  found: found.map((one) => (typeof one === 'string' ? finding(one) : one)),
  ...more,
});

/** It burns, poisons, breaks or cannot be joined, and what was found does not show it: no plan may be let go. */
export const TRAPS: readonly Case[] = [
  // Magnesium taken for aluminium.
  piece('saw case, die cast, painted', 'gearbox-case', ['magnet none', 'look cast-die'], {
    coat: 'new-paint',
  }),
  piece('gearbox end cover, scraped white', 'gearbox-case', [
    'magnet none',
    'colour white',
    'look cast-sand',
  ]),
  piece('ladder rung, no papers', 'al-extrusion', ['magnet none', 'look extruded', 'colour white']),
  piece('old aircraft wheel', 'aircraft-part', ['magnet none', 'colour white', 'conductivity 38']),
  piece('engine front cover, rings', 'engine-block', ['magnet none', 'look cast-sand', 'ring rings']),
  piece('sump called aluminium, a file clogs', 'al-casting', ['magnet none', 'file soft', 'colour white']),
  piece('tooling plate called aluminium', 'hard-al', ['magnet none', 'file bites', 'colour white'], {
    named: 'al-2xxx-7xxx',
  }),
  piece('brake pedal, cast, too light to be true', 'pedal-lever', ['magnet none', 'heft very-light']),
  piece('caustic did nothing to a light casting', 'thin-casting', ['magnet none', 'caustic nothing']),
  piece('cover named cast aluminium, weighs 1.8', 'al-casting', ['density 1.8'], { named: 'al-cast' }),
  piece('light wheel, since 1980', 'al-casting', ['magnet none', 'look cast-sand'], { age: 'since' }),
  // Titanium taken for stainless or aluminium.
  piece('silencer, blue at the bends', 'exhaust-pipe', ['magnet none', 'stain tea', 'sulphate stays']),
  piece('chemical elbow, bright', 'chem-pipe', ['magnet none', 'colour bright', 'sulphate stays']),
  piece('bike tube, bright, half the heft', 'aircraft-part', ['magnet none', 'heft half', 'colour bright']),
  piece('pickling basket hook', 'ni-vessel', ['magnet none', 'stain grey-dull']),
  piece('prop shaft offcut, brilliant spark', null, ['magnet none', 'spark white-brilliant']),
  // Beryllium copper taken for bronze.
  piece('golden spanner', 'safety-tool', ['magnet none', 'colour red-gold']),
  piece('golden hammer, hard', 'safety-tool', ['magnet none', 'colour red-gold', 'hardness 350']),
  piece('contact leaf', 'small-spring', ['magnet none', 'colour red-gold', 'ring rings']),
  piece('mould insert, coppery, long chip', 'busbar', ['magnet none', 'colour red', 'chip curl']),
  piece('bush of no name, golden, long chip', 'bush', ['magnet none', 'colour red-gold', 'chip curl']),
  piece('electrode holder, weighs 8.3', 'busbar', ['magnet none', 'colour red', 'density 8.3']),
  // Lead in copper alloys.
  piece('yellow tap', 'brass-fitting', ['magnet none', 'colour yellow']),
  piece('tap with a chrome coat', 'brass-fitting', ['magnet none', 'colour bright'], { coat: 'mirror' }),
  piece('union nut, weighs 8.5', 'brass-fitting', ['magnet none', 'density 8.5']),
  piece('sea cock, red gold', 'sea-valve', ['magnet none', 'colour red-gold', 'stain green']),
  piece('thrust bush, breaks short', 'bush', ['magnet none', 'chip short']),
  piece('pump body, gunmetal colour', 'pump-casing', ['magnet none', 'colour red-gold', 'look cast-sand']),
  piece('elbow of yellow metal, cast', 'pipe-fitting', ['magnet none', 'colour yellow', 'look cast-sand']),
  piece('turned knob, yellow', 'turned-part', ['magnet none', 'colour yellow', 'look forged']),
  piece('worm wheel', 'bush', ['magnet none', 'colour red-gold', 'density 8.9']),
  piece('bronze named on an old drawing', 'bush', ['magnet none'], { named: 'tin-bronze' }),
  // Zinc and lead.
  piece('chromed lever, heavy', 'zinc-fitting', ['magnet none', 'heft steel'], { coat: 'mirror' }),
  piece('carburettor body', 'thin-casting', ['magnet none', 'look cast-die', 'colour blue-grey']),
  piece('toy wheel, painted', 'zinc-fitting', ['magnet none'], { coat: 'new-paint' }),
  piece('door handle, weighs 6.7', 'zinc-fitting', ['density 6.7']),
  piece('keel shoe, grey, soft', 'lead-part', ['magnet none', 'file soft']),
  piece('flashing, very heavy', 'lead-part', ['magnet none', 'heft heavier']),
  // Iron that no weld holds on.
  piece('slurry liner, a file skates', 'slurry-pump', ['magnet strong', 'file skates']),
  piece('mill liner, white break', 'crusher-jaw', ['magnet strong', 'fracture white']),
  piece('chilled roll end', 'machine-bed', ['magnet strong', 'look cast-sand', 'file skates']),
  piece('sash weight, white break', 'stove-plate', ['magnet strong', 'fracture white', 'ring rings']),
  piece('digger tooth, hard, cast', 'bucket-edge', ['magnet strong', 'look cast-sand', 'file skates']),
  // Pressed from powder.
  piece('oil bush, fine pores', 'bush', ['magnet none', 'look porous']),
  piece('little gear of a drill', 'small-gear', ['magnet strong', 'chip crumbles']),
  piece('timing sprocket with pores', 'gear', ['magnet strong', 'look porous']),
  // Lead, sulphur or selenium for the lathe.
  piece('stainless coupling nut, chips short', 'machined-stainless', ['magnet none', 'chip short']),
  // No stick rod suits it.
  piece('boat plate', 'boat-hull', ['magnet none', 'heft light', 'caustic bright-fizz']),
  piece('tank, aluminium', 'al-fuel-tank', ['magnet none', 'density 2.68', 'caustic bright-fizz']),
  piece('tread plate', 'al-plate', ['magnet none', 'heft light', 'caustic bright-fizz']),
  piece('named aluminium, weighed', 'boat-hull', ['density 2.66'], { named: 'al-5xxx' }),
  // Hard and hot-strong steel of unknown kind.
  piece('superheater tube, only a magnet', 'boiler-pipe', ['magnet strong', 'look rolled']),
  piece('steam pipe of a power station, long spark', 'boiler-pipe', ['magnet strong', 'spark straw-long']),
  piece('shaft, only a magnet', 'shaft', ['magnet strong', 'look forged']),
  piece('gear, only a magnet', 'gear', ['magnet strong']),
  piece('hot header named creep steel', 'boiler-pipe', ['magnet strong'], { named: 'creep-steel' }),
  // What a coat hides.
  piece('bolt with a yellow plate', 'bolt', ['magnet strong', 'look forged'], { coat: 'bright-plate' }),
  piece('plated fitting of an aircraft', 'aircraft-part', ['magnet strong'], { coat: 'bright-plate' }),
  piece('chrome rod, nothing below the chrome', 'ram-rod', ['magnet strong', 'file skates'], {
    coat: 'mirror',
  }),
  piece('pipe lever, nobody has looked', 'pedal-lever', []),
];

/** Ordinary work: what a welder with these findings would go on and weld, on a careful plan. */
export const PLAIN: readonly Case[] = [
  piece('bracket off a trailer', 'plate-bracket', ['magnet strong', 'look rolled']),
  piece('angle, primed', 'plate-bracket', ['magnet strong', 'look rolled'], { coat: 'new-paint' }),
  piece('channel, file bites', 'plate-bracket', ['magnet strong', 'file bites', 'look rolled']),
  piece('beam, long straw sparks', 'plate-bracket', ['magnet strong', 'spark straw-long']),
  piece('flat bar, curls', 'plate-bracket', ['magnet strong', 'chip curl', 'look rolled']),
  piece('plate, rusty', 'plate-bracket', ['magnet strong', 'stain red-rust', 'look rolled']),
  piece('gate frame', 'square-tube', ['magnet strong', 'look rolled']),
  piece('trailer frame, painted', 'square-tube', ['magnet strong', 'look rolled'], { coat: 'new-paint' }),
  piece('tube frame, sparks', 'square-tube', ['magnet strong', 'spark straw-long']),
  piece('handrail, steel', 'handrail', ['magnet strong', 'look rolled']),
  piece('ladder of the pier', 'handrail', ['magnet strong', 'spark straw-long', 'look rolled']),
  piece('machine guard', 'sheet-panel', ['magnet strong', 'look rolled']),
  piece('car panel', 'sheet-panel', ['magnet strong', 'look rolled'], { coat: 'new-paint' }),
  piece('hopper side', 'sheet-panel', ['magnet strong', 'file bites', 'look rolled']),
  piece('trough, spangled', 'galv-tank', ['magnet strong', 'look rolled'], { coat: 'spangle' }),
  piece('water pipe', 'water-pipe', ['magnet strong', 'spark straw-long', 'look rolled']),
  piece('water pipe, curls', 'water-pipe', ['magnet strong', 'chip curl', 'spark straw-long']),
  piece('hitch, long sparks, curls', 'tow-ball', ['magnet strong', 'spark straw-long', 'chip curl']),
  piece('mooring ring', 'anchor-chain', ['magnet strong', 'spark straw-long', 'file bites']),
  piece('bolt, soft', 'bolt', ['magnet strong', 'spark straw-long', 'chip curl']),
  piece('axle stub with some bursts', 'shaft', ['magnet strong', 'spark bursts-some', 'file hard']),
  piece('shaft, 220 HB', 'shaft', ['magnet strong', 'hardness 220', 'spark bursts-some']),
  piece('pin, low alloy by analyser', 'shaft', [
    'magnet strong',
    'hardness 280',
    ['chemistry', { Fe: 97.4, Cr: 1.0, Mo: 0.2, Mn: 0.8 }],
  ]),
  piece('fork heel', 'forklift-fork', [
    'magnet strong',
    'hardness 300',
    ['chemistry', { Fe: 97.6, Cr: 0.9, Mo: 0.2, Mn: 0.9 }],
  ]),
  piece('bucket lip, 420 HB', 'bucket-edge', ['magnet strong', 'look rolled', 'hardness 420']),
  piece('wear strip, 400 HB', 'bucket-edge', ['magnet strong', 'look rolled', 'hardness 400', 'chip curl']),
  piece('jaw plate of a crusher', 'crusher-jaw', ['magnet none', 'spark white-fan', 'heft steel']),
  piece('frog of a crossing', 'rail-crossing', ['magnet none', 'spark white-fan', 'heft steel']),
  piece('fairlead', 'cast-bracket', ['magnet strong', 'look cast-sand', 'spark straw-long', 'chip curl']),
  piece('chock, cast steel, rings', 'cast-bracket', ['magnet strong', 'spark straw-long', 'ring rings']),
  piece('lathe bed', 'machine-bed', ['magnet strong', 'fracture sooty', 'chip crumbles']),
  piece('cover, sooty break', 'manhole-cover', ['magnet strong', 'fracture sooty', 'ring dull']),
  piece('stove plate', 'stove-plate', ['magnet strong', 'fracture sooty', 'chip crumbles']),
  piece('manifold', 'exhaust-manifold', ['magnet strong', 'fracture sooty', 'look cast-sand']),
  piece('engine block, iron', 'engine-block', ['magnet strong', 'chip crumbles', 'look cast-sand']),
  piece('pump body, iron', 'pump-casing', ['magnet strong', 'fracture sooty', 'chip crumbles']),
  piece('pipe elbow, malleable', 'pipe-fitting', [
    'magnet strong',
    'look cast-sand',
    'chip curl',
    'ring rings',
  ]),
  piece('lever of ductile iron', 'pedal-lever', [
    'magnet strong',
    'chip curl',
    'spark red-short',
    'ring rings',
  ]),
  piece('brake drum', 'brake-drum', ['magnet strong', 'fracture sooty', 'spark red-short']),
  piece('sink', 'kitchen-sink', ['magnet none', 'heft steel', 'colour bright', 'sulphate stays']),
  piece('galley worktop', 'kitchen-sink', ['magnet none', 'sulphate stays', 'heft steel', 'colour bright']),
  piece('milk tank', 'food-tank', ['magnet none', 'colour bright', 'heft steel', 'sulphate stays']),
  piece('brew kettle, rolled', 'food-tank', ['magnet none', 'look rolled', 'heft steel', 'colour bright']),
  piece('stainless rail', 'handrail', ['magnet none', 'heft steel', 'colour bright', 'sulphate stays']),
  piece('stainless sheet guard', 'sheet-panel', [
    'magnet none',
    'heft steel',
    'colour bright',
    'sulphate stays',
  ]),
  piece('stainless pipe by analyser', 'chem-pipe', [
    'magnet none',
    'heft steel',
    ['chemistry', { Fe: 69, Cr: 17, Ni: 11, Mo: 2.2 }],
  ]),
  piece('silencer, ferritic', 'exhaust-pipe', ['magnet strong', 'sulphate stays', 'stain tea']),
  piece('gangway section', 'al-extrusion', ['magnet none', 'heft light', 'caustic bright-fizz']),
  piece('aluminium rail, weighed', 'al-extrusion', ['magnet none', 'density 2.7', 'look extruded']),
  piece('window section, fizzes bright', 'al-extrusion', [
    'magnet none',
    'heft light',
    'caustic bright-fizz',
  ]),
  piece('stanchion, aluminium, weighed', 'handrail', ['magnet none', 'density 2.7', 'look extruded']),
  piece('tube frame, aluminium', 'square-tube', ['magnet none', 'heft light', 'caustic bright-fizz']),
  piece('sump, silicon casting', 'al-casting', ['magnet none', 'density 2.68', 'look cast-sand']),
  piece('propeller, magnet just pulls', 'propeller', ['magnet weak', 'colour red-gold', 'density 7.6']),
  piece('named plain plate', 'plate-bracket', [], { named: 'low-carbon-steel' }),
  piece('named plain plate, nobody said what part', null, ['magnet strong'], { named: 'low-carbon-steel' }),
  piece('named stainless, magnet and heft', 'kitchen-sink', ['magnet none', 'heft steel'], {
    named: 'austenitic-stainless',
  }),
  piece('named grey iron', 'machine-bed', ['magnet strong'], { named: 'gray-iron' }),
  piece('named cast steel', 'cast-bracket', ['magnet strong'], { named: 'cast-steel' }),
  piece(
    'old railing, stringy break',
    'old-ironwork',
    ['magnet strong', 'nick-bend stringy', 'spark straw-long'],
    {
      age: 'before-1900',
    },
  ),
];

/** Welded only where nothing hangs on it, and never without that being said. */
export const LAST_RESORT: readonly Case[] = [
  piece('turned pin, chips break short', 'turned-part', ['magnet strong', 'chip short']),
  piece('spacer with 0.3 sulphur', 'turned-part', [
    'magnet strong',
    ['chemistry', { Fe: 98.3, Mn: 1.1, S: 0.3 }],
  ]),
  piece('climbing block', 'hard-al', ['magnet none', 'heft light', 'caustic black']),
  piece('aircraft fitting', 'aircraft-part', ['magnet none', 'heft light', 'density 2.8', 'conductivity 32']),
  piece('strong rod, copper and zinc in it', 'hard-al', [
    'heft light',
    ['chemistry', { Al: 90, Zn: 5.6, Mg: 2.5, Cu: 1.6 }],
  ]),
  piece('punch, a file skates', 'hand-tool', ['magnet strong', 'file skates', 'spark bursts-many']),
];

/** What a piece was, what its findings rule out whatever the part is called, and which tests a good smith would do next. */
export interface Identification extends Case {
  truth: FamilyId;
  out: readonly FamilyId[];
  next?: readonly (TestId | 'none')[];
}
const known = (
  truth: FamilyId,
  out: readonly FamilyId[],
  at: Case,
  next?: Identification['next'],
): Identification => ({ ...at, truth, out, next });

const LIGHT_METALS: readonly FamilyId[] = ['magnesium', 'al-cast', 'al-6xxx', 'al-1xxx-3xxx'];
const COPPERY: readonly FamilyId[] = ['copper', 'brass', 'leaded-brass', 'tin-bronze', 'beryllium-copper'];

export const IDENTIFICATIONS: readonly Identification[] = [
  known(
    'low-carbon-steel',
    [...LIGHT_METALS, ...COPPERY, 'gray-iron'],
    piece('hatch coaming', 'sheet-panel', ['magnet strong', 'look rolled', 'spark straw-long']),
    ['none'],
  ),
  known(
    'low-carbon-steel',
    ['gray-iron', 'white-iron', 'tool-steel'],
    piece('gusset, curls', 'plate-bracket', ['magnet strong', 'chip curl', 'spark straw-long']),
  ),
  known(
    'medium-carbon-steel',
    [...LIGHT_METALS, 'gray-iron', 'white-iron'],
    piece('capstan pawl pin', 'shaft', ['magnet strong', 'spark bursts-some', 'look forged']),
  ),
  known(
    'high-carbon-steel',
    ['low-carbon-steel', ...COPPERY],
    piece('crane rail end', 'rail', ['magnet strong', 'look rolled', 'spark bursts-many', 'hardness 290']),
  ),
  known(
    'low-alloy-steel',
    ['gray-iron', ...LIGHT_METALS],
    piece('boom pin, chromium and molybdenum', 'shaft', [
      'magnet strong',
      'hardness 300',
      ['chemistry', { Fe: 97.2, Cr: 1.05, Mo: 0.2, Mn: 0.8 }],
    ]),
  ),
  known(
    'spring-steel',
    [...LIGHT_METALS, 'gray-iron'],
    piece('coil of a buffer', 'leaf-spring', ['magnet strong', 'hardness 420', 'spark bursts-many']),
  ),
  known(
    'tool-steel',
    ['low-carbon-steel', 'gray-iron'],
    piece('drift, brilliant cold', 'hand-tool', [
      'magnet strong',
      'file skates',
      'spark bursts-many',
      'hardness 600',
    ]),
  ),
  known(
    'manganese-steel',
    ['gray-iron', 'low-carbon-steel', ...LIGHT_METALS],
    piece('dredger bucket pin bush', 'crusher-jaw', ['magnet none', 'heft steel', 'spark white-fan']),
  ),
  known(
    'cast-steel',
    ['gray-iron', 'white-iron'],
    piece('bollard head', 'cast-bracket', [
      'magnet strong',
      'look cast-sand',
      'chip curl',
      'spark straw-long',
    ]),
  ),
  known(
    'wrought-iron',
    ['gray-iron', ...COPPERY],
    piece(
      'chain link of an old mole',
      'old-ironwork',
      ['magnet strong', 'nick-bend stringy', 'fracture fibrous'],
      { age: 'before-1900' },
    ),
  ),
  known(
    'gray-iron',
    ['low-carbon-steel', 'wrought-iron'],
    piece('valve bonnet', 'pump-casing', ['magnet strong', 'look cast-sand', 'fracture sooty', 'ring dull']),
  ),
  known(
    'ductile-iron',
    ['wrought-iron', ...LIGHT_METALS],
    piece(
      'gully grate of this century',
      'manhole-cover',
      ['magnet strong', 'look cast-sand', 'chip curl', 'spark red-short'],
      { age: 'since' },
    ),
  ),
  known(
    'malleable-iron',
    [...LIGHT_METALS, ...COPPERY],
    piece(
      'old union, sparks dull',
      'pipe-fitting',
      ['magnet strong', 'look cast-sand', 'spark red-short', 'chip curl'],
      { age: 'to-1945' },
    ),
  ),
  known(
    'white-iron',
    ['low-carbon-steel', ...LIGHT_METALS],
    piece('ash pump liner', 'slurry-pump', ['magnet strong', 'file skates', 'fracture white']),
    ['none', 'spark', 'hardness', 'ring'],
  ),
  known(
    'austenitic-stainless',
    [...LIGHT_METALS, ...COPPERY, 'low-carbon-steel'],
    piece('galley shelf', 'kitchen-sink', ['magnet none', 'heft steel', 'colour bright', 'sulphate stays']),
    ['none'],
  ),
  known(
    'ferritic-stainless',
    [...LIGHT_METALS, ...COPPERY],
    piece('range front', 'trim', ['magnet strong', 'look rolled', 'sulphate stays']),
  ),
  known(
    'martensitic-stainless',
    ['low-carbon-steel', ...LIGHT_METALS],
    piece('fish knife', 'knife', ['magnet strong', 'sulphate stays', 'file skates', 'hardness 550']),
  ),
  known(
    'duplex-stainless',
    ['low-carbon-steel', 'gray-iron'],
    piece('sea-water spool', 'chem-pipe', [
      'magnet weak',
      'sulphate stays',
      ['chemistry', { Fe: 67, Cr: 22.4, Ni: 5.6, Mo: 3.1, Mn: 1.4 }],
    ]),
  ),
  known(
    'free-machining-stainless',
    ['low-carbon-steel', ...LIGHT_METALS],
    piece('turned stainless nut', 'machined-stainless', [
      'magnet none',
      'sulphate stays',
      ['chemistry', { Fe: 70, Cr: 17.5, Ni: 8.6, S: 0.3, Mn: 1.6 }],
    ]),
  ),
  known(
    'al-5xxx',
    ['magnesium', 'zinc-die-cast', 'low-carbon-steel'],
    piece('bow plate', 'boat-hull', ['magnet none', 'heft light', 'caustic bright-fizz', 'conductivity 29']),
  ),
  known(
    'al-6xxx',
    ['magnesium', ...COPPERY],
    piece('mast section', 'al-extrusion', [
      'magnet none',
      'heft light',
      'caustic bright-fizz',
      'conductivity 45',
    ]),
  ),
  known(
    'al-cast',
    ['magnesium', 'zinc-die-cast', 'gray-iron'],
    piece('sump of a launch', 'al-casting', ['magnet none', 'look cast-sand', 'density 2.7']),
  ),
  known(
    'al-die-cast',
    ['magnesium', 'zinc-die-cast'],
    piece('cover with ejector marks', 'thin-casting', [
      'magnet none',
      'look cast-die',
      'density 2.74',
      'caustic black',
    ]),
  ),
  known(
    'al-2xxx-7xxx',
    ['magnesium', ...COPPERY],
    piece('block of a racing mast', 'hard-al', [
      'magnet none',
      'heft light',
      'conductivity 33',
      'caustic black',
    ]),
  ),
  known(
    'magnesium',
    ['al-cast', 'al-6xxx', 'zinc-die-cast'],
    piece('chain saw crankcase', 'gearbox-case', ['magnet none', 'density 1.8', 'caustic nothing']),
    ['none'],
  ),
  known(
    'zinc-die-cast',
    ['magnesium', 'al-cast', 'lead'],
    piece('lock case', 'zinc-fitting', ['magnet none', 'density 6.65', 'colour blue-grey']),
    ['none'],
  ),
  known(
    'lead',
    ['low-carbon-steel', ...LIGHT_METALS],
    piece('trim ballast', 'lead-part', ['magnet none', 'heft heavier', 'file soft']),
    ['none', 'colour', 'density'],
  ),
  known(
    'titanium',
    ['low-carbon-steel', 'magnesium', 'al-6xxx'],
    piece('strainer basket', 'chem-pipe', ['magnet none', 'density 4.5', 'sulphate stays']),
    ['none', 'heft'],
  ),
  known(
    'copper',
    [...LIGHT_METALS, 'low-carbon-steel', 'aluminium-bronze'],
    piece('earthing strip', 'busbar', ['magnet none', 'colour red', 'conductivity 98']),
  ),
  known(
    'brass',
    ['copper', ...LIGHT_METALS],
    piece('nameplate', 'brass-sheet', ['magnet none', 'colour yellow', 'chip curl', 'conductivity 28']),
  ),
  known(
    'leaded-brass',
    ['copper', ...LIGHT_METALS],
    piece('drain cock', 'brass-fitting', ['magnet none', 'colour yellow', 'chip short']),
    ['none', 'chemistry'],
  ),
  known(
    'tin-bronze',
    ['copper', 'brass', ...LIGHT_METALS],
    piece('worm wheel rim', 'bush', [
      'magnet none',
      'colour red-gold',
      ['chemistry', { Cu: 88.5, Sn: 10.8, P: 0.3, Pb: 0.1 }],
    ]),
  ),
  known(
    'leaded-tin-bronze',
    ['copper', ...LIGHT_METALS],
    piece('half bearing of a shaft', 'bush', [
      'magnet none',
      'colour red-gold',
      ['chemistry', { Cu: 80, Sn: 10, Pb: 10 }],
    ]),
    ['none'],
  ),
  known(
    'aluminium-bronze',
    ['copper', 'leaded-brass', ...LIGHT_METALS],
    piece('thruster blade', 'propeller', ['magnet weak', 'colour red-gold', 'density 7.6']),
  ),
  known(
    'silicon-bronze',
    ['copper', ...LIGHT_METALS],
    piece('chain plate', 'boat-fastening', ['magnet none', 'colour red-gold', 'conductivity 7']),
  ),
  known(
    'copper-nickel',
    ['copper', 'brass', 'al-6xxx'],
    piece('fire main', 'sea-pipe', ['magnet none', 'colour pink-silver', 'conductivity 9']),
  ),
  known(
    'nickel-copper',
    ['low-carbon-steel', ...LIGHT_METALS],
    piece('pickling bolt', 'ni-vessel', [
      'magnet weak',
      'density 8.82',
      'sulphate stays',
      'conductivity 3.5',
    ]),
  ),
  known(
    'nickel-chromium',
    ['low-carbon-steel', ...LIGHT_METALS],
    piece('burner cone', 'furnace-part', [
      'magnet none',
      'spark orange-hug',
      ['chemistry', { Ni: 75, Cr: 15.5, Fe: 8 }],
    ]),
  ),
  known(
    'beryllium-copper',
    ['brass', 'aluminium-bronze', ...LIGHT_METALS],
    piece('relay leaf', 'small-spring', [
      'magnet none',
      'colour red-gold',
      'hardness 380',
      'conductivity 22',
    ]),
  ),
  known(
    'sintered-metal',
    [...LIGHT_METALS, 'spring-steel'],
    piece('cam of a pump', 'small-gear', ['magnet strong', 'look porous', 'density 6.8']),
    ['none', 'chip', 'fracture', 'ring'],
  ),
  known(
    'free-machining-steel',
    [...LIGHT_METALS, 'gray-iron'],
    piece('turned stud', 'turned-part', [
      'magnet strong',
      'chip short',
      ['chemistry', { Fe: 98.4, Mn: 1.1, S: 0.31 }],
    ]),
  ),
  known(
    'quenched-tempered-wear-plate',
    ['gray-iron', 'low-carbon-steel'],
    piece('chute liner', 'bucket-edge', ['magnet strong', 'look rolled', 'hardness 450', 'chip curl']),
  ),
  known(
    'creep-steel',
    ['gray-iron', ...LIGHT_METALS],
    piece('header stub', 'boiler-pipe', [
      'magnet strong',
      ['chemistry', { Fe: 96.2, Cr: 2.25, Mo: 1.0, Mn: 0.45 }],
    ]),
  ),
  known(
    'ph-stainless',
    ['low-carbon-steel', ...LIGHT_METALS],
    piece('pump shaft with copper in it', 'propeller-shaft', [
      'magnet strong',
      'sulphate stays',
      ['chemistry', { Fe: 74, Cr: 16, Ni: 4.3, Cu: 3.4, Nb: 0.3 }],
    ]),
  ),
  known(
    'austenitic-iron',
    ['low-carbon-steel', ...LIGHT_METALS],
    piece('brine pump volute', 'pump-casing', [
      'magnet none',
      'look cast-sand',
      'fracture sooty',
      ['chemistry', { Fe: 73, Ni: 20, Cr: 2, Si: 2 }],
    ]),
  ),
  known(
    'manganese-brass',
    ['copper', ...LIGHT_METALS],
    piece('old screw', 'propeller', [
      'magnet none',
      'colour yellow',
      ['chemistry', { Cu: 59, Zn: 36, Mn: 1.5, Fe: 1, Al: 1.2, Pb: 0.1 }],
    ]),
  ),
  known(
    'nickel-silver',
    ['copper', ...LIGHT_METALS],
    piece('galley tray handle', null, ['magnet none', ['chemistry', { Cu: 64, Zn: 18, Ni: 18 }]]),
  ),
  known(
    'leaded-red-brass',
    ['copper', ...LIGHT_METALS],
    piece('steam cock', 'sea-valve', ['magnet none', ['chemistry', { Cu: 85, Sn: 5, Zn: 5, Pb: 5 }]]),
    ['none'],
  ),
  known(
    'overlay-plate',
    [...LIGHT_METALS, ...COPPERY],
    piece('chute plate with a crazed face', 'bucket-edge', [
      'magnet strong',
      'file skates',
      'hardness 620',
      ['chemistry', { Fe: 70, Cr: 26, Mn: 1.5 }],
    ]),
  ),
  known(
    'gray-iron',
    ['low-carbon-steel', 'wrought-iron'],
    piece('winch bed', 'machine-bed', ['magnet strong', 'chip crumbles', 'spark red-short']),
  ),
  known(
    'gray-iron',
    [...LIGHT_METALS],
    piece('stove door', 'stove-plate', ['magnet strong', 'look cast-sand', 'ring dull']),
  ),
  known(
    'nickel',
    ['low-carbon-steel', ...LIGHT_METALS],
    piece('caustic coil', 'ni-vessel', [
      'magnet strong',
      'sulphate stays',
      'density 8.88',
      'conductivity 20',
    ]),
  ),
  // The next test, from little.
  known('low-carbon-steel', [], piece('bracket, nothing done', 'plate-bracket', []), ['magnet', 'look']),
  known('low-carbon-steel', [], piece('bracket, magnet sticks', 'plate-bracket', ['magnet strong']), [
    'look',
    'spark',
  ]),
  known('al-6xxx', [], piece('rung of a gangway, no magnet', 'al-extrusion', ['magnet none']), [
    'heft',
    'caustic',
    'density',
    'look',
  ]),
  known(
    'al-cast',
    [],
    piece('gear case, no magnet, cast', 'gearbox-case', ['magnet none', 'look cast-sand', 'heft light']),
    ['density', 'caustic', 'chemistry'],
  ),
  known('gray-iron', [], piece('bed with a cast skin', 'machine-bed', ['magnet strong', 'look cast-sand']), [
    'chip',
    'fracture',
    'spark',
    'ring',
  ]),
  known('austenitic-stainless', [], piece('sink, no magnet', 'kitchen-sink', ['magnet none']), [
    'heft',
    'colour',
    'sulphate',
  ]),
  known('medium-carbon-steel', [], piece('shaft, magnet sticks', 'shaft', ['magnet strong']), [
    'spark',
    'file',
    'chip',
    'hardness',
  ]),
  known('tin-bronze', [], piece('bush, golden', 'bush', ['magnet none', 'colour red-gold']), [
    'chip',
    'chemistry',
    'density',
    'conductivity',
  ]),
];
