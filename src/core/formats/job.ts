import { z } from 'zod';
import { CABLE_IDS } from '../data/cables';
import { COATING_IDS } from '../data/coatings';
import { FAMILY_IDS } from '../data/metals';
import { POLES, ROD_CLASS_IDS } from '../data/rods';
import { ROD_SIZE_IDS } from '../data/rodSizes';
import { ACCESS, AIMS, idsOf, JOINTS, PLACES, POSITIONS, SURFACES } from '../data/words';
import { optionalNumber, shortText, typedTexts } from './parts';

/** How a stop-work question was answered. An unanswered one is absent, never 'no'. */
export const StopWorkAnswer = z.enum(['no', 'yes', 'will-meet', 'cannot-meet']);
export type StopWorkAnswer = z.infer<typeof StopWorkAnswer>;

const Side = z.object({ family: z.enum(FAMILY_IDS).nullable(), coating: z.enum(COATING_IDS).nullable() });

/** One repair: what was found, and what the welder decided. Null everywhere means "not known" or "let the app propose". */
export const Job = z.object({
  id: shortText,
  title: z.string().max(120),
  createdAt: z.iso.datetime(),
  look: z.object({
    part: z.string().max(200),
    broke: z.string().max(1000),
    place: z.enum(idsOf(PLACES)).nullable(),
    wind_m_s: optionalNumber('look.wind_m_s'),
    /** Daylight, tide or timetable: seconds from strike to packed up. */
    timeWindow_s: optionalNumber('look.timeWindow_s'),
    air_C: optionalNumber('look.air_C'),
    surface: z.enum(idsOf(SURFACES)).nullable(),
    position: z.enum(idsOf(POSITIONS)).nullable(),
    access: z.enum(idsOf(ACCESS)).nullable(),
    stopWork: z.record(z.string().max(40), StopWorkAnswer),
  }),
  metal: z.object({ sideA: Side, sideB: Side, sameBothSides: z.boolean() }),
  joint: z.object({
    kind: z.enum(idsOf(JOINTS)).nullable(),
    thicknessA_mm: optionalNumber('joint.thicknessA_mm'),
    thicknessB_mm: optionalNumber('joint.thicknessB_mm'),
    sameThickness: z.boolean(),
    length_mm: optionalNumber('joint.length_mm'),
    gap_mm: optionalNumber('joint.gap_mm'),
    leg_mm: optionalNumber('joint.leg_mm'),
    rootFace_mm: optionalNumber('joint.rootFace_mm'),
    includedAngle_deg: optionalNumber('joint.includedAngle_deg'),
    cornerRadius_mm: optionalNumber('joint.cornerRadius_mm'),
    plugDiameter_mm: optionalNumber('joint.plugDiameter_mm'),
    plugCount: optionalNumber('joint.plugCount'),
    pipeDiameter_mm: optionalNumber('joint.pipeDiameter_mm'),
    tubeWidth_mm: optionalNumber('joint.tubeWidth_mm'),
    tubeHeight_mm: optionalNumber('joint.tubeHeight_mm'),
  }),
  power: z.object({
    machineId: z.string().max(120).nullable(),
    supplyId: z.string().max(120).nullable(),
    cordLength_m: optionalNumber('power.cordLength_m'),
    cordSize: z.enum(CABLE_IDS).nullable(),
    leadsId: z.string().max(120).nullable(),
  }),
  rod: z.object({
    rodClass: z.enum(ROD_CLASS_IDS).nullable(),
    size: z.enum(ROD_SIZE_IDS).nullable(),
    pole: z.enum(POLES).nullable(),
    current_A: optionalNumber('rod.current_A'),
    aim: z.enum(idsOf(AIMS)).nullable(),
    rest_s: optionalNumber('rod.rest_s'),
  }),
  typed: typedTexts,
});
export type Job = z.infer<typeof Job>;

/** A job about which nothing is known yet. Time and identity are the caller's. */
export function blankJob(id: string, createdAt: string): Job {
  const side = { family: null, coating: null };
  return {
    id,
    title: '',
    createdAt,
    look: {
      part: '',
      broke: '',
      place: null,
      wind_m_s: null,
      timeWindow_s: null,
      air_C: null,
      surface: null,
      position: null,
      access: null,
      stopWork: {},
    },
    metal: { sideA: side, sideB: side, sameBothSides: true },
    joint: {
      kind: null,
      thicknessA_mm: null,
      thicknessB_mm: null,
      sameThickness: true,
      length_mm: null,
      gap_mm: null,
      leg_mm: null,
      rootFace_mm: null,
      includedAngle_deg: null,
      cornerRadius_mm: null,
      plugDiameter_mm: null,
      plugCount: null,
      pipeDiameter_mm: null,
      tubeWidth_mm: null,
      tubeHeight_mm: null,
    },
    power: { machineId: null, supplyId: null, cordLength_m: null, cordSize: null, leadsId: null },
    rod: { rodClass: null, size: null, pole: null, current_A: null, aim: null, rest_s: null },
    typed: {},
  };
}

/** One change to a job, as a path and its new value: `joint.gap_mm` set to 2. */
export interface Edit {
  path: string;
  value: unknown;
}

/** Steps of a dotted path. What was typed is kept under the whole path of its field: `typed.joint.gap_mm` is two steps. */
function segments(path: string): [string, ...string[]] {
  const typed = /^typed\.(.+)$/.exec(path);
  return typed ? ['typed', typed[1] ?? ''] : (path.split('.') as [string, ...string[]]);
}

/** The value at a dotted path; undefined where there is none. */
export function readPath(record: object, path: string): unknown {
  return segments(path).reduce<unknown>(
    (at, key) => (at !== null && typeof at === 'object' ? (at as Record<string, unknown>)[key] : undefined),
    record,
  );
}

/** A copy of a record with one path set; undefined takes the key out. Untouched branches are shared. */
export const setPath = <T extends object>(record: T, path: string, value: unknown): T =>
  setAt(record, segments(path), value);

function setAt<T extends object>(record: T, [key, ...rest]: readonly string[], value: unknown): T {
  if (key === undefined) return record;
  const copy = { ...(record as Record<string, unknown>) };
  if (rest.length > 0) copy[key] = setAt((copy[key] ?? {}) as object, rest, value);
  else if (value === undefined) delete copy[key];
  else copy[key] = value;
  return copy as T;
}

/** A copy of a record with edits made in order. */
export const applyEdits = <T extends object>(record: T, edits: readonly Edit[]): T =>
  edits.reduce((at, edit) => setPath(at, edit.path, edit.value), record);
