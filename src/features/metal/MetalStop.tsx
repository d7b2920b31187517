import { useState } from 'react';
import { View } from 'react-native';
import { beliefOf, planShareOf, repeatWords, suspectWords, type MetalPlace } from '@core/metal';
import { otherWaysFor } from '@core/repair';
import type { OpenJob } from '@/state/useJob';
import { Card } from '@/ui/Card';
import { Fold } from '@/ui/Fold';
import { openFamily } from '@/ui/goTo';
import { OtherWays } from '@/ui/OtherWays';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { BeliefBars } from './BeliefBars';
import { Coating } from './Coating';
import { DoubtCard } from './DoubtCard';
import { Known } from './Known';
import { PartPick } from './PartPick';
import { placeName, placesOf } from './places';
import { NextTest } from './TestRows';

/** Metal: what each piece is and what lies on it. Unknown is an answer: the plan is made safe for all it may be. */
export function MetalStop({ open }: { open: OpenJob }) {
  const { job, set, assessment } = open;
  const { wants } = assessment.situation;
  const { sameBothSides } = job.metal;
  const [chosen, setChosen] = useState<MetalPlace>('sideA');
  const places = placesOf(job);
  const place = places.includes(chosen) ? chosen : 'sideA';
  const ways = otherWaysFor(assessment.situation);
  // While a test may still open it, the test comes first.
  const settled = wants.verdict === 'never';
  return (
    <>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">Metal</Words>
        <Words tone="quiet" testID="metal-says">
          {wants.verdict === 'yes' ? wants.rodWhy : `${wants.why} ${wants.instead}`}
        </Words>
      </View>
      {settled && <OtherWays ways={ways} />}
      <Pick
        label="The other side"
        testID="same-metal"
        options={[
          { id: 'same', name: 'Same metal' },
          { id: 'other', name: 'Another metal' },
        ]}
        value={sameBothSides ? 'same' : 'other'}
        onPick={(id: 'same' | 'other' | null) => set('metal.sameBothSides', id !== 'other', 'Other side')}
      />
      <Pick
        label="Which piece"
        testID="place"
        options={places.map((id) => ({ id, name: placeName(job, id) }))}
        value={place}
        onPick={(id) => id && setChosen(id)}
      />
      <Piece key={place} open={open} place={place} />
      {!settled && <OtherWays ways={ways} />}
      {wants.heat.length > 0 && wants.heat.length < 5 && (
        <Card tone="sunk">
          <Words as="bold">Heat</Words>
          {wants.heat.map(({ name, rule }) => (
            <View key={name}>
              <Words as="small" metric>{`${name}: ${rule.words}`}</Words>
              <Words as="label" tone="quiet">
                {rule.source.name}
              </Words>
            </View>
          ))}
        </Card>
      )}
      <DoubtCard open={open} />
    </>
  );
}

/** One piece: what it may be, the test to do next, what it is part of, its name where known, what lies on it. */
function Piece({ open, place }: { open: OpenJob; place: MetalPlace }) {
  const { job } = open;
  const side = job.metal[place];
  const title = placeName(job, place);
  const belief = beliefOf(side);
  const suspect = belief.conflict?.suspect ? side.evidence[belief.conflict.suspect] : undefined;
  return (
    <>
      {side.family === null && (
        <Card>
          <Words as="head">
            {belief.tested ? `${title}: what it may be` : `${title}: nothing tested yet`}
          </Words>
          {belief.conflict && (
            <Words tone="danger" testID={`${place}-conflict`}>
              {`The tests disagree. ${suspect ? suspectWords(suspect.test) : ''}`}
            </Words>
          )}
          {(belief.tested || side.part !== null) && (
            <BeliefBars
              belief={belief}
              share={planShareOf(job)}
              onOpen={(family) => openFamily(job.id, place, family)}
            />
          )}
          <NextTest open={open} place={place} />
        </Card>
      )}
      {side.family !== null && belief.conflict && (
        <Words tone="danger" testID={`${place}-conflict`}>
          {`The tests speak against this name. ${repeatWords(side)} Check the papers, or take the name out.`}
        </Words>
      )}
      <Known open={open} place={place} title={title} />
      <Fold
        id={`part-${place}`}
        title="What it is part of, how old, where it works"
        says={
          side.family === null
            ? 'Where the belief begins, before any test.'
            : 'The name is known: this would change little.'
        }
        open={side.family === null || side.part !== null || side.age !== null || side.setting !== null}
      >
        <PartPick open={open} place={place} title={title} />
      </Fold>
      {place !== 'oldWeld' && <Coating open={open} place={place} title={title} />}
    </>
  );
}
