import { blankJob } from '../formats/blankJob';
import type { Side } from '../formats/job';
import { compositionOf } from './composition';

const BLANK = blankJob('j', '2026-01-01T00:00:00.000Z').metal.sideA;
const hard = (hardness_HB: number, change: Partial<Side> = {}): Side => ({
  ...BLANK,
  evidence: { hardness: { kind: 'hardness', test: 'hardness', hardness_HB, standing: 'sound' } },
  ...change,
});
const carbon = (side: Side, family: Parameters<typeof compositionOf>[1] = 'quenched-tempered-wear-plate') =>
  compositionOf(side, family).elements.C;

describe('hardened plate nobody named', () => {
  // Mill data, from memory: carbon of plate sold as 400 HB 0.11 to 0.20 %, 500 HB 0.24 to 0.30 %, 600 HB 0.37 to 0.47 %.
  test.each([
    [400, 0.11, 0.2],
    [500, 0.24, 0.3],
    [600, 0.37, 0.47],
  ])('%d HB tells its carbon', (hb, low, high) => {
    const told = carbon(hard(hb));
    const middle = (low + high) / 2;
    expect(told?.low).toBeLessThan(middle);
    expect(told?.high).toBeGreaterThan(middle);
    expect(Math.abs((told?.nominal ?? NaN) - middle)).toBeLessThan(0.03);
  });

  test('a plate of 600 HB is not taken for one of 400: more carbon than the family has as a rule', () => {
    expect(carbon(hard(600))?.low).toBeGreaterThan(carbon(BLANK)?.high ?? NaN);
    expect(compositionOf(hard(600), 'quenched-tempered-wear-plate').words).toMatch(/hardness says/);
  });

  test('what was tempered back, is of another family, was named or was read keeps its own', () => {
    expect(carbon(hard(260))).toEqual(carbon(BLANK));
    expect(carbon(hard(500), 'medium-carbon-steel')).toEqual(carbon(BLANK, 'medium-carbon-steel'));
    const named = { grade: 'wear400', family: 'quenched-tempered-wear-plate' } as const;
    expect(carbon(hard(500, named))).toEqual(carbon({ ...BLANK, ...named }));
    const doubted = hard(500);
    const test = doubted.evidence.hardness;
    if (test) doubted.evidence.hardness = { ...test, standing: 'doubtful' };
    expect(carbon(doubted)).toEqual(carbon(BLANK));
  });
});
