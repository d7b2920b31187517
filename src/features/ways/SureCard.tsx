import Svg, { Rect } from 'react-native-svg';
import type { Sureness } from '@core/planner';
import { midSentence } from '@core/units/format';
import { Card } from '@/ui/Card';
import { usePalette } from '@/ui/theme/theme';
import { Words } from '@/ui/Words';

/** A tick for every draw, ten to a row: those that hold first. */
const PER_ROW = 20;
const TICK = { wide: 12, high: 14, gap: 4 };

/** How sure the plan is over all that is not known of it. */
export function SureCard({ sure }: { sure: Sureness }) {
  const palette = usePalette();
  const { holds, of, fails, mostly, over } = sure;
  const rows = Math.ceil(of / PER_ROW);
  const wide = PER_ROW * (TICK.wide + TICK.gap) - TICK.gap;
  const high = rows * (TICK.high + TICK.gap) - TICK.gap;
  return (
    <Card testID="sure">
      <Words as="head">{`Holds in ${holds} of ${of}`}</Words>
      <Svg
        width="100%"
        height={high}
        viewBox={`0 0 ${wide} ${high}`}
        preserveAspectRatio="xMinYMin meet"
        role="img"
        aria-label={`${holds} of ${of} draws hold`}
      >
        {Array.from({ length: of }, (_, n) => (
          <Rect
            key={n}
            x={(n % PER_ROW) * (TICK.wide + TICK.gap)}
            y={Math.floor(n / PER_ROW) * (TICK.high + TICK.gap)}
            width={TICK.wide}
            height={TICK.high}
            rx={2}
            fill={n < holds ? palette.state.roomy : palette.danger}
          />
        ))}
      </Svg>
      {fails.length > 0 && (
        <Words>
          {`Where it fails: ${fails.map(({ limit, times }) => `${midSentence(limit)} (${times})`).join(', ')}.${mostly === '' ? '' : ` Mostly with ${mostly}.`}`}
        </Words>
      )}
      <Words as="small" tone="quiet">
        {over.length === 0
          ? 'Nothing of it is left open to doubt.'
          : `Rod and amps kept; drawn anew each time: ${over.join(', ')}.`}
      </Words>
    </Card>
  );
}
