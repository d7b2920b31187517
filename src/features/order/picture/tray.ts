import { hasEnds, type BlowPlan } from '@core/field';
import type { View } from './view';

/** Under the piece lies a tray of what can be put on it: a second clamp, tabs, the way of the lead, and a field that was there before. */

/** Height of the tray, px, and how far down the middle of what lies in it is. */
export const TRAY_px = 84;
const MIDDLE_px = 30;
/** Room for one thing in the tray, px. */
export const SLOT_px = 68;
/** Field before any arc at the end of its scale, G; where more was typed the scale goes so far. */
const SCALE_G = 100;
/** A field so small is none, as far as a thumb can tell, G. */
const NONE_G = 2;
/** The scale ends so far from the edge of the picture, px: half of what is taken hold of. */
const END_px = 26;

export interface Tray {
  /** Middle of what lies in it. */
  y: number;
  slots: readonly { what: 'clamp' | 'tabs' | 'lead'; x: number }[];
  /** Middle of the scale of the field, px for a gauss, and where it ends. */
  field: { x: number; scale: number; most_G: number };
}

/** What lies in the tray for a piece, and where. A clamp that stays where it is has no fellow. */
export function trayOf({ piece }: BlowPlan, view: View, clampFixed: boolean): Tray {
  const what = [
    ...(clampFixed ? [] : (['clamp'] as const)),
    ...(hasEnds(piece) ? (['tabs'] as const) : []),
    'lead' as const,
  ];
  const most_G = Math.max(SCALE_G, Math.abs(piece.residual.x));
  const left = what.length * SLOT_px;
  const half = Math.max(20, (view.width - left) / 2 - END_px);
  return {
    y: view.height + MIDDLE_px,
    slots: what.map((one, n) => ({ what: one, x: (n + 0.5) * SLOT_px })),
    field: { x: (left + view.width) / 2, scale: half / most_G, most_G },
  };
}

/** Where a field stands on its scale, px. */
export const fieldX = ({ field }: Tray, G: number): number =>
  field.x + field.scale * Math.max(-field.most_G, Math.min(field.most_G, G));

/** The field that a place on the scale stands for, whole G. */
export function fieldAt({ field }: Tray, px: number): number {
  const G = Math.round(Math.max(-field.most_G, Math.min(field.most_G, (px - field.x) / field.scale)));
  return Math.abs(G) < NONE_G ? 0 : G;
}
