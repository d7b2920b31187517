import { STEEL_HEAT } from '../data/heatProperties';
import { onThickPlate_C, peakBeside_K } from './rosenthal';
import { reach_mm } from './zone';

const arc = { power_W: 2500, travel_mm_s: 2.5, start_C: 20, metal: STEEL_HEAT };

describe('how far a temperature reaches beside a bead', () => {
  test('in thin plate, run fast, as far as the peak of a line source says (Rosenthal 1941)', () => {
    const fast = { ...arc, power_W: 40_000, travel_mm_s: 40 };
    const reach = reach_mm(fast, 6, 400);
    expect(Math.abs(peakBeside_K(1000, 6, reach, STEEL_HEAT.heatCapacity_J_mm3K) - 380)).toBeLessThan(25);
  });

  test('on thick plate just there some point behind the arc is that hot, and a little farther none is', () => {
    const reach = reach_mm(arc, null, 720);
    const hottest = (aside: number) =>
      Math.max(...Array.from({ length: 400 }, (_, n) => onThickPlate_C(arc, -0.1 * n, aside, 0)));
    expect(hottest(reach)).toBeGreaterThan(718);
    expect(hottest(reach * 1.05)).toBeLessThan(720);
  });

  test('less hot reaches farther, warmer plate too, thick plate less far than thin', () => {
    expect(reach_mm(arc, null, 300)).toBeGreaterThan(reach_mm(arc, null, 720));
    expect(reach_mm({ ...arc, start_C: 200 }, null, 720)).toBeGreaterThan(reach_mm(arc, null, 720));
    expect(reach_mm(arc, 4, 720)).toBeGreaterThan(reach_mm(arc, null, 720));
  });
});
