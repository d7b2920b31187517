import { midSentence } from '../units/format';
import { HAZARDS } from '../data/hazards';
import { metalFamily } from '../data/metals';
import { metalTest } from '../data/metalTests';
import { JOINTS } from '../data/joints';
import { POSITIONS } from '../data/words';
import type { Assessment } from './assess';
import type { Room, RoomId } from './rooms';
import type { Reads, Situation } from '../judge/situation';
import { toldThroughout } from '../units/inUnitsOf';
import { passCount, rodsNeeded } from '../rods/counts';
import type { Step } from '../judge/step';
import { buildSteps } from './steps';
import { speakGap, speakState, MAYBE_NONE } from '../judge/speak';
import { otherWaysFor, type OtherWayHere } from '../repair/otherWays';
import { judgeStopWork, type AskedQuestion } from '../repair/stopWork';
import { wholeRods } from '../rods/wholeRods';

/** Why a plan may not be welded from, and who has to decide. */
export interface Halt {
  title: string;
  because: string;
  instead: string;
  decides: string;
  /** How it is left safe until then; empty where nothing is to be done. */
  safe: string;
}

/**
 * 'stopped': refused, the halts say why. 'draft': something that could hurt is still open. 'no-room': a limit is passed.
 * 'technique': the technique part of a competent person's procedure, released by nobody but them. 'ready': to take to the work. None of them claims the weld is safe.
 */
export type Verdict = 'stopped' | 'draft' | 'no-room' | 'technique' | 'ready';

/** The chosen combination and its ordered steps. */
export interface Plan {
  verdict: Verdict;
  /** What stops it, or what keeps it a draft. */
  halts: readonly Halt[];
  tightest: Room | null;
  summary: string;
  steps: readonly Step[];
  /** How else it can be mended, where the arc is refused or the last resort; what the job allows stands first. */
  otherWays: readonly OtherWayHere[];
  totals: { beads: number; rods: number; arc_min: number; elapsed_min: number } | null;
  assumed: readonly string[];
  problems: readonly string[];
}

/** Turns an assessment into the plan that goes to the work. */
export function makePlan(assessment: Assessment): Plan {
  const { situation, rooms, tightest, problems, assumed, withheld } = assessment;
  const stops = stopsOf(situation, rooms);
  const open = [...openQuestions(situation, rooms), ...unshaped(situation)];
  const [verdict, halts] = verdictOf(
    stops,
    open,
    passedLimits(rooms),
    techniquesOf(situation),
    problems.length > 0 && withheld === null,
  );
  const told = withheld === null;
  const plan: Plan = {
    verdict,
    halts,
    tightest,
    summary: told ? summaryOf(situation) : '',
    otherWays: otherWaysFor(situation),
    steps: told ? buildSteps(situation, rooms) : [],
    totals: told ? totalsOf(situation) : null,
    assumed: verdict === 'stopped' ? [] : [...metalGround(situation), ...assumed],
    problems: problems.map(({ message }) => message),
  };
  return toldThroughout(plan, situation.system);
}

/** What the plan takes the metal to be where tests say so, and by which. */
function metalGround({ beliefs, wants, job }: Reads<'beliefs' | 'wants' | 'job'>): string[] {
  return beliefs.flatMap((belief, n) => {
    if (!belief.tested || belief.named !== null) return [];
    const { evidence } = n === 0 ? job.metal.sideA : job.metal.sideB;
    const tests = Object.values(evidence)
      .filter(({ standing }) => standing !== 'undone')
      .map(
        ({ test, standing }) =>
          `${midSentence(metalTest(test).name)}${standing === 'doubtful' ? ' (doubtful)' : ''}`,
      );
    const metals = (wants.sides[n] ?? []).map(
      ({ family, share }) => `${metalFamily(family).name} ${Math.round(100 * share)} %`,
    );
    return [
      `${beliefs.length > 1 ? `Side ${'AB'[n]}` : 'Metal'} by test: ${metals.join(', ')}. Tests: ${tests.join(', ')}.`,
    ];
  });
}

const haltOf = ({ question }: AskedQuestion, lead: string): Halt => ({
  title: `${lead}${question.ask}`,
  because: question.because,
  instead: question.instead,
  decides: question.decides,
  safe: question.safe ?? '',
});

/** What stands before any process: what stops it, what is still open, and what a procedure has to cover. */
export function gateHalts({ situation, rooms }: Assessment): {
  stops: Halt[];
  open: Halt[];
  techniques: Halt[];
} {
  return {
    stops: stopsOf(situation, rooms),
    open: openQuestions(situation, rooms),
    techniques: techniquesOf(situation),
  };
}

