import { expose } from 'comlink';
import { glanceAt } from '@core/plan/glance';

/** What the core does beside the page, so that a list shows itself before anything is judged. */
const api = { glanceAt };
export type CoreApi = typeof api;

expose(api);
