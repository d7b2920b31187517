import { midSentence } from '../../core/units/format';
import { View } from 'react-native';
import { metalFamily } from '@core/data/metals';
import { metalTest, type MetalTest } from '@core/data/metalTests';
import type { TestId } from '@core/data/testIds';
import { TOOLS } from '@core/data/tools';
import type { Evidence, Standing } from '@core/formats/evidence';
import { beliefOf, lockOf, mayBePlated, sawTheSkin, type MetalPlace } from '@core/metal';
import { newId } from '@/state/ids';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { nextTest, goBackOr } from '@/ui/goTo';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { sayShare, whatItShowed } from './evidenceWords';
import { EvidenceForm } from './EvidenceForms';
import { placeName } from './places';
import { isDrawn, TestPicture } from './TestPicture';
import { costOf } from './TestRows';
import { useTests } from './useTests';

/** One test on one piece: how it is done, what it looks like, what was seen, and what that did. */
export function TestPage({ open, place, test }: { open: OpenJob; place: MetalPlace; test: TestId }) {
  const { job } = open;
  const side = job.metal[place];
  const row = metalTest(test);
  const lock = lockOf(test, side);
  const entries = Object.entries(side.evidence).filter(([, entry]) => entry.test === test);
  const title = `${placeName(job, place)}: ${midSentence(row.name)}`;
  const pathOf = (id: string) => `metal.${place}.evidence.${id}` as const;
  const add = (entry: Evidence) => open.set(pathOf(newId()), entry, title);
  const skipped = side.skipped.includes(test);
  const asksWhere = sawTheSkin(test) && mayBePlated(side);
  const shown = entries.length > 0 ? entries : [[null, null] as const];
  return (
    <>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">{row.name}</Words>
        <Words tone="quiet">{`${placeName(job, place)}. Tells: ${midSentence(row.tells)}.`}</Words>
        <Words as="label" tone="quiet">
          {[
            costOf(test),
            row.tools.length > 0 ? row.tools.map((tool) => TOOLS[tool]).join(', ') : 'no tool',
          ].join(' · ')}
        </Words>
      </View>
      {lock && (
        <Card tone="danger" testID="lock">
          <Words as="bold">Not yet</Words>
          <Words>{lock.why}</Words>
          <Words>{lock.unlock}</Words>
          {lock.by.map((id) => (
            <Act
              key={id}
              title={metalTest(id).name}
              testID={`unlock-${id}`}
              onPress={() => nextTest(job.id, place, id)}
            />
          ))}
        </Card>
      )}
      <HowTo row={row} />
      {(!lock || entries.length > 0) &&
        shown.map(([id, entry]) => (
          <Card key={id ?? 'first'}>
            {row.kind === 'outcome' ? (
              <Pick
                label="What did it show?"
                testID="saw"
                stacked
                options={Object.entries(row.outcomes).map(([outcome, words]) => ({
                  id: outcome,
                  name: words.name,
                  note: words.note || undefined,
                  picture: isDrawn(test) ? <TestPicture test={test} outcome={outcome} /> : undefined,
                }))}
                value={entry?.kind === 'outcome' ? entry.outcome : null}
                onPick={(outcome) => {
                  if (outcome === null) return id !== null && open.set(pathOf(id), undefined, title);
                  if (id !== null) return open.set(`${pathOf(id)}.outcome`, outcome, title);
                  add({ kind: 'outcome', test, outcome, standing: 'sound' });
                }}
              />
            ) : id !== null && entry ? (
              <>
                <Words as="bold" testID="showed">
                  {whatItShowed(entry)}
                </Words>
                <EvidenceForm open={open} path={pathOf(id)} entry={entry} title={title} />
              </>
            ) : (
              <Act
                kind="main"
                title="Type the reading"
                testID="start-reading"
                onPress={() => add(blankReading(row))}
              />
            )}
            {id !== null && entry && asksWhere && (
              <Pick
                label="It may be plated: where was it done?"
                testID="below"
                options={[
                  { id: 'skin', name: 'On the surface', note: 'says nothing of the metal' },
                  { id: 'below', name: 'Below it', note: 'on a fresh spot' },
                ]}
                value={entry.below === true ? 'below' : 'skin'}
                onPick={(where: 'skin' | 'below' | null) =>
                  open.set(`${pathOf(id)}.below`, where === 'below', title)
                }
              />
            )}
            {id !== null && entry && (
              <Pick
                label="How far do you trust it?"
                testID="standing"
                options={[
                  { id: 'sound', name: 'Sound' },
                  { id: 'doubtful', name: 'Doubtful', note: 'counts half' },
                  { id: 'undone', name: 'Undone', note: 'kept, does not count' },
                ]}
                value={entry.standing}
                onPick={(standing: Standing | null) =>
                  open.set(`${pathOf(id)}.standing`, standing ?? 'sound', title)
                }
              />
            )}
          </Card>
        ))}
      {entries.length === 0 && (
        <Act
          title={skipped ? 'It can be done here after all' : 'Cannot be done here'}
          testID="cannot"
          onPress={() =>
            open.set(
              `metal.${place}.skipped`,
              skipped ? side.skipped.filter((id) => id !== test) : [...side.skipped, test],
              title,
            )
          }
        />
      )}
      {entries.length > 0 && !lock && (
        <Act
          title="Do it again"
          testID="again"
          onPress={() => {
            const [, last] = entries[entries.length - 1] ?? [];
            if (last) add(last.kind === 'outcome' ? last : blankReading(row));
          }}
        />
      )}
      <Now open={open} place={place} test={test} />
    </>
  );
}

