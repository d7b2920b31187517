import { useDeferredValue, useState } from 'react';
import { View } from 'react-native';
import { sourceWords } from '@core/units/sources';
import { proceduresFor, type Part, type PartId, type Procedure } from '@core/procedure';
import type { BeadRow } from '@core/preheat';
import { inWords } from '@core/units/format';
import { toldThroughout } from '@core/units/inUnitsOf';
import type { UnitSystem } from '@core/units/kinds';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { goBackOr } from '@/ui/goTo';
import { StepParts } from '@/ui/StepParts';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { IronReasons, IronWays } from './IronWays';

/** How this metal is welded here: its way, step by step, and bead by bead where that matters. */
export function ProcedurePage({ open }: { open: OpenJob }) {
  const later = useDeferredValue(open);
  const { situation } = later.assessment;
  const procedures = toldThroughout(proceduresFor(situation), open.system);
  return (
    <View style={{ gap: SPACE.l }}>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">How this metal is done</Words>
        {procedures.length === 0 && (
          <Words tone="quiet">
            {situation.wants.families.length === 0
              ? 'Name the metal first, at Metal.'
              : 'Nothing out of the ordinary: plain steel, by the other stops.'}
          </Words>
        )}
      </View>
      {situation.iron && <IronWays open={open} />}
      {procedures.map((procedure) => (
        <OneProcedure key={procedure.id} procedure={procedure} system={open.system} />
      ))}
      {situation.iron && <IronReasons open={later} />}
      <Act title="Back to Heat" testID="to-heat" onPress={() => goBackOr(open.job.id, 'heat')} />
    </View>
  );
}

const PARTS: Readonly<Record<PartId, string>> = {
  prepare: 'Made ready',
  warm: 'Warmed',
  weld: 'At the joint',
  after: 'Afterwards',
};

function OneProcedure({ procedure, system }: { procedure: Procedure; system: UnitSystem }) {
  const ids = (Object.keys(PARTS) as PartId[]).filter((id) => says(procedure.parts[id]));
  return (
    <View style={{ gap: SPACE.m }} testID={`procedure-${procedure.id}`}>
      <View style={{ gap: SPACE.xs }}>
        <Words as="head">{procedure.title}</Words>
        <Words testID={`procedure-${procedure.id}-answer`}>{procedure.answer}</Words>
      </View>
      {ids.map((id) => (
        <PartCard key={id} title={PARTS[id]} part={procedure.parts[id]} testID={`${procedure.id}-${id}`} />
      ))}
      {procedure.beads.length > 1 && <BeadTable rows={procedure.beads} system={system} />}
    </View>
  );
}

const says = ({ actions, holds, settings, cautions }: Part): boolean =>
  actions.length + holds.length + settings.length + cautions.length > 0;

function PartCard({ title, part, testID }: { title: string; part: Part; testID: string }) {
  const sources = [...new Set([...part.holds, ...part.actions].map(({ source }) => sourceWords(source)))];
  return (
    <Card testID={testID}>
      <Words as="bold">{title}</Words>
      <StepParts
        holds={part.holds.map(({ words }) => words)}
        settings={part.settings}
        actions={part.actions.map(({ words }) => words)}
        cautions={part.cautions}
        size="body"
      />
      <Words as="label" tone="quiet">
        {sources.join('; ')}
      </Words>
    </Card>
  );
}

/** Beads shown before the rest is asked for. */
const SHOWN = 12;

function BeadTable({ rows, system }: { rows: readonly BeadRow[]; system: UnitSystem }) {
  const [all, setAll] = useState(false);
  const palette = usePalette();
  const say = inWords(system);
  const shown = all ? rows : rows.slice(0, SHOWN);
  return (
    <Card testID="bead-table">
      <Words as="bold">Bead by bead</Words>
      <BeadLine cells={['', 'where', 'amps', 'begins at', 'wait first']} tone="quiet" />
      {shown.map((row, n) => (
        <View key={n} style={{ borderTopWidth: 1, borderColor: palette.line, paddingTop: SPACE.xs }}>
          <BeadLine
            testID={`bead-${n + 1}`}
            cells={[
              `${n + 1}`,
              `${say.size(Math.round(row.from_mm)).replace(/ mm$/, '')} to ${say.size(Math.round(row.to_mm))}`,
              `${Math.round(row.current_A)} A`,
              say.temperature(row.started_C),
              row.wait_s < 1 ? 'none' : say.time(row.wait_s),
            ]}
          />
        </View>
      ))}
      {!all && rows.length > SHOWN && (
        <Act title={`${rows.length - SHOWN} more beads`} testID="beads-all" onPress={() => setAll(true)} />
      )}
      <Words as="label" tone="quiet">
        Reckoned on the piece as typed at Heat; a thermometer beside the weld is the judge.
      </Words>
    </Card>
  );
}

const WIDTHS = [28, 118, 54, 68, 66] as const;

function BeadLine({ cells, tone, testID }: { cells: readonly string[]; tone?: 'quiet'; testID?: string }) {
  return (
    <View style={{ flexDirection: 'row', gap: SPACE.xs }} testID={testID}>
      {cells.map((cell, n) => (
        <Words
          key={n}
          as="small"
          tone={tone}
          style={{
            flexGrow: n === 1 ? 1 : 0,
            flexShrink: 1,
            flexBasis: WIDTHS[n] ?? 60,
            textAlign: n < 2 ? 'left' : 'right',
          }}
        >
          {cell}
        </Words>
      ))}
    </View>
  );
}
