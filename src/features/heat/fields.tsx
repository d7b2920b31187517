import type { NumberPath } from '@core/formats/fields';
import type { Job } from '@core/formats/job';
import type { OpenJob } from '@/state/useJob';
import { FieldRow } from '@/ui/FieldRow';
import { QuantityField } from '@/ui/QuantityField';

/** Number fields of the heat part of a job. */
type HeatPath = Extract<NumberPath, `heat.${string}`>;
type HeatKey = Extract<keyof Job['heat'], HeatPath extends `heat.${infer K}` ? K : never>;

/** One number of the heat stop, kept as typed. */
export function HeatField({
  open,
  path,
  title,
  proposed,
}: {
  open: OpenJob;
  path: HeatPath;
  /** As the history tells of it. */
  title: string;
  proposed?: string;
}) {
  const key = path.slice('heat.'.length) as HeatKey;
  return (
    <FieldRow>
      <QuantityField
        path={path}
        value={open.job.heat[key] as number | null}
        typed={open.job.typed[path]}
        system={open.system}
        proposed={proposed}
        onType={(text) => open.type(path, text, title)}
      />
    </FieldRow>
  );
}
