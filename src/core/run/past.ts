import { damageTraits } from '../data/damage';
import { jointTraits } from '../data/joints';
import { metalFamily } from '../data/metals';
import { ROD_SIZES } from '../data/rodSizes';
import { partKind } from '../data/partKinds';
import type { Job } from '../formats/job';
import type { Kit } from '../formats/kit';
import { arcPerRod_s } from '../rods/hand';
import { loadVoltage_V } from '../heat/loadVoltage';
import { countOf } from './count';
import { happened } from './happened';

/** A job that was worked on, as it is found again. */
export interface PastWork {
  id: string;
  title: string;
  /** When its arc burned first, ms since 1970; null where it was only planned. */
  when_ms: number | null;
  /** What was run: rod, size, amps; empty where nothing was. */
  ran: readonly string[];
  rods: number;
  arc_s: number;
  machine: string;
  troubles: number;
}

/** What was run on a job, read off its own events alone. */
export function pastOf(job: Job, kit: Kit): PastWork {
  const seen = happened(job.run.events);
  const { rods, arc_s, arcs } = countOf(seen, { passes: [] }, null, seen.last_ms ?? 0);
  const kinds = new Map<string, number[]>();
  for (const { rodClass, size, current_A } of arcs) {
    const kind = `${rodClass} ${ROD_SIZES[size].inches}`;
    kinds.set(kind, [...(kinds.get(kind) ?? []), current_A]);
  }
  return {
    id: job.id,
    title: job.title,
    when_ms: seen.arcs[0]?.from_ms ?? null,
    ran: [...kinds].map(([kind, amps]) => `${kind} at ${range(amps)} A`),
    rods: rods.reduce((sum, { count }) => sum + count, 0),
    arc_s,
    machine: kit.machines.find(({ id }) => id === job.power.machineId)?.name ?? '',
    troubles: seen.troubles.length,
  };
}

const range = (amps: readonly number[]): string => {
  const [low, high] = [Math.round(Math.min(...amps)), Math.round(Math.max(...amps))];
  return low === high ? `${low}` : `${low} to ${high}`;
};

/** Every word by which a job may be asked for. */
function wordsOf(job: Job, past: PastWork): string {
  const { sideA, sideB, sameBothSides } = job.metal;
  const sides = sameBothSides ? [sideA] : [sideA, sideB];
  const { joint, look, rod } = job;
  return [
    job.title,
    look.part,
    look.broke,
    damageTraits(look.damage)?.name ?? '',
    ...sides.flatMap(({ family, grade, part }) => [
      family === null ? '' : metalFamily(family).name,
      grade ?? '',
      partKind(part)?.name ?? '',
    ]),
    jointTraits(joint.kind)?.name ?? '',
    look.position ?? '',
    look.place ?? '',
    rod.rodClass ?? '',
    ...past.ran,
    past.machine,
    ...Object.values(job.run.events).flatMap((event) => (event.kind === 'note' ? [event.words] : [])),
    ...[joint.thicknessA_mm, joint.thicknessB_mm].flatMap((mm) =>
      mm === null ? [] : [`${mm} mm`, `${mm}mm`],
    ),
  ]
    .join(' ')
    .toLowerCase();
}

/** A thickness that is asked for is met by what lies so near it. */
const NEAR = 0.15;

/**
 * Answers "what did I run on this last time?": jobs by metal, joint, thickness, rod, machine and any word in them; those that meet every word, what
 * was really run before what was only planned, the last one first.
 */
export function findPast(jobs: readonly Job[], kit: Kit, asked: string): PastWork[] {
  const thick = /(\d+(?:\.\d+)?) ?mm\b/.exec(asked.toLowerCase());
  const words = asked
    .toLowerCase()
    .replace(thick?.[0] ?? /$^/, ' ')
    .split(/[^\p{L}\d./-]+/u)
    .filter((word) => word !== '');
  const mm = thick ? Number(thick[1]) : null;
  const near = ({ joint }: Job) =>
    mm === null ||
    [joint.thicknessA_mm, joint.thicknessB_mm].some((at) => at !== null && Math.abs(at - mm) <= NEAR * mm);
  return jobs
    .map((job) => ({ job, past: pastOf(job, kit) }))
    .filter(({ job, past }) => {
      const said = wordsOf(job, past);
      return near(job) && words.every((word) => said.includes(word));
    })
    .sort(
      (a, b) => (b.past.when_ms ?? -1) - (a.past.when_ms ?? -1) || a.past.title.localeCompare(b.past.title),
    )
    .map(({ past }) => past);
}

/** What a month took. */
export interface MonthTotal {
  /** "2026-03". */
  month: string;
  jobs: number;
  rods: number;
  arc_h: number;
  /** At the arc: what the socket gave is more. */
  arc_kWh: number;
}

/** Rods, hours and kWh at the arc, by month, the last first. @param month tells a moment's month, in the reader's own time */
export function totalsByMonth(jobs: readonly Job[], month: (ms: number) => string): MonthTotal[] {
  const totals = new Map<string, MonthTotal>();
  for (const job of jobs) {
    const seen = happened(job.run.events);
    const { arcs } = countOf(seen, { passes: [] }, null, seen.last_ms ?? 0);
    const months = new Set<string>();
    for (const arc of arcs) {
      const key = month(arc.from_ms);
      const at = totals.get(key) ?? { month: key, jobs: 0, rods: 0, arc_h: 0, arc_kWh: 0 };
      const rod_s = arcPerRod_s(arc.rodClass, arc.size, arc.current_A, null);
      totals.set(key, {
        ...at,
        jobs: at.jobs + (months.has(key) ? 0 : 1),
        rods: at.rods + arc.burned_s / rod_s,
        arc_h: at.arc_h + arc.burned_s / 3600,
        arc_kWh: at.arc_kWh + (loadVoltage_V('stick', arc.current_A) * arc.current_A * arc.burned_s) / 3.6e6,
      });
      months.add(key);
    }
  }
  return [...totals.values()].sort((a, b) => (a.month < b.month ? 1 : -1));
}
