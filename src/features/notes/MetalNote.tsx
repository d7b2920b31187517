import { sentence, inWords } from '../../core/units/format';
import { View } from 'react-native';
import { clearingOf } from '@core/data/clearing';
import { FAMILY_IDS, type FamilyId } from '@core/data/families';
import { HAZARDS } from '@core/data/hazards';
import { libraryRow } from '@core/data/library';
import { metalFamily } from '@core/data/metals';
import { OTHER_PROCESSES, PROCESSES } from '@core/data/processIds';
import { PROCESSES_SOURCE, takesOf } from '@core/data/processes';
import { PRACTICE, sourceWords, type Source } from '@core/units/sources';
import { familyHeatRule } from '@core/heat';
import { useApp } from '@/state/store';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { openNotes } from '@/ui/goTo';
import { PageFrame } from '@/ui/PageFrame';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { spanInWords, weldsInWords } from './noteWords';

/** One metal: what it is like, how it welds, and where each cell comes from. */
export function MetalNote({ metal }: { metal: string }) {
  const id = FAMILY_IDS.find((family) => family === metal);
  return (
    <PageFrame title="Notes" backID="notes-back" gap={SPACE.m}>
      {id ? <Note id={id} /> : <Words as="title">No such metal in the notes</Words>}
    </PageFrame>
  );
}

function Note({ id }: { id: FamilyId }) {
  const system = useApp((state) => state.settings.system);
  const temperature = inWords(system).temperature;
  const row = libraryRow(id);
  const family = metalFamily(id);
  const heat = familyHeatRule(id);
  const melting = row.melting_C.value;
  const chemistry = Object.entries(row.chemistry.value)
    .map(([el, span]) => (span ? `${el} ${spanInWords(span, 2)}` : ''))
    .join(', ');
  const cells: [string, string, Source][] = [
    ['Magnet', row.magnet.value, row.magnet.source],
    ['Fresh colour', row.colour.value, row.colour.source],
    ['Spark', row.spark.value, row.spark.source],
    ['Chip', row.chip.value, row.chip.source],
    ['Fracture', row.fracture.value, row.fracture.source],
    ['Density', `${spanInWords(row.density_g_cm3.value, 2)} g/cm³`, row.density_g_cm3.source],
    ['Melts', `${temperature(melting.low)} to ${temperature(melting.high)}`, row.melting_C.source],
    ['Hardness', `${spanInWords(row.hardness_HB.value, 0)} HB`, row.hardness_HB.source],
    ['Conducts, of copper', `${spanInWords(row.iacs_pct.value, 1)} % IACS`, row.iacs_pct.source],
    ['Conducts heat', `${spanInWords(row.conductivity_W_mK.value, 0)} W/mK`, row.conductivity_W_mK.source],
    ['Grows', `${spanInWords(row.expansion_um_mK.value, 1)} millionths per K`, row.expansion_um_mK.source],
    ['Made of, %', chemistry, row.chemistry.source],
  ];
  return (
    <>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">{family.name}</Words>
        <Words tone={family.arc === 'yes' ? 'quiet' : 'danger'}>
          {`${sentence(weldsInWords(id))}. ${family.why} ${family.instead}`.trim()}
        </Words>
      </View>
      {clearingOf(id).length > 0 && (
        <Card testID="note-clearing">
          <Words as="bold">Cleared only by one of these, on bare metal</Words>
          {clearingOf(id).map(({ words, source }) => (
            <View key={words}>
              <Words as="small">{sentence(words)}</Words>
              <Words as="label" tone="quiet">
                {sourceWords(source)}
              </Words>
            </View>
          ))}
        </Card>
      )}
      <Card tone={HAZARDS[id] ? 'danger' : 'plain'}>
        <Words as="head">Welding it</Words>
        {HAZARDS[id] && <Words tone="danger">{HAZARDS[id].words}</Words>}
        {family.rods.length > 0 && (
          <Cell name="Stick, best first" words={family.rods.join(', ')} source={PRACTICE} />
        )}
        <Cell name="Heat" words={heat.words} source={heat.source} />
        <Cell name="Cooling" words={heat.cooling} source={heat.source} />
        {OTHER_PROCESSES.map((process) => (
          <Cell
            key={process}
            name={PROCESSES[process]}
            words={takesOf(id)[process].words}
            source={PROCESSES_SOURCE}
          />
        ))}
        <Cell name="In short" words={row.otherProcesses.value} source={row.otherProcesses.source} />
        {family.cautions.map((line) => (
          <Words key={line} as="small" tone="danger">
            {line}
          </Words>
        ))}
      </Card>
      <Card>
        <Words as="head">What it is like</Words>
        {cells.map(([name, words, source]) => (
          <Cell key={name} name={name} words={words} source={source} />
        ))}
      </Card>
      <Act title="All metals" testID="all-notes" onPress={openNotes} />
    </>
  );
}

/** One cell of the library, with where it comes from. */
function Cell({ name, words, source }: { name: string; words: string; source: Source }) {
  return (
    <View>
      <Words as="label" tone="quiet">
        {name}
      </Words>
      <Words metric>{words}</Words>
      <Words as="label" tone="quiet">
        {sourceWords(source)}
      </Words>
    </View>
  );
}
