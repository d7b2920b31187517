import { WIND_ASSUMED_m_s } from '../data/limits';
import { BARE_FILLERS } from '../data/bareFillers';
import { NEEDS, type NeedId } from '../data/processIds';
import type { Kit } from '../formats/kit';
import { gasIn_l, isLeft } from './settings/stock';
import type { Job } from '../formats/job';
import { rankProcesses, type Candidate, type Place } from './rank';
import { whatWouldChange, type WhatIf } from './whatIf';
import { within, type Range } from '../units/range';
import type { Reads, Situation } from '../judge/situation';

/** The processes for a job, best first, and what would put another first. */
export interface ProcessChoice {
  candidates: readonly Candidate[];
  changes: readonly WhatIf[];
  /** What is at hand by the kit, and what of it ran out here. */
  stock: readonly { need: NeedId; inKit: boolean; out: boolean }[];
}

/** Answers "stick, wire, TIG or braze?" for the job as it stands, with what is in the kit and has not run out. */
export function chooseProcess(situation: Situation): ProcessChoice {
  const place = placeOf(situation);
  return {
    candidates: rankProcesses(place),
    changes: whatWouldChange(place),
    stock: (Object.keys(NEEDS) as NeedId[]).map((need) => ({
      need,
      inKit: isInKit(situation, need),
      out: situation.job.power.out[need] === true,
    })),
  };
}

function placeOf(situation: Situation): Place {
  const { job, wants, joint, machine, system } = situation;
  const needs = Object.keys(NEEDS) as NeedId[];
  return {
    families: wants.families,
    stick: wants.verdict === 'never' && wants.families.length > 0 ? stickVerdict(situation) : wants.verdict,
    thin_mm: joint.thin_mm,
    length_mm: joint.length_mm,
    position: job.look.position,
    surface: job.look.surface,
    wind_m_s: windOf(job.look),
    machine: machine && { processes: machine.value.processes, poles: machine.value.poles },
    have: new Set(needs.filter((need) => isInKit(situation, need) && job.power.out[need] !== true)),
    system,
  };
}

/** "Never" of a joint may only mean that no stick rod suits it. */
const stickVerdict = ({ wants }: Reads<'wants'>): Place['stick'] =>
  wants.rods.length === 0 ? 'no-rod' : 'never';

/** How good a typed wind is, as a share either side. */
const READING_ERROR = 0.2;

/** Wind as typed, else what is planned for the place; null where neither is said. */
export function windOf({ wind_m_s, place }: Job['look']): Range | null {
  if (wind_m_s !== null) return within(wind_m_s, READING_ERROR);
  return place === null ? null : WIND_ASSUMED_m_s[place];
}

function isInKit({ kit, machine }: Reads<'kit' | 'machine'>, need: NeedId): boolean {
  if (need === 'rods') return kit.tins.some(({ count }) => count !== 0);
  if (STOCKED[need]?.(kit)) return true;
  const { tool } = NEEDS[need];
  // With nothing chosen nothing is shut out for want of it.
  return machine === null || kit.tools.some((item) => item.tool === tool);
}

/** What stands for a need among reels, rods, tungstens and bottles. */
const STOCKED: Readonly<Partial<Record<NeedId, (kit: Kit) => boolean>>> = {
  'shield-gas': ({ bottles }) => bottles.some((bottle) => gasIn_l(bottle) !== 0),
  'solid-wire': ({ fillers }) =>
    fillers.some(
      (item) => item.as === 'reel' && BARE_FILLERS[item.cls].form !== 'self-shielded' && isLeft(item),
    ),
  'cored-wire': ({ fillers }) =>
    fillers.some((item) => BARE_FILLERS[item.cls].form === 'self-shielded' && isLeft(item)),
  // Nobody carries tungstens without a torch to put them in.
  'tig-torch': ({ tungstens }) => tungstens.some(({ count }) => count !== 0),
};
