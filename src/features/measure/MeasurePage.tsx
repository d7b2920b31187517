import { useState } from 'react';
import { View } from 'react-native';
import { measured as measure, type Spot } from '@core/bench';
import { scaleThing, SCALES, type ScaleId } from '@core/data/measure';
import { numberField, readField } from '@core/formats/fields';
import { MOST_MARKS, MOST_MEASURED } from '@core/formats/limits';
import type { Measured } from '@core/formats/measured';
import type { JobNumberPath } from '@core/formats/paths';
import { editAt } from '@core/formats/paths';
import { inWords } from '@core/units/format';
import { newId } from '@/state/ids';
import { choosePhoto, keepPhoto, photoSize } from '@/state/photos';
import { makeRoom, notify } from '@/state/store';
import { typedEdits, type OpenJob } from '@/state/useJob';
import { usePhoto } from '@/state/usePhoto';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { goBackOr } from '@/ui/goTo';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { QuantityField } from '@/ui/QuantityField';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { MarkedPicture } from './MarkedPicture';

/** Fields that a length on a picture may go into. */
const INTO = [
  'joint.leg_mm',
  'joint.gap_mm',
  'joint.length_mm',
  'joint.thicknessA_mm',
  'joint.depth_mm',
  'joint.topWidth_mm',
  'joint.pipeDiameter_mm',
  'repair.crackLength_mm',
] as const satisfies readonly JobNumberPath[];
type Into = (typeof INTO)[number];

/** Where marks begin: a card about in the middle, and a line under it. */
const FOUR: readonly Spot[] = [
  [0.3, 0.3],
  [0.7, 0.3],
  [0.7, 0.55],
  [0.3, 0.55],
];
const TWO: readonly Spot[] = [
  [0.25, 0.35],
  [0.75, 0.35],
];
const LINE: readonly Spot[] = [
  [0.3, 0.75],
  [0.7, 0.75],
];
const pairs = (spots: readonly Spot[]): [number, number][] => spots.map(([x, y]) => [x, y]);

/** Lengths off pictures: no ruler in the shop, but a card in every pocket. */
export function MeasurePage({ open }: { open: OpenJob }) {
  const { job, edit } = open;
  const all = Object.values(job.measured).sort((a, b) => b.at.localeCompare(a.at));
  const [chosen, setChosen] = useState<string | null>(null);
  const shown = all.find(({ id }) => id === chosen) ?? all[0];
  const begin = async () => {
    const file = await choosePhoto();
    if (!file) return;
    const photo = await keepPhoto(file, makeRoom);
    if (!photo.ok) return notify(photo.message);
    const size = await photoSize(photo.value);
    if (size) put(photo.value, size);
  };
  const put = (photo: string, size: Pick<Measured, 'width_px' | 'height_px'>, like?: Measured) => {
    const id = newId();
    setChosen(id);
    const value: Measured = {
      scale: 'card',
      corners: pairs(FOUR),
      known_mm: null,
      typed: {},
      ...like,
      ...size,
      id,
      at: new Date().toISOString(),
      photo,
      along: pairs(LINE),
      into: null,
    };
    edit([editAt(`measured.${id}`, value)], 'Picture to measure on');
  };
  return (
    <View style={{ gap: SPACE.l }}>
      <Words as="title">Measure on a photo</Words>
      <Words>
        Lay a card or a sheet of paper flat beside what you measure, level with it. Hold the phone over both
        and take the picture; how it is tilted is put right.
      </Words>
      {all.length < MOST_MEASURED ? (
        <Act title="Take or choose a picture" testID="measure-photo" onPress={() => void begin()} />
      ) : (
        <Words tone="quiet">{`${MOST_MEASURED} lengths are the most a job holds: take one out to add another.`}</Words>
      )}
      {shown && (
        <One key={shown.id} open={open} measured={shown} again={() => put(shown.photo, shown, shown)} />
      )}
      {all.length > 1 && (
        <Card>
          <Words as="head">On pictures so far</Words>
          {all.map((one) => (
            <Act
              key={one.id}
              align="left"
              title={`${saidOf(one, open)}${one.id === shown?.id ? ' (shown)' : ''}`}
              testID={`measured-${one.id}`}
              onPress={() => setChosen(one.id)}
            />
          ))}
        </Card>
      )}
      <Act title="Back to Joint" testID="to-joint" onPress={() => goBackOr(job.id, 'joint')} />
    </View>
  );
}

function saidOf(one: Measured, { system }: OpenJob): string {
  const read = measure(one);
  const what = one.into === null ? 'Not entered' : numberField(one.into as Into).label;
  return read.ok ? `${what}: ${inWords(system).size(read.value.nominal)}` : `${what}: ${read.message}`;
}

