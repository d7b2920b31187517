import { useContext, useState } from 'react';
import { View } from 'react-native';
import { ELEMENTS, type Elements } from '@core/formats/elements';
import { usualError } from '@core/formats/usualError';
import type { Evidence } from '@core/formats/evidence';
import { editAt, type EvidencePath, type JobEdit } from '@core/formats/paths';
import { readPath } from '@core/formats/edits';
import { readField, type NumberPath } from '@core/formats/fields';
import { UNSEEN_BY_XRAY } from '@core/metal';
import { trimmed } from '@core/units/format';
import { loadChecks } from '@/state/lazyChecks';
import { chooseFile } from '@/state/files';
import { editWithUndo, notify } from '@/state/store';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { FromInstrument, InstrumentsHere, LiveLine, recordOf } from '@/ui/FromInstrument';
import { Pick } from '@/ui/Pick';
import { QuantityField } from '@/ui/QuantityField';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

interface Props {
  open: OpenJob;
  /** Path of the entry in the job. */
  path: EvidencePath;
  entry: Evidence;
  title: string;
}

/** A number of a piece of evidence: `at` is where it stands in the entry, `field` its row in the table of fields. */
function Num({
  open,
  path,
  at,
  field,
  title,
  label,
  proposed,
}: Omit<Props, 'entry'> & { at: string; field: NumberPath; label?: string; proposed?: string }) {
  const whole = `${path}.${at}` as const;
  const value = readPath(open.job, whole);
  return (
    <>
      <QuantityField
        path={field}
        label={label}
        value={typeof value === 'number' ? value : null}
        typed={open.job.typed[whole]}
        system={open.system}
        proposed={proposed}
        testID={at}
        onType={(text) => {
          const read = text.trim() === '' ? null : readField(field, text, open.system);
          open.edit(
            [
              { path: whole, value: read?.ok ? read.value.value : null } as unknown as JobEdit,
              { path: `typed.${whole}`, value: text === '' ? undefined : text },
            ],
            title,
          );
        }}
      />
      <FromInstrument
        path={field}
        into={whole}
        system={open.system}
        onTake={(taken, text, record) =>
          open.edit(
            [
              { path: whole, value: taken } as unknown as JobEdit,
              { path: `typed.${whole}`, value: text },
              record,
            ],
            `${title}, by instrument`,
          )
        }
      />
    </>
  );
}

/** The numbers of a test that is read rather than seen. */
export function EvidenceForm(props: Props) {
  const { entry } = props;
  switch (entry.kind) {
    case 'outcome':
      return null;
    case 'weighings':
      return (
        <View style={{ gap: SPACE.m }}>
          <Num {...props} at="air_g" field="evidence.air_g" />
          <Num {...props} at="water_g" field="evidence.water_g" />
          <Num
            {...props}
            at="scale_g"
            field="evidence.scale_g"
            proposed="blank: taken as a hundredth of the weight in air"
          />
        </View>
      );
    case 'hardness':
      return <Num {...props} at="hardness_HB" field="evidence.hardness_HB" />;
    case 'conductivity':
      return <Num {...props} at="iacs_pct" field="evidence.iacs_pct" />;
    case 'chemistry':
      return <ChemistryForm {...props} elements={entry.elements} seesCarbon={entry.seesCarbon} />;
  }
}

/** Offered before the rest of the elements. */
const COMMON = ['Fe', 'Cr', 'Ni', 'Mo', 'Mn', 'Cu', 'Al', 'Si', 'Zn', 'Sn', 'Pb', 'Mg', 'Ti', 'S', 'C'];

