import { PALETTES, TARGET, type Palette } from './tokens';

/** Relative luminance of a colour: WCAG 2.2. */
function luminance(hex: string): number {
  const [r, g, b] = [1, 3, 5].map((at) => {
    const share = parseInt(hex.slice(at, at + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

/** Contrast of two colours: WCAG 2.2. */
function contrast(a: string, b: string): number {
  const [light, dark] = [luminance(a), luminance(b)].sort((x, y) => y - x) as [number, number];
  return (light + 0.05) / (dark + 0.05);
}

test('black on white is 21 to 1 (WCAG 2.2)', () => expect(contrast('#000000', '#FFFFFF')).toBeCloseTo(21, 6));

describe.each(Object.entries(PALETTES))('%s', (_, palette: Palette) => {
  test.each([
    ['ink', 'ground'],
    ['ink', 'surface'],
    ['ink2', 'ground'],
    ['ink2', 'surface'],
    ['ink2', 'sunk'],
    ['act', 'surface'],
    ['onAct', 'act'],
    ['danger', 'surface'],
    ['danger', 'ground'],
    ['onBar', 'bar'],
    ['onSteel', 'steel'],
  ] as const)('%s on %s holds 4.5 to 1', (text, ground) => {
    expect(contrast(palette[text], palette[ground])).toBeGreaterThanOrEqual(4.5);
  });

  test.each(['roomy', 'snug', 'tight', 'none', 'unknown'] as const)(
    'the colour of %s reads on every ground it stands on',
    (state) => {
      for (const ground of [palette.ground, palette.surface, palette.sunk]) {
        expect(contrast(palette.state[state], ground)).toBeGreaterThanOrEqual(4.5);
      }
      expect(contrast(palette.onState, palette.state[state])).toBeGreaterThanOrEqual(4.5);
    },
  );
});

test('what is pressed is at least as big as a glove needs', () => expect(TARGET).toBeGreaterThanOrEqual(48));
