import type { MetalGroup } from './metals';
import type { NeedId, ProcessId } from './processIds';
import type { Mark } from './processes';
import type { Pole } from './rods';
import { memoryOf, OUR_JUDGEMENT, PRACTICE, type Source } from '../units/sources';
import type { PositionId, SurfaceId } from './words';

/** What speaks for and against each process where the work is: thickness, dirt, position, wind, polarity and gas. */

/** Thickness of the thin side it is at ease on, and between what ends it is possible at all, mm. */
interface ThicknessSpan {
  least_mm: number;
  easyFrom_mm: number;
  easyTo_mm: number;
  /** Why not thicker. */
  thicker: string;
}

export const THICKNESS: Readonly<Record<ProcessId, ThicknessSpan>> = {
  stick: { least_mm: 1, easyFrom_mm: 3, easyTo_mm: Infinity, thicker: '' },
  'cored-wire': {
    least_mm: 1,
    easyFrom_mm: 1.5,
    easyTo_mm: 10,
    thicker: 'small spools are slow on thick plate',
  },
  'gas-wire': {
    least_mm: 0.6,
    easyFrom_mm: 0.8,
    easyTo_mm: 10,
    thicker: 'a small machine short-circuits: cold laps that look like welds',
  },
  tig: { least_mm: 0.5, easyFrom_mm: 0.8, easyTo_mm: 5, thicker: 'slow on thick work beyond the root' },
  braze: {
    least_mm: 0.3,
    easyFrom_mm: 0.5,
    easyTo_mm: 6,
    thicker: 'a torch hardly heats it, and the joint is weaker than a weld',
  },
};
export const THICKNESS_SOURCE: Source = memoryOf('process handbooks, thickness');

/** How each puts up with the surface. */
export const ON_SURFACE: Readonly<Record<ProcessId, Readonly<Record<SurfaceId, Mark>>>> = {
  stick: { bright: 'good', scale: 'good', rust: 'fair', oil: 'poor' },
  'cored-wire': { bright: 'good', scale: 'good', rust: 'poor', oil: 'poor' },
  'gas-wire': { bright: 'good', scale: 'fair', rust: 'no', oil: 'no' },
  tig: { bright: 'good', scale: 'poor', rust: 'no', oil: 'no' },
  braze: { bright: 'good', scale: 'poor', rust: 'no', oil: 'no' },
};
export const SURFACE_SOURCE: Source = PRACTICE;

/** How each works in a position; where nothing stands it goes as well as flat. */
export const IN_POSITION: Readonly<Record<ProcessId, Partial<Record<PositionId, Mark>>>> = {
  stick: { vertical: 'fair', overhead: 'fair' },
  'cored-wire': { vertical: 'fair', overhead: 'fair' },
  'gas-wire': { vertical: 'fair', overhead: 'fair' },
  tig: { vertical: 'fair', overhead: 'fair' },
  braze: { vertical: 'poor', overhead: 'no' },
};
export const POSITION_SOURCE: Source = PRACTICE;

/** Wind that a torch flame stands, m/s. */
export const FLAME_WIND = { range: { low: 3, nominal: 4, high: 6 }, source: OUR_JUDGEMENT } as const;

/** What has to be there beside machine or torch. */
export const WANTS: Readonly<Record<ProcessId, readonly NeedId[]>> = {
  stick: ['rods'],
  'cored-wire': ['cored-wire'],
  'gas-wire': ['solid-wire', 'shield-gas'],
  tig: ['tig-torch', 'shield-gas'],
  braze: ['torch', 'brazing-rods'],
};

/** Pole and shield of a process on a metal. A null pole: no arc, or the rod's own. */
export interface Setup {
  pole: Pole | null;
  words: string;
  source: Source;
}

const POLE_SOURCE = memoryOf('process handbooks, polarity and gas');
const setup = (pole: Pole | null, words: string): Setup => ({ pole, words, source: POLE_SOURCE });

const WIRE_GAS: Partial<Record<MetalGroup, string>> = {
  carbon: 'argon with 15 to 25 % CO2, or CO2 where looks do not matter',
  hardenable: 'argon with 15 to 25 % CO2',
  aluminium: 'argon alone',
  copper: 'argon alone',
  austenitic: 'argon with about 2 % CO2',
  ferritic: 'argon with about 2 % CO2',
  duplex: 'argon with about 2 % CO2',
  'nickel-chromium': 'argon, or argon with helium',
  nickel: 'argon, or argon with helium',
  'nickel-copper': 'argon, or argon with helium',
};

/** How a process is set up on a metal: pole first, then shield. */
export function setupOf(process: ProcessId, group: MetalGroup | null): Setup {
  switch (process) {
    case 'stick':
      return setup(null, 'Pole of the rod, mostly electrode positive (DCEP); no gas.');
    case 'cored-wire':
      return setup('DCEN', 'Mostly electrode negative (DCEN), some positive: read the reel; no gas.');
    case 'gas-wire':
      return setup(
        'DCEP',
        `Electrode positive (DCEP) only: the wrong way it does not fuse. Gas: ${(group && WIRE_GAS[group]) ?? 'as the wire asks'}.`,
      );
    case 'tig':
      return group === 'aluminium'
        ? setup('AC', 'AC, about 20 to 35 % electrode positive, to break the skin. Gas: argon.')
        : setup('DCEN', 'Electrode negative (DCEN). Gas: argon; the back of stainless as well.');
    case 'braze':
      return setup(null, 'No arc: a neutral flame and the flux of the rod, shared by capillary or built up.');
  }
}

/** Strength that brazing gives up. */
export const BRAZE_WEAK = {
  mark: 'fair' as Mark,
  words: 'weaker than a weld: not where it carries load, or gets hot in service',
  source: PRACTICE,
};

/** Length of weld from which a wire that does not run out is worth its setting up, mm. */
export const LONG_RUN_mm = 1000;

/** Wind left behind a screen or in a tent, m/s. */
export const SHELTERED_m_s = 1;
