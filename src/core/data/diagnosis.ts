import { OUR_JUDGEMENT } from '../units/sources';

/** What a weld shows when it goes wrong, and what that comes from. */

export const SIGNS = {
  pores: { name: 'Holes in the bead', looks: 'pores, worm holes, a foamy crater' },
  undercut: { name: 'A groove at the toe', looks: 'undercut along one or both edges' },
  'slag-in': { name: 'Slag in the bead', looks: 'dark lines when it is ground' },
  'on-top': { name: 'Lies on top', looks: 'rolled edge, came off, not fused' },
  ropy: { name: 'Tall and narrow', looks: 'ropy, the rod sticks' },
  holes: { name: 'Burns through', looks: 'holes, a sunken pool' },
  'crater-crack': { name: 'Crack in the crater', looks: 'a star at the end of the bead' },
  'centre-crack': { name: 'Crack down the middle', looks: 'along the bead, while it cools' },
  'late-crack': { name: 'Crack beside it, later', looks: 'at the toe, hours or a day after' },
  spatter: { name: 'Much spatter', looks: 'beads of metal all round' },
  wander: { name: 'The arc wanders', looks: 'pulled to one side, or ahead' },
  'goes-out': { name: 'The arc goes out', looks: 'pops and stops' },
  'one-sided': { name: 'Rod burns on one side', looks: 'a finger nail of covering stands' },
  'slag-sticks': { name: 'Slag will not come off', looks: 'chips in crumbs' },
  trips: { name: 'Breaker goes', looks: 'at the strike, or after minutes' },
  stops: { name: 'The machine stops by itself', looks: 'lamp on, fan runs' },
  warped: { name: 'It pulled out of line', looks: 'lifted, bowed, buckled' },
  rusts: { name: 'Stainless rusts at the weld', looks: 'brown bleeding after days' },
} as const;
export type SignId = keyof typeof SIGNS;

/** A reason, with how often it shows each sign where it is there: 0 to 1; what is not named hardly ever. */
export interface FaultTraits {
  name: string;
  /** What tells it from the others, and how long that takes, min. */
  test: string;
  minutes: number;
  fix: string;
  /** How often it is there, before anything is known of the job. */
  usual: number;
  shows: Readonly<Partial<Record<SignId, number>>>;
}

