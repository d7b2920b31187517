import { useMemo } from 'react';
import { View } from 'react-native';
import { EN_1011_2_D, ROSENTHAL, sourceWords } from '@core/units/sources';
import { ampsAsItWarms, reachOf } from '@core/preheat';
import { inWords, trimmed } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Card } from '@/ui/Card';
import { Pick } from '@/ui/Pick';
import { Words } from '@/ui/Words';
import { CoolingCurve } from './CoolingCurve';
import { JobField } from '@/ui/JobField';
import { RuleOfMetal, WithoutIt } from './WithoutIt';
import { SHORTEST_WAIT_s } from '@core/data/heatLimits';

/**
 * How it cools: in seconds beside the bead, in minutes between beads, and by a thermometer where there is one.
 * @param later the job as it was a moment ago, for what may follow the typing
 */
export function Cooling({ open, later }: { open: OpenJob; later: OpenJob }) {
  return (
    <>
      <Beside open={later} />
      <Between open={open} later={later} />
      <WithoutIt open={later} />
      <RuleOfMetal open={later} />
    </>
  );
}

/** Heat input and cooling from 800 to 500 °C. */
function Beside({ open }: { open: OpenJob }) {
  const { situation } = open.assessment;
  const { heat } = situation;
  const { input, fastest, slowest } = heat;
  const reach = useMemo(() => reachOf(situation), [situation]);
  if (!input) return null;
  const steel = heat.steels.length > 0;
  const say = inWords(open.system);
  const hardness = open.assessment.rooms.find(({ id }) => id === 'hardness');
  return (
    <Card testID="beside">
      <Words as="head">Beside the bead</Words>
      <Words>{`${spanOf(input.least_kJ_mm, input.most_kJ_mm, 2)} kJ/mm into the metal; ${trimmed(input.most_kJ_in, 0)} kJ/in of arc energy, as US procedures print it.`}</Words>
      {steel && fastest && slowest && (
        <>
          <Words testID="t85">
            {`From 800 to 500 °C in ${spanOf(fastest.governing_s, slowest.governing_s, 1)} s.`}
          </Words>
          <Words as="small" tone="quiet">
            {`Coldest bead: ${trimmed(fastest.thick_s, 1)} s as thick plate, ${trimmed(fastest.thin_s, 1)} s as thin. The longer counts: here it is ${fastest.governs}.`}
          </Words>
          <Words as="label" tone="quiet">
            {sourceWords(EN_1011_2_D)}
          </Words>
        </>
      )}
      {reach && (
        <Words testID="reach">
          {`Molten ${say.size(reach.molten_mm)} each side of its middle${steel ? `, hardened or changed to ${say.size(reach.changed_mm)}` : ''}.`}
        </Words>
      )}
      {reach && (
        <Words as="label" tone="quiet">
          {sourceWords(ROSENTHAL)}
        </Words>
      )}
      {hardness && (
        <Words testID="hardness-says">{`Edge beside the weld: ${hardness.now}, limit ${hardness.until}.`}</Words>
      )}
    </Card>
  );
}

const spanOf = (low: number, high: number, digits: number): string =>
  trimmed(low, digits) === trimmed(high, digits)
    ? trimmed(low, digits)
    : `${trimmed(low, digits)} to ${trimmed(high, digits)}`;

/** Waits between beads, the curve, and the thermometer. */
function Between({ open, later }: { open: OpenJob; later: OpenJob }) {
  const { job } = open;
  const { heat, timeline } = open.assessment.situation;
  const { temperature: say, time } = inWords(open.system);
  if (!timeline || !heat.curve) return null;
  const waits = timeline.starts.filter(({ wait_s }) => wait_s >= SHORTEST_WAIT_s.value);
  const all_s = waits.reduce((sum, { wait_s }) => sum + wait_s, 0);
  const amps = ampsAsItWarms(open.assessment.situation);
  const warm_s = timeline.events
    .filter(({ kind }) => kind === 'warm')
    .reduce((sum, { duration_s }) => sum + duration_s, 0);
  return (
    <Card testID="between">
      <Words as="head">Between beads</Words>
      <CoolingCurve open={later} />
      <Words testID="waits-say">
        {waits.length === 0
          ? 'No waiting reckoned.'
          : job.heat.goStraightOn
            ? ''
            : `${waits.length} ${waits.length === 1 ? 'wait' : 'waits'}, ${time(all_s)} in all; the first before pass ${waits[0]?.pass}, about ${time(waits[0]?.wait_s ?? 0)}.`}
        {warm_s > 60 ? ` Torch ${time(warm_s)} in all.` : ''}
      </Words>
      {(waits.length > 0 || job.heat.goStraightOn) && (
        <Pick
          label="While it is too hot"
          testID="straight"
          options={[
            { id: 'wait', name: 'Wait' },
            { id: 'on', name: 'Go straight on' },
          ]}
          value={job.heat.goStraightOn ? 'on' : 'wait'}
          onPick={(id: string | null) => open.set('heat.goStraightOn', id === 'on', 'Waiting between beads')}
        />
      )}
      {timeline.starts.length > 1 && (
        <View style={{ gap: 2 }} testID="starts">
          {timeline.starts.slice(0, 8).map((start, n) => (
            <Words key={n} as="small" tone="quiet">
              {`Pass ${start.pass}: found at ${say(start.found_C)}${start.wait_s >= SHORTEST_WAIT_s.value ? `, wait ${time(start.wait_s)}` : ''}${start.rewarm_s > 0 ? `, torch ${time(start.rewarm_s)}` : ''}${amps.length > 0 && amps[n] !== undefined ? `, ${amps[n]} A` : ''}`}
            </Words>
          ))}
          {timeline.starts.length > 8 && (
            <Words as="small" tone="quiet">{`and ${timeline.starts.length - 8} more`}</Words>
          )}
        </View>
      )}
      <Words as="bold">By your thermometer</Words>
      <Words as="small" tone="quiet" metric>
        After the first pass, 10 mm beside the weld: what it says, and how long after the arc stopped.
      </Words>
      <JobField open={open} path="heat.reading_C" title="Thermometer" proposed="blank: as reckoned" />
      <JobField open={open} path="heat.readingAfter_s" title="Thermometer" proposed="blank: as reckoned" />
      <Correction open={open} />
    </Card>
  );
}

/** What the reading says of the reckoning. */
function Correction({ open }: { open: OpenJob }) {
  const { correction } = open.assessment.situation.heat;
  const say = inWords(open.system).temperature;
  if (!correction) return null;
  if (correction.kind === 'doubted')
    return (
      <Words tone="danger" testID="correction" metric>
        {`Reckoned ${say(correction.reckoned_C)} there and then: no cooling explains that reading. Measure 10 mm beside the weld again, on bare metal.`}
      </Words>
    );
  const times = correction.faster;
  const pace =
    Math.abs(times - 1) < 0.05
      ? 'as fast as reckoned'
      : times > 1
        ? `${trimmed(times, 1)} times as fast as reckoned`
        : `${trimmed(1 / times, 1)} times slower than reckoned`;
  return (
    <Words testID="correction">
      {`Reckoned ${say(correction.reckoned_C)}. It cools ${pace}: all waits are set to that.`}
    </Words>
  );
}
