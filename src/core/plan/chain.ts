import { resistance_ohm_m } from '../data/cables';
import { MACHINE_TYPES } from '../data/machines';
import { loadVoltage_V } from '../power/loadVoltage';
import type { Room } from './room';
import type { Situation } from './situation';

/** One link of the way from the socket to the arc: what comes out of it, and what it keeps for itself as heat. */
export interface ChainLink {
  id: 'source' | 'cord' | 'machine' | 'leads' | 'arc';
  name: string;
  /** Volts and amps that leave it. For the arc: those it burns at. */
  volts_V: number;
  current_A: number;
  /** Real power lost in it, W. For the arc: what it gives. */
  power_W: number;
  /** Tightest limit that hangs on it; null where none does. */
  room: Room | null;
}

/** Copper of weld leads at work, °C. */
const LEADS_C = 40;

/** Rooms that hang on each link, by id. */
const ROOMS: Readonly<Record<ChainLink['id'], readonly string[]>> = {
  source: ['breaker', 'generator'],
  cord: ['cord', 'cord-heat'],
  machine: ['machine-range', 'duty', 'ocv'],
  leads: ['leads'],
  arc: ['rod-amps'],
};

/**
 * The supply chain at the middle of the ranges, link by link, in order. What leaves the source is what the arc gives and every link
 * between keeps.
 * @param rooms tightest first
 * @returns null while machine, supply or amps are not known, and where there is no working point
 */
export function powerChain(situation: Situation, rooms: readonly Room[]): ChainLink[] | null {
  const { machine, supply, cord, leads, draw, current_A } = situation;
  const volts_V = supply?.value.volts_V ?? null;
  if (!machine || !supply || !draw || !current_A || volts_V === null || !draw.holds) return null;
  const root = supply.value.phases === 3 ? Math.sqrt(3) : 1;
  const drawn_A = draw.current_A.nominal;
  const cordDrop_V = draw.dropShare.nominal * volts_V;
  const cordLoss_W = root * cordDrop_V * drawn_A;
  const welding_A = current_A.value;
  const output_V = loadVoltage_V('stick', welding_A);
  const output_W = output_V * welding_A;
  const machineLoss_W = output_W / MACHINE_TYPES[machine.value.type].efficiency.nominal - output_W;
  const leadDrop_V =
    leads?.value.length_m == null
      ? 0
      : 2 * leads.value.length_m * resistance_ohm_m(leads.value.size, LEADS_C) * welding_A;
  const leadLoss_W = leadDrop_V * welding_A;
  const hangs = (id: ChainLink['id']) => rooms.find((room) => ROOMS[id].includes(room.id)) ?? null;
  const link = (
    id: ChainLink['id'],
    name: string,
    volts: number,
    amps: number,
    power_W: number,
  ): ChainLink => ({ id, name, volts_V: volts, current_A: amps, power_W, room: hangs(id) });
  return [
    link('source', supply.value.name, volts_V, drawn_A, output_W + machineLoss_W + cordLoss_W),
    ...(cord ? [link('cord', 'Cord', volts_V - cordDrop_V, drawn_A, cordLoss_W)] : []),
    link('machine', machine.value.name, output_V, welding_A, machineLoss_W),
    ...(leadDrop_V > 0
      ? [link('leads', leads?.value.name ?? 'Weld leads', output_V - leadDrop_V, welding_A, leadLoss_W)]
      : []),
    link('arc', 'Arc', output_V - leadDrop_V, welding_A, output_W - leadLoss_W),
  ];
}

/** The link with the least room: the one the chain hangs on. */
export function weakestLink(chain: readonly ChainLink[], rooms: readonly Room[]): ChainLink | null {
  const at = ({ room }: ChainLink) => (room ? rooms.indexOf(room) : Infinity);
  const weakest = [...chain].sort((a, b) => at(a) - at(b))[0];
  return weakest?.room ? weakest : null;
}
