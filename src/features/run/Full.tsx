import { View } from 'react-native';
import Svg, { Path, Line } from 'react-native-svg';
import type { Full as HowFull } from '@core/formats/run';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Pick } from '@/ui/Pick';
import { usePalette } from '@/ui/theme/theme';
import { Words } from '@/ui/Words';
import type { OpenRun } from './useRun';

const CHOICES: readonly { id: HowFull; name: string; part: number }[] = [
  { id: 'planned', name: 'As planned', part: 0.6 },
  { id: 'less', name: 'Less', part: 0.4 },
  { id: 'more', name: 'More', part: 0.8 },
  { id: 'full', name: 'Full already', part: 1 },
];

/** How full is the joint, by sight? What is to go follows from it. */
export function Full({ run, pass, onDone }: { run: OpenRun; pass: number; onDone: () => void }) {
  const last = pass === run.state.count.passes.length;
  return (
    <Card testID="full">
      <Words as="head">{`Pass ${pass} is laid. How full is the joint?`}</Words>
      <Pick
        label="By sight, against the dashed line of the plan"
        testID="full"
        tiles
        options={CHOICES.filter(({ id }) => !last || id !== 'full').map(({ id, name, part }) => ({
          id,
          name: last && id === 'planned' ? 'Full' : name,
          picture: <Filled part={last && id === 'planned' ? 1 : part} planned={last ? 1 : 0.6} />,
        }))}
        value={null}
        onPick={(full: HowFull | null) => {
          if (full === null) return;
          run.tell({ kind: 'pass-done', pass, full }, `Pass ${pass} is laid`);
          onDone();
        }}
      />
      <Act title="Not yet: go on with it" testID="full-not" onPress={onDone} />
    </Card>
  );
}

const WIDE = 84;
const HIGH = 52;

/** A groove filled so far, and how far it was to be. */
function Filled({ part, planned }: { part: number; planned: number }) {
  const palette = usePalette();
  const [left, right, floor, top] = [10, WIDE - 10, HIGH - 6, 10];
  const half = (right - left) / 2;
  const at = (share: number) => floor - (floor - top) * share;
  const spread = (share: number) => 6 + (half - 6) * share;
  const middle = WIDE / 2;
  return (
    <View aria-hidden>
      <Svg width={WIDE} height={HIGH}>
        <Path
          d={`M 0 ${top} L ${left} ${top} L ${middle - 6} ${floor} L ${middle + 6} ${floor} L ${right} ${top} L ${WIDE} ${top} L ${WIDE} ${HIGH} L 0 ${HIGH} Z`}
          fill={palette.steel}
        />
        <Path
          d={`M ${middle - 6} ${floor} L ${middle + 6} ${floor} L ${middle + spread(part)} ${at(part)} L ${middle - spread(part)} ${at(part)} Z`}
          fill={palette.act}
        />
        <Line
          x1={middle - spread(planned)}
          x2={middle + spread(planned)}
          y1={at(planned)}
          y2={at(planned)}
          stroke={palette.ink}
          strokeWidth={2}
          strokeDasharray="4 3"
        />
      </Svg>
    </View>
  );
}
