import fc from 'fast-check';
import PerspT from 'perspective-transform';
import { homography, measured, type Marked, type Spot } from './picture';

const SIZE = { width_px: 1600, height_px: 1200 };
const CARD: readonly Spot[] = [
  [0, 0],
  [85.6, 0],
  [85.6, 53.98],
  [0, 53.98],
];

/** A pinhole camera over a flat thing: turned about two axes, so far off, its middle in the middle of the picture. */
function camera(tilt_deg: number, turn_deg: number, off_mm = 320, focal_px = 1400) {
  const [a, b] = [(tilt_deg * Math.PI) / 180, (turn_deg * Math.PI) / 180];
  return ([x, y]: Spot): Spot => {
    const [px, py] = [x - 60, y - 40];
    const [rx, ry] = [px * Math.cos(b) - py * Math.sin(b), px * Math.sin(b) + py * Math.cos(b)];
    const depth = off_mm + ry * Math.sin(a);
    return [
      (SIZE.width_px / 2 + (focal_px * rx) / depth) / SIZE.width_px,
      (SIZE.height_px / 2 + (focal_px * ry * Math.cos(a)) / depth) / SIZE.height_px,
    ];
  };
}

const shot = (see: (at: Spot) => Spot, line: readonly Spot[], more: Partial<Marked> = {}): Marked => ({
  ...SIZE,
  scale: 'card',
  corners: CARD.map(see),
  known_mm: null,
  along: line.map(see),
  ...more,
});
const LEG: readonly Spot[] = [
  [100, 20],
  [106, 20],
];
const length = (marked: Marked) => {
  const read = measured(marked);
  if (!read.ok) throw new Error(read.message);
  return read.value;
};

describe('the map of a tilted picture', () => {
  // Against the package perspective-transform, which solves the same eight equations by its own elimination.
  test('agrees with a published package', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -30, max: 30, noNaN: true }), { minLength: 8, maxLength: 8 }),
        fc.double({ min: 20, max: 180, noNaN: true }),
        fc.double({ min: 20, max: 180, noNaN: true }),
        (by, x, y) => {
          const corners = CARD.map(([u, v], n): Spot => [
            100 + 4 * u + (by[2 * n] ?? 0),
            100 + 4 * v + (by[2 * n + 1] ?? 0),
          ]);
          const ours = homography(corners, CARD)?.([x, y]);
          const theirs = PerspT(corners.flat(), CARD.flat()).transform(x, y);
          expect(ours?.[0]).toBeCloseTo(theirs[0] ?? NaN, 4);
          expect(ours?.[1]).toBeCloseTo(theirs[1] ?? NaN, 4);
        },
      ),
    );
  });
});

describe('a length on a picture', () => {
  test.each([
    [0, 0],
    [15, 20],
    [30, 0],
    [30, 45],
    [45, -70],
  ])('camera tilted by %i and turned by %i degrees: 6 mm read within 2 %%', (tilt, turn) => {
    const { low, nominal, high } = length(shot(camera(tilt, turn), LEG));
    expect(Math.abs(nominal / 6 - 1)).toBeLessThan(0.02);
    expect(low).toBeLessThan(6);
    expect(high).toBeGreaterThan(6);
    expect((high - low) / 6).toBeLessThan(0.45);
  });

  test('a longer line is told more closely; a crack in legs is the sum of them', () => {
    const see = camera(25, 10);
    const wide = ({ low, nominal, high }: ReturnType<typeof length>) => (high - low) / nominal;
    const long = length(
      shot(see, [
        [10, 70],
        [110, 70],
      ]),
    );
    expect(wide(long)).toBeLessThan(wide(length(shot(see, LEG))));
    const crack = length(
      shot(see, [
        [0, 60],
        [30, 60],
        [30, 100],
      ]),
    );
    expect(crack.nominal).toBeCloseTo(70, 3);
  });

  test('two known points serve where the camera is held square, and leave more open', () => {
    const see = camera(0, 0);
    const by = {
      scale: 'points',
      known_mm: 350,
      corners: [
        [-100, 0],
        [250, 0],
      ].map((at) => see(at as unknown as Spot)),
    } as const;
    const { low, nominal, high } = length(
      shot(
        see,
        [
          [0, 50],
          [100, 50],
        ],
        by,
      ),
    );
    expect(nominal).toBeCloseTo(100, 6);
    const card = length(
      shot(see, [
        [0, 50],
        [100, 50],
      ]),
    );
    expect(high - low).toBeGreaterThan(card.high - card.low);
  });

  test('marks that tell nothing are refused with what to do', () => {
    const see = camera(10, 0);
    const says = (marked: Marked) => {
      const read = measured(marked);
      return read.ok ? '' : read.message;
    };
    const [a, b, c, d] = CARD.map(see) as [Spot, Spot, Spot, Spot];
    expect(says(shot(see, LEG, { corners: [a, c, b, d] }))).toMatch(/do not go round/);
    expect(says(shot(see, LEG, { corners: [a, a, a, a] }))).toMatch(/do not go round/);
    expect(
      says(
        shot(see, [
          [1, 1],
          [1, 1],
        ]),
      ),
    ).toMatch(/ends lie on one another/);
    expect(says(shot(see, LEG, { scale: 'points', corners: [a, b], known_mm: null }))).toMatch(
      /how far apart/,
    );
    expect(says(shot(see, LEG, { scale: 'points', corners: [a, a], known_mm: 10 }))).toMatch(
      /two points lie/,
    );
  });

  test('the same marks give the same answer, however often they are asked', () => {
    const marked = shot(camera(20, 5), LEG);
    expect(measured(marked)).toEqual(measured(marked));
  });
});
