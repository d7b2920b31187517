import { BATTERY_USABLE, DAY_s, IDLE_POWER_FACTOR } from '../data/limits';
import { FUEL_DOUBT, FUELS, type FuelId } from '../data/machines';
import { effectiveCurrent_A } from './duty';
import { loadVoltage_V } from '../heat/loadVoltage';
import { arcsOf, meanOver, type DrawAt } from './arcs';
import type { Burn } from './window';
import { rodsNeeded } from '../rods/counts';
import { phaseFactor } from './plate/nameplate';
import { mapRange, type Range } from '../units/range';
import type { Reads, Situation } from '../judge/situation';

/** What a job takes out of socket, tank or battery, and a day of such work. */
export interface DayWork {
  /** How long the day is, s, and how much of it is arc, 0 to 1. */
  day_s: number;
  arcShare: number;
  job_kWh: Range;
  day_kWh: Range;
  /** Steady supply current that would heat the wiring as the whole job does, A; null with no supply. */
  effective_A: Range | null;
  /** What an engine burns in the day, litres; null where there is none, or its size or fuel is not known. */
  fuel_l: Range | null;
  fuel: FuelId | null;
  /** In the money of the price; null where no price is known. */
  cost: Range | null;
  rodsPerCharge: Range | null;
}

const SECONDS_PER_HOUR = 3600;

/** Answers "what does a day of this take?" Null while the job's minutes are not known. */
export function dayWork(situation: Situation): DayWork | null {
  const { timeline, plate, drawAt, supply, job, machine } = situation;
  const arc_kW = arcInput_kW(situation);
  if (!timeline || !plate || !machine || !arc_kW || timeline.elapsed_s <= 0) return null;
  const idle_kW = mapRange(
    IDLE_POWER_FACTOR.range,
    (pf) =>
      (pf * plate.idle_A * (supply?.value.volts_V ?? 0) * phaseFactor(supply?.value.phases ?? 1)) / 1000,
  );
  const arcShare = timeline.arc_s / timeline.elapsed_s;
  const mean_kW = both(arc_kW, idle_kW, (arc, idle) => arc * arcShare + idle * (1 - arcShare));
  const day_s = job.power.day_s ?? DAY_s;
  const day_kWh = mapRange(mean_kW, (kW) => (kW * day_s) / SECONDS_PER_HOUR);
  const fuel = fuelOf(situation);
  const engine = engineFull_kW(situation);
  const fuel_l =
    fuel === null || engine === null
      ? null
      : mapRange(
          widened(mean_kW, FUEL_DOUBT),
          (kW) => (litres_h(fuel, engine, kW) * day_s) / SECONDS_PER_HOUR,
        );
  const price = supply?.value.price ?? null;
  const bought = fuel_l ?? (supply?.value.kind === 'socket' ? day_kWh : null);
  return {
    day_s,
    arcShare,
    job_kWh: mapRange(mean_kW, (kW) => (kW * timeline.elapsed_s) / SECONDS_PER_HOUR),
    day_kWh,
    effective_A: drawAt && effectiveOver(arcsOf(timeline), drawAt, plate.idle_A, arcShare),
    fuel_l,
    fuel,
    cost: price === null || bought === null ? null : mapRange(bought, (units) => units * price),
    rodsPerCharge: rodsPerCharge(situation),
  };
}

/** The steady current that heats as all of a job does: the root of the mean of current squared. */
function effectiveOver(burns: readonly Burn[], drawAt: DrawAt, idle_A: number, arcShare: number): Range {
  const at = (end: keyof Range) =>
    effectiveCurrent_A(
      Math.sqrt(meanOver(burns, (amps) => drawAt(amps).current_A[end] ** 2)),
      idle_A,
      arcShare,
    );
  return { low: at('low'), nominal: at('nominal'), high: at('high') };
}

/** Real power that goes in while arcs burn, over all of them: out over efficiency, and what line and cords keep. */
function arcInput_kW({
  plate,
  draw,
  drawAt,
  timeline,
}: Reads<'plate' | 'draw' | 'drawAt' | 'timeline'>): Range | null {
  if (!plate || !timeline || (plate.type.feeds === 'mains' && !draw?.holds)) return null;
  const burns = arcsOf(timeline);
  const { range } = plate.efficiency;
  const mean_kW = (end: keyof Range, efficiency: number) =>
    meanOver(
      burns,
      (amps) =>
        (loadVoltage_V('stick', amps) * amps) /
        1000 /
        efficiency /
        (1 - (drawAt?.(amps).dropShare[end] ?? 0)),
    );
  return {
    low: mean_kW('low', range.high),
    nominal: mean_kW('nominal', range.nominal),
    high: mean_kW('high', range.low),
  };
}

/** Rods that one charge melts; null where there is no battery, or what it holds is not known. */
export function rodsPerCharge(
  situation: Reads<'machine' | 'plate' | 'beads' | 'draw' | 'drawAt' | 'timeline'>,
): Range | null {
  const { machine, plate, beads, timeline } = situation;
  const rodCount = beads ? rodsNeeded(beads) : 0;
  const arc_kW = arcInput_kW(situation);
  const held_Wh = machine?.value.battery_Wh ?? null;
  if (plate?.type.feeds !== 'battery' || held_Wh === null || !timeline || rodCount <= 0 || !arc_kW)
    return null;
  const rod_s = timeline.arc_s / rodCount;
  const rods = (share: number, kW: number) => (share * held_Wh) / ((1000 * kW * rod_s) / SECONDS_PER_HOUR);
  const { range } = BATTERY_USABLE;
  return {
    low: rods(range.low, arc_kW.high),
    nominal: rods(range.nominal, arc_kW.nominal),
    high: rods(range.high, arc_kW.low),
  };
}

function fuelOf({ machine, plate, supply }: Reads<'machine' | 'plate' | 'supply'>): FuelId | null {
  if (plate?.type.feeds === 'engine') return machine?.value.fuel ?? null;
  return supply?.value.kind === 'generator' ? supply.value.fuel : null;
}

/** What the engine could give: the generator's running kW, or what an engine-driven machine needs at its largest current. */
function engineFull_kW({ plate, supply }: Reads<'plate' | 'supply'>): number | null {
  if (plate?.type.feeds === 'engine') {
    if (!plate.max_A) return null;
    const max = plate.max_A.range.nominal;
    return (loadVoltage_V('stick', max) * max) / plate.efficiency.range.nominal / 1000;
  }
  // A generator's kVA is at a power factor of 0.8 by custom.
  return supply?.value.rating_kW ?? (supply?.value.rating_kVA ? 0.8 * supply.value.rating_kVA : null);
}

/** Litres an hour: what it burns turning over at its size, and what it burns for what it gives. */
export const litres_h = (fuel: FuelId, full_kW: number, given_kW: number): number =>
  FUELS[fuel].idle_l_kWh * full_kW + FUELS[fuel].load_l_kWh * given_kW;

const both = (a: Range, b: Range, f: (a: number, b: number) => number): Range => ({
  low: f(a.low, b.low),
  nominal: f(a.nominal, b.nominal),
  high: f(a.high, b.high),
});

const widened = (range: Range, share: number): Range => ({
  low: range.low * (1 - share),
  nominal: range.nominal,
  high: range.high * (1 + share),
});
