import { writeArchive } from '@core/formats/write';
import type { Brought } from '@core/formats/merge';
import { refuse, ok, type Result } from '@core/units/result';
import { putPhoto, readPhoto } from './photos';
import { useApp } from './store';
import { checks } from './late';
import type { Packed } from './zip';

/** Hands contents to the person as a file. */
export function saveFile(name: string, type: string, contents: string | Uint8Array): void {
  const part: BlobPart = typeof contents === 'string' ? contents : new Uint8Array(contents);
  const url = URL.createObjectURL(new Blob([part], { type }));
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

const MOST_BYTES = 210_000_000;

/** Reads whatever file of the app was chosen: text, or a zip with pictures. */
export async function readChosen(file: File): Promise<Result<Packed>> {
  if (file.size > MOST_BYTES) return refuse('The file is over 200 MB.');
  const bytes = new Uint8Array(await file.arrayBuffer());
  const isZip = bytes[0] === 0x50 && bytes[1] === 0x4b;
  if (isZip) return (await checks()).unpackZip(bytes);
  const { readFile } = await checks();
  const read = readFile(new TextDecoder().decode(bytes));
  return read.ok ? ok({ ...read.value, photos: new Map() }) : read;
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

/** Everything and the nameplate pictures, as a zip. */
export async function saveEverythingZipped(): Promise<void> {
  const { jobs, kit } = everything();
  const photos = new Map<string, Uint8Array>();
  for (const id of kit.machines.flatMap((machine) => machine.photos)) {
    const picture = await readPhoto(id);
    if (picture) photos.set(id, new Uint8Array(await picture.arrayBuffer()));
  }
  saveFile(
    `elbow-room ${today()}.zip`,
    'application/zip',
    await (await checks()).packZip(writeArchive(jobs, kit), photos),
  );
}

/** Keeps the pictures that a zip brought. */
export async function keepBroughtPhotos(photos: Packed['photos']): Promise<void> {
  for (const [id, bytes] of photos)
    await putPhoto(id, new Blob([new Uint8Array(bytes)], { type: 'image/jpeg' }));
}
