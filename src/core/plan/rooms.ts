import type { Bears, RoomBody, StopId } from '../judge/room';
import type { Assessor } from '../judge/assessor';
import { arcBlow } from '../field/rooms/arcBlow';
import { breaker } from '../power/rooms/breaker';
import { burnThrough } from '../rods/rooms/burnThrough';
import { charge } from '../power/rooms/charge';
import { cord } from '../power/rooms/cord';
import { cordHeat } from '../power/rooms/cordHeat';
import { duty } from '../power/rooms/duty';
import { dilution } from '../mix/rooms/dilution';
import { ferriteHigh, ferriteLow } from '../mix/rooms/ferrite';
import { filler } from '../rods/rooms/filler';
import { gap } from '../joint/rooms/gap';
import { goAhead } from '../repair/rooms/goAhead';
import { machineRange } from '../power/rooms/machineRange';
import { hazard, identification } from '../metal/rooms/identification';
import { coating, metal } from '../metal/rooms/metal';
import { pole } from '../rods/rooms/pole';
import { coldCrack } from '../preheat/rooms/coldCrack';
import { hardness } from '../preheat/rooms/hardness';
import { hotCrack } from '../mix/rooms/hotCrack';
import { martensite } from '../mix/rooms/martensite';
import { heatInput } from '../preheat/rooms/heatInput';
import { interpass } from '../preheat/rooms/interpass';
import { preheat } from '../preheat/rooms/preheat';
import { angular, bow, buckle, square, transverse } from '../order/rooms/pull';
import { restart } from '../rods/rooms/restart';
import { softening, strengthLoss } from '../preheat/rooms/softening';
import { beadSize } from '../rods/rooms/beadSize';
import { dryRods } from '../rods/rooms/dryRods';
import { fusionFloor } from '../rods/rooms/fusionFloor';
import { hydrogen } from '../rods/rooms/hydrogen';
import { penetration } from '../rods/rooms/penetration';
import { position } from '../rods/rooms/position';
import { reach } from '../joint/rooms/reach';
import { runOut } from '../rods/rooms/runOut';
import { rodAmps } from '../rods/rooms/rodAmps';
import { rodsOnHand } from '../rods/rooms/rodsOnHand';
import { generator } from '../power/rooms/generator';
import { inrush } from '../power/rooms/inrush';
import { leadHeat } from '../power/rooms/leadHeat';
import { leadDrop } from '../power/rooms/leadDrop';
import { minFillet } from '../joint/rooms/minFillet';
import { ocv } from '../power/rooms/ocv';
import { plug } from '../power/rooms/plug';
import { rodDiameter } from '../rods/rooms/rodDiameter';
import { startHeat, tieIns } from '../order/rooms/starts';
import { supplyFit } from '../power/rooms/supplyFit';
import { setCrack } from '../mix/rooms/setCrack';
import { castingCrack } from '../procedure/rooms/castingCrack';
import { warmthWindow } from '../preheat/rooms/warmthWindow';
import { timeWindow } from '../preheat/rooms/timeWindow';
import { expansion, galvanic } from '../mix/rooms/unlike';
import { crackEnds, breaksAgain } from '../repair/rooms/damage';
import { capWeld } from '../mix/rooms/capWeld';
import { otherRods } from '../rods/rooms/otherRods';
import { cutFits } from '../joint/rooms/cutFits';
import { gougeAmps } from '../repair/rooms/gouge';
import { wallLeft } from '../joint/rooms/wallLeft';
import { rootByTig } from '../process/rooms/rootBy';
import { stickMachine } from '../process/rooms/stickMachine';
import { wind } from '../process/rooms/wind';

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
  'set-crack': setCrack,
  'two-rods': capWeld,
  'other-rods': otherRods,
  'casting-crack': castingCrack,
  'wall-left': wallLeft,
  'cut-fits': cutFits,
  'gouge-amps': gougeAmps,
  'crack-ends': crackEnds,
  'breaks-again': breaksAgain,
  dilution,
  expansion,
  galvanic,
  'stick-machine': stickMachine,
  'root-by': rootByTig,
  position,
  pole,
  preheat,
  'warmth-window': warmthWindow,
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
  square,
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
  'lead-heat': leadHeat,
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
  bears?: Bears;
}
