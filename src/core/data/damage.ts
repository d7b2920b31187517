import type { JointKind } from './joints';

/** What broke, and why: what decides the repair before any rod does. Common practice unless a source stands beside it. */

/** What has to go before anything is laid. */
export type Removal =
  /** The old weld, down to both parts. */
  | 'weld'
  /** A crack in the metal, to its ends and beyond. */
  | 'crack'
  /** Thin or rusted sheet, back to metal that is still thick. */
  | 'thin'
  /** Worn, cracked or hard skin of a face or of a hole. */
  | 'skin'
  /** The bad metal of a root. */
  | 'root'
  | 'nothing';

export interface DamageTraits {
  name: string;
  /** A second line: how it looks. */
  looks: string;
  removal: Removal;
  /** Joints that mend it, the usual one first. */
  joints: readonly JointKind[];
  /** It failed, so that there is a why. */
  failed: boolean;
}

const damage = (
  name: string,
  looks: string,
  removal: Removal,
  joints: readonly JointKind[],
  failed = true,
): DamageTraits => ({ name, looks, removal, joints, failed });

export const DAMAGE = {
  'new-part': damage(
    'New part',
    'a bracket, lug or plate to attach',
    'nothing',
    ['t-fillet', 'lap', 'ring'],
    false,
  ),
  'cracked-weld': damage('Broken weld', 'cracked or torn off along a weld', 'weld', [
    't-fillet',
    'lap',
    'v-butt',
  ]),
  'cracked-metal': damage('Crack in the metal', 'beside a weld, from a hole or an edge', 'crack', [
    'gouge',
    'v-butt',
  ]),
  snapped: damage('Snapped through', 'in two pieces', 'crack', ['v-butt', 'double-v', 'square-butt']),
  'thin-sheet': damage('Torn or rusted through', 'sheet, a tray, a tank wall', 'thin', [
    'lap',
    'square-butt',
  ]),
  'worn-face': damage('Worn face or edge', 'metal is missing', 'skin', ['pad']),
  'worn-hole': damage('Worn or oval hole', 'a pin has room in it', 'skin', ['plug', 'pad', 'ring']),
  thread: damage('Stud broken off, thread gone', 'something is stuck in a hole', 'nothing', ['plug'], false),
  'blown-hole': damage(
    'Blown hole, bad root',
    'while it was being welded',
    'root',
    ['v-butt', 'square-butt', 'gouge'],
    false,
  ),
  bent: damage('Bent', 'whole, but out of line', 'nothing', [], true),
  'bad-weld': damage(
    'Bad or wrong old weld',
    'it holds, but should not be trusted',
    'weld',
    ['t-fillet', 'lap', 'v-butt'],
    false,
  ),
} as const satisfies Record<string, DamageTraits>;
export type DamageId = keyof typeof DAMAGE;

export const damageTraits = (id: DamageId | null): DamageTraits | null => (id === null ? null : DAMAGE[id]);

export interface CauseTraits {
  name: string;
  /** How it is told on the piece. */
  tells: string;
  /** What has to be another way this time; empty where nothing has. */
  otherwise: readonly string[];
  /** What is done before it is planned any further; empty where nothing is. */
  first: readonly string[];
}

/** Why it broke, by what the break shows. */
export const CAUSES = {
  overload: {
    name: 'Too much at once',
    tells: 'rough, torn, bent beside the break',
    otherwise: [
      'Ask what hit or pulled it, and whether it will again: a stronger weld only moves the break.',
    ],
    first: ['Look for bending and hair cracks elsewhere on it: what bore too much here bore too much there.'],
  },
  fatigue: {
    name: 'Small loads, very often',
    tells: 'flat and smooth with rings, dark from where it began, often at a weld toe or a hole',
    otherwise: [],
    first: ['Find where it began: there is the notch, and it will begin there again.'],
  },
  'no-weld': {
    name: 'It was hardly welded',
    tells: 'the old bead came off whole, its face or the plate is smooth underneath',
    otherwise: [
      'Bright faces, a gap or bevel that the arc reaches into, and amps that fuse: the old one lay on top.',
    ],
    first: ['Look at the other welds of the same hand.'],
  },
  corrosion: {
    name: 'Rusted thin',
    tells: 'pitted, scaly, thinner than it was',
    otherwise: [
      'Weld only to metal that is still two thirds of its thickness; drain what stands there, and coat both faces.',
    ],
    first: ['Map what is left: tap or measure every 50 mm outwards until it is sound.'],
  },
  brittle: {
    name: 'Hard or brittle',
    tells: 'straight, shiny, grainy, hardly bent, often soon after welding or in the cold',
    otherwise: ['Preheat, dry basic rods and slow cooling: hydrogen and hard metal broke it, not the load.'],
    first: [
      'Find out what metal it is, and with what the old weld was laid: file, spark or hardness beside it.',
    ],
  },
  'wrong-metal': {
    name: 'Wrong rod or metal',
    tells: 'the break follows the edge of a bead that looks another colour, rusts or rings otherwise',
    otherwise: ['All of the old weld metal goes: what is left of it mixes into the new bead.'],
    first: ['Test the old weld by itself, as a metal of its own.'],
  },
} as const satisfies Record<string, CauseTraits>;
export type CauseId = keyof typeof CAUSES;

