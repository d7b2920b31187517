import { useMemo } from 'react';
import { View } from 'react-native';
import { PERMIT_ANSWERS, PERMIT_SOURCE, type PermitAnswer } from '@core/data/permit';
import { LONGEST } from '@core/formats/limits';
import { editAt } from '@core/formats/paths';
import { clashInWords, fireWatch_s, hotWork, type HotWork } from '@core/repair';
import { arcsOver } from '@core/run';
import { inWords } from '@core/units/format';
import { sourceWords } from '@core/units/sources';
import { sayWhen } from '@core/units/when';
import { thisMoment, wallAt } from '@/state/clock';
import { typedEdits, type OpenJob } from '@/state/useJob';
import { useNow } from '@/state/useNow';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Entry } from '@/ui/Entry';
import { goBackOr } from '@/ui/goTo';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { QuantityField } from '@/ui/QuantityField';
import { SPACE } from '@/ui/theme/tokens';
import { WhenField } from '@/ui/WhenField';
import { Words } from '@/ui/Words';

const ANSWERS = optionsOf(PERMIT_ANSWERS);
const SECOND_ms = 1000;

/** How the card stands against the work, by the clock. */
function useHotWork(
  { job, assessment }: OpenJob,
  every_ms: number,
): HotWork & { now_ms: number; ran: ReturnType<typeof arcsOver> } {
  const now_ms = useNow(every_ms);
  const { situation } = assessment;
  const ran = useMemo(() => arcsOver(job.run.events, now_ms), [job.run.events, now_ms]);
  return {
    ...hotWork(situation, situation.timeline?.elapsed_s ?? null, now_ms, ran),
    now_ms,
    ran,
  };
}

/** The hot-work card: who, from when to when, what is seen to before the first spark, and the watch after the last. */
export function PermitPage({ open }: { open: OpenJob }) {
  const { job, system, edit } = open;
  const { permit } = job;
  const work = useHotWork(open, SECOND_ms);
  const wall = wallAt(work.now_ms);
  const clock = (ms: number) => sayWhen(ms, wall);
  const time = (which: 'from' | 'until', label: string, blank: string) => (
    <WhenField
      label={label}
      testID={`permit-${which}`}
      value={permit[which]}
      typed={job.typed[`permit.${which}`]}
      placeholder={which === 'from' ? '8:00' : '16:00'}
      blank={blank}
      wall={wall}
      wallNow={() => wallAt(thisMoment())}
      onTake={(value, typed) =>
        edit([editAt(`permit.${which}`, value), { path: `typed.permit.${which}`, value: typed }], label)
      }
    />
  );
  return (
    <View style={{ gap: SPACE.l }} testID="permit">
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">Hot-work card</Words>
        <Words tone="quiet" testID="permit-left">
          {work.left === 0
            ? 'Every line is answered.'
            : `${work.left} of ${work.lines.length} to see to before the first spark.`}
        </Words>
      </View>
      <Watch work={work} clock={clock} watch_s={fireWatch_s(job)} system={system} />
      {work.clashes.map((clash) => (
        <Card key={clash.kind} tone="danger" testID={`clash-${clash.kind}`}>
          <Words as="small">{clashInWords(clash, work.now_ms, clock)}</Words>
        </Card>
      ))}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m }}>
        {time('from', 'Permit begins', 'blank: not written yet')}
        {time('until', 'Permit ends', 'blank: not written yet')}
      </View>
      <Named open={open} which="issuer" label="Given by" placeholder="name on the permit" />
      <Named open={open} which="watcher" label="Fire watch" placeholder="who does nothing else" />
      <View style={{ flexDirection: 'row' }}>
        <QuantityField
          path="permit.watch_s"
          value={permit.watch_s}
          typed={job.typed['permit.watch_s']}
          system={system}
          steppers={false}
          proposed={`blank: ${inWords(system).time(fireWatch_s({ permit: { ...permit, watch_s: null } }))}`}
          onType={(text) => edit(typedEdits('permit.watch_s', text, system), 'Fire watch')}
        />
      </View>
      {work.lines.map(({ id, name, must, answer }) => (
        <Pick
          key={id}
          label={name}
          testID={`permit-${id}`}
          options={must ? ANSWERS.filter((one) => one.id === 'done') : ANSWERS}
          value={answer}
          onPick={(picked: PermitAnswer | null) =>
            edit([editAt(`permit.lines.${id}`, picked ?? undefined)], 'Hot-work card')
          }
        />
      ))}
      <Words as="label" tone="quiet">
        {`The site’s own permit and rules come first; this card only keeps it together. ${sourceWords(PERMIT_SOURCE)}`}
      </Words>
      <Words as="small">Given by: ____________________ Signed: ____________________ Time: __________</Words>
      <Words as="small">Watch over: __________________ Signed: ____________________ Time: __________</Words>
      <View dataSet={{ noprint: 'true' }} style={{ gap: SPACE.s }}>
        <Act title="Print the card" testID="print-permit" onPress={() => window.print()} />
        <Act title="Back" testID="permit-back" onPress={() => goBackOr(job.id, 'sheet')} />
      </View>
    </View>
  );
}

