import { passCount, tieInsInWords } from '@core/rods';
import { ampWindow } from '@core/rods/amps';
import { memo, useDeferredValue } from 'react';
import { View } from 'react-native';
import { UNEQUAL_SIDES } from '@core/data/limits';
import { counted, inWords } from '@core/units/format';
import { POLES, ROD_CLASS_IDS, type Pole, type RodClassId } from '@core/data/rods';
import { ROD_SIZE_IDS, ROD_SIZES, type RodSizeId } from '@core/data/rodSizes';
import { AIMS, type AimId } from '@core/data/words';
import { POLE_WORDS } from '@core/data/words';
import { hasRoot, schoolsFor } from '@core/process';
import type { OpenJob } from '@/state/useJob';
import { useWorth } from '@/state/useWorth';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Fold } from '@/ui/Fold';
import { isNear } from '@/ui/near';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { QuantityField } from '@/ui/QuantityField';
import { SPACE } from '@/ui/theme/tokens';
import { SchoolCard } from '@/ui/SchoolCard';
import { StopHead } from '@/ui/StopHead';
import { Words } from '@/ui/Words';
import { openBeads, openMix, openRods, openRuns } from '@/ui/goTo';
import { FieldRow } from '@/ui/FieldRow';
import { fixRod } from './fixRod';
import { HowItIsRun } from './HowItIsRun';

/** Rod: class, size, pole, amps and aim. The app proposes; what the welder fixes stays fixed. */
export function RodStop({ open }: { open: OpenJob }) {
  const worth = useWorth(open);
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
    job.rod.workAngle_deg !== null;
  const answer = rod
    ? `${rod.value.rodClass} ${rod.value.size}, ${pole ? POLE_WORDS[pole.value] : ''}. ${rod.value.why}`
    : 'No rod fits yet.';
  return (
    <>
      <StopHead worth={worth} stop="rod" title="Rod" answer={answer} />
      <Amps open={open} />
      <Choices open={later} />
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

function rangeNote(id: RodClassId, size: RodSizeId, tin: Parameters<typeof ampWindow>[2]): string {
  const window = ampWindow(id, size, tin);
  return window ? `${window.low_A} to ${window.high_A} A by the ${window.by}` : 'no range known';
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

/** Rod, pole and aim: the app's choice marked, the welder's kept. */
const Choices = memo(function Choices({ open }: { open: OpenJob }) {
  const { job, set, edit, assessment } = open;
  const { rod, pole, aim, joint, kit, rodsWanted } = assessment.situation;
  const tinKey = rod?.value.tin?.id ?? '';
  const tinPicked = job.rod.rodClass !== null && job.rod.size !== null ? tinKey : null;
  return (
    <>
      <Ways open={open} />
      <Pick
        label="Out of the tins"
        testID="tin"
        stacked
        folds
        options={kit.tins.map((tin) => ({
          id: tin.id,
          name: `${tin.rodClass} ${tin.size}`,
          note: [
            counted(tin.count, 'rod'),
            rangeNote(tin.rodClass, tin.size, tin),
            rodsWanted.includes(tin.rodClass) ? '' : 'not for this metal',
          ]
            .filter((w) => w !== '')
            .join(', '),
        }))}
        value={tinPicked}
        proposed={rod?.by === 'app' ? tinKey : null}
        onPick={(id) => {
          const tin = kit.tins.find((t) => t.id === id);
          edit(fixRod(tin?.rodClass ?? null, tin?.size ?? null), 'Rod');
        }}
      />
      {hasRoot(job.joint) && (
        <Pick
          label="The root"
          testID="root-by"
          options={[
            { id: 'rod', name: 'With the rod' },
            { id: 'tig', name: 'By TIG' },
          ]}
          value={job.rod.root.process ?? null}
          proposed="rod"
          onPick={(id: 'rod' | 'tig' | null) =>
            set(
              'rod.root',
              { rodClass: null, size: null, ...(id === 'tig' && { process: 'tig' as const }) },
              'How the root is laid',
            )
          }
        />
      )}
      <Fold
        id="made"
        title="Not in a tin"
        says="Any class and size that is made for this metal."
        open={job.rod.rodClass !== null && tinKey === ''}
      >
        <Pick
          label="Class"
          testID="class"
          options={ROD_CLASS_IDS.filter((id) => rodsWanted.includes(id) || id === job.rod.rodClass).map(
            (id) => ({ id, name: id }),
          )}
          value={job.rod.rodClass}
          onPick={(id: RodClassId | null) => edit(fixRod(id, job.rod.size), 'Rod class')}
        />
        <Pick
          label="Size"
          testID="size"
          options={ROD_SIZE_IDS.map((id) => ({ id, name: id, note: `${ROD_SIZES[id].diameter_mm} mm` }))}
          value={job.rod.size}
          proposed={rod?.value.size ?? null}
          onPick={(id: RodSizeId | null) => edit(fixRod(job.rod.rodClass, id), 'Rod size')}
        />
      </Fold>
      <Pick
        label="Pole"
        testID="pole"
        options={POLES.map((id) => ({ id, name: id, note: POLE_WORDS[id] }))}
        value={job.rod.pole}
        proposed={pole?.value ?? null}
        onPick={(id: Pole | null) => set('rod.pole', id, 'Pole')}
      />
      {joint.ratio >= UNEQUAL_SIDES.ratio && (
        <Pick
          label="Aim, thin side to thick side"
          testID="aim"
          stacked
          options={optionsOf(AIMS).map((option) => ({ ...option, note: AIMS[option.id].words }))}
          value={job.rod.aim}
          proposed={aim.value}
          onPick={(id: AimId | null) => set('rod.aim', id, 'Aim')}
        />
      )}
    </>
  );
});

/** Where the rest of the rod's questions are answered: which and why, how the beads lie, where each rod ends. */
function Ways({ open }: { open: OpenJob }) {
  const { job, assessment } = open;
  const { beads, runs, root, rootBy, rod, mix } = assessment.situation;
  const passes = beads ? passCount(beads) : null;
  return (
    <View style={{ gap: SPACE.s }}>
      <Act
        align="left"
        title={rod ? `Why ${rod.value.rodClass}, and what else` : 'Which rod'}
        testID="to-rods"
        onPress={() => openRods(job.id)}
      />
      <Act
        align="left"
        title={passes === null ? 'Beads' : passes === 1 ? 'Beads: one pass' : `Beads: ${passes} passes`}
        testID="to-beads"
        onPress={() => openBeads(job.id)}
      />
      <Act
        align="left"
        title={runs ? `Where rods run out: ${tieInsInWords(runs.tieIns.length)}` : 'Where rods run out'}
        testID="to-runs"
        onPress={() => openRuns(job.id)}
      />
      {mix?.unlike && (
        <Act
          align="left"
          title={`The mixed weld: ${Math.round(100 * mix.dilution.nominal)} % of the sides melted in`}
          testID="to-mix"
          onPress={() => openMix(job.id)}
        />
      )}
      {rootBy && (
        <Words as="small" testID="root-by-says" metric>
          {`Root by ${rootBy.words} at ${Math.round(rootBy.current_A)} A, on it the rod.`}
        </Words>
      )}
      {root && !rootBy && (
        <Words as="small" testID="root-rod">
          {`Root with ${root.rod.rodClass} ${root.rod.size} at ${root.current_A} A. ${root.rod.why}`}
        </Words>
      )}
    </View>
  );
}
