import { jointTraits } from '@core/data/joints';
import { midSentence, inWords } from '../../core/units/format';
import { useMemo } from 'react';
import { View } from 'react-native';
import { ROD_SIZES } from '@core/data/rodSizes';
import { pieceKindOf } from '@core/field';
import { orderName } from '@core/order';
import { compareSizes, type SizeChoice } from '@core/plan';
import { rodsByKind, runsPerRod, toldPass, tieInsInWords } from '@core/rods';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { goBackOr } from '@/ui/goTo';
import { Pick } from '@/ui/Pick';
import { SchoolCard } from '@/ui/SchoolCard';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { fixRod } from './fixRod';
import { RunsPicture } from './RunsPicture';

/** Where rods run out along the joint: runs, tie-ins, which size ends where it should, and what to do when a tin is short. */
export function RunsPage({ open }: { open: OpenJob }) {
  const { job, assessment, system, set, edit } = open;
  const { runs, beads, joint, rod } = assessment.situation;
  const sizes = useMemo(() => compareSizes(assessment), [assessment]);
  const say = (mm: number) => inWords(system).size(Math.round(mm));
  const first = toldPass(beads);
  if (!runs || !beads || !first || !rod)
    return (
      <View style={{ gap: SPACE.l }}>
        <Words as="title">Where rods run out</Words>
        <Words>Joint, length and rod first.</Words>
        <Act title="Back to Rod" testID="to-rod" onPress={() => goBackOr(job.id, 'rod')} />
      </View>
    );
  const { order } = runs;
  const short = assessment.rooms.find(({ id, state }) => id === 'rods' && state === 'none');
  const kinds = rodsByKind(beads);
  const each = runsPerRod(runs, first.beadPerRod_mm);
  const fresh = Math.ceil(runs.runs.length / each.runs);
  return (
    <View style={{ gap: SPACE.l }}>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">Where rods run out</Words>
        <Words tone="quiet" testID="runs-say">
          {`A rod lays ${say(first.beadPerRod_mm)} of ${beads.passes[0]?.rod.by ? 'the first pass by rod' : 'the first pass'}. ${runs.runs.length === 1 ? 'One run' : `${runs.runs.length} runs`}, ${tieInsInWords(runs.tieIns.length)}.${joint.length_mm === null ? ' Length not known: counted as 100 mm.' : ''}`}
        </Words>
      </View>
      <Card>
        <RunsPicture runs={runs} round={jointTraits(job.joint.kind)?.run === 'round'} say={say} />
        <Words as="label" tone="quiet">
          Numbers: the order. Arrows: the way. Rings: where a run ties into another.
        </Words>
      </Card>
      <Pick
        label="Runs"
        testID="runs"
        stacked
        options={[
          ...(order === 'own' ? [{ id: 'own' as const, name: orderName('own') }] : []),
          ...(assessment.situation.order?.named ?? []).map(({ id }) => ({
            id,
            name: orderName(id, pieceKindOf(job)),
          })),
        ]}
        value={job.order.pattern === null ? null : order}
        proposed={order}
        onPick={(id) => set('order.pattern', id === 'own' ? job.order.pattern : id, 'Order')}
      />
      <Card testID="run-list">
        {runs.tieIns.length > 0 && (
          <Words as="small">{`Tie-ins at ${runs.tieIns.map(({ at_mm, toCorner_mm }) => `${say(at_mm)}${toCorner_mm < 1 ? ' (corner, onto a hot start)' : ''}`).join(', ')}, from the beginning on.`}</Words>
        )}
        {runs.path.closed && runs.path.sides_mm.length > 1 && order === 'straight' && (
          <Words as="small">{`Begin ${say(runs.from_mm)} from the corner.`}</Words>
        )}
        <Words as="small" testID="fresh-rods">
          {`${fresh === 1 ? 'One rod' : `${fresh} fresh rods`} for the first pass where no run is begun with a stub; about ${say(each.left_mm)} of bead left in each: for tacks, or the next pass.`}
        </Words>
        <Words as="small" metric>
          Light 10 to 25 mm ahead on the line and draw back over it. At a tie-in clean the crater, light
          ahead, a little C over the crater. At the end step back and fill it in 2 to 4 touches.
        </Words>
      </Card>
      {jointTraits(job.joint.kind)?.run === 'sides' && <SchoolCard id="square-tube" taken={order} />}
      <Words as="head">Which size ends where it should</Words>
      {sizes.map((row) => (
        <SizeRow key={row.size} open={open} row={row} rodClass={rod.value.rodClass} say={say} />
      ))}
      <Card testID="mixing" tone={short ? 'danger' : 'plain'}>
        <Words as="bold">{short ? 'The tin runs short' : 'Rods'}</Words>
        {kinds.map((kind) => (
          <Words key={kind.size + kind.rodClass} as="small">
            {`${Math.ceil(kind.rods * 1.1)} of ${kind.rodClass} ${ROD_SIZES[kind.size].inches}, spoil counted in`}
          </Words>
        ))}
        {beads.passes
          .filter(() => kinds.length > 1)
          .map((pass) => (
            <Words key={`${pass.from_mm} ${pass.area_mm2} ${pass.role}`} as="label" tone="quiet">
              {`${say(pass.from_mm)} to ${say(pass.to_mm)}: ${pass.rod.size} at ${pass.rod.current_A} A, ${say(pass.travel_mm_s * 60)} a minute`}
            </Words>
          ))}
        <Act
          title={job.rod.mix ? 'Weld it all with one size' : 'Finish with other sizes of the class'}
          testID="mix"
          onPress={() => edit([{ path: 'rod.mix', value: !job.rod.mix }], 'Mixing sizes')}
        />
        {job.rod.mix && kinds.length === 1 && (
          <Words as="small" tone="quiet">
            {short
              ? 'No other size of this class in the kit lays such a bead.'
              : 'The tin lasts: no other size is needed.'}
          </Words>
        )}
      </Card>
      <Act title="Back to Rod" testID="to-rod" onPress={() => goBackOr(job.id, 'rod')} />
    </View>
  );
}

