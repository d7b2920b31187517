import { readFile } from '@core/formats/files';
import type { Brought } from '@core/formats/merge';
import { MOST_TEXT } from '@core/formats/jobFile';
import { ok, refuse, type Result } from '@core/units/result';

const RECORDS = 'elbow-room.json';
const PHOTO_NAME = /^photos\/([A-Za-z0-9_-]{4,40})\.jpg$/;
/** A zip larger than this, or swelling to more than twice it, is refused. */
const MOST_BYTES = 200_000_000;

export interface Packed extends Brought {
  photos: ReadonlyMap<string, Uint8Array>;
}

/** Packs an archive and its pictures. Pictures are pressed already and go in as they are. */
export async function packZip(archive: string, photos: ReadonlyMap<string, Uint8Array>): Promise<Uint8Array> {
  const { strToU8, zipSync } = await import('fflate');
  const files = Object.fromEntries(
    [...photos].map(([id, bytes]) => [`photos/${id}.jpg`, [bytes, { level: 0 as const }] as const]),
  );
  return zipSync({ [RECORDS]: strToU8(archive), ...files } as Parameters<typeof zipSync>[0]);
}

/** Unpacks one; a message names what is wrong, and nothing outside the two known places is looked at. */
export async function unpackZip(bytes: Uint8Array): Promise<Result<Packed>> {
  if (bytes.length > MOST_BYTES) return refuse('The zip is over 200 MB. Export with fewer pictures.');
  const { strFromU8, unzipSync } = await import('fflate');
  let swollen = 0;
  let files: Record<string, Uint8Array>;
  try {
    files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        const wanted = name === RECORDS ? originalSize <= MOST_TEXT : PHOTO_NAME.test(name);
        if (wanted) swollen += originalSize;
        return wanted && swollen <= 2 * MOST_BYTES;
      },
    });
  } catch {
    return refuse('The zip is broken or cut short. Export it again.');
  }
  if (swollen > 2 * MOST_BYTES) return refuse('The zip swells to more than 400 MB. It is not one of ours.');
  const records = files[RECORDS];
  if (!records) return refuse(`The zip holds no ${RECORDS}. It is not one of ours.`);
  const read = readFile(strFromU8(records));
  if (!read.ok) return refuse(`${RECORDS}: ${read.message}`);
  const photos = new Map<string, Uint8Array>();
  for (const [name, contents] of Object.entries(files)) {
    const id = PHOTO_NAME.exec(name)?.[1];
    if (id !== undefined) photos.set(id, contents);
  }
  return ok({ ...read.value, photos });
}