function HowTo({ row }: { row: MetalTest }) {
  return (
    <Card tone="sunk">
      {row.how.map((line, n) => (
        <View key={line} style={{ flexDirection: 'row', gap: SPACE.s }}>
          <Words as="bold">{`${n + 1}`}</Words>
          <Words as="small" style={{ flex: 1 }}>
            {line}
          </Words>
        </View>
      ))}
      {row.cautions.map((line) => (
        <Words key={line} as="small" tone="danger">
          {line}
        </Words>
      ))}
    </Card>
  );
}

/** A number test before anything was read. */
function blankReading({ kind }: MetalTest): Evidence {
  switch (kind) {
    case 'weighings':
      return { kind, test: 'density', air_g: null, water_g: null, scale_g: null, standing: 'sound' };
    case 'hardness':
      return { kind, test: 'hardness', hardness_HB: null, standing: 'sound' };
    case 'conductivity':
      return { kind, test: 'conductivity', iacs_pct: null, standing: 'sound' };
    case 'chemistry':
      return { kind, test: 'chemistry', elements: {}, seesCarbon: false, standing: 'sound' };
    case 'outcome':
      return { kind, test: 'magnet', outcome: 'none', standing: 'undone' };
  }
}

/** What the piece may be after it, and where to go on. */
function Now({ open, place, test }: { open: OpenJob; place: MetalPlace; test: TestId }) {
  const { best, words } = useTests(open, place);
  const belief = beliefOf(open.job.metal[place]);
  const onward = best !== null && best.test !== test ? best.test : null;
  return (
    <Card tone="sunk" testID="now">
      <Words as="bold">
        {belief.tested
          ? belief.shares
              .slice(0, 3)
              .filter(({ share }) => share >= 0.01)
              .map(({ family, share }) => `${metalFamily(family).name} ${sayShare(share)}`)
              .join(', ')
          : 'Nothing tested yet'}
      </Words>
      <Words as="small" tone="quiet">
        {words}
      </Words>
      {onward && (
        <Act
          kind="main"
          title={`Next: ${midSentence(metalTest(onward).name)}`}
          testID="next-test"
          onPress={() => nextTest(open.job.id, place, onward)}
        />
      )}
      <Act title="Back to the metal" testID="test-done" onPress={() => goBackOr(open.job.id, 'metal')} />
    </Card>
  );
}
