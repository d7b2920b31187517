import { View } from 'react-native';
import { DEFECTS, type DefectId } from '@core/data/findings';
import { jointTraits } from '@core/data/joints';
import type { CheckResult } from '@core/formats/job';
import { LONGEST, MOST_FINDING_PHOTOS } from '@core/formats/limits';
import { misplaced, readFinding, triedInWords, type FindingNumber } from '@core/plan';
import { asksForRepair, redoJob } from '@core/repair';
import { inWords } from '@core/units/format';
import { newId } from '@/state/ids';
import { putJob } from '@/state/store';
import { takePhoto } from '@/state/takePhoto';
import type { OpenJob } from '@/state/useJob';
import { usePhoto } from '@/state/usePhoto';
import { Act } from '@/ui/Act';
import { Entry } from '@/ui/Entry';
import { openJob, openWhyOf } from '@/ui/goTo';
import { optionsOf } from '@/ui/options';
import { PhotoList } from '@/ui/PhotoList';
import { Pick } from '@/ui/Pick';
import { QuantityField } from '@/ui/QuantityField';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { SeamPicture, type OnSeam } from './SeamPicture';

/** What a check found: what, where on the seam, how long, pictures; and what becomes of it. */
export function Finding({
  open,
  id,
  kept,
  marks,
  put,
  again,
}: {
  open: OpenJob;
  /** The check's. */
  id: string;
  kept: CheckResult;
  /** Everything that was found, on the seam. */
  marks: readonly OnSeam[];
  put: (change: Partial<CheckResult>) => void;
  /** It was done over and is looked at again. */
  again: () => void;
}) {
  const { assessment, job, system } = open;
  const { length_mm } = assessment.situation;
  const say = inWords(system).size;
  // A length that nobody measured refuses nothing.
  const known_mm = assessment.situation.joint.length_mm;
  const wrong = known_mm === null ? null : misplaced(kept, known_mm, system);
  const number = (name: FindingNumber) => (
    <QuantityField
      path={`finding.${name}`}
      testID={`${name}-${id}`}
      value={kept[name]}
      typed={kept.typed[name]}
      system={system}
      steppers={false}
      problem={wrong?.field === name ? wrong.message : undefined}
      onType={(text) =>
        put({ [name]: readFinding(name, text, system), typed: { ...kept.typed, [name]: text } })
      }
    />
  );
  const addPhoto = async () => {
    const photo = await takePhoto();
    // By its own path: what was typed while the picture was chosen stays.
    if (photo !== null)
      open.set(
        `checks.${id}.photos`,
        [...new Set([...kept.photos, photo])].slice(-MOST_FINDING_PHOTOS),
        'Picture of a finding',
      );
  };
  return (
    <>
      <Pick
        label="What is it?"
        testID={`what-${id}`}
        folds
        options={optionsOf(DEFECTS)}
        value={kept.what}
        onPick={(what: DefectId | null) => put({ what })}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m }}>
        {number('at_mm')}
        {number('length_mm')}
      </View>
      <SeamPicture
        length_mm={length_mm}
        round={jointTraits(job.joint.kind)?.run === 'round'}
        marks={marks}
        held={id}
        onMove={(at_mm) => put({ at_mm, typed: { ...kept.typed, at_mm: say(at_mm) } })}
        system={system}
      />
      {kept.at_mm === null && (
        <Act
          title="Show on the seam"
          testID={`place-${id}`}
          onPress={() =>
            put({
              at_mm: Math.round(length_mm / 2),
              typed: { ...kept.typed, at_mm: say(Math.round(length_mm / 2)) },
            })
          }
        />
      )}
      <Entry
        label="What you see, in words"
        testID={`found-${id}`}
        value={kept.words}
        most={LONGEST.note}
        placeholder="line at the upper toe, looks like a crack, not confirmed"
        onChange={(words) => put({ words })}
      />
      <PhotoList
        ids={kept.photos}
        useUrl={usePhoto}
        name="What was found"
        most={MOST_FINDING_PHOTOS}
        addID={`photo-add-${id}`}
        onAdd={() => void addPhoto()}
        onDrop={(photo) => put({ photos: kept.photos.filter((one) => one !== photo) })}
      />
      <Pick
        label="So"
        testID={`decided-${id}`}
        options={[
          { id: 'accepted', name: 'Accepted' },
          { id: 'redo', name: 'To be done over' },
        ]}
        value={kept.decided}
        onPick={(decided: CheckResult['decided']) => put({ decided })}
      />
      {kept.decided === 'redo' && <Over open={open} id={id} kept={kept} again={again} />}
    </>
  );
}

/** It is done over: how, why it came, the repair that it is, and the look after. */
function Over({
  open: { job },
  id,
  kept,
  again,
}: {
  open: OpenJob;
  id: string;
  kept: CheckResult;
  again: () => void;
}) {
  const traits = kept.what === null ? null : DEFECTS[kept.what];
  const plan = () => {
    const made = redoJob(job, kept, newId(), new Date().toISOString());
    if (!made) return;
    putJob(made);
    openJob(made.id);
  };
  return (
    <>
      <Words as="small" tone="danger" testID={`tried-${id}`}>
        {[triedInWords(kept.redone), traits?.over ?? ''].filter((words) => words !== '').join(' ')}
      </Words>
      {traits && (
        <Act title="Why did it come?" testID={`why-${id}`} onPress={() => openWhyOf(job.id, traits.sign)} />
      )}
      {asksForRepair(kept) && (
        <Act title="Plan it as a repair of its own" testID={`repair-${id}`} onPress={plan} />
      )}
      <Act title="It is done over: look again" testID={`again-${id}`} onPress={again} />
    </>
  );
}
