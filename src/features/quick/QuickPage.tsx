import { useMemo } from 'react';
import { View } from 'react-native';
import type { FamilyId } from '@core/data/families';
import { JOINTS, type JointKind } from '@core/data/joints';
import { STOP_WORK_GROUP_IDS, stopWorkGroup } from '@core/data/stopWork';
import { POLE_WORDS, POSITIONS, type PositionId } from '@core/data/words';
import { speakRoom } from '@core/judge';
import { makePlan, type Plan, type Room } from '@core/plan';
import { WITHHELD_WORDS } from '@core/repair';
import { inWords, sentence, trimmed } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { openRoom, openStop } from '@/ui/goTo';
import { JobField } from '@/ui/JobField';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** Metals that most repairs are of, where their papers or a test say so; all others stand at Metal. */
const USUAL: readonly { id: FamilyId; name: string }[] = [
  { id: 'low-carbon-steel', name: 'Mild steel' },
  { id: 'austenitic-stainless', name: 'Stainless, 304 or 316' },
  { id: 'medium-carbon-steel', name: 'Shaft steel, 1045 kind' },
  { id: 'quenched-tempered-wear-plate', name: 'Wear plate' },
  { id: 'gray-iron', name: 'Grey cast iron' },
  { id: 'al-6xxx', name: 'Aluminium, 6000' },
];

/** Joints that most repairs are. */
const JOINTS_HERE: readonly JointKind[] = [
  't-fillet',
  'double-fillet',
  'lap',
  'square-butt',
  'v-butt',
  'outside-corner',
];

/** So many things to watch. */
const WATCHED = 3;

/** Quick plan: four answers on one page, and what they come to. It is the job already: nothing is typed twice. */
export function QuickPage({ open }: { open: OpenJob }) {
  const { job, set, assessment } = open;
  const { family } = job.metal.sideA;
  const plan = useMemo(() => makePlan(assessment), [assessment]);
  const known = USUAL.some(({ id }) => id === family);
  return (
    <View style={{ gap: SPACE.l }} testID="quick">
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">Quick plan</Words>
        <Words tone="quiet">
          Metal, thickness, joint and position. It is the job already: what is told here need not be told
          again.
        </Words>
      </View>
      <Pick
        label="Metal, where its papers or a test say so"
        testID="quick-metal"
        folds
        options={[
          ...USUAL,
          ...(family !== null && !known ? [{ id: family, name: 'As it stands at Metal' }] : []),
        ]}
        value={family}
        onPick={(id: FamilyId | null) => set('metal.sideA.family', id, 'Metal')}
      />
      {family === null && (
        <Act
          align="left"
          title="Not known: find out by test"
          testID="quick-test"
          onPress={() => openStop(job.id, 'metal')}
        />
      )}
      <JobField open={open} path="joint.thicknessA_mm" title="Thickness" label="Thickness" />
      <Pick
        label="Joint"
        testID="quick-joint"
        folds
        options={optionsOf(JOINTS).filter(({ id }) => JOINTS_HERE.includes(id) || id === job.joint.kind)}
        value={job.joint.kind}
        onPick={(id: JointKind | null) => set('joint.kind', id, 'Joint')}
      />
      <Pick
        label="Position"
        testID="quick-position"
        folds
        options={optionsOf(POSITIONS)}
        value={job.look.position}
        onPick={(id: PositionId | null) => set('look.position', id, 'Position')}
      />
      <Answer open={open} plan={plan} />
      <First open={open} />
      <View style={{ flexDirection: 'row', gap: SPACE.s }}>
        <Act grow title="All of the job" testID="quick-look" onPress={() => openStop(job.id, 'look')} />
        <Act
          grow
          kind="main"
          title="The sheet"
          testID="quick-sheet"
          onPress={() => openStop(job.id, 'sheet')}
        />
      </View>
    </View>
  );
}

/** Rod, amps, pole, passes and minutes, and what to watch; nothing where nothing may be told. */
function Answer({ open, plan }: { open: OpenJob; plan: Plan }) {
  const { assessment, system } = open;
  const { rod, pole, current_A, heat, wants, joint, length_mm, root, rootBy } = assessment.situation;
  if (assessment.withheld !== null)
    return (
      <Card tone="sunk" testID="quick-answer">
        <Words>
          {wants.families.length === 0 ? 'The metal first.' : WITHHELD_WORDS[assessment.withheld]}
        </Words>
      </Card>
    );
  const say = inWords(system);
  const { totals } = plan;
  const amps = current_A && `${current_A.value} A`;
  const shut = assessment.rooms.filter(({ id, state }) => state === 'none' && id !== 'go-ahead');
  const watch = [
    ...shut,
    ...assessment.rooms.filter(
      ({ id, state }) => id !== 'go-ahead' && state !== 'none' && state !== 'unknown',
    ),
  ].slice(0, WATCHED);
  return (
    <Card testID="quick-answer">
      {rod && amps && pole ? (
        <>
          <Words as="title">{`${rod.value.rodClass} ${rod.value.size} · ${amps}`}</Words>
          <Words>
            {[
              sentence(POLE_WORDS[pole.value]),
              rootBy ? `root ${rootBy.words}` : root ? `root at ${root.current_A} A` : '',
              heat.preheat ? `warm it to ${say.temperature(heat.preheat.value)}` : '',
            ]
              .filter((words) => words !== '')
              .join(', ')}
          </Words>
        </>
      ) : (
        <Words>No rod fits yet.</Words>
      )}
      {totals ? (
        <Words testID="quick-totals">
          {`${totals.beads} ${totals.beads === 1 ? 'pass' : 'passes'}, ${totals.rods} ${totals.rods === 1 ? 'rod' : 'rods'}, ${trimmed(totals.arc_min, 1)} min of arc, ${say.time(60 * totals.elapsed_min)} in all${joint.length_mm === null ? `, counted for ${say.size(length_mm)} of weld` : ''}.`}
        </Words>
      ) : (
        <Words tone="quiet">Joint and thickness: then passes, rods and minutes are counted.</Words>
      )}
      {watch.length > 0 && <Words as="bold">Watch</Words>}
      {watch.map((room) => (
        <Watched key={room.id} room={room} open={open} />
      ))}
    </Card>
  );
}

function Watched({ room, open }: { room: Room; open: OpenJob }) {
  return (
    <Act
      align="left"
      kind={room.state === 'none' ? 'danger' : 'plain'}
      title={`${room.title}: ${speakRoom(room, open.system)}`}
      testID={`watch-${room.id}`}
      onPress={() => openRoom(open.job.id, room.id)}
    />
  );
}

/** What stands before any arc, in a line each; the answers are given at Look. */
function First({ open }: { open: OpenJob }) {
  const goAhead = open.assessment.rooms.find(({ id }) => id === 'go-ahead');
  if (goAhead?.state === 'roomy') return null;
  return (
    <Card tone="danger" testID="quick-first">
      <Words as="bold">Before any arc</Words>
      {STOP_WORK_GROUP_IDS.map((id) => (
        <Words key={id} as="small">
          {stopWorkGroup(id).breath}
        </Words>
      ))}
      <Act title="Answer these" testID="quick-ask" onPress={() => openStop(open.job.id, 'look')} />
    </Card>
  );
}
