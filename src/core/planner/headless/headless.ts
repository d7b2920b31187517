import { judgeJobFile } from '../../plan/headless/headless';
import { ok, type Result } from '../../units/result';
import { waysOut } from '../wayOut';
import { waysOf, WISHES } from '../ways';
import { worthKnowing } from '../worth';
import { surenessOf } from '../sure';
import type { Measures } from '../measures';
import type { Option } from '../option';

/** A plan as it is printed. */
interface PrintedWay {
  /** What it is best at; empty for the one that stands. */
  wishes: readonly string[];
  /** What is done otherwise than in the plan that stands. */
  changes: readonly string[];
  verdict: string;
  shut: readonly string[];
  tightest: string | null;
  room: number;
  minutes: number | null;
  rods: number | null;
  pull_mm: number | null;
  heat_kJ_mm: number | null;
}

/** What `plan` prints of a job file. */
export interface HeadlessPlans {
  now: PrintedWay;
  ways: readonly PrintedWay[];
  /** Ways through, where the plan that stands is shut: what has to change, and what of it is not on the truck. */
  wayOut: readonly { changes: readonly string[]; away: readonly string[] }[];
  sure: { holds: number; of: number; mostly: string };
  worthKnowing: readonly { name: string; find: string; changes: readonly string[] }[];
}

const titles = (options: readonly Option[]) => options.map(({ title }) => title);

const printed = (wishes: readonly string[], options: readonly Option[], measures: Measures): PrintedWay => ({
  wishes,
  changes: titles(options),
  verdict: measures.verdict,
  shut: measures.shut,
  tightest: measures.tightest?.title ?? null,
  room: measures.room,
  minutes: measures.minutes,
  rods: measures.rods,
  pull_mm: measures.pull_mm,
  heat_kJ_mm: measures.heat_kJ_mm,
});

/** The ways of a job file; refused with the field that is wrong. */
export function planJobFile(text: string, now_ms: number | null = null): Result<HeadlessPlans> {
  const judged = judgeJobFile(text, now_ms);
  if (!judged.ok) return judged;
  const { now, ways } = waysOf(judged.value);
  const { holds, of, mostly } = surenessOf(judged.value);
  return ok({
    now: printed([], [], now),
    ways: ways.map(({ wishes, options, measures }) =>
      printed(
        wishes.map((wish) => WISHES[wish].name),
        options,
        measures,
      ),
    ),
    wayOut: waysOut(judged.value).ways.map(({ options }) => ({
      changes: titles(options),
      away: titles(options.filter(({ reach }) => reach !== 'here')),
    })),
    sure: { holds, of, mostly },
    worthKnowing: worthKnowing(judged.value)
      .filter(({ grade }) => grade > 0)
      .map(({ name, find, changes }) => ({ name, find, changes })),
  });
}
