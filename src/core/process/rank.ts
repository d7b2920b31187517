import { WIND_LIMIT_m_s } from '../data/limits';
import { metalFamily, type ArcVerdict } from '../data/metals';
import {
  BRAZE_WEAK,
  FLAME_WIND,
  IN_POSITION,
  LONG_RUN_mm,
  ON_SURFACE,
  POSITION_SOURCE,
  setupOf,
  SURFACE_SOURCE,
  THICKNESS,
  THICKNESS_SOURCE,
  WANTS,
  type Setup,
} from '../data/processChoice';
import { NEEDS, PROCESSES, type ArcProcess, type NeedId, type ProcessId } from '../data/processIds';
import { PROCESSES_SOURCE, takesOf, type Mark } from '../data/processes';
import type { FamilyId } from '../data/families';
import { POLES, type Pole } from '../data/rods';
import { CHOSEN, PRACTICE, type Source } from '../units/sources';
import { POSITIONS, SURFACES, type PositionId, type SurfaceId } from '../data/words';
import { inWords, midSentence } from '../units/format';
import type { UnitSystem } from '../units/kinds';
import type { Range } from '../units/range';

/** Where, on what and with what a joint is to be made. */
export interface Place {
  /** All that the metal may be; empty while nothing is known of it. */
  families: readonly FamilyId[];
  /** Whether stick may be used on it. */
  stick: ArcVerdict | 'unknown';
  thin_mm: number | null;
  length_mm: number | null;
  position: PositionId | null;
  surface: SurfaceId | null;
  /** Wind at the work, m/s; null where nothing is said of the place. */
  wind_m_s: Range | null;
  /** What the machine gives; null where none is chosen. */
  machine: { processes: readonly ArcProcess[]; poles: readonly Pole[] } | null;
  /** What is at hand and has not run out. */
  have: ReadonlySet<NeedId>;
  system: UnitSystem;
}

/** One thing that speaks for or against a process. */
export interface Point {
  about: 'metal' | 'thickness' | 'surface' | 'position' | 'wind' | 'machine' | 'pole' | 'stock' | 'work';
  mark: Mark;
  words: string;
  source: Source;
}

/** A process judged for a place. */
export interface Candidate {
  id: ProcessId;
  name: string;
  /** False where something shuts it out. */
  possible: boolean;
  /** Worst first. */
  points: readonly Point[];
  setup: Setup;
}

const WORST_FIRST: readonly Mark[] = ['no', 'poor', 'fair', 'good'];

/** Answers "which process?": what is possible first; of those the one with the least against it, then the most for it. */
export function rankProcesses(place: Place): Candidate[] {
  const candidates = (Object.keys(PROCESSES) as ProcessId[]).map((id) => judge(id, place));
  const count = ({ points }: Candidate, mark: Mark) => points.filter((p) => p.mark === mark).length;
  return candidates.sort(
    (a, b) =>
      count(a, 'no') - count(b, 'no') ||
      count(a, 'poor') - count(b, 'poor') ||
      count(b, 'good') - count(a, 'good') ||
      count(a, 'fair') - count(b, 'fair'),
  );
}

function judge(id: ProcessId, place: Place): Candidate {
  const [family] = place.families;
  const setup = setupOf(id, family ? metalFamily(family).group : null);
  const points = [
    ...onMetal(id, place),
    ...onThickness(id, place),
    ...onSurface(id, place),
    ...inPosition(id, place),
    ...inWind(id, place),
    ...onMachine(id, place, setup),
    ...inStock(id, place),
    ...ofWork(id, place),
  ].sort((a, b) => WORST_FIRST.indexOf(a.mark) - WORST_FIRST.indexOf(b.mark));
  return {
    id,
    name: PROCESSES[id],
    possible: points.every(({ mark }) => mark !== 'no'),
    points,
    setup,
  };
}

const STICK_TAKES: Readonly<Record<Place['stick'], { mark: Mark; words: string }>> = {
  yes: { mark: 'good', words: 'takes stick' },
  'last-resort': { mark: 'poor', words: 'stick only where nothing else will do' },
  'no-rod': { mark: 'no', words: 'no stick rod suits it' },
  never: { mark: 'no', words: 'not to be welded on site' },
  unknown: { mark: 'fair', words: 'not settled: stick leaves most ways open' },
};

