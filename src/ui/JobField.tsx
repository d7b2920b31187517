import { readPath } from '@core/formats/edits';
import type { JobEdit, JobNumberPath } from '@core/formats/paths';
import type { Job } from '@core/formats/job';
import type { UnitSystem } from '@core/units/kinds';
import { FieldRow } from './FieldRow';
import { FromInstrument } from './FromInstrument';
import { QuantityField } from './QuantityField';

/** What a field needs of an open job. */
interface Open {
  job: Job;
  system: UnitSystem;
  type: (path: JobNumberPath, text: string, said: string) => void;
  edit: (edits: readonly JobEdit[], title: string) => void;
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
    </FieldRow>
  );
}
