import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Path, Rect, Text as SvgText } from 'react-native-svg';
import { sectionOf } from '@core/joint/section';
import { inWords } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { usePalette } from '@/ui/theme/theme';
import { FONTS } from '@/ui/theme/tokens';

const HEIGHT = 150;
const MARGIN = 26;
const LABEL_ROOM = 20;

/** The joint cut across, to scale: both parts, the gap and the weld it asks for. */
export function JointSection({ open }: { open: OpenJob }) {
  const palette = usePalette();
  const [width, setWidth] = useState(320);
  const { joint } = open.assessment.situation;
  const section = sectionOf(open.job.joint, joint);
  if (!section) return null;
  const { bounds } = section;
  const scale = Math.min((width - 2 * MARGIN) / bounds.width, (HEIGHT - 2 * MARGIN) / bounds.height);
  const x = (mm: number) => (width - bounds.width * scale) / 2 + (mm - bounds.left) * scale;
  const y = (mm: number) => (HEIGHT - bounds.height * scale) / 2 + (mm - bounds.top) * scale;
  const path = (points: readonly (readonly [number, number])[]) =>
    `M ${points.map(([px, py]) => `${x(px)} ${y(py)}`).join(' L ')} Z`;
  const say = inWords(open.system).size;
  const ys = (part: (typeof section.parts)[number]) => part.outline.map(([, py]) => y(py));
  /** Inside a part that is tall enough; else just above the upper one and below the lower one. */
  const labelY = (part: (typeof section.parts)[number]) => {
    const [top, bottom] = [Math.min(...ys(part)), Math.max(...ys(part))];
    if (bottom - top >= LABEL_ROOM) return y(part.at[1]) + 5;
    return part.label === 'A' ? top - 6 : bottom + 18;
  };
  return (
    <View
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      role="img"
      aria-label={`Section to scale: ${section.parts.map((part) => `${part.label} ${say(part.thickness_mm)}`).join(', ')}`}
    >
      <Svg width={width} height={HEIGHT}>
        <Rect x={0} y={0} width={width} height={HEIGHT} fill={palette.surface} />
        {section.parts.map((part) => (
          <Path
            key={part.label}
            d={path(part.outline)}
            fill={palette.line}
            stroke={palette.ink}
            strokeWidth={1.5}
          />
        ))}
        {section.weld.length > 0 && (
          <Path d={path(section.weld)} fill={palette.state.tight} stroke={palette.ink} strokeWidth={1} />
        )}
        {section.parts.map((part) => (
          <SvgText
            key={part.label}
            x={x(part.at[0])}
            y={labelY(part)}
            fill={palette.ink}
            fontSize={15}
            fontFamily={FONTS.text}
            textAnchor="middle"
          >
            {`${part.label} ${say(part.thickness_mm)}`}
          </SvgText>
        ))}
      </Svg>
    </View>
  );
}
