import { useState } from 'react';
import { View } from 'react-native';
import { COATINGS } from '@core/data/coatings';
import { FAMILY_IDS, type FamilyId } from '@core/data/families';
import { metalFamily } from '@core/data/metals';
import { whatFamilyWants } from '@core/metal/wants';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Entry } from '@/ui/Entry';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** Metal: what each side is and what lies on it. Unknown is an answer, and is planned as the worst it could be. */
export function MetalStop({ open }: { open: OpenJob }) {
  const { job, set, assessment } = open;
  const { wants } = assessment.situation;
  const { sameBothSides } = job.metal;
  return (
    <>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">Metal</Words>
        <Words tone="quiet">{wants.verdict === 'yes' ? wants.rodWhy : wants.why}</Words>
      </View>
      <Side open={open} side="sideA" title={sameBothSides ? 'Both sides' : 'Side A'} />
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
      {!sameBothSides && <Side open={open} side="sideB" title="Side B" />}
      {wants.heat.map(({ name, rule }) => (
        <Card key={name} tone="sunk">
          <Words as="bold">{`Heat, ${name.toLowerCase()}`}</Words>
          <Words as="small">{rule.words}</Words>
          <Words as="label" tone="quiet">
            {rule.source.name}
          </Words>
        </Card>
      ))}
    </>
  );
}

/** Families most met with, offered before the whole list. */
const COMMON: readonly FamilyId[] = [
  'low-carbon-steel',
  'galvanised-steel',
  'austenitic-stainless',
  'gray-iron',
  'medium-carbon-steel',
  'al-6xxx',
];

function Side({ open, side, title }: { open: OpenJob; side: 'sideA' | 'sideB'; title: string }) {
  const { job, set } = open;
  const { family, coating } = job.metal[side];
  const [listing, setListing] = useState(false);
  const [search, setSearch] = useState('');
  const shown = listing
    ? FAMILY_IDS.filter((id) => metalFamily(id).name.toLowerCase().includes(search.trim().toLowerCase()))
    : family === null
      ? COMMON
      : [family];
  const wants = family === null ? null : whatFamilyWants(family);
  return (
    <Card>
      <Words as="head">{title}</Words>
      {listing && (
        <Entry
          label="Search metals"
          value={search}
          onChange={setSearch}
          placeholder="bronze"
          testID={`${side}-search`}
        />
      )}
      <Pick
        label={family === null ? 'What is it? Leave blank while you do not know.' : 'What it is'}
        testID={side}
        stacked
        options={shown.map((id) => ({ id, name: metalFamily(id).name, note: noteOf(id) }))}
        value={family}
        onPick={(id: FamilyId | null) => {
          set(`metal.${side}.family`, id, `${title}: metal`);
          setListing(false);
        }}
      />
      <Act
        title={listing ? 'Close the list' : 'All metals'}
        testID={`${side}-all`}
        onPress={() => setListing(!listing)}
      />
      {wants && wants.arc !== 'yes' && <Words tone="danger">{`${wants.why} ${wants.instead}`}</Words>}
      <Pick
        label="What is on it"
        testID={`${side}-coating`}
        stacked
        folds
        options={optionsOf(COATINGS)}
        value={coating}
        onPick={(id) => set(`metal.${side}.coating`, id, `${title}: coating`)}
      />
      {coating !== null && (
        <Words as="small" tone={COATINGS[coating].verdict === 'never' ? 'danger' : 'quiet'}>
          {COATINGS[coating].words}
        </Words>
      )}
    </Card>
  );
}

const noteOf = (id: FamilyId): string | undefined => {
  const { arc } = metalFamily(id);
  return arc === 'never' ? 'not by arc in the field' : arc === 'last-resort' ? 'last resort' : undefined;
};
