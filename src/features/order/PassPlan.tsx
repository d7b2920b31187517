import { View } from 'react-native';
import type { BlowPlan } from '@core/field';
import { trimmed } from '@core/units/format';
import { Card } from '@/ui/Card';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { pieceTraits } from '@core/data/pieces';

/** Most passes that are listed one by one. */
const LISTED = 8;

/** Which way every pass is welded, and how near its worst place comes to what the arc stands: the trouble fades as a groove fills. */
export function PassPlan({ blow }: { blow: BlowPlan }) {
  const palette = usePalette();
  if (blow.passes.length < 2) return null;
  const frame = pieceTraits(blow.piece.kind).cornered;
  const way = (travel: 1 | -1) =>
    frame ? (travel === 1 ? 'out' : 'in') : travel === 1 ? 'to the right' : 'to the left';
  return (
    <Card testID="pass-plan">
      <Words as="head">Pass by pass</Words>
      {blow.passes.slice(0, LISTED).map(({ role, travel, gathers, field_G, limit_G }, n) => {
        const share = field_G / limit_G;
        const colour =
          share > 1 ? palette.state.none : share > 0.7 ? palette.state.tight : palette.state.roomy;
        return (
          <View key={n} testID={`pass-${n + 1}`} style={{ gap: 2 }}>
            <View style={{ flexDirection: 'row', gap: SPACE.s }}>
              <Words as="small" style={{ flex: 1 }}>
                {`${n + 1} ${role}, ${way(travel)}${gathers > 1 ? `, × ${trimmed(gathers, 1)}` : ''}`}
              </Words>
              <Words as="bold">{`${trimmed(field_G, 1)} of ${trimmed(limit_G, 0)} G`}</Words>
            </View>
            <View style={{ height: 6, backgroundColor: palette.sunk }}>
              <View style={{ height: 6, width: `${Math.min(100, 100 * share)}%`, backgroundColor: colour }} />
            </View>
          </View>
        );
      })}
      <Words as="label" tone="quiet">
        Field at the worst place of what the arc stands. ×: how much the joint gathers it there; a groove less
        as it fills.
      </Words>
      {blow.passes.length > LISTED && (
        <Words as="small" tone="quiet">{`and ${blow.passes.length - LISTED} more, no worse`}</Words>
      )}
    </Card>
  );
}
