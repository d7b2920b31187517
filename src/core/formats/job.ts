import { z } from 'zod';
import { BACKINGS } from '../data/backing';
import { CABLE_IDS } from '../data/cables';
import { BACKS, CAPS } from '../data/finish';
import { COATING_IDS, COATING_LOOK_IDS } from '../data/coatings';
import { BETTER, CAUSES, DAMAGE, FOUND, HELD, REMOVERS } from '../data/damage';
import { DEFECTS } from '../data/findings';
import { FAMILY_IDS } from '../data/families';
import { METHOD_IDS, RESTRAINTS } from '../data/heatIds';
import { ARCS, CLAMP_ON, LEADS, MOST_SEGMENTS, PATTERNS, PIECES, TRAVELS } from '../data/orderIds';
import { FAVOURS, IRON_WAYS } from '../data/ironIds';
import { CHECK_IDS, FINDINGS, SYMPTOMS } from '../data/noArcIds';
import { COOLING, LIES } from '../data/machines';
import { AGES, SETTINGS } from '../data/priors';
import { NEEDS } from '../data/processIds';
import { POLES, ROD_CLASS_IDS } from '../data/rods';
import { ROD_SIZE_IDS } from '../data/rodSizes';
import { STAINLESS_COVERINGS, WETS } from '../data/service';
import { TEST_IDS } from '../data/testIds';
import { JOINTS } from '../data/joints';
import { ACCESS, AIMS, DUTIES, idsOf, MOVES, PLACES, POSITIONS, SKILLS, SURFACES } from '../data/words';
import { EvidenceById } from './evidence';
import { TakenReading } from './instrument';
import { LONGEST, MOST_FINDING_PHOTOS } from './limits';
import { Measured } from './measured';
import { idText, optionalNumber, typedTexts } from './parts';
import { Permit } from './permit';
import { Run } from './run';

/** How a stop-work question was answered. An unanswered one is absent, never 'no'. */
export const StopWorkAnswer = z.enum(['no', 'yes', 'prepared', 'will-meet', 'cannot-meet']);
export type StopWorkAnswer = z.infer<typeof StopWorkAnswer>;

/** What a check of the finished weld showed, and what was decided of it. */
export const CheckResult = z.object({
  /** Null: still to be looked at, or looked at again. */
  result: z.enum(['good', 'found']).nullable(),
  words: z.string().max(LONGEST.note),
  what: z.enum(idsOf(DEFECTS)).nullable(),
  /** From the left end of the seam to its middle, and how long it is. */
  at_mm: optionalNumber('finding.at_mm'),
  length_mm: optionalNumber('finding.length_mm'),
  photos: z.array(idText).max(MOST_FINDING_PHOTOS),
  decided: z.enum(['accepted', 'redo']).nullable(),
  /** Times it was done over. */
  redone: z.int().min(0).max(9),
  typed: typedTexts,
});
export type CheckResult = z.infer<typeof CheckResult>;

/** A piece of metal: what somebody knows it to be, or what was found on it. */
const Side = z.object({
  /** Known from papers or a stamp; the tests then only have to agree. */
  family: z.enum(FAMILY_IDS).nullable(),
  /** A grade of the table, by id; one that this app does not know counts as none. */
  grade: z.string().max(40).nullable(),
  coating: z.enum(COATING_IDS).nullable(),
  /** What its surface shows of a coating, where nobody knows which it is. */
  coatingLook: z.enum(COATING_LOOK_IDS).nullable(),
  /** A kind of part of the table, by id; one that this app does not know counts as none. */
  part: z.string().max(40).nullable(),
  age: z.enum(idsOf(AGES)).nullable(),
  setting: z.enum(idsOf(SETTINGS)).nullable(),
  evidence: EvidenceById,
  /** Tests that cannot be done here. */
  skipped: z.array(z.enum(TEST_IDS)).max(TEST_IDS.length),
});
export type Side = z.infer<typeof Side>;

