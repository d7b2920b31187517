import type { RoomBody, StopId } from '../room';
import type { Assessor } from './assessor';
import { arcBlow } from './arcBlow';
import { breaker } from './breaker';
import { burnThrough } from './burnThrough';
import { charge } from './charge';
import { cord } from './cord';
import { cordHeat } from './cordHeat';
import { duty } from './duty';
import { dilution } from './dilution';
import { ferriteHigh, ferriteLow } from './ferrite';
import { filler } from './filler';
import { gap } from './gap';
import { goAhead } from './goAhead';
import { machineRange } from './machineRange';
import { hazard, identification } from './identification';
import { coating, metal } from './metal';
import { pole } from './pole';
import { coldCrack } from './coldCrack';
import { hardness } from './hardness';
import { hotCrack } from './hotCrack';
import { martensite } from './martensite';
import { heatInput } from './heatInput';
import { interpass } from './interpass';
import { preheat } from './preheat';
import { angular, bow, buckle, transverse } from './pull';
import { restart } from './restart';
import { softening, strengthLoss } from './softening';
import { beadSize } from './beadSize';
import { dryRods } from './dryRods';
import { fusionFloor } from './fusionFloor';
import { hydrogen } from './hydrogen';
import { penetration } from './penetration';
import { position } from './position';
import { reach } from './reach';
import { runOut } from './runOut';
import { rodAmps } from './rodAmps';
import { rodsOnHand } from './rodsOnHand';
import { generator } from './generator';
import { inrush } from './inrush';
import { leadDrop } from './leadDrop';
import { minFillet } from './minFillet';
import { ocv } from './ocv';
import { plug } from './plug';
import { rodDiameter } from './rodDiameter';
import { startHeat, tieIns } from './starts';
import { supplyFit } from './supplyFit';
import { timeWindow } from './timeWindow';
import { expansion, galvanic } from './unlike';
import { wind } from './wind';

/**
 * Every limit the app knows. A new one is a file beside these and a line here, under its id; strip, levers, sheet and headless runner
 * pick it up. Where two are equally tight the earlier stands first.
 */
const ROOMS = {
  'go-ahead': goAhead,
  metal,
  identification,
  hazard,
  coating,
  filler,
  martensite,
  'ferrite-low': ferriteLow,
  'ferrite-high': ferriteHigh,
  'hot-crack': hotCrack,
  dilution,
  expansion,
  galvanic,
  position,
  pole,
  preheat,
  interpass,
  'cold-crack': coldCrack,
  hardness,
  softening,
  'heat-input': heatInput,
  hydrogen,
  exposure: dryRods,
  'burn-through': burnThrough,
  restart,
  'fusion-floor': fusionFloor,
  penetration,
  gap,
  'arc-blow': arcBlow,
  'start-heat': startHeat,
  'tie-ins': tieIns,
  transverse,
  angular,
  bow,
  buckle,
  'rod-amps': rodAmps,
  'supply-fit': supplyFit,
  'machine-range': machineRange,
  breaker,
  inrush,
  plug,
  cord,
  'cord-heat': cordHeat,
  duty,
  rods: rodsOnHand,
  'run-out': runOut,
  'bead-size': beadSize,
  reach,
  wind,
  'rod-diameter': rodDiameter,
  'min-fillet': minFillet,
  ocv,
  leads: leadDrop,
  generator,
  charge,
  time: timeWindow,
  'strength-loss': strengthLoss,
} as const satisfies Readonly<Record<string, Assessor>>;

/** A limit, by name. */
export type RoomId = keyof typeof ROOMS;
export const ROOM_IDS = Object.keys(ROOMS) as readonly RoomId[];
export const roomOf = (id: RoomId): Assessor => ROOMS[id];

/** One limit, evaluated. */
export interface Room extends RoomBody {
  id: RoomId;
  title: string;
  /** A word or two for the strip. */
  short: string;
  stop: StopId;
}