/** One length on one picture. */
function One({ open, measured, again }: { open: OpenJob; measured: Measured; again: () => void }) {
  const { edit, system } = open;
  const url = usePhoto(measured.photo);
  const read = measure(measured);
  const say = inWords(system).size;
  const at = `measured.${measured.id}` as const;
  const move = (list: 'corners' | 'along', index: number, to: Spot) =>
    edit(
      [editAt(`${at}.${list}`, pairs(measured[list].map((spot, n) => (n === index ? to : spot))))],
      'Mark moved',
    );
  const last = measured.along.at(-1) ?? [0.5, 0.5];
  return (
    <View style={{ gap: SPACE.m }}>
      <Pick
        label="What tells the scale?"
        testID="scale"
        stacked
        folds
        options={optionsOf(SCALES)}
        value={measured.scale}
        onPick={(scale: ScaleId | null) =>
          scale &&
          edit(
            [
              editAt(`${at}.scale`, scale),
              editAt(`${at}.corners`, pairs(scaleThing(scale).size_mm === null ? TWO : FOUR)),
            ],
            'Scale of the picture',
          )
        }
      />
      <Words tone="quiet">{scaleThing(measured.scale).words}</Words>
      {scaleThing(measured.scale).size_mm === null && (
        <View style={{ flexDirection: 'row' }}>
          <QuantityField
            path="measured.known_mm"
            value={measured.known_mm}
            typed={measured.typed.known_mm}
            system={system}
            testID="known_mm"
            onType={(text) => {
              const known = text.trim() === '' ? null : readField('measured.known_mm', text, system);
              edit(
                [
                  editAt(`${at}.known_mm`, known?.ok ? known.value.value : null),
                  editAt(`${at}.typed.known_mm`, text === '' ? undefined : text),
                ],
                'How far apart they are',
              );
            }}
          />
        </View>
      )}
      {url === null ? (
        <Words testID="no-picture">The picture is not on this device; what was measured on it stays.</Words>
      ) : (
        url && <MarkedPicture url={url} measured={measured} onMove={move} />
      )}
      <Card testID="measured-says" tone={read.ok ? 'plain' : 'danger'}>
        {read.ok ? (
          <>
            <Words as="title">{say(read.value.nominal)}</Words>
            <Words>{`${say(read.value.low)} to ${say(read.value.high)}, by finger and lens. It counts for what lies level with the scale.`}</Words>
          </>
        ) : (
          <Words>{read.message}</Words>
        )}
      </Card>
      {read.ok && <PutInto open={open} measured={measured} value_mm={read.value.nominal} />}
      <View style={{ flexDirection: 'row', gap: SPACE.s, flexWrap: 'wrap' }}>
        {measured.along.length < MOST_MARKS && (
          <Act
            grow
            title="Add a point to the line"
            testID="add-mark"
            onPress={() =>
              edit(
                [
                  editAt(`${at}.along`, [
                    ...measured.along,
                    [Math.min(1, last[0] + 0.08), Math.min(1, last[1] + 0.06)],
                  ]),
                ],
                'Point added',
              )
            }
          />
        )}
        {measured.along.length > 2 && (
          <Act
            grow
            title="Take the last point off"
            testID="less-mark"
            onPress={() => edit([editAt(`${at}.along`, measured.along.slice(0, -1))], 'Point taken off')}
          />
        )}
        <Act grow title="Measure another on it" testID="measure-again" onPress={again} />
        <Act
          grow
          kind="danger"
          title="Take it out"
          testID="measure-out"
          onPress={() => edit([editAt(at, undefined)], 'Measured length taken out')}
        />
      </View>
    </View>
  );
}

/** Puts a length into the field that asks for it. */
function PutInto({ open, measured, value_mm }: { open: OpenJob; measured: Measured; value_mm: number }) {
  const { edit, system } = open;
  const value = Math.round(10 * value_mm) / 10;
  const put = (into: Into) =>
    edit(
      [
        ...typedEdits(into, inWords(system).size(value), system),
        editAt(`measured.${measured.id}.into`, into),
      ],
      `${numberField(into).label}, off the picture`,
    );
  return (
    <>
      <Pick
        label="Put it into"
        testID="into"
        stacked
        folds
        options={INTO.map((id) => ({ id, name: numberField(id).label }))}
        value={(measured.into as Into | null) ?? null}
        onPick={(into: Into | null) =>
          into === null ? edit([editAt(`measured.${measured.id}.into`, null)], 'Not entered') : put(into)
        }
      />
      {measured.into !== null && (
        <Act
          title={`${numberField(measured.into as Into).label} is now ${inWords(system).size(value)}: put it in again`}
          testID="put-again"
          onPress={() => put(measured.into as Into)}
        />
      )}
    </>
  );
}