/** What no lever can plan around: stop-work answers, metal or coating never to be arc welded. */
function stopsOf(situation: Situation, rooms: readonly Room[]): Halt[] {
  const { job, wants } = situation;
  const answered = judgeStopWork(job.look.stopWork).stops.map((asked) =>
    haltOf(asked, asked.question.kind === 'condition' ? 'Cannot be met: ' : 'It is '),
  );
  const metal = rooms.find(({ id, state }) => ['metal', 'coating'].includes(id) && state === 'none');
  if (!metal) return answered;
  return [
    ...answered,
    {
      title: `${metal.now}: ${metal.gap}`,
      because: wants.verdict === 'never' ? wants.why : (metal.reasons[0]?.words ?? ''),
      instead: wants.verdict === 'never' ? wants.instead : 'Replace the part.',
      decides: 'the person responsible for the part',
      safe: safeWords(situation),
    },
  ];
}

/** How a metal that may hurt is left until somebody has decided; empty where none may. */
const safeWords = ({ wants }: Reads<'wants'>): string =>
  [...new Set(wants.families.flatMap((family) => HAZARDS[family]?.safe ?? []))].slice(0, MOST_SAFE).join(' ');
const MOST_SAFE = 3;

/** Rooms whose doubt about the metal keeps the sheet a draft. */
const UNSETTLED: readonly RoomId[] = ['metal', 'hazard', 'coating', 'preheat'];

/** What keeps the sheet a draft: unanswered questions and unknowns that could hurt. */
function openQuestions(situation: Situation, rooms: readonly Room[]): Halt[] {
  const { job } = situation;
  const { unanswered } = judgeStopWork(job.look.stopWork);
  const questions = unanswered.map((asked) => haltOf(asked, 'Not answered: '));
  const unsettled = rooms
    .filter((room) => UNSETTLED.includes(room.id) && room.state === 'unknown')
    .map((room): Halt => ({
      title: `${room.title}: ${room.gap}`,
      because: room.reasons[0]?.words ?? '',
      instead: room.ask,
      decides: 'you, by finding out',
      safe: room.id === 'hazard' ? safeWords(situation) : '',
    }));
  return [...questions, ...unsettled];
}

/** A joint of which no weld can be laid out: nothing would be welded, so nothing is released. */
const unshaped = ({
  withheld,
  brazed,
  joint,
  rod,
}: Reads<'withheld' | 'brazed' | 'joint' | 'rod'>): Halt[] =>
  withheld !== null || brazed || rod === null || joint.area_mm2 !== null ? [] : [UNSHAPED];

export const UNSHAPED: Halt = {
  title: 'The joint',
  because: 'Its kind, thickness and sizes say what is laid; without them nothing is.',
  instead: 'Type them at Joint.',
  decides: 'you, by measuring',
  safe: '',
};

/** Limits already passed at the bad end of what is known. */
export const passedLimits = (rooms: readonly Room[]): Halt[] =>
  rooms
    .filter((room) => room.state === 'none')
    .map((room) => ({
      title: `${room.title}: ${speakState(room) === MAYBE_NONE ? MAYBE_NONE : speakGap(room)}`,
      because: `${room.now}; ${room.until}.`,
      instead: 'Pull one of its levers, or look for a way through.',
      decides: 'you',
      safe: '',
    }));

/** What a competent person's procedure has to cover before this is more than its technique. */
const techniquesOf = ({ job }: Reads<'job'>): Halt[] =>
  judgeStopWork(job.look.stopWork).techniques.map((asked) => haltOf(asked, 'Not released by this sheet: '));

/** The gravest of what stands against the plan, with all that has to be said under it. */
function verdictOf(
  stops: Halt[],
  open: Halt[],
  passed: Halt[],
  techniques: Halt[],
  hasProblems: boolean,
): [Verdict, Halt[]] {
  if (stops.length > 0) return ['stopped', stops];
  if (open.length > 0 || hasProblems) return ['draft', [...open, ...passed, ...techniques]];
  if (passed.length > 0) return ['no-room', [...passed, ...techniques]];
  return techniques.length > 0 ? ['technique', techniques] : ['ready', []];
}

function totalsOf({ beads, timeline }: Reads<'beads' | 'timeline'>): Plan['totals'] {
  if (!beads || !timeline) return null;
  return {
    beads: passCount(beads),
    rods: wholeRods(rodsNeeded(beads)).nominal,
    arc_min: timeline.arc_s / 60,
    elapsed_min: timeline.elapsed_s / 60,
  };
}

/** The job in one line: joint, rod, pole, amps. */
function summaryOf({
  joint,
  rod,
  pole,
  current_A,
  job,
  iron,
  rootBy,
}: Reads<'joint' | 'rod' | 'pole' | 'current_A' | 'job' | 'iron' | 'rootBy'>): string {
  const parts = [
    joint.kind === null ? 'joint not chosen' : JOINTS[joint.kind].name,
    job.look.position === null ? '' : midSentence(POSITIONS[job.look.position]),
    rootBy ? 'root by TIG' : '',
    rod ? `${rod.value.rodClass} ${rod.value.size}` : iron?.way.value === 'braze' ? 'brazed' : 'no rod',
    pole?.value ?? '',
    current_A ? `${current_A.value} A` : '',
  ];
  return parts.filter((part) => part !== '').join(' · ');
}
