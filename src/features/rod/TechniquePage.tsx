import { useMemo } from 'react';
import { View } from 'react-native';
import { TECHNIQUE } from '@core/data/technique';
import { techniqueFor, type TechniqueCard } from '@core/rods';
import { sourceWords } from '@core/units/sources';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { goBackOr } from '@/ui/goTo';
import { SPACE } from '@/ui/theme/tokens';
import { StepPicture } from '@/ui/StepPicture';
import { Words } from '@/ui/Words';

/** How the hand goes on this job, in the order of the work. */
export function TechniquePage({ open }: { open: OpenJob }) {
  const { assessment, job } = open;
  const cards = useMemo(() => techniqueFor(assessment.situation), [assessment]);
  return (
    <View style={{ gap: SPACE.l }} testID="technique">
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">How the hand goes</Words>
        <Words tone="quiet">
          {cards.length === 0
            ? 'Rod and joint first: then it stands here with the figures of this job.'
            : 'With the figures of this job, in the order of the work.'}
        </Words>
      </View>
      {cards.map((card) => (
        <One key={card.id} card={card} />
      ))}
      <Words as="label" tone="quiet">
        {sourceWords(TECHNIQUE.source)}
      </Words>
      <Act title="Back" testID="technique-back" onPress={() => goBackOr(job.id, 'rod')} />
    </View>
  );
}

function One({ card: { id, title, steps, drawing } }: { card: TechniqueCard }) {
  return (
    <Card testID={`card-${id}`}>
      <Words as="head">{title}</Words>
      {drawing && <StepPicture drawing={drawing} title={title} />}
      {steps.map((words) => (
        <Words key={words} as="small">
          {words}
        </Words>
      ))}
    </Card>
  );
}
