import { memoryOf, PRACTICE, type Source } from '../units/sources';

/** Ways to mend or join without the arc on site. What each asks is held against the job. */
export interface OtherWay {
  name: string;
  words: string;
  /** Hottest it may get in service, °C. */
  hottest_C: number;
  /** Wants hands and room on both faces. */
  bothSides: boolean;
  /** Holds a load by itself. */
  carries: boolean;
  /** Thinnest metal it suits, mm. */
  from_mm: number;
  /** Brings flame or heat to the piece. */
  hot: boolean;
  /** Drills or cuts it: chips and dust. */
  cuts: boolean;
  source: Source;
}

export const OTHER_WAYS = {
  bolt: {
    name: 'Bolt it',
    words: 'A plate over the break, bolts through sound metal, a gasket and paint between unlike metals.',
    hottest_C: 400,
    bothSides: true,
    carries: true,
    from_mm: 2,
    hot: false,
    cuts: true,
    source: PRACTICE,
  },
  rivet: {
    name: 'Rivet it',
    words: 'A plate and rivets of the same metal, sealed between.',
    hottest_C: 150,
    bothSides: false,
    carries: true,
    from_mm: 0.5,
    hot: false,
    cuts: true,
    source: PRACTICE,
  },
  braze: {
    name: 'Braze it',
    words:
      'Torch, flux and silver or bronze below the melting point of the metal: lapped or sleeved, clean and close.',
    hottest_C: 200,
    bothSides: false,
    carries: true,
    from_mm: 0.5,
    hot: true,
    cuts: false,
    source: memoryOf('brazing handbooks'),
  },
  solder: {
    name: 'Low-temperature solder',
    words: 'Its own solder and flux, far below the melting point. For closing and filling, not for strength.',
    hottest_C: 80,
    bothSides: false,
    carries: false,
    from_mm: 0.3,
    hot: true,
    cuts: false,
    source: PRACTICE,
  },
  glue: {
    name: 'Metal-filled epoxy',
    words: 'Roughened, dry and clean; a plate or mesh set in it where anything pulls.',
    hottest_C: 80,
    bothSides: false,
    carries: false,
    from_mm: 0.5,
    hot: false,
    cuts: false,
    source: PRACTICE,
  },
  transition: {
    name: 'A transition piece',
    words:
      'A strip bonded of both metals at the mill: each side is welded to its own kind, short of the bond’s limit of heat.',
    hottest_C: 250,
    bothSides: false,
    carries: true,
    from_mm: 3,
    hot: true,
    cuts: true,
    source: memoryOf('handbooks, explosion- and roll-bonded transition pieces'),
  },
  replace: {
    name: 'Replace the part',
    words: 'A new part, or one made in a metal that can be welded.',
    hottest_C: Infinity,
    bothSides: false,
    carries: true,
    from_mm: 0,
    hot: false,
    cuts: false,
    source: PRACTICE,
  },
  'send-out': {
    name: 'Send it out',
    words: 'To a shop with the process, the gas cover or the furnace that this metal asks for.',
    hottest_C: Infinity,
    bothSides: false,
    carries: true,
    from_mm: 0,
    hot: false,
    cuts: false,
    source: PRACTICE,
  },
} as const satisfies Record<string, OtherWay>;

export type OtherWayId = keyof typeof OTHER_WAYS;
export const otherWay = (id: OtherWayId): OtherWay => OTHER_WAYS[id];

/** For two metals that no arc joins. */
export const WAYS_BETWEEN_UNLIKE: readonly OtherWayId[] = ['bolt', 'transition', 'rivet', 'glue', 'send-out'];
/** Never melted beside anything: brazing and bonded strips are out as well. */
export const WAYS_BESIDE_NEVER: readonly OtherWayId[] = ['bolt', 'glue', 'replace', 'send-out'];

/** Where the arc is stopped for what the thing is rather than for its metal. */
export const WAYS_WHEN_STOPPED: readonly OtherWayId[] = ['replace', 'send-out', 'bolt', 'glue'];
