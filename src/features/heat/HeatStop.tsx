import { midSentence, inWords } from '../../core/units/format';
import { useDeferredValue } from 'react';
import { View } from 'react-native';
import { RESTRAINTS, type RestraintId } from '@core/data/heatIds';
import { USUAL_TORCH } from '@core/data/heatProperties';
import { PREHEAT_ZONE } from '@core/data/hydrogenControl';
import { gasInWords, zoneHalf_mm } from '@core/heat';
import type { SchoolId } from '@core/data/schools';
import { proceduresFor } from '@core/procedure';
import { schoolsFor } from '@core/process';
import { mustStayCold, needsNoPreheat, waitsForChart } from '@core/preheat';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Fold } from '@/ui/Fold';
import { isNear } from '@/ui/near';
import { openField, openMix, openProcedure } from '@/ui/goTo';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { SchoolCard } from '@/ui/SchoolCard';
import { SPACE } from '@/ui/theme/tokens';
import { StopHead } from '@/ui/StopHead';
import { Words } from '@/ui/Words';
import { Cooling } from './Cooling';
import { JobField } from '@/ui/JobField';
import { Made } from './Made';
import { Methods } from './Methods';
import { WarmthPicture } from './WarmthPicture';

/** Heat: how warm before, between and after, why, and how long that takes. */
export function HeatStop({ open }: { open: OpenJob }) {
  const { worth } = open;
  const { job, assessment } = open;
  const later = useDeferredValue(open);
  const { heat, wants } = assessment.situation;
  const known = wants.families.length > 0;
  const schools = schoolsFor(later.assessment.situation).filter(({ id }) => OF_HEAT.includes(id));
  return (
    <>
      <StopHead
        worth={worth}
        rooms={open.assessment.rooms}
        stop="heat"
        title="Heat"
        answer={answerInWords(open)}
        testID="heat-answer"
      />
      <Ways open={later} />
      {known && <Preheat open={open} />}
      {heat.steels.length > 0 && (
        <Fold
          id="made"
          title="What it is made of, and how the figure is found"
          says={`${heat.askedBy}`}
          open={isNear(open, ['preheat', 'cold-crack', 'hardness'])}
        >
          <Made open={later} />
          <Methods open={later} />
        </Fold>
      )}
      <Fold
        id="piece"
        title="The piece, and how it is held"
        says={pieceWords(open)}
        open={
          job.heat.restraint !== null || job.heat.pieceLength_mm !== null || job.heat.pieceWidth_mm !== null
        }
      >
        {heat.steels.length > 0 && (
          <Pick
            label="How the parts hold the joint while it shrinks"
            testID="restraint"
            stacked
            folds
            options={optionsOf(RESTRAINTS).map(({ id, name }) => ({ id, name }))}
            value={job.heat.restraint}
            onPick={(id: RestraintId | null) => open.set('heat.restraint', id, 'How it is held')}
          />
        )}
        <Piece open={open} />
      </Fold>
      <Fold
        id="cooling"
        title="How it cools"
        says="Beside the bead, between beads, and by a thermometer where there is one."
        open={isNear(open, [
          'interpass',
          'warmth-window',
          'softening',
          'heat-input',
          'strength-loss',
          'time',
        ])}
      >
        <Cooling open={open} later={later} />
      </Fold>
      {schools.map(({ id, taken }) => (
        <SchoolCard key={id} id={id} taken={taken} />
      ))}
      {known && (
        <Act
          title="The plate seen from above, as it heats"
          testID="to-field"
          onPress={() => openField(job.id)}
        />
      )}
    </>
  );
}

/** Where the metal's own way is told, and what rod and sides come to. */
function Ways({ open }: { open: OpenJob }) {
  const { situation } = open.assessment;
  const procedures = proceduresFor(situation);
  return (
    <View style={{ gap: SPACE.s }}>
      {procedures.length > 0 && (
        <Act
          align="left"
          title={`How it is done: ${procedures.map(({ title }) => midSentence(title)).join('; ')}`}
          testID="to-procedure"
          onPress={() => openProcedure(open.job.id)}
        />
      )}
      {situation.mix?.unlike && (
        <Act align="left" title="The mixed weld" testID="to-mix" onPress={() => openMix(open.job.id)} />
      )}
    </View>
  );
}

/** Disagreements that are about heat. */
const OF_HEAT: readonly SchoolId[] = ['cast-iron', 'aluminium-heat'];

