import Svg, { Circle, Path, Rect } from 'react-native-svg';
import type { DamageId } from '@core/data/damage';
import { usePalette } from '@/ui/theme/theme';

const WIDE = 44;
const HIGH = 32;

/** What a kind of damage looks like, small: parts in grey, what is broken in ink. */
export function DamagePicture({ id }: { id: DamageId }) {
  const { line, ink, act } = usePalette();
  const part = (d: string) => <Path d={d} fill={line} stroke={ink} strokeWidth={1} />;
  const broken = (d: string) => (
    <Path d={d} fill="none" stroke={act} strokeWidth={2.5} strokeLinecap="round" />
  );
  const pictures: Record<DamageId, React.ReactNode> = {
    'new-part': (
      <>
        {part('M2 24 H42 V30 H2 Z')}
        <Path d="M18 4 H26 V22 H18 Z" fill="none" stroke={ink} strokeWidth={1.5} strokeDasharray="3 2" />
        {broken('M22 6 V18 M19 15 L22 19 L25 15')}
      </>
    ),
    'cracked-weld': (
      <>
        {part('M2 24 H42 V30 H2 Z')}
        {part('M18 2 H26 V24 H18 Z')}
        {part('M26 16 L34 24 H26 Z')}
        {broken('M25 14 L28 18 L27 21 L31 25')}
      </>
    ),
    'cracked-metal': (
      <>
        {part('M2 8 H42 V26 H2 Z')}
        {broken('M10 12 L16 17 L20 15 L27 20 L34 18')}
      </>
    ),
    snapped: (
      <>
        {part('M2 10 H18 L21 14 L17 18 L20 24 H2 Z')}
        {part('M42 10 H25 L28 14 L24 18 L27 24 H42 Z')}
      </>
    ),
    'thin-sheet': (
      <>
        {part('M2 4 H42 V28 H2 Z')}
        <Path d="M14 12 L20 9 L28 11 L31 17 L26 22 L17 21 L13 17 Z" fill={act} stroke={ink} strokeWidth={1} />
      </>
    ),
    'worn-face': (
      <>
        {part('M2 12 Q14 12 20 20 T42 14 V30 H2 Z')}
        <Path d="M2 12 H42" stroke={act} strokeWidth={2} strokeDasharray="4 3" />
      </>
    ),
    'worn-hole': (
      <>
        <Rect x={4} y={2} width={36} height={28} rx={8} fill={line} stroke={ink} strokeWidth={1} />
        <Path d="M16 16 a6 8 0 0 1 12 0 a6 8 0 0 1 -12 0" fill="none" stroke={act} strokeWidth={2.5} />
        <Circle cx={22} cy={18} r={5} fill={ink} />
      </>
    ),
    thread: (
      <>
        {part('M2 14 H42 V30 H2 Z')}
        <Rect x={18} y={16} width={8} height={14} fill={ink} />
        {broken('M17 15 L20 12 L23 15 L27 11')}
      </>
    ),
    'blown-hole': (
      <>
        {part('M2 8 H16 L20 24 H2 Z')}
        {part('M42 8 H28 L24 24 H42 Z')}
        <Path d="M16 8 H28 L24 24 H20 Z" fill={line} stroke={ink} strokeWidth={1} />
        <Circle cx={22} cy={23} r={5} fill={act} />
      </>
    ),
    bent: <>{broken('M4 26 H18 Q24 26 28 18 L38 4')}</>,
    'bad-weld': (
      <>
        {part('M2 24 H42 V30 H2 Z')}
        {part('M16 2 H24 V24 H16 Z')}
        <Path d="M24 12 Q38 12 34 24 H24 Z" fill={act} stroke={ink} strokeWidth={1} />
      </>
    ),
  };
  return (
    <Svg width={WIDE} height={HIGH} viewBox={`0 0 ${WIDE} ${HIGH}`}>
      {pictures[id]}
    </Svg>
  );
}
