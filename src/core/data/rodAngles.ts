import type { Coating } from './rods';
import { PRACTICE, type Source } from '../units/sources';

/** How a rod is held, degrees, and how long its arc is, in core diameters. Common practice unless said. */
export interface Hold {
  /** Lean in the direction of travel, from square: the tip points back at the pool. */
  drag_deg: readonly [number, number];
  /** Going up: the tip points up at the pool's upper edge. */
  upward_deg: readonly [number, number];
  arc_cores: readonly [number, number];
  moves: readonly string[];
  source: Source;
}

const hold = (drag_deg: Hold['drag_deg'], arc_cores: Hold['arc_cores'], ...moves: string[]): Hold => ({
  drag_deg,
  upward_deg: [0, 15],
  arc_cores,
  moves,
  source: PRACTICE,
});

export const HOLDS: Readonly<Record<Coating, Hold>> = {
  cellulosic: hold(
    [5, 15],
    [0.8, 1.2],
    'whip ahead about a core and a half, the pool freezes',
    'step back, pause, fill',
    'never stand still',
  ),
  rutile: hold(
    [10, 25],
    [0.5, 1],
    'drag, coating touching or just off',
    'if slag runs ahead lean more or go faster',
  ),
  'iron-powder': hold([10, 25], [0, 0.5], 'drag with the coating on the metal', 'long even runs'),
  basic: hold(
    [5, 15],
    [0.4, 0.8],
    'drag, arc as short as it will go',
    'no whipping: it lets air in',
    'scrape the glazed tip to restart',
  ),
  stainless: hold(
    [10, 25],
    [0.4, 0.8],
    'drag, stringers only',
    'favour the stainless side: it wets less readily',
    'watch the upper toe',
    'slag jumps: let it cool before chipping',
  ),
  nickel: hold([10, 20], [0.4, 0.8], 'stringers', 'fill every crater'),
  'cast-iron': hold([10, 20], [0.5, 0.8], 'beads of 25 mm', 'peen each while warm', 'skip about'),
  bronze: hold([10, 20], [0.5, 1], 'stringers', 'keep moving'),
  aluminium: hold(
    [5, 10],
    [0.2, 0.5],
    'steep, dragged, about twice as fast as steel',
    'straight beads only',
    'clear the cup off the tip for every restart',
  ),
  hardfacing: hold(
    [5, 15],
    [0.8, 1.2],
    'middle arc: a short one mixes in more of the base',
    'beads half over one another',
  ),
};

/** Lean from the lower part where the upper edge melts away: a lap in sheet is aimed at the lower plate. */
export const LAP_LEAN_deg = { value: 60, source: PRACTICE };
/** Even joints are aimed down the middle of the corner. */
export const EVEN_deg = { value: 45, source: PRACTICE };
/** Horizontal butts: the rod points a little up, against the sag. */
export const SAG_deg = { value: 10, source: PRACTICE };