/** The answer first: warm to so much, or weld it as it lies. */
function answerInWords({ assessment, system }: OpenJob): string {
  const { situation } = assessment;
  const { heat, wants, joint } = situation;
  const say = inWords(system);
  if (wants.families.length === 0) return 'Name the metal first: without it no temperature can be given.';
  const most = heat.ceiling
    ? ` Never over ${say.temperature(heat.ceiling.value_C)} where a bead begins.`
    : '';
  if (wants.verdict === 'unknown')
    return heat.asked_C.high > heat.metal_C
      ? `The metal is not settled. Of all it may be, ${say.temperature(heat.asked_C.high)} is the most that is asked.${most}`
      : `The metal is not settled: no preheat can be promised.${most}`;
  const cold = mustStayCold(situation);
  if (cold) return `${cold.name} must stay cold: take the preheat out.${most}`;
  if (waitsForChart(situation) !== null)
    return `How warm it must be stands in the heat treatment chart of its grade, and nowhere else: look it up and type it here.${most}`;
  if (needsNoPreheat(situation)) return `Weld it as it lies: nothing above the air is asked.${most}`;
  if (!heat.preheat)
    return joint.thick_mm === null
      ? 'Type the thickness first, at Joint.'
      : `No figure can be given here.${most}`;
  const half = say.size(Math.round(zoneHalf_mm(heat.piece.thickness_mm)));
  if (heat.ceiling && heat.preheat.value >= heat.ceiling.value_C)
    return `${say.temperature(heat.preheat.value)} is over the ceiling of ${say.temperature(heat.ceiling.value_C)}: that harms this metal.`;
  return `Warm it to ${say.temperature(heat.preheat.value)}, ${half} each side, before the first arc.${most}`;
}

/** The window of temperature, and the one number the welder may set. */
function Preheat({ open }: { open: OpenJob }) {
  const { situation } = open.assessment;
  const { heat, joint } = situation;
  const say = inWords(open.system);
  const asked = heat.asked_C;
  const chart = waitsForChart(situation) !== null;
  const range =
    asked.high <= 0
      ? chart
        ? 'until its chart says'
        : 'nothing asked'
      : Math.round(asked.low) === Math.round(asked.high)
        ? `${say.temperature(asked.high)} asked`
        : `${say.temperature(asked.low)} to ${say.temperature(asked.high)} asked`;
  return (
    <Card testID="preheat-card">
      <WarmthPicture open={open} />
      <JobField
        open={open}
        path="heat.preheat_C"
        title="Preheat"
        proposed={
          heat.preheat
            ? `blank: ${say.temperature(heat.preheat.value)}, ${range}`
            : `blank: as it lies, ${range}`
        }
      />
      {joint.thick_mm !== null && !chart && (
        <Words as="small" tone="quiet" testID="asked-by">
          {heat.askedBy}
        </Words>
      )}
      <Torch open={open} />
    </Card>
  );
}

/** Minutes of flame and gas for the planned preheat. */
function Torch({ open }: { open: OpenJob }) {
  const { heat } = open.assessment.situation;
  const { torch } = heat;
  if (!torch) return null;
  const say = inWords(open.system);
  const { time_s, propane_kg, reaches_C } = torch.work;
  return (
    <View style={{ gap: SPACE.s }}>
      {heat.noTorch && (
        <Words tone="danger">There is no torch among your tools at Kit: this preheat cannot be had.</Words>
      )}
      <Words as="bold" tone={time_s ? 'ink' : 'danger'} testID="torch-says">
        {time_s
          ? `${say.time(time_s.low)} to ${say.time(time_s.high)} on the torch, about ${gasInWords(propane_kg ?? 0)} of propane`
          : `The torch comes to about ${say.temperature(reaches_C)} and no further.`}
      </Words>
      <Words as="small" tone="quiet">
        {`Measured ${say.size(PREHEAT_ZONE.least_mm)} from the joint, a minute after the flame is off.`}
      </Words>
      <JobField
        open={open}
        path="heat.torch_kW"
        title="Torch"
        proposed={`blank: ${USUAL_TORCH.kW} kW, a hand torch with a heating head`}
      />
    </View>
  );
}

/** What is taken for the piece, in a line. */
function pieceWords({ job, assessment, system }: OpenJob): string {
  const { piece } = assessment.situation.heat;
  const say = inWords(system).size;
  return `Counted as ${say(Math.round(piece.length_mm))} by ${say(Math.round(piece.width_mm))}, ${job.heat.restraint === null ? 'held as usual' : midSentence(RESTRAINTS[job.heat.restraint])}.`;
}

/** The piece that takes the heat. */
function Piece({ open }: { open: OpenJob }) {
  const { piece } = open.assessment.situation.heat;
  const say = inWords(open.system);
  return (
    <Card>
      <Words as="small" tone="quiet">
        A small piece heats through and cools slowly; a big one draws the heat away.
      </Words>
      <JobField
        open={open}
        path="heat.pieceLength_mm"
        title="Piece, along"
        proposed={`blank: counted as ${say.size(Math.round(piece.length_mm))}`}
      />
      <JobField
        open={open}
        path="heat.pieceWidth_mm"
        title="Piece, across"
        proposed={`blank: counted as ${say.size(Math.round(piece.width_mm))}`}
      />
    </Card>
  );
}
