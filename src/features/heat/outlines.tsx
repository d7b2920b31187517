import type { ReactNode } from 'react';
import { Path } from 'react-native-svg';
import type { PlateFrame } from '@core/heat';
import type { FieldRun } from '@core/order';

/** Shades from hand-warm to molten: steel going through its own colours, darker outline for every step. */
const SHADES = [
  '#E3DCC8',
  '#E0C68F',
  '#D9A45B',
  '#CC7A3C',
  '#B4502E',
  '#8E2F2A',
  '#5E1F2B',
  '#2E1420',
  '#140A12',
];

export const shade = (n: number): string => SHADES[Math.min(n, SHADES.length - 1)] ?? '#000000';

/** What is over each temperature, in cells of the grid. */
export const outlinesOf = ({ run, frame }: { run: FieldRun; frame: PlateFrame }): ReactNode =>
  run.levels_C.map((C, n) => {
    const outline = frame.outlines[n] ?? '';
    return outline === '' ? null : <Path key={C} d={outline} fill={shade(n)} fillRule="evenodd" />;
  });

/** The arc that ends at this moment. */
export const ARC = { stroke: '#FFFFFF', strokeWidth: 3 } as const;
