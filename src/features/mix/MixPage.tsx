import { midSentence, trimmed } from '../../core/units/format';
import { useDeferredValue, useState } from 'react';
import { View } from 'react-native';
import { metalsOf, mixTechnique, type DiagramId, type MixPlan } from '@core/mix';
import { FAVOURS, type FavourId } from '@core/data/ironIds';
import { DILUTION_SOURCE, STICK_DILUTION_pct } from '@core/data/dilution';
import { metalFamily } from '@core/data/metals';
import { rodClass } from '@core/data/rods';
import { STAINLESS_COVERINGS, type StainlessCoveringId } from '@core/data/service';
import { sourceWords } from '@core/units/sources';
import { coveringOf } from '@core/rods';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { FieldRow } from '@/ui/FieldRow';
import { goBackOr, openRods, openRoom } from '@/ui/goTo';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { QuantityField } from '@/ui/QuantityField';
import { RoomList } from '@/ui/RoomStrip';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { DiagramPicture } from './DiagramPicture';
import { Grades } from './Grades';
import { Passes } from './Passes';
import { useCloud } from './useCloud';

const DIAGRAMS = { schaeffler: 'Schaeffler', closer: 'Closer', wrc: 'WRC-1992' } as const;
const PERCENT = 100;

/** The mixed weld: what rod and sides come to, stirred together, and what may be changed about it. */
export function MixPage({ open }: { open: OpenJob }) {
  const { job } = open;
  const { mix, wants, iron } = open.assessment.situation;
  if (!mix)
    return (
      <View style={{ gap: SPACE.l }}>
        <Words as="title">The mixed weld</Words>
        <Words testID="mix-says">
          {wants.unjoinable || wants.verdict === 'never'
            ? `${wants.why} ${wants.instead}`
            : iron?.way.value === 'braze'
              ? 'Brazed: nothing of the sides melts, so nothing is stirred.'
              : 'Name both metals first, at Metal: then rod and sides are stirred together here.'}
        </Words>
        <Act title="Back to Rod" testID="to-rod" onPress={() => goBackOr(job.id, 'rod')} />
      </View>
    );
  return <Mixed open={open} mix={mix} />;
}

function Mixed({ open, mix }: { open: OpenJob; mix: MixPlan }) {
  const { job } = open;
  const later = useDeferredValue(open);
  const { scope } = mix.worst.judged.nominal;
  return (
    <View style={{ gap: SPACE.l }}>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">The mixed weld</Words>
        <Words tone="quiet" testID="mix-says">
          {answerInWords(mix)}
        </Words>
      </View>
      {scope.id === 'chart' || scope.id === 'field-only' ? (
        <Chart mix={later.assessment.situation.mix ?? mix} />
      ) : (
        <Card testID="not-a-chart" tone="sunk">
          <Words as="head">Not a question for the diagrams</Words>
          <Words>{scope.instead}</Words>
          {mix.worst.judged.limit && (
            <Words as="small">{`At ${Math.round(PERCENT * mix.worst.judged.limit.dilution)} % melted in: ${mix.worst.judged.limit.why}.`}</Words>
          )}
        </Card>
      )}
      <Rooms open={open} />
      <Stirring open={open} mix={mix} />
      <Technique open={later} />
      <Passes mix={mix} />
      <Grades open={open} />
      <Act
        title="Which rod, and what each would come to"
        testID="mix-to-rods"
        onPress={() => openRods(job.id)}
      />
      <Act title="Back to Rod" testID="to-rod" onPress={() => goBackOr(job.id, 'rod')} />
    </View>
  );
}

const dilutionWords = ({ dilution }: MixPlan): string =>
  `${Math.round(PERCENT * dilution.nominal)} % of the bead is melted base metal, ${Math.round(PERCENT * dilution.low)} to ${Math.round(PERCENT * dilution.high)} %`;

/** The answer first. */
function answerInWords(mix: MixPlan): string {
  const { nominal, fn, ferrite_pct } = mix.worst.judged;
  const start = `${mix.rodClass} in ${metalsOf(mix.worst)}: ${dilutionWords(mix)}.`;
  if (nominal.scope.id !== 'chart') return start;
  const least = Math.round(Math.min(fn.nominal, ferrite_pct.nominal));
  const most = Math.round(Math.max(fn.nominal, ferrite_pct.nominal));
  const ferrite = most === 0 ? 'no ferrite' : least === most ? `about ${most} FN` : `${least} to ${most} FN`;
  const martensite = { none: 'no martensite', some: 'some martensite possible', much: 'martensite' }[
    nominal.martensite
  ];
  return `${start} It keeps ${ferrite}, ${martensite}.`;
}

