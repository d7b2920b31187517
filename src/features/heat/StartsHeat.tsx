import { useState } from 'react';
import { View } from 'react-native';
import { INTERPASS_AT_mm } from '@core/data/heatLimits';
import type { StartHeat } from '@core/heat';
import type { FieldLabel } from '@core/order';
import { counted, inWords } from '@core/units/format';
import type { UnitSystem } from '@core/units/kinds';
import { Act } from '@/ui/Act';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** So many starts are told before one asks for all. */
const FIRST = 6;

interface Props {
  starts: readonly StartHeat[];
  /** What each of them begins. */
  labels: readonly FieldLabel[];
  frame: boolean;
  ceiling_C: number | null;
  system: UnitSystem;
}

/** Metal where each arc is struck: what it has just before, and the hottest it gets from then on. */
export function StartsHeat({ starts, labels, frame, ceiling_C, system }: Props) {
  const palette = usePalette();
  const [all, setAll] = useState(false);
  const say = inWords(system).temperature;
  const shown = all ? starts : starts.slice(0, FIRST);
  const over = (C: number) => ceiling_C !== null && C > ceiling_C;
  return (
    <View style={{ gap: SPACE.xs }} testID="starts-heat">
      <View style={{ flexDirection: 'row' }}>
        <Words as="label" tone="quiet" style={{ flex: 1 }}>
          {`${inWords(system).size(INTERPASS_AT_mm.value)} beside every start`}
        </Words>
        <Words as="label" tone="quiet" style={NUMBER}>
          begins at
        </Words>
        <Words as="label" tone="quiet" style={NUMBER}>
          gets to
        </Words>
      </View>
      {shown.map(({ before_C, peak_C }, n) => {
        const label = labels[n];
        return (
          <View
            key={n}
            style={{ flexDirection: 'row', borderTopWidth: 1, borderColor: palette.line, paddingVertical: 3 }}
          >
            <Words as="small" style={{ flex: 1 }}>
              {label ? `Pass ${label.pass}, ${nameOfArc(label, frame)}` : ''}
            </Words>
            <Words as="small" tone={over(before_C) ? 'danger' : 'ink'} style={NUMBER}>
              {say(before_C)}
            </Words>
            <Words as="small" style={NUMBER}>
              {say(peak_C)}
            </Words>
          </View>
        );
      })}
      {starts.length > FIRST && (
        <Act
          title={all ? 'Fewer' : `All ${counted(starts.length, 'start')}`}
          testID="starts-all"
          onPress={() => setAll(!all)}
        />
      )}
      {ceiling_C !== null && starts.some(({ before_C }) => over(before_C)) && (
        <Words as="small" tone="danger">
          {`Over ${say(ceiling_C)}, which it may have at the most: wait by thermometer.`}
        </Words>
      )}
    </View>
  );
}

const NUMBER = { width: 78, textAlign: 'right' } as const;

/** What an arc lays: a rod as it comes, a run of a planned order, or a corner of a frame. */
export function nameOfArc({ rod, segment }: FieldLabel, frame: boolean): string {
  if (segment === 0) return `rod ${rod}`;
  return frame ? `corner ${segment}` : `run ${rod} on segment ${segment}`;
}
