import { BURN_THROUGH_RATIO } from '../data/limits';
import { AIMS } from '../data/words';
import { holesAt_A, meltWidthRatio } from './burnThrough';

const { bisect, lean, flick } = AIMS;

describe('melt width over thickness reproduces jobs that held and jobs that holed (common practice)', () => {
  test.each([
    ['20 A, 1/16 rod, 16 ga lap, small bead', 20, 2, 1.52, bisect.thinShare, 1.9],
    ['20 A, 1/16 rod, 16 ga lap, larger bead', 20, 2.5, 1.52, bisect.thinShare, 2.4],
    ['55 A, 5/64 rod, 1/16 to 1/4, bisected', 55, 5, 1.5875, bisect.thinShare, 4.7],
    ['55 A, 5/64 rod, 1/16 to 1/4, flicked', 55, 5, 1.5875, flick.thinShare, 2.4],
    ['132 A, 1/8 rod on 3.2 mm, bisected', 132, 14, 3.2, bisect.thinShare, 3.7],
    ['132 A, 1/8 rod on 3.2 mm, leaned', 132, 14, 3.2, lean.thinShare, 2.2],
    ['50 A on 1/8 to 1/4', 50, 6, 3.175, bisect.thinShare, 1.4],
  ])('%s', (_, amps, bead, thickness, share, expected) => {
    expect(meltWidthRatio(amps, bead, thickness, share)).toBeCloseTo(expected, 0);
    expect(Math.abs(meltWidthRatio(amps, bead, thickness, share) - expected)).toBeLessThan(0.15);
  });
});

describe('amps at which it holes', () => {
  test('at those amps and the same pace of hand, the melt is just as wide as the limit', () => {
    const holes = holesAt_A(55, 5, 1.5875, bisect.thinShare);
    // Same pace: bead area grows with the amps.
    const beadThen = (5 * holes.nominal) / 55;
    expect(meltWidthRatio(holes.nominal, beadThen, 1.5875, bisect.thinShare)).toBeCloseTo(
      BURN_THROUGH_RATIO.nominal,
      6,
    );
  });

  test('the range runs from the careful to the lucky end, and leaning raises all of it', () => {
    const bisected = holesAt_A(55, 5, 1.5875, bisect.thinShare);
    const leaned = holesAt_A(55, 5, 1.5875, lean.thinShare);
    expect(bisected.low).toBeLessThan(bisected.nominal);
    expect(bisected.nominal).toBeLessThan(bisected.high);
    expect(leaned.low).toBeGreaterThan(bisected.low);
  });

  test('thicker metal takes more', () => {
    const at = (mm: number) => holesAt_A(55, 5, mm, bisect.thinShare).nominal;
    expect(at(3)).toBeGreaterThan(at(2));
    expect(at(2)).toBeGreaterThan(at(1.5));
  });
});
