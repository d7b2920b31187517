import { wrap, type Remote } from 'comlink';
import type { FilesApi } from './files.worker';

let files: Remote<FilesApi> | null = null;

/** Reading and writing files in a thread of its own; started when first asked for. */
export const filesBeside = (): Remote<FilesApi> =>
  (files ??= wrap<FilesApi>(new Worker(new URL('./files.worker', window.location.href))));
