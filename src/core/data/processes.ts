import type { FamilyId } from './families';
import { metalFamily, type MetalGroup } from './metals';
import { memoryOf, type Source } from './sources';

/** Ways of joining beside the stick, in the order they are asked for. */
export const PROCESSES = {
  tig: 'TIG',
  gasWire: 'Wire with gas',
  coredWire: 'Self-shielded wire',
  braze: 'Braze or gas',
} as const;
export type ProcessId = keyof typeof PROCESSES;

export const PROCESSES_SOURCE: Source = memoryOf('welding handbooks, weldability by process');

type Takes = Readonly<Record<ProcessId, string>>;

const takes = (tig: string, gasWire: string, coredWire: string, braze: string): Takes => ({
  tig,
  gasWire,
  coredWire,
  braze,
});
const NONE = takes('no', 'no', 'no', 'no');

/** How a group takes each process. */
const BY_GROUP: Readonly<Record<MetalGroup, Takes>> = {
  carbon: takes('well', 'well', 'well, outdoors too', 'well'),
  hardenable: takes(
    'with the same preheat',
    'with the same preheat',
    'with preheat, low hydrogen only',
    'yes, without fusing it',
  ),
  manganese: takes('short beads', 'short beads', 'manganese wire, well', 'no: the heat makes it brittle'),
  'cast-iron': takes(
    'small work, nickel filler',
    'rarely: too hot',
    'nickel wire, cold',
    'well: bronze, dull red',
  ),
  austenitic: takes('well, purge the back', 'well', 'stainless wire made for it', 'silver, dry service'),
  ferritic: takes('low heat', 'low heat', 'poorly', 'silver'),
  duplex: takes('with a purge, heat inside its limits', 'with duplex wire', 'duplex wire only', 'no'),
  aluminium: takes('well, AC', 'well, argon', 'no', 'some alloys, special flux'),
  copper: takes('with preheat', 'with argon and its own wire', 'no', 'well'),
  'nickel-copper': takes('well', 'well', 'no', 'silver'),
  'nickel-chromium': takes('well', 'well', 'no', 'special filler'),
  none: NONE,
};

/** Families that differ from their group. */
const APART: Readonly<Partial<Record<FamilyId, Takes>>> = {
  'galvanised-steel': takes('zinc off first', 'zinc off first', 'zinc off first', 'zinc off first'),
  'spring-steel': takes('shop, full heat treatment', 'no', 'no', 'takes its temper'),
  'tool-steel': takes('shop, to its own chart', 'no', 'no', 'yes, below its temper'),
  'free-machining-steel': takes('cracks hot', 'cracks hot', 'cracks hot', 'well'),
  'free-machining-stainless': takes('cracks hot', 'cracks hot', 'no', 'silver'),
  'malleable-iron': takes('turns it white', 'turns it white', 'turns it white', 'well: the right way'),
  'al-5xxx': takes('well, 5356', 'well, 5356', 'no', 'no'),
  'al-2xxx-7xxx': takes('cracks hot', 'cracks hot', 'no', 'no'),
  'al-die-cast': takes('after baking, with pores', 'with pores', 'no', 'no'),
  magnesium: takes('shop that handles it', 'shop that handles it', 'no', 'no'),
  titanium: takes('shop, all under argon', 'shop', 'no', 'vacuum only'),
  brass: takes('zinc boils', 'zinc boils', 'no', 'well: least zinc lost'),
  'leaded-brass': takes('no', 'no', 'no', 'silver, with extraction'),
  'zinc-die-cast': takes('no', 'no', 'no', 'low-temperature solder'),
  lead: takes('no', 'no', 'no', 'lead burning, people equipped for it'),
};

/** How a family takes each process beside the stick. */
export const takesOf = (id: FamilyId): Takes => APART[id] ?? BY_GROUP[metalFamily(id).group];
