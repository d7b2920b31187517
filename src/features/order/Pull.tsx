import { View } from 'react-native';
import { ANGULAR, BOW, TENDON, TRANSVERSE } from '@core/data/pull';
import { sourceWords } from '@core/data/sources';
import { trimmed } from '@core/units/format';
import type { Range } from '@core/units/range';
import type { OpenJob } from '@/state/useJob';
import { Card } from '@/ui/Card';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { JobField } from '@/ui/JobField';
import { LiftPicture } from './LiftPicture';

const span = ({ low, high }: Range): string => `${trimmed(low, 1)} to ${trimmed(high, 1)} mm`;

/** How it pulls, against what it may, and what overwelding costs. */
export function Pull({ open }: { open: OpenJob }) {
  const { pull, job, joint } = open.assessment.situation;
  const asksWidth = job.heat.pieceWidth_mm === null && (joint.kind === 't-fillet' || pull.along_N !== null);
  const rows: { id: string; words: string; source: string }[] = [
    ...(pull.transverse_mm
      ? [
          {
            id: 'transverse',
            words: `Pulls in across by ${span(pull.transverse_mm)}.`,
            source: sourceWords(TRANSVERSE.spraragen.source),
          },
        ]
      : []),
    ...(pull.angular_mm
      ? [
          {
            id: 'angular',
            words: `Lifts the flange’s edge by ${span(pull.angular_mm)}${pull.angularByRule_mm && pull.angularByRule_mm.nominal < 0.9 * pull.angular_mm.nominal ? `; with a leg no bigger than it needs, ${span(pull.angularByRule_mm)}` : ''}.`,
            source: sourceWords(ANGULAR.source),
          },
        ]
      : []),
    ...(pull.bow_mm
      ? [
          {
            id: 'bow',
            words: `Bows along its length by ${span(pull.bow_mm)}.`,
            source: sourceWords(BOW.source),
          },
        ]
      : []),
    ...(pull.along_N
      ? [
          {
            id: 'along',
            words: `Pulls along itself with about ${trimmed(pull.along_N.nominal / 1000, 0)} kN${pull.buckles_N ? `; the sheet buckles at about ${trimmed(pull.buckles_N.nominal / 1000, 0)} kN` : ''}.`,
            source: sourceWords(TENDON.source),
          },
        ]
      : []),
  ];
  return (
    <Card testID="pull">
      <Words as="head">How it pulls</Words>
      {rows.map(({ id, words, source }) => (
        <View key={id} testID={`pull-${id}`} style={{ gap: 2 }}>
          <Words>{words}</Words>
          <Words as="label" tone="quiet">
            {source}
          </Words>
        </View>
      ))}
      {pull.angular_mm && job.heat.pieceWidth_mm !== null && joint.thick_mm !== null && (
        <LiftPicture
          lift_mm={pull.angular_mm.nominal}
          width_mm={job.heat.pieceWidth_mm}
          flange_mm={joint.thick_mm}
        />
      )}
      {rows.length === 0 && (
        <Words tone="quiet">
          {asksWidth
            ? 'Type how wide the piece is, at Heat: then it can be told.'
            : 'Nothing that these formulas tell.'}
        </Words>
      )}
      <JobField open={open} path="order.tolerance_mm" title="It may move" proposed="blank: nobody minds" />
      <View style={{ gap: SPACE.xs }}>
        <Words as="small">
          Less weld, fewer passes and a tight fit pull least; balance about the middle, clamp until cold, or
          set it the other way by as much.
        </Words>
      </View>
    </Card>
  );
}
