import { TAB } from './app';

/** What one window tells the others: keys that were written. */
interface Told {
  from: string;
  keys: readonly string[];
}

let channel: BroadcastChannel | null = null;

const open = (): BroadcastChannel | null =>
  typeof BroadcastChannel === 'undefined' ? null : (channel ??= new BroadcastChannel('elbow-room'));

/** Tells the other windows what was written. */
export function announce(keys: readonly string[]): void {
  const told: Told = { from: TAB, keys };
  open()?.postMessage(told);
}

/** Hears what other windows wrote. Answers how to stop. */
export function hear(onKeys: (keys: readonly string[]) => void): () => void {
  const heard = open();
  if (!heard) return () => undefined;
  const listen = ({ data }: MessageEvent<Told>) => {
    if (data?.from !== TAB && Array.isArray(data?.keys)) onKeys(data.keys);
  };
  heard.addEventListener('message', listen);
  return () => {
    heard.removeEventListener('message', listen);
    heard.close();
    channel = null;
  };
}
