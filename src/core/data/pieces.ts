import type { PieceKind } from './orderIds';

/** What a piece is, as the current and the welder's path find it: a row each, and nobody asks for a piece by its name. */
interface PieceTraits {
  /** A frame of tube, welded corner by corner: the current has two ways round, and a weld no ends. */
  cornered: boolean;
  /** Rolled into a pipe: along the seam neither plate nor weld has an end. */
  rolled: boolean;
  /** Two plates that touch at their tacks: edge to edge, or one upright on the other; null where it is one. */
  joins: 'edges' | 'upright' | null;
}

const PLAIN: PieceTraits = { cornered: false, rolled: false, joins: null };

const TRAITS: Readonly<Record<PieceKind, PieceTraits>> = {
  plate: PLAIN,
  'two-plates': { ...PLAIN, joins: 'edges' },
  tee: { ...PLAIN, joins: 'upright' },
  ring: { ...PLAIN, rolled: true },
  frame: { ...PLAIN, cornered: true },
};

/** What a piece is. */
export const pieceTraits = (kind: PieceKind): PieceTraits => TRAITS[kind];