/** A further cord, plugged into the one before it. */
const NextCord = (path: 'power.cord2.length_m' | 'power.cord3.length_m') =>
  z.object({
    length_m: optionalNumber(path),
    size: z.enum(CABLE_IDS).nullable(),
    lie: z.enum(idsOf(LIES)).nullable(),
  });
export type NextCord = z.infer<ReturnType<typeof NextCord>>;

/** How careful to be while the metal is in doubt; null takes the table's. */
const Doubt = z.object({
  share_pct: optionalNumber('metal.doubt.share_pct'),
  hurts_pct: optionalNumber('metal.doubt.hurts_pct'),
  fails_pct: optionalNumber('metal.doubt.fails_pct'),
  wastedRods: optionalNumber('metal.doubt.wastedRods'),
  sentOut: optionalNumber('metal.doubt.sentOut'),
  cracked: optionalNumber('metal.doubt.cracked'),
  partLost: optionalNumber('metal.doubt.partLost'),
  personHurt: optionalNumber('metal.doubt.personHurt'),
});
export type Doubt = z.infer<typeof Doubt>;

/** One repair: what was found, and what the welder decided. Null everywhere means "not known" or "let the app propose". */
export const Job = z.object({
  id: idText,
  title: z.string().max(LONGEST.title),
  createdAt: z.iso.datetime(),
  look: z.object({
    part: z.string().max(LONGEST.part),
    broke: z.string().max(LONGEST.broke),
    place: z.enum(idsOf(PLACES)).nullable(),
    wind_m_s: optionalNumber('look.wind_m_s'),
    /** Daylight, tide or timetable: seconds from strike to packed up. */
    timeWindow_s: optionalNumber('look.timeWindow_s'),
    air_C: optionalNumber('look.air_C'),
    /** Above the sea: thin air cools a machine less and feeds an engine less. */
    altitude_m: optionalNumber('look.altitude_m'),
    surface: z.enum(idsOf(SURFACES)).nullable(),
    position: z.enum(idsOf(POSITIONS)).nullable(),
    access: z.enum(idsOf(ACCESS)).nullable(),
    /** Free room in front of the joint, for rod, holder and hand. */
    clearance_mm: optionalNumber('look.clearance_mm'),
    /** When the first arc is to be struck. */
    startAt: z.iso.datetime().nullable(),
    /** Hottest it gets in service. */
    service_C: optionalNumber('look.service_C'),
    wet: z.enum(idsOf(WETS)).nullable(),
    /** It touches food, drink or medicine. */
    food: z.boolean(),
    /** What broke, and why. */
    damage: z.enum(idsOf(DAMAGE)).nullable(),
    cause: z.enum(idsOf(CAUSES)).nullable(),
    stopWork: z.record(z.string().max(40), StopWorkAnswer),
  }),
  /** How what broke is made ready: how far it goes, what takes it out, what holds meanwhile. */
  repair: z.object({
    crackLength_mm: optionalNumber('repair.crackLength_mm'),
    crackDepth_mm: optionalNumber('repair.crackDepth_mm'),
    found: z.enum(idsOf(FOUND)).nullable(),
    remover: z.enum(idsOf(REMOVERS)).nullable(),
    held: z.enum(idsOf(HELD)).nullable(),
    /** What is done against breaking there again. */
    better: z.enum(idsOf(BETTER)).nullable(),
  }),
  /** Checks of the finished weld, by their id: what they showed. */
  checks: z.record(z.string().max(40), CheckResult),
  /** The hot-work card. */
  permit: Permit,
  /** What was measured on pictures, by id. */
  measured: z.record(idText, Measured),
  /** What instruments told that was taken into a field, by id. */
  readings: z.record(idText, TakenReading),
  metal: z.object({
    sideA: Side,
    sideB: Side,
    /** Weld metal of an earlier repair: it is not the base metal. */
    oldWeld: Side,
    sameBothSides: z.boolean(),
    doubt: Doubt,
  }),
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
    depth_mm: optionalNumber('joint.depth_mm'),
    topWidth_mm: optionalNumber('joint.topWidth_mm'),
    rootRadius_mm: optionalNumber('joint.rootRadius_mm'),
    ramp_mm: optionalNumber('joint.ramp_mm'),
    slotLength_mm: optionalNumber('joint.slotLength_mm'),
    padWidth_mm: optionalNumber('joint.padWidth_mm'),
    padHeight_mm: optionalNumber('joint.padHeight_mm'),
    /** What lies behind the seam. */
    backing: z.enum(idsOf(BACKINGS)).nullable(),
    /** What becomes of its face, and what is done from the other side; null: left standing, and nothing. */
    cap: z.enum(idsOf(CAPS)).nullable(),
    back: z.enum(idsOf(BACKS)).nullable(),
  }),
  power: z.object({
    machineId: z.string().max(120).nullable(),
    supplyId: z.string().max(120).nullable(),
    cordLength_m: optionalNumber('power.cordLength_m'),
    cordSize: z.enum(CABLE_IDS).nullable(),
    cordLie: z.enum(idsOf(LIES)).nullable(),
    cord2: NextCord('power.cord2.length_m'),
    cord3: NextCord('power.cord3.length_m'),
    leadsId: z.string().max(120).nullable(),
    clampDrop_V: optionalNumber('power.clampDrop_V'),
    cooling: z.enum(idsOf(COOLING)).nullable(),
    day_s: optionalNumber('power.day_s'),
    /** What ran out, whatever the kit says. */
    out: z.partialRecord(z.enum(idsOf(NEEDS)), z.literal(true)),
    /** The search for why there is no arc: what it does, and what was found at each place looked at. */
    noArc: z.object({
      symptom: z.enum(idsOf(SYMPTOMS)).nullable(),
      found: z.partialRecord(z.enum(CHECK_IDS), z.enum(idsOf(FINDINGS))),
    }),
  }),
  rod: z.object({
    rodClass: z.enum(ROD_CLASS_IDS).nullable(),
    size: z.enum(ROD_SIZE_IDS).nullable(),
    pole: z.enum(POLES).nullable(),
    current_A: optionalNumber('rod.current_A'),
    aim: z.enum(idsOf(AIMS)).nullable(),
    rest_s: optionalNumber('rod.rest_s'),
    duty: z.enum(idsOf(DUTIES)).nullable(),
    skill: z.enum(idsOf(SKILLS)).nullable(),
    /** Another rod for the root alone, or another process; left out: as the rest. */
    root: z.object({
      rodClass: z.enum(ROD_CLASS_IDS).nullable(),
      size: z.enum(ROD_SIZE_IDS).nullable(),
      process: z.literal('tig').optional(),
      /** The pass on the root is laid by that process too. */
      hot: z.boolean().optional(),
    }),
    /** Another rod for the last layer; of a face that is built up, for the last two. */
    cap: z.object({
      rodClass: z.enum(ROD_CLASS_IDS).nullable(),
      size: z.enum(ROD_SIZE_IDS).nullable(),
    }),
    /** Finish with other sizes of the class where the tin runs short. */
    mix: z.boolean(),
    /** Lean of the rod from the thicker side, in place of the aim's own. */
    workAngle_deg: optionalNumber('rod.workAngle_deg'),
    move: z.enum(idsOf(MOVES)).nullable(),
    beadCount: optionalNumber('rod.beadCount'),
    /** Sizes of the passes against one another, first to last; a pass that is not named counts as 1. */
    beadShares: z.array(z.number().min(0.25).max(4)).max(150),
    /** The tin is baked again before the job. */
    rebake: z.boolean(),
  }),
  heat: z.object({
    restraint: z.enum(idsOf(RESTRAINTS)).nullable(),
    /** A way of reckoning the preheat that the welder goes by, where it asks for more. */
    method: z.enum(METHOD_IDS).nullable(),
    preheat_C: optionalNumber('heat.preheat_C'),
    /** The piece round the joint: along the weld and across it. */
    pieceLength_mm: optionalNumber('heat.pieceLength_mm'),
    pieceWidth_mm: optionalNumber('heat.pieceWidth_mm'),
    torch_kW: optionalNumber('heat.torch_kW'),
    /** Waits for the metal to cool are left out: the welder goes straight on. */
    goStraightOn: z.boolean(),
    /** A second layer laid to temper the first. */
    temperBead: z.boolean(),
    /** What a thermometer said beside the weld, and how long after the arc stopped. */
    reading_C: optionalNumber('heat.reading_C'),
    readingAfter_s: optionalNumber('heat.readingAfter_s'),
  }),
  /** How rod and sides are stirred together. */
  weld: z.object({
    dilution_pct: optionalNumber('weld.dilution_pct'),
    /** Side that the arc is held to. */
    favour: z.enum(idsOf(FAVOURS)).nullable(),
    /** One side is laid over first, as the table of pairs says. */
    butter: z.boolean(),
    covering: z.enum(idsOf(STAINLESS_COVERINGS)).nullable(),
  }),
  /** A casting: how it is mended, and what decides that. */
  casting: z.object({
    way: z.enum(idsOf(IRON_WAYS)).nullable(),
    machined: z.boolean().nullable(),
    /** It can be taken out and warmed whole. */
    movable: z.boolean().nullable(),
  }),
  /** Where the clamp sits, which way it is welded, in what order, and how much it may pull. */
  order: z.object({
    /** What is before the welder; blank: as the joint says. */
    piece: z.enum(idsOf(PIECES)).nullable(),
    /** From one tack to the next; of a tee, which plate the clamp is on. */
    tackEvery_mm: optionalNumber('order.tackEvery_mm'),
    clampOn: z.enum(idsOf(CLAMP_ON)).nullable(),
    /** From the lower edge of the piece to the seam. */
    seamSide_mm: optionalNumber('order.seamSide_mm'),
    /** A frame over all, and the side of its tube. */
    frameLong_mm: optionalNumber('order.frameLong_mm'),
    frameWide_mm: optionalNumber('order.frameWide_mm'),
    tube_mm: optionalNumber('order.tube_mm'),
    /** From the left end of the piece along the weld, and from the seam across it: up is side A. */
    clampAlong_mm: optionalNumber('order.clampAlong_mm'),
    clampAside_mm: optionalNumber('order.clampAside_mm'),
    /** A second clamp; none while its place along is blank. */
    clamp2Along_mm: optionalNumber('order.clamp2Along_mm'),
    clamp2Aside_mm: optionalNumber('order.clamp2Aside_mm'),
    /** The clamp cannot be moved. */
    clampFixed: z.boolean(),
    lead: z.enum(idsOf(LEADS)).nullable(),
    travel: z.enum(idsOf(TRAVELS)).nullable(),
    arc: z.enum(idsOf(ARCS)).nullable(),
    arcForce: z.boolean(),
    tabs: z.boolean(),
    /** What a field meter shows before any arc. */
    residual_G: optionalNumber('order.residual_G'),
    /** A named order; or one of the welder's own, as places from 1, below zero where the run goes to the left. */
    pattern: z.union([z.enum(idsOf(PATTERNS)), z.array(z.int()).max(MOST_SEGMENTS)]).nullable(),
    segment_mm: optionalNumber('order.segment_mm'),
    /** Height of the upright of a tee. */
    web_mm: optionalNumber('order.web_mm'),
    /** Most that it may move. */
    tolerance_mm: optionalNumber('order.tolerance_mm'),
  }),
  /** What happened at the work. */
  run: Run,
  typed: typedTexts,
});
export type Job = z.infer<typeof Job>;
