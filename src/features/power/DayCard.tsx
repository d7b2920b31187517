import { View } from 'react-native';
import { IDLE_POWER_FACTOR } from '@core/data/limits';
import { FUEL_SOURCE, FUELS, MACHINE_SOURCE } from '@core/data/machines';
import { GRADE_WORDS } from '@core/units/sources';
import { dayWork } from '@core/power';
import { formatQuantity, trimmed } from '@core/units/format';
import { DURATION } from '@core/units/kinds';
import type { Range } from '@core/units/range';
import type { OpenJob } from '@/state/useJob';
import { Card } from '@/ui/Card';
import { FieldRow } from '@/ui/FieldRow';
import { QuantityField } from '@/ui/QuantityField';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** A range as it is said: the middle, and how far it may be off. */
const about = ({ low, nominal, high }: Range, unit: string): string => {
  const digits = high < 1 ? 2 : high < 10 ? 1 : 0;
  return `${trimmed(nominal, digits)}${unit === '' ? '' : ` ${unit}`} (${trimmed(low, digits)} to ${trimmed(high, digits)})`;
};

/** What a day of such work takes out of socket, tank or battery. */
export function DayCard({ open }: { open: OpenJob }) {
  const { job, type, system, assessment } = open;
  const work = dayWork(assessment.situation);
  if (!work) return null;
  const rows: [string, string, string][] = [
    ['this-job', 'This job', about(work.job_kWh, 'kWh')],
    [
      'the-day',
      `${formatQuantity(work.day_s, DURATION, system)} of it, ${Math.round(100 * work.arcShare)} % arc`,
      about(work.day_kWh, 'kWh'),
    ],
    ...row('fuel', work.fuel ? FUELS[work.fuel].name : '', work.fuel_l, 'litres'),
    ...row('cost', 'Cost, at your price', work.cost, ''),
    ...row('effective', 'The wiring warms as at a steady', work.effective_A, 'A'),
    ...row('per-charge', 'One charge', work.rodsPerCharge, 'rods'),
  ];
  return (
    <Card testID="day">
      <Words as="head">What it takes</Words>
      {rows.map(([id, label, value]) => (
        <View
          key={id}
          style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s, justifyContent: 'space-between' }}
        >
          <Words>{label}</Words>
          <Words as="bold" testID={`day-${id}`}>
            {value}
          </Words>
        </View>
      ))}
      <FieldRow>
        <QuantityField
          path="power.day_s"
          value={job.power.day_s}
          typed={job.typed['power.day_s']}
          system={system}
          proposed="blank: 8 h"
          onType={(text) => type('power.day_s', text, 'Hours in a day')}
        />
      </FieldRow>
      <Words as="label" tone="quiet">
        {`Power in by ${MACHINE_SOURCE.name} (${GRADE_WORDS[MACHINE_SOURCE.grade]}); with no arc by ${IDLE_POWER_FACTOR.source.name}${work.fuel_l ? `; fuel by ${FUEL_SOURCE.name}` : ''}.`}
      </Words>
    </Card>
  );
}

const row = (id: string, label: string, value: Range | null, unit: string): [string, string, string][] =>
  value === null ? [] : [[id, label, about(value, unit)]];
