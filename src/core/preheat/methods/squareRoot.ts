import { SEFERIAN } from '../../units/sources';
import { asks, outside, type PreheatMethod } from './method';

/** Steel up to which it is used, % carbon: over that it is cast iron's neighbour. */
const MOST_CARBON_pct = 1.1;

/** T = 350 sqrt([C] - 0.25), [C] = chemical carbon x (1 + 0.005 t), °C (Seferian, from memory). */
export const squareRootPreheat_C = (chemicalCarbon: number, thick_mm: number): number =>
  350 * Math.sqrt(Math.max(0, chemicalCarbon * (1 + 0.005 * thick_mm) - 0.25));

export const SQUARE_ROOT_METHOD: PreheatMethod = {
  id: 'square-root',
  name: 'Square root of carbon',
  looksAt: 'Chemistry and thickness; says nothing of hydrogen.',
  source: SEFERIAN,
  judge: (steel, { thick_mm }) =>
    steel.carbon > MOST_CARBON_pct
      ? outside('Carbon over 1.1 %.')
      : asks(squareRootPreheat_C(steel.chemicalCarbon, thick_mm)),
};
