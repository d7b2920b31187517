import { useDeferredValue } from 'react';
import { View } from 'react-native';
import { UNEQUAL_SIDES } from '@core/data/limits';
import { counted, inWords } from '@core/units/format';
import { POLE_WORDS } from '@core/data/words';
import { schoolsFor } from '@core/process';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Fold } from '@/ui/Fold';
import { openTechnique } from '@/ui/goTo';
import { isNear } from '@/ui/near';
import { QuantityField } from '@/ui/QuantityField';
import { SPACE } from '@/ui/theme/tokens';
import { SchoolCard } from '@/ui/SchoolCard';
import { StopHead } from '@/ui/StopHead';
import { Words } from '@/ui/Words';
import { FieldRow } from '@/ui/FieldRow';
import { fixRod } from './fixRod';
import { Choices } from './Choices';
import { HowItIsRun } from './HowItIsRun';
import { TryBead } from './TryBead';

/** Rod: class, size, pole, amps and aim. The app proposes; what the welder fixes stays fixed. */
export function RodStop({ open }: { open: OpenJob }) {
  const { worth } = open;
  const { job, edit, assessment } = open;
  const { rod, pole, joint, current_A, settings, rest } = assessment.situation;
  // What lies below the amps is drawn after the rooms have answered.
  const later = useDeferredValue(open);
  const schools = schoolsFor(later.assessment.situation);
  const own =
    job.rod.rodClass !== null ||
    job.rod.size !== null ||
    job.rod.pole !== null ||
    job.rod.current_A !== null ||
    job.rod.aim !== null ||
    job.rod.root.rodClass !== null ||
    job.rod.cap.rodClass !== null ||
    job.rod.workAngle_deg !== null;
  const answer = rod
    ? `${rod.value.rodClass} ${rod.value.size}, ${pole ? POLE_WORDS[pole.value] : ''}. ${rod.value.why}`
    : 'No rod fits yet.';
  return (
    <>
      <StopHead worth={worth} rooms={open.assessment.rooms} stop="rod" title="Rod" answer={answer} />
      <Amps open={open} />
      <Choices open={later} />
      <TryBead open={later} />
      {joint.ratio >= UNEQUAL_SIDES.ratio && (
        <FieldRow>
          <QuantityField
            path="rod.workAngle_deg"
            value={job.rod.workAngle_deg}
            typed={job.typed['rod.workAngle_deg']}
            system={open.system}
            proposed={settings ? `blank: ${settings.work_deg}° by the aim` : undefined}
            onType={(text) => open.type('rod.workAngle_deg', text, 'Lean')}
          />
        </FieldRow>
      )}
      <Fold id="run" title="How it is held and moved" says={heldWords(open)}>
        <HowItIsRun open={later} />
        <Act
          title="Strike, tie in, crater: how the hand goes"
          testID="to-technique"
          onPress={() => openTechnique(job.id)}
        />
      </Fold>
      <Fold
        id="rest"
        title="Rest after each rod"
        says={
          rest.value > 0
            ? `${inWords(open.system).time(rest.value)}${rest.by === 'app' ? ', for the machine' : ''}.`
            : 'None but chipping and looking.'
        }
        open={job.rod.rest_s !== null || rest.value > 0 || isNear(open, ['duty'])}
      >
        <QuantityField
          path="rod.rest_s"
          value={job.rod.rest_s}
          typed={job.typed['rod.rest_s']}
          system={open.system}
          proposed={
            rest.by === 'app' && rest.value > 0
              ? `blank: ${inWords(open.system).time(rest.value)}, for the machine`
              : 'blank: none'
          }
          onType={(text) => open.type('rod.rest_s', text, 'Rest')}
        />
      </Fold>
      {schools.length > 0 && (
        <Fold
          id="schools"
          title="Where welders disagree"
          says={`${counted(schools.length, 'question')} of this rod with more than one good answer.`}
        >
          {schools.map(({ id, taken }) => (
            <SchoolCard key={id} id={id} taken={taken} />
          ))}
        </Fold>
      )}
      {own && (
        <Act
          title="Let the app propose it all"
          testID="propose"
          onPress={() =>
            edit(
              [
                ...fixRod(null, null),
                { path: 'rod.pole', value: null },
                { path: 'rod.aim', value: null },
                { path: 'rod.root', value: { rodClass: null, size: null } },
                { path: 'rod.cap', value: { rodClass: null, size: null } },
                { path: 'rod.workAngle_deg', value: null },
                { path: 'typed.rod.workAngle_deg', value: undefined },
              ],
              'Proposed afresh',
            )
          }
        />
      )}
      {current_A === null && <Words tone="quiet">Amps come once a rod is chosen.</Words>}
    </>
  );
}

/** How the rod is held, in a line. */
const heldWords = ({ assessment }: OpenJob): string => {
  const { settings } = assessment.situation;
  return settings
    ? `${settings.work_deg}° ${settings.workWords}, ${settings.travel_deg.join(' to ')}° ${settings.travelWords}.`
    : '';
};

const STEPS_A = [-5, -1, 1, 5];

/** Amps with steppers for a glove, and a field to type them. */
function Amps({ open }: { open: OpenJob }) {
  const { job, edit, type, system, assessment } = open;
  const { current_A, window } = assessment.situation;
  const step = (by: number) => {
    const to = (current_A?.value ?? window?.low_A ?? 60) + by;
    edit(
      [
        { path: 'rod.current_A', value: Math.min(600, Math.max(5, to)) },
        { path: 'typed.rod.current_A', value: undefined },
      ],
      'Amps',
    );
  };
  return (
    <Card testID="amps">
      <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: SPACE.s, flexWrap: 'wrap' }}>
        <Words as="title" testID="amps-now">
          {current_A ? `${current_A.value} A` : '? A'}
        </Words>
        <Words as="small" tone="quiet">
          {[
            current_A?.by === 'app' ? 'proposed' : current_A ? 'yours' : '',
            window ? `${window.low_A} to ${window.high_A} A by the ${window.by}` : '',
          ]
            .filter((w) => w !== '')
            .join(' · ')}
        </Words>
      </View>
      <View style={{ flexDirection: 'row', gap: SPACE.s, alignItems: 'flex-end' }}>
        {STEPS_A.map((by) => (
          <Act
            key={by}
            grow
            title={by > 0 ? `+${by}` : `−${-by}`}
            label={by > 0 ? `${by} A more` : `${-by} A less`}
            testID={`amps${by > 0 ? '+' : ''}${by}`}
            onPress={() => step(by)}
          />
        ))}
      </View>
      <View style={{ flexDirection: 'row' }}>
        <QuantityField
          path="rod.current_A"
          label="Or type the amps"
          steppers={false}
          value={job.rod.current_A}
          typed={job.typed['rod.current_A']}
          system={system}
          proposed={current_A ? `blank: ${current_A.value} A proposed` : undefined}
          onType={(text) => type('rod.current_A', text, 'Amps')}
        />
      </View>
      {job.rod.current_A !== null && (
        <Act
          title="Back to the proposed amps"
          testID="amps-propose"
          onPress={() =>
            edit(
              [
                { path: 'rod.current_A', value: null },
                { path: 'typed.rod.current_A', value: undefined },
              ],
              'Amps proposed',
            )
          }
        />
      )}
    </Card>
  );
}