/** Likelihoods are our judgement: what a welding teacher would say first, second and third. */
export const FAULTS = {
  cold: {
    name: 'Too cold: amps low for the rod or the plate',
    test: 'Ten amps more on scrap of the same thickness: does it lie down?',
    minutes: 2,
    fix: 'A tenth more amps.',
    usual: 0.1,
    shows: { 'on-top': 0.7, ropy: 0.8, 'slag-in': 0.3, 'goes-out': 0.25, 'slag-sticks': 0.3 },
  },
  hot: {
    name: 'Too hot: amps high for the rod or the plate',
    test: 'A tenth less on scrap: does the groove at the toe go?',
    minutes: 2,
    fix: 'A tenth fewer amps.',
    usual: 0.1,
    shows: {
      undercut: 0.6,
      holes: 0.7,
      spatter: 0.5,
      'one-sided': 0.1,
      pores: 0.1,
      warped: 0.2,
      'slag-sticks': 0.15,
    },
  },
  'long-arc': {
    name: 'Arc held too long',
    test: 'Close it up till the covering nearly drags.',
    minutes: 1,
    fix: 'Shorter arc, elbow held to the body.',
    usual: 0.12,
    shows: { pores: 0.4, spatter: 0.7, undercut: 0.5, wander: 0.15, 'goes-out': 0.4, 'slag-sticks': 0.2 },
  },
  fast: {
    name: 'Travelled too fast',
    test: 'Count seconds over one hand’s width, and go a quarter slower.',
    minutes: 1,
    fix: 'Slower: let the pool fill to its edges.',
    usual: 0.08,
    shows: { undercut: 0.4, ropy: 0.4, 'on-top': 0.2, pores: 0.15 },
  },
  slow: {
    name: 'Travelled too slowly, or the slag runs ahead',
    test: 'Lean more the way you go and stay in front of the pool.',
    minutes: 1,
    fix: 'Faster, ahead of the slag.',
    usual: 0.07,
    shows: { 'slag-in': 0.5, holes: 0.3, 'on-top': 0.4, warped: 0.15 },
  },
  angle: {
    name: 'Rod leaned to one side',
    test: 'Look along the seam: is it in the middle of the corner?',
    minutes: 1,
    fix: 'Back to the angle the sheet gives; pause at the upper toe.',
    usual: 0.07,
    shows: { undercut: 0.4, 'on-top': 0.25, 'slag-in': 0.25 },
  },
  damp: {
    name: 'Damp rods',
    test: 'One fresh or baked rod: do the holes stop?',
    minutes: 3,
    fix: 'Rods from a closed tin, or baked as the covering allows.',
    usual: 0.05,
    shows: { pores: 0.6, spatter: 0.35, 'late-crack': 0.4, 'slag-sticks': 0.2 },
  },
  dirt: {
    name: 'Dirt: oil, rust, paint or zinc in the joint',
    test: 'Grind a hand’s width bright on both sides and run a bead there.',
    minutes: 5,
    fix: 'Bright 25 mm either side, back too; degrease first.',
    usual: 0.08,
    shows: { pores: 0.8, spatter: 0.3, 'goes-out': 0.1, 'slag-sticks': 0.1 },
  },
  wind: {
    name: 'Wind takes the shield',
    test: 'Hold a board to windward for one rod.',
    minutes: 1,
    fix: 'A screen, or the back to the wind.',
    usual: 0.02,
    shows: { pores: 0.6, spatter: 0.3, wander: 0.2 },
  },
  blow: {
    name: 'Arc blow',
    test: 'Clamp to the other end, or AC: does it stop?',
    minutes: 3,
    fix: 'Move the clamp, weld away from it, shorter arc, AC where the rod takes it.',
    usual: 0.03,
    shows: { wander: 0.9, spatter: 0.3, undercut: 0.2, pores: 0.2, 'one-sided': 0.3, 'on-top': 0.15 },
  },
  pole: {
    name: 'Wrong pole for the rod',
    test: 'Swap the leads at the machine and strike again.',
    minutes: 2,
    fix: 'The pole the sheet names.',
    usual: 0.03,
    shows: { spatter: 0.5, 'goes-out': 0.4, pores: 0.25, 'on-top': 0.3, ropy: 0.25, 'slag-sticks': 0.2 },
  },
  'slag-left': {
    name: 'Slag left between passes',
    test: 'Grind one bead out: do dark lines show at its edges?',
    minutes: 5,
    fix: 'Chip and brush to bright, and wash the toes out flat before the next.',
    usual: 0.05,
    shows: { 'slag-in': 0.9, pores: 0.1 },
  },
  crater: {
    name: 'Crater not filled',
    test: 'Look at the ends: hollow, with a star?',
    minutes: 1,
    fix: 'Step back and fill it; grind the star out first.',
    usual: 0.06,
    shows: { 'crater-crack': 0.9, 'centre-crack': 0.1 },
  },
  hydrogen: {
    name: 'Hard steel and hydrogen: too little preheat, or wet rods',
    test: 'File beside the bead: does it skate? Then dye.',
    minutes: 10,
    fix: 'Out to sound metal; preheat, dry basic rods, slow cooling, and look again in two days.',
    usual: 0.02,
    shows: { 'late-crack': 0.9, 'crater-crack': 0.1 },
  },
  filler: {
    name: 'Wrong rod for the metal, or too much of the base in it',
    test: 'Spark or file the part beside the weld; read the rod again.',
    minutes: 10,
    fix: 'Find out what it is; a buffer or another rod.',
    usual: 0.02,
    shows: { 'centre-crack': 0.5, 'late-crack': 0.2, rusts: 0.3, 'crater-crack': 0.2 },
  },
  bound: {
    name: 'Held too fast for so small a bead',
    test: 'Is it concave or very small for the thickness?',
    minutes: 2,
    fix: 'A bigger, rounder bead; let one side move; warm what holds it.',
    usual: 0.03,
    shows: { 'centre-crack': 0.6, 'crater-crack': 0.3, 'late-crack': 0.1 },
  },
  heat: {
    name: 'Too much heat in a thin part at once',
    test: 'Let it go hand-warm and lay one short run.',
    minutes: 5,
    fix: 'Short runs, skipped about; a bar behind; a thinner rod.',
    usual: 0.05,
    shows: { holes: 0.5, warped: 0.7, undercut: 0.1 },
  },
  gap: {
    name: 'Gap too wide',
    test: 'Measure it: wider than the rod is thick?',
    minutes: 1,
    fix: 'Close it, build the edges up, or a strip behind.',
    usual: 0.04,
    shows: { holes: 0.6, 'centre-crack': 0.15, 'slag-in': 0.1 },
  },
  contact: {
    name: 'Bad contact: clamp, holder or lead',
    test: 'Feel clamp and plugs after a rod: is one hot?',
    minutes: 1,
    fix: 'Clamp on bright metal of the piece; tighten what is warm.',
    usual: 0.05,
    shows: { 'goes-out': 0.7, ropy: 0.3, wander: 0.1, spatter: 0.1 },
  },
  cord: {
    name: 'Volts lost in a long or thin cord',
    test: 'Plug in without it for one rod.',
    minutes: 2,
    fix: 'Shorter or thicker cord, off its drum.',
    usual: 0.02,
    shows: { 'goes-out': 0.5, ropy: 0.3, stops: 0.2 },
  },
  covering: {
    name: 'Covering chipped or off centre',
    test: 'Another rod of the tin, then of another tin.',
    minutes: 1,
    fix: 'Lay that rod aside; a shorter arc, turned a little.',
    usual: 0.03,
    shows: { 'one-sided': 0.9, wander: 0.15, pores: 0.1 },
  },
  duty: {
    name: 'More arc than the machine stands',
    test: 'Does it come back by itself after some minutes?',
    minutes: 10,
    fix: 'Rest as the sheet says, fewer amps, shade and free air.',
    usual: 0.04,
    shows: { stops: 0.9, 'goes-out': 0.1 },
  },
  supply: {
    name: 'Breaker too small, or shared',
    test: 'Unplug everything else on it.',
    minutes: 2,
    fix: 'Another socket, a slower breaker, fewer amps.',
    usual: 0.04,
    shows: { trips: 0.9 },
  },
  earth: {
    name: 'Water or a fault in cord or machine',
    test: 'Dry it, another cord; a residual-current switch goes at once, an overload after a while.',
    minutes: 5,
    fix: 'Out of use until an electrician has measured it.',
    usual: 0.01,
    shows: { trips: 0.5 },
  },
  order: {
    name: 'Laid from one end, or too much weld',
    test: 'Measure the leg against the sheet.',
    minutes: 2,
    fix: 'Back-step, both sides in turn, no bigger than asked, tacks closer.',
    usual: 0.05,
    shows: { warped: 0.8, 'centre-crack': 0.1 },
  },
  iron: {
    name: 'Iron on it: brush, wheel or spatter of plain steel',
    test: 'A drop of copper sulphate (never on food surfaces): copper shows iron.',
    minutes: 3,
    fix: 'Pickle or grind it off with tools kept for stainless, then passivate.',
    usual: 0.03,
    shows: { rusts: 0.8 },
  },
  tint: {
    name: 'Heat colours left on',
    test: 'Straw or blue beside the bead?',
    minutes: 1,
    fix: 'Pickle, brush or grind them off, both faces.',
    usual: 0.05,
    shows: { rusts: 0.7 },
  },
} as const satisfies Record<string, FaultTraits>;
export type FaultId = keyof typeof FAULTS;
export const FAULTS_SOURCE = OUR_JUDGEMENT;

/** A sign that a reason is not named for comes of it so seldom. */
export const HARDLY = 0.01;
/** What the plan makes more or less likely: so many times. */
export const PLAN_SAYS = { much: 4, more: 2, less: 0.5 } as const;
/** Shares from which a reason is called most likely, and likely. */
export const SAID_FROM = { most: 0.45, likely: 0.18 } as const;
