import { nanoid } from 'nanoid/non-secure';
import { ok, refuse, type Result } from '@core/units/result';

const DATABASE = 'elbow-room-photos';
const SHELF = 'photos';
/** Longest side kept, px: enough to read a nameplate by. */
const LONGEST_px = 1600;
const QUALITY = 0.82;

/** Pictures are kept apart from the records, in the browser's own database: they are too big for the other storage. */
async function database() {
  const { openDB } = await import('idb');
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

/** Scales a picture down and keeps it; answers its id. */
export async function keepPhoto(picture: Blob): Promise<Result<string>> {
  try {
    const id = nanoid(12);
    await putPhoto(id, await scaled(picture));
    return ok(id);
  } catch (error) {
    return refuse(
      /quota/i.test(String((error as Error)?.name))
        ? 'Storage is full: the picture is not kept. Delete some and try again.'
        : 'That file cannot be read as a picture. Choose a JPEG or PNG.',
    );
  }
}

/** Keeps a picture under an id of its own, as it is. */
export const putPhoto = async (id: string, picture: Blob): Promise<void> => {
  const db = await database();
  await db.put(SHELF, picture, id);
  db.close();
};

/** A kept picture; null where it is not on this device. */
export async function readPhoto(id: string): Promise<Blob | null> {
  const db = await database();
  const found: unknown = await db.get(SHELF, id);
  db.close();
  return found instanceof Blob ? found : null;
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
