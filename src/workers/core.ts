import { wrap, type Remote } from 'comlink';
import type { CoreApi } from './core.worker';

let core: Remote<CoreApi> | null = null;

/** The core in a thread of its own; started when first asked for, and one for the whole page. */
export const coreWorker = (): Remote<CoreApi> =>
  (core ??= wrap<CoreApi>(new Worker(new URL('./core.worker', window.location.href))));
