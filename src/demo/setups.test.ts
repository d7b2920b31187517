import { blankJob } from '@core/formats/blankJob';
import { checkMachine } from '@core/formats/checkKit';
import { applyEdits } from '@core/formats/edits';
import { Kit } from '@core/formats/kit';
import type { JobEdit } from '@core/formats/paths';
import { assess } from '@core/plan';
import { setupsFor } from './setups';

/** A plain bracket of 5 mm, bright and dry. */
const bracket = (family: string) =>
  applyEdits(
    blankJob('bracket', '2026-01-01T00:00:00.000Z'),
    Object.entries({
      'metal.sameBothSides': true,
      'metal.sideA.family': family,
      'metal.sideA.coating': 'none',
      'look.place': 'indoors',
      'look.surface': 'bright',
      'look.position': 'horizontal',
      'look.air_C': 18,
      'joint.kind': 't-fillet',
      'joint.thicknessA_mm': 5,
      'joint.length_mm': 100,
    }).map(([path, value]) => ({ path, value }) as JobEdit),
  );

describe.each(['metric', 'inch'] as const)('trucks to begin with, where %s is read', (system) => {
  test.each(setupsFor(system).map((setup) => [setup.name, setup] as const))('%s', (_, { id, kit }) => {
    expect(Kit.safeParse(kit).error).toBeUndefined();
    for (const machine of kit.machines) expect(checkMachine(machine, system)).toEqual([]);
    // Each does a plain bracket of its own metal (common practice: 5 mm with a 3/32 or 1/8 rod at 70 to 130 A).
    const { rooms, situation } = assess(
      bracket(id === 'stainless' ? 'austenitic-stainless' : 'low-carbon-steel'),
      kit,
      system,
    );
    expect(rooms.filter(({ state }) => state === 'none').map((room) => room.id)).toEqual([]);
    expect(situation.current_A?.value).toBeGreaterThanOrEqual(60);
    expect(situation.current_A?.value).toBeLessThanOrEqual(130);
  });
});
