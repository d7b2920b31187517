import type { Halt } from '@core/plan';
import { Card } from './Card';
import { Words } from './Words';

/** What keeps a plan back: why, what instead, how it is left safe until then, and who decides. */
export function HaltCard({ halt }: { halt: Halt }) {
  return (
    <Card tone="danger">
      <Words as="bold">{halt.title}</Words>
      <Words as="small">{`${halt.because} ${halt.instead}`}</Words>
      {halt.safe !== '' && <Words as="small">{`Until then: ${halt.safe}`}</Words>}
      <Words as="label" tone="quiet">{`Decides: ${halt.decides}`}</Words>
    </Card>
  );
}
