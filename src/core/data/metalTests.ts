import type { TestId } from './testIds';
import type { ToolId } from './tools';

/**
 * Tests that share a cause: what one shows, the other largely repeats. Inside a group the first done, in the order of the group,
 * counts whole; the others only for the part that is their own.
 */
export const TEST_GROUPS = {
  eye: { tests: ['colour', 'stain'], shared: 0.35 },
  structure: { tests: ['fracture', 'nick-bend', 'ring'], shared: 0.5 },
  cut: { tests: ['hardness', 'file'], shared: 0.5 },
  weight: { tests: ['density', 'heft'], shared: 0.8 },
} as const;

/** Tests that look no deeper than the skin: on a plated piece they see the plating. */
export const SURFACE_TESTS: readonly TestId[] = [
  'stain',
  'colour',
  'sulphate',
  'caustic',
  'conductivity',
  'chemistry',
  'hardness',
  'file',
];

/** What a test does to the piece, worst last. */
export const HARMS = ['none', 'a scratch', 'a mark to dress', 'a piece broken off'] as const;

export interface MetalTest {
  name: string;
  /** What it tells, in a line. */
  tells: string;
  /** How to do it, one line a step. */
  how: readonly string[];
  /** All of them are needed. */
  tools: readonly ToolId[];
  minutes: number;
  /** Index into HARMS. */
  harm: 0 | 1 | 2 | 3;
  /** What it throws about: dust and sparks or heat are locked while something that burns or poisons is possible. */
  makes: 'nothing' | 'dust' | 'heat';
  cautions: readonly string[];
  /** 'outcome': one of a few is picked. The others are numbers. */
  kind: 'outcome' | 'weighings' | 'hardness' | 'conductivity' | 'chemistry';
  /** What may be seen, by id; empty for numbers. */
  outcomes: Readonly<Record<string, { name: string; note: string }>>;
}

const GLASSES = 'Safety glasses under a face shield.';

