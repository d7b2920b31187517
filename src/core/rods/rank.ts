import { metalFamily } from '../data/metals';
import type { FamilyId } from '../data/families';
import {
  HAND,
  HARDFACE,
  POINTS,
  ROLE_WORTH,
  TENSILE_ksi,
  USUAL_HAND,
  WANTED_ksi,
  type RoleId,
  type Worth,
} from '../data/rodChoice';
import { isSheet } from '../data/limits';
import { ROD_CLASS_IDS, rodClass, type Pole, type RodClassId } from '../data/rods';
import { ROD_SIZE_IDS, ROD_SIZES, type RodSizeId } from '../data/rodSizes';
import { SKILLS, type DutyId, type PositionId, type SkillId, type SurfaceId } from '../data/words';
import type { Tin } from '../formats/kit';
import { ampWindow } from './amps/amps';
import type { TinState } from './keeping/verdict';

/** What a rod is chosen for. */
export interface RodQuestion {
  tins: readonly Tin[];
  /** Acceptable classes, best first. */
  wanted: readonly RodClassId[];
  /** Poles the machine gives; null where no machine is chosen. */
  poles: readonly Pole[] | null;
  ocv_V: number | null;
  thin_mm: number | null;
  position: PositionId | null;
  surface: SurfaceId | null;
  maxMachine_A: number | null;
  families: readonly FamilyId[];
  duty: DutyId | null;
  skill: SkillId | null;
  role: RoleId;
  /** What the rod's bead comes to, stirred together with the two sides. */
  mixed: (id: RodClassId) => readonly Worth[];
  /** How dry a tin is; null while no time is given. */
  dryness: ((tin: Tin) => TinState) | null;
  /** What the welder has fixed; null where the app chooses. */
  fixedClass: RodClassId | null;
  fixedSize: RodSizeId | null;
}

/** A rod weighed: what speaks for it and against it, and what shuts it out. */
export interface RodFit {
  rodClass: RodClassId;
  size: RodSizeId;
  tin: Tin | null;
  for: readonly string[];
  against: readonly string[];
  /** Why it cannot be used at all; empty where it can. */
  shut: string;
  /** Lower is better. */
  cost: number;
}

/** Largest thickness each size is the usual one for, mm. Common practice: no thicker than the plate, roughly. */
const USUAL_UP_TO_mm: readonly [RodSizeId, number][] = [
  ['1/16', 1.7],
  ['5/64', 2.6],
  ['3/32', 4.2],
  ['1/8', 12.5],
  ['5/32', Infinity],
];
/** Rod over thinner side beyond which it is plainly too thick. Common practice, with some slack. */
const THICK_ROD = 1.35;
/** Volts under what a rod wants at which it will hardly hold. */
const VOLTS_SLACK_V = 10;

/** Usual size for a thickness; 3/32 where nothing is known. Vertical and overhead stay at 1/8 or less. */
export function usualSize(thin_mm: number | null, position: PositionId | null): RodSizeId {
  const bySize =
    thin_mm === null ? '3/32' : (USUAL_UP_TO_mm.find(([, upTo]) => thin_mm <= upTo)?.[0] ?? '5/32');
  return bySize === '5/32' && (position === 'vertical' || position === 'overhead') ? '1/8' : bySize;
}

/** Whether the class is made for the position. */
export const reaches = (id: RodClassId, position: PositionId | null): boolean =>
  rodClass(id).positions === 'all' || position === null || position === 'flat' || position === 'horizontal';

/** Rods for a place: those the metal wants, or hard ones for what lies under them. */
export function wantedFor(question: RodQuestion): readonly RodClassId[] {
  if (question.role !== 'hardface') return question.wanted;
  const groups = question.families.map((family) => metalFamily(family).group);
  const [first, ...rest] = groups.map((group) => HARDFACE[group] ?? []);
  return (first ?? []).filter((id) => rest.every((ids) => ids.includes(id)));
}

/** Weighs every tin, best first; those that cannot be used stand last, each with the reason. */
export const rankTins = (question: RodQuestion): RodFit[] =>
  inOrder(question.tins.map((tin) => weigh(question, tin.rodClass, tin.size, tin)));

/** Weighs every rod that is made, best size of each class only: what would be worth buying. */
export function rankTable(question: RodQuestion): RodFit[] {
  const classes = question.fixedClass ? [question.fixedClass] : ROD_CLASS_IDS;
  return inOrder(
    classes.flatMap((id) => {
      const sizes = ROD_SIZE_IDS.filter((size) => ampWindow(id, size, null) !== null);
      const [best] = inOrder(sizes.map((size) => weigh(question, id, size, null)));
      return best ? [best] : [];
    }),
  );
}

const inOrder = (fits: RodFit[]): RodFit[] =>
  fits.sort((a, b) => Number(a.shut !== '') - Number(b.shut !== '') || a.cost - b.cost);

/** Weighs one rod. */
export function weigh(question: RodQuestion, id: RodClassId, size: RodSizeId, tin: Tin | null): RodFit {
  const good: string[] = [];
  const bad: string[] = [];
  let cost = 0;
  const add = (points: number, words: string) => {
    cost += points;
    if (words !== '') (points <= 0 ? good : bad).push(words);
  };
  const shut = shutOut(question, id, size, tin);
  weighSize(question, id, size, add);
  weighMetal(question, id, add);
  weighWork(question, id, add);
  if (tin) weighTin(question, tin, add);
  return { rodClass: id, size, tin, for: good, against: bad, shut, cost };
}

