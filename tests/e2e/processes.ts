import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { PATIENCE_ms } from './patience';

/** Processes of this machine, found, ended and waited for. */

/** A process and all that it started, by what stands in its command; none where there is no /proc. */
export function processesOf(word: string): number[] {
  if (!existsSync('/proc')) return [];
  const pids = readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .map(Number);
  const read = (pid: number, what: string) => {
    try {
      return readFileSync(`/proc/${pid}/${what}`, 'utf8');
    } catch {
      return '';
    }
  };
  const parents = new Map(pids.map((pid) => [pid, Number(/\) \S (\d+)/.exec(read(pid, 'stat'))?.[1] ?? 0)]));
  const first = pids.filter((pid) => {
    const words = read(pid, 'cmdline').split('\0');
    return words.includes(word) && words.some((one) => one.includes('chromium'));
  });
  const isBelow = (pid: number): boolean =>
    first.includes(pid) || (parents.has(pid) && isBelow(parents.get(pid) ?? 0));
  return pids.filter((pid) => isBelow(pid));
}

export function killNow(pid: number): void {
  try {
    process.kill(pid, 'SIGKILL');
  } catch {
    // It went with its parent.
  }
}

export function isAlive(pid: number): boolean {
  try {
    return !/\) Z /.test(readFileSync(`/proc/${pid}/stat`, 'utf8'));
  } catch {
    return false;
  }
}

/** Waits until something is so, looking every few milliseconds. */
export async function waitUntil(isSo: () => boolean): Promise<void> {
  const end = Date.now() + PATIENCE_ms;
  while (!isSo()) {
    if (Date.now() > end) throw new Error('the browser does not die');
    await new Promise((go) => setTimeout(go, 10));
  }
}
