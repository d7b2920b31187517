import { AIMS, type AimId, type PositionId } from '../../data/words';
import { rodClass, type Coating, type RodClassId } from '../../data/rods';
import { ROD_SIZES, type RodSizeId } from '../../data/rodSizes';
import type { Source } from '../../units/sources';
import type { Tin } from '../../formats/kit';

/** The amps a rod is said to run at, and who says so. */
export interface AmpWindow {
  low_A: number;
  high_A: number;
  by: 'packet' | 'table';
  source: Source;
}

/** The tin's own printed range where it has been entered, else the table's. Null: the class is not made or listed in that size. */
export function ampWindow(id: RodClassId, size: RodSizeId, tin: Tin | null): AmpWindow | null {
  if (tin && tin.low_A !== null && tin.high_A !== null && tin.low_A < tin.high_A) {
    return {
      low_A: tin.low_A,
      high_A: tin.high_A,
      by: 'packet',
      source: { name: 'the packet', grade: 'practice' },
    };
  }
  const row = rodClass(id).amps[size];
  return row ? { low_A: row.low_A, high_A: row.high_A, by: 'table', source: row.source } : null;
}

/** Vertical and overhead run 10 to 15 % below flat. Common practice. */
const OUT_OF_POSITION = 0.875;
/** And no lower than this share of where the range begins. */
const LEAST_OUT_OF_POSITION = 0.92;
/**
 * Share of the window a first setting is placed at where the metal is as thick as the rod, how much more for every thickness of the rod
 * besides, and the most. The table's range of basic and iron-powder rods reaches far above where they are run by hand; a packet's does
 * not. Common practice: everyday settings on 1 to 25 mm.
 */
interface Start {
  even: number;
  perDiameter: number;
  most: number;
}
const START_LEAST = 0.2;
const USUAL_START: Start = { even: 0.3, perDiameter: 0.25, most: 0.5 };
const RUTILE_START: Start = { even: 0.35, perDiameter: 0.3, most: 0.6 };
const TABLED_START: Readonly<Partial<Record<Coating, Start>>> = {
  rutile: RUTILE_START,
  cellulosic: { even: 0.25, perDiameter: 0.25, most: 0.44 },
  basic: { even: 0.22, perDiameter: 0.05, most: 0.3 },
  'iron-powder': { even: 0.2, perDiameter: 0.05, most: 0.3 },
};
const startOf = (coating: Coating, by: AmpWindow['by']): Start =>
  by === 'packet' && coating !== 'cellulosic' ? RUTILE_START : (TABLED_START[coating] ?? USUAL_START);

/** Set for the thin side and a little more, when the arc runs on the thick side and flicks over. */
const FLICK_EXTRA = 1.05;

/** Kept under the amps that hole the thin side at the bad end of what is known: that end is careful already. */
export const HOLES_MARGIN = 0.97;

/** Share of the window kept clear at either end. */
const EDGE_MARGIN = 0.08;

export interface AmpQuestion {
  window: AmpWindow;
  size: RodSizeId;
  coating: Coating;
  thin_mm: number | null;
  thick_mm: number | null;
  position: PositionId | null;
  aim: AimId;
  /** Most amps before the thin side holes at its worst, if known. */
  holesAt_A: number | null;
  machineMin_A: number | null;
  machineMax_A: number | null;
  /** Sheet that is welded downwards: dragged as fast as flat. */
  downhill?: boolean;
  /** Amps that run right on this machine over what the chart says; 1 where nobody has tried. */
  bias?: number;
}

/**
 * A first setting: low in the window on thin metal, towards its middle on thick, less when out of position, and under
 * what would hole the thin side. A scrap bead decides.
 * @returns amps, whole amps from a packet, to the nearest five from a table
 */
export function proposeAmps(question: AmpQuestion): number {
  const { window, size, position, aim, holesAt_A, machineMin_A, machineMax_A, bias = 1 } = question;
  const setFor = AIMS[aim].thinShare < 0.5 && aim === 'lean' ? question.thick_mm : question.thin_mm;
  const diameter = ROD_SIZES[size].diameter_mm;
  const start = startOf(question.coating, window.by);
  const byThickness =
    setFor === null ? START_LEAST : start.even + start.perDiameter * (setFor / diameter - 1);
  const share = clamp(byThickness, START_LEAST, start.most);
  let amps = window.low_A + share * (window.high_A - window.low_A);
  const outOfPosition = position === 'overhead' || (position === 'vertical' && !question.downhill);
  if (outOfPosition) amps *= OUT_OF_POSITION;
  if (aim === 'flick') amps *= FLICK_EXTRA;
  amps *= bias;
  if (holesAt_A !== null) amps = Math.min(amps, holesAt_A * HOLES_MARGIN);
  const step = window.by === 'packet' ? 1 : 5;
  const rounded = Math.round(amps / step) * step;
  // A proposal never stands on the very edge of the range: the dial is not that good.
  const margin = step * Math.max(1, Math.ceil((EDGE_MARGIN * (window.high_A - window.low_A)) / step));
  // Out of position it is begun below flat, a little under the range where the range begins high.
  const least = outOfPosition ? bias * window.low_A * LEAST_OUT_OF_POSITION : bias * window.low_A + margin;
  // Nobody sets a dial to a part of an amp.
  return clamp(
    clamp(rounded, Math.ceil(least), Math.floor(bias * window.high_A - margin)),
    Math.ceil(machineMin_A ?? 0),
    Math.floor(machineMax_A ?? Infinity),
  );
}

export const clamp = (value: number, low: number, high: number): number =>
  Math.min(Math.max(value, low), high);
