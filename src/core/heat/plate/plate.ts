import type { HeatProperties } from '../../data/heatProperties';
import { diffusivity_mm2_s } from '../loss';

/**
 * Heat in a rectangular plate while arcs run over it and rest: a sum of cosine modes, each fading by itself, so that a segment of any
 * length is one exact step. Thick plate has modes through its thickness too, with the arc on its upper face.
 */

export interface PlateQuestion {
  /** Along the first axis, across it, and through. */
  length_mm: number;
  width_mm: number;
  thickness_mm: number;
  metal: Pick<HeatProperties, 'conductivity_W_mmK' | 'heatCapacity_J_mm3K'>;
  /** Share of its heat over the air that the plate loses in a second. */
  loss_per_s: number;
  air_C: number;
  /** The whole plate at the start. */
  start_C: number;
  /** Width over which an arc's heat goes in: a bead. */
  bead_mm: number;
  /** Thick plate: heat also flows down. */
  thick: boolean;
  /** A band across which it was warmed before, and to what. */
  warmed?: { from: Spot; to: Spot; to_C: number } | null;
}

export interface Spot {
  x_mm: number;
  y_mm: number;
}

/** One stretch of time: an arc that travels from one spot to another, or a rest. */
export type PlateEvent =
  | { kind: 'weld'; from: Spot; to: Spot; duration_s: number; power_W: number }
  | { kind: 'rest'; duration_s: number };

/** Modes whose share of a bead's heat is under this are left out. */
const LEAST_MODE = 1e-4;
/** An arc reaches down about half as far as its bead is wide. */
const REACH_DOWN = 0.5;

/** Wave numbers of one side, 1/mm, up to what a source of a width can stir. */
function waves(side_mm: number, width_mm: number): Float64Array {
  const most = (2 * Math.sqrt(-Math.log(LEAST_MODE))) / width_mm;
  const count = Math.max(1, Math.ceil((most * side_mm) / Math.PI));
  return Float64Array.from({ length: count }, (_, n) => (n * Math.PI) / side_mm);
}

/** Share of a wave of cosine that a stretch of the side holds, on average over the whole side, doubled past the first. */
function stretchShare(k: number, side_mm: number, from_mm: number, to_mm: number): number {
  const share =
    k === 0
      ? (to_mm - from_mm) / side_mm
      : (2 * (Math.sin(k * to_mm) - Math.sin(k * from_mm))) / (k * side_mm);
  return share;
}

/** A plate with the heat that is in it. */
export interface Plate {
  question: PlateQuestion;
  along: Float64Array;
  across: Float64Array;
  down: Float64Array;
  /** Strength of every mode, K: down slowest, then along, then across. */
  modes: Float64Array;
  time_s: number;
}

/** The plate before the first arc. */
export function newPlate(question: PlateQuestion): Plate {
  const { length_mm, width_mm, thickness_mm, bead_mm, thick, start_C, air_C, warmed } = question;
  const along = waves(length_mm, bead_mm);
  const across = waves(width_mm, bead_mm);
  const down = thick ? waves(thickness_mm, bead_mm * REACH_DOWN) : Float64Array.of(0);
  const modes = new Float64Array(along.length * across.length * down.length);
  modes[0] = start_C - air_C;
  if (warmed) {
    const over = warmed.to_C - start_C;
    along.forEach((kx, m) => {
      const x = stretchShare(kx, length_mm, warmed.from.x_mm, warmed.to.x_mm);
      across.forEach((ky, n) => {
        const at = m * across.length + n;
        const y = stretchShare(ky, width_mm, warmed.from.y_mm, warmed.to.y_mm);
        modes[at] = (modes[at] ?? 0) + over * x * y;
      });
    });
  }
  return { question, along, across, down, modes, time_s: 0 };
}

/** One axis of an event: for every wave of it, what the arc's way along it begins and ends with, and how much fades. */
interface AxisOfEvent {
  cosStart: Float64Array;
  sinStart: Float64Array;
  cosEnd: Float64Array;
  sinEnd: Float64Array;
  /** How fast the phase turns, 1/s. */
  turn: Float64Array;
  faded: Float64Array;
  /** What of the arc's heat the wave takes, a bead being as wide as it is. */
  takes: Float64Array;
}

function axisOf(
  numbers: Float64Array,
  [from_mm, to_mm]: readonly [number, number],
  duration_s: number,
  diffusivity: number,
  bead_mm: number,
): AxisOfEvent {
  const of = (value: (k: number) => number) => numbers.map(value);
  return {
    cosStart: of((k) => Math.cos(k * from_mm)),
    sinStart: of((k) => Math.sin(k * from_mm)),
    cosEnd: of((k) => Math.cos(k * to_mm)),
    sinEnd: of((k) => Math.sin(k * to_mm)),
    turn: of((k) => (k * (to_mm - from_mm)) / duration_s),
    faded: of((k) => Math.exp(-diffusivity * k * k * duration_s)),
    takes: of((k) => (k === 0 ? 1 : 2) * Math.exp((-k * k * bead_mm * bead_mm) / 4)),
  };
}

const NOWHERE = [0, 0] as const;
/** A wave that an arc has so little hold on is left still. */
const STILL = 1e-12;