/** What is done against breaking at the same place again, where small loads broke it. */
export const BETTER = {
  smoother: {
    name: 'Smoother shape',
    words:
      'Grind the toes to a smooth run of at least 3 mm radius, scratches along the load; no undercut at all there.',
  },
  moved: {
    name: 'End it elsewhere',
    words:
      'Weld on past the place, or stop short of it, so that no start, end or corner lies where it broke.',
  },
  doubler: {
    name: 'Tapered doubler',
    words:
      'A doubler no thicker than the part, ends tapered to a point or a wave, welded along its sides only: no weld across the way it is loaded.',
  },
  lighter: {
    name: 'Less load on it',
    words: 'A stop, a stay or a softer mount takes the load off; say who sees to it.',
  },
} as const;
export type BetterId = keyof typeof BETTER;

/** How the ends of a crack were found, and how far what it shows may fall short of them, mm. */
export const FOUND = {
  eye: { name: 'By eye only', short_mm: 25 },
  dye: { name: 'Dye', short_mm: 5 },
  powder: { name: 'Magnetic powder', short_mm: 3 },
  etch: { name: 'Etched', short_mm: 5 },
} as const;
export type FoundId = keyof typeof FOUND;

/** What takes metal out, and how fast one hand is with it. */
export const REMOVERS = {
  grinder: {
    name: 'Grinder',
    tool: 'grinder',
    /** Steel a minute with the wheel on, mm3, and what one 125 mm grinding disc takes before it is worn down. Common practice. */
    mm3_min: { low: 1200, nominal: 2000, high: 3500 },
    perDisc_mm3: 60_000,
    cautions: ['Guard on, face shield over glasses; nobody in line with the sparks.'],
    after: [],
  },
  gouge: {
    name: 'Carbon arc gouge',
    tool: 'gouge',
    /** With a carbon of 1/4 in, where nobody knows which the machine carries; see `data/gouging`. */
    mm3_min: { low: 2600, nominal: 4400, high: 6100 },
    perDisc_mm3: null,
    cautions: [
      'Gouging: very loud, much fume and sparks for metres; ear protection, extraction, and everything that burns away further than for welding.',
    ],
    after: ['Grind 0.5 to 1 mm off the gouged faces to bright metal: carbon is left in them.'],
  },
  plasma: {
    name: 'Plasma',
    tool: 'plasma',
    /** Common practice: a hand torch of 45 to 85 A with a gouging tip. */
    mm3_min: { low: 4000, nominal: 8000, high: 16_000 },
    perDisc_mm3: null,
    cautions: ['Plasma: high open-circuit volts; dry gloves, and much fume.'],
    after: ['Grind the cut faces to bright metal: a hard skin is left on steel that hardens.'],
  },
} as const;
export type RemoverId = keyof typeof REMOVERS;

/** What holds a part while it is open. */
export const HELD = {
  unloaded: 'Unloaded, nothing hangs on it',
  propped: 'Propped or slung',
  strongback: 'Strongback or clamps across it',
} as const;
export type HeldId = keyof typeof HELD;

/** Sound metal taken out past each end of a crack, mm (AWS D1.1, from memory). */
export const BEYOND_END_mm = 50;
/** Cut deeper than the crack was seen to go, mm. */
export const UNDER_CRACK_mm = 2;
/** Side slope of an open boat, degrees each side from upright, and its round bottom, mm: a rod has to get in. */
export const BOAT = { side_deg: 25, radius_mm: 5, rampPerDepth: 3 } as const;
/** What is left of the wall under a cut must be more than this, or the arc falls through it: mm, or go right through. */
export const WALL_LEFT = { surely_mm: 5, hardly_mm: 3 } as const;
