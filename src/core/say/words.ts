import type { JobEdit } from '../formats/paths';

/** A word or phrase of the trade, and what it fills in. */
export interface SayWord {
  /** As it is said, in lower case; a pattern. */
  said: string;
  /** What the chip reads. */
  means: string;
  edits: readonly JobEdit[];
}

const word = (said: string, means: string, ...edits: JobEdit[]): SayWord => ({ said, means, edits });

const look = {
  position: (value: 'flat' | 'horizontal' | 'vertical' | 'overhead'): JobEdit => ({
    path: 'look.position',
    value,
  }),
  place: (value: 'indoors' | 'outdoors'): JobEdit => ({ path: 'look.place', value }),
  wind: (value: number): JobEdit => ({ path: 'look.wind_m_s', value }),
  surface: (value: 'bright' | 'scale' | 'rust' | 'oil'): JobEdit => ({ path: 'look.surface', value }),
  access: (value: 'both' | 'one-side' | 'blind'): JobEdit => ({ path: 'look.access', value }),
};
const kind = (value: NonNullable<Extract<JobEdit, { path: 'joint.kind' }>['value']>): JobEdit => ({
  path: 'joint.kind',
  value,
});
const part = (value: string): JobEdit => ({ path: 'metal.sideA.part', value });
const held = (value: 'low' | 'medium' | 'high'): JobEdit => ({ path: 'heat.restraint', value });

/**
 * Words of the trade, from memory, in the order they are looked for: a longer phrase before a shorter one in it. No word clears a metal that burns or poisons, and none
 * answers a question that stops work.
 */
