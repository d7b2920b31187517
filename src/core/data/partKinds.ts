import type { FamilyId } from './families';

/** A kind of part, and how often it is made of what, by weight. Families not named are left to the common background. */
export interface PartKind {
  name: string;
  /** Other words people look for it by. */
  also: string;
  made: Readonly<Partial<Record<FamilyId, number>>>;
  /** How often it is galvanised, as a share; left out: as metal in general. */
  zinc?: number;
  /** Plain structure: plate, section, tube, sheet, railing. Anything else may be cast, hardened, leaded or heat-treated. */
  plain?: true;
  /** It turns, and has to run true. */
  turns?: true;
}

const part = (
  name: string,
  made: PartKind['made'],
  also = '',
  more: Pick<PartKind, 'zinc' | 'plain' | 'turns'> = {},
): PartKind => ({ name, also, made, ...more });
const PLAIN = { plain: true } as const;
const TURNS = { turns: true } as const;

const LC = 'low-carbon-steel';
const MC = 'medium-carbon-steel';
const HC = 'high-carbon-steel';
const LA = 'low-alloy-steel';
const QT = 'quenched-tempered-wear-plate';
const SS = 'austenitic-stainless';
const GI = 'gray-iron';
const DI = 'ductile-iron';

/** Kinds of part a repair welder meets, with what they are usually made of: weights as in the table of priors, and from its source. */
export const PART_KINDS = {
  'plate-bracket': part('Plate, angle or bracket', { [LC]: 96 }, 'structural section flat bar channel beam', {
    zinc: 0.06,
    ...PLAIN,
  }),
  'square-tube': part('Square or round tube frame', { [LC]: 94, 'al-6xxx': 4 }, 'gate trailer frame', {
    zinc: 0.13,
    ...PLAIN,
  }),
  'water-pipe': part(
    'Water or steam pipe, threaded',
    { [LC]: 88, 'wrought-iron': 4, copper: 3, 'creep-steel': 1 },
    'pipe',
    { zinc: 0.4 },
  ),
  handrail: part('Handrail or ladder', { [LC]: 80, [SS]: 10, 'al-6xxx': 8 }, 'railing stanchion', {
    zinc: 0.38,
    ...PLAIN,
  }),
  'sheet-panel': part('Sheet panel or guard', { [LC]: 87, [SS]: 5, 'al-1xxx-3xxx': 6 }, 'cover body panel', {
    zinc: 0.25,
    ...PLAIN,
  }),
  'old-ironwork': part(
    'Old forged gate or chain railing',
    { 'wrought-iron': 45, [LC]: 35, [GI]: 15 },
    'antique rivet bridge',
  ),
  rebar: part('Reinforcing bar', { [LC]: 35, [MC]: 60, [LA]: 3 }, 'rebar anchor'),
  bolt: part(
    'Bolt, stud or nut',
    { [MC]: 40, [LA]: 20, [LC]: 25, 'free-machining-steel': 4, [SS]: 8 },
    'fastener screw',
  ),
  'anchor-chain': part(
    'Mooring ring or chain link',
    { [LC]: 40, [MC]: 30, [LA]: 20, 'wrought-iron': 6 },
    'shackle',
  ),
  shaft: part(
    'Shaft or axle',
    { [MC]: 45, [LA]: 35, [LC]: 10, 'martensitic-stainless': 3, [SS]: 3 },
    'spindle journal',
    TURNS,
  ),
  'propeller-shaft': part(
    'Propeller shaft, small craft',
    {
      [SS]: 32,
      'ph-stainless': 6,
      'martensitic-stainless': 12,
      'duplex-stainless': 12,
      [MC]: 18,
      'nickel-copper': 10,
      'tin-bronze': 5,
    },
    '',
    TURNS,
  ),
  gear: part(
    'Gear or sprocket',
    { [MC]: 30, [LA]: 30, [GI]: 12, 'cast-steel': 10, 'sintered-metal': 6, 'tin-bronze': 4, [DI]: 5 },
    'pinion',
  ),
  'small-gear': part(
    'Small gear, cam or bush of an appliance',
    { 'sintered-metal': 40, [MC]: 20, 'tin-bronze': 10, 'zinc-die-cast': 10, 'free-machining-steel': 12 },
    'oil bearing',
  ),
  pawl: part('Pawl, latch or ratchet', {
    [MC]: 35,
    [LA]: 25,
    'tool-steel': 8,
    'cast-steel': 12,
    [DI]: 6,
    [HC]: 6,
  }),
  'leaf-spring': part('Leaf or coil spring', { 'spring-steel': 90, [HC]: 6 }, 'suspension'),
  'small-spring': part(
    'Small flat or wire spring',
    { 'spring-steel': 55, [HC]: 15, [SS]: 12, 'tin-bronze': 8, 'beryllium-copper': 6 },
    'contact clip',
  ),
  'hand-tool': part('Chisel, punch, cutter or die', { 'tool-steel': 70, [HC]: 18, [MC]: 8 }, 'drill blade'),
  'safety-tool': part(
    'Non-sparking tool',
    { 'beryllium-copper': 45, 'aluminium-bronze': 50 },
    'copper hammer spanner',
  ),
  knife: part('Knife or cutlery', { 'martensitic-stainless': 55, [HC]: 25, 'tool-steel': 12 }, 'blade'),
  'plough-share': part(
    'Ploughshare, tine or blade',
    { [HC]: 35, [MC]: 25, [QT]: 20, [LA]: 10, 'white-iron': 4 },
    'farm cultivator disc',
  ),
  'bucket-edge': part(
    'Bucket edge, tooth or wear plate',
    {
      [QT]: 52,
      [LA]: 18,
      'cast-steel': 12,
      'manganese-steel': 6,
      'overlay-plate': 5,
      'white-iron': 3,
      [LC]: 6,
    },
    'digger liner',
  ),
  'crusher-jaw': part(
    'Crusher jaw or hammer',
    { 'manganese-steel': 70, 'white-iron': 12, [LA]: 8, 'cast-steel': 6 },
    'mill liner',
  ),
  'rail-crossing': part('Rail crossing or frog', { 'manganese-steel': 55, [HC]: 42 }),
  rail: part('Rail, crane rail', { [HC]: 85, [MC]: 12 }),
  'slurry-pump': part('Slurry pump casing or wear liner', {
    'white-iron': 55,
    'manganese-steel': 10,
    [DI]: 15,
    'cast-steel': 10,
    [GI]: 8,
  }),
  'forklift-fork': part('Fork, boom or lifting arm', { [LA]: 60, [MC]: 25, [QT]: 12 }),
  'ram-rod': part('Hydraulic rod', { [MC]: 55, [LA]: 30, [SS]: 8 }, 'cylinder piston chromed'),
  'machine-bed': part(
    'Machine bed or base',
    { [GI]: 80, 'cast-steel': 6, [LC]: 8, [DI]: 4 },
    'lathe vice frame',
  ),
  'engine-block': part(
    'Engine block or head, iron or light',
    { [GI]: 58, 'al-cast': 34, [DI]: 3 },
    'cylinder head',
  ),
  'boiler-pipe': part(
    'Boiler tube, superheater or hot steam pipe',
    { 'creep-steel': 55, [LC]: 38, [SS]: 4 },
    'power station refinery furnace',
  ),
  'exhaust-manifold': part('Exhaust manifold', {
    [GI]: 50,
    'austenitic-iron': 3,
    [DI]: 32,
    [SS]: 10,
    'ferritic-stainless': 4,
  }),
  'exhaust-pipe': part(
    'Exhaust pipe or silencer',
    { 'ferritic-stainless': 40, [LC]: 36, [SS]: 14, titanium: 1 },
    'muffler',
    { zinc: 0.1, ...PLAIN },
  ),
  'pump-casing': part(
    'Pump or valve body',
    {
      [GI]: 40,
      [DI]: 15,
      'cast-steel': 12,
      'tin-bronze': 5,
      'leaded-tin-bronze': 5,
      'leaded-red-brass': 4,
      [SS]: 10,
      'duplex-stainless': 3,
      'al-cast': 3,
      'austenitic-iron': 1,
    },
    'housing',
  ),
  'pipe-fitting': part(
    'Threaded pipe fitting',
    {
      'malleable-iron': 55,
      [GI]: 8,
      [DI]: 8,
      brass: 7,
      'leaded-brass': 8,
      'leaded-red-brass': 4,
      [LC]: 5,
    },
    'elbow tee',
  ),
  'pedal-lever': part(
    'Pedal, lever or clamp casting',
    { 'malleable-iron': 30, [DI]: 32, 'cast-steel': 14, [GI]: 14, 'al-cast': 4 },
    'farm fitting',
  ),
  'manhole-cover': part(
    'Cover, grate or bollard',
    { [GI]: 50, [DI]: 36, 'cast-steel': 6, [LC]: 5 },
    'street furniture',
  ),
  'stove-plate': part('Stove plate, grate or sash weight', { [GI]: 86, 'white-iron': 4, [LC]: 8 }),
  'cast-bracket': part(
    'Heavy cast steel fitting',
    { 'cast-steel': 65, [DI]: 14, [GI]: 8, [LA]: 8 },
    'fairlead hinge chock',
  ),
  'brake-drum': part('Brake drum or flywheel', { [GI]: 82, [DI]: 10, 'cast-steel': 4 }),
  crankshaft: part('Crankshaft or connecting rod', {
    [MC]: 30,
    [LA]: 35,
    [DI]: 24,
    'cast-steel': 5,
    'al-2xxx-7xxx': 2,
  }),
  'kitchen-sink': part(
    'Sink, worktop or food tray',
    { [SS]: 88, 'ferritic-stainless': 8 },
    'galley dairy',
    PLAIN,
  ),
  'food-tank': part(
    'Food, dairy or brewing vessel',
    { [SS]: 92, 'duplex-stainless': 3, 'al-1xxx-3xxx': 2 },
    'pipework',
    PLAIN,
  ),
  'chem-pipe': part('Chemical or sea-water pipe, stainless kind', {
    [SS]: 62,
    'duplex-stainless': 24,
    'nickel-chromium': 3,
    titanium: 4,
  }),
  'machined-stainless': part(
    'Machined stainless fitting',
    {
      [SS]: 46,
      'free-machining-stainless': 32,
      'free-machining-stainless-magnetic': 6,
      'martensitic-stainless': 8,
      'ph-stainless': 4,
      'duplex-stainless': 3,
    },
    'screw coupling',
  ),
  trim: part('Bright trim or appliance panel', {
    'ferritic-stainless': 55,
    [SS]: 32,
    [LC]: 5,
    'al-1xxx-3xxx': 5,
  }),
  'turned-part': part(
    'Small turned part',
    { 'free-machining-steel': 38, [LC]: 22, 'leaded-brass': 16, [MC]: 10, 'free-machining-stainless': 6 },
    'knob pin spacer',
  ),
  'boat-hull': part('Aluminium boat plate', { 'al-5xxx': 84, 'al-6xxx': 12 }, 'hull superstructure', PLAIN),
  'al-plate': part(
    'Aluminium checker plate or sheet',
    { 'al-5xxx': 38, 'al-1xxx-3xxx': 28, 'al-6xxx': 30 },
    'tread',
    PLAIN,
  ),
  'al-extrusion': part(
    'Aluminium section or tube',
    { 'al-6xxx': 92, 'al-2xxx-7xxx': 3 },
    'ladder gangway window mast',
  ),
  'al-fuel-tank': part('Aluminium tank', { 'al-5xxx': 72, 'al-1xxx-3xxx': 20, 'al-6xxx': 6 }, '', PLAIN),
  'al-casting': part(
    'Light alloy casting',
    { 'al-cast': 72, 'al-die-cast': 16, magnesium: 4, 'zinc-die-cast': 3 },
    'sump housing wheel',
  ),
  'thin-casting': part(
    'Thin smooth casting',
    { 'al-die-cast': 52, 'zinc-die-cast': 22, magnesium: 8, 'al-cast': 12 },
    'handle cover power tool case',
  ),
  'gearbox-case': part('Gearbox or chainsaw case', {
    'al-cast': 36,
    'al-die-cast': 30,
    magnesium: 16,
    [GI]: 14,
  }),
  'aircraft-part': part(
    'Aircraft or racing part',
    { 'al-2xxx-7xxx': 52, 'al-6xxx': 14, titanium: 10, magnesium: 8, [LA]: 8, [SS]: 5 },
    'bike frame',
  ),
  'hard-al': part(
    'Strong aluminium machined part',
    { 'al-2xxx-7xxx': 52, 'al-6xxx': 44 },
    'climbing jig mould',
  ),
  radiator: part(
    'Radiator or cooler',
    { 'al-1xxx-3xxx': 42, brass: 22, copper: 20, 'copper-nickel': 8, [LC]: 5 },
    'heat exchanger',
  ),
  busbar: part('Busbar or earth strap', { copper: 84, 'al-1xxx-3xxx': 12 }, 'cable lug electrode'),
  'copper-tube': part('Copper tube or vessel', { copper: 84, 'copper-nickel': 12 }, 'still plumbing'),
  'brass-fitting': part(
    'Tap, valve or brass fitting',
    {
      'leaded-brass': 46,
      brass: 22,
      'leaded-red-brass': 14,
      'tin-bronze': 8,
      'nickel-silver': 2,
      'zinc-die-cast': 5,
    },
    'cock coupling',
  ),
  'brass-sheet': part(
    'Brass sheet, tube or ornament',
    { brass: 80, 'leaded-brass': 10, 'tin-bronze': 5 },
    'bell plate instrument',
  ),
  bush: part(
    'Bush or bearing',
    {
      'leaded-tin-bronze': 44,
      'tin-bronze': 24,
      'leaded-brass': 6,
      'aluminium-bronze': 10,
      'sintered-metal': 10,
      'manganese-brass': 3,
    },
    'worm wheel',
  ),
  propeller: part('Propeller', {
    'aluminium-bronze': 42,
    'manganese-brass': 22,
    brass: 4,
    'al-cast': 18,
    [SS]: 10,
    'tin-bronze': 3,
  }),
  'sea-valve': part('Sea cock or sea strainer', {
    'tin-bronze': 26,
    'leaded-tin-bronze': 18,
    'leaded-red-brass': 16,
    'leaded-brass': 10,
    brass: 12,
    'aluminium-bronze': 10,
    'silicon-bronze': 4,
    'copper-nickel': 3,
  }),
  'boat-fastening': part(
    'Boat fastening, coach bolt or chain plate, coppery',
    { 'silicon-bronze': 58, 'tin-bronze': 14, brass: 12, 'aluminium-bronze': 6, copper: 6 },
    'keel bolt screw rod hardware clamp',
  ),
  'sea-pipe': part(
    'Sea-water pipe, coppery',
    { 'copper-nickel': 66, copper: 12, 'aluminium-bronze': 6, brass: 8 },
    'condenser',
  ),
  'ni-vessel': part('Acid or caustic vessel, pickling hook', {
    'nickel-copper': 44,
    'nickel-chromium': 14,
    nickel: 9,
    [SS]: 30,
    titanium: 4,
  }),
  'furnace-part': part(
    'Furnace basket or burner part',
    { [SS]: 55, 'nickel-chromium': 26, 'cast-steel': 8, 'ferritic-stainless': 8 },
    'heat treatment',
  ),
  'ti-part': part('Sports, medical or chemical titanium-looking part', {
    titanium: 72,
    [SS]: 16,
    'al-2xxx-7xxx': 8,
  }),
  'zinc-fitting': part(
    'Plated handle, lock or toy',
    { 'zinc-die-cast': 72, brass: 10, 'al-die-cast': 10, [LC]: 4 },
    'carburettor trim',
  ),
  'lead-part': part('Keel, weight, flashing or battery part', { lead: 82, [GI]: 10 }, 'ballast'),
  'galv-tank': part('Galvanised trough, gate or guard rail', { [LC]: 97 }, 'zinc', { zinc: 0.96, ...PLAIN }),
  'hand-vice': part('Vice, clamp or anvil', {
    [GI]: 34,
    [DI]: 26,
    'cast-steel': 24,
    'malleable-iron': 6,
    [MC]: 5,
  }),
  winch: part(
    'Winch, capstan or windlass part',
    { [GI]: 18, 'cast-steel': 28, [MC]: 18, [LA]: 14, [DI]: 12, 'tin-bronze': 5 },
    'drum',
  ),
  'tow-ball': part(
    'Drawbar, hitch or towing eye',
    { [MC]: 35, [LC]: 28, [LA]: 20, 'cast-steel': 12 },
    'pull point',
  ),
} as const satisfies Record<string, PartKind>;

export type PartKindId = keyof typeof PART_KINDS;
export const PART_KIND_IDS = Object.keys(PART_KINDS) as [PartKindId, ...PartKindId[]];

/** The row of a part kind; null where the id is not known here. */
export const partKind = (id: string | null): PartKind | null =>
  id !== null && Object.hasOwn(PART_KINDS, id) ? PART_KINDS[id as PartKindId] : null;
