import type { NumberPath } from '@core/formats/fields';
import type { Job } from '@core/formats/job';
import type { OpenJob } from '@/state/useJob';
import { QuantityField } from '@/ui/QuantityField';

type OrderPath = Extract<NumberPath, `order.${string}`>;

/** One number of this stop, kept as typed. */
export function OrderField({
  open,
  path,
  title,
  proposed,
}: {
  open: OpenJob;
  path: OrderPath;
  title: string;
  proposed?: string;
}) {
  const key = path.slice('order.'.length) as keyof Job['order'];
  return (
    <QuantityField
      path={path}
      value={open.job.order[key] as number | null}
      typed={open.job.typed[path]}
      system={open.system}
      proposed={proposed}
      onType={(text) => open.type(path, text, title)}
    />
  );
}
