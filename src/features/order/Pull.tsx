import { View } from 'react-native';
import { ANGULAR, BOW, TENDON, TRANSVERSE } from '@core/data/pull';
import { sourceWords } from '@core/units/sources';
import { presetOf, usualMove_mm } from '@core/order';
import { inWords, trimmed } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Card } from '@/ui/Card';
import { JobField } from '@/ui/JobField';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { ByLeg, SEEN_mm, span } from './ByLeg';
import { BowPicture, DrawnTogether, LiftPicture, WavesPicture } from './PullPictures';

/** How it pulls, drawn, against what it may; what helps; and what overwelding costs. */
export function Pull({ open }: { open: OpenJob }) {
  const { pull, joint, length_mm, heat } = open.assessment.situation;
  const say = inWords(open.system);
  const wide = pull.measured ? '' : `, taken to be ${say.size(pull.width_mm)} wide`;
  const nothing = !pull.transverse_mm && !pull.angular_mm && !pull.bow_mm && !pull.along_N;
  const preset = pull.angular_mm && presetOf(pull.angular_mm, pull.width_mm);
  const buckles = pull.along_N !== null && pull.buckles_N !== null && pull.along_N.high > pull.buckles_N.low;
  return (
    <Card testID="pull">
      {pull.transverse_mm && (
        <Told
          id="transverse"
          words={`Pulls in across by ${span(pull.transverse_mm)}.`}
          source={sourceWords(TRANSVERSE.spraragen.source)}
        >
          <DrawnTogether
            pull_mm={pull.transverse_mm.nominal}
            width_mm={Math.min(heat.piece.width_mm, AROUND_mm)}
          />
          <Words
            as="small"
            metric
          >{`Leave ${span(pull.transverse_mm)} more between the outer edges, or clamp both plates until it is cold.`}</Words>
        </Told>
      )}
      {pull.angular_mm && (
        <Told
          id="angular"
          words={`Lifts the flange’s edge by ${span(pull.angular_mm)}${wide}.`}
          source={sourceWords(ANGULAR.source)}
        >
          {joint.thick_mm !== null && (
            <LiftPicture
              lift_mm={pull.angular_mm.nominal}
              width_mm={pull.width_mm}
              flange_mm={joint.thick_mm}
            />
          )}
          {preset && (
            <Words as="small" testID="preset">
              {`Pre-set: bend each half the other way by ${trimmed(preset.low, 1)} to ${trimmed(preset.high, 1)}°, or clamp the flange to a strongback until it is cold.`}
            </Words>
          )}
          <ByLeg pull={pull} size={say.size} />
        </Told>
      )}
      {pull.bow_mm && (
        <Told
          id="bow"
          words={`Bows along its length by ${span(pull.bow_mm)}.`}
          source={sourceWords(BOW.source)}
        >
          {pull.bow_mm.high >= SEEN_mm && <BowPicture bow_mm={pull.bow_mm.nominal} length_mm={length_mm} />}
          <Words as="small">
            Balance it: as much weld on the other side of the middle, or clamp two back to back.
          </Words>
        </Told>
      )}
      {pull.along_N && (
        <Told
          id="along"
          words={`Pulls along itself with about ${trimmed(pull.along_N.nominal / 1000, 0)} kN${pull.buckles_N ? `; the sheet buckles at about ${trimmed(pull.buckles_N.nominal / 1000, 0)} kN${wide}` : ''}.`}
          source={sourceWords(TENDON.source)}
        >
          {buckles && (
            <>
              <WavesPicture />
              <Words as="small">
                Clamp it down on a copper bar close to the seam, stitch it, let each stitch go cold.
              </Words>
            </>
          )}
        </Told>
      )}
      {nothing && <Words tone="quiet">Nothing that these formulas tell.</Words>}
      <JobField
        open={open}
        path="order.tolerance_mm"
        title="It may move"
        proposed={`blank: ${say.size(usualMove_mm(pull.width_mm))} over ${say.size(pull.width_mm)}, as usual work is held`}
      />
      <Words as="small">
        Less weld, fewer passes and a tight fit pull least; from the middle out, and let it cool between.
      </Words>
    </Card>
  );
}

/** No more of a wide piece than this is drawn: a pull would not be seen, mm. */
const AROUND_mm = 300;

/** One pull: in words, with where they come from, and drawn. */
function Told({
  id,
  words,
  source,
  children,
}: {
  id: string;
  words: string;
  source: string;
  children: React.ReactNode;
}) {
  return (
    <View testID={`pull-${id}`} style={{ gap: SPACE.xs }}>
      <Words as="bold" metric>
        {words}
      </Words>
      <Words as="label" tone="quiet">
        {source}
      </Words>
      {children}
    </View>
  );
}
