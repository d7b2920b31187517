import type { Kit } from './kit';

/** A truck with nothing on it. */
export const EMPTY_KIT: Kit = { machines: [], supplies: [], tins: [], cords: [], leads: [], tools: [] };
