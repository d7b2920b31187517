import { View } from 'react-native';
import type { BlowJudged } from '@core/field/sweep';
import { inWords } from '@core/units/format';
import type { UnitSystem } from '@core/units/kinds';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

const LETTERS = { back: 'B', side: 'S', forward: 'F' } as const;

/** The seam as the arc finds it: where it stays, and where it is blown back, sideways or forward. */
export function CleanStrip({
  judged,
  frame,
  system,
}: {
  judged: BlowJudged;
  frame: boolean;
  system: UnitSystem;
}) {
  const palette = usePalette();
  const say = inWords(system).size;
  const over = judged.places.filter(({ blown }) => blown.share > 1);
  return (
    <View style={{ gap: SPACE.xs }} testID="clean-strip">
      <View style={{ flexDirection: 'row', height: 26 }}>
        {judged.places.map(({ along_mm, blown }) => (
          <View
            key={along_mm}
            style={{
              flex: 1,
              height: 26,
              alignItems: 'center',
              justifyContent: 'center',
              backgroundColor:
                blown.share > 1
                  ? palette.state.none
                  : blown.share > 0.7
                    ? palette.state.tight
                    : palette.state.roomy,
            }}
          >
            {blown.share > 1 && (
              <Words as="label" color={palette.onState}>
                {LETTERS[blown.kind]}
              </Words>
            )}
          </View>
        ))}
      </View>
      <Words as="small" testID="clean-says">
        {over.length === 0
          ? 'The arc stays on all of it.'
          : frame
            ? 'Corner after corner, each from its inside out: where a letter stands the arc is lost. B back, S sideways, F forward.'
            : `The arc stays on ${say(Math.round(judged.clean_mm))}, ${say(Math.round(judged.cleanRun_mm))} of it in one go; it is lost from ${say(Math.round(over[0]?.along_mm ?? 0))} to ${say(Math.round(over[over.length - 1]?.along_mm ?? 0))}, counted from the left of the weld. B back, S sideways, F forward.`}
      </Words>
    </View>
  );
}
