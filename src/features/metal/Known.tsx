import { useState } from 'react';
import { FAMILY_IDS, type FamilyId } from '@core/data/families';
import { metalFamily } from '@core/data/metals';
import type { MetalPlace } from '@core/metal';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Entry } from '@/ui/Entry';
import { Pick } from '@/ui/Pick';
import { Words } from '@/ui/Words';

/** Families most met with, offered before the whole list. */
const COMMON: readonly FamilyId[] = [
  'low-carbon-steel',
  'austenitic-stainless',
  'gray-iron',
  'medium-carbon-steel',
  'al-6xxx',
];

/** Naming the metal outright: from papers, a stamp, or because everybody knows. */
export function Known({ open, place, title }: { open: OpenJob; place: MetalPlace; title: string }) {
  const { family } = open.job.metal[place];
  const [listing, setListing] = useState(false);
  const [search, setSearch] = useState('');
  const shown = listing
    ? FAMILY_IDS.filter((id) => metalFamily(id).name.toLowerCase().includes(search.trim().toLowerCase()))
    : family === null
      ? COMMON
      : [family];
  const row = family === null ? null : metalFamily(family);
  return (
    <Card>
      <Words as="bold">{family === null ? 'Known for sure?' : 'Known'}</Words>
      {listing && (
        <Entry
          label="Search metals"
          value={search}
          onChange={setSearch}
          placeholder="bronze"
          testID={`${place}-search`}
        />
      )}
      <Pick
        label={family === null ? 'By papers or a stamp. Not sure? Test it.' : 'By papers or a stamp'}
        testID={place}
        stacked={listing}
        options={shown.map((id) => ({ id, name: metalFamily(id).name, note: noteOf(id) }))}
        value={family}
        onPick={(id: FamilyId | null) => {
          open.set(`metal.${place}.family`, id, `${title}: metal`);
          setListing(false);
        }}
      />
      <Act
        title={listing ? 'Close the list' : 'All metals'}
        testID={`${place}-all`}
        onPress={() => setListing(!listing)}
      />
      {row && row.arc !== 'yes' && <Words tone="danger">{`${row.why} ${row.instead}`}</Words>}
    </Card>
  );
}

function noteOf(id: FamilyId): string | undefined {
  switch (metalFamily(id).arc) {
    case 'never':
      return 'not by arc in the field';
    case 'no-rod':
      return 'no stick rod suits';
    case 'last-resort':
      return 'last resort';
    case 'yes':
      return undefined;
  }
}
