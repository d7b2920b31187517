import { demoJob } from '../../../tests/support/demo';
import { DEMO_KIT } from '../../demo/kit';
import { roundBox } from '../judge/drawing';
import { assess } from '../plan/assess';
import { patternOf } from './patterns';
import { polygonArea } from 'd3-polygon';

const way = (edits: Record<string, unknown>) =>
  patternOf(
    assess(
      demoJob('gangway-trolley', { 'joint.thicknessA_mm': 5, 'joint.sameThickness': true, ...edits }),
      DEMO_KIT,
    ).situation,
  );

describe('ways of mending, drawn', () => {
  // By geometry: a square of 100 with corners of 20 has lost 4 - π quarters of their squares.
  test('round corners take off what geometry says', () => {
    const area = Math.abs(polygonArea(roundBox(3, -7, 100, 100, 20).map(([x, y]) => [x, y])));
    expect(area).toBeGreaterThan(0.998 * (10_000 - (4 - Math.PI) * 400));
    // No rounder than the piece is small.
    expect(Math.abs(polygonArea(roundBox(0, 0, 10, 40, 30).map(([x, y]) => [x, y])))).toBeLessThan(400);
  });

  test.each<[string, Record<string, unknown>, RegExp]>([
    ['new-part', { 'joint.kind': 't-fillet' }, /25 mm off every edge/],
    ['thin-sheet', { 'joint.kind': 'lap' }, /laps 25 mm/],
    ['worn-face', { 'joint.kind': 'pad', 'joint.padHeight_mm': 10 }, /4 mm like the part/],
    ['worn-hole', { 'joint.kind': 'plug', 'joint.plugDiameter_mm': 30 }, /pin 30 mm/],
    ['thread', { 'joint.kind': 'plug' }, /stump/],
    ['blown-hole', { 'joint.kind': 'v-butt' }, /feather 20 mm/],
  ])('%s: with the figures of its step', (damage, edits, label) => {
    const drawn = way({ 'look.damage': damage, ...edits })?.drawing;
    expect([drawn?.says, ...(drawn?.labels ?? []).map(({ words }) => words)]).toEqual(
      expect.arrayContaining([expect.stringMatching(label)]),
    );
    for (const [x, y] of [...(drawn?.metal ?? []), ...(drawn?.beads ?? []), ...(drawn?.moves ?? [])].flat()) {
      expect(Number.isFinite(x)).toBe(true);
      expect(Number.isFinite(y)).toBe(true);
    }
  });

  test('eight tacks of a patch, the middles of its sides first, then opposite corners', () => {
    const labels = way({ 'look.damage': 'thin-sheet', 'joint.kind': 'lap' })?.drawing?.labels ?? [];
    const at = (n: number) => labels.find(({ words }) => words === `${n}`)?.at ?? [NaN, NaN];
    for (const n of [1, 2, 3, 4]) expect(at(n).filter((v) => Math.abs(v) < 10)).toHaveLength(1);
    expect(Math.sign(at(5)[0])).toBe(-Math.sign(at(6)[0]));
    expect(Math.sign(at(7)[1])).toBe(-Math.sign(at(8)[1]));
  });

  test('what nobody measured is not drawn to a size', () => {
    expect(way({ 'look.damage': 'worn-hole', 'joint.kind': 'plug' })?.drawing).toBeNull();
    expect(way({ 'look.damage': 'worn-face', 'joint.kind': 'pad' })?.drawing).toBeNull();
    expect(way({ 'look.damage': 'bent' })?.drawing).toBeNull();
  });
});