type Add = (points: number, words: string) => void;

/** Why a rod cannot be used at all; empty where it can. What the welder fixed is obeyed, whatever it is. */
function shutOut(question: RodQuestion, id: RodClassId, size: RodSizeId, tin: Tin | null): string {
  if (question.fixedSize !== null && size !== question.fixedSize) return 'You fixed another size.';
  if (question.fixedClass !== null) return id === question.fixedClass ? '' : 'You fixed another class.';
  if (tin?.count === 0) return 'The tin is empty.';
  if (!wantedFor(question).includes(id))
    return question.role === 'hardface' ? 'No rod against wear on this metal.' : 'Not for this metal.';
  const { poles } = rodClass(id);
  if (question.poles !== null && !poles.some((pole) => question.poles?.includes(pole)))
    return `Runs on ${poles.join(' or ')}: the machine gives ${question.poles.join(', ')}.`;
  if (!reaches(id, question.position)) return 'Flat and horizontal fillets only.';
  if (tin && question.dryness?.(tin) === 'scrap') return 'Wet, or baked again too often.';
  return '';
}

function weighSize(
  { thin_mm, position, maxMachine_A }: RodQuestion,
  id: RodClassId,
  size: RodSizeId,
  add: Add,
) {
  const usual = usualSize(thin_mm, position);
  const off = ROD_SIZE_IDS.indexOf(size) - ROD_SIZE_IDS.indexOf(usual);
  add(
    POINTS.sizeStep * Math.abs(off),
    off === 0
      ? 'The usual size for this thickness.'
      : off > 0
        ? `Thicker than the usual ${usual}.`
        : `Thinner than the usual ${usual}: more beads.`,
  );
  if (thin_mm !== null && ROD_SIZES[size].diameter_mm > thin_mm * THICK_ROD)
    add(POINTS.tooThick, 'Thicker than the thin side stands.');
  const window = ampWindow(id, size, null);
  if (window && maxMachine_A !== null && window.low_A > maxMachine_A)
    add(
      POINTS.beyondMachine,
      `Wants ${window.low_A} A or more: the machine ends at ${Math.round(maxMachine_A)} A.`,
    );
}

function weighMetal(question: RodQuestion, id: RodClassId, add: Add) {
  const { thin_mm, surface, families, duty } = question;
  const row = rodClass(id);
  const place = wantedFor(question).indexOf(id);
  add(POINTS.metalOrder * Math.max(0, place), place === 0 ? 'First choice for this metal.' : '');
  if (surface === 'rust')
    if (row.toleratesDirt) add(0, 'Burns through what will not come off.');
    else add(POINTS.dirt, 'Wants clean metal, and it will not come clean.');
  const onSheet = isSheet(thin_mm);
  if (onSheet && row.coating === 'basic') add(POINTS.basicOnSheet, 'Deep and hot on sheet.');
  if (onSheet && row.suitsSheet) add(0, 'Shallow and easy on sheet.');
  if (
    surface !== 'rust' &&
    row.coating === 'cellulosic' &&
    question.role !== 'root' &&
    question.role !== 'tack'
  )
    add(POINTS.cellulosicOnClean, 'Rough and full of hydrogen where the metal is clean anyway.');
  if (thin_mm !== null && !onSheet && row.suitsSheet) add(POINTS.rutileOnPlate, 'Shallow on plate.');
  if (row.lowHydrogen && row.coating === 'basic') add(0, 'Low hydrogen.');
  if (place >= 0) for (const worth of question.mixed(id)) add(worth.points, worth.words);
  const strength = TENSILE_ksi[id];
  const asked = Math.max(0, ...families.map((family) => WANTED_ksi[metalFamily(family).group] ?? 0));
  if (strength === undefined || asked === 0 || duty === 'nothing' || question.role === 'hardface') return;
  if (strength >= asked) add(0, `As strong as the metal: ${strength} ksi.`);
  else if (duty === 'carries') add(POINTS.weak, `${strength} ksi where the metal has about ${asked}.`);
}

function weighWork({ ocv_V, skill, role }: RodQuestion, id: RodClassId, add: Add) {
  const row = rodClass(id);
  if (ocv_V !== null && row.ocv_V !== null && ocv_V < row.ocv_V - VOLTS_SLACK_V)
    add(POINTS.lowVolts, `Likes about ${row.ocv_V} V open: the machine has ${ocv_V} V.`);
  const asks = HAND[id] ?? USUAL_HAND;
  const hand = skill === null ? null : SKILLS[skill].hand;
  if (hand !== null && asks > hand) add(POINTS.hand * (asks - hand), 'Asks for a steadier hand.');
  if (hand !== null && asks === 1) add(0, 'Easy to run.');
  const worth = ROLE_WORTH[role]?.[row.coating];
  if (worth) add(worth.points, worth.words);
}

function weighTin({ dryness }: RodQuestion, tin: Tin, add: Add) {
  const state = dryness?.(tin);
  if (state === 'over') add(POINTS.damp, 'Out of its oven too long: damp.');
  if (state === 'unknown') add(POINTS.notKnownDry, 'Nobody knows whether it is dry.');
  if (state === 'sealed' || state === 'oven') add(0, 'Dry: sealed or in the oven.');
}
