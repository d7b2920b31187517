import { resistance_ohm_m } from '../data/cables';
import { loadVoltage_V } from '../heat/loadVoltage';
import { phaseFactor } from '../power/plate/nameplate';
import type { Room, RoomId } from './rooms';
import { clampDrop_V } from '../power/clamp';
import type { Reads, Situation } from '../judge/situation';

export type LinkKind = 'source' | 'line' | 'cord' | 'machine' | 'leads' | 'clamp' | 'arc';

/** One link of the way from the socket to the arc: what comes out of it, and what it keeps for itself as heat. */
export interface ChainLink {
  id: string;
  kind: LinkKind;
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
const ROOMS: Readonly<Record<LinkKind, readonly RoomId[]>> = {
  source: ['breaker', 'generator', 'inrush', 'plug', 'supply-fit'],
  line: [],
  cord: ['cord', 'cord-heat'],
  machine: ['machine-range', 'duty', 'ocv', 'charge'],
  leads: ['leads', 'lead-heat'],
  clamp: [],
  arc: ['rod-amps'],
};

/**
 * The supply chain at the middle of the ranges, link by link, in order. What leaves the source is what the arc gives and every link
 * between keeps. A machine that makes its own power is its own source.
 * @param rooms tightest first
 * @returns null while machine, supply or amps are not known, and where there is no working point
 */
export function powerChain(situation: Situation, rooms: readonly Room[]): ChainLink[] | null {
  const { machine, plate, current_A } = situation;
  if (!machine || !plate || !current_A || plate.misfit !== '') return null;
  const output_W = loadVoltage_V('stick', current_A.value) * current_A.value;
  const machineLoss_W = output_W / plate.efficiency.range.nominal - output_W;
  const before = plate.type.feeds === 'mains' ? supplyLinks(situation, output_W + machineLoss_W) : [];
  if (before === null) return null;
  const links: Omit<ChainLink, 'room'>[] = [
    ...before,
    {
      id: 'machine',
      kind: 'machine',
      name: machine.value.name,
      volts_V: loadVoltage_V('stick', current_A.value),
      current_A: current_A.value,
      power_W: machineLoss_W,
    },
    ...weldLinks(situation, current_A.value),
  ];
  return links.map((link) => ({
    ...link,
    room: rooms.find((room) => ROOMS[link.kind].includes(room.id)) ?? null,
  }));
}

/** Source, line and cords; null where nothing is known of the supply, or it will not hold. */
function supplyLinks(
  { supply, cords, draw }: Reads<'supply' | 'cords' | 'draw'>,
  machine_W: number,
): Omit<ChainLink, 'room'>[] | null {
  const volts_V = supply?.value.volts_V ?? null;
  if (!supply || !draw || volts_V === null || !draw.holds) return null;
  const current_A = draw.current_A.nominal;
  const lost_V = draw.dropShare.nominal * volts_V;
  const keeps = (share: number) => phaseFactor(supply.value.phases) * share * lost_V * current_A;
  let left_V = volts_V - draw.lineShare * lost_V;
  const cordLinks = (cords?.value ?? []).map((_, n) => {
    const share = draw.cordShares[n] ?? 0;
    left_V -= share * lost_V;
    return {
      id: n === 0 ? 'cord' : `cord-${n + 1}`,
      kind: 'cord' as const,
      name: n === 0 ? 'Cord' : n === 1 ? 'Second cord' : 'Third cord',
      volts_V: left_V,
      current_A,
      power_W: keeps(share),
    };
  });
  const line =
    draw.lineShare > 0
      ? [
          {
            id: 'line',
            kind: 'line' as const,
            name: 'Line to the socket',
            volts_V: volts_V - draw.lineShare * lost_V,
            current_A,
            power_W: keeps(draw.lineShare),
          },
        ]
      : [];
  return [
    {
      id: 'source',
      kind: 'source',
      name: supply.value.name,
      volts_V,
      current_A,
      power_W: machine_W + keeps(draw.lineShare) + cordLinks.reduce((sum, { power_W }) => sum + power_W, 0),
    },
    ...line,
    ...cordLinks,
  ];
}

/** Leads and clamp, where leads are named, and the arc. */
function weldLinks({ leads, job }: Reads<'leads' | 'job'>, welding_A: number): Omit<ChainLink, 'room'>[] {
  const at = (volts_V: number) => ({ volts_V, current_A: welding_A });
  const output_V = loadVoltage_V('stick', welding_A);
  const length_m = leads?.value.length_m ?? null;
  const lead_V =
    leads && length_m !== null ? 2 * length_m * resistance_ohm_m(leads.value.size, LEADS_C) * welding_A : 0;
  const clamp_V = clampDrop_V(job.power.clampDrop_V, welding_A).nominal;
  const arc_V = output_V - lead_V - clamp_V;
  return [
    ...(leads && lead_V > 0
      ? [
          {
            id: 'leads',
            kind: 'leads' as const,
            name: leads.value.name,
            ...at(output_V - lead_V),
            power_W: lead_V * welding_A,
          },
        ]
      : []),
    { id: 'clamp', kind: 'clamp', name: 'Work clamp', ...at(arc_V), power_W: clamp_V * welding_A },
    { id: 'arc', kind: 'arc', name: 'Arc', ...at(arc_V), power_W: arc_V * welding_A },
  ];
}

/** The link with the least room: the one the chain hangs on. */
export function weakestLink(chain: readonly ChainLink[], rooms: readonly Room[]): ChainLink | null {
  const at = ({ room }: ChainLink) => (room ? rooms.indexOf(room) : Infinity);
  const weakest = [...chain].sort((a, b) => at(a) - at(b))[0];
  return weakest?.room ? weakest : null;
}
