import { BEYOND_END_mm, BOAT, damageTraits, FOUND, REMOVERS, UNDER_CRACK_mm } from '../data/damage';
import type { Job } from '../formats/job';
import { mapRange, type Range } from '../units/range';
import { thinSide_mm } from './check';
import { GOUGE } from './shapes/gouge';

/** The boat that is cut to take a crack out: what a rod reaches into, with sound metal past both ends. */
export interface Excavation {
  /** At the face, from end to end, mm. */
  length_mm: number;
  depth_mm: number;
  top_mm: number;
  radius_mm: number;
  /** How far each end runs up, mm. */
  ramp_mm: number;
}

/** Width at the face of a boat so deep, mm: a round bottom, and sides that lean out so far from upright. */
export function boatTop_mm(depth_mm: number, radius_mm: number = BOAT.radius_mm): number {
  const lean = (BOAT.side_deg * Math.PI) / 180;
  const round = radius_mm * (1 - Math.sin(lean));
  if (depth_mm <= round) {
    const left = radius_mm - depth_mm;
    return 2 * Math.sqrt(radius_mm ** 2 - left ** 2);
  }
  return 2 * (radius_mm * Math.cos(lean) + (depth_mm - round) * Math.tan(lean));
}

/** Answers "how much has to come out?" of a crack; null while nobody said how long and how deep it is, or where none is to come out. */
export function excavationFor({
  look,
  repair,
  joint,
}: Pick<Job, 'look' | 'repair' | 'joint'>): Excavation | null {
  const { crackLength_mm, crackDepth_mm, found } = repair;
  if (damageTraits(look.damage)?.removal !== 'crack' || joint.kind !== 'gouge') return null;
  if (crackLength_mm === null || crackDepth_mm === null) return null;
  const wall_mm = thinSide_mm(joint) ?? Infinity;
  const depth_mm = Math.min(crackDepth_mm + UNDER_CRACK_mm, wall_mm);
  // What the eye sees of a crack ends before the crack does.
  const hidden_mm = FOUND[found ?? 'eye'].short_mm;
  return {
    length_mm: crackLength_mm + 2 * (hidden_mm + BEYOND_END_mm),
    depth_mm,
    top_mm: boatTop_mm(depth_mm),
    radius_mm: BOAT.radius_mm,
    ramp_mm: BOAT.rampPerDepth * depth_mm,
  };
}

/** A job whose blank sizes of the cut are those of the boat that its crack asks for. */
export function withExcavation(job: Job): Job {
  const cut = excavationFor(job);
  if (!cut) return job;
  const { joint } = job;
  return {
    ...job,
    joint: {
      ...joint,
      length_mm: joint.length_mm ?? cut.length_mm,
      depth_mm: joint.depth_mm ?? cut.depth_mm,
      topWidth_mm: joint.topWidth_mm ?? Math.ceil(boatTop_mm(joint.depth_mm ?? cut.depth_mm)),
      ramp_mm: joint.ramp_mm ?? cut.ramp_mm,
    },
  };
}

/** Metal that comes out of a cut, mm3; null while its sizes are not known. */
export function removed_mm3(joint: Job['joint']): number | null {
  const section = GOUGE.area_mm2({
    joint: { ...joint, cap: 'none' },
    thin_mm: null,
    leg_mm: null,
    gap_mm: 0,
  });
  return section === null || joint.length_mm === null ? null : section * joint.length_mm;
}

/**
 * What taking so much metal out costs: minutes at the tool, and discs where it wears them.
 * @param mm3_min how fast, where it is known better than for the tool in general
 */
export function removing(
  volume_mm3: number,
  by: keyof typeof REMOVERS,
  mm3_min: Range = REMOVERS[by].mm3_min,
): { minutes: Range; discs: number | null } {
  const { perDisc_mm3 } = REMOVERS[by];
  return {
    minutes: mapRange(
      { low: mm3_min.high, nominal: mm3_min.nominal, high: mm3_min.low },
      (rate) => volume_mm3 / rate,
    ),
    discs: perDisc_mm3 === null ? null : Math.ceil(volume_mm3 / perDisc_mm3),
  };
}
