import { xoroshiro128plus } from 'pure-rand';

/** Sounds of a shop, of our own making: seeded, so that a test hears the same every time. */
export const RATE_Hz = 16000;

/** Numbers from 0 to 1. */
export function dice(seed: number): () => number {
  const rng = xoroshiro128plus(seed);
  return () => ((rng as unknown as { unsafeNext(): number }).unsafeNext() >>> 0) / 2 ** 32;
}

const PERIOD = 4096;
/** One period of harmonics added up, to be read by its phase. */
function tonesOf(count: number, falls: number): (turns: number) => number {
  const table = Float64Array.from({ length: PERIOD }, (_, n) => {
    let sum = 0;
    for (let k = 1; k <= count; k++) sum += Math.sin((2 * Math.PI * k * n) / PERIOD) / k ** falls;
    return sum;
  });
  return (turns) => table[Math.floor((turns - Math.floor(turns)) * PERIOD)] ?? 0;
}

type Sound = (n: number) => number;

/** Noise between two corners: a first-order high pass and low pass on white noise. */
function band(roll: () => number, low_Hz: number, high_Hz: number): Sound {
  const a = Math.exp((-2 * Math.PI * high_Hz) / RATE_Hz);
  const b = Math.exp((-2 * Math.PI * low_Hz) / RATE_Hz);
  let [smooth, base] = [0, 0];
  return () => {
    smooth = a * smooth + (1 - a) * (2 * roll() - 1);
    base = b * base + (1 - b) * smooth;
    return smooth - base;
  };
}

/** Fans, a road, somebody far off. */
export function shop(seed: number): Sound {
  const roll = dice(seed);
  const [low, high] = [band(roll, 40, 400), band(roll, 400, 6000)];
  return (n) => 0.03 * low(n) + 0.004 * high(n) + 0.003 * Math.sin((2 * Math.PI * 50 * n) / RATE_Hz);
}

/** An arc: hiss with the crackle of drops, its hum on AC, and gaps where drops touch. */
export function arc(seed: number, loud: number, hum: boolean): Sound {
  const roll = dice(seed);
  const [hiss, crackle] = [band(roll, 700, 7900), band(roll, 1500, 7900)];
  let [drop, gap] = [0, 0];
  return (n) => {
    if (roll() < 70 / RATE_Hz) drop = 1;
    if (gap === 0 && roll() < 4 / RATE_Hz) gap = Math.round(0.05 * RATE_Hz);
    drop *= Math.exp(-1 / (0.004 * RATE_Hz));
    if (gap > 0) gap -= 1;
    const wave = hum ? 0.25 * Math.sin((2 * Math.PI * 100 * n) / RATE_Hz) : 0;
    return loud * ((gap > 0 ? 0.15 : 1) * (0.8 * hiss(n) + 2 * drop * crackle(n)) + 0.2 * wave);
  };
}

/** A grinder: its gears sing over the grit. */
export function grinder(seed: number, loud: number): Sound {
  const roll = dice(seed);
  const grit = band(roll, 500, 7900);
  const gear_Hz = 420 + 260 * roll();
  const gears = tonesOf(8, 0.7);
  let turns = 0;
  return (n) => {
    turns += (gear_Hz * (1 + 0.004 * Math.sin((2 * Math.PI * 0.7 * n) / RATE_Hz))) / RATE_Hz;
    return loud * (0.35 * gears(turns) + 0.5 * grit(n));
  };
}

/** A hammer on plate, so often a second: a ring that dies away. */
export function hammer(seed: number, loud: number): Sound {
  const roll = dice(seed);
  const clack = band(roll, 800, 7900);
  const every = Math.round((0.45 + 0.6 * roll()) * RATE_Hz);
  return (n) => {
    const since = (n % every) / RATE_Hz;
    return (
      loud *
      (Math.exp(-since / 0.03) * 3 * clack(n) +
        0.5 * Math.exp(-since / 0.08) * Math.sin(2 * Math.PI * 2700 * since))
    );
  };
}

/** A compressor: thuds and a roar that lie low. */
export function compressor(seed: number, loud: number): Sound {
  const roll = dice(seed);
  const roar = band(roll, 60, 500);
  return (n) => loud * (2 * roar(n) + 0.4 * Math.max(0, Math.sin((2 * Math.PI * 14 * n) / RATE_Hz)) ** 4);
}

/** Somebody talks on the radio: a voice with its breaks. */
export function radio(seed: number, loud: number): Sound {
  const roll = dice(seed);
  const breath = band(roll, 1500, 5000);
  const voice = tonesOf(18, 1);
  let [turns, pitch_Hz, said] = [0, 140, 0];
  return (n) => {
    if (n % Math.round(0.18 * RATE_Hz) === 0) [pitch_Hz, said] = [100 + 90 * roll(), roll()];
    turns += pitch_Hz / RATE_Hz;
    const syllable = Math.max(0, Math.sin((2 * Math.PI * 4.2 * n) / RATE_Hz)) * (said > 0.25 ? 1 : 0.05);
    // An s now and then hisses, and not for long.
    return loud * syllable * (0.5 * voice(turns) + (said > 0.8 ? 0.8 : 0.1) * breath(n));
  };
}

/** A sound as a WAV file: one channel, 16 bits. */
export function wavOf(sound: Sound, seconds: number): Buffer {
  const count = Math.round(seconds * RATE_Hz);
  const file = Buffer.alloc(44 + 2 * count);
  file.write('RIFF', 0);
  file.writeUInt32LE(36 + 2 * count, 4);
  file.write('WAVEfmt ', 8);
  file.writeUInt32LE(16, 16);
  file.writeUInt16LE(1, 20);
  file.writeUInt16LE(1, 22);
  file.writeUInt32LE(RATE_Hz, 24);
  file.writeUInt32LE(2 * RATE_Hz, 28);
  file.writeUInt16LE(2, 32);
  file.writeUInt16LE(16, 34);
  file.write('data', 36);
  file.writeUInt32LE(2 * count, 40);
  for (let n = 0; n < count; n++)
    file.writeInt16LE(Math.round(32767 * Math.max(-1, Math.min(1, sound(n)))), 44 + 2 * n);
  return file;
}
