import {
  BlobReader,
  BlobWriter,
  configure,
  TextReader,
  ZipReader,
  ZipWriter,
  type FileEntry,
} from '@zip.js/zip.js';
import { MOST_TEXT } from '@core/formats/jobFile';
import { ok, refuse, type Result } from '@core/units/result';

const RECORDS = 'elbow-room.json';
const PHOTO_NAME = /^photos\/([A-Za-z0-9_-]{1,120})\.jpg$/;
/** A picture larger than this is none that the app made, bytes. */
const MOST_PHOTO = 20_000_000;
/** Text presses to a twentieth or so; what swells beyond this was made to. */
const MOST_RATIO = 400;
/** Entries looked through at the most. */
const MOST_ENTRIES = 20_000;

/** A zip that was opened: the text of its records, and the pictures in it, by the id each goes by there. */
export interface OpenedZip {
  records: string;
  photos: string[];
}

// A worker of its own it is in already.
configure({ useWebWorkers: false });

/** Opens a zip as far as its records. Nothing outside the two known places is looked at, and nothing swells past what it said it would. */
export async function openZip(file: Blob): Promise<Result<OpenedZip>> {
  const read = await entriesOf(file);
  if (!read.ok) return read;
  const entries = read.value;
  const records = entries.find(({ filename }) => filename === RECORDS);
  if (!records) return refuse(`The zip holds no ${RECORDS}. It is not one of ours.`);
  const text = await contentsOf(records, MOST_TEXT);
  if (!text.ok) return refuse(`${RECORDS}: ${text.message}`);
  return ok({
    records: new TextDecoder().decode(text.value),
    photos: entries.flatMap(({ filename }) => PHOTO_NAME.exec(filename)?.[1] ?? []),
  });
}

/** Reads the pictures of a zip one by one. @returns how many could not be read, and were left out */
export async function eachPhoto(
  file: Blob,
  onPhoto: (id: string, picture: Uint8Array) => Promise<void>,
): Promise<number> {
  const read = await entriesOf(file);
  if (!read.ok) return 0;
  let left = 0;
  for (const entry of read.value) {
    const id = PHOTO_NAME.exec(entry.filename)?.[1];
    if (id === undefined) continue;
    const contents = await contentsOf(entry, MOST_PHOTO);
    if (contents.ok) await onPhoto(id, contents.value);
    else left += 1;
  }
  return left;
}

async function entriesOf(file: Blob): Promise<Result<FileEntry[]>> {
  try {
    const found: FileEntry[] = [];
    for await (const entry of new ZipReader(new BlobReader(file)).getEntriesGenerator()) {
      if (found.length >= MOST_ENTRIES) return refuse('The zip holds too many files. It is not one of ours.');
      if (!entry.directory) found.push(entry);
    }
    return ok(found);
  } catch {
    return refuse('The zip is broken or cut short. Export it again.');
  }
}

/** What an entry holds: bounded while it is opened, and held against its check sum. */
async function contentsOf(entry: FileEntry, most: number): Promise<Result<Uint8Array>> {
  const { uncompressedSize: size, compressedSize } = entry;
  if (size > most) return refuse(`it is over ${Math.round(most / 1e6)} MB.`);
  if (size > MOST_RATIO * Math.max(1, compressedSize) && size > 1_000_000)
    return refuse('it swells to far more than our files do.');
  const contents = new Uint8Array(size);
  let filled = 0;
  const sink = new WritableStream<Uint8Array>({
    write(chunk) {
      if (filled + chunk.length > size) throw new Error('swells past what it said it would');
      contents.set(chunk, filled);
      filled += chunk.length;
    },
  });
  try {
    await entry.getData(sink, { checkSignature: true, useWebWorkers: false });
  } catch {
    return refuse('it is damaged: its check sum or size is wrong. Export it again.');
  }
  return filled === size ? ok(contents) : refuse('it is cut short. Export it again.');
}

/** Packs an archive and its pictures. Pictures are pressed already and go in as they are. */
export async function packZip(
  archive: string,
  photos: Iterable<{ id: string; picture: Blob }>,
): Promise<Blob> {
  const writer = new ZipWriter(new BlobWriter('application/zip'));
  await writer.add(RECORDS, new TextReader(archive));
  for (const { id, picture } of photos)
    await writer.add(`photos/${id}.jpg`, new BlobReader(picture), { level: 0 });
  return writer.close();
}