/** The metal at its worst: what suits one that it may be and not another does not suit. */
function onMetal(id: ProcessId, { families, stick }: Place): Point[] {
  if (id === 'stick') return [{ about: 'metal', ...STICK_TAKES[stick], source: PROCESSES_SOURCE }];
  if (families.length === 0)
    return [{ about: 'metal', mark: 'fair', words: 'metal not known', source: PRACTICE }];
  const worst = families
    .map((family) => ({ family, taking: takesOf(family)[id] }))
    .sort((a, b) => WORST_FIRST.indexOf(a.taking.mark) - WORST_FIRST.indexOf(b.taking.mark))[0];
  if (!worst) return [];
  const { family, taking } = worst;
  return [
    {
      about: 'metal',
      mark: taking.mark,
      words: `${midSentence(metalFamily(family).name)}: ${taking.words}`,
      source: PROCESSES_SOURCE,
    },
  ];
}

function onThickness(id: ProcessId, { thin_mm, system }: Place): Point[] {
  if (thin_mm === null) return [];
  const { least_mm, easyFrom_mm, easyTo_mm, thicker } = THICKNESS[id];
  const thin = inWords(system).size(thin_mm);
  const point = (mark: Mark, words: string): Point[] => [
    { about: 'thickness', mark, words, source: THICKNESS_SOURCE },
  ];
  if (thin_mm < least_mm) return point('no', `${thin} is too thin for it`);
  if (thin_mm < easyFrom_mm) return point('poor', `${thin} is thin for it: holes come easily`);
  if (thin_mm > easyTo_mm) return point('poor', `${thin} is thick for it: ${thicker}`);
  return point('good', `${thin} suits it`);
}

function onSurface(id: ProcessId, { surface }: Place): Point[] {
  if (surface === null) return [];
  const mark = ON_SURFACE[id][surface];
  const does = { no: 'not on it', poor: 'badly on it', fair: 'puts up with it', good: 'fine' }[mark];
  return [
    { about: 'surface', mark, words: `${midSentence(SURFACES[surface])}: ${does}`, source: SURFACE_SOURCE },
  ];
}

function inPosition(id: ProcessId, { position }: Place): Point[] {
  const mark = position === null ? undefined : IN_POSITION[id][position];
  if (position === null || mark === undefined) return [];
  const does = { no: 'runs out', poor: 'hard to keep in', fair: 'takes practice', good: 'easy' }[mark];
  return [
    {
      about: 'position',
      mark,
      words: `${midSentence(POSITIONS[position])}: ${does}`,
      source: POSITION_SOURCE,
    },
  ];
}

function inWind(id: ProcessId, { wind_m_s, system }: Place): Point[] {
  if (wind_m_s === null) return [];
  const limit = id === 'braze' ? FLAME_WIND : WIND_LIMIT_m_s[id];
  const say = inWords(system).wind;
  const most = `stands about ${say(limit.range.nominal)}`;
  const point = (mark: Mark, words: string): Point[] => [
    { about: 'wind', mark, words, source: limit.source },
  ];
  if (wind_m_s.nominal > limit.range.high) return point('no', `too much wind: it ${most}`);
  if (wind_m_s.high > limit.range.low) return point('poor', `wind may take the shield: it ${most}`);
  return point('good', `wind does not trouble it: it ${most}`);
}

function onMachine(id: ProcessId, { machine }: Place, { pole }: Setup): Point[] {
  if (id === 'braze' || machine === null) return [];
  const point = (about: Point['about'], mark: Mark, words: string): Point => ({
    about,
    mark,
    words,
    source: CHOSEN,
  });
  if (!machine.processes.includes(id)) return [point('machine', 'no', 'the machine does not do it')];
  const lacks = pole !== null && !machine.poles.includes(pole);
  return lacks ? [point('pole', 'no', `the machine gives ${listed(machine.poles)}, not ${pole}`)] : [];
}

const listed = (poles: readonly Pole[]): string => POLES.filter((p) => poles.includes(p)).join(' and ');

function inStock(id: ProcessId, { have }: Place): Point[] {
  const lacks = WANTS[id].filter((need) => !have.has(need));
  if (lacks.length === 0) return [];
  const words = `not here: ${lacks.map((need) => midSentence(NEEDS[need].name)).join(', ')}`;
  return [{ about: 'stock', mark: 'no', words, source: CHOSEN }];
}

function ofWork(id: ProcessId, { length_mm }: Place): Point[] {
  if (id === 'braze') return [{ about: 'work', ...BRAZE_WEAK }];
  const wire = id === 'gas-wire' || id === 'cored-wire';
  return wire && length_mm !== null && length_mm >= LONG_RUN_mm
    ? [
        {
          about: 'work',
          mark: 'good',
          words: 'a long run: wire goes on where rods stop',
          source: PRACTICE,
        },
      ]
    : [];
}
