import type { FamilyId } from './families';
import { memoryOf, PRACTICE, type Source } from '../units/sources';

/** What a family asks of temperature before, between and after passes. Null: nothing said. */
export interface HeatRule {
  /** Lowest temperature to strike at, °C. Null where the rule gives no figure. */
  preheatMin_C: number | null;
  preheatMax_C: number | null;
  /** Highest temperature to start the next bead at, °C. */
  interpassMax_C: number | null;
  /** It must stay cold: more than taking the chill off it spoils it, °C. */
  coldTo_C?: number;
  /** No reckoning and no rule of the family serves: only the chart of the grade says how warm. */
  byChart?: true;
  /** Ordinary steel: welded cold while it is thin, and thicker no colder than the code's own table says. */
  plain?: true;
  /** What is asked of the usual piece is planned, and not what an unlucky one would ask. */
  forUsual?: true;
  /** Most that a bead may begin at where the other side has to be warm, °C. */
  beside_C?: number;
  /** What is enough under weld metal that keeps its hydrogen, °C, where no reckoning says it. */
  underSoft_C?: number;
  /** The rule as it is said. */
  words: string;
  /** How it cools afterwards. */
  cooling: string;
  source: Source;
}

const rule = (
  words: string,
  preheatMin_C: number | null,
  preheatMax_C: number | null,
  interpassMax_C: number | null,
  source: Source = PRACTICE,
): HeatRule => ({ words, preheatMin_C, preheatMax_C, interpassMax_C, cooling: 'In still air.', source });

const FIGURES = memoryOf('welding handbooks, family preheat figures');

const SLOW = 'Slowly: under a blanket or dry sand, out of wind and wet.';
const BURIED = 'Very slowly: buried in dry sand, ash or lime, or wrapped, until it is hand-warm.';

const PLAIN_STEEL: HeatRule = {
  ...rule('No preheat in thin dry steel. Below 0 °C warm it to 20 °C first.', null, null, null),
  plain: true,
  forUsual: true,
};
const NO_ARC = rule('Not for the arc in the field.', null, null, null);

