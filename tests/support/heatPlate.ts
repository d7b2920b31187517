import { STEEL_HEAT } from '../../src/core/data/heatProperties';
import type { PlateQuestion } from '../../src/core/heat/plate/plate';

/** A thin steel plate that the heat is checked on; its sizes are nobody's. */
export const HEAT_PLATE: PlateQuestion = {
  length_mm: 300,
  width_mm: 150,
  thickness_mm: 6,
  metal: STEEL_HEAT,
  loss_per_s: 0.002,
  air_C: 20,
  start_C: 20,
  bead_mm: 8,
  thick: false,
};
