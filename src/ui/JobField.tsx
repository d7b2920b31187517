import { readPath } from '@core/formats/edits';
import type { JobEdit, JobNumberPath } from '@core/formats/paths';
import type { Job } from '@core/formats/job';
import type { Worth } from '@core/planner';
import { sentence } from '@core/units/format';
import type { UnitSystem } from '@core/units/kinds';
import { FieldRow } from './FieldRow';
import { FromInstrument } from './FromInstrument';
import { QuantityField } from './QuantityField';
import { Words } from './Words';

/** What a field needs of an open job. */
interface Open {
  job: Job;
  system: UnitSystem;
  type: (path: JobNumberPath, text: string, said: string) => void;
  edit: (edits: readonly JobEdit[], title: string) => void;
  worth?: readonly Worth[] | null | undefined;
}

/** One number of a job, kept as typed. */
export function JobField({
  open,
  path,
  title,
  proposed,
  label,
}: {
  open: Open;
  path: JobNumberPath;
  /** As the history tells of it. */
  title: string;
  proposed?: string | undefined;
  /** In place of the field's own. */
  label?: string | undefined;
}) {
  return (
    <FieldRow>
      <QuantityField
        path={path}
        label={label}
        value={(readPath(open.job, path) ?? null) as number | null}
        typed={open.job.typed[path]}
        system={open.system}
        proposed={proposed}
        onType={(text) => open.type(path, text, title)}
      />
      <BelowField open={open} path={path} title={title} />
    </FieldRow>
  );
}

/** Its own line, whatever stands beside the field. */
const WHOLE = { width: '100%' as const };

/** Below a number of a job: whether it would change the plan, and the instrument that can tell it. */
export function BelowField({ open, path, title }: { open: Open; path: JobNumberPath; title: string }) {
  const worth = open.worth?.find(({ paths, grade }) => grade > 0 && paths.includes(path));
  return (
    <>
      {worth && (
        <Words as="label" testID={`would-${worth.id}`} style={WHOLE}>
          {`Would change this plan: ${worth.changes[0] ?? ''}. ${sentence(worth.find)}`}
        </Words>
      )}
      <FromInstrument
        path={path}
        into={path}
        system={open.system}
        onTake={(value, text, record) =>
          open.edit(
            [{ path, value } as JobEdit, { path: `typed.${path}`, value: text }, record],
            `${title}, by instrument`,
          )
        }
      />
    </>
  );
}
