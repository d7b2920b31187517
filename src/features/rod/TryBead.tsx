import { router } from 'expo-router';
import { View } from 'react-native';
import { countedTrials, gainInWords, lessonInWords, lessonsOf, worthTrying } from '@core/bench';
import { RAN, RAN_IDS, type RanId } from '@core/data/bench';
import { chartAmps } from '@core/rods/amps';
import { inWords } from '@core/units/format';
import { logBead } from '@/state/shelf';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Fold } from '@/ui/Fold';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** One bead on scrap, and how it ran: three presses, and the next plan knows this machine, this tin and this hand better. */
export function TryBead({ open }: { open: OpenJob }) {
  const { situation } = open.assessment;
  const { rod, machine, current_A, kit, job } = situation;
  const chart_A = chartAmps(situation);
  if (!rod || !machine || !current_A || chart_A === null) return null;
  const machineId = machine.value.id;
  const tinId = rod.value.tin?.id ?? null;
  const lessons = lessonsOf(kit.trials);
  const learned = lessons.together(machineId, tinId);
  const typed = machine.value.bias_pct !== null;
  const gains = typed ? '' : gainInWords(worthTrying(countedTrials(kit), { machineId, tinId, chart_A }));
  const says = typed
    ? `${machine.value.name} runs right at ${machine.value.bias_pct} % of the chart: you typed it.`
    : learned.trials > 0
      ? `${machine.value.name} with this tin ${lessonInWords(learned)}.`
      : gains;
  const { thin_mm } = situation.joint;
  const ran = (how: RanId) =>
    logBead({
      machineId,
      tinId,
      process: 'stick',
      rodClass: rod.value.rodClass,
      size: rod.value.size,
      thickness_mm: thin_mm,
      position: job.look.position,
      set_A: current_A.value,
      chart_A,
      ran: how,
    });
  return (
    <Fold id="bead" title="One bead on scrap" says={says}>
      <Words>
        {`Set ${current_A.value} A and run one fresh rod on scrap${thin_mm === null ? '' : ` of ${inWords(open.system).size(thin_mm)}`}, held as it will be held here. How did it run?`}
      </Words>
      <View style={{ flexDirection: 'row', gap: SPACE.s }}>
        {RAN_IDS.map((id) => (
          <Act key={id} grow title={RAN[id].name} testID={`ran-${id}`} onPress={() => ran(id)} />
        ))}
      </View>
      {says !== '' && <Words testID="bead-says">{says}</Words>}
      {gains !== '' && gains !== says && <Words tone="quiet">{gains}</Words>}
      {kit.trials.length > 0 && (
        <Act title="All beads on scrap" testID="all-beads" onPress={() => router.push('/kit')} />
      )}
    </Fold>
  );
}
