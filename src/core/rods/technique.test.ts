import fc from 'fast-check';
import { demoJob } from '../../../tests/support/demo';
import { DEMO_KIT } from '../../demo/kit';
import { DEMO_JOBS } from '../../demo/jobs';
import { assess } from '../plan/assess';
import { beadWidth_mm, beatOf_s, craterPause_s, techniqueFor, whipOf } from './technique';

const cards = (id: string, edits: Record<string, unknown> = {}) =>
  techniqueFor(assess(demoJob(id, edits), DEMO_KIT).situation);
const ids = (id: string, edits: Record<string, unknown> = {}) => cards(id, edits).map((card) => card.id);
const words = (id: string, card: string, edits: Record<string, unknown> = {}) =>
  cards(id, edits)
    .filter((one) => one.id === card)
    .flatMap(({ title, steps }) => [title, ...steps])
    .join('\n');

describe('how the hand goes', () => {
  // A 6 mm fillet is 18 mm² and 8.5 mm across its face (geometry); 5/32 iron powder lays it at 3 mm/s, and a crater takes a second or two (common practice).
  test('a bead as wide as its section has it, and a crater that takes a second or two', () => {
    expect(beadWidth_mm(18)).toBeCloseTo(6 * Math.SQRT2, 6);
    expect(craterPause_s({ area_mm2: 18, travel_mm_s: 3 })).toBeCloseTo(1.41, 2);
  });

  // 6010 1/8 on a 3 mm tee at 130 to 170 mm a minute is whipped a little faster than once a second (from memory); ahead one and a half cores, back one.
  test('a whip goes on at the pace of its bead', () => {
    const { ahead_mm, back_mm, beat_s } = whipOf(3.2, 150 / 60);
    expect([ahead_mm, back_mm]).toEqual([4.800000000000001, 3.2]);
    expect(beat_s).toBeGreaterThan(0.5);
    expect(beat_s).toBeLessThan(1);
    fc.assert(
      fc.property(
        fc.double({ min: 1.6, max: 6, noNaN: true }),
        fc.double({ min: 0.5, max: 10, noNaN: true }),
        (core, pace) => {
          const whip = whipOf(core, pace);
          return Math.abs((whip.ahead_mm - whip.back_mm) / whip.beat_s - pace) < 1e-9;
        },
      ),
    );
  });

  test('the pace is beaten to each whip where the rod is whipped, and to each 10 mm where it is dragged', () => {
    const rod = { size: '1/8', current_A: 90 } as const;
    expect(beatOf_s({ rod: { ...rod, rodClass: 'E6011' }, travel_mm_s: 2.5 })).toBeCloseTo(0.64, 6);
    expect(beatOf_s({ rod: { ...rod, rodClass: 'E7018' }, travel_mm_s: 2.5 })).toBeCloseTo(4, 6);
  });

  test('struck ahead by four cores of a 1/8 rod, 13 mm (common practice: 10 to 15 mm), and to the width of this job’s bead', () => {
    const said = words('ramp-guard', 'strike', { 'rod.rodClass': 'E7018', 'rod.size': '1/8' });
    expect(said).toMatch(/ 13 mm ahead of where the bead begins/);
    expect(said).toMatch(/till the pool is \d+ mm wide/);
  });

  test('each where it belongs, and only there', () => {
    const flat = {
      'look.position': 'flat',
      'look.access': 'both',
      'rod.rodClass': 'E7018',
      'rod.size': '1/8',
    };
    expect(ids('ramp-guard', flat)).toEqual(
      expect.arrayContaining(['dry-run', 'strike', 'restart', 'crater']),
    );
    for (const none of ['whip', 'up', 'root', 'underneath'])
      expect(ids('ramp-guard', flat)).not.toContain(none);
    expect(ids('ramp-guard', { ...flat, 'rod.rodClass': 'E6011' })).toContain('whip');
    expect(ids('ramp-guard', { ...flat, 'look.position': 'vertical' })).toContain('up');
    expect(ids('ramp-guard', { ...flat, 'look.position': 'overhead' })).toContain('underneath');
    expect(ids('ramp-guard', { ...flat, 'look.access': 'blind' })).toContain('underneath');
    const butt = { ...flat, 'joint.kind': 'v-butt', 'joint.gap_mm': 2.5, 'joint.backing': null };
    expect(ids('ramp-guard', butt)).toContain('root');
    expect(words('ramp-guard', 'root', butt)).toMatch(/keyhole of 3\.5 mm/);
    expect(ids('ramp-guard', { ...butt, 'joint.backing': 'steel' })).not.toContain('root');
    expect(ids('ramp-guard', { ...butt, 'joint.gap_mm': 0 })).not.toContain('root');
  });

  // A 1/8 rod is 3.2 mm: back two cores over the crater; half a second to a second at each toe, going up (common practice).
  test('figures of crater and toes', () => {
    const rod = { 'rod.rodClass': 'E7018', 'rod.size': '1/8', 'look.position': 'vertical' };
    expect(words('ramp-guard', 'crater', rod)).toMatch(/Back 6 mm over it and stay about [12](\.\d)? s/);
    expect(words('ramp-guard', 'up', rod)).toMatch(/0\.5 s to 1 s at each toe/);
    // Under work overhead a rod of 4 mm and more is slow to catch.
    const under = (size: string) =>
      words('ramp-guard', 'underneath', { ...rod, 'look.position': 'overhead', 'rod.size': size });
    expect(under('5/32')).toMatch(/warm it with a long arc/);
    expect(under('1/8')).not.toMatch(/warm it with a long arc/);
  });

  test('one rod for the whole seam: nothing to tie in', () => {
    expect(ids('ramp-guard', { 'joint.length_mm': 40 })).not.toContain('restart');
  });

  test('nothing where no bead is planned', () => {
    expect(cards('ramp-guard', { 'joint.kind': null })).toEqual([]);
  });

  test('every drawing of every job of the yard is finite, and numbers nothing without a move', () => {
    for (const job of DEMO_JOBS)
      for (const { drawing, steps } of techniqueFor(assess(job, DEMO_KIT).situation)) {
        const numbered = steps.filter((step) => /^\d {2}/.test(step)).length;
        expect(numbered).toBe(drawing?.numbered ? drawing.moves.length : 0);
        for (const [x, y] of [...(drawing?.moves ?? []), ...(drawing?.beads ?? [])].flat()) {
          expect(Number.isFinite(x)).toBe(true);
          expect(Number.isFinite(y)).toBe(true);
        }
        expect(steps.join()).not.toMatch(/NaN|undefined|Infinity/);
      }
  });
});
