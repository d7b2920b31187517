import { isotherms } from './isotherms';
import { faceGrid, temperatureAt } from './face';
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
}

/** The plate at the end of one event. */
export interface PlateFrame {
  /** Which event it is the end of, from 0. */
  event: number;
  time_s: number;
  hottest_C: number;
  probes_C: readonly number[];
  /** An outline for each level, in grid cells. */
  outlines: readonly string[];
}

/** Runs a plate through its events, one frame after each, so that whoever runs it can stop between any two. */
export function* runPlate({
  plate: question,
  events,
  columns,
  rows,
  levels_C,
  probes,
}: PlateRun): Generator<PlateFrame> {
  let plate = newPlate(question);
  for (const [event, happening] of events.entries()) {
    plate = after(plate, happening);
    const grid = faceGrid(plate, columns, rows);
    const now = plate;
    yield {
      event,
      time_s: plate.time_s,
      hottest_C: grid.reduce((a, b) => Math.max(a, b), -Infinity),
      probes_C: probes.map((spot) => temperatureAt(now, spot)),
      outlines: isotherms(grid, columns, rows, levels_C),
    };
  }
}
