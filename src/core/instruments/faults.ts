import type { Reading } from '../formats/instrument';

/** Ways an instrument fails, and what is said of each. */
export const FAULTS = {
  'drop-out': 'it is cut off and comes back',
  noise: 'a loose lead',
  stuck: 'it hangs',
  'wrong-unit': 'it is set to another unit',
  drift: 'its zero walks off',
  late: 'its readings come late',
  'out-of-range': 'past the end of its range',
  reboot: 'it switches itself off and on',
} as const satisfies Record<string, string>;
export type FaultId = keyof typeof FAULTS;
export const FAULT_IDS = Object.keys(FAULTS) as [FaultId, ...FaultId[]];

/** Cut off for so much of every so long, s. */
const CUT = { off_s: 6, of_s: 9 };
/** Off by up to this share of what it reads, by so many of its own errors a second, so late, and switched off so often, s. */
const BAD = { noise: 0.4, drift_errors_s: 2, late_s: 40, reboot_s: 4 };

/**
 * A reading as it comes from an instrument that fails; null where none comes.
 * @param since_s since it began to fail, @param held the last that was sound: what a stuck one goes on telling, @param chance between 0 and 1
 */
export function spoil(
  fault: FaultId,
  reading: Reading,
  since_s: number,
  held: Reading,
  chance: number,
): Reading | null {
  const values = (change: (value: number, error: number) => number) =>
    reading.values.map((one) => ({
      ...one,
      value: one.value === null ? null : change(one.value, one.error ?? 0),
    }));
  switch (fault) {
    case 'drop-out':
      return since_s % CUT.of_s < CUT.off_s ? null : reading;
    case 'noise':
      return {
        ...reading,
        values: values((value, error) => value + (2 * chance - 1) * (BAD.noise * value + 20 * error)),
      };
    case 'stuck':
      return { ...reading, values: held.values };
    case 'wrong-unit':
      return { ...reading, values: reading.values.map((one) => ({ ...one, unit: 'div' })) };
    case 'drift':
      return { ...reading, values: values((value, error) => value + BAD.drift_errors_s * error * since_s) };
    case 'late':
      return { ...reading, at: new Date(Date.parse(reading.at) - 1000 * BAD.late_s).toISOString() };
    case 'out-of-range':
      return { ...reading, quality: 'out-of-range', values: values((value) => value * 1e6) };
    case 'reboot':
      return since_s % (2 * BAD.reboot_s) < BAD.reboot_s
        ? null
        : { ...reading, n: Math.floor((since_s % BAD.reboot_s) * 2) };
  }
}
