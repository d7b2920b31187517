import { View } from 'react-native';
import type { PullPlan } from '@core/order';
import { trimmed } from '@core/units/format';
import type { Range } from '@core/units/range';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** Less than this nobody sees or measures in the field, mm. */
export const SEEN_mm = 0.1;

export const span = ({ low, high }: Range): string =>
  high < SEEN_mm ? `under ${SEEN_mm} mm` : `${trimmed(low, 1)} to ${trimmed(high, 1)} mm`;

/** What a bigger leg costs: the lift of each, and how many times the weld metal. */
export function ByLeg({ pull, size }: { pull: PullPlan; size: (mm: number) => string }) {
  const palette = usePalette();
  const most = Math.max(...pull.byLeg.map(({ lift_mm }) => lift_mm.high));
  if (pull.byLeg.length < 2) return null;
  return (
    <View testID="by-leg" style={{ gap: SPACE.xs }}>
      <Words as="label" tone="quiet">
        A bigger leg pulls more and holds no more than the sides do
      </Words>
      {pull.byLeg.map(({ leg_mm, lift_mm, metal, what }) => (
        <View key={what} style={{ gap: 2 }}>
          <Words as="small" metric>
            {`${size(leg_mm)} leg, ${what}: ${span(lift_mm)}${metal > 1 ? `, ${trimmed(metal, 1)} times the weld metal` : ''}`}
          </Words>
          <View style={{ height: 8, backgroundColor: palette.sunk }}>
            <View
              style={{
                height: 8,
                width: `${(100 * lift_mm.nominal) / most}%`,
                backgroundColor: what === 'taken' ? palette.state.tight : palette.state.snug,
              }}
            />
          </View>
        </View>
      ))}
    </View>
  );
}
