import FFT from 'fft.js';
import { EAR } from '../data/ear';

/**
 * Hears the arc: broad noise that stands over a floor learned in a few quiet seconds, without the tones of a grinder, longer than the blow of a
 * hammer and not as low as a compressor. It is given one short piece of sound after another and keeps none of them.
 */

/** What it makes of the sound so far. */
export interface Heard {
  /** 'learning': the floor is not known yet. */
  state: 'learning' | 'quiet' | 'arc';
  /** When the arc that burns now began, and when it was last heard, s of the sound's own clock. */
  from_s: number | null;
  last_s: number | null;
  /** How sure, 0 to 1. */
  sure: number;
}

/** An arc that was heard from beginning to end. */
export interface HeardArc {
  from_s: number;
  to_s: number;
  sure: number;
}

interface Frame {
  at_s: number;
  /** 0 to 1: how much like an arc. */
  like: number;
}

const bandOf = (from_Hz: number, to_Hz: number, rate_Hz: number, size: number): [number, number] => [
  Math.max(1, Math.round((from_Hz * size) / rate_Hz)),
  Math.min(size / 2 - 1, Math.round((to_Hz * size) / rate_Hz)),
];

const dB = (power: number): number => 10 * Math.log10(power + 1e-14);
/** 0 under `low`, 1 over `high`, straight between. */
const ramp = (value: number, low: number, high: number): number =>
  Math.min(1, Math.max(0, (value - low) / (high - low)));

export class Ear {
  private readonly fft: FFT;
  private readonly window: Float64Array;
  private readonly spectrum: number[];
  private readonly logs: Float64Array;
  private readonly floor: number[] = [];
  private begun_s: number | null = null;
  private floor_dB: number | null = null;
  private frames: Frame[] = [];
  private from_s: number | null = null;
  private last_s: number | null = null;
  private sums = { like: 0, count: 0 };

  /** @param rate_Hz samples a second, @param size samples in one piece: a power of two, some 40 to 70 ms */
  constructor(
    private readonly rate_Hz: number,
    private readonly size: number,
  ) {
    this.fft = new FFT(size);
    this.spectrum = this.fft.createComplexArray() as number[];
    this.logs = new Float64Array(size / 2);
    this.window = Float64Array.from(
      { length: size },
      (_, n) => 0.5 - 0.5 * Math.cos((2 * Math.PI * n) / size),
    );
  }

  /**
   * Takes one piece of sound. @param samples -1 to 1, @param at_s when it ended
   * @returns the arc that has just ended; null where none has
   */
  hear(samples: ArrayLike<number>, at_s: number): HeardArc | null {
    const { level_dB, tilt_dB, tone_dB } = this.featuresOf(samples);
    if (this.floor_dB === null) {
      this.floor.push(level_dB);
      this.begun_s ??= at_s;
      const enough = at_s - this.begun_s >= EAR.learn_s;
      // The quieter half counts: somebody may have coughed.
      if (enough)
        this.floor_dB = [...this.floor].sort((a, b) => a - b)[Math.floor(this.floor.length / 4)] ?? level_dB;
      return null;
    }
    const over_dB = level_dB - this.floor_dB;
    const like =
      ramp(over_dB, EAR.over_dB.from, EAR.over_dB.sure) *
      (1 - ramp(tone_dB, EAR.tone_dB.from, EAR.tone_dB.sure)) *
      ramp(tilt_dB, EAR.tilt_dB.from, EAR.tilt_dB.sure);
    // What stays under the floor for long lowers it, what stands a little over it lifts it slowly.
    if (this.from_s === null && over_dB < EAR.over_dB.from)
      this.floor_dB += EAR.creep * (level_dB - this.floor_dB);
    return this.judge({ at_s, like });
  }

  /** What is heard now. */
  now(): Heard {
    return {
      state: this.floor_dB === null ? 'learning' : this.from_s === null ? 'quiet' : 'arc',
      from_s: this.from_s,
      last_s: this.last_s,
      sure: this.sums.count === 0 ? 0 : this.sums.like / this.sums.count,
    };
  }

  /** Level of the hiss, how it stands to the rumble, and how far a steady tone stands out of it, dB. */
  private featuresOf(samples: ArrayLike<number>): { level_dB: number; tilt_dB: number; tone_dB: number } {
    const { size, rate_Hz, spectrum, logs, window } = this;
    const shaped = new Array<number>(size);
    for (let n = 0; n < size; n++) shaped[n] = (samples[n] ?? 0) * (window[n] ?? 0);
    this.fft.realTransform(spectrum, shaped);
    const power = (n: number) => (spectrum[2 * n] ?? 0) ** 2 + (spectrum[2 * n + 1] ?? 0) ** 2;
    const mean = ([from, to]: [number, number]) => {
      let sum = 0;
      for (let n = from; n <= to; n++) sum += power(n);
      return sum / (to - from + 1);
    };
    const hiss = bandOf(EAR.hiss_Hz.from, EAR.hiss_Hz.to, rate_Hz, size);
    const rumble = bandOf(EAR.rumble_Hz.from, EAR.rumble_Hz.to, rate_Hz, size);
    const [from, to] = bandOf(EAR.tones_Hz.from, EAR.tones_Hz.to, rate_Hz, size);
    const keep = Math.exp(-size / rate_Hz / EAR.tones_s);
    for (let n = from; n <= to; n++) logs[n] = keep * (logs[n] ?? 0) + (1 - keep) * dB(power(n));
    let tone_dB = 0;
    const side = EAR.beside_bins;
    for (let n = from + side; n <= to - side; n++) {
      let beside = 0;
      for (let k = 3; k <= side; k++) beside += (logs[n - k] ?? 0) + (logs[n + k] ?? 0);
      tone_dB = Math.max(tone_dB, (logs[n] ?? 0) - beside / (2 * (side - 2)));
    }
    return { level_dB: dB(mean(hiss)), tilt_dB: dB(mean(hiss)) - dB(mean(rumble)), tone_dB };
  }

  private judge(frame: Frame): HeardArc | null {
    const { at_s } = frame;
    this.frames = [...this.frames.filter((one) => at_s - one.at_s < EAR.held_s), frame];
    const recent = this.frames.filter((one) => at_s - one.at_s < EAR.begin_s);
    const likes = recent.filter(({ like }) => like >= EAR.like);
    if (this.from_s === null) {
      const lasted = at_s - (recent[0]?.at_s ?? at_s) >= EAR.begin_s * 0.75;
      if (!lasted || likes.length < EAR.share * recent.length) return null;
      this.from_s = (likes[0]?.at_s ?? at_s) - this.size / this.rate_Hz;
      this.last_s = at_s;
      this.sums = { like: likes.reduce((sum, { like }) => sum + like, 0), count: likes.length };
      return null;
    }
    if (frame.like >= EAR.like) {
      this.last_s = at_s;
      this.sums = { like: this.sums.like + frame.like, count: this.sums.count + 1 };
      return null;
    }
    // Drops that touch, and a breath of the hand, are held through.
    if (at_s - (this.last_s ?? at_s) < EAR.held_s) return null;
    const arc = { from_s: this.from_s, to_s: this.last_s ?? at_s, sure: this.now().sure };
    [this.from_s, this.last_s, this.sums] = [null, null, { like: 0, count: 0 }];
    this.frames = [];
    return arc;
  }
}
