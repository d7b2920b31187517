import { expose } from 'comlink';
import { readFile } from '@core/formats/files';
import type { Job } from '@core/formats/job';
import type { Kit } from '@core/formats/kit';
import { MOST_TEXT } from '@core/formats/jobFile';
import { ok, refuse, type Result } from '@core/units/result';
import { eachPhoto, openZip, packZip } from '@/state/zip';

/** So many jobs are handed over at a time: more would hold the page up. */
const AT_A_TIME = 60;

/** What a chosen file holds, beside its jobs, which are handed over as they come. */
export interface OpenedFile {
  kit: Kit;
  /** Ids of the pictures in it. */
  photos: string[];
}

/** Reads whatever file of the app was chosen: text, or a zip with pictures. */
async function openFile(
  file: Blob,
  onJobs: (jobs: readonly Job[]) => Promise<void>,
  onRead: (done: number, of: number) => Promise<void> | void,
): Promise<Result<OpenedFile>> {
  const head = new Uint8Array(await file.slice(0, 2).arrayBuffer());
  const isZip = head[0] === 0x50 && head[1] === 0x4b;
  const opened = isZip ? await openZip(file) : await openText(file);
  if (!opened.ok) return opened;
  const read = readFile(opened.value.records, (done, of) => void onRead(done, of));
  if (!read.ok) return isZip ? refuse(`elbow-room.json: ${read.message}`) : read;
  const { jobs, kit } = read.value;
  for (let n = 0; n < jobs.length; n += AT_A_TIME) await onJobs(jobs.slice(n, n + AT_A_TIME));
  return ok({ kit, photos: opened.value.photos });
}

async function openText(file: Blob): Promise<Result<{ records: string; photos: string[] }>> {
  if (file.size > MOST_TEXT)
    return refuse(
      `The file is over ${MOST_TEXT / 1e6} MB of text. A file of jobs is far smaller: choose another.`,
    );
  return ok({ records: await file.text(), photos: [] });
}

/** Reading and writing files beside the page. */
const api = { openFile, eachPhoto, packZip };
export type FilesApi = typeof api;

expose(api);
