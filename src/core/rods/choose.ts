import { rodClass, type Pole, type RodClassId } from '../data/rods';
import { ROD_SIZE_IDS, ROD_SIZES, type RodSizeId } from '../data/rodSizes';
import type { PositionId, SurfaceId } from '../data/words';
import type { Tin } from '../formats/kit';
import { ampWindow } from './amps';

/** A rod chosen for the job, with the tin it comes out of where there is one. */
export interface RodChoice {
  rodClass: RodClassId;
  size: RodSizeId;
  tin: Tin | null;
  why: string;
}

export interface RodQuestion {
  tins: readonly Tin[];
  /** Acceptable classes, best first. */
  wanted: readonly RodClassId[];
  /** Poles the machine gives; null where no machine is chosen. */
  poles: readonly Pole[] | null;
  thin_mm: number | null;
  position: PositionId | null;
  surface: SurfaceId | null;
  maxMachine_A: number | null;
  /** What the welder has fixed; null where the app chooses. */
  fixedClass: RodClassId | null;
  fixedSize: RodSizeId | null;
}

/** Largest thickness each size is the usual one for, mm. Common practice: no thicker than the plate, roughly. */
const USUAL_UP_TO_mm: readonly [RodSizeId, number][] = [
  ['1/16', 1.7],
  ['5/64', 2.6],
  ['3/32', 4.2],
  ['1/8', 12.5],
  ['5/32', Infinity],
];
/** Sheet: where a shallow rod is wanted. */
const SHEET_mm = 3;

/** Usual size for a thickness; 3/32 where nothing is known. Vertical and overhead stay at 1/8 or less. */
export function usualSize(thin_mm: number | null, position: PositionId | null): RodSizeId {
  const bySize =
    thin_mm === null ? '3/32' : (USUAL_UP_TO_mm.find(([, upTo]) => thin_mm <= upTo)?.[0] ?? '5/32');
  return bySize === '5/32' && (position === 'vertical' || position === 'overhead') ? '1/8' : bySize;
}

/** Chooses a rod: from the tins on hand first, else from the table ("worth buying"). Null: nothing acceptable exists. */
export function chooseRod(question: RodQuestion): RodChoice | null {
  const onHand = question.tins
    .filter((tin) => tin.count !== 0 && fits(question, tin.rodClass, tin.size))
    .map((tin) => ({ tin, cost: cost(question, tin.rodClass, tin.size) }))
    .sort((a, b) => a.cost - b.cost)[0];
  if (onHand) {
    const { tin } = onHand;
    return { rodClass: tin.rodClass, size: tin.size, tin, why: whyChosen(question, tin.rodClass) };
  }
  const classes = question.fixedClass ? [question.fixedClass] : question.wanted;
  const listed = classes
    .flatMap((id) => ROD_SIZE_IDS.map((size) => ({ id, size })))
    .filter(({ id, size }) => fits(question, id, size) && ampWindow(id, size, null) !== null)
    .map((row) => ({ ...row, cost: cost(question, row.id, row.size) }))
    .sort((a, b) => a.cost - b.cost)[0];
  if (!listed) return null;
  return {
    rodClass: listed.id,
    size: listed.size,
    tin: null,
    why: 'Nothing in the tins suits: this one is worth buying.',
  };
}

/** What the welder fixed is obeyed; otherwise class, pole and position have to suit. */
function fits(question: RodQuestion, id: RodClassId, size: RodSizeId): boolean {
  if (question.fixedSize !== null && size !== question.fixedSize) return false;
  if (question.fixedClass !== null) return id === question.fixedClass;
  const row = rodClass(id);
  const poleFits = question.poles === null || row.poles.some((pole) => question.poles?.includes(pole));
  return question.wanted.includes(id) && poleFits && reaches(id, question.position);
}

/** Whether the class is made for the position. */
export const reaches = (id: RodClassId, position: PositionId | null): boolean =>
  rodClass(id).positions === 'all' || position === null || position === 'flat' || position === 'horizontal';

/** Lower is better: size first, then dirt and sheet, then the order the metal wants them in. */
function cost(question: RodQuestion, id: RodClassId, size: RodSizeId): number {
  const row = rodClass(id);
  const off = Math.abs(
    ROD_SIZE_IDS.indexOf(size) - ROD_SIZE_IDS.indexOf(usualSize(question.thin_mm, question.position)),
  );
  const tooThick = question.thin_mm !== null && ROD_SIZES[size].diameter_mm > question.thin_mm * 1.35 ? 3 : 0;
  const dirty = question.surface === 'rust' && !row.toleratesDirt ? 4 : 0;
  const sheet = question.thin_mm !== null && question.thin_mm <= SHEET_mm && row.coating === 'basic' ? 2 : 0;
  const cellulosicOnCleanPlate = question.surface !== 'rust' && row.coating === 'cellulosic' ? 1.5 : 0;
  const rutileOnPlate = question.thin_mm !== null && question.thin_mm > SHEET_mm && row.suitsSheet ? 1 : 0;
  const window = ampWindow(id, size, null);
  const beyondMachine =
    window && question.maxMachine_A !== null && window.low_A > question.maxMachine_A ? 10 : 0;
  const wantedOrder = Math.max(0, question.wanted.indexOf(id)) * 0.4;
  return (
    off * 2 + tooThick + dirty + sheet + cellulosicOnCleanPlate + rutileOnPlate + beyondMachine + wantedOrder
  );
}

function whyChosen(question: RodQuestion, id: RodClassId): string {
  const row = rodClass(id);
  if (question.surface === 'rust' && row.toleratesDirt) return 'Burns through what will not come off.';
  if (question.thin_mm !== null && question.thin_mm <= SHEET_mm && row.suitsSheet)
    return 'Shallow and easy on sheet.';
  if (row.lowHydrogen && row.coating === 'basic') return 'Low hydrogen, strong, and in a tin you have.';
  return 'Suits the metal and is in a tin you have.';
}

/** Thickest sheet that rutile is run electrode negative on by default, mm. Common practice; the other school is positive. */
const NEGATIVE_UP_TO_mm = 2.05;

/** Pole to run: negative on sheet with rutile rods that allow it, else the class's usual one that the machine gives. */
export function choosePole(
  id: RodClassId,
  poles: readonly Pole[] | null,
  thin_mm: number | null,
): { pole: Pole; why: string } {
  const row = rodClass(id);
  const possible = row.poles.filter((pole) => poles === null || poles.includes(pole));
  if (thin_mm !== null && thin_mm <= NEGATIVE_UP_TO_mm && row.suitsSheet && possible.includes('DCEN')) {
    return { pole: 'DCEN', why: 'Cooler on thin sheet.' };
  }
  const first = possible[0] ?? row.poles[0] ?? 'DCEP';
  return {
    pole: first,
    why:
      possible.length > 0
        ? 'Usual for this rod on this machine.'
        : 'What the rod needs; this machine does not give it.',
  };
}
