import { WATER_g_cm3 } from '../metal/density';
import { UNSEEN_BY_XRAY } from '../metal/likelihood';
import { libraryRow } from '../data/library';
import { TYPICAL_METALS } from '../data/typicalMetals';
import type { FamilyId } from '../data/families';
import type { InstrumentId } from '../data/instruments';
import type { About, Reading } from '../formats/instrument';
import { usualError } from '../formats/usualError';
import { HeatLog } from '../heat/cooling';
import { arcHeat_W } from '../heat/arcEnergy';
import { loadVoltage_V } from '../heat/loadVoltage';
import type { Situation } from '../judge/situation';
import { fixedChance } from '../units/chance';

/** Instruments that nobody holds: each tells what the real one would on a job, by the same physics that plans it. */

/** What a stand-in is held to; each of them reads its own. */
export interface Held {
  /** Along the seam, 0 at its left end, 1 at its right. */
  along: number;
  /** The piece hangs in water. */
  inWater: boolean;
  /** The metal under it; blank: the job's own. */
  family: FamilyId | null;
}
export const HELD: Held = { along: 0, inWater: false, family: null };

type Values = Reading['values'];

/** What each calls itself, and how often it reads, ms. The names and numbers are invented. */
const LABELS: Readonly<Record<InstrumentId, readonly [name: string, serial: string, every_ms: number]>> = {
  ammeter: ['Yard clamp meter', 'YARD-A-01', 200],
  thermometer: ['Yard spot thermometer', 'YARD-T-02', 500],
  'field-meter': ['Yard field meter', 'YARD-F-03', 500],
  analyser: ['Yard alloy analyser', 'YARD-X-04', 2000],
  'hardness-tester': ['Yard hardness tester', 'YARD-H-05', 1500],
  scale: ['Yard bench scale', 'YARD-S-06', 500],
};

export const aboutStandIn = (kind: InstrumentId): About => {
  const [name, serial, every_ms] = LABELS[kind];
  return { format: 'elbow-room-instrument', version: 1, kind, name, serial, every_ms };
};

/** One value, its digits as an instrument shows them. */
const one = (what: string, value: number, unit: string, error: number, digits = 1): Values[number] => ({
  what,
  value: Number(value.toFixed(digits)),
  unit,
  error,
});

/** Scatter about 0, a spread of one: the sum of twelve chances less six. */
const scatterBy = (chance: () => number) => () => {
  let sum = -6;
  for (let n = 0; n < 12; n++) sum += chance();
  return sum;
};

/** Short circuits of a stick arc take so much of the time, at so much more current and so few volts; the arc itself wavers by a share. */
const ARC = { shorts: 0.08, short: 1.45, short_V: 9, waver: 0.04, idle_A: 0.15, held_V: 12, open_V: 70 };

function ammeter({ timeline, machine }: Situation, t_s: number, chance: () => number): Values {
  const scatter = scatterBy(chance);
  const at_s = timeline && timeline.elapsed_s > 0 ? t_s % timeline.elapsed_s : 0;
  const now = timeline?.events.find(
    ({ start_s, duration_s }) => at_s >= start_s && at_s < start_s + duration_s,
  );
  const burns = now !== undefined && now.current_A > 0;
  if (!now || !burns) {
    const open_V = machine?.value.voltageReducer ? ARC.held_V : (machine?.value.ocv_V ?? ARC.open_V);
    return [one('current', ARC.idle_A * scatter(), 'A', 0.5), one('voltage', open_V, 'V', 0.5)];
  }
  const short = chance() < ARC.shorts;
  const current = now.current_A * (short ? ARC.short : 1 + ARC.waver * scatter());
  const volts = short ? ARC.short_V : loadVoltage_V('stick', now.current_A) * (1 + ARC.waver * scatter());
  return [one('current', current, 'A', Math.max(0.5, 0.02 * current)), one('voltage', volts, 'V', 0.5)];
}

/** The plate beside the weld while the job goes on as planned. */
function thermometer({ timeline, heat }: Situation, t_s: number, chance: () => number): Values {
  const { cooling, preheat_C } = heat.holds;
  const log = new HeatLog(cooling);
  const at_s = timeline && timeline.elapsed_s > 0 ? t_s % (2 * timeline.elapsed_s) : 0;
  for (const { kind, start_s, duration_s, current_A } of timeline?.events ?? []) {
    const end_s = start_s + duration_s;
    if (end_s > at_s) break;
    if (kind === 'warm' && preheat_C !== null) log.warmed(end_s, preheat_C);
    if (current_A > 0) log.laid(end_s, arcHeat_W(current_A) * duration_s);
  }
  const true_C = log.at(at_s);
  return [one('temperature', true_C + 0.4 * scatterBy(chance)(), '°C', Math.max(2, 0.01 * true_C))];
}

/** Before any arc: strongest at the ends of a seam. */
const FIELD_G = 14;
const ENDS = { middle: 0.5, more: 0.9 };

function fieldMeter({ job }: Situation, { along }: Held, chance: () => number): Values {
  const from_middle = Math.abs(2 * Math.min(1, Math.max(0, along)) - 1);
  const field = (job.order.residual_G ?? FIELD_G) * (ENDS.middle + ENDS.more * from_middle ** 2);
  return [one('field', field + 0.15 * scatterBy(chance)(), 'G', 0.5, 2)];
}

function analyser(family: FamilyId, chance: () => number): Values {
  const scatter = scatterBy(chance);
  return Object.entries(TYPICAL_METALS[family].percent)
    .filter(([element]) => !UNSEEN_BY_XRAY.includes(element))
    .map(([element, percent]) => {
      const error = usualError(percent);
      return one(element, Math.min(100, Math.max(0, percent + (error / 2) * scatter())), '%', error, 3);
    });
}

const HARDNESS_SCATTER = 0.03;

function hardnessTester(family: FamilyId, chance: () => number): Values {
  const { low, high } = libraryRow(family).hardness_HB.value;
  const true_HB = Math.sqrt(low * high);
  return [one('hardness', true_HB * (1 + HARDNESS_SCATTER * scatterBy(chance)()), 'HB', 0.05 * true_HB, 0)];
}

const PIECE_g = 860;

function scale(family: FamilyId, { inWater }: Held): Values {
  const { low, high } = libraryRow(family).density_g_cm3.value;
  const hung = PIECE_g * (1 - (2 * WATER_g_cm3) / (low + high));
  return [one('mass', inWater ? hung : PIECE_g, 'g', 0.5, 0)];
}

/**
 * What a stand-in tells on a job.
 * @param t_s since it was switched on, @param n the number of the reading: the same gives the same
 */
export function standInValues(
  kind: InstrumentId,
  situation: Situation,
  held: Held,
  t_s: number,
  n: number,
): Values {
  const chance = fixedChance(7919 + n);
  const family = held.family ?? situation.wants.families[0] ?? 'low-carbon-steel';
  switch (kind) {
    case 'ammeter':
      return ammeter(situation, t_s, chance);
    case 'thermometer':
      return thermometer(situation, t_s, chance);
    case 'field-meter':
      return fieldMeter(situation, held, chance);
    case 'analyser':
      return analyser(family, chance);
    case 'hardness-tester':
      return hardnessTester(family, chance);
    case 'scale':
      return scale(family, held);
  }
}