/** The rule of every family, by id. Figures are held against what is reckoned for a piece in `core/heat`; the higher counts. */
export const HEAT_RULES: Readonly<Record<FamilyId, HeatRule>> = {
  'low-carbon-steel': PLAIN_STEEL,
  'medium-carbon-steel': {
    ...rule('Preheat 95 to 260 °C, more for more carbon and thickness. Cool slowly.', 95, 260, 315, FIGURES),
    forUsual: true,
    cooling: SLOW,
  },
  'high-carbon-steel': {
    ...rule('Preheat 260 to 425 °C and cool slowly, buried or wrapped.', 260, 425, 480, FIGURES),
    cooling: BURIED,
  },
  'low-alloy-steel': {
    ...rule('Preheat 200 to 370 °C for the 4140 kind. Cool slowly.', 200, 370, 400, FIGURES),
    cooling: BURIED,
  },
  'quenched-tempered-wear-plate': {
    ...rule(
      "Preheat by the maker's chart, but never above about 200 °C (some grades 150 °C): heat takes its strength.",
      null,
      200,
      200,
      FIGURES,
    ),
    forUsual: true,
    cooling: 'In still air, out of wind and wet. Not wrapped: held hot it softens.',
  },
  'spring-steel': {
    ...rule('Do not weld it, or give it the full heat treatment afterwards.', null, null, null),
    cooling: BURIED,
  },
  'tool-steel': {
    ...rule("Only to the maker's heat treatment chart.", null, null, null),
    byChart: true,
    cooling: BURIED,
  },
  'free-machining-steel': rule(
    'No preheat figure helps: the weld cracks hot. Basic rods crack least.',
    null,
    null,
    null,
  ),
  'manganese-steel': {
    ...rule(
      'No preheat. Keep it below 260 °C at 12 mm from the weld, aim for 150 to 200 °C: short beads, peen.',
      null,
      null,
      200,
      FIGURES,
    ),
    coldTo_C: 50,
    cooling: 'Fast: a wet rag beside the weld does no harm. Held hot it turns brittle.',
  },
  'cast-steel': {
    ...rule(
      'Preheat as for steel of the same carbon; unknown carbon as medium carbon: 95 to 260 °C.',
      95,
      260,
      315,
      FIGURES,
    ),
    forUsual: true,
    cooling: SLOW,
  },
  'wrought-iron': {
    ...rule('No preheat. Slag in the iron boils out: slow, and expect a soft bead edge.', null, null, null),
    plain: true,
    forUsual: true,
  },
  'gray-iron': {
    ...rule(
      'Cold: metal near the weld 40 to 65 °C by thermometer, beads of 25 mm, peen each. Or hot: the whole casting 500 to 650 °C and bury it to cool. Nothing between.',
      40,
      65,
      65,
      FIGURES,
    ),
    cooling: 'Cold: still air, each bead peened warm. Hot: buried in dry sand or ash for 24 hours.',
  },
  'ductile-iron': {
    ...rule(
      'Cold: metal near the weld 40 to 65 °C by thermometer, short beads, peen. Likes nickel-iron.',
      40,
      65,
      65,
      FIGURES,
    ),
    cooling: 'Still air, each bead peened warm.',
  },
  'malleable-iron': {
    ...rule(
      'Fused hot it turns white and brittle: braze it, or cold short beads with nickel-iron.',
      40,
      65,
      65,
      FIGURES,
    ),
    cooling: 'Still air.',
  },
  'white-iron': NO_ARC,
  'austenitic-stainless': {
    ...rule(
      'No preheat. Let it fall below 150 °C before the next bead (175 °C at the most).',
      null,
      null,
      150,
      FIGURES,
    ),
    beside_C: 175,
    cooling: 'As fast as it likes; water once it is black does no harm.',
  },
  'free-machining-stainless': {
    ...rule('No preheat. Small beads, below 150 °C between.', null, null, 150, FIGURES),
    cooling: 'As fast as it likes.',
  },
  'ferritic-stainless': rule('Low heat. Thick or stiff parts 150 to 230 °C.', null, 230, null, FIGURES),
  'martensitic-stainless': {
    ...rule('Preheat 200 to 300 °C, cool slowly, then temper.', 200, 300, null, FIGURES),
    underSoft_C: 150,
    cooling: 'Slow to hand-warm, then temper at 650 to 750 °C before it is used.',
  },
  'duplex-stainless': {
    ...rule(
      'No preheat. Below 150 °C between beads (super duplex 100 °C), and not too little heat either.',
      null,
      null,
      150,
      FIGURES,
    ),
    cooling: 'In air; not wrapped.',
  },
  'al-1xxx-3xxx': rule(
    'Thick parts: warm evenly to 90 to 95 °C. Bring the amps down as it warms.',
    null,
    120,
    120,
  ),
  'al-5xxx': rule('Dry it only: 65 to 200 °C harms it.', null, 120, 120, FIGURES),
  'al-6xxx': rule(
    'About 90 to 95 °C through thick parts, never over 120 °C. Half its strength goes beside the weld.',
    null,
    120,
    120,
    FIGURES,
  ),
  'al-2xxx-7xxx': rule('Not over 120 °C.', null, 120, 120, FIGURES),
  'al-cast': {
    ...rule(
      'Warm the whole casting evenly, 120 to 200 °C for castings that are not heat treated; about 95 °C if you do not know.',
      90,
      200,
      null,
      FIGURES,
    ),
    cooling: 'Under a blanket, evenly.',
  },
  'al-die-cast': {
    ...rule('Bake the oil out first; warm evenly.', null, 120, null),
    cooling: 'Under a blanket, evenly.',
  },
  magnesium: NO_ARC,
  copper: {
    ...rule('Over 3 mm: 260 °C and up, more with thickness.', 260, 540, null, FIGURES),
    cooling: 'As it likes.',
  },
  brass: {
    ...rule('Warm 150 to 200 °C; the zinc boils. Brazing is the better way.', 150, 200, null, FIGURES),
    cooling: 'Slow, unmoved.',
  },
  'leaded-brass': NO_ARC,
  'tin-bronze': {
    ...rule('Preheat 150 to 200 °C, not above 200 °C between beads: weak while hot.', 150, 200, 200, FIGURES),
    cooling: 'Slow, unmoved while it is hot: it is weak.',
  },
  'aluminium-bronze': rule('Up to 150 to 200 °C before and between beads.', null, 200, 200, FIGURES),
  'silicon-bronze': rule(
    'No preheat, below 65 °C between beads: it cracks while it is hot.',
    null,
    null,
    65,
    FIGURES,
  ),
  'copper-nickel': rule('No preheat, below 70 °C between beads.', null, null, 70, FIGURES),
  nickel: rule('No preheat. Below 150 °C between beads.', null, null, 150, FIGURES),
  'nickel-copper': rule('No preheat. Below 150 °C between beads.', null, null, 150, FIGURES),
  'nickel-chromium': rule('No preheat. Below 150 °C between beads.', null, null, 150, FIGURES),
  titanium: NO_ARC,
  'zinc-die-cast': NO_ARC,
  lead: NO_ARC,
  'beryllium-copper': NO_ARC,
  'sintered-metal': NO_ARC,
  'leaded-red-brass': NO_ARC,
  'leaded-tin-bronze': NO_ARC,
  'manganese-brass': rule(
    'Little or no preheat; keep the heat down or its zinc boils.',
    null,
    150,
    200,
    FIGURES,
  ),
  'nickel-silver': NO_ARC,
  'free-machining-stainless-magnetic': rule(
    'As little heat as will do; short beads.',
    null,
    150,
    150,
    FIGURES,
  ),
  'ph-stainless': rule('No preheat. Touch-cool between beads.', null, 100, 150, FIGURES),
  'austenitic-iron': {
    ...rule('Cold, short beads of 25 mm, peened warm; little heat or it cracks hot.', null, 65, 150, FIGURES),
    cooling: 'Still air, each bead peened warm.',
  },
  'overlay-plate': rule('The steel behind it by its own rule; never over 200 °C.', null, 200, 200, FIGURES),
  'creep-steel': NO_ARC,
};

