import { INTERPASS_AT_mm } from '../../data/heatLimits';
import { diffusivity_mm2_s } from '../loss';
import { isotherms } from './isotherms';
import { faceGrid, temperaturesAt } from './face';
import { after, newPlate, type PlateEvent, type PlateQuestion, type Spot } from './plate';

/** A plate, what is done to it in order, and where it is looked at. */
export interface PlateRun {
  plate: PlateQuestion;
  events: readonly PlateEvent[];
  columns: number;
  rows: number;
  levels_C: readonly number[];
  /** Spots whose temperature is followed. */
  probes: readonly Spot[];
  /** Where arcs are struck, in that order. */
  starts: readonly PlateStart[];
}

/** Where an arc is struck: the event that begins there, and the spot beside it where metal is measured. */
export interface PlateStart {
  event: number;
  at: Spot;
}

/** Metal beside a start just before its arc, and the hottest it has been since, °C. */
export interface StartHeat {
  before_C: number;
  peak_C: number;
}

/** The plate at the end of one event. */
export interface PlateFrame {
  /** Which event it is the end of, from 0. */
  event: number;
  time_s: number;
  hottest_C: number;
  probes_C: readonly number[];
  /** Of the starts there have been so far. */
  starts: readonly StartHeat[];
  /** An outline for each level, in grid cells. */
  outlines: readonly string[];
}

/** A peak beside a weld comes y2 / 4a (thick) to y2 / 2a (thin) after the arc is nearest: it is looked for round both, in times of the first. */
const LOOKS = [0.6, 1, 1.5, 2.2, 3.2, 4.7, 7, 10] as const;
/** Arcs that pass a start further off than this do not bring it to a peak, mm. */
const PASSES_mm = 30;

/** Runs a plate through its events, one frame after each, so that whoever runs it can stop between any two. */
export function* runPlate({
  plate: question,
  events,
  columns,
  rows,
  levels_C,
  probes,
  starts,
}: PlateRun): Generator<PlateFrame> {
  let plate = newPlate(question);
  const heats: StartHeat[] = [];
  const begun: Spot[] = [];
  const first_s = INTERPASS_AT_mm.value ** 2 / (4 * diffusivity_mm2_s(question.metal));
  /** When to look, s into the event. */
  let looks_s: number[] = [];
  for (const [event, happening] of events.entries()) {
    for (const { at } of starts.filter((start) => start.event === event)) {
      const before_C = temperaturesAt(plate, [at])[0] ?? NaN;
      heats.push({ before_C, peak_C: before_C });
      begun.push(at);
    }
    looks_s.push(
      ...begun.flatMap((at) => {
        const near_s = nearest_s(happening, at);
        return near_s === null ? [] : LOOKS.map((times) => near_s + times * first_s);
      }),
    );
    for (const piece of inPieces(happening, looks_s)) {
      plate = after(plate, piece);
      temperaturesAt(plate, begun).forEach((C, n) => {
        const heat = heats[n];
        if (heat && C > heat.peak_C) heats[n] = { ...heat, peak_C: C };
      });
    }
    looks_s = looks_s.filter((s) => s > happening.duration_s).map((s) => s - happening.duration_s);
    const grid = faceGrid(plate, columns, rows);
    yield {
      event,
      time_s: plate.time_s,
      hottest_C: grid.reduce((a, b) => Math.max(a, b), -Infinity),
      probes_C: temperaturesAt(plate, probes),
      starts: [...heats],
      outlines: isotherms(grid, columns, rows, levels_C),
    };
  }
}

const between = (from: Spot, to: Spot, share: number): Spot => ({
  x_mm: from.x_mm + share * (to.x_mm - from.x_mm),
  y_mm: from.y_mm + share * (to.y_mm - from.y_mm),
});

/** When an arc is nearest to a spot, s into its event; null where it does not come near. */
function nearest_s(event: PlateEvent, spot: Spot): number | null {
  if (event.kind === 'rest') return null;
  const { from, to, duration_s } = event;
  const [dx, dy] = [to.x_mm - from.x_mm, to.y_mm - from.y_mm];
  const way = dx * dx + dy * dy;
  const share =
    way === 0
      ? 0
      : Math.min(1, Math.max(0, ((spot.x_mm - from.x_mm) * dx + (spot.y_mm - from.y_mm) * dy) / way));
  const at = between(from, to, share);
  return Math.hypot(spot.x_mm - at.x_mm, spot.y_mm - at.y_mm) > PASSES_mm ? null : share * duration_s;
}

/** Looks nearer to one another than this are one, s. */
const SAME_s = 0.3;

/** An event cut at some times, s from its beginning; together its pieces are the event. */
export function inPieces(event: PlateEvent, cuts_s: readonly number[]): PlateEvent[] {
  const ends = [
    ...cuts_s.filter((s) => s > SAME_s && s < event.duration_s - SAME_s).sort((a, b) => a - b),
    event.duration_s,
  ];
  const pieces: PlateEvent[] = [];
  let from_s = 0;
  for (const [n, to_s] of ends.entries()) {
    if (to_s - from_s < SAME_s && n < ends.length - 1) continue;
    const duration_s = to_s - from_s;
    pieces.push(
      event.kind === 'rest'
        ? { kind: 'rest', duration_s }
        : {
            ...event,
            from: between(event.from, event.to, from_s / event.duration_s),
            to: between(event.from, event.to, to_s / event.duration_s),
            duration_s,
          },
    );
    from_s = to_s;
  }
  return pieces;
}
