import { openDB, type IDBPDatabase } from 'idb';
import { isFull } from './storage';

/**
 * A little room held back. A browser's database gives the room of deleted records back only when it tidies up; a file in it goes at
 * once. So a few empty files lie by, and one is let go when storage is full or something was deleted to make room.
 */
const DATABASE = 'elbow-room-reserve';
const SHELF = 'pieces';
/** More than a browser's database overshoots and swells by while it tidies up: some four megabytes were seen. */
const PIECES = 8;
const PIECE_bytes = 1024 * 1024;
const PROBE_chars = 512 * 1024;

function database(): Promise<IDBPDatabase> {
  return openDB(DATABASE, 1, {
    upgrade(db) {
      db.createObjectStore(SHELF);
    },
  });
}

/** Lays the reserve by, as far as there is room for it. */
export async function layReserve(): Promise<void> {
  try {
    const db = await database();
    const there = await db.getAllKeys(SHELF);
    for (let n = 0; n < PIECES; n++) {
      if (there.includes(n)) continue;
      await db.put(SHELF, new Blob([new Uint8Array(PIECE_bytes)]), n);
    }
    db.close();
  } catch {
    // No room, or no database at all: then there is no reserve.
  }
}

/** Whether there is no room left for a handful of jobs: as much is tried. The storage of records does not say why it refuses. */
export async function hasNoRoom(): Promise<boolean> {
  try {
    const db = await database();
    try {
      await db.put(SHELF, ' '.repeat(PROBE_chars), 'word');
      await db.delete(SHELF, 'word');
      return false;
    } finally {
      db.close();
    }
  } catch (error) {
    return isFull(error);
  }
}

/** Lets a piece of the reserve go. @returns whether there was one */
export async function giveReserve(): Promise<boolean> {
  try {
    const db = await database();
    const piece = (await db.getAllKeys(SHELF)).find((key) => typeof key === 'number');
    if (piece !== undefined) await db.delete(SHELF, piece);
    db.close();
    return piece !== undefined;
  } catch {
    return false;
  }
}
