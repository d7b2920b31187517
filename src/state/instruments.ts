import type { About } from '@core/formats/instrument';
import type { Listening } from '@core/instruments';
import { BELIEVED } from '@core/data/instruments';
import { ok, refuse, type Result } from '@core/units/result';
import type { Settings } from './record';
import { newId } from './ids';
import { changeSettings, useApp } from './store';

/** An instrument that this phone trusts. */
export type Instrument = Settings['instruments'][number];

const core = () => import('@core/instruments');

/** An address as it is typed or read from a label, as one that can be asked; a message where it is none. */
export function addressOf(typed: string): Result<string> {
  const text = typed.trim().replace(/\/+(about|reading|live)?\/*$/, '');
  const whole = text.startsWith('/') || /^https?:\/\//i.test(text) ? text : `http://${text}`;
  const here = globalThis.location.origin;
  if (text === '' || /\s/.test(text) || !URL.canParse(whole, here))
    return refuse('Type the address on its label, such as 192.168.1.20:8090 or /instruments/scale.');
  const { protocol, href, origin } = new URL(whole, here);
  if (protocol !== 'http:' && protocol !== 'https:')
    return refuse('An address begins with http:// or https://.');
  return ok(origin === here ? href.slice(here.length).replace(/\/$/, '') : href.replace(/\/$/, ''));
}

/** How long an answer is waited for, ms. */
const PATIENCE_ms = 5_000;

/** The text at an address, no longer than a reading may be. */
async function textAt(address: string): Promise<string> {
  const response = await fetch(address, {
    signal: AbortSignal.timeout(PATIENCE_ms),
    credentials: 'omit',
    cache: 'no-store',
    headers: { accept: 'application/json' },
  });
  if (!response.ok || !response.body) throw new Error(`answered ${response.status}`);
  const reader = response.body.getReader();
  const decoder = new TextDecoder();
  let text = '';
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return text + decoder.decode();
    text += decoder.decode(value, { stream: true });
    if (text.length > BELIEVED.longest) {
      void reader.cancel();
      return text;
    }
  }
}

/** Asks what answers at an address. */
export async function meet(address: string): Promise<Result<About>> {
  const text = await textAt(`${address}/about`).catch(() => null);
  if (text === null)
    return refuse(
      'Nothing answers there. Is it switched on, and on this network? One that is not of this app’s own server has to be named there first (INSTRUMENTS).',
    );
  return (await core()).readAbout(text);
}

/** Trusts an instrument from now on; one of the same number takes the old one's place. */
export function trust(address: string, { kind, name, serial }: About): void {
  const others = useApp.getState().settings.instruments.filter((one) => one.serial !== serial);
  changeSettings({ instruments: [...others.slice(-19), { id: newId(), address, kind, name, serial }] });
}

/** Trusts it no more. */
export const forget = (id: string): void =>
  changeSettings({ instruments: useApp.getState().settings.instruments.filter((one) => one.id !== id) });

/** What is heard of an instrument, for all who look at it. */
export interface Link {
  about: About;
  heard: Listening;
}

interface Wire {
  link: Link;
  lookers: Set<() => void>;
  /** Told of every reading, as it comes. */
  ears: Set<(link: Link) => void>;
  close: () => void;
}
const wires = new Map<string, Wire>();

/** Looked at no oftener than a hand can read, ms. */
const LOOK_ms = 250;
/** One that would not be listened to is asked or tried again after so long, ms. */
const AGAIN_ms = 1_000;

/** Keeps a wire to an instrument while anybody looks at it or listens. */
function open(instrument: Instrument): Wire {
  const { id, address, kind, name, serial } = instrument;
  const wire: Wire = {
    link: {
      about: { format: 'elbow-room-instrument', version: 1, kind, name, serial, every_ms: AGAIN_ms },
      heard: { recent: [], problem: null, restarts: 0, refused: 0, thinned: 0 },
    },
    lookers: new Set(),
    ears: new Set(),
    close: () => undefined,
  };
  wires.set(id, wire);
  let gone = false;
  let source: EventSource | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let looked_ms = 0;
  let later: ReturnType<typeof setTimeout> | undefined;
  const show = () => {
    clearTimeout(later);
    const wait_ms = Math.max(0, looked_ms + LOOK_ms - Date.now());
    later = setTimeout(() => {
      looked_ms = Date.now();
      wire.lookers.forEach((look) => look());
    }, wait_ms);
  };
  const put = (heard: Listening) => {
    if (gone || heard === wire.link.heard) return;
    wire.link = { ...wire.link, heard };
    show();
  };
  const begin = async () => {
    const { hear } = await core();
    const take = (text: string) => {
      const before = wire.link.heard;
      put(hear(before, wire.link.about, text, Date.now()));
      if (wire.link.heard.recent.at(-1) !== before.recent.at(-1)) wire.ears.forEach((ear) => ear(wire.link));
    };
    const again = (work: () => void) => {
      clearTimeout(timer);
      if (!gone) timer = setTimeout(work, AGAIN_ms);
    };
    /** Asked once a second: for one that cannot be listened to, or floods. */
    const ask = () => {
      void textAt(`${address}/reading`)
        .then(take)
        .catch(() => show())
        .finally(() => again(ask));
    };
    const listen = () => {
      let [second, count, long] = [0, 0, 0];
      const stream = new EventSource(`${address}/live`);
      source = stream;
      stream.addEventListener('reading', ({ data }: MessageEvent<string>) => {
        const now = Math.floor(Date.now() / 1000);
        [second, count] = now === second ? [second, count + 1] : [now, 1];
        if (data.length > BELIEVED.longest) long += 1;
        if (count > BELIEVED.most_per_s || long > 2) {
          stream.close();
          return ask();
        }
        take(data);
      });
      stream.onerror = () => {
        show();
        // It tries again by itself but where it was turned away.
        if (stream.readyState === EventSource.CLOSED) again(listen);
      };
    };
    const met = await meet(address);
    if (gone) return;
    if (!met.ok) {
      put({ ...wire.link.heard, problem: met.message });
      return again(() => void begin());
    }
    if (met.value.serial !== serial || met.value.kind !== kind) {
      put({
        ...wire.link.heard,
        problem: `Another instrument answers there now: ${met.value.name}, ${met.value.serial}. Take this one out and add that.`,
      });
      return again(() => void begin());
    }
    wire.link = { about: met.value, heard: { ...wire.link.heard, problem: null } };
    listen();
  };
  void begin();
  wire.close = () => {
    gone = true;
    source?.close();
    clearTimeout(timer);
    clearTimeout(later);
    wires.delete(id);
  };
  return wire;
}

/** Looks at an instrument, or listens to every reading of it, until what it answers is called. */
export function lookAt(instrument: Instrument, look: () => void, ear?: (link: Link) => void): () => void {
  const wire = wires.get(instrument.id) ?? open(instrument);
  const looker = () => look();
  wire.lookers.add(looker);
  if (ear) wire.ears.add(ear);
  return () => {
    wire.lookers.delete(looker);
    if (ear) wire.ears.delete(ear);
    if (wire.lookers.size === 0) wire.close();
  };
}

/** What is heard of it by now; null while nobody looks. */
export const linkOf = (id: string): Link | null => wires.get(id)?.link ?? null;