function ChemistryForm({
  elements,
  seesCarbon,
  ...props
}: Props & { elements: Elements; seesCarbon: boolean }) {
  const { open, path, title } = props;
  const [all, setAll] = useState(false);
  const set = (edit: JobEdit) => open.edit([edit], title);
  const take = async () => {
    const file = await chooseFile();
    if (!file) return;
    const { readChemistryCsv } = await loadChecks();
    const read = readChemistryCsv(await file.text());
    if (!read.ok) return notify(`${file.name}: ${read.message} Nothing was changed.`);
    const typed = Object.entries(read.value.typed).map(([at, text]) => ({
      path: `typed.${path}.elements.${at}` as const,
      value: text,
    }));
    editWithUndo(
      open.job.id,
      [editAt(`${path}.elements`, read.value.elements), ...typed],
      title,
      `Taken in: ${Object.keys(read.value.elements).length} elements`,
    );
  };
  const absent = (all ? ELEMENTS : COMMON).filter((el) => !Object.hasOwn(elements, el));
  return (
    <View style={{ gap: SPACE.m }}>
      <FromAnalyser {...props} seesCarbon={seesCarbon} />
      <Act title="Bring in its table (CSV)" testID="take-chemistry" onPress={() => void take()} />
      <Words as="label" tone="quiet">
        First line element,percent,error; then a line an element, such as Cr,18.2,0.1.
      </Words>
      <Pick
        label="Does it see carbon?"
        testID="sees-carbon"
        options={[
          { id: 'no', name: 'No: handheld X-ray' },
          { id: 'yes', name: 'Yes: spark or laser' },
        ]}
        value={seesCarbon ? 'yes' : 'no'}
        onPick={(id: 'no' | 'yes' | null) => set(editAt(`${path}.seesCarbon`, id === 'yes'))}
      />
      {Object.entries(elements).map(([el, { percent }]) => (
        <View key={el} style={{ gap: SPACE.xs }}>
          <View style={{ flexDirection: 'row', gap: SPACE.m, flexWrap: 'wrap' }}>
            <Num {...props} at={`elements.${el}.percent`} field="evidence.percent" label={`${el}, percent`} />
            <Num
              {...props}
              at={`elements.${el}.error`}
              field="evidence.error"
              label={`${el}, error`}
              proposed={`blank: ${percent === null ? 'its usual error' : `${usualError(percent)} %`}`}
            />
          </View>
          {!seesCarbon && UNSEEN_BY_XRAY.includes(el) && (
            <Words as="label" tone="danger">{`${el} does not count: this kind does not see it.`}</Words>
          )}
          <Act
            title={`Take ${el} out`}
            testID={`drop-${el}`}
            onPress={() => set(editAt(`${path}.elements.${el}`, undefined))}
          />
        </View>
      ))}
      <Pick
        label="Add an element"
        testID="element"
        options={absent.map((el) => ({ id: el, name: el }))}
        value={null}
        onPick={(el) => el && set(editAt(`${path}.elements.${el}`, { percent: null, error: null }))}
      />
      <Act title={all ? 'The usual elements' : 'All elements'} onPress={() => setAll(!all)} />
    </View>
  );
}

/** What the analyser sees now, all of it, in one press. */
function FromAnalyser({ open, path, title, seesCarbon }: Omit<Props, 'entry'> & { seesCarbon: boolean }) {
  const useReader = useContext(InstrumentsHere);
  const reader = useReader('analyser');
  if (!reader) return null;
  const seen = ELEMENTS.flatMap((el) => {
    const percent = reader.latest(el);
    return percent === null ? [] : [{ el, percent }];
  }).sort((a, b) => b.percent - a.percent);
  const says = seen
    .slice(0, 4)
    .map(({ el, percent }) => `${el} ${trimmed(percent, 1)} %`)
    .join(', ');
  return (
    <LiveLine
      reader={reader}
      says={says || 'nothing yet'}
      title="Take it"
      testID="from-analyser"
      onTake={() => {
        const elements: Elements = {};
        let of = 1;
        for (const { el } of seen) {
          const taken = reader.take(el);
          if (!taken.ok) return taken.message;
          const { value, error } = taken.value;
          of = taken.value.of;
          elements[el] = { percent: trimmedTo(value), error: error === null ? null : trimmedTo(error) };
        }
        open.edit(
          [
            editAt(`${path}.elements`, elements),
            ...(seesCarbon || !('C' in elements) ? [] : [editAt(`${path}.seesCarbon`, true)]),
            recordOf(reader, says, of, path),
          ],
          `${title}, by instrument`,
        );
        return null;
      }}
    />
  );
}

/** No more digits than an analyser shows. */
const trimmedTo = (percent: number): number => Number(percent.toFixed(3));