/** The tests of a base metal, from free to costly. Common practice. */
export const METAL_TESTS = {
  magnet: {
    name: 'Magnet',
    tells: 'Steel and iron, or not',
    how: [
      'Scrape a spot to bare metal the size of the magnet: plating and paint mislead.',
      'Bring the magnet to it slowly and feel the pull.',
      'Try a second spot away from bends, welds and worn faces: cold work makes stainless and manganese steel pull a little.',
      'Warm from the sun or the work? Try it cold as well: nickel-copper pulls cold and lets go warm.',
    ],
    tools: ['magnet'],
    minutes: 0.5,
    harm: 0,
    makes: 'nothing',
    cautions: ['Keep it away from pacemakers and from electronics.'],
    kind: 'outcome',
    outcomes: {
      strong: { name: 'Sticks hard', note: 'as to plain steel' },
      weak: { name: 'Only just pulls', note: 'slides off, or in places only' },
      none: { name: 'Nothing at all', note: '' },
    },
  },
  look: {
    name: 'Look at the surface',
    tells: 'Rolled, cast, extruded or forged',
    how: [
      'Look where nobody has ground, painted or filled: inside faces, under brackets.',
      'Look for a parting line, draft and rounded corners (cast), even lines along the length (extruded), scale and square edges (rolled).',
    ],
    tools: [],
    minutes: 0.5,
    harm: 0,
    makes: 'nothing',
    cautions: [],
    kind: 'outcome',
    outcomes: {
      rolled: { name: 'Rolled, drawn or sheared', note: 'flat, even thickness' },
      'cast-sand': { name: 'Rough cast skin', note: 'parting line, round corners' },
      'cast-die': { name: 'Smooth thin casting', note: 'sharp detail, ejector marks' },
      extruded: { name: 'Extruded section', note: 'even profile, fine lines along it' },
      forged: { name: 'Forged or machined all over', note: '' },
      porous: { name: 'Fine pores, oily', note: 'pressed from powder' },
    },
  },
  stain: {
    name: 'Rust and stain',
    tells: 'What it does in the weather',
    how: ['Look at scratches and edges where the coat is gone, not at rust run down from elsewhere.'],
    tools: [],
    minutes: 0.3,
    harm: 0,
    makes: 'nothing',
    cautions: [],
    kind: 'outcome',
    outcomes: {
      'red-rust': { name: 'Red or brown rust', note: '' },
      tea: { name: 'Clean, or a tea-coloured film', note: '' },
      green: { name: 'Green or dark brown patina', note: '' },
      white: { name: 'White powder or bloom', note: '' },
      'grey-dull': { name: 'Dull grey film, no rust', note: '' },
    },
  },
  heft: {
    name: 'Heft',
    tells: 'Light, as steel, or heavier',
    how: [
      'Lift it, or a loose piece of it, and set it beside steel of the same size.',
      'Hollow or thick? Judge the metal, not the part.',
    ],
    tools: [],
    minutes: 0.3,
    harm: 0,
    makes: 'nothing',
    cautions: ['Do not lift what wants two people.'],
    kind: 'outcome',
    outcomes: {
      'very-light': { name: 'Far too light', note: 'lighter than aluminium' },
      light: { name: 'Light', note: 'as aluminium' },
      half: { name: 'Between', note: 'about half of steel' },
      steel: { name: 'As steel', note: '' },
      heavier: { name: 'Heavier than steel', note: '' },
    },
  },
  density: {
    name: 'Weigh it in air and in water',
    tells: 'Density, with its error',
    how: [
      'Hang the piece on a thread from the scale and read it dry.',
      'Lower it into clean water, all under and touching nothing. Shake the bubbles off. Read again.',
      'Type both readings and the smallest step the scale shows.',
    ],
    tools: ['scale'],
    minutes: 4,
    harm: 0,
    makes: 'nothing',
    cautions: ['A hollow or painted piece reads too light.'],
    kind: 'weighings',
    outcomes: {},
  },
  colour: {
    name: 'Fresh colour',
    tells: 'Red, yellow, white or grey',
    how: [
      'Scrape a spot bright with a knife or a scraper, by hand: no wheel yet.',
      'Judge it in daylight, beside a piece you know.',
    ],
    tools: [],
    minutes: 0.5,
    harm: 1,
    makes: 'nothing',
    cautions: ['Coppery springs and non-sparking tools may hold beryllium: wipe wet, make no dust.'],
    kind: 'outcome',
    outcomes: {
      grey: { name: 'Silver grey', note: 'as plain steel' },
      'dark-grey': { name: 'Dark grey', note: 'as cast iron' },
      bright: { name: 'Bright silver', note: 'as stainless' },
      white: { name: 'White', note: 'as aluminium' },
      red: { name: 'Red', note: 'as copper' },
      yellow: { name: 'Yellow', note: 'as brass' },
      'red-gold': { name: 'Reddish yellow or gold', note: 'as bronze' },
      'pink-silver': { name: 'Silver with a pink or warm cast', note: '' },
      'blue-grey': { name: 'Blue grey', note: 'as lead or zinc' },
    },
  },
  file: {
    name: 'File',
    tells: 'Soft, bites, hard or skates',
    how: [
      'One slow stroke of a sharp flat file on a corner.',
      'Compare with a stroke on mild steel.',
      'Try away from flame-cut or worn edges: they are harder than the piece.',
    ],
    tools: ['file'],
    minutes: 1,
    harm: 1,
    makes: 'dust',
    cautions: ['Catch the filings; white light ones burn.'],
    kind: 'outcome',
    outcomes: {
      soft: { name: 'Cuts deep, clogs the file', note: '' },
      bites: { name: 'Bites as in mild steel', note: '' },
      hard: { name: 'Bites, but hard work', note: '' },
      skates: { name: 'Skates off', note: '' },
    },
  },
  ring: {
    name: 'Ring',
    tells: 'Rings, or dull',
    how: ['Hang it or hold it by one corner.', 'Tap it with a small hammer and listen.'],
    tools: [],
    minutes: 0.3,
    harm: 0,
    makes: 'nothing',
    cautions: ['A crack makes anything dull.'],
    kind: 'outcome',
    outcomes: {
      rings: { name: 'Rings', note: '' },
      dull: { name: 'Dull', note: 'a clack or a thud' },
    },
  },
  chip: {
    name: 'Chip from a chisel',
    tells: 'Tough, short or crumbly',
    how: ['Cut a small chip from an edge with a sharp cold chisel.', 'Look at the chip and at the cut.'],
    tools: ['chisel'],
    minutes: 2,
    harm: 2,
    makes: 'dust',
    cautions: [GLASSES, 'Catch the chips; white light ones burn.'],
    kind: 'outcome',
    outcomes: {
      curl: { name: 'Long curl, smooth cut', note: '' },
      short: { name: 'Breaks short, clean', note: '' },
      crumbles: { name: 'Crumbles', note: 'small grey bits, rough cut' },
      skates: { name: 'No chip: the edge turns', note: '' },
    },
  },
  fracture: {
    name: 'Fracture face',
    tells: 'Grey, white, bright or fibrous',
    how: [
      'Look at the fresh break, not at the rusted old part of it.',
      'No break yet? Nick and break off a corner only if it can be spared.',
    ],
    tools: [],
    minutes: 1,
    harm: 0,
    makes: 'nothing',
    cautions: ['Broken edges cut.'],
    kind: 'outcome',
    outcomes: {
      sooty: { name: 'Dark grey, rubs off black', note: '' },
      'bright-grey': { name: 'Bright grey, fine crystals', note: '' },
      white: { name: 'White, needle-like crystals', note: '' },
      fibrous: { name: 'Torn, silky or fibrous', note: '' },
      coarse: { name: 'Coarse shining grains', note: '' },
    },
  },
  'nick-bend': {
    name: 'Nick and bend',
    tells: 'Torn silky, stringy as wood, or snaps',
    how: [
      'Saw a nick a third through a strip or a corner that can be spared.',
      'Bend it in the vice with the nick outside, until it tears or snaps.',
      'Look at the tear.',
    ],
    tools: [],
    minutes: 5,
    harm: 3,
    makes: 'dust',
    cautions: [GLASSES, 'Broken edges cut.'],
    kind: 'outcome',
    outcomes: {
      silky: { name: 'Tears slowly, silky grey', note: '' },
      stringy: { name: 'Tears in long strings, as green wood', note: '' },
      grainy: { name: 'Snaps, grainy', note: '' },
      holds: { name: 'Bends flat and holds', note: '' },
    },
  },
  spark: {
    name: 'Grinder spark',
    tells: 'Carbon, alloy, or none',
    how: [
      'Same wheel, same light pressure, dark background. Dress the wheel first: other metal in it lies.',
      'Compare with a piece you know, one beside the other.',
      'Look at length, colour and bursts.',
    ],
    tools: ['grinder'],
    minutes: 2,
    harm: 2,
    makes: 'dust',
    cautions: [
      GLASSES,
      'Hot-work area: sparks travel 11 m.',
      'Never grind light white metal dry, nor aluminium on a wheel used for steel.',
    ],
    kind: 'outcome',
    outcomes: {
      'straw-long': { name: 'Long straw-coloured lines, few forks', note: '' },
      'bursts-some': { name: 'Shorter, forks and some bursts', note: '' },
      'bursts-many': { name: 'Very many small bursts, bright', note: '' },
      spear: { name: 'Lines with a detached spear head', note: '' },
      'red-short': { name: 'Short and dull red, small bursts at the end', note: '' },
      'straw-short': { name: 'Short to medium straw lines, hardly a fork', note: '' },
      'white-fan': { name: 'White fan, full of bursts', note: '' },
      'orange-hug': { name: 'Short orange, clings to the wheel', note: '' },
      'white-brilliant': { name: 'Brilliant white', note: '' },
      none: { name: 'No spark', note: '' },
    },
  },
  torch: {
    name: 'Torch on a corner',
    tells: 'Melts before it glows, or not',
    how: [
      'A corner or a chip of it, outdoors, away from anything that burns.',
      'Small neutral flame on the very edge. Watch the colour before it runs.',
    ],
    tools: ['torch'],
    minutes: 3,
    harm: 2,
    makes: 'heat',
    cautions: [
      'Filter lens and gloves. Stay upwind: zinc, lead and cadmium fume.',
      'A magnesium fire is smothered with dry sand, never with water.',
    ],
    kind: 'outcome',
    outcomes: {
      'melts-first': { name: 'Slumps without any glow', note: '' },
      'melts-low': { name: 'Runs almost at once', note: '' },
      glows: { name: 'Glows red first, then melts', note: '' },
      flares: { name: 'Burns white, leaves white powder', note: '' },
      'green-flame': { name: 'Green edge to the flame', note: '' },
      'white-smoke': { name: 'White smoke and white fluff', note: 'zinc' },
    },
  },
  sulphate: {
    name: 'Drop of copper sulphate',
    tells: 'Plain iron and steel, or stainless',
    how: [
      'Clean a spot bright and free of oil.',
      'One drop, wait a minute, wipe and wash it off.',
      'A copper film means plain iron or steel.',
    ],
    tools: ['copper-sulphate'],
    minutes: 2,
    harm: 1,
    makes: 'nothing',
    cautions: ['Gloves and glasses. Poison: not on anything for food before it is washed.'],
    kind: 'outcome',
    outcomes: {
      plates: { name: 'Copper film', note: '' },
      stays: { name: 'Nothing', note: '' },
    },
  },
  caustic: {
    name: 'Drop of caustic soda',
    tells: 'Aluminium with copper or zinc in it',
    how: [
      'Clean a spot bright. One drop of 10 to 20 % solution for five minutes.',
      'Rinse with much water. Look at the colour of the spot.',
    ],
    tools: ['caustic'],
    minutes: 6,
    harm: 1,
    makes: 'nothing',
    cautions: ['Burns skin and blinds: gloves, goggles, water at hand.', 'Gives off hydrogen: no flame.'],
    kind: 'outcome',
    outcomes: {
      black: { name: 'Fizzes and turns black', note: '' },
      'bright-fizz': { name: 'Fizzes and stays bright', note: '' },
      nothing: { name: 'Nothing happens', note: '' },
    },
  },
  hardness: {
    name: 'Portable hardness',
    tells: 'Brinell number',
    how: [
      'Grind a flat spot, fine, without heating it: burn marks read hard.',
      'Five readings; type the middle one as Brinell.',
    ],
    tools: ['hardness-tester'],
    minutes: 4,
    harm: 1,
    makes: 'nothing',
    cautions: ['Thin or light pieces read wrong: back them up.'],
    kind: 'hardness',
    outcomes: {},
  },
  conductivity: {
    name: 'Conductivity meter',
    tells: 'Per cent of copper',
    how: ['Bare flat spot, wider than the probe, at air temperature.', 'Set it on the standard, then read.'],
    tools: ['eddy-meter'],
    minutes: 1,
    harm: 0,
    makes: 'nothing',
    cautions: ['Means nothing on magnetic metal.'],
    kind: 'conductivity',
    outcomes: {},
  },
  chemistry: {
    name: 'Alloy analyser',
    tells: 'Elements, with their error',
    how: [
      'Bright bare spot the size of the window; plating and zinc read as the metal.',
      'Type what it shows, or bring in its table.',
      'The handheld X-ray kind sees no carbon and no beryllium.',
    ],
    tools: ['analyser'],
    minutes: 3,
    harm: 1,
    makes: 'nothing',
    cautions: ['X-ray kind: never point it at anybody; trained people only.'],
    kind: 'chemistry',
    outcomes: {},
  },
} as const satisfies Record<TestId, MetalTest>;

/** The test's row, typed as the general shape. */
export const metalTest = (id: TestId): MetalTest => METAL_TESTS[id];
