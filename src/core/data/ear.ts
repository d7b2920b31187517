import { OUR_JUDGEMENT } from '../units/sources';

/** How an arc is heard: set by sounds of our own making, to be held against real ones. */
export const EAR = {
  /** Quiet that is listened to first, s. */
  learn_s: 2.5,
  /** The hiss of an arc, and the rumble of a shop, Hz. */
  hiss_Hz: { from: 2000, to: 7000 },
  rumble_Hz: { from: 80, to: 600 },
  /** Over the floor: from where it may be an arc, and from where it is not told by its level any more, dB. */
  over_dB: { from: 6, sure: 12 },
  /** Hiss against rumble: a compressor lies far under, dB. */
  tilt_dB: { from: -13, sure: -6 },
  /** Where steady tones are looked for, over what time, beside how many neighbours, and how far they stand out, dB. */
  tones_Hz: { from: 250, to: 6000 },
  tones_s: 0.45,
  beside_bins: 10,
  tone_dB: { from: 9, sure: 13 },
  /** How the floor follows the quiet, of a frame. */
  creep: 0.01,
  /** A frame counts from so much on, so long and such a share of it begins an arc, and so long a gap ends it, s. */
  like: 0.35,
  begin_s: 0.35,
  share: 0.7,
  held_s: 0.9,
  source: OUR_JUDGEMENT,
} as const;
