import { openDB } from 'idb';
import { ok, refuse, type Result } from '@core/units/result';
import { isFull } from './storage';

const DATABASE = 'elbow-room-photos';
const SHELF = 'photos';
/** Longest side kept, px: enough to read a nameplate by. */
const LONGEST_px = 1600;
const QUALITY = 0.82;
/** From here on a picture that cannot be read is likely too large to be. */
const HUGE_bytes = 20e6;

/** Pictures are kept apart from the records, in the browser's own database: they are too big for the other storage. */
function database() {
  return openDB(DATABASE, 1, {
    upgrade(db) {
      db.createObjectStore(SHELF);
    },
  });
}

/** Lets the person choose or take a picture. */
export async function choosePhoto(): Promise<Blob | null> {
  const { getDocumentAsync } = await import('expo-document-picker');
  const chosen = await getDocumentAsync({ type: 'image/*', copyToCacheDirectory: false });
  return chosen.canceled ? null : (chosen.assets[0]?.file ?? null);
}

/** Scales a picture down and keeps it; answers its id. @param makeRoom asked for room where there is none left */
export async function keepPhoto(
  picture: Blob,
  makeRoom: () => Promise<boolean> = () => Promise.resolve(false),
): Promise<Result<string>> {
  if (picture.size === 0) return refuse('That file is empty: nothing in it to show. Choose a JPEG or PNG.');
  try {
    return ok(await putPhoto(await scaled(picture)));
  } catch (error) {
    if (isFull(error) && (await makeRoom())) return keepPhoto(picture);
    return refuse(
      isFull(error)
        ? 'Storage is full: the picture is not kept. Delete some and try again.'
        : picture.size > HUGE_bytes
          ? 'That picture is too large for this phone to read. Take it again with a smaller size set in the camera.'
          : 'That file cannot be read as a picture. Choose a JPEG or PNG.',
    );
  }
}

const ID_LENGTH = 40;

/** The id of a picture: made of what is in it, so that no picture can take another's place. */
async function photoId(bytes: Uint8Array): Promise<string> {
  const [{ sha256 }, { bytesToHex }] = await Promise.all([
    import('@noble/hashes/sha2.js'),
    import('@noble/hashes/utils.js'),
  ]);
  return bytesToHex(sha256(bytes)).slice(0, ID_LENGTH);
}

/** Keeps a picture as it is. @returns its id */
export async function putPhoto(picture: Blob): Promise<string> {
  const id = await photoId(new Uint8Array(await picture.arrayBuffer()));
  const db = await database();
  try {
    if ((await db.getKey(SHELF, id)) === undefined) await db.put(SHELF, picture, id);
  } finally {
    db.close();
  }
  return id;
}

/**
 * Takes out pictures that nothing names any more.
 * @param named a text in which the id of every picture stands that is to stay
 * @returns how many went
 */
export async function sweepPhotos(named: string): Promise<number> {
  const db = await database();
  try {
    const left = (await db.getAllKeys(SHELF)).filter((id) => !named.includes(String(id)));
    for (const id of left) await db.delete(SHELF, id);
    return left.length;
  } finally {
    db.close();
  }
}

/** A kept picture; null where it is not on this device. */
export async function readPhoto(id: string): Promise<Blob | null> {
  const db = await database();
  const found: unknown = await db.get(SHELF, id);
  db.close();
  return found instanceof Blob ? found : null;
}

/** How large a kept picture is, px; null where it is not on this device. */
export async function photoSize(id: string): Promise<{ width_px: number; height_px: number } | null> {
  const blob = await readPhoto(id);
  if (!blob) return null;
  const bitmap = await createImageBitmap(blob);
  const size = { width_px: bitmap.width, height_px: bitmap.height };
  bitmap.close();
  return size;
}

async function scaled(picture: Blob): Promise<Blob> {
  const bitmap = await createImageBitmap(picture);
  const share = Math.min(1, LONGEST_px / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(bitmap.width * share);
  canvas.height = Math.round(bitmap.height * share);
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('no picture'))), 'image/jpeg', QUALITY),
  );
}
