import { proxy } from 'comlink';
import type { Job } from '@core/formats/job';
import type { Kit } from '@core/formats/kit';
import type { Brought } from '@core/formats/merge';
import { writeArchive } from '@core/formats/write';
import { ok, type Result } from '@core/units/result';
import { filesBeside } from '@/workers/files';
import { putPhoto, readPhoto } from './photos';
import { useApp } from './store';

/** Hands contents to the person as a file. */
export function saveFile(name: string, type: string, contents: string | Blob): void {
  const url = URL.createObjectURL(typeof contents === 'string' ? new Blob([contents], { type }) : contents);
  const anchor = document.createElement('a');
  anchor.href = url;
  anchor.download = name.replace(/[^\p{L}\p{N} ._-]+/gu, ' ').trim() || 'elbow-room';
  anchor.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** Lets the person choose a file; null where none was chosen. */
export async function chooseFile(): Promise<File | null> {
  const { getDocumentAsync } = await import('expo-document-picker');
  const chosen = await getDocumentAsync({ type: '*/*', copyToCacheDirectory: false });
  return chosen.canceled ? null : (chosen.assets[0]?.file ?? null);
}

/** A file that was read, and not taken in yet. */
export interface Chosen extends Brought {
  file: File;
  /** Ids of the pictures in it. */
  photos: readonly string[];
}

/** Reads whatever file of the app was chosen: text, or a zip with pictures. @param onRead so many of so many jobs read */
export async function readChosen(
  file: File,
  onRead: (done: number, of: number) => void,
): Promise<Result<Chosen>> {
  const jobs: Job[] = [];
  const read = await filesBeside().openFile(
    file,
    proxy(async (some: readonly Job[]) => void jobs.push(...some)),
    proxy(onRead),
  );
  return read.ok ? ok({ file, jobs, ...read.value }) : read;
}

/**
 * Keeps the pictures that a zip brought, each under the id of its own contents, so that none takes the place of another.
 * @returns the kit with its pictures named so
 */
export async function keepBroughtPhotos({ file, kit, photos }: Chosen): Promise<Kit> {
  if (photos.length === 0) return kit;
  const named = new Map<string, string>();
  await filesBeside().eachPhoto(
    file,
    proxy(async (id: string, bytes: Uint8Array) => {
      named.set(id, await putPhoto(new Blob([new Uint8Array(bytes)], { type: 'image/jpeg' })));
    }),
  );
  return {
    ...kit,
    machines: kit.machines.map((machine) => ({
      ...machine,
      photos: machine.photos.map((id) => named.get(id) ?? id),
    })),
  };
}

/** Jobs that are here, thrown-away ones left out, and the kit. */
export function everything(): Brought {
  const { jobs, kit } = useApp.getState();
  return {
    jobs: Object.values(jobs)
      .filter(({ deletedAt }) => deletedAt === null)
      .map(({ job }) => job),
    kit: kit.kit,
  };
}

const today = (): string => new Date().toISOString().slice(0, 10);

export function saveEverything(): void {
  const { jobs, kit } = everything();
  saveFile(`elbow-room ${today()}.json`, 'application/json', writeArchive(jobs, kit));
}

/** Everything and its pictures, as a zip. */
export async function saveEverythingZipped(): Promise<void> {
  const { jobs, kit } = everything();
  const photos: { id: string; picture: Blob }[] = [];
  const ofJobs = jobs.flatMap(({ measured, checks }) => [
    ...Object.values(measured).map(({ photo }) => photo),
    ...Object.values(checks).flatMap((check) => check?.photos ?? []),
  ]);
  for (const id of new Set([...kit.machines.flatMap((machine) => machine.photos), ...ofJobs])) {
    const picture = await readPhoto(id);
    if (picture) photos.push({ id, picture });
  }
  saveFile(
    `elbow-room ${today()}.zip`,
    'application/zip',
    await filesBeside().packZip(writeArchive(jobs, kit), photos),
  );
}

/** What is stored here and how far it may grow, bytes; null where the browser does not tell. */
export async function storageUse(): Promise<{ used: number; quota: number } | null> {
  if (typeof navigator === 'undefined' || !navigator.storage?.estimate) return null;
  const { usage, quota } = await navigator.storage.estimate();
  return usage === undefined || quota === undefined ? null : { used: usage, quota };
}

/** Asks the browser not to clear what is stored when its disk runs short. */
export async function askToStay(): Promise<void> {
  try {
    await navigator.storage?.persist?.();
  } catch {
    // It may refuse; what is stored is stored all the same.
  }
}
