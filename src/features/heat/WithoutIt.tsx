import { View } from 'react-native';
import { sourceWords } from '@core/units/sources';
import { familyHeatRule } from '@core/heat';
import { metalFamily } from '@core/data/metals';
import { withoutPreheat } from '@core/preheat';
import type { OpenJob } from '@/state/useJob';
import { Card } from '@/ui/Card';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** What then, where that warmth cannot be had. */
export function WithoutIt({ open }: { open: OpenJob }) {
  const ways = withoutPreheat(open.assessment.situation);
  if (ways.length === 0) return null;
  return (
    <Card testID="without">
      <Words as="head">If you cannot get it that warm</Words>
      {ways.map(({ id, title, words, here }) => (
        <View key={id} testID={`without-${id}`} style={{ gap: 2, paddingVertical: SPACE.xs }}>
          <Words as="bold" tone={here ? 'ink' : 'quiet'}>
            {here ? title : `${title} (not here)`}
          </Words>
          {words !== '' && <Words as="small">{words}</Words>}
        </View>
      ))}
    </Card>
  );
}

/** Cooling after the last bead, by family. */
export function RuleOfMetal({ open }: { open: OpenJob }) {
  const { wants } = open.assessment.situation;
  if (wants.families.length === 0 || wants.families.length > 4) return null;
  return (
    <Card>
      <Words as="head">Rule of the metal</Words>
      {wants.families.map((id) => {
        const rule = familyHeatRule(id);
        return (
          <View key={id} style={{ gap: 2 }}>
            <Words as="bold">{metalFamily(id).name}</Words>
            <Words as="small" metric>
              {rule.words}
            </Words>
            <Words as="small" metric>{`Afterwards: ${rule.cooling}`}</Words>
            <Words as="label" tone="quiet">
              {sourceWords(rule.source)}
            </Words>
          </View>
        );
      })}
    </Card>
  );
}
