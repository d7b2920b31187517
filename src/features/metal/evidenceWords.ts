import { metalTest } from '@core/data/metalTests';
import type { Evidence } from '@core/formats/evidence';
import { densityOf } from '@core/metal';
import { trimmed } from '@core/units/format';

/** What a test showed, in a few words. */
export function whatItShowed(entry: Evidence): string {
  switch (entry.kind) {
    case 'outcome':
      return metalTest(entry.test).outcomes[entry.outcome]?.name ?? 'an answer this app does not know';
    case 'weighings': {
      const { air_g, water_g, scale_g } = entry;
      if (air_g === null || water_g === null) return 'a reading is missing';
      const density = densityOf({ air_g, water_g, scale_g: scale_g ?? 0.01 * air_g });
      if (!density.ok) return density.message;
      const { low, nominal, high } = density.value;
      return `${trimmed(nominal, 2)} g/cm³, between ${trimmed(low, 2)} and ${trimmed(high, 2)}`;
    }
    case 'hardness':
      return entry.hardness_HB === null ? 'no number yet' : `${trimmed(entry.hardness_HB, 0)} HB`;
    case 'conductivity':
      return entry.iacs_pct === null ? 'no number yet' : `${trimmed(entry.iacs_pct, 1)} % of copper`;
    case 'chemistry': {
      const named = Object.entries(entry.elements)
        .filter(([, { percent }]) => percent !== null)
        .sort(([, a], [, b]) => (b.percent ?? 0) - (a.percent ?? 0));
      if (named.length === 0) return 'no element yet';
      return named
        .slice(0, 5)
        .map(([el, { percent }]) => `${el} ${trimmed(percent ?? 0, 2)}`)
        .join(', ');
    }
  }
}

/** A share of belief as it is said. */
export const sayShare = (share: number): string =>
  share >= 0.995
    ? 'nearly sure'
    : share < 0.0005
      ? 'under 0.1 %'
      : `${trimmed(100 * share, share < 0.1 ? 1 : 0)} %`;

/** How a test moved a family: "× 12" up, "÷ 40" down. */
export function sayTimes(times: number): string {
  if (times >= 0.95 && times <= 1.05) return 'no change';
  const by = times >= 1 ? times : 1 / times;
  return `${times >= 1 ? '×' : '÷'} ${trimmed(by, by < 10 ? 1 : 0)}`;
}
