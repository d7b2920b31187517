import type { JobEdit } from '../formats/paths';
import type { Situation } from './situation';

/** A change the welder can really make, before anybody knows what it does. */
export interface Change {
  id: string;
  title: string;
  /** What it costs or asks of the welder. */
  cost: string;
  edits: readonly JobEdit[];
  /** It has to be fetched or bought first. */
  away?: true;
}

/** A change that makes sense only where something is so. */
export const when = (isSo: boolean, change: Change): Change[] => (isSo ? [change] : []);

/** Proposes changes for a situation. */
export type ChangeMaker = (situation: Situation) => Change[];
