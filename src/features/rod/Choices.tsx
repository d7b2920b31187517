import { hasTop, passCount, tieInsInWords } from '@core/rods';
import { ampWindow } from '@core/rods/amps';
import { memo } from 'react';
import { View } from 'react-native';
import { UNEQUAL_SIDES } from '@core/data/limits';
import { counted } from '@core/units/format';
import { POLES, ROD_CLASS_IDS, type Pole, type RodClassId } from '@core/data/rods';
import { ROD_SIZE_IDS, ROD_SIZES, type RodSizeId } from '@core/data/rodSizes';
import { AIMS, type AimId } from '@core/data/words';
import { POLE_WORDS } from '@core/data/words';
import { hasRoot } from '@core/process';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Fold } from '@/ui/Fold';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { openBeads, openMix, openRods, openRuns } from '@/ui/goTo';
import { fixRod } from './fixRod';

function rangeNote(id: RodClassId, size: RodSizeId, tin: Parameters<typeof ampWindow>[2]): string {
  const window = ampWindow(id, size, tin);
  return window ? `${window.low_A} to ${window.high_A} A by the ${window.by}` : 'no range known';
}

/** Rod, pole and aim: the app's choice marked, the welder's kept. */
export const Choices = memo(function Choices({ open }: { open: OpenJob }) {
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
            { id: 'tig-hot', name: 'TIG, hot pass too' },
          ]}
          value={job.rod.root.process ? (job.rod.root.hot ? 'tig-hot' : 'tig') : null}
          proposed="rod"
          onPick={(id: 'rod' | 'tig' | 'tig-hot' | null) =>
            set(
              'rod.root',
              {
                rodClass: null,
                size: null,
                ...((id === 'tig' || id === 'tig-hot') && { process: 'tig' as const }),
                ...(id === 'tig-hot' && { hot: true }),
              },
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
  const { beads, runs, root, rootBy, cap, butter, rod, mix } = assessment.situation;
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
          {`Root by ${rootBy.words} at ${Math.round(rootBy.current_A)} A${rootBy.hot ? `, the hot pass so at ${rootBy.hot.current_A} A` : ''}, on it the rod.`}
        </Words>
      )}
      {root && !rootBy && (
        <Words as="small" testID="root-rod">
          {`Root with ${root.rod.rodClass} ${root.rod.size} at ${root.current_A} A. ${root.rod.why}`}
        </Words>
      )}
      {butter && (
        <Words as="small" testID="butter-rod">
          {`Butter first with ${butter.rodClass} ${butter.size}${butter.current_A === null ? '' : ` at ${butter.current_A} A`}${butter.rods === null ? '' : `, ${counted(Math.ceil(butter.rods), 'rod')}`}.`}
        </Words>
      )}
      {cap && (
        <Words as="small" testID="cap-rod">
          {hasTop({ beads, cap })
            ? `The top with ${cap.rod.rodClass} ${cap.rod.size} at ${cap.current_A} A${cap.pole ? ` on ${cap.pole}` : ''}. ${cap.rod.why}`
            : `${cap.rod.rodClass} ${cap.rod.size} is for the top, but there is only one layer: all of it is laid with the rod.`}
        </Words>
      )}
    </View>
  );
}
