import { deflateSync, inflateSync, strFromU8, strToU8 } from 'fflate';
import { ok, refuse, type Result } from '../units/result';
import { CODE_WORDS_1 } from './codeWords';

/**
 * A job as codes that a camera reads: its file pressed together, written in the letters that such codes hold best (RFC 9285), and cut into parts that
 * a phone still reads off a screen or a page.
 */

const MARK = 'ELBOW1';
const WORDS = strToU8(CODE_WORDS_1);
/** Characters of one part: a code of some 105 by 105 squares. */
const PART = 960;
/** Nothing that is read swells past this. */
const MOST_BYTES = 4_000_000;
const MOST_PARTS = 60;
const LETTERS = '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ $%*+-./:';

/** Two bytes as three letters, a last one as two (RFC 9285). */
export function base45(bytes: Uint8Array): string {
  let text = '';
  for (let n = 0; n < bytes.length; n += 2) {
    const pair = n + 1 < bytes.length;
    let value = pair ? 256 * (bytes[n] ?? 0) + (bytes[n + 1] ?? 0) : (bytes[n] ?? 0);
    for (let k = 0; k < (pair ? 3 : 2); k++) {
      text += LETTERS[value % 45] ?? '';
      value = Math.floor(value / 45);
    }
  }
  return text;
}

/** The bytes again; null where it is none. */
export function fromBase45(text: string): Uint8Array | null {
  const bytes: number[] = [];
  for (let n = 0; n < text.length; n += 3) {
    const group = [...text.slice(n, n + 3)].map((letter) => LETTERS.indexOf(letter));
    if (group.length < 2 || group.includes(-1)) return null;
    const value = group.reduceRight((sum, digit) => 45 * sum + digit, 0);
    if (value > (group.length === 3 ? 0xffff : 0xff)) return null;
    if (group.length === 3) bytes.push(value >> 8);
    bytes.push(value & 0xff);
  }
  return Uint8Array.from(bytes);
}

/** A short sum by which parts of one job are told from those of another (FNV-1a, 24 bits of it). */
function sumOf(text: string): string {
  let hash = 0x811c9dc5;
  for (let n = 0; n < text.length; n++) hash = Math.imul(hash ^ text.charCodeAt(n), 0x01000193) >>> 0;
  return (hash & 0xffffff).toString(16).toUpperCase().padStart(6, '0');
}

/** The text of a job file as the words of its codes, in turn. */
export function codesOf(file: string): string[] {
  const text = base45(
    deflateSync(strToU8(JSON.stringify(JSON.parse(file))), { level: 9, dictionary: WORDS }),
  );
  const of = Math.max(1, Math.ceil(text.length / PART));
  const sum = sumOf(text);
  return Array.from(
    { length: of },
    (_, n) => `${MARK}/${sum}/${n + 1}/${of}/${text.slice(n * PART, (n + 1) * PART)}`,
  );
}

/** Codes of one job that have been read so far. */
export interface ReadCodes {
  sum: string;
  of: number;
  parts: ReadonlyMap<number, string>;
}

/** Takes a code to those read before; a code of another job begins anew. @returns a message where it is none of ours */
export function takeCode(before: ReadCodes | null, code: string): Result<ReadCodes> {
  const [, sum = '', part = '', of = '', text = ''] =
    /^ELBOW1\/([0-9A-F]{6})\/(\d{1,2})\/(\d{1,2})\/([0-9A-Z $%*+\-./:]+)$/.exec(code) ?? [];
  const [n, all] = [Number(part), Number(of)];
  if (sum === '' || n < 1 || n > all || all > MOST_PARTS)
    return refuse('That is a code, but not of a job of this app. Take the one on its sheet.');
  const same = before !== null && before.sum === sum && before.of === all;
  return ok({ sum, of: all, parts: new Map([...(same ? before.parts : []), [n, text]]) });
}

/** The job file that codes hold; null while some are missing. */
export function fileOf({ sum, of, parts }: ReadCodes): Result<string> | null {
  if (parts.size < of) return null;
  const text = Array.from({ length: of }, (_, n) => parts.get(n + 1) ?? '').join('');
  const broken = refuse('The codes were read, but something in them is broken. Take the picture again.');
  if (sumOf(text) !== sum) return broken;
  const bytes = fromBase45(text);
  if (!bytes) return broken;
  try {
    const file = inflateSync(bytes, { out: new Uint8Array(MOST_BYTES), dictionary: WORDS });
    return ok(strFromU8(file));
  } catch {
    return broken;
  }
}
