import type { Option } from '@core/planner';
import type { JobEdit } from '@core/formats/paths';
import { putOnTruck } from './shelf';
import { editWithUndo } from './store';
import type { OpenJob } from './useJob';

/** Takes a plan over in one step that can be taken back; what it needs is put on the truck in a step of its own. */
export function takeOptions(open: OpenJob, options: readonly Option[]) {
  const title = options.map((option) => option.title).join(', ');
  const things = options.flatMap(({ adds }) => [...adds]);
  const ids = things.length === 0 ? new Map<string, string>() : putOnTruck(things, `On the truck: ${title}`);
  if (ids === null) return;
  const edits = options.flatMap((option) =>
    option.edits.map(
      ({ path, value }) =>
        ({ path, value: (typeof value === 'string' && ids.get(value)) || value }) as JobEdit,
    ),
  );
  const typed = edits
    .map(({ path }) => path)
    .filter((path) => path in open.job.typed)
    .map((path) => ({ path: `typed.${path}`, value: undefined }) as JobEdit);
  editWithUndo(open.job.id, [...edits, ...typed], title, title);
}
