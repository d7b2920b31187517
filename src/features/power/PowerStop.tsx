import { router } from 'expo-router';
import { View } from 'react-native';
import { CABLES, type CableId } from '@core/data/cables';
import { MACHINE_TYPES } from '@core/data/machines';
import type { Machine, Supply } from '@core/formats/kit';
import { inWords, trimmed } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Pick } from '@/ui/Pick';
import { QuantityField } from '@/ui/QuantityField';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { ChainPicture } from './ChainPicture';
import { DutyWindow } from './DutyWindow';

/** Power: machine, supply, cord, and whether they do it. */
export function PowerStop({ open }: { open: OpenJob }) {
  const { job, set, edit, type, system, assessment } = open;
  const { machine, supply, cord, draw, kit } = assessment.situation;
  const say = inWords(system);
  const answer = draw
    ? draw.holds
      ? `Draws about ${trimmed(draw.current_A.nominal, 0)} A; the cord takes ${trimmed(100 * draw.dropShare.nominal, 1)} %.`
      : 'The machine will not hold on this cord.'
    : 'Machine and supply first.';
  return (
    <>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">Power</Words>
        <Words tone="quiet">{answer}</Words>
      </View>
      <Pick
        label="Machine"
        testID="machine"
        stacked
        options={kit.machines.map((m) => ({ id: m.id, name: m.name, note: machineNote(m) }))}
        value={job.power.machineId}
        proposed={machine?.by === 'app' ? machine.value.id : null}
        onPick={(id) => set('power.machineId', id, 'Machine')}
      />
      <Pick
        label="Supply"
        testID="supply"
        stacked
        options={kit.supplies.map((s) => ({ id: s.id, name: s.name, note: supplyNote(s, say.distance) }))}
        value={job.power.supplyId}
        proposed={supply?.by === 'app' ? supply.value.id : null}
        onPick={(id) =>
          edit(
            [
              { path: 'power.supplyId', value: id },
              { path: 'power.cordLength_m', value: null },
              { path: 'typed.power.cordLength_m', value: undefined },
              { path: 'power.cordSize', value: null },
            ],
            'Supply',
          )
        }
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m }}>
        <QuantityField
          path="power.cordLength_m"
          value={job.power.cordLength_m}
          typed={job.typed['power.cordLength_m']}
          system={system}
          proposed={cord ? `blank: ${say.distance(cord.value.length_m)} of this supply` : undefined}
          onType={(text) => type('power.cordLength_m', text, 'Cord length')}
        />
      </View>
      <Pick
        label="Cord size"
        testID="cord-size"
        options={cordOptions(cord?.value.size ?? null)}
        value={job.power.cordSize}
        proposed={cord?.value.size ?? null}
        onPick={(id: CableId | null) => set('power.cordSize', id, 'Cord size')}
      />
      {kit.cords.length > 0 && (
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
                  ],
                  c.name,
                )
              }
            />
          ))}
        </View>
      )}
      {kit.leads.length > 0 && (
        <Pick
          label="Weld leads"
          testID="leads"
          options={kit.leads.map((l) => ({
            id: l.id,
            name: l.name,
            note: l.length_m === null ? undefined : say.distance(l.length_m),
          }))}
          value={job.power.leadsId}
          onPick={(id) => set('power.leadsId', id, 'Weld leads')}
        />
      )}
      <ChainPicture open={open} />
      <Card>
        <DutyWindow open={open} />
      </Card>
      <Act title="Machines and supplies in the kit" testID="to-kit" onPress={() => router.push('/kit')} />
    </>
  );
}

const machineNote = ({ type, min_A, max_A, poles }: Machine): string =>
  `${MACHINE_TYPES[type].name.toLowerCase()}, ${min_A ?? '?'} to ${max_A ?? '?'} A, ${poles.join(' ')}`;

const supplyNote = (
  { volts_V, breaker_A, breakerKind, cordLength_m, cordSize }: Supply,
  distance: (m: number) => string,
): string =>
  `${volts_V ?? '?'} V, ${breaker_A ?? '?'} A ${breakerKind}, ${cordLength_m === null ? 'no cord' : distance(cordLength_m)}${cordSize === null ? '' : ` of ${CABLES[cordSize].name}`}`;

/** Cords only, in the family of sizes in use. */
function cordOptions(inUse: CableId | null) {
  const metric = inUse === null || inUse.startsWith('mm2');
  return (Object.keys(CABLES) as CableId[])
    .filter((id) => CABLES[id].ampacity_A !== null && id.startsWith('mm2') === metric)
    .slice(0, 6)
    .map((id) => ({ id, name: CABLES[id].name }));
}