export const SAY_WORDS: readonly SayWord[] = [
  // Position
  word('(?:vertical|verticle)(?:ly)? (?:up|uphill|down)?', 'Vertical', look.position('vertical')),
  word(
    'vertical(?:ly)?|verticle|uphill|upright seam|up the side|standing seam|3f|3g',
    'Vertical',
    look.position('vertical'),
  ),
  word(
    'over ?head|upside down|above (?:my|your) head|over my head|from (?:below|underneath)|4f|4g',
    'Overhead',
    look.position('overhead'),
  ),
  word('horizontal(?:ly)?|2f|2g', 'Horizontal', look.position('horizontal')),
  word(
    'flat(?! ?(?:bar|iron|plate|strip))|down ?hand|flat on the bench|in the flat|lying flat|on the bench|1f|1g',
    'Flat',
    look.position('flat'),
  ),
  // Place and wind
  word('no wind|dead calm|out of the wind|sheltered|calm', 'No wind at the arc', look.wind(0)),
  word(
    '(?:a )?(?:little|bit of|light|slight|gentle)(?: a)? (?:wind|breeze)|breezy|breeze',
    'A breeze, 4 m/s',
    look.wind(4),
  ),
  word('gale|howling|storm(?:y)?|blowing a hooley', 'A gale, 14 m/s', look.wind(14)),
  word('(?:very |quite |strong |good )?wind(?:y)?|blowing|gusty|gusts', 'Wind, 8 m/s', look.wind(8)),
  word(
    'out ?side(?! (?:corner|edge|diameter|of))|out ?doors|in the (?:yard|field|open|rain|weather)|on (?:the )?(?:deck|quay|jetty|pier|slip|site|roof|dock)|out in the \\w+',
    'Outdoors',
    look.place('outdoors'),
  ),
  word(
    'in ?doors|inside(?= ;| *$)|in ?side (?:the )?(?:shop|shed|barn|hall|workshop|garage)|in the (?:shop|shed|barn|hall|workshop|garage)|under (?:a |the )?roof|(?<=; )(?:work)?shop(?= ;| *$)',
    'Indoors',
    look.place('indoors'),
  ),
  // What takes it out
  word(
    'carbon[- ]?(?:arc )?goug(?:e|ed|ing)|air[- ]?arc(?: goug\\w+)?|arc[- ]?air',
    'Taken out by carbon arc',
    {
      path: 'repair.remover',
      value: 'gouge',
    },
  ),
  // Surface
  word('oil[- ]?soaked|oily|greasy|full of (?:oil|grease)', 'Oil-soaked', look.surface('oil')),
  word(
    'mill ?scale|light(?:ly)? rust(?:y)?|bit of rust|surface rust|bit rusty|rusty|rusted',
    'Scale or light rust',
    look.surface('scale'),
  ),
  word(
    'pitted|rust that will not come off|badly rusted|flaking rust',
    'Rust that will not come off',
    look.surface('rust'),
  ),
  word(
    'bright|clean(?:ed)?(?: metal)?(?! (?:through|break|off|across|in (?:two|2)))|ground (?:back|bright|clean)|shiny|new steel',
    'Comes bright',
    look.surface('bright'),
  ),
  // Access
  word(
    '(?:only |from )?(?:the )?one side(?: only)?|can ?not get behind|cannot get behind|can.t get (?:behind|to the back|at the back)|no access (?:to the back|behind)',
    'One side only',
    look.access('one-side'),
  ),
  word(
    '(?:(?:can )?(?:reach(?:ed)?|access(?: to| from)?|get (?:at|to|behind)|see) )?(?:it )?(?:on |from )?(?:both|each|either|two) sides?(?: reached| accessible)?|all ?round access|double[- ]sided',
    'Both sides',
    look.access('both'),
  ),
  word('(?:with a |by )mirror|one hand(?:ed)?|blind', 'Mirror or one hand', look.access('blind')),
  // What broke: the joint
  word('tee|t(?= ;| joint)|t[- ]joint|t[- ]fillet|fillet(?:s| weld)?', 'T-fillet', kind('t-fillet')),
  word('lap(?:ped)?(?: joint| weld)?|over ?lap(?:ping)?', 'Lap', kind('lap')),
  word(
    'double[- ]v(?:ee)?(?:[- ](?:butt|groove|prep))?|x[- ](?:groove|prep|butt)|v(?:ee)?(?:d|ed)? (?:from )?both (?:sides|faces)',
    'Double V',
    kind('double-v'),
  ),
  word(
    '(?:single )?v[- ](?:butt|groove|prep)|(?<!\\d ?)v(?= ;| joint| \\d| *$)|butt,? v(?:ee)?|vee(?:d)?(?: out)?|bevel(?:led|ed)?|single vee',
    'V butt',
    kind('v-butt'),
  ),
  word(
    '(?:square )?butt(?:ed)?(?: joint| weld)?|end to end|edge to edge',
    'Square butt',
    kind('square-butt'),
  ),
  word('outside corner|corner(?: joint)?', 'Outside corner', kind('outside-corner')),
  word('plug(?: weld)?s?', 'Plug', kind('plug')),
  word(
    'crack(?:ed)? (?:right )?(?:through|across|in) (?:the )?(?:casting|housing|block|case|casing)|gouge(?:d)?(?: out)?',
    'Gouged and filled',
    kind('gouge'),
  ),
  word(
    'build ?up|built up|pad(?:ding)?|hard ?fac(?:e|ing)|worn (?:down|away|edge|face)|over ?lay',
    'Built up',
    kind('pad'),
  ),
  // How a part is mostly joined, where no joint is said: after all that say one.
  word('gusset|lug|bracket|tab|cleat|stiffener|foot|rib', 'T-fillet', kind('t-fillet')),
  word('patch|doubler|plate over', 'Lap', kind('lap')),
  word(
    '(?:tig|argon) (?:the )?root and hot(?: pass)?|root and hot(?: pass)? (?:by|with|in) (?:tig|argon)',
    'Root and hot pass by TIG',
    { path: 'rod.root', value: { rodClass: null, size: null, process: 'tig', hot: true } },
  ),
  word('(?:tig|argon) root|root (?:by|with|in|done in) (?:tig|argon)|tig (?:the )?root', 'Root by TIG', {
    path: 'rod.root',
    value: { rodClass: null, size: null, process: 'tig' },
  }),
  // What stands behind it
  word(
    '(?:copper|alumini?um|brass) (?:backing(?: bar)?|bar behind|behind)',
    'Copper or aluminium bar behind',
    {
      path: 'joint.backing',
      value: 'copper',
    },
  ),
  word('(?:steel )?(?:backing (?:strip|bar|ring)|strip behind)', 'Steel strip behind, left on', {
    path: 'joint.backing',
    value: 'steel',
  }),
  // What coats it
  word('galvani[sz]ed|galv\\b|zinc(?: coated)?', 'Galvanised', {
    path: 'metal.sideA.coating',
    value: 'zinc',
  }),
  word('lead[- ]paint(?:ed)?|red lead', 'Lead paint', { path: 'metal.sideA.coating', value: 'lead-paint' }),
  word('chrom(?:ed?|ium) plate[d]?|chromed|hard chrome', 'Chrome plate', {
    path: 'metal.sideA.coating',
    value: 'chrome',
  }),
  // Parts: what it usually is, which a test then moves
  word(
    'channel|deck plate|angle(?: iron)?|i[- ]?beam|beam|flat ?bar|h[- ]?beam|girder|plate steel',
    'Plate, angle or section',
    part('plate-bracket'),
  ),
  word(
    'box section|square tube|rectangular tube|shs|rhs|hollow section|tube frame|frame',
    'Tube frame',
    part('square-tube'),
  ),
  word('hand ?rail(?:ing)?|railing|ladder|stanchion', 'Handrail or ladder', part('handrail')),
  word('sheet(?: metal)?|panel|guard|cover|skin|cowl', 'Sheet panel or guard', part('sheet-panel')),
  word('water pipe|steam pipe|pipe(?:line)?|pipework', 'Pipe', part('water-pipe')),
  word('bucket(?: edge| lip)?|digger bucket', 'Bucket edge', part('bucket-edge')),
  word('plough ?shares?|plow ?shares?|plough|plow', 'Plough share', part('plough-share')),
  word('shaft|axle|spindle', 'Shaft', part('shaft')),
  word('gear ?(?:box|case|housing|casing)(?: case)?', 'Gearbox case', part('gearbox-case')),
  word('gear(?: wheel)?|sprocket|cog', 'Gear', part('gear')),
  word('copper (?:pipe|tube)', 'Copper tube', part('copper-tube')),
  word('brass (?:valve|fitting|tap|cock|union)|brass', 'Brass fitting', part('brass-fitting')),
  word('bronze (?:bush|bearing|sleeve)', 'Bush', part('bush')),
  word('engine block|cylinder head', 'Engine block', part('engine-block')),
  word('machine bed|lathe bed', 'Machine bed', part('machine-bed')),
  word('crank ?shaft', 'Crankshaft', part('crankshaft')),
  word('prop(?:eller)? ?shaft', 'Propeller shaft', part('propeller-shaft')),
  word('manhole cover|drain cover', 'Manhole cover', part('manhole-cover')),
  word('(?:kitchen )?sink', 'Kitchen sink', part('kitchen-sink')),
  word('radiator', 'Radiator', part('radiator')),
  word('pump(?: (?:housing|casing|body))?|impeller housing', 'Pump casing', part('pump-casing')),
  word('exhaust (?:pipe|flange|silencer|box)|silencer', 'Exhaust pipe', part('exhaust-pipe')),
  word('exhaust(?: manifold)?|manifold', 'Exhaust manifold', part('exhaust-manifold')),
  word('bolt|stud|screw', 'Bolt or stud', part('bolt')),
  word('rebar|reinforcing', 'Reinforcing bar', part('rebar')),
  word('crusher jaw|jaw plate', 'Crusher jaw', part('crusher-jaw')),
  word('gate post|gate|trough|guard rail', 'Gate or trough', part('galv-tank')),
  word('propeller', 'Propeller', part('propeller')),
  // Where it works and how old
  word('old|antique|been there for years', 'Made before 1980', {
    path: 'metal.sideA.age',
    value: 'to-1980',
  }),
  word('sea ?water|salt water|harbou?r|marine|boat', 'Sea and harbour', {
    path: 'metal.sideA.setting',
    value: 'marine',
  }),
  // How it is held
  word('held fast|boxed in|clamped solid|can.t move|welded in all round|rigid', 'Held fast', held('high')),
  word('free to (?:move|pull)|loose', 'Free to pull in', held('low')),
  // Duty
  word('only (?:closes|holds it|cosmetic|tacked)|not load bearing|does not carry', 'Carries nothing', {
    path: 'rod.duty',
    value: 'nothing',
  }),
  word('load[- ]bearing|carries (?:the )?(?:load|weight)|takes the load', 'Carries load', {
    path: 'rod.duty',
    value: 'carries',
  }),
  // The hand
  word('beginner|first time|never welded|new to (?:this|it|welding)', 'Some beads so far', {
    path: 'rod.skill',
    value: 'new',
  }),
];