/** Bronze on iron: nothing of the iron melts. */
export const BRAZE_IRON: HeatRule = {
  ...rule(
    'Brazed: the iron round it evenly warm, the joint at dull red, 600 to 700 °C. The iron does not melt.',
    600,
    700,
    760,
    memoryOf('brazing handbooks, bronze on gray iron'),
  ),
  cooling: 'Slowly under a blanket or dry sand, unmoved until it is black.',
};

/** Iron warmed at least this far is welded the hot way, °C: nothing between the two is right. */
export const HOT_IRON_FROM_C = 300;
/** The hot way, for castings small enough to be warmed whole. */
export const HOT_IRON: HeatRule = {
  ...rule(
    'Hot: the whole casting 500 to 650 °C, kept there, never over 760 °C, for small castings that have to be machined.',
    500,
    650,
    760,
    memoryOf('AWS D11.2 and handbooks, hot welding of gray iron'),
  ),
  cooling: 'Buried in dry sand or ash for 24 hours.',
};

/** Aluminium this thick is warmed before the arc, °C: it draws the heat away faster than the arc brings it. */
export const ALUMINIUM_WARM = {
  from_mm: 8,
  least_C: 90,
  families: ['al-1xxx-3xxx', 'al-6xxx'] as readonly FamilyId[],
  source: memoryOf('common practice: about 200 °F through thick parts'),
} as const;

/** Copper by thickness: least preheat of a plain copper joint, °C, to the end of each row. */
export const COPPER_PREHEAT = {
  rows: [
    { upTo_mm: 3.2, least_C: 0 },
    { upTo_mm: 4.8, least_C: 38 },
    { upTo_mm: 6.4, least_C: 93 },
    { upTo_mm: 9.6, least_C: 232 },
    { upTo_mm: 12.8, least_C: 343 },
    { upTo_mm: Infinity, least_C: 399 },
  ],
  source: memoryOf('welding handbook, copper preheat by thickness'),
} as const;
