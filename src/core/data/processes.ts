import type { FamilyId } from './families';
import type { OtherProcess } from './processIds';
import { metalFamily, type MetalGroup } from './metals';
import { memoryOf, type Source } from '../units/sources';

export const PROCESSES_SOURCE: Source = memoryOf('welding handbooks, weldability by process');

/** How well something goes: not at all, with trouble, passably, well. */
export type Mark = 'no' | 'poor' | 'fair' | 'good';

/** How a metal takes a process. */
export interface Taking {
  mark: Mark;
  words: string;
}
type Takes = Readonly<Record<OtherProcess, Taking>>;

const no = (words: string): Taking => ({ mark: 'no', words });
const poor = (words: string): Taking => ({ mark: 'poor', words });
const fair = (words: string): Taking => ({ mark: 'fair', words });
const good = (words: string): Taking => ({ mark: 'good', words });

const takes = (tig: Taking, gasWire: Taking, coredWire: Taking, braze: Taking): Takes => ({
  tig,
  'gas-wire': gasWire,
  'cored-wire': coredWire,
  braze,
});
const NONE = takes(no('no'), no('no'), no('no'), no('no'));

/** How a group takes each process. */
const BY_GROUP: Readonly<Record<MetalGroup, Takes>> = {
  carbon: takes(good('well'), good('well'), good('well, outdoors too'), good('well')),
  hardenable: takes(
    fair('with the same preheat'),
    fair('with the same preheat'),
    fair('with preheat, low hydrogen only'),
    good('yes, without fusing it'),
  ),
  manganese: takes(
    fair('short beads'),
    fair('short beads'),
    fair('manganese wire, well'),
    no('no: the heat makes it brittle'),
  ),
  'cast-iron': takes(
    fair('small work, nickel filler'),
    poor('rarely: too hot'),
    fair('nickel wire, cold'),
    good('well: bronze, dull red'),
  ),
  austenitic: takes(
    good('well, purge the back'),
    good('well'),
    fair('stainless wire made for it'),
    fair('silver, dry service'),
  ),
  ferritic: takes(fair('low heat'), fair('low heat'), poor('poorly'), fair('silver')),
  duplex: takes(
    fair('with a purge, heat inside its limits'),
    fair('with duplex wire'),
    fair('duplex wire only'),
    no('no'),
  ),
  aluminium: takes(good('well, AC'), good('well, argon'), no('no'), fair('some alloys, special flux')),
  copper: takes(fair('with preheat'), fair('with argon and its own wire'), no('no'), good('well')),
  nickel: takes(good('well'), good('well'), no('no'), fair('silver')),
  'nickel-copper': takes(good('well'), good('well'), no('no'), fair('silver')),
  'nickel-chromium': takes(good('well'), good('well'), no('no'), fair('special filler')),
  none: NONE,
};

/** Families that differ from their group. */
const APART: Readonly<Partial<Record<FamilyId, Takes>>> = {
  'spring-steel': takes(no('shop, full heat treatment'), no('no'), no('no'), poor('takes its temper')),
  'tool-steel': takes(no('shop, to its own chart'), no('no'), no('no'), good('yes, below its temper')),
  'free-machining-steel': takes(poor('cracks hot'), poor('cracks hot'), poor('cracks hot'), good('well')),
  'free-machining-stainless': takes(poor('cracks hot'), poor('cracks hot'), no('no'), fair('silver')),
  'malleable-iron': takes(
    poor('turns it white'),
    poor('turns it white'),
    poor('turns it white'),
    good('well: the right way'),
  ),
  'al-5xxx': takes(good('well, 5356'), good('well, 5356'), no('no'), no('no')),
  'al-2xxx-7xxx': takes(poor('cracks hot'), poor('cracks hot'), no('no'), no('no')),
  'al-die-cast': takes(poor('after baking, with pores'), poor('with pores'), no('no'), no('no')),
  magnesium: takes(no('shop that handles it'), no('shop that handles it'), no('no'), no('no')),
  titanium: takes(no('shop, all under argon'), no('shop'), no('no'), no('vacuum only')),
  brass: takes(poor('zinc boils'), poor('zinc boils'), no('no'), good('well: least zinc lost')),
  'leaded-brass': takes(no('no'), no('no'), no('no'), fair('silver, with extraction')),
  'leaded-red-brass': takes(no('no'), no('no'), no('no'), fair('silver, with extraction')),
  'leaded-tin-bronze': takes(no('no'), no('no'), no('no'), fair('silver, with extraction')),
  'nickel-silver': takes(poor('zinc boils'), poor('zinc boils'), no('no'), good('silver, well')),
  'free-machining-stainless-magnetic': takes(
    poor('cracks hot'),
    poor('cracks hot'),
    no('no'),
    fair('silver'),
  ),
  'ph-stainless': takes(
    fair('its own filler, aged again'),
    fair('its own filler, aged again'),
    no('no'),
    fair('silver'),
  ),
  'overlay-plate': takes(no('no'), fair('the steel behind it'), fair('the steel behind it'), no('no')),
  'creep-steel': takes(no('to a written procedure'), no('to a written procedure'), no('no'), no('no')),
  'zinc-die-cast': takes(no('no'), no('no'), no('no'), fair('low-temperature solder')),
  lead: takes(no('no'), no('no'), no('no'), no('lead burning, people equipped for it')),
};

/** How a family takes each process beside the stick. */
export const takesOf = (id: FamilyId): Takes => APART[id] ?? BY_GROUP[metalFamily(id).group];
