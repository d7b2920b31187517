import type { ReactNode } from 'react';
import { View } from 'react-native';
import { NEEDS } from '@core/data/processIds';
import { type Mark } from '@core/data/processes';
import { GRADE_WORDS, sourceWords } from '@core/units/sources';
import { chooseProcess, type Candidate, type Point } from '@core/process';
import { midSentence } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { goBackOr, openBy } from '@/ui/goTo';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { isOtherArc } from './ByPage';

const MARK_WORDS: Record<Mark, string> = { no: 'No', poor: 'Poor', fair: 'Fair', good: 'Good' };

/** What can be done with what is here: every process with what speaks for and against it, and what would change the order. */
export function ProcessPage({ open }: { open: OpenJob }) {
  const { candidates, changes, stock } = chooseProcess(open.assessment.situation);
  const possible = candidates.filter((candidate) => candidate.possible);
  const shut = candidates.filter((candidate) => !candidate.possible);
  const [first] = possible;
  return (
    <View style={{ gap: SPACE.l }}>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">Which process</Words>
        <Words tone="quiet" testID="process-first">
          {first ? `${first.name} first, with what is here.` : 'Nothing that is here will do.'}
        </Words>
      </View>
      {possible.map((candidate, n) => (
        <Ranked key={candidate.id} candidate={candidate} place={n + 1}>
          {isOtherArc(candidate.id) && (
            <Act
              title={`How ${midSentence(candidate.name)} is set here`}
              testID={`by-${candidate.id}`}
              onPress={() => openBy(open.job.id, candidate.id)}
            />
          )}
        </Ranked>
      ))}
      {changes.length > 0 && (
        <Card testID="process-changes">
          <Words as="head">What would change it</Words>
          {changes.map(({ change, name }) => (
            <Words key={change}>{`${change}: ${midSentence(name)} first.`}</Words>
          ))}
        </Card>
      )}
      <Card>
        <Words as="head">What is here</Words>
        <Words as="small" tone="quiet">
          From the kit. Press what ran out; press again when there is more.
        </Words>
        {stock
          .filter(({ inKit }) => inKit)
          .map(({ need, out }) => (
            <Act
              key={need}
              align="left"
              kind={out ? 'danger' : 'plain'}
              title={out ? `${NEEDS[need].name}: ran out` : `${NEEDS[need].name}: here`}
              testID={`stock-${need}`}
              onPress={() =>
                open.set(
                  `power.out.${need}`,
                  out ? undefined : true,
                  `${NEEDS[need].name} ${out ? 'here again' : 'ran out'}`,
                )
              }
            />
          ))}
        {stock.some(({ inKit }) => !inKit) && (
          <Words as="small" tone="quiet">
            {`Not in the kit: ${stock
              .filter(({ inKit }) => !inKit)
              .map(({ need }) => midSentence(NEEDS[need].name))
              .join(', ')}.`}
          </Words>
        )}
      </Card>
      {shut.length > 0 && <Words as="head">Not here, not now</Words>}
      {shut.map((candidate) => (
        <Ranked key={candidate.id} candidate={candidate} place={null} />
      ))}
      <Act title="Back to Power" testID="to-power" onPress={() => goBackOr(open.job.id, 'power')} />
    </View>
  );
}

/** One process with all that was weighed. */
function Ranked({
  candidate,
  place,
  children,
}: {
  candidate: Candidate;
  place: number | null;
  children?: ReactNode;
}) {
  const { id, name, setup, points } = candidate;
  const shown = place === null ? points.filter(({ mark }) => mark === 'no') : points;
  return (
    <Card testID={`process-${id}`}>
      <Words as="head">{place === null ? name : `${place}. ${name}`}</Words>
      {shown.map((point) => (
        <Weighed key={`${point.about} ${point.words}`} point={point} />
      ))}
      <Words as="small">
        {setup.words}
        <Words as="label" tone="quiet">{`  ${GRADE_WORDS[setup.source.grade]}`}</Words>
      </Words>
      {children}
    </Card>
  );
}

/** One thing for or against, with how it counts and how far to trust it. */
function Weighed({ point }: { point: Point }) {
  const palette = usePalette();
  const { mark, words, source } = point;
  const colour = {
    no: palette.danger,
    poor: palette.state.tight,
    fair: palette.ink2,
    good: palette.state.roomy,
  }[mark];
  return (
    <View style={{ flexDirection: 'row', gap: SPACE.s }}>
      <Words as="bold" color={colour} style={{ width: 48 }}>
        {MARK_WORDS[mark]}
      </Words>
      <View style={{ flex: 1 }}>
        <Words>{words}</Words>
        <Words as="label" tone="quiet">
          {sourceWords(source)}
        </Words>
      </View>
    </View>
  );
}