/** Words that call up a question that stops work. They are never an answer to it. */
export const SAY_STOPS: readonly { said: string; asks: string }[] = [
  {
    said: 'rain(?:y|ing)?|drizzl(?:e|ing|y)|snow(?:ing|y)?|sleet|flooded|puddle|standing water|soaking',
    asks: 'dry',
  },
  { said: 'drum|barrel|tank|container|vat|vessel|silo|keg|bilge', asks: 'container' },
  { said: 'gas bottle|cylinder|bottle|propane|acetylene|lpg', asks: 'cylinder' },
  { said: 'boiler|pressure|hydraulic|air receiver|accumulator', asks: 'pressure' },
  {
    said: 'hook|shackle|crane|hoist|sling|lifting (?:eye|lug|point)|chain block|eye ?bolt',
    asks: 'lifting-gear',
  },
  {
    said: 'boom|jib|forks?|loader|telehandler|dipper|digger|excavator|backhoe|crane arm|lift(?:ing)? arm',
    asks: 'boom',
  },
  { said: 'scaffold|gangway|man ?basket|walkway|ladder|staging|seat|harness', asks: 'people' },
  { said: 'wheel|rim|tyre|tire', asks: 'tyre' },
  {
    said: 'trailer|vehicle|lorry|truck|car|chassis|steering|suspension|brake|tow ?bar|draw ?bar|hitch|coupling|axle|roll cage|truck frame|trailer frame',
    asks: 'vehicle-safety',
  },
  { said: 'spring|strut|under tension|loaded', asks: 'stored-force' },
  { said: 'aircraft|aeroplane|airplane|helicopter', asks: 'aircraft' },
  { said: 'bridge|structural|column|girder', asks: 'structural' },
  { said: 'railway|rail track|rolling stock', asks: 'rail' },
  { said: 'fuel|petrol|diesel|gasoline|oil tank|paint store|sawdust|grain', asks: 'residue' },
];

/** Words that carry nothing and are not told as not understood. */
export const SAY_FILLERS =
  'today tomorrow tonight need think reckon together mending repairing muddy thin body eye base roof floor deck off two right seam joint opening fill onto over all round around again position positions fixed schedule sch weld-on split leaking worn bent oval egged rusted rotted rotten corroded through stripped thread sheared hairline tore ripped fell loose snapped blew blown hole straighten seized dodgy running crack cracks hinge hinges idea what no which where hull bit lot after before a an the and or of on off in at to from with for by is it its was has have had been being i we got get need want there this that these those my our his her just about approx approximately around roughly some bit only so very really then but up down out me us one them they side good not no be weld welded welding rod rods stick broke broken break breaking cracked crack snapped torn came come coming away repair fix fixed mend job piece old new thing using use using have having long thick wide deep wall plate steel metal inch inches mm metre meter';
