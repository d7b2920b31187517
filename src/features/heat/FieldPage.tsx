import { useEffect, useMemo, useRef, useState } from 'react';
import { View } from 'react-native';
import { INTERPASS_AT_mm } from '@core/data/heatLimits';
import { fieldRun, type FieldRun } from '@core/order';
import { formatQuantity, inWords, trimmed } from '@core/units/format';
import { DURATION } from '@core/units/kinds';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { FieldRow } from '@/ui/FieldRow';
import { goBackOr } from '@/ui/goTo';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { PlatePicture } from './PlatePicture';
import { nameOfArc, StartsHeat } from './StartsHeat';
import { useField } from './useField';

/** The plate seen from above while it is welded: rod by rod, as hot as it gets and as it cools. */
export function FieldPage({ open }: { open: OpenJob }) {
  const { situation } = open.assessment;
  const run = useMemo(() => fieldRun(situation), [situation]);
  const { state, frames, start, stop } = useField();
  const [picked, setPicked] = useState<number | null>(null);
  // The clock judges the job again every minute: only a plate that has changed is run again.
  const asked = useRef('');
  useEffect(() => {
    const now = JSON.stringify(run);
    if (!run || now === asked.current) return;
    asked.current = now;
    start(run);
  }, [run, start]);
  if (!run)
    return (
      <View style={{ gap: SPACE.l }}>
        <Words as="title">The plate as it heats</Words>
        <Words>Metal, joint, thickness and rod first: then the heat is followed here.</Words>
        <Act title="Back to Heat" testID="to-heat" onPress={() => goBackOr(open.job.id, 'heat')} />
      </View>
    );
  const newest = frames.length - 1;
  // Once all is there the last rod is worth more than the rest after it.
  const shown = state === 'done' ? run.labels.map(({ kind }) => kind).lastIndexOf('weld') : newest;
  const at = Math.min(picked ?? shown, newest);
  const frame = frames[at];
  const say = inWords(open.system);
  return (
    <View style={{ gap: SPACE.l }}>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">The plate as it heats</Words>
        <Words tone="quiet">
          {run.frame
            ? `Tubes of ${say.size(run.frame.sides.tube_mm)}, ${say.size(run.plate.thickness_mm)} thick, ${say.size(Math.round(run.plate.length_mm))} all the way round.`
            : `${say.size(Math.round(run.plate.length_mm))} by ${say.size(Math.round(run.plate.width_mm))}, ${say.size(run.plate.thickness_mm)}, ${run.plate.thick ? 'thick: heat flows down too' : 'thin: as hot below as above'}.`}
        </Words>
      </View>
      <Progress run={run} state={state} done={frames.length} onStop={stop} onAgain={() => start(run)} />
      {frame && (
        <Card>
          <PlatePicture run={run} frame={frame} system={open.system} />
          <Words as="bold" testID="frame-says">
            {momentInWords(run, frame.event, frame.time_s)}
          </Words>
          <Words testID="frame-heat">
            {`Hottest ${say.temperature(frame.hottest_C)}. ${say.size(INTERPASS_AT_mm.value)} beside the weld: ${frame.probes_C
              .map((C) => say.temperature(C))
              .join(', ')} ${run.frame ? 'at corners 1 to 4' : 'at its beginning, middle and end'}.`}
          </Words>
          <FieldRow>
            <Act
              grow
              title="Before"
              testID="frame-before"
              disabled={at <= 0}
              onPress={() => setPicked(at - 1)}
            />
            <Act
              grow
              title="After"
              testID="frame-after"
              disabled={at >= frames.length - 1}
              onPress={() => setPicked(at + 1)}
            />
          </FieldRow>
          <StartsHeat
            starts={frame.starts}
            labels={run.labels.filter(({ kind }) => kind === 'weld')}
            frame={run.frame !== null}
            ceiling_C={situation.heat.ceiling?.value_C ?? null}
            system={open.system}
          />
        </Card>
      )}
      <Words as="label" tone="quiet">
        {`${run.frame ? 'The tubes as one plate, four faces wide, welded across at the corners; reckoned cut open in the middle of the left tube.' : 'One flat plate with the weld along its middle; a corner or a tee has more metal to draw the heat away.'} Surfaces lose ${trimmed(run.plate.loss_per_s * 6000, 1)} % of their heat in a minute.${run.leftOut > 0 ? ` The first ${run.starts.length} arcs only; ${run.leftOut} more follow.` : ''} Rosenthal and finite plate by cosine modes, from memory; for waits and order, not for hardness.`}
      </Words>
      {state === 'done' && <Act title="Run it again" testID="field-rerun" onPress={() => start(run)} />}
      <Act title="Back to Heat" testID="to-heat" onPress={() => goBackOr(open.job.id, 'heat')} />
    </View>
  );
}

/** When it is, and what has just happened. */
function momentInWords(run: FieldRun, event: number, time_s: number): string {
  const label = run.labels[event];
  const when = formatQuantity(Math.round(time_s), DURATION, 'metric');
  if (!label || label.kind === 'rest') return `${when} after the first arc: rested`;
  return `${when} after the first arc: pass ${label.pass}, ${nameOfArc(label, run.frame !== null)} ends`;
}

function Progress({
  run,
  state,
  done,
  onStop,
  onAgain,
}: {
  run: FieldRun;
  state: ReturnType<typeof useField>['state'];
  done: number;
  onStop: () => void;
  onAgain: () => void;
}) {
  const palette = usePalette();
  const all = run.events.length;
  if (state === 'done') return null;
  const words = {
    idle: '',
    running: `Working it out: ${done} of ${all}`,
    stopped: `Called off after ${done} of ${all}`,
    failed: 'It could not be worked out. Try again.',
    done: '',
  }[state];
  return (
    <View style={{ gap: SPACE.s }} testID="field-progress">
      <Words live>{words}</Words>
      <View style={{ height: 12, backgroundColor: palette.sunk, borderWidth: 1, borderColor: palette.line }}>
        <View style={{ height: 10, width: `${(100 * done) / all}%`, backgroundColor: palette.act }} />
      </View>
      {state === 'running' ? (
        <Act title="Call it off" testID="field-stop" onPress={onStop} />
      ) : (
        <Act title="Run it again" testID="field-again" onPress={onAgain} />
      )}
    </View>
  );
}