/** The watch: counted down after the last arc, and when it will be over before that. */
function Watch({
  work: { now_ms, ran, starts_ms, lastArc_ms, watchEnds_ms },
  clock,
  watch_s,
  system,
}: {
  work: ReturnType<typeof useHotWork>;
  clock: (ms: number) => string;
  watch_s: number;
  system: OpenJob['system'];
}) {
  const said = inWords(system).time(watch_s);
  if (!ran)
    return (
      <Words testID="permit-watch">
        {`Strike at ${clock(starts_ms)}, last arc about ${clock(lastArc_ms)}, watched till ${clock(watchEnds_ms)}: ${said} after it.`}
      </Words>
    );
  // A break counts too: what smoulders does not wait for the last pass.
  const till_ms = ran.lastArc_ms + 1000 * watch_s;
  const left_s = Math.ceil((till_ms - now_ms) / 1000);
  return (
    <Card tone={left_s > 0 ? 'sunk' : 'plain'} testID="permit-watch">
      <Words as="title">
        {left_s > 0
          ? `${Math.floor(left_s / 60)}:${String(left_s % 60).padStart(2, '0')} of watch to go`
          : ran.over
            ? 'Watch is over'
            : 'No arc for longer than the watch'}
      </Words>
      <Words as="small">
        {left_s > 0
          ? `Last arc ${clock(ran.lastArc_ms)}. Till ${clock(till_ms)}${ran.over ? '' : ', if no other follows'}: feel walls, look below, behind and in what smoulders.`
          : `It was till ${clock(till_ms)}. Once more round before you leave.`}
      </Words>
    </Card>
  );
}

function Named({
  open: { job, edit },
  which,
  label,
  placeholder,
}: {
  open: OpenJob;
  which: 'issuer' | 'watcher';
  label: string;
  placeholder: string;
}) {
  return (
    <View style={{ gap: SPACE.xs }}>
      <Words as="label" tone="quiet">
        {label}
      </Words>
      <Entry
        label={label}
        testID={`permit-${which}`}
        value={job.permit[which]}
        most={LONGEST.name}
        placeholder={placeholder}
        onChange={(words) => edit([editAt(`permit.${which}`, words)], label)}
      />
    </View>
  );
}

/** The card as it goes along on paper: every line with what was seen to, the times, and who signs. */
export function PermitPrinted({ open }: { open: OpenJob }) {
  const { job } = open;
  const work = useHotWork(open, 60 * SECOND_ms);
  const wall = wallAt(work.now_ms);
  const at = (iso: string | null) => (iso === null ? '__________' : sayWhen(Date.parse(iso), wall));
  const { permit } = job;
  return (
    <View style={{ gap: SPACE.xs }}>
      <Words as="head">Hot-work card</Words>
      <Words as="small">
        {`Given by ${permit.issuer || '____________________'}, from ${at(permit.from)} till ${at(permit.until)}. Fire watch ${permit.watcher || '____________________'}, ${inWords(open.system).time(fireWatch_s(job))} after the last arc.`}
      </Words>
      {work.lines.map(({ id, name, answer }) => (
        <Words key={id} as="small">
          {`${answer === 'done' ? '☑' : '☐'} ${name}${answer === 'not-here' ? ' (not here)' : ''}`}
        </Words>
      ))}
      <Words as="small">
        Signed: ____________________ Watch over, signed: ____________________ Time: __________
      </Words>
    </View>
  );
}
