import { useState } from 'react';
import { PART_KIND_IDS, PART_KINDS, partKind } from '@core/data/partKinds';
import { AGES, SETTINGS, type AgeId, type SettingId } from '@core/data/priors';
import type { MetalPlace } from '@core/metal';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Entry } from '@/ui/Entry';
import { Pick } from '@/ui/Pick';
import { optionsOf } from '@/ui/options';

/** Kinds of part that a search brings up. */
function found(search: string) {
  const words = search.trim().toLowerCase();
  if (words === '') return PART_KIND_IDS;
  return PART_KIND_IDS.filter((id) =>
    `${PART_KINDS[id].name} ${PART_KINDS[id].also}`.toLowerCase().includes(words),
  );
}

const SHOWN = 8;

/** What the piece is part of, its age and where it works: where the belief starts. */
export function PartPick({ open, place, title }: { open: OpenJob; place: MetalPlace; title: string }) {
  const { job, set } = open;
  const side = job.metal[place];
  const kind = partKind(side.part);
  const [search, setSearch] = useState('');
  const [more, setMore] = useState(false);
  const matches = found(search);
  return (
    <Card>
      {kind === null ? (
        <>
          <Entry
            label="Search kinds of part"
            testID={`${place}-part-search`}
            value={search}
            onChange={setSearch}
            placeholder="hinge, pump, hull"
          />
          <Pick
            label={
              search.trim() === '' ? 'What it is tells a little; tests tell more' : `${matches.length} found`
            }
            testID={`${place}-part`}
            options={(search.trim() === '' && !more ? matches.slice(0, SHOWN) : matches).map((id) => ({
              id,
              name: PART_KINDS[id].name,
            }))}
            value={null}
            onPick={(id) => {
              set(`metal.${place}.part`, id, `${title}: kind of part`);
              setSearch('');
            }}
          />
          {search.trim() === '' && (
            <Act
              title={more ? 'Fewer kinds' : `All ${PART_KIND_IDS.length} kinds`}
              testID={`${place}-part-all`}
              onPress={() => setMore(!more)}
            />
          )}
        </>
      ) : (
        <Pick
          label="Press to change"
          testID={`${place}-part-chosen`}
          options={[{ id: 'chosen', name: kind.name }]}
          value="chosen"
          onPick={() => set(`metal.${place}.part`, null, `${title}: kind of part`)}
        />
      )}
      <Pick
        label="Made when"
        testID={`${place}-age`}
        options={optionsOf(AGES)}
        value={side.age}
        onPick={(id: AgeId | null) => set(`metal.${place}.age`, id, `${title}: age`)}
      />
      <Pick
        label="Works where"
        testID={`${place}-setting`}
        options={optionsOf(SETTINGS)}
        value={side.setting}
        onPick={(id: SettingId | null) => set(`metal.${place}.setting`, id, `${title}: where it works`)}
      />
    </Card>
  );
}