function Chart({ mix }: { mix: MixPlan }) {
  const [id, setId] = useState<DiagramId>('schaeffler');
  const { cloud, failed } = useCloud(mix);
  const several = mix.sides.a !== mix.sides.b;
  return (
    <Card testID="diagram">
      <Pick
        label="Diagram"
        testID="diagram-pick"
        options={optionsOf(DIAGRAMS)}
        value={id}
        onPick={(picked: DiagramId | null) => setId(picked ?? 'schaeffler')}
      />
      <DiagramPicture mix={mix} id={id} cloud={cloud} />
      <Words as="small">
        {`R ${mix.rodClass} undiluted. A ${midSentence(mix.sides.a.name)}${several ? `, B ${midSentence(mix.sides.b.name)}` : ''}. Ring: the bead; bar: more or less melted in. Dashed red: martensite under it. Shaded: where it may lie.`}
      </Words>
      <Words as="small" testID="cloud-says" live>
        {failed
          ? 'The cloud could not be worked out.'
          : cloud
            ? `Of ${cloud.count.toLocaleString('en').replace(/,/g, ' ')} beads drawn: ${cloud.fields
                .filter(({ share }) => share >= 0.02)
                .slice(0, 4)
                .map(({ name, share }) => `${Math.round(PERCENT * share)} % ${name}`)
                .join(
                  ', ',
                )}. Nineteen of twenty: ${trimmed(cloud.fn.low, 0)} to ${trimmed(cloud.fn.high, 0)} FN.`
            : 'Working out where it may lie…'}
      </Words>
      <Words as="label" tone="quiet">
        Lines of both diagrams from memory: a band, not a figure. They speak of the stirred bead alone; the
        edge beside steel that hardens is hard whatever the rod.
      </Words>
    </Card>
  );
}

/** Limits of the mixed weld, tightest first, each a press from its reasons and levers. */
const OF_MIX: readonly string[] = [
  'martensite',
  'ferrite-low',
  'ferrite-high',
  'hot-crack',
  'dilution',
  'expansion',
  'galvanic',
];

function Rooms({ open }: { open: OpenJob }) {
  const rooms = open.assessment.rooms.filter(({ id }) => OF_MIX.includes(id));
  if (rooms.length === 0) return null;
  return (
    <Card testID="mix-rooms">
      <RoomList rooms={rooms} system={open.system} onOpen={(room) => openRoom(open.job.id, room)} />
    </Card>
  );
}

/** What decides how they are stirred: dilution, the side the arc is held to, the covering, a butter. */
function Stirring({ open, mix }: { open: OpenJob; mix: MixPlan }) {
  const { job, set } = open;
  const { low, high, words } = STICK_DILUTION_pct[mix.place];
  const name = (id: FavourId) => metalFamily(id === 'A' ? mix.worst.a : mix.worst.b).name;
  return (
    <Card testID="stirring">
      <Words as="head">How they are stirred</Words>
      <FieldRow>
        <QuantityField
          path="weld.dilution_pct"
          value={job.weld.dilution_pct}
          typed={job.typed['weld.dilution_pct']}
          system={open.system}
          proposed={`blank: ${Math.round(PERCENT * mix.dilution.nominal)} %; ${words} melt ${low} to ${high} %`}
          onType={(text) => open.type('weld.dilution_pct', text, 'Melted base metal')}
        />
      </FieldRow>
      <Words as="label" tone="quiet">
        {sourceWords(DILUTION_SOURCE)}
      </Words>
      {!job.metal.sameBothSides && (
        <Pick
          label="The arc is held to"
          testID="favour"
          options={optionsOf(FAVOURS).map(({ id }) => ({ id, name: name(id) }))}
          value={job.weld.favour}
          onPick={(id: FavourId | null) => set('weld.favour', id, 'Arc held to')}
        />
      )}
      {mix.butter && (
        <Pick
          label={`Butter: two layers of ${mix.butter.rodClass} on the ${midSentence(metalFamily(mix.butter.on === 'A' ? mix.worst.a : mix.worst.b).name)} first`}
          testID="butter"
          options={[
            { id: 'no', name: 'Join in one go' },
            { id: 'yes', name: 'Butter, then join' },
          ]}
          value={job.weld.butter ? 'yes' : 'no'}
          onPick={(id: 'yes' | 'no' | null) =>
            open.edit(
              [
                { path: 'weld.butter', value: id === 'yes' },
                { path: 'rod.rodClass', value: null },
                { path: 'rod.size', value: null },
                { path: 'rod.current_A', value: null },
                { path: 'typed.rod.current_A', value: undefined },
              ],
              'Butter',
            )
          }
        />
      )}
      {mix.butter && (
        <Words as="small" tone="quiet">
          {mix.butter.why}
        </Words>
      )}
      {rodClass(mix.rodClass).coating === 'stainless' && (
        <Pick
          label="Covering of the rod"
          testID="covering"
          stacked
          folds
          options={optionsOf(STAINLESS_COVERINGS).map(({ id }) => ({
            id,
            name: STAINLESS_COVERINGS[id].name,
            note: STAINLESS_COVERINGS[id].words,
          }))}
          value={job.weld.covering}
          proposed={coveringOf(open.assessment.situation)}
          onPick={(id: StainlessCoveringId | null) => set('weld.covering', id, 'Covering')}
        />
      )}
    </Card>
  );
}

function Technique({ open }: { open: OpenJob }) {
  const lines = mixTechnique(open.assessment.situation);
  if (lines.length === 0) return null;
  return (
    <Card testID="mix-technique">
      <Words as="head">At the arc</Words>
      {lines.map((words) => (
        <Words key={words}>{words}</Words>
      ))}
    </Card>
  );
}