/** What one size would make of it. */
function SizeRow({
  open,
  row,
  rodClass,
  say,
}: {
  open: OpenJob;
  row: SizeChoice;
  rodClass: Parameters<typeof fixRod>[0];
  say: (mm: number) => string;
}) {
  const held = row.onHand === null ? 'not counted' : row.onHand === 0 ? 'none here' : `${row.onHand} here`;
  return (
    <Card testID={`size-row-${row.size.replace('/', '_')}`}>
      <View style={{ flexDirection: 'row', gap: SPACE.s, alignItems: 'center' }}>
        <View style={{ flex: 1 }}>
          <Words as="bold">{`${ROD_SIZES[row.size].inches} at ${row.current_A} A${row.taken ? ', taken' : ''}`}</Words>
          <Words as="small">
            {`${say(row.beadPerRod_mm)} a rod · ${row.passes === 1 ? '1 pass' : `${row.passes} passes`} · ${row.runs === 1 ? '1 run' : `${row.runs} runs`} · ${tieInsInWords(row.tieIns)}`}
          </Words>
          <Words as="label" tone={row.tightest?.state === 'none' ? 'danger' : 'quiet'}>
            {`${row.rods} rods, ${held}${row.tightest ? `; tightest: ${midSentence(row.tightest.title)}` : ''}`}
          </Words>
        </View>
        {!row.taken && (
          <Act
            title="Take"
            label={`Take ${row.size}`}
            testID={`take-size-${row.size.replace('/', '_')}`}
            onPress={() => open.edit(fixRod(rodClass, row.size), 'Rod size')}
          />
        )}
      </View>
    </Card>
  );
}
