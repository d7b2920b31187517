import { expose } from 'comlink';
import { glanceAt } from '@core/plan';
import { runPlate, type PlateFrame, type PlateRun } from '@core/heat';
import { bestClamps, sweepOnGrid, type GridPlace, type GridSweep } from '@core/field';
import {
  EXHAUSTIVE_TO,
  firstFew,
  searchChoices,
  termsOf,
  type ChoicesState,
  type OrderQuestion,
} from '@core/order';
import { methodRows } from '@core/preheat';
import { cloudOf } from '@core/mix';
import { planAll, surenessOn, waysOutOn, whyNotOn, worthOn, type Ground, type Planned } from '@core/planner';

/** Runs that were called off before they came to their end. */
const cancelled = new Set<string>();

/** What is found is handed over so often: every step by itself would cost more than it takes to reckon. */
const SHOWN_EVERY_ms = 60;

/** Lets a message that waits come in between two steps of a long run. */
const breathe = () => new Promise<void>((go) => setTimeout(go, 0));

/**
 * Runs a plate and hands over one frame at a time.
 * @param id what the run is called off by
 * @returns true at its end, false where it was called off
 */
async function plateRun(
  id: string,
  run: PlateRun,
  onFrame: (frame: PlateFrame) => Promise<void> | void,
): Promise<boolean> {
  for (const frame of runPlate(run)) {
    await onFrame(frame);
    await breathe();
    if (cancelled.delete(id)) return false;
  }
  return true;
}

/**
 * Looks for the best order for everything that may be wanted of one, and hands over what is found so far.
 * @param id what the search is called off by
 * @returns true at its end, false where it was called off
 */
async function orderRun(
  id: string,
  question: OrderQuestion,
  onState: (state: ChoicesState) => Promise<void> | void,
): Promise<boolean> {
  const few = termsOf(firstFew(question, EXHAUSTIVE_TO));
  let last: ChoicesState | null = null;
  let since = performance.now();
  for (const state of searchChoices(termsOf(question), few, question.travel)) {
    last = state;
    if (performance.now() - since < SHOWN_EVERY_ms) continue;
    await onState(state);
    await breathe();
    if (cancelled.delete(id)) return false;
    since = performance.now();
  }
  if (last) await onState(last);
  return true;
}

/** The push of the current in a plate, reckoned on a grid with the field of every face summed: the other way of reckoning it. */
async function gridSweep(
  id: string,
  question: GridSweep,
  onPlaces: (places: readonly GridPlace[]) => Promise<void> | void,
): Promise<boolean> {
  let places: GridPlace[] = [];
  let since = performance.now();
  for (const place of sweepOnGrid(question)) {
    places.push(place);
    if (performance.now() - since < SHOWN_EVERY_ms) continue;
    await onPlaces(places);
    await breathe();
    if (cancelled.delete(id)) return false;
    places = [];
    since = performance.now();
  }
  await onPlaces(places);
  return true;
}

/**
 * Looks for other ways to do a job, for what is worth knowing of it and how sure it is, and hands over what is found so far.
 * @param id what the search is called off by
 * @returns true at its end, false where it was called off
 */
async function planRun(
  id: string,
  ground: Ground,
  onState: (state: Planned) => Promise<void> | void,
): Promise<boolean> {
  let since = performance.now();
  for (const state of planAll(ground)) {
    if (!state.done && performance.now() - since < SHOWN_EVERY_ms) continue;
    await onState(state);
    await breathe();
    if (cancelled.delete(id)) return false;
    since = performance.now();
  }
  return true;
}

const cancel = (id: string) => void cancelled.add(id);

/** What the core does beside the page, so that a list shows itself before anything is judged. */
const api = {
  glanceAt,
  methodRows,
  cloudOf,
  plateRun,
  orderRun,
  gridSweep,
  planRun,
  worthOn,
  surenessOn,
  waysOutOn,
  whyNotOn,
  bestClamps,
  cancel,
};
export type CoreApi = typeof api;

expose(api);
