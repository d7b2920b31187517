import {
  COATING_LOOKS,
  COATING_WEIGHTS_SOURCE,
  COATINGS,
  type CoatingId,
  type CoatingLookId,
} from '@core/data/coatings';
import { coatingBelief, plausibleCoatings, type MetalPlace } from '@core/metal';
import type { OpenJob } from '@/state/useJob';
import { Card } from '@/ui/Card';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { Words } from '@/ui/Words';
import { sayShare } from './evidenceWords';

/** What lies on the metal, judged by itself: named, or by how it looks. */
export function Coating({ open, place, title }: { open: OpenJob; place: MetalPlace; title: string }) {
  const side = open.job.metal[place];
  const belief = coatingBelief(side);
  const allowed = plausibleCoatings(side) ?? [];
  return (
    <Card>
      <Words as="bold">What is on it?</Words>
      <Pick
        label="Known"
        testID={`${place}-coating`}
        folds
        options={optionsOf(COATINGS)}
        value={side.coating}
        onPick={(id: CoatingId | null) => open.set(`metal.${place}.coating`, id, `${title}: coating`)}
      />
      {side.coating === null && (
        <Pick
          label="Not sure? How it looks"
          testID={`${place}-coat-look`}
          folds
          options={optionsOf(COATING_LOOKS)}
          value={side.coatingLook}
          onPick={(id: CoatingLookId | null) =>
            open.set(`metal.${place}.coatingLook`, id, `${title}: how the surface looks`)
          }
        />
      )}
      {side.coating === null && belief && (
        <Words as="small" tone="quiet" testID={`${place}-coat-belief`}>
          {belief
            .filter(({ id, share }) => share > 0.02 || allowed.includes(id))
            .map(({ id, share }) => `${COATINGS[id].name} ${sayShare(share)}`)
            .join(' · ')}
        </Words>
      )}
      {side.coating === null && belief && (
        <Words as="label" tone="quiet">
          {COATING_WEIGHTS_SOURCE.name}
        </Words>
      )}
      {allowed
        .filter((id) => id !== 'none')
        .map((id) => (
          <Words key={id} as="small" metric tone={COATINGS[id].verdict === 'never' ? 'danger' : 'ink'}>
            {COATINGS[id].words}
          </Words>
        ))}
    </Card>
  );
}
