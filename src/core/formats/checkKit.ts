import { machineType } from '../data/machines';
import { ARC_PROCESSES } from '../data/processIds';
import { formatQuantity, midSentence } from '../units/format';
import { APPARENT_POWER, CURRENT, REAL_POWER, type UnitSystem } from '../units/kinds';
import { setPath } from './edits';
import { numberField, type NumberPath } from './fields';
import type { Machine, Supply } from './kit';

/** A number of a kit's item that cannot stand beside the others: where it stands, and what to type instead. */
export interface Misfit {
  /** Path in the item. */
  at: string;
  message: string;
}

/** Collects misfits, each named by its field. */
function collector(found: Misfit[]) {
  return (at: string, path: NumberPath, words: string) =>
    found.push({ at, message: `${numberField(path).label}: ${words}` });
}

/** Holds the numbers of a plate against one another. */
export function checkMachine(machine: Machine, system: UnitSystem = 'metric'): Misfit[] {
  const found: Misfit[] = [];
  const refuse = collector(found);
  const amps = (a: number) => formatQuantity(a, CURRENT, system);
  const { min_A, max_A } = machine;
  if (min_A !== null && max_A !== null && max_A <= min_A)
    refuse(
      'max_A',
      'machine.max_A',
      `${amps(max_A)} is not over the lowest. Type more than ${amps(min_A)}, or mend the lowest.`,
    );
  machine.inputs.forEach(({ inputMax_A, inputEff_A, top_A, phases }, n) => {
    const at = `inputs.${n}`;
    if (inputMax_A !== null && inputEff_A !== null && inputEff_A > inputMax_A)
      refuse(
        `${at}.inputEff_A`,
        'machine.inputEff_A',
        `${amps(inputEff_A)} is over I1max. Type ${amps(inputMax_A)} or less.`,
      );
    if (top_A !== null && max_A !== null && top_A > max_A)
      refuse(
        `${at}.top_A`,
        'machine.inputTop_A',
        `${amps(top_A)} is over the highest of the plate. Type ${amps(max_A)} or less.`,
      );
    const kind = machineType(machine.type);
    if (kind.phases !== null && phases !== kind.phases)
      found.push({
        at: `${at}.phases`,
        message: `Phases: ${midSentence(kind.name)} is made for ${kind.phases === 3 ? 'three phases' : 'one phase'}. Press ${kind.phases === 3 ? 'Three' : 'Single'}, or choose another kind.`,
      });
  });
  machine.rated.forEach(({ current_A }, n) => {
    if (current_A !== null && max_A !== null && current_A > max_A)
      refuse(
        `rated.${n}.current_A`,
        'machine.ratedCurrent_A',
        `${amps(current_A)} is over the highest amps, where the machine gives nothing. Type ${amps(max_A)} or less.`,
      );
  });
  return [...found, ...risingDuty(machine)];
}

/** More amps at more duty cannot be: one of the two points was read wrong. */
function risingDuty(machine: Machine): Misfit[] {
  return ARC_PROCESSES.flatMap((process) => {
    const points = machine.rated.flatMap((point, n) =>
      point.process === process && point.current_A !== null && point.duty_pct !== null
        ? [{ n, volts: point.volts_V, current_A: point.current_A, duty_pct: point.duty_pct }]
        : [],
    );
    return points.flatMap(({ n, volts, current_A, duty_pct }) => {
      const lower = points.find(
        (other) => other.volts === volts && other.current_A < current_A && other.duty_pct < duty_pct,
      );
      return lower
        ? [
            {
              at: `rated.${n}.duty_pct`,
              message: `Duty cycle: ${duty_pct} % at ${current_A} A is over ${lower.duty_pct} % at ${lower.current_A} A. More amps mean less duty: type ${lower.duty_pct} % or less.`,
            },
          ]
        : [];
    });
  });
}

/** A machine without the numbers that cannot be: what is left can be reckoned with. */
export const soundMachine = (machine: Machine, system: UnitSystem = 'metric'): Machine =>
  checkMachine(machine, system)
    .filter(({ at }) => !at.endsWith('phases'))
    .reduce((sound, { at }) => setPath(sound, at, null), machine);

/** Holds the numbers of a supply against one another. */
export function checkSupply(supply: Supply, system: UnitSystem = 'metric'): Misfit[] {
  const found: Misfit[] = [];
  if (supply.kind !== 'generator') return found;
  const refuse = collector(found);
  const { rating_kW, rating_kVA, surge_kVA } = supply;
  if (rating_kW !== null && rating_kVA !== null && rating_kW > rating_kVA)
    refuse(
      'rating_kW',
      'supply.rating_kW',
      `${formatQuantity(rating_kW, REAL_POWER, system)} is over its kVA, a power factor over 1. Type ${formatQuantity(rating_kVA, REAL_POWER, system)} or less.`,
    );
  if (surge_kVA !== null && rating_kVA !== null && surge_kVA < rating_kVA)
    refuse(
      'surge_kVA',
      'supply.surge_kVA',
      `${formatQuantity(surge_kVA, APPARENT_POWER, system)} is under what it runs at. Type ${formatQuantity(rating_kVA, APPARENT_POWER, system)} or more.`,
    );
  return found;
}
