import { View } from 'react-native';
import { CABLES, type CableId } from '@core/data/cables';
import { LIES } from '@core/data/machines';
import { inWords } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { FieldRow } from '@/ui/FieldRow';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { QuantityField } from '@/ui/QuantityField';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

const NEXT = ['cord2', 'cord3'] as const;
type Next = (typeof NEXT)[number];
const ORDINAL: Record<Next, string> = { cord2: 'Second cord', cord3: 'Third cord' };
const COMMON_LENGTH_m = 25;

/** What lies between socket and machine: the supply's cord or another, and those plugged into it. */
export function Cords({ open }: { open: OpenJob }) {
  const { job, set, edit, type, system, assessment } = open;
  const { cords, kit, supply } = assessment.situation;
  const first = cords?.value[0] ?? null;
  const say = inWords(system);
  const lie = job.power.cordLie ?? supply?.value.cordLie ?? 'straight';
  const further = NEXT.filter((next) => isLaid(open, next));
  const free = NEXT.find((next) => !isLaid(open, next));
  return (
    <View style={{ gap: SPACE.m }}>
      <Pick
        label="Cord"
        testID="cord-lie"
        options={optionsOf(LIES)}
        value={job.power.cordLie}
        proposed={lie}
        onPick={(id) => set('power.cordLie', id, 'How the cord lies')}
      />
      {lie !== 'none' && (
        <>
          <FieldRow>
            <QuantityField
              path="power.cordLength_m"
              value={job.power.cordLength_m}
              typed={job.typed['power.cordLength_m']}
              system={system}
              proposed={first ? `blank: ${say.distance(first.length_m)} of this supply` : undefined}
              onType={(text) => type('power.cordLength_m', text, 'Cord length')}
            />
          </FieldRow>
          <Pick
            label="Cord size"
            testID="cord-size"
            options={cordOptions(first?.size ?? null)}
            value={job.power.cordSize}
            proposed={first?.size ?? null}
            onPick={(id: CableId | null) => set('power.cordSize', id, 'Cord size')}
          />
          {further.map((next) => (
            <FurtherCord key={next} open={open} at={next} before={first?.size ?? null} />
          ))}
        </>
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        {kit.cords.map((c) => (
          <Act
            key={c.id}
            title={`Use ${c.name}`}
            testID={`use-${c.id}`}
            onPress={() =>
              edit(
                [
                  { path: 'power.cordLength_m', value: c.length_m },
                  { path: 'typed.power.cordLength_m', value: undefined },
                  { path: 'power.cordSize', value: c.size },
                  { path: 'power.cordLie', value: 'straight' },
                ],
                c.name,
              )
            }
          />
        ))}
        {lie !== 'none' && free !== undefined && (
          <Act
            title="Plug in another cord"
            testID="cord-add"
            onPress={() =>
              edit(
                [
                  { path: `power.${free}.length_m`, value: COMMON_LENGTH_m },
                  { path: `typed.power.${free}.length_m`, value: undefined },
                  { path: `power.${free}.lie`, value: 'straight' },
                ],
                ORDINAL[free],
              )
            }
          />
        )}
      </View>
    </View>
  );
}

/** A cord that was plugged in, or of which something was typed. */
const isLaid = ({ job }: OpenJob, next: Next): boolean =>
  job.power[next].lie !== 'none' &&
  (job.power[next].lie !== null || job.typed[`power.${next}.length_m`] !== undefined);

/** A cord plugged into the one before it. */
function FurtherCord({ open, at, before }: { open: OpenJob; at: Next; before: CableId | null }) {
  const { job, set, edit, type, system } = open;
  const path = `power.${at}.length_m` as const;
  const cord = job.power[at];
  return (
    <Card>
      <Words as="head">{ORDINAL[at]}</Words>
      <FieldRow>
        <QuantityField
          path={path}
          value={cord.length_m}
          typed={job.typed[path]}
          system={system}
          onType={(text) => type(path, text, ORDINAL[at])}
        />
      </FieldRow>
      <Pick
        label="Size"
        testID={`${at}-size`}
        options={cordOptions(before)}
        value={cord.size}
        proposed={before}
        onPick={(id: CableId | null) => set(`power.${at}.size`, id, ORDINAL[at])}
      />
      <Pick
        label="Lies"
        testID={`${at}-lie`}
        options={optionsOf(LIES).filter(({ id }) => id !== 'none')}
        value={cord.lie}
        onPick={(id) => set(`power.${at}.lie`, id ?? 'straight', ORDINAL[at])}
      />
      <Act
        title="Take it out"
        testID={`${at}-remove`}
        onPress={() =>
          edit(
            [
              { path, value: null },
              { path: `typed.${path}`, value: undefined },
              { path: `power.${at}.lie`, value: null },
            ],
            `${ORDINAL[at]} out`,
          )
        }
      />
    </Card>
  );
}

/** Cords only, in the family of sizes in use. */
function cordOptions(inUse: CableId | null) {
  const metric = inUse === null || inUse.startsWith('mm2');
  return (Object.keys(CABLES) as CableId[])
    .filter((id) => CABLES[id].ampacity_A !== null && id.startsWith('mm2') === metric)
    .slice(0, 6)
    .map((id) => ({ id, name: CABLES[id].name }));
}
