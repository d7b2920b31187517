import { DEMO_JOBS } from '../../../demo/jobs';
import { DEMO_KIT } from '../../../demo/kit';
import { applyEdits } from '../../formats/edits';
import type { Job } from '../../formats/job';
import type { RoomId } from '../rooms';
import { assess } from '../assess';
import { effectOn, findLevers, leversFor } from './levers';

const demo = (id: string, ...edits: [string, unknown][]): Job => {
  const job = DEMO_JOBS.find((j) => j.id === id);
  if (!job) throw new Error(`no demo job ${id}`);
  return applyEdits(
    job,
    edits.map(([path, value]) => ({ path, value })),
  );
};
const ids = (job: Job) => findLevers(job, DEMO_KIT).map(({ id }) => id);
const best = (job: Job, room: RoomId) => leversFor(room, findLevers(job, DEMO_KIT)).map(({ id }) => id);

describe('what is offered', () => {
  test('amps, other rods, poles, cords, supplies, machines, rest', () => {
    const offered = ids(demo('ramp-guard', ['joint.length_mm', 3000], ['power.leadsId', 'leads-long']));
    for (const start of [
      'amps-',
      'amps+',
      'rod-',
      'supply-',
      'machine-',
      'rest+',
      'cord-',
      'leads-',
      'shelter',
      'gap-half',
    ]) {
      expect([start, offered.some((id) => id.startsWith(start))]).toEqual([start, true]);
    }
  });

  test('nothing is offered that changes nothing, and nothing is offered twice', () => {
    for (const job of DEMO_JOBS) {
      const offered = findLevers(job, DEMO_KIT);
      expect(new Set(offered.map(({ id }) => id)).size).toBe(offered.length);
      for (const lever of offered) expect(lever.effects.length).toBeGreaterThan(0);
    }
  });

  test('the arc is leaned only where the sides differ; a wind break only outdoors', () => {
    expect(ids(demo('ramp-guard')).some((id) => id.startsWith('aim-'))).toBe(false);
    expect(ids(demo('galley-tray'))).not.toContain('shelter');
  });

  test('a pole is offered only where machine and rod both have it', () => {
    expect(ids(demo('ramp-guard')).filter((id) => id.startsWith('pole-'))).toEqual([]);
    const sheet = demo('vent-cowl');
    expect(ids(sheet)).toContain('pole-DCEP');
    expect(ids(sheet)).not.toContain('pole-AC');
  });

  test('rods not for the metal are left in their tin', () => {
    expect(ids(demo('bollard-cap')).filter((id) => id.startsWith('rod-E'))).toEqual([]);
  });
});

describe('what they buy', () => {
  test('a limit that a change brings with it and shuts is said: a generator too small for the machine', () => {
    const lever = findLevers(demo('pier-ladder'), DEMO_KIT).find(({ id }) => id === 'supply-hand-set');
    expect(lever?.closes).toContain('Generator');
  });

  test('on the far pier a heavier cord from the kit opens the cord', () => {
    const job = demo('pier-ladder');
    expect(assess(job, DEMO_KIT).tightest?.id).toBe('cord');
    const offered = best(job, 'cord');
    expect(offered).toContain('use-cord-heavy');
    expect(offered).toContain('cord-half');
    expect(offered.some((id) => id.startsWith('supply-'))).toBe(true);
  });

  test('longer rests buy duty, and cost time', () => {
    const long = demo(
      'ramp-guard',
      ['joint.length_mm', 4000],
      ['rod.current_A', 135],
      ['look.timeWindow_s', 4 * 3600],
    );
    const rest = findLevers(long, DEMO_KIT).find(({ id }) => id === 'rest+180');
    expect(rest && effectOn(rest, 'duty')?.gain).toBeGreaterThan(0);
    expect(rest && effectOn(rest, 'time')?.gain).toBeLessThan(0);
  });

  test('fewer amps buy burn-through on a bisected sheet; more cost it', () => {
    const cowl = demo('vent-cowl', ['rod.current_A', 52]);
    const offered = findLevers(cowl, DEMO_KIT);
    const gain = (id: string) =>
      offered.find((lever) => lever.id === id)?.effects.find(({ roomId }) => roomId === 'burn-through')
        ?.gain ?? 0;
    expect(gain('amps-10')).toBeGreaterThan(0);
    expect(gain('amps+10')).toBeLessThan(0);
  });

  test('pulling the gap in buys gap, by as much as it is pulled in', () => {
    const wide = demo('ramp-guard', ['joint.gap_mm', 3]);
    const pull = findLevers(wide, DEMO_KIT).find(({ id }) => id === 'gap-half');
    expect(pull && effectOn(pull, 'gap')?.gain).toBeCloseTo(1.5, 6);
  });
});
