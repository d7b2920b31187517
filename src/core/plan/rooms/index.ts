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
 * Every limit the app knows. A new one is a file beside these and a line here; strip, levers, sheet and headless runner
 * pick it up. Where two are equally tight the earlier stands first.
 */
export const ASSESSORS: readonly Assessor[] = [
  goAhead,
  metal,
  identification,
  hazard,
  coating,
  filler,
  martensite,
  ferriteLow,
  ferriteHigh,
  hotCrack,
  dilution,
  expansion,
  galvanic,
  position,
  pole,
  preheat,
  interpass,
  coldCrack,
  hardness,
  softening,
  heatInput,
  hydrogen,
  dryRods,
  burnThrough,
  restart,
  fusionFloor,
  penetration,
  gap,
  arcBlow,
  startHeat,
  tieIns,
  transverse,
  angular,
  bow,
  buckle,
  rodAmps,
  supplyFit,
  machineRange,
  breaker,
  inrush,
  plug,
  cord,
  cordHeat,
  duty,
  rodsOnHand,
  runOut,
  beadSize,
  reach,
  wind,
  rodDiameter,
  minFillet,
  ocv,
  leadDrop,
  generator,
  charge,
  timeWindow,
  strengthLoss,
];
