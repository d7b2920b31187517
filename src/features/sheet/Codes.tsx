import { useEffect, useState } from 'react';
import { View } from 'react-native';
import Svg, { Path, Rect } from 'react-native-svg';
import { codesOf } from '@core/formats/jobCode';
import { kitOfPlan } from '@core/plan';
import { writeJobFile } from '@core/formats/write';
import type { OpenJob } from '@/state/useJob';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** A code as squares: how many to a side, and the dark ones as one path. */
interface Drawn {
  size: number;
  dark: string;
}

/** So long nothing has changed before it is drawn. */
const QUIET_ms = 400;
/** White round a code, in squares, so that a camera finds its edges (ISO/IEC 18004: four). */
const QUIET = 4;

async function drawn(code: string): Promise<Drawn> {
  const { create } = await import('qrcode');
  const { modules } = create(code, { errorCorrectionLevel: 'L' });
  const { size, data } = modules;
  let dark = '';
  for (let y = 0; y < size; y++)
    for (let x = 0; x < size; x++) if (data[y * size + x]) dark += `M${x + QUIET} ${y + QUIET}h1v1h-1z`;
  return { size: size + 2 * QUIET, dark };
}

/** The whole job as codes on a page or a screen: another phone reads them with its camera, without a signal. */
export function Codes({ open, wide }: { open: OpenJob; wide: number | `${number}%` }) {
  const { job, assessment } = open;
  const { situation } = assessment;
  const [shown, setShown] = useState<readonly Drawn[]>([]);
  useEffect(() => {
    let gone = false;
    // Nothing that is pressed waits for it.
    const wait = setTimeout(() => {
      void Promise.all(codesOf(writeJobFile(job, kitOfPlan(situation))).map(drawn)).then((all) => {
        if (!gone) setShown(all);
      });
    }, QUIET_ms);
    return () => {
      gone = true;
      clearTimeout(wait);
    };
  }, [job, situation]);
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m }} testID="codes">
      {shown.map(({ size, dark }, n) => (
        <View key={dark.slice(0, 200)} style={{ width: wide, gap: SPACE.xs }}>
          <Svg
            width="100%"
            viewBox={`0 0 ${size} ${size}`}
            style={{ aspectRatio: 1 }}
            role="img"
            aria-label={`Code ${n + 1} of ${shown.length}: the job, for another phone's camera`}
          >
            <Rect width={size} height={size} fill="#fff" />
            <Path d={dark} fill="#000" />
          </Svg>
          {shown.length > 1 && <Words as="small">{`${n + 1} of ${shown.length}`}</Words>}
        </View>
      ))}
    </View>
  );
}
