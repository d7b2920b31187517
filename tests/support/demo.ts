import type { FamilyId } from '../../src/core/data/families';
import { TYPICAL_METALS } from '../../src/core/data/typicalMetals';
import { applyEdits } from '../../src/core/formats/edits';
import type { Evidence } from '../../src/core/formats/evidence';
import type { Job } from '../../src/core/formats/job';
import { beliefOf } from '../../src/core/metal/belief';
import { DEMO_JOBS } from '../../src/demo/jobs';

/** Elements of a typical metal of a family as an analyser reads them, with what the instrument does not see left out. */
export function analysed(family: FamilyId): Evidence {
  const seen = Object.entries(TYPICAL_METALS[family].percent).filter(([el]) => el !== 'C');
  return {
    kind: 'chemistry',
    test: 'chemistry',
    elements: Object.fromEntries(seen.map(([el, percent]) => [el, { percent, error: 0.05 }])),
    seesCarbon: false,
    standing: 'sound',
  };
}

/** A job of the invented yard, with some of its fields set. */
export function demoJobAsItStands(id: string, edits: Readonly<Record<string, unknown>> = {}): Job {
  const job = DEMO_JOBS.find((one) => one.id === id);
  if (!job) throw new Error(`no demo job ${id}`);
  return applyEdits(
    job,
    Object.entries(edits).map(([path, value]) => ({ path, value })),
  );
}

/** The same; a metal named in a test that another one which hurts looks like was analysed too, so that the name may stand. */
export function demoJob(id: string, edits: Readonly<Record<string, unknown>> = {}): Job {
  return cleared(demoJobAsItStands(id, edits));
}

/** A job whose names were cleared by an analyser wherever a metal that hurts looks like them. */
export function cleared(job: Job): Job {
  return (['sideA', 'sideB'] as const).reduce((at, place) => {
    const side = at.metal[place];
    if (side.family === null || beliefOf(side).uncleared.length === 0) return at;
    return applyEdits(at, [{ path: `metal.${place}.evidence.analysed`, value: analysed(side.family) }]);
  }, job);
}
