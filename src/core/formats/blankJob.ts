import type { CheckResult, Doubt, Job, Side } from './job';

/** A piece of metal of which nothing is known. */
export const blankSide = (): Side => ({
  family: null,
  grade: null,
  coating: null,
  coatingLook: null,
  part: null,
  age: null,
  setting: null,
  evidence: {},
  skipped: [],
});

/** As careful as the table says. */
export const BLANK_DOUBT: Doubt = {
  share_pct: null,
  hurts_pct: null,
  fails_pct: null,
  wastedRods: null,
  sentOut: null,
  cracked: null,
  partLost: null,
  personHurt: null,
};

/** Nothing chosen, nothing known of the cords. */
export const blankPower = (): Job['power'] => ({
  machineId: null,
  supplyId: null,
  cordLength_m: null,
  cordSize: null,
  cordLie: null,
  cord2: { length_m: null, size: null, lie: null },
  cord3: { length_m: null, size: null, lie: null },
  leadsId: null,
  clampDrop_V: null,
  cooling: null,
  day_s: null,
  out: {},
  noArc: { symptom: null, found: {} },
});

/** No rod fixed: the app proposes. */
export const blankRod = (): Job['rod'] => ({
  rodClass: null,
  size: null,
  pole: null,
  current_A: null,
  aim: null,
  rest_s: null,
  duty: null,
  skill: null,
  root: { rodClass: null, size: null },
  cap: { rodClass: null, size: null },
  mix: false,
  workAngle_deg: null,
  move: null,
  beadCount: null,
  beadShares: [],
  rebake: false,
});

/** Nothing said about heat: the app proposes. */
export const blankHeat = (): Job['heat'] => ({
  restraint: null,
  method: null,
  preheat_C: null,
  pieceLength_mm: null,
  pieceWidth_mm: null,
  torch_kW: null,
  goStraightOn: false,
  temperBead: false,
  reading_C: null,
  readingAfter_s: null,
});

/** Nothing said of service: neither how hot nor how wet. */
export const BLANK_SERVICE: Pick<Job['look'], 'service_C' | 'wet' | 'food'> = {
  service_C: null,
  wet: null,
  food: false,
};

/** Nothing said of the mixed weld: the app reckons. */
export const BLANK_WELD: Job['weld'] = { dilution_pct: null, favour: null, butter: false, covering: null };

/** Nothing said of how what broke is made ready. */
export const BLANK_REPAIR: Job['repair'] = {
  crackLength_mm: null,
  crackDepth_mm: null,
  found: null,
  remover: null,
  held: null,
  better: null,
};

/** Nothing said of a casting: the app proposes a way. */
export const BLANK_CASTING: Job['casting'] = { way: null, machined: null, movable: null };

/** Nothing said of the order: the app proposes. */
export const BLANK_ORDER: Job['order'] = {
  piece: null,
  tackEvery_mm: null,
  clampOn: null,
  seamSide_mm: null,
  frameLong_mm: null,
  frameWide_mm: null,
  tube_mm: null,
  clampAlong_mm: null,
  clampAside_mm: null,
  clamp2Along_mm: null,
  clamp2Aside_mm: null,
  clampFixed: false,
  lead: null,
  travel: null,
  arc: null,
  arcForce: false,
  tabs: false,
  residual_G: null,
  pattern: null,
  segment_mm: null,
  web_mm: null,
  tolerance_mm: null,
};

const BLANK_PERMIT: Job['permit'] = {
  issuer: '',
  watcher: '',
  from: null,
  until: null,
  watch_s: null,
  lines: {},
};

/** A check that nobody has looked at. */
export const UNSEEN: CheckResult = {
  result: null,
  words: '',
  what: null,
  at_mm: null,
  length_mm: null,
  photos: [],
  decided: null,
  redone: 0,
  typed: {},
};

/** A job about which nothing is known yet. Time and identity are the caller's. */
export function blankJob(id: string, createdAt: string): Job {
  const side = blankSide();
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
      altitude_m: null,
      surface: null,
      position: null,
      access: null,
      clearance_mm: null,
      startAt: null,
      ...BLANK_SERVICE,
      damage: null,
      cause: null,
      stopWork: {},
    },
    repair: BLANK_REPAIR,
    checks: {},
    permit: BLANK_PERMIT,
    measured: {},
    readings: {},
    run: { events: {} },
    metal: {
      sideA: side,
      sideB: side,
      oldWeld: side,
      sameBothSides: true,
      doubt: BLANK_DOUBT,
    },
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
      depth_mm: null,
      topWidth_mm: null,
      rootRadius_mm: null,
      ramp_mm: null,
      slotLength_mm: null,
      padWidth_mm: null,
      padHeight_mm: null,
      backing: null,
      cap: null,
      back: null,
    },
    power: blankPower(),
    rod: blankRod(),
    heat: blankHeat(),
    weld: BLANK_WELD,
    casting: BLANK_CASTING,
    order: BLANK_ORDER,
    typed: {},
  };
}