/**
 * The plate after one more event: exact, however long it is. The plate given is left as it was. A mode gets from an arc on the move the
 * integral of exp(-fade (D - t)) cos(phase + turn t), for the sum and the difference of its phases along both sides.
 */
export function after(plate: Plate, event: PlateEvent): Plate {
  const { question, along, across, down } = plate;
  const { length_mm, width_mm, thickness_mm, metal, loss_per_s, bead_mm } = question;
  const a = diffusivity_mm2_s(metal);
  const { duration_s } = event;
  const weld = event.kind === 'weld' ? event : null;
  const xs = axisOf(along, weld ? [weld.from.x_mm, weld.to.x_mm] : NOWHERE, duration_s, a, bead_mm);
  const ys = axisOf(across, weld ? [weld.from.y_mm, weld.to.y_mm] : NOWHERE, duration_s, a, bead_mm);
  const zs = axisOf(down, NOWHERE, duration_s, a, REACH_DOWN * bead_mm);
  const lost = Math.exp(-loss_per_s * duration_s);
  const strength = weld
    ? weld.power_W / (metal.heatCapacity_J_mm3K * length_mm * width_mm * thickness_mm)
    : 0;
  const modes = new Float64Array(plate.modes.length);
  const [nx, ny] = [along.length, across.length];
  // An arc that runs straight along or across has one phase, not two; and one in a wave's middle leaves that still.
  const straight = weld !== null && weld.from.y_mm === weld.to.y_mm;
  const square = weld !== null && weld.from.x_mm === weld.to.x_mm;
  const waysAcross = Array.from(across, (_, n) => wayOf(ys, n));
  const fades = across.map((k) => a * k * k + loss_per_s);
  for (let p = 0; p < down.length; p++) {
    for (let m = 0; m < nx; m++) {
      const row = (p * nx + m) * ny;
      const fadedX = (zs.faded[p] ?? 0) * (xs.faded[m] ?? 0) * lost;
      // Inside its arrays: the innermost loops of a step, so nothing is checked.
      for (let n = 0; n < ny; n++)
        modes[row + n] = (plate.modes[row + n] as number) * fadedX * (ys.faded[n] as number);
      const takesX = strength * (zs.takes[p] ?? 0) * (xs.takes[m] ?? 0);
      if (takesX === 0) continue;
      const flat = a * ((down[p] ?? 0) ** 2 + (along[m] ?? 0) ** 2);
      const x = wayOf(xs, m);
      for (let n = 0; n < ny; n++) {
        if (straight && Math.abs(ys.cosStart[n] as number) < STILL) continue;
        const fade = flat + (fades[n] as number);
        const faded = fadedX * (ys.faded[n] as number);
        const y = waysAcross[n] as Way;
        const stir = straight
          ? y.cosStart * stirred(fade, duration_s, faded, x)
          : square
            ? x.cosStart * stirred(fade, duration_s, faded, y)
            : stirredBoth(fade, duration_s, faded, x, y);
        modes[row + n] = (modes[row + n] as number) + takesX * (ys.takes[n] as number) * stir;
      }
    }
  }
  return { ...plate, modes, time_s: plate.time_s + duration_s };
}

/** An arc's way through one wave: the cosine and sine of its phase at both ends, and how fast that turns, 1/s. */
interface Way {
  cosStart: number;
  sinStart: number;
  cosEnd: number;
  sinEnd: number;
  turn: number;
}

const wayOf = ({ cosStart, sinStart, cosEnd, sinEnd, turn }: AxisOfEvent, n: number): Way => ({
  cosStart: cosStart[n] ?? 0,
  sinStart: sinStart[n] ?? 0,
  cosEnd: cosEnd[n] ?? 0,
  sinEnd: sinEnd[n] ?? 0,
  turn: turn[n] ?? 0,
});

/** A product of two cosines is half the one of the sum of their phases and half the one of the difference. */
function stirredBoth(fade: number, duration_s: number, faded: number, x: Way, y: Way): number {
  const phase = (way: 1 | -1): Way => ({
    cosStart: x.cosStart * y.cosStart - way * x.sinStart * y.sinStart,
    sinStart: x.sinStart * y.cosStart + way * x.cosStart * y.sinStart,
    cosEnd: x.cosEnd * y.cosEnd - way * x.sinEnd * y.sinEnd,
    sinEnd: x.sinEnd * y.cosEnd + way * x.cosEnd * y.sinEnd,
    turn: x.turn + way * y.turn,
  });
  return 0.5 * (stirred(fade, duration_s, faded, phase(1)) + stirred(fade, duration_s, faded, phase(-1)));
}

/** The integral of exp(-fade (D - t)) cos(phase + turn t) over the event. */
function stirred(
  fade: number,
  duration_s: number,
  faded: number,
  { cosStart, sinStart, cosEnd, sinEnd, turn }: Way,
): number {
  const both = fade * fade + turn * turn;
  if (both * duration_s * duration_s < 1e-16) return duration_s * cosStart;
  return (fade * cosEnd + turn * sinEnd - faded * (fade * cosStart + turn * sinStart)) / both;
}

/** Heat in the plate over the air, J: what was put in less what the faces lost. */
export const heldHeat_J = ({ question, modes }: Plate): number =>
  (modes[0] ?? 0) *
  question.metal.heatCapacity_J_mm3K *
  question.length_mm *
  question.width_mm *
  question.thickness_mm;
