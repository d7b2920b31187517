import { counted } from '@core/units/format';
import { useState } from 'react';
import { View } from 'react-native';
import { POINTS_SOURCE, ROLES, type RoleId } from '@core/data/rodChoice';
import { sourceWords } from '@core/units/sources';
import { ROD_SIZES } from '@core/data/rodSizes';
import { DUTIES, SKILLS } from '@core/data/words';
import { rankRods } from '@core/plan';
import { type RodFit } from '@core/rods';
import { ampWindow } from '@core/rods/amps';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { FieldRow } from '@/ui/FieldRow';
import { goBackOr } from '@/ui/goTo';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { fixRod } from './fixRod';

/** Which rod, and why: those in the tins first, then all that are made; what speaks for each and against it. */
export function RodsPage({ open }: { open: OpenJob }) {
  const { job, set, assessment } = open;
  const [role, setRole] = useState<RoleId>('whole');
  const [all, setAll] = useState(false);
  const { tins, table } = rankRods(assessment.situation, role);
  const fit = tins.filter(({ shut }) => shut === '');
  const shut = tins.filter((row) => row.shut !== '');
  const buying = table.filter(
    (row) => row.shut === '' && !fit.some((tin) => tin.rodClass === row.rodClass && tin.size === row.size),
  );
  const [best] = fit;
  return (
    <View style={{ gap: SPACE.l }}>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">Which rod</Words>
        <Words tone="quiet" testID="rods-say">
          {best
            ? `${nameOf(best)} of what is here: ${best.for[0] ?? ''}`
            : 'Nothing in the tins suits: see what is worth buying.'}
        </Words>
      </View>
      <Pick
        label="For"
        testID="role"
        options={optionsOf(ROLES)}
        value={role}
        onPick={(id: RoleId | null) => setRole(id ?? 'whole')}
      />
      <Words as="head">In your tins</Words>
      {fit.length === 0 && <Words tone="quiet">None that suits.</Words>}
      {fit.map((row, n) => (
        <FitCard key={row.tin?.id} open={open} row={row} role={role} first={n === 0} />
      ))}
      {shut.length > 0 && (
        <Card testID="rods-shut" tone="sunk">
          <Words as="bold">Not for this</Words>
          {shut.map((row) => (
            <Words key={row.tin?.id} as="small">{`${nameOf(row)}: ${row.shut}`}</Words>
          ))}
        </Card>
      )}
      <Pick
        label="What the weld is there for"
        testID="duty"
        options={Object.entries(DUTIES).map(([id, name]) => ({ id: id as keyof typeof DUTIES, name }))}
        value={job.rod.duty}
        onPick={(id) => set('rod.duty', id, 'What it is there for')}
      />
      <Pick
        label="Your hand with stick"
        testID="skill"
        options={optionsOf(SKILLS)}
        value={job.rod.skill}
        onPick={(id) => set('rod.skill', id, 'Hand')}
      />
      <Words as="head">Worth buying</Words>
      {buying.length === 0 && <Words tone="quiet">Nothing else suits the metal.</Words>}
      {(all ? buying : buying.slice(0, SHOWN)).map((row) => (
        <FitCard key={nameOf(row)} open={open} row={row} role={role} first={false} />
      ))}
      {buying.length > SHOWN && !all && (
        <Act title={`${buying.length - SHOWN} more`} testID="rods-all" onPress={() => setAll(true)} />
      )}
      <Words as="label" tone="quiet">
        {`How much each reason weighs: ${sourceWords(POINTS_SOURCE)}.`}
      </Words>
      <Act title="Back to Rod" testID="to-rod" onPress={() => goBackOr(job.id, 'rod')} />
    </View>
  );
}

/** Rows shown before the rest is asked for. */
const SHOWN = 3;

const nameOf = ({ rodClass, size }: RodFit): string => `${rodClass} ${ROD_SIZES[size].inches}`;

/** Places that have a rod of their own beside the main one: where it is kept, and how that is said. */
const OWN: Readonly<Partial<Record<RoleId, { path: 'rod.root' | 'rod.cap'; words: string; back: string }>>> =
  {
    root: { path: 'rod.root', words: 'for the root', back: 'Root with the same rod' },
    cap: { path: 'rod.cap', words: 'for the top', back: 'The top with the same rod' },
    hardface: { path: 'rod.cap', words: 'for the top', back: 'The top with the same rod' },
  };
/** Places for which a rod may be the main one. */
const MAIN: readonly RoleId[] = ['whole', 'fill', 'hardface'];

/** One rod with its reasons, and the way to take it. */
function FitCard({ open, row, role, first }: { open: OpenJob; row: RodFit; role: RoleId; first: boolean }) {
  const { rodClass, size, tin } = row;
  const window = ampWindow(rodClass, size, tin);
  const { rod } = open.assessment.situation;
  const own = OWN[role];
  const kept = own && (own.path === 'rod.root' ? open.job.rod.root : open.job.rod.cap);
  const ownTaken = kept?.rodClass === rodClass && kept.size === size;
  const mainTaken = rod?.value.rodClass === rodClass && rod.value.size === size;
  const id = `${rodClass}-${size.replace('/', '_')}`;
  return (
    <Card testID={`fit-${id}`}>
      <View style={{ flexDirection: 'row', gap: SPACE.s, alignItems: 'baseline' }}>
        <Words as="bold" style={{ flex: 1 }}>
          {nameOf(row)}
        </Words>
        <Words as="small" tone="quiet">
          {[
            tin ? counted(tin.count, 'rod') : '',
            window ? `${window.low_A} to ${window.high_A} A` : 'no range known',
          ]
            .filter((w) => w !== '')
            .join(', ')}
        </Words>
      </View>
      {row.for.map((words) => (
        <Words key={words} as="small">{`For: ${words}`}</Words>
      ))}
      {row.against.map((words) => (
        <Words key={words} as="small" tone="danger">{`Against: ${words}`}</Words>
      ))}
      <FieldRow>
        {(ownTaken || mainTaken) && (
          <Words as="bold">{ownTaken && own ? `Taken ${own.words}` : 'Taken'}</Words>
        )}
        {own && !ownTaken && !mainTaken && (
          <Act
            grow
            kind={first ? 'main' : 'plain'}
            title={`Take it ${own.words}`}
            testID={`take-${id}`}
            onPress={() => open.edit([{ path: own.path, value: { rodClass, size } }], `Rod ${own.words}`)}
          />
        )}
        {MAIN.includes(role) && !mainTaken && (
          <Act
            grow
            kind={first && !own ? 'main' : 'plain'}
            title={own ? 'Take it for all of it' : 'Take it'}
            testID={own ? `take-all-${id}` : `take-${id}`}
            onPress={() => open.edit(fixRod(rodClass, size), 'Rod')}
          />
        )}
        {own && ownTaken && (
          <Act
            grow
            title={own.back}
            testID={own.path === 'rod.root' ? 'root-same' : 'cap-same'}
            onPress={() => open.edit([{ path: own.path, value: { rodClass: null, size: null } }], own.back)}
          />
        )}
      </FieldRow>
    </Card>
  );
}
