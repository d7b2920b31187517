import type { RoomState } from '@core/judge';

/** Every colour of one theme. Text pairs hold 4.5:1 or better. */
export interface Palette {
  ground: string;
  surface: string;
  sunk: string;
  ink: string;
  ink2: string;
  line: string;
  /** The steel of jaws and bars, and what is written on it. */
  steel: string;
  onSteel: string;
  bar: string;
  onBar: string;
  /** Marking blue: what can be pressed. */
  act: string;
  onAct: string;
  danger: string;
  state: Record<RoomState, string>;
  onState: string;
}

export const PALETTES: Record<'daylight' | 'dark', Palette> = {
  daylight: {
    ground: '#E9ECE8',
    surface: '#FFFFFF',
    sunk: '#F3F5F2',
    ink: '#12171A',
    ink2: '#4A5357',
    line: '#BCC4C0',
    steel: '#39444A',
    onSteel: '#E4E9E6',
    bar: '#12171A',
    onBar: '#FFFFFF',
    act: '#1D2F8A',
    onAct: '#FFFFFF',
    danger: '#9E1B14',
    state: { roomy: '#1F5A8C', snug: '#1F655E', tight: '#8F4B00', none: '#9E1B14', unknown: '#50595D' },
    onState: '#FFFFFF',
  },
  dark: {
    ground: '#14191C',
    surface: '#1F262A',
    sunk: '#191F22',
    ink: '#EEF2EF',
    ink2: '#B4BEBA',
    line: '#45515A',
    steel: '#5B6A72',
    onSteel: '#FFFFFF',
    bar: '#0A0D0F',
    onBar: '#EEF2EF',
    act: '#A9B8FF',
    onAct: '#0E1640',
    danger: '#FF9A8F',
    state: { roomy: '#8CC4F0', snug: '#7FD0C3', tight: '#FFB765', none: '#FF9A8F', unknown: '#B4BEBA' },
    onState: '#10161A',
  },
};

export const SPACE = { xs: 4, s: 8, m: 12, l: 16, xl: 24 } as const;
/** Smallest side of anything pressed, px. */
export const TARGET = 52;
export const CORNER = 4;
export const STROKE = 1.5;
export const WIDE_FROM = 1000;

export const FONTS = {
  text: 'AtkinsonHyperlegible_400Regular',
  textBold: 'AtkinsonHyperlegible_700Bold',
  display: 'BarlowCondensed_600SemiBold',
} as const;
