import { View } from 'react-native';
import {
  ACCESS,
  PLACES,
  POSITIONS,
  SURFACES,
  type AccessId,
  type PlaceId,
  type PositionId,
  type SurfaceId,
} from '@core/data/words';
import { WETS, type WetId } from '@core/data/service';
import { LONGEST } from '@core/formats/limits';
import { useClock } from '@/state/useClock';
import type { OpenJob } from '@/state/useJob';
import { thisMoment, wallAt } from '@/state/clock';
import { Act } from '@/ui/Act';
import { openSay } from '@/ui/goTo';
import { Entry } from '@/ui/Entry';
import { isNear } from '@/ui/near';
import { optionsOf } from '@/ui/options';
import { Fold } from '@/ui/Fold';
import { Pick } from '@/ui/Pick';
import { BelowField } from '@/ui/JobField';
import { QuantityField } from '@/ui/QuantityField';
import { SPACE } from '@/ui/theme/tokens';
import { StopHead } from '@/ui/StopHead';
import { WhenField } from '@/ui/WhenField';
import { Words } from '@/ui/Words';
import { Damage } from './Damage';
import { StopWork } from './StopWork';

/** Look: what broke, where, in what conditions, and whether it may be planned at all. */
export function LookStop({ open }: { open: OpenJob }) {
  const { worth } = open;
  const { job, set } = open;
  const { look } = job;
  const goAhead = open.assessment.rooms.find(({ id }) => id === 'go-ahead');
  return (
    <>
      <StopHead
        worth={worth}
        rooms={open.assessment.rooms}
        stop="look"
        title="Look"
        answer={
          goAhead?.state === 'roomy'
            ? 'Nothing stops it. Hold points go on the sheet.'
            : `${goAhead?.gap ?? ''}.`
        }
      />
      <Field label="Job">
        <Entry
          label="Job"
          testID="title"
          value={job.title}
          placeholder="Ramp hinge guard, berth 3"
          most={LONGEST.title}
          onChange={(text) => set('title', text, 'Named the job')}
        />
      </Field>
      <Field label="What broke, and how">
        <Entry
          prose
          label="What broke, and how"
          testID="broke"
          value={look.broke}
          most={LONGEST.broke}
          onChange={(text) => set('look.broke', text, 'What broke')}
        />
      </Field>
      {look.broke.trim() !== '' && (
        <Act title="Read it into the job" testID="to-say" onPress={() => openSay(open.job.id)} />
      )}

      <Damage open={open} />
      <StopWork open={open} />
      <Pick
        label="Where"
        testID="place"
        options={optionsOf(PLACES)}
        value={look.place}
        onPick={(id: PlaceId | null) => set('look.place', id, 'Where it is')}
      />
      <Pick
        label="Position"
        testID="position"
        options={optionsOf(POSITIONS)}
        value={look.position}
        onPick={(id: PositionId | null) => set('look.position', id, 'Position')}
      />
      <Pick
        label="Surface"
        testID="surface"
        stacked
        folds
        options={optionsOf(SURFACES)}
        value={look.surface}
        onPick={(id: SurfaceId | null) => set('look.surface', id, 'Surface')}
      />
      <Pick
        label="Access"
        testID="access"
        stacked
        folds
        options={optionsOf(ACCESS)}
        value={look.access}
        onPick={(id: AccessId | null) => set('look.access', id, 'Access')}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m }}>
        <Amount
          open={open}
          at="wind_m_s"
          said="Wind"
          proposed={look.place === null ? undefined : `blank: ${look.place} as usual`}
        />
        <Amount open={open} at="air_C" said="Temperature" />
      </View>
      <Fold
        id="place"
        title="More of the place and the time"
        says={blankPlace(open)}
        open={isPlaceSaid(open)}
      >
        <Pick
          label="How wet it is in service"
          testID="wet"
          options={optionsOf(WETS)}
          value={look.wet}
          onPick={(id: WetId | null) => set('look.wet', id, 'How wet it is')}
        />
        <Pick
          label="What it touches"
          testID="food"
          options={FOOD}
          value={look.food ? 'food' : null}
          onPick={(id: 'food' | null) => set('look.food', id === 'food', 'Food')}
        />
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m }}>
          <Amount open={open} at="altitude_m" said="Height" proposed="blank: under 1000 m" />
          <Amount open={open} at="service_C" said="Hottest in service" proposed="blank: the weather" />
          <Amount open={open} at="timeWindow_s" said="Time" proposed="blank: no hurry" />
          <Amount open={open} at="clearance_mm" said="Free room" proposed="blank: open all round" />
          <StartField open={open} />
        </View>
      </Fold>
    </>
  );
}

/** What is taken for the blanks of the place. */
function blankPlace({ job: { look } }: OpenJob): string {
  const taken = [
    look.altitude_m === null ? 'under 1000 m' : '',
    look.timeWindow_s === null ? 'no hurry' : '',
    look.clearance_mm === null ? 'open all round' : '',
    look.startAt === null ? 'now' : '',
  ].filter((words) => words !== '');
  return taken.length === 0 ? '' : `Taken for blank: ${taken.join(', ')}.`;
}

/** Something of it was said, or comes near a limit. */
const isPlaceSaid = (open: OpenJob): boolean => {
  const { look } = open.job;
  return (
    look.altitude_m !== null ||
    look.service_C !== null ||
    look.timeWindow_s !== null ||
    look.clearance_mm !== null ||
    isNear(open, ['reach', 'time', 'exposure', 'galvanic'])
  );
};

/** The one kind of service that asks for a finish of its own. */
const FOOD = [{ id: 'food', name: 'Food, drink or medicine' }] as const;

interface AmountProps {
  open: OpenJob;
  at: 'service_C' | 'wind_m_s' | 'air_C' | 'altitude_m' | 'timeWindow_s' | 'clearance_mm';
  /** What the history calls it. */
  said: string;
  proposed?: string | undefined;
}

/** A number of the place. */
function Amount({ open, at, said, proposed }: AmountProps) {
  const path = `look.${at}` as const;
  return (
    <>
      <QuantityField
        path={path}
        value={open.job.look[at]}
        typed={open.job.typed[path]}
        system={open.system}
        onType={(text) => open.type(path, text, said)}
        proposed={proposed}
      />
      <BelowField open={open} path={path} title={said} />
    </>
  );
}

function Field({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <View style={{ gap: SPACE.xs }}>
      <Words as="label" tone="quiet">
        {label}
      </Words>
      {children}
    </View>
  );
}

/** When the first arc is to be struck: what a clock that runs, as that of a tin, is asked for. */
function StartField({ open }: { open: OpenJob }) {
  return (
    <WhenField
      label="When you strike"
      testID="start-at"
      value={open.job.look.startAt}
      typed={open.job.typed['look.startAt']}
      placeholder="tomorrow 7:00"
      blank="blank: now"
      wall={wallAt(useClock())}
      wallNow={() => wallAt(thisMoment())}
      onTake={(value, typed) =>
        open.edit(
          [
            { path: 'look.startAt', value },
            { path: 'typed.look.startAt', value: typed },
          ],
          'When it starts',
        )
      }
    />
  );
}
