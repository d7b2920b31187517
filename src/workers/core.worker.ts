import { expose } from 'comlink';
import { glanceAt } from '@core/plan/glance';
import { runPlate, type PlateFrame, type PlateRun } from '@core/heat/plate/run';
import { methodRows } from '@core/heat/preheat/preheat';
import { cloudOf } from '@core/constitution/cloud';

/** Runs that were called off before they came to their end. */
const calledOff = new Set<string>();

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
    if (calledOff.delete(id)) return false;
  }
  return true;
}

const callOff = (id: string) => void calledOff.add(id);

/** What the core does beside the page, so that a list shows itself before anything is judged. */
const api = { glanceAt, methodRows, cloudOf, plateRun, callOff };
export type CoreApi = typeof api;

expose(api);
