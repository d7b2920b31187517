import { useMemo } from 'react';
import { View } from 'react-native';
import { ROD_SIZES } from '@core/data/rodSizes';
import {
  MATERIAL_COLUMNS,
  materialRows,
  VERDICT_WORDS,
  truckList,
  type RodLoad,
  type TruckList,
} from '@core/plan';
import { rodsToTake, type Sureness } from '@core/planner';
import { buyingWeight_kg } from '@core/rods';
import { counted, formatQuantity, trimmed } from '@core/units/format';
import { DURATION } from '@core/units/kinds';
import { saveFile } from '@/state/files';
import { loadChecks } from '@/state/lazyChecks';
import { changeSettings, useApp } from '@/state/store';
import { useSures } from '@/state/useSures';
import { useClock } from '@/state/useClock';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { openJob } from '@/ui/goTo';
import { PageFrame } from '@/ui/PageFrame';
import { SPACE } from '@/ui/theme/tokens';
import { DayCard } from './DayCard';
import { Words } from '@/ui/Words';

/** What to load for several jobs at once. */
export function TruckPage() {
  const records = useApp((state) => state.jobs);
  const kit = useApp((state) => state.kit.kit);
  const { system } = useApp((state) => state.settings);
  const day = useApp((state) => state.settings.day);
  const { left } = day;
  const jobs = useMemo(
    () => Object.values(records).flatMap(({ job, deletedAt }) => (deletedAt === null ? [job] : [])),
    [records],
  );
  const taken = useMemo(() => jobs.filter(({ id }) => !left.includes(id)), [jobs, left]);
  const now_ms = useClock();
  const list = useMemo(() => truckList(taken, kit, system, now_ms), [taken, kit, system, now_ms]);
  const toggle = (id: string) =>
    changeSettings({
      day: { ...day, left: left.includes(id) ? left.filter((other) => other !== id) : [...left, id] },
    });
  const grounds = useMemo(
    () =>
      taken
        .filter(
          ({ id }) =>
            list.rods.some(({ jobIds }) => jobIds.includes(id)) && !list.unready.some((one) => one.id === id),
        )
        .map((job) => ({ job, kit, system, now_ms: null })),
    [taken, kit, system, list],
  );
  const sures = useSures(grounds);
  return (
    <PageFrame title="Truck" backID="truck-back" gap={SPACE.m}>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">Load the truck</Words>
        <Words tone="quiet" testID="truck-says">
          {taken.length === 0
            ? 'No job taken along.'
            : `${taken.length} ${taken.length === 1 ? 'job' : 'jobs'}, about ${formatQuantity(60 * Math.round(list.elapsed_s / 60), DURATION, system)} of welding with changes and chipping; the way there and the metal’s cooling come on top.`}
        </Words>
      </View>
      <Card>
        <Words as="head">Jobs</Words>
        {jobs.map(({ id, title }) => (
          <Act
            key={id}
            align="left"
            kind={left.includes(id) ? 'plain' : 'main'}
            title={`${left.includes(id) ? 'Not today' : 'Today'}: ${title || 'without a name'}`}
            testID={`trip-${id}`}
            onPress={() => toggle(id)}
          />
        ))}
      </Card>
      <DayCard jobs={taken} kit={kit} now_ms={now_ms} />
      <Card testID="truck-rods">
        <Words as="head">Rods</Words>
        {list.rods.length === 0 && <Words tone="quiet">None worked out yet.</Words>}
        {list.rods.map((load) => (
          <View key={nameOf(load)} testID={`load-${nameOf(load)}`}>
            <View style={{ flexDirection: 'row', gap: SPACE.s }}>
              <Words as="bold" style={{ flex: 1 }}>
                {nameOf(load)}
              </Words>
              <Words as="bold" tone={load.short > 0 ? 'danger' : 'ink'}>
                {stockOf(load)}
              </Words>
            </View>
            <Words testID={`take-${nameOf(load)}`}>{sparesOf(load, sures)}</Words>
            <Words as="label" tone="quiet">
              {load.jobs.join(' · ')}
            </Words>
          </View>
        ))}
      </Card>
      {list.things.length > 0 && (
        <Card testID="truck-things">
          <Words as="head">And with them</Words>
          {list.things.map(({ name, jobs: titles }) => (
            <View key={name}>
              <Words as="bold">{name}</Words>
              <Words as="label" tone="quiet">
                {titles.join(' · ')}
              </Words>
            </View>
          ))}
        </Card>
      )}
      {list.unready.length > 0 && (
        <Card tone="danger" testID="truck-unready">
          <Words as="head">No plan to weld from yet</Words>
          {list.unready.map(({ id, title, verdict }) => (
            <Act
              key={id}
              align="left"
              title={`${title}: ${VERDICT_WORDS[verdict]}`}
              testID={`unready-${id}`}
              onPress={() => openJob(id)}
            />
          ))}
        </Card>
      )}
      {taken.length > 0 && (
        <Act title="Save the list as a table" testID="truck-table" onPress={() => void saveTable(list)} />
      )}
      {taken.length > 0 && (
        <Act
          title="Save the list as text"
          testID="truck-save"
          onPress={() => saveFile('truck.md', 'text/markdown', asText(list))}
        />
      )}
    </PageFrame>
  );
}

async function saveTable(list: TruckList) {
  const { writeCsv } = await loadChecks();
  saveFile('truck.csv', 'text/csv', writeCsv(MATERIAL_COLUMNS, materialRows(list)));
}

const nameOf = ({ rodClass, size }: RodLoad): string => `${rodClass} ${ROD_SIZES[size].inches}`;

/** How many to take along: the less sure the plans that want them are, the more over. */
function sparesOf({ needed, jobIds }: RodLoad, sures: ReadonlyMap<string, Sureness>): string {
  const known = jobIds.flatMap((id) => sures.get(id) ?? []);
  const all = known.reduce((sum, { holds, of }) => ({ holds: sum.holds + holds, of: sum.of + of }), {
    holds: 0,
    of: 0,
  });
  const take = rodsToTake(needed, known.length > 0 ? all : null);
  const sure =
    known.length > 0 ? `: what is planned holds in ${Math.round((100 * all.holds) / all.of)} of 100` : '';
  return `Take ${take} along${sure}.`;
}

const stockOf = ({ rodClass, size, needed, onHand, short }: RodLoad): string =>
  onHand === null
    ? `${counted(needed, 'rod')}; tin not counted`
    : short > 0
      ? `${counted(needed, 'rod')}, ${short} to buy, about ${trimmed(Math.max(0.1, buyingWeight_kg(rodClass, size, short)), 1)} kg`
      : `${needed} of ${onHand} rods`;

const asText = ({ rods, things, unready }: TruckList): string =>
  [
    '# Load the truck',
    '',
    ...rods.map((load) => `- [ ] ${nameOf(load)}: ${stockOf(load)} (${load.jobs.join(' · ')})`),
    ...things.map(({ name, jobs }) => `- [ ] ${name} (${jobs.join(' · ')})`),
    ...(unready.length > 0 ? ['', 'No plan to weld from yet:'] : []),
    ...unready.map(({ title, verdict }) => `- ${title}: ${VERDICT_WORDS[verdict]}`),
    '',
  ].join('\n');
