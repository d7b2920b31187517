import type { ArcProcess } from '@core/data/processIds';
import type { RodClassId } from '@core/data/rods';
import type { RodSizeId } from '@core/data/rodSizes';
import { BLANK_POINT } from '@core/formats/blankKit';
import type { Kit, Tin } from '@core/formats/kit';

/** A tin of rods. */
export const tin = (
  id: string,
  rodClass: RodClassId,
  size: RodSizeId,
  count: number,
  packet: [number, number] | null,
  note = '',
  more: Partial<Tin> = {},
): Tin => ({
  id,
  rodClass,
  size,
  printed: '',
  events: [],
  count,
  low_A: packet?.[0] ?? null,
  high_A: packet?.[1] ?? null,
  length_mm: null,
  note,
  typed: {},
  ...more,
});

/** A rated point of a plate. */
export const point = (current_A: number, duty_pct: number, process: ArcProcess = 'stick') => ({
  ...BLANK_POINT,
  process,
  current_A,
  duty_pct,
});

/** A bead on scrap with the old transformer, on 6 mm plate lying flat, where the chart says 110 A. */
export const bead = (
  id: string,
  at: string,
  set_A: number,
  ran: Kit['trials'][number]['ran'],
): Kit['trials'][number] => ({
  id,
  at,
  machineId: 'transformer-180',
  tinId: '6013-18',
  process: 'stick',
  rodClass: 'E6013',
  size: '1/8',
  thickness_mm: 6,
  position: 'flat',
  set_A,
  chart_A: 110,
  read_A: null,
  ran,
  leftOut: false,
  note: '',
  typed: {},
});

/** Bare rods for TIG. */
export const bareRods = (
  id: string,
  cls: Kit['fillers'][number]['cls'],
  size: Kit['fillers'][number]['size'],
  left_kg: number,
): Kit['fillers'][number] => ({ id, cls, as: 'rods', size, printed: '', left_kg, note: '', typed: {} });
